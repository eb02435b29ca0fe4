import { isBeside, type Part } from '../formula';
import type { Action, ActionKind, ActionShare } from '../method';
import { sideOf, type State } from './act-kinds';
import { mentionsIn, type Lines } from './mentions';
import { groupIn, KEPT_BACK } from './groups';

const LIQUID: readonly string[] = [
  'water',
  'milk',
  'plant_drink',
  'nut_drink',
  'egg',
  'egg_yolk',
  'egg_white',
  'acid',
];
const FIRM: readonly string[] = ['butter', 'fat_firm'];
const AS_A_SHEET = /\b(?:sheet|slab|square|block|lock|enclose|between papers|thirds of the dough)\b/i;
/** Two things, and no two sides or tins. */
const BOTH =
  /\bboth\b(?! (?:\w+ )?(?:sides?|trays?|sheets?|racks?|shelves|ends?|hands|tins?|pans?|hal(?:f|ves)|layers?|times|ways)\b)/i;
/** What is known of an act when the lines it takes are looked for. */
export type Asked = {
  /** Its words, without the verb. */
  t: string;
  kind: ActionKind;
  partId: string | undefined;
  /** The part it names. */
  named: Part | undefined;
  /** How many lines its words name. */
  direct: number;
};

/** The lines that an act takes, and how much of each; what it takes is taken off what is left of them. */
export function usesOf(
  lines: Lines,
  s: State,
  { t, kind, partId, named, direct }: Asked,
): NonNullable<Action['uses']> {
  if (['bake', 'blind_bake', 'uncover', 'turn', 'score'].includes(kind)) return [];
  if (kind === 'cool' && s.baked) return [];
  const uses: NonNullable<Action['uses']> = [];
  const side = sideOf(kind);
  // What is soaked or drained comes back: it is still there for what follows.
  const stays = kind === 'soak' || kind === 'drain';
  const take = (lineId: string, share: ActionShare | null) => {
    if (uses.some((u) => u.lineId === lineId)) return;
    if (stays) uses.push({ lineId, share: share ?? 1 });
    else uses.push(lines.take(lineId, share ?? (lines.isWhole(lines.of(lineId)!) ? 1 : 'rest')));
  };
  if (kind === 'prepare' || kind === 'preheat') {
    if (/\b(?:oil|butter|grease|greased|smear)\b/i.test(t)) {
      const for_ = lines.called.filter((c) => c.line.role === 'release' && lines.isWhole(c));
      for (const c of for_.slice(0, 1)) take(c.line.id, null);
      if (for_.length === 0 && kind === 'preheat')
        for (const m of mentionsIn(t, lines, partId, 'any')) take(m.called.line.id, m.share ?? 'some');
    }
    return uses;
  }
  // Everything that is left of a part that is named and not begun.
  const whole = named && lines.called.filter((c) => c.part === named.id);
  const mixes = !['fill', 'glaze', 'wash', 'shape', 'chill', 'rest', 'cool', 'divide', 'proof'].includes(
    kind,
  );
  const fresh = whole?.filter((c) => lines.isWhole(c)) ?? [];
  const begun = !whole || fresh.length < whole.length / 2;
  const kept = KEPT_BACK.exec(t);
  const back = new Set(kept ? mentionsIn(kept[1]!, lines, partId, 'any').map((m) => m.called.line.id) : []);
  const mentions = mentionsIn(kept ? t.replace(kept[0], '') : t, lines, partId, side);
  const divided = mentions.find((m) => m.share !== null && m.share !== 1);
  // "With a little of the milk, add the rest": the rest of that.
  if (divided && /\bthe rest\b(?! of)/i.test(t)) divided.share = null;
  else for (const c of groupIn(t, lines, partId)) if (!back.has(c.line.id)) take(c.line.id, null);
  for (const m of mentions) {
    if (stays && m.called.part !== partId) continue;
    // A word that may mean another part's line is not taken from afar by what only shapes or fills.
    if (m.called.part !== partId && ['shape', 'divide', 'proof', 'rest', 'chill'].includes(kind)) continue;
    if (
      ['proof', 'rest', 'chill', 'divide', 'shape', 'cool'].includes(kind) &&
      !/^(?:cover|soak|leave|sour|roll|dip)/i.test(t.trim()) &&
      lines.isWhole(m.called) &&
      !isBeside(m.called.line.role) &&
      // Fat that is rolled in goes into the dough while it is shaped.
      !(kind === 'shape' && FIRM.includes(m.called.ingredient?.group ?? '') && AS_A_SHEET.test(t))
    ) {
      if (kind !== 'rest' || direct === 0) continue;
    }
    take(m.called.line.id, m.share);
  }
  if (
    named &&
    !begun &&
    uses.length <= direct &&
    (mixes || kind === 'glaze' || kind === 'wash') &&
    !/\b(?:into|onto|over) the\b/i.test(t) &&
    direct <= (mixes ? 1 : 2)
  )
    for (const c of fresh)
      if (!isBeside(c.line.role) || kind === 'glaze' || kind === 'wash') take(c.line.id, null);
  // "Make the pastry: rub, add water": what is rubbed is all of it that is no liquid.
  const untouched = lines.called.filter((x) => x.part === partId && !isBeside(x.line.role));
  if (kind === 'rub' && uses.length === 0 && untouched.every(lines.isWhole))
    for (const c of untouched) if (!LIQUID.includes(c.ingredient?.group ?? '')) take(c.line.id, null);
  // "Whip the cream, spread with both": that and the one other thing of its part.
  if (uses.length === 0 && untouched.length === 2 && BOTH.test(t))
    for (const c of untouched.filter(lines.isWhole)) take(c.line.id, null);
  // "Squeeze it in a cloth": what was tossed and left before.
  if (kind === 'drain' && uses.length === 0)
    for (const u of s.last?.uses ?? []) {
      uses.push({ ...u });
      lines.giveBack(u.lineId);
    }
  if (/\b(?:floured|dusted)\b/i.test(t) && uses.length === 0) {
    const dust =
      lines.called.find((c) => c.line.role === 'dusting' && c.ingredient?.flour && lines.isWhole(c)) ??
      lines.called.find(
        (c) =>
          c.ingredient?.flour &&
          /\b(?:extra|more|plus)\b.*\b(?:dust|board|roll|basket|peel)/i.test(c.line.amount.written),
      );
    if (dust) uses.push(lines.take(dust.line.id, dust.line.role === 'dusting' ? 1 : 'some'));
  }
  return uses;
}
