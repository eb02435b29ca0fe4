import { lookupReference } from '../ingredients';
import { mainPart, massOf, wetWaterG } from '../formula';
import { readFormula } from '../reading';
import { adapt, type Solution } from '../rebalance';
import { EXPERTS, FRESH, type Expert } from './data/experts';

/** What speaks against an answer: ways that are not right, ways that would embarrass, grams and water out of range. */
export type Against = { wrong: string[]; embarrassing: string[] };

export function judge(expert: Expert, solution: Solution): Against {
  const wrong: string[] = [];
  const embarrassing: string[] = [];
  for (const [id, kit] of Object.entries(solution.kits)) {
    const [, group, where] = id.split(':');
    const want = expert.want[where === 'dough' ? group! : `${group}@${where}`];
    if (want?.never?.includes(kit)) embarrassing.push(`${group}: ${kit}`);
    if (want && !want.right.includes(kit)) wrong.push(`${group}: ${kit}`);
  }
  const lines = solution.formula.parts.flatMap((p) => p.lines);
  for (const [item, [lo, hi]] of Object.entries(expert.grams ?? {})) {
    const g = lines.reduce((s, l) => s + (lookupReference(l.item)?.id === item ? massOf(l) : 0), 0);
    if (g < lo - 0.05 || g > hi + 0.05) (hi === 0 ? embarrassing : wrong).push(`${item}: ${g.toFixed(1)} g`);
  }
  const main = mainPart(solution.formula.parts);
  if (expert.waterG && main) {
    const water = wetWaterG(main, lookupReference);
    const [lo, hi] = expert.waterG;
    if (water < lo || water > hi) wrong.push(`water ${water.toFixed(0)} g`);
  }
  return { wrong: [...wrong, ...embarrassing], embarrassing };
}

export type ExpertMeasure = {
  of: number;
  /** First answers that are right throughout, that would embarrass, and formulas with a right one among the first three. */
  first: number;
  embarrassing: number;
  amongThree: number;
  notes: string[];
};

/** The engine held against the experts: every second formula is set aside, and there are some it was not tuned on. */
export function measureExperts(which: 'tuned' | 'aside' | 'fresh'): ExpertMeasure {
  const out: ExpertMeasure = { of: 0, first: 0, embarrassing: 0, amongThree: 0, notes: [] };
  const list = which === 'fresh' ? FRESH : EXPERTS.filter((_, i) => (i % 2 === 1) === (which === 'aside'));
  list.forEach((expert) => {
    out.of += 1;
    const { formula } = readFormula({ title: expert.title, text: expert.text, method: expert.method });
    const { solutions, cannot } = adapt(
      { formula, exclude: expert.exclude, options: false },
      { lookup: lookupReference },
    );
    const against = solutions.map((s) => judge(expert, s));
    if (against[0]?.wrong.length === 0) out.first += 1;
    else
      out.notes.push(
        `${expert.title} [${formula.parts.map((p) => p.classId).join(' ')}]: ${against[0]?.wrong.join(', ') ?? `no answer (${cannot.map((c) => c.need.code).join(' ')})`}`,
      );
    if (against[0] && against[0].embarrassing.length > 0) out.embarrassing += 1;
    if (against.slice(0, 3).some((a) => a.wrong.length === 0)) out.amongThree += 1;
  });
  return out;
}
