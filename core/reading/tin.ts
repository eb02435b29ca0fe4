import type { Sourced } from '../explain';
import { hasHoles, USUAL_TIN, type StatedTin, type TinShape } from '../formula';
import { inchesToCm, toMillilitres, US_MEASURES } from '../units';
import { NUMBER, numberOf } from './amount';

/** A ring tin gives this share of its circle to the tube. */
const TUBE_SHARE = 0.15;
/** A lidded bread pot and a trough of two or three, mL, where no size is named. Common practice, no source. */
const POT_ML = { pot: 4500, trough: 1500 } as const;
/** The loaf tin sold by its dough: 900 g (2 lb) holds about 1.75 L, 450 g (1 lb) about half. Common practice, no source. */
const ML_PER_LOAF_G = 1.95;
/** The wall of a tin that is called deep, cm, as for fruit cakes. Common practice, no source. */
const DEEP_CM = 7.5;
/** Walls lean and rims round: what a box of these sides really holds. */
const TAPER = 0.92;

const PI_4 = Math.PI / 4;
/** Words that tell a shape; the first that is found counts. */
const SHAPES: readonly [TinShape, RegExp][] = [
  ['trough', /\bbaguette\b|\btrough\b/i],
  ['pot', /\b(?:casserole|cocotte|lidded pot|iron pot|dutch oven|bread pot)\b/i],
  ['tartlet', /\btartlets?\b/i],
  ['loaf', /\b(?:loaf|pullman)\b/i],
  [
    'muffin',
    /\b(?:muffin|cupcake|bun tin|popover|friand|madeleine|financier|yorkshire|patty|dariole|individual (?:\p{L}+ )?(?:tins?|moulds?|basins?))\b/iu,
  ],
  ['ring', /\b(?:bundt|ring|tube|angel)\b/i],
  ['pie', /\b(?:pie|tart|flan|quiche)\b/i],
  ['square', /\bsquare\b|\bsq\b/i],
  ['tray', /\b(?:tray|traybake|baking sheet|sheet pan|rectangular|swiss roll|jelly roll)\b/i],
  ['round', /\b(?:round|cake tin|cake pan|springform|sandwich tins?|loose[- ]bottomed|skillet)\b/i],
  // A tin sold by its dough.
  ['loaf', /\b[12]\s*-?\s*lb\s+(?:tin|pan)\b/i],
];
/** What is cut into squares is baked in a square tin, if no word says otherwise. Common practice, no source. */
const IN_SQUARES = /\b(?:brownies?|blondies?|tray ?bakes?|flapjacks?|bars?|squares|slices|fudge|parkin)\b/i;
/** Sides tell a shape that no word tells: one as long as the other is a square; a "23 cm tin" is round. */
function shapeOfSides([a, b]: readonly number[], text: string): TinShape | null {
  if (a === undefined) return null;
  if (b === undefined) return IN_SQUARES.test(text) ? 'square' : 'round';
  const [short, long] = [Math.min(a, b), Math.max(a, b)];
  // Narrow and long is a loaf tin: 9 x 5 inch, 21 x 11 cm. Common practice, no source.
  if (short <= 14 && long >= 1.5 * short) return 'loaf';
  return long - short < 0.5 ? 'square' : 'tray';
}
/** Cups and liners that a batter goes into, one each: a tin of as many holes, and how many such tins. */
export const HOLES =
  /(?:\b(?<tins>[1-4]|two)\s*[x×]?\s+)?(?<![/.])(?<holes>\d{1,2}|\btwelve|\bsix|\beight|\bten)[- ]*(?:hole|cup|well|paper|case|muffin|cupcake|tartlet)/i;
/** Tins of one hole each, with what one holds: "12 x 1/2-cup friand pans", "6 individual tins (about 200 ml each)". */
const SINGLE = new RegExp(
  `(?<![\\d/.])(?<holes>\\d{1,2})\\s*[x×]\\s*(?<each>${NUMBER})\\s*-?\\s*(?<unit>cups?|ml)\\b`,
  'i',
);
const SINGLE_BEHIND = new RegExp(
  `(?<![\\d/.])(?<holes>\\d{1,2})\\s+(?:\\p{L}+\\s+){0,3}(?:tins?|moulds?|basins?|ramekins?|pots?)\\s*\\(\\s*(?:about |approx\\.? |around |~)?(?<each>${NUMBER})\\s*-?\\s*(?<unit>cups?|ml)\\b`,
  'iu',
);
/** A cup of the country where tins are sold by cups, mL. */
const ML_PER_CUP = toMillilitres(1, 'cup', US_MEASURES);
/** What a hole of a small kind holds, mL: a mini muffin or a madeleine. Common practice, no source. */
const SMALL_HOLE_ML = 28;
const SMALL_HOLES = /\b(?:mini|madeleine|financier)\b/i;
/** How many holes the tins of a text have, and what one holds where that is said, mL. */
export function holesIn(text: string): { tins: number; holes: number; ml?: number } | null {
  const single = (SINGLE.exec(text) ?? SINGLE_BEHIND.exec(text))?.groups;
  if (single) {
    const each = numberOf(single.each!);
    return { tins: 1, holes: Number(single.holes), ml: /cup/i.test(single.unit!) ? each * ML_PER_CUP : each };
  }
  const { tins, holes } = HOLES.exec(text)?.groups ?? {};
  return holes === undefined
    ? null
    : { tins: tins === undefined ? 1 : numberOf(tins), holes: numberOf(holes) };
}
const shapeOf = (text: string): TinShape | null => SHAPES.find(([, is]) => is.test(text))?.[0] ?? null;

