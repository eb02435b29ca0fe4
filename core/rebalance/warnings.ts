import { CLASSES, DOSED, type Dosed } from '../classes';
import { argOf, msg, type Msg } from '../explain';
import { doughLines, massOf, wetWaterG, type Part } from '../formula';
import { EGG_GROUPS, type Ingredient, type Lookup } from '../ingredients';
import { liftOf } from '../leavening';
import { checkShares, drinksOf } from '../reading';

/** What is dosed on flour. */
const IS_DOSED: Record<Dosed, (i: Ingredient) => boolean> = {
  psyllium: (i) => i.like === 'psyllium_powder' || i.like === 'psyllium_husk',
  gum: (i) => i.facts.gum === 'yes' && i.group === 'binder',
  soda: (i) => i.group === 'leavener' && i.baseMmolG.value > 0,
  powder: (i) => i.group === 'leavener' && i.baseMmolG.value === 0,
  salt: (i) => i.group === 'salt' && (i.per100g.salt?.value ?? 0) > 90,
  yeast: (i) => i.group === 'yeast',
};
/** A dose is out where it is this much above its window: windows are round figures. */
const WELL_ABOVE = 1.15;

/** Starch that sets a liquid without egg, g for 100 g of it; less stays a sauce. Common practice, no source. */
const LEAST_STARCH = 5.5;
const SET: readonly string[] = ['custard', 'set'];
/** What sets without starch. */
const SETTERS: readonly string[] = [...EGG_GROUPS, 'pulse', 'cheese', 'plant_cheese'];
const GELLERS: readonly string[] = ['agar', 'gelatine', 'pectin'];

type Known = { i: Ingredient; massG: number };

/** What is dosed on the flour of a part: percent of it, and the window of its kind. */
export type DoseNow = { dosed: Dosed; percent: number; window: [number, number] };
/** Every dose of a part whose kind has a window for it; none where there is no flour. */
export function dosesOf(part: Part, lookup: Lookup): DoseNow[] {
  const lines = doughLines(part).flatMap((l): Known[] => {
    const i = lookup(l.item);
    return i ? [{ i, massG: massOf(l) }] : [];
  });
  const flourG = lines.reduce((s, l) => (l.i.flour ? s + l.massG : s), 0);
  if (flourG <= 0) return [];
  return DOSED.flatMap((dosed): DoseNow[] => {
    const window = CLASSES[part.classId].doses[dosed];
    if (!window) return [];
    const massG = lines.reduce((s, l) => (IS_DOSED[dosed](l.i) ? s + l.massG : s), 0);
    // Psyllium is dosed by what the flour drinks: coconut flour asks for several times as much.
    const by = dosed === 'psyllium' ? drinksOf(part, lookup) : 1;
    return [{ dosed, percent: (100 * massG) / flourG, window: [window[0] * by, window[1] * by] }];
  });
}
const dosesOut = (part: Part, lookup: Lookup): Msg[] =>
  dosesOf(part, lookup).flatMap(({ dosed, percent, window: [, most] }) =>
    percent > WELL_ABOVE * most ? [msg('warned.dose', { dosed, percent, most })] : [],
  );

function tooThin(part: Part, lines: readonly Known[], lookup: Lookup): Msg[] {
  if (!SET.includes(CLASSES[part.classId].family) || part.classId === 'uncooked_set') return [];
  if (lines.some(({ i }) => SETTERS.includes(i.group) || GELLERS.includes(i.like ?? ''))) return [];
  const starchG = lines.reduce((s, l) => (l.i.flour ? s + l.massG : s), 0);
  const liquidG = wetWaterG(part, lookup);
  const percent = liquidG > 0 ? (100 * starchG) / liquidG : LEAST_STARCH;
  return percent < LEAST_STARCH ? [msg('warned.thin', { percent, least: LEAST_STARCH })] : [];
}

/**
 * What the app itself would say against a part at Read and Lift, and what its kind does not bear: doses well above their window,
 * too much gas or hardly any, soda left over, too little starch to set. The same checks for every answer.
 */
export function warningsOf(part: Part, lookup: Lookup): Msg[] {
  const lines = doughLines(part).flatMap((l): Known[] => {
    const i = lookup(l.item);
    return i ? [{ i, massG: massOf(l) }] : [];
  });
  const lift = liftOf(part, lookup);
  return [
    ...checkShares(part, lookup).map(({ issue }) => issue),
    ...dosesOut(part, lookup),
    ...tooThin(part, lines, lookup),
    ...(lift.open
      ? []
      : lift.state === 'high'
        ? [msg('warned.gasHigh')]
        : lift.state === 'low'
          ? [msg('warned.gasLow')]
          : []),
    ...(!lift.open && lift.effect === 'soapy' ? [msg('warned.soapy')] : []),
  ];
}

/** Those of an answer that its source had not. */
export function newWarnings(now: readonly Msg[], before: readonly Msg[]): Msg[] {
  const keyOf = (m: Msg): string => `${m.code} ${argOf(m, 'dosed') ?? argOf(m, 'id') ?? ''}`;
  const known = new Set(before.map(keyOf));
  return now.filter((w) => !known.has(keyOf(w)));
}
