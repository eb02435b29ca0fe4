import { describe, expect, it } from 'vitest';
import { DEMO_FORMULAS } from '../../demo/data/formulas';
import { EXCLUSION_IDS, type ExclusionId } from '../exclusions';
import { idOf, lookupReference } from '../ingredients';
import type { Step } from '../method';
import { checkMethod, readFormula } from '../reading';
import { WHOLE } from '../testing/build';
import { adapt } from './adapt';
import { takesOf } from './takes';

/** Words that name what is out, in any form; what a plant is called by is another thing, and "cream" is a verb too. */
const NAMES: Partial<Record<ExclusionId, RegExp>> = {
  egg: /(?<!(?:flax|chia|of|vegan) )\b(?:eggs?|yolks?|egg[- ]whites?)\b(?![- ]?(?:free|plant|replacer))/i,
  dairy:
    /(?<!(?:vegan|plant|coconut|oat|soya?|almond|nut|seed|cocoa|peanut|body|rice|hemp) )\b(?:butter(?:ed|milk)?|milk|cream(?! (?:the|with|of|together|butter|plant|firm))|yogh?urt|cheese)\b/i,
  nuts: /\b(?:almonds?|hazelnuts?|walnuts?|pecans?|cashews?|pistachios?|nuts?)\b/i,
  oil: /\b(?:oil(?:ed)?|greased?)\b/i,
};
const SETS: ExclusionId[][] = (() => {
  const four: ExclusionId[] = ['egg', 'dairy', 'nuts', 'oil'];
  const all = Array.from({ length: 15 }, (_x, i) => four.filter((_f, k) => ((i + 1) >> k) & 1));
  return WHOLE ? all : all.filter((s) => s.length === 1 || s.length === 4);
})();

/** What is left of a step's own words when what leaves is cut out of them. */
function kept(step: Step): string {
  let text = step.text;
  for (const { from, to } of [...(step.swaps ?? [])].sort((a, b) => b.from - a.from))
    text = `${text.slice(0, from)}…${text.slice(to)}`;
  return text;
}

/** Things that leave side by side, of which one takes along what joins it to the other. */
const SIDE_BY_SIDE = {
  title: 'Harbour buns',
  text: '240 g milk\n7 g instant yeast\n2 large eggs plus 1 yolk\n85 g butter\n360 g gf bread flour\n19 g psyllium husk powder\n60 g walnuts\n20 g sunflower oil',
  method:
    'Mix yeast into the milk. Add flour and psyllium. Pour in eggs, yolk and butter. Beat in oil and eggs. Fold in walnuts. Bake 30 min at 180 C.',
};

describe('the adapted method, checked like a product', () => {
  it('the four can be left out', () => {
    for (const id of Object.keys(NAMES)) expect(EXCLUSION_IDS).toContain(id);
  });
  it.each([SIDE_BY_SIDE, ...DEMO_FORMULAS].map((d) => [d.title, d] as const))(
    '%s names nothing that is out',
    (_title, demo) => {
      const source = readFormula(demo).formula;
      for (const exclude of SETS) {
        const { solutions } = adapt({ formula: source, exclude }, { lookup: lookupReference });
        for (const best of demo === SIDE_BY_SIDE ? solutions : solutions.slice(0, 1)) {
          const stays = new Set(best.formula.parts.flatMap((p) => p.lines.map((l) => l.id)));
          for (const step of best.formula.method) {
            if (step.struck || step.added) continue;
            const text = kept(step);
            for (const e of exclude)
              expect(NAMES[e]!.exec(text)?.[0] ?? '', `${exclude.join()}: ${text}`).toBe('');
            // What stays is still linked to a line that is there.
            for (const a of step.actions ?? [])
              for (const u of a.uses ?? [])
                expect(
                  stays.has(u.lineId) || best.moves.some((m) => m.lineId === u.lineId && m.op === 'drop'),
                ).toBe(true);
          }
        }
      }
    },
  );
  it.each(DEMO_FORMULAS.map((d) => [d.title, d] as const))(
    '%s: no two steps say what cannot both be, and each weighed line is in a step',
    (_title, demo) => {
      const source = readFormula(demo).formula;
      const heats = (steps: readonly Step[]) =>
        steps.flatMap((s) =>
          s.struck
            ? []
            : (s.actions ?? []).flatMap((a) =>
                a.tempOf === 'oven' && !a.ours?.includes('tempC') ? [a.tempC!] : [],
              ),
        );
      const before = checkMethod(source, lookupReference).flatMap((c) => ('lineId' in c ? [c.lineId] : []));
      for (const exclude of SETS) {
        const [best] = adapt({ formula: source, exclude }, { lookup: lookupReference }).solutions;
        if (!best) continue;
        const { method } = best.formula;
        const named = exclude.join();
        // The oven is one, and the heats a swap leaves alone are those that were written, in their order.
        expect(heats(method), named).toEqual(heats(source.method));
        // A step that is brought in is brought in once, and none of them is for a thing that is not there.
        const added = method.flatMap((s) => (s.added && !s.struck ? [JSON.stringify(s.added)] : []));
        expect(new Set(added).size, named).toBe(added.length);
        // Said to be lined and to be greased no tin is, nor left off a lid that it never had.
        const words = method.filter((s) => !s.struck && !s.added).map(kept);
        if (method.some((s) => s.swaps?.some((w) => JSON.stringify(w.msg).includes('lined'))))
          for (const text of words) expect(text, named).not.toMatch(/\bgreased?\b/i);
        // What is weighed is used: by a step as written, one that came, or words in the place of words.
        const told = takesOf(source, best.formula, lookupReference);
        const used = new Set([...told.values()].flat().map((t) => t.lineId));
        const made = new Set(method.flatMap((s) => (s.added ? Object.values(s.added.args) : [])));
        for (const l of best.formula.parts.flatMap((p) => p.lines))
          if (!l.role && (l.amount.massG?.value ?? 0) > 0.05 && !before.includes(l.id))
            expect(used.has(l.id) || made.has(idOf(l.item)!), `${named}: ${l.id}`).toBe(true);
      }
    },
  );
  it('no step tells an amount of nothing', () => {
    for (const demo of DEMO_FORMULAS) {
      const [best] = adapt(
        { formula: readFormula(demo).formula, exclude: ['egg', 'dairy'] },
        { lookup: lookupReference },
      ).solutions;
      for (const m of best?.formula.method.flatMap((s) => [...(s.added ? [s.added] : []), ...s.notes]) ?? [])
        for (const [key, value] of Object.entries(m.args))
          if (/^g\d$/.test(key)) expect(value, `${demo.title} ${m.code}`).toBeGreaterThan(0.04);
    }
  });

  it('no step greases a tin that another says is lined', () => {
    const source = readFormula({
      text: '200 g white rice flour\n2 eggs\n100 g sugar\n90 g butter\nbutter for the tin',
      method: 'Heat the oven to 180 °C and grease a 20 cm tin. Whisk everything. Pour into the greased tin.',
      title: 'Quay cake',
    }).formula;
    const [best] = adapt({ formula: source, exclude: ['dairy'] }, { lookup: lookupReference }).solutions;
    for (const s of best!.formula.method) expect(kept(s)).not.toMatch(/\bgreased?\b/);
  });
});