const VESSELS =
  'tins?|pans?|mould|mold|dish|plate|tray|sheet|trough|casserole|cocotte|dutch oven|skillet|springform|pullman|muffin cups|muffin cases|paper cases|liners|(?<=deep )(?:round|square)';
/** Pans that stand on the hob, and dishes that only hold a bath. */
const ELSEWHERE =
  /\b(?:frying|saucepan|non[- ]?stick pan|griddle|roasting)\b|\b(?:melt|warm|boil|simmer|cook)\b[^.]*\b(?:in|to) an? (?:\w+ )?(?:pan|pot)\b|\bpan\b[^.]*\b(?:swirl|ladle|fry|medium heat)\b/i;
const VESSEL = new RegExp(`\\b(?:${VESSELS}|(?:lidded |iron |bread )+pot)\\b`, 'i');
const NAMED = new RegExp(
  `(?:\\d|\\b(?:loaf|muffin|cupcake|bundt|ring|tube|pie|tart|tartlet|flan|quiche|tray|square|round|springform|cake|baguette|popover|friand|madeleine|financier|yorkshire|individual|mini|lidded|iron|bread)\\b)(?:[^,.;:()]|\\.(?=\\d)){0,60}?\\b(?:${VESSELS}|pot)\\b`,
  'i',
);
/** The words of a text that name the tin: from its size, or its shape, to the vessel. */
const nameOf = (around: string): string =>
  // A time or a heat before it is none of its sizes.
  (NAMED.exec(around.replace(/\d+\s*(?:°\s*[CF]?|(?:min|minutes|h|hours)\b)/gi, ' '))?.[0] ?? around)
    // What goes in, or what is done, is said before it: "12 balls of 70 g into a greased 9x13 pan", "line a loaf tin".
    .split(
      /\b(?:into|onto|in)\s+(?:(?:an?|the|your)\s+)?|\b(?:line|grease|butter|oil|flour|prepare)\s+(?:an?|the|your)\s+/i,
    )
    .at(-1)!
    // How it was made ready is none of its name.
    .replace(
      /^\s*(?:(?:well[- ])?(?:greased|lined|buttered|oiled|floured|prepared|paper-lined|deep|and|&|,)\s+)+(?=\S*\w)/i,
      '',
    )
    .replace(/^\d{1,2}[.)]\s+|\s+(?:(?:ein)?fetten|auslegen|füllen|geben)\b.*$/gi, '')
    .replace(/[\s.,;:]+$/, '')
    .trim()
    .slice(0, 80);

const volume = (ml: number, share: number): Sourced => ({
  value: ml,
  sd: share * ml,
  basis: 'derived',
  sourceId: 'practice',
});

