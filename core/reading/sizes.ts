import type { Action, ActionKind, ActionVessel, SizeCm } from '../method';
import { inchesToCm } from '../units';
import { NUMBER, numberOf } from './amount';

/** Larger than this nothing is rolled or baked in a kitchen, cm. */
const MOST_CM = 120;
const UNIT = '(mm|cm|in(?:ch(?:es)?)?\\b|["″”])';
const inCm = (n: number, unit: string): number | null => {
  const cm = /^mm/i.test(unit) ? n / 10 : /^cm/i.test(unit) ? n : inchesToCm(n);
  return Number.isFinite(cm) && cm > 0 && cm <= MOST_CM ? Number(cm.toFixed(2)) : null;
};

/** "3 mm thick", "1/8 inch thickness", "to a thickness of 5 mm", "2-3 cm high". Of two figures the middle counts. */
const THICK = [
  new RegExp(
    `(${NUMBER})\\s*(?:(?:-|–|to)\\s*(${NUMBER})\\s*)?-?\\s*${UNIT}\\s*-?\\s*(?:thick|thin|high|deep(?! \\w+ (?:dish|tin|pan))|layer)`,
    'i',
  ),
  new RegExp(`thickness of (?:about )?(${NUMBER})\\s*(?:(?:-|–|to)\\s*(${NUMBER})\\s*)?${UNIT}`, 'i'),
  // A sheet is rolled to millimetres: no other size is.
  new RegExp(
    `\\b(?:roll|press|pat|flatten)\\w*\\b[^.;\\d]{0,40}\\b(?:to|at)\\s+(?:about )?(${NUMBER})\\s*(?:(?:-|–|to)\\s*(${NUMBER})\\s*)?(mm)\\b`,
    'i',
  ),
];
const ACROSS = new RegExp(
  `(${NUMBER})\\s*-?\\s*${UNIT}?\\s*(?:(?:x|×|by)\\s*(${NUMBER})\\s*-?\\s*)?${UNIT}`,
  'gi',
);
/** A distance is no size: "2 cm apart", "a 1 cm border". */
const APART = /^\s*-?\s*(?:apart|between|from|border|rim|edge|gap|space|overhang|up|clear)/i;

/** How thick, in cm, a clause says that something is made. */
function thickIn(t: string): { cm: number; from: number; to: number } | null {
  for (const p of THICK) {
    const m = p.exec(t);
    if (!m) continue;
    const [a, b] = [numberOf(m[1]!), m[2] ? numberOf(m[2]) : null];
    const cm = inCm(b === null ? a : (a + b) / 2, m[3]!);
    if (cm !== null) return { cm, from: m.index, to: m.index + m[0].length };
  }
  return null;
}

function sidesOf(t: string): SizeCm | null {
  for (const m of t.matchAll(ACROSS)) {
    if (APART.test(t.slice(m.index + m[0].length))) continue;
    const unit = m[4]!;
    const sides = [m[1], m[3]].flatMap((x) => {
      const cm = x === undefined ? null : inCm(numberOf(x), m[2] && x === m[1] ? m[2] : unit);
      return cm === null ? [] : [cm];
    });
    if (sides.length === 0) continue;
    const [wide, long] = [Math.min(...sides), Math.max(...sides)];
    return sides.length > 1 ? { wide, long } : { wide };
  }
  return null;
}

const NOUN =
  'tins?|pans?|moulds?|molds?|dish(?:es)?|plates?|trays?|sheets?|troughs?|casserole|cocotte|dutch oven|skillet|springform|pots?|ramekins?|jars?|griddle|saucepan|bannetons?|baskets?|bowls?|cases|liners|rings?|stone|steel|rack|board';
const OF_ONE =
  'ungreased|loose[- ]bottomed|fluted|sandwich|loaf|muffin|cupcake|bundt|tube|pie|tart|tartlet|flan|tray|baking|sheet|square|round|springform|cake|baguette|lidded|iron|cast[- ]iron|bread|frying|heavy|large|small|deep|shallow|non-?stick|proofing|proving|wire|cooling|roasting|ovenproof|hot|lined|buttered|greased|oiled|dry|clean|wide|\\d+[- ]?(?:hole|cup|well)';