/** The sides named in a text, in cm: "23 x 13 cm", "9 x 5 inch", "9x13", "20 cm". Of bare numbers small ones are inches, and larger pairs cm. */
function sidesIn(text: string): number[] {
  for (const m of text.matchAll(SIDES)) {
    const sides = [m[1], m[2], m[3]].filter((x): x is string => Boolean(x)).map(numberOf);
    if (!sides.every((x) => Number.isFinite(x) && x > 0 && x < 100)) continue;
    const unit = /cm/i.test(m[0])
      ? 'cm'
      : /in|["″”]/i.test(m[0])
        ? 'in'
        : sides.length > 1
          ? Math.max(...sides) <= 18
            ? 'in'
            : 'cm'
          : null;
    // A number that measures nothing ("gas 4") is passed over.
    if (unit === null) continue;
    return unit === 'in' ? sides.map(inchesToCm) : sides;
  }
  return [];
}
const SIDES = new RegExp(
  `(${NUMBER})\\s*-?\\s*(?:cm|in(?:ch(?:es)?)?\\b|["″”])?(?:\\s*(?:x|×|by)\\s*(${NUMBER})\\s*(?:cm|in(?:ch(?:es)?)?\\b|["″”])?)?(?:\\s*(?:x|×|by)\\s*(${NUMBER}))?\\s*-?\\s*(cm|in\\b(?! (?:an?|the|your)\\b)|inch(?:es)?|["″”])?`,
  'gi',
);

/** A tin by what is done to it and its sides alone: "line 9x5". */
const LINED =
  /\b(?:in|into|in an|in a)\s+(?:(?:lined|greased|oiled|buttered)\s+(?:\([^()]*\)\s*)?)?\d{1,2}(?:\.\d)?\s*(?:x|×)\s*\d{1,2}(?:\.\d)?\b(?!\s*(?:cm|in|inch)?\s*(?:squares?|pieces|bars|blocks|rounds))|\b(?:line|grease|butter|oil|spray|flour)\s+(?:and\s+\w+\s+)?(?:an?\s+|the\s+|your\s+)?\d{1,2}\s*(?:x|×)\s*\d{1,2}\b/i;

/** Whether a tin is told by one figure and no word for its shape: round, or square where things are cut into squares, is a guess. */
export const isShapeGuessed = ({ written, cm }: StatedTin): boolean =>
  cm !== undefined && cm.long === undefined && shapeOf(written) === null;

/** How many tins of a kind a text names. */
function tinsIn(text: string): number {
  if (!/\b(?:tins|pans)\b/i.test(text)) return 1;
  const many = /\b(two|three|four|\d{1,2})\s*[x×]\s*(?=\d)/i.exec(text) ?? /\b(two|2)\b/i.exec(text);
  return many ? numberOf(many[1]!) : 1;
}

/** How large a cake is, behind its name: "Carrot cake (2 x 20cm)", "Almond cake, 23 cm". */
const IN_TITLE = /[(,]\s*(?:([2-4])\s*[x×]\s*)?(\d{1,2})\s?(cm|inch|in|["”″])(?:\s+round)?\s*\)?$/i;
/** The tin that a title tells by the size of its cake; null where it tells none. */
export function tinOfTitle(title: string): StatedTin | null {
  const [, many, size, unit] = IN_TITLE.exec(title.trim()) ?? [];
  return size === undefined
    ? null
    : readTin(`${many ? `${many} x ` : ''}${size} ${unit!} ${many ? 'tins' : 'tin'}`);
}

/** The tin a text names, with what it holds to the rim; null where it names none that can be worked out. */
export function readTin(text: string): StatedTin | null {
  for (const sentence of text.split(/\r?\n|(?<=[.;!?])\s+/)) {
    const lined = LINED.exec(sentence);
    const at = VESSEL.exec(sentence) ?? lined;
    if (!at) continue;
    if (ELSEWHERE.test(sentence)) continue;
    // A skillet is a tin where it goes into the oven.
    if (/skillet/i.test(sentence) && !/\b(?:oven|bake)\b/i.test(text)) continue;
    const around = sentence.slice(Math.max(0, at.index - 60), at.index + 40);
    // A heat or a time beside it is none of its sides, nor is the thickness of what is rolled.
    const measured = around.replace(
      /\d+\s*(?:°\s*[CF]?|[CF]\b|(?:min|minutes|h|hours|mm)\b)|[\d/.]+\s*(?:cm|in(?:ch)?|["”″])\s*thick/gi,
      ' ',
    );
    // How many tins is none of their sides: "2 x 20 cm tins".
    const sides = sidesIn(measured.replace(/\b[1-4]\s*[x×]\s*(?=\d{2}\s*-?\s*cm\b)/i, ''));
    const said = shapeOf(around);
    const shape =
      said ?? (lined || /\b(?:tins?|pans?|dish)\b/i.test(around) ? shapeOfSides(sides, text) : null);
    if (!shape) continue;
    const written = lined && !VESSEL.test(sentence) ? lined[0].replace(/^\D+/, '') : nameOf(around);
    const count = tinsIn(around);
    if (hasHoles(shape)) {
      const { tins, holes, ml: each } = holesIn(around) ?? { tins: count, holes: 12 };
      const usual = SMALL_HOLES.test(around) ? SMALL_HOLE_ML : USUAL_TIN[shape].holeMl!;
      const ml = volume((each ?? usual) * holes, 0.15);
      return { shape, written, volumeMl: ml, count: tins, holes };
    }
    const byMass = /(\d{3,4})\s*g\b/.exec(around)?.[1] ?? null;
    const byPound = /(\d)\s*-?\s*lb\b/i.exec(around)?.[1] ?? null;
    if (shape === 'loaf' && (byMass || byPound)) {
      const g = byMass ? Number(byMass) : 450 * Number(byPound);
      return { shape, written, volumeMl: volume(ML_PER_LOAF_G * g, 0.12), count };
    }
    const [a, b, c] = sides;
    if (a === undefined) {
      // A pot or trough only gives the dough its walls: its size matters little.
      if (shape !== 'pot' && shape !== 'trough') continue;
      return { shape, written, volumeMl: volume(POT_ML[shape], 0.3), count };
    }
    const depth = c ?? (/\bdeep\b/i.test(around) ? DEEP_CM : USUAL_TIN[shape].wall);
    const base =
      b !== undefined
        ? a * b * TAPER
        : shape === 'square'
          ? a * a * TAPER
          : shape === 'ring'
            ? PI_4 * a * a * (1 - TUBE_SHARE)
            : PI_4 * a * a;
    if (b === undefined && (shape === 'loaf' || shape === 'tray')) continue;
    const across = b === undefined ? { wide: a } : { wide: Math.min(a, b), long: Math.max(a, b) };
    return {
      shape,
      written,
      volumeMl: volume(base * depth, said === null && b === undefined ? 0.25 : c === undefined ? 0.15 : 0.06),
      count,
      cm: { ...across, ...(c === undefined ? {} : { high: c }) },
    };
  }
  return null;
}