const SIZE_WORDS = `${NUMBER}\\s*-?\\s*(?:(?:mm|cm|in(?:ch(?:es)?)?\\b|["″”]|lb|g)\\s*-?\\s*)?(?:(?:x|×|by)\\s*${NUMBER}\\s*-?\\s*(?:cm|in(?:ch(?:es)?)?\\b|["″”])?\\s*)?`;
const VESSEL = new RegExp(
  `\\b(?:in|into|onto|on|to|over|line|grease|butter|oil|heat|between|a|an|the|your|two|three|four|\\d)\\s+(?:(?:a|an|the|your|its|each)\\s+)?(?:(two|three|four|six|2|3|4|6)\\s+)?(((?:${SIZE_WORDS})?(?:(?:${OF_ONE})[\\s,-]+){0,4}(?:${SIZE_WORDS})?(?:(?:${OF_ONE})[\\s-]+){0,4})(${NOUN}))\\b(?! of (?:foil|paper|parchment))`,
  'i',
);
/** Its words are short: more is a sentence. */
const MOST_WORDS = 60;

/** What a clause says that something goes into or onto, and where it says so. */
function vesselIn(t: string): (ActionVessel & { from: number; to: number }) | null {
  const m = VESSEL.exec(t);
  if (!m || m[2]!.length > MOST_WORDS) return null;
  const size = sidesOf(m[3]!) ?? bareInches(m[3]!);
  const count = m[1] ? numberOf(m[1]) : 1;
  return {
    words: m[2]!.trim(),
    ...(count > 1 ? { count } : {}),
    ...(size ? { cm: size } : {}),
    from: m.index,
    to: m.index + m[0].length,
  };
}
/** "9x5", "8 x 8": sides of a tin without a unit are inches where they are small. Common practice, no source. */
function bareInches(t: string): SizeCm | null {
  const m = new RegExp(`(${NUMBER})\\s*(?:x|×|by)\\s*(${NUMBER})`).exec(t);
  const sides = m ? [numberOf(m[1]!), numberOf(m[2]!)] : [];
  if (sides.length < 2 || !sides.every((n) => n > 0 && n <= 18)) return null;
  const cm = sides.map(inchesToCm).sort((a, b) => a - b);
  return { wide: Number(cm[0]!.toFixed(2)), long: Number(cm[1]!.toFixed(2)) };
}

const RACKS =
  /\b(?:on|across|over)\s+(two|three|2|3)\s+(?:racks|shelves|levels)\b|\b(both) (?:racks|shelves|trays|sheets)\b|\b(upper and lower) (?:thirds?|racks?|shel(?:f|ves))\b|\b(?:swap|switch|rotate) (?:the |both )?(?:racks|shelves|trays|sheets)\b/i;
/** How many racks are used at once, where a clause says so. */
function racksIn(t: string): number | null {
  const m = RACKS.exec(t);
  if (!m) return null;
  return m[1] ? numberOf(m[1]) : 2;
}

const MADE: readonly ActionKind[] = [
  'shape',
  'divide',
  'fill',
  'score',
  'glaze',
  'wash',
  'knead',
  'fold',
  'other',
];
const IN_OVEN: readonly ActionKind[] = ['bake', 'blind_bake', 'turn', 'preheat'];
/** Sizes, vessel and racks of a clause. A size of the vessel is none of the dough. */
export function sizesOf(t: string, kind: ActionKind): Pick<Action, 'sizeCm' | 'vessel' | 'racks'> {
  const out: Pick<Action, 'sizeCm' | 'vessel' | 'racks'> = {};
  const sized = /\d/.test(t);
  const vessel = vesselIn(t);
  if (vessel) {
    const { from: _from, to: _to, ...said } = vessel;
    out.vessel = said;
  }
  if (sized && MADE.includes(kind)) {
    const thick = thickIn(t);
    const rest = [vessel, thick].reduce(
      (left, at) => (at ? left.slice(0, at.from) + ' '.repeat(at.to - at.from) + left.slice(at.to) : left),
      t,
    );
    const sides = sidesOf(rest);
    if (thick || sides) out.sizeCm = { ...(thick ? { thick: thick.cm } : {}), ...sides };
  }
  const racks = IN_OVEN.includes(kind) ? racksIn(t) : null;
  if (racks !== null) out.racks = racks;
  return out;
}
