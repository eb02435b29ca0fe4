import type { Measured, RefusalId, SliceNumbers } from '../../core/slice';
import { fixed } from './format';

/** Why a photo, or a part of it, is not measured, and how to take a better one. */
export const REFUSAL_WORDS: Record<RefusalId, { why: string; better: string }> = {
  noCard: {
    why: 'No card stands out where its corners are marked.',
    better: 'Put the four marks on the corners of a matt white card of the size of a bank card.',
  },
  angle: {
    why: 'The camera leaned too far.',
    better: 'Hold it straight above the slice and take the photo again.',
  },
  glare: {
    why: 'The cut face shines, so its holes cannot be told from the light on it.',
    better: 'Turn the lamp aside, or use daylight from a window.',
  },
  board: {
    why: 'The board is too much like the slice: its edge cannot be told.',
    better:
      'Lay it on something matt and plain, grey, blue or black; wood does not do. Or draw the edge by hand.',
  },
  noSlice: {
    why: 'No slice was found on the board.',
    better: 'Draw its edge by hand, or take the photo with more light.',
  },
  cutOff: {
    why: 'The slice reaches the border of the photo.',
    better: 'Take it again with board all around, or draw the edge by hand.',
  },
  blurred: {
    why: 'The photo is not sharp enough for holes.',
    better: 'Rest the elbows, tap on the slice to focus, and take it again.',
  },
  tooSmall: {
    why: 'The slice is too small in the photo for its holes.',
    better: 'Go nearer, until slice and card just fit.',
  },
  overExposed: {
    why: 'The card is as bright as the photo can show, so colours are not told.',
    better: 'Take it a little darker.',
  },
  faint: {
    why: 'The holes hardly differ from the crumb around them.',
    better: 'Let the light fall from one side, low.',
  },
};

const mm = (m: Measured): string => `${fixed(m.value, 0)} mm ± ${fixed(Math.max(1, m.give), 0)}`;
const tenths = (m: Measured): string => `${fixed(m.value, 1)} mm ± ${fixed(Math.max(0.1, m.give), 1)}`;
/** Crust to half a millimetre: no finer is meant. */
const halves = (m: Measured): string =>
  m.value < 0.25 ? 'none seen' : `${fixed(Math.round(2 * m.value) / 2, 1)} mm`;
export const shareText = (m: Measured): string =>
  `${fixed(100 * m.value, 0)} % ± ${fixed(Math.max(1, 100 * m.give), 0)}`;

/** Darker than this, in steps of lightness, a band is clear. */
const CLEAR = 5;
/** A top that sinks less is level, mm. */
const LEVEL_MM = 3;
/** Thirds that differ less are alike. */
const ALIKE = 0.05;

/** What was measured, a line each with what it is called; nothing is told that was not. */
export function sliceLines(n: SliceNumbers): [string, string][] {
  const lines: [string, string][] = [
    ['Height', mm(n.heightMm)],
    ['Width', mm(n.widthMm)],
    ['Area', `${fixed(n.areaCm2.value, 0)} cm² ± ${fixed(Math.max(1, n.areaCm2.give), 0)}`],
    ['Top', n.dipMm.value < LEVEL_MM ? 'does not sink' : `sinks ${fixed(n.dipMm.value, 0)} mm in the middle`],
    [
      'Crust',
      n.crust
        ? `top ${halves(n.crust.topMm)}, sides ${halves(n.crust.sideMm)}, base ${halves(n.crust.baseMm)}`
        : 'no distinct crust',
    ],
  ];
  if (n.open) lines.push(['Open crumb', shareText(n.open)]);
  if (n.typicalHoleMm) lines.push(['Typical hole', tenths(n.typicalHoleMm)]);
  if (n.largestMm) lines.push(['Five largest holes', tenths(n.largestMm)]);
  if (n.openBelow !== null && n.openAbove !== null)
    lines.push(['Top and bottom', evenWords(n.openAbove, n.openBelow)]);
  if (n.open) lines.push(['Gummy line', gummyWords(n.gummy)]);
  return lines;
}
const evenWords = (above: number, below: number): string => {
  const [a, b] = [fixed(100 * above, 0), fixed(100 * below, 0)];
  if (Math.abs(above - below) < ALIKE) return 'alike';
  return above > below
    ? `more open above (${a} %) than below (${b} %)`
    : `more open below (${b} %) than above (${a} %)`;
};
export const gummyWords = (g: SliceNumbers['gummy']): string =>
  g
    ? `a ${g.depth > CLEAR ? 'clear' : 'faint'} dark band ${fixed(g.thickMm, 0)} mm thick, ${fixed(g.fromBaseMm, 0)} mm above the base`
    : 'none seen inside the crust';

/** The faults that the numbers may mean; the baker decides. */
export const faultsSeen = (n: SliceNumbers): ('gummy' | 'sunken')[] => [
  ...(n.gummy ? (['gummy'] as const) : []),
  ...(n.dipMm.value >= LEVEL_MM ? (['sunken'] as const) : []),
];

/** Distance of two colours in CIELAB (CIE 1976). */
const colourApart = (a: readonly number[], b: readonly number[]): number =>
  Math.hypot(a[0]! - b[0]!, a[1]! - b[1]!, a[2]! - b[2]!);
/** What can be told only between two photos: the second against the first. */
export function sliceAgainst(first: SliceNumbers, n: SliceNumbers): string[] {
  const out: string[] = [];
  if (first.holesPerCm2 && n.holesPerCm2) {
    const by = n.holesPerCm2.value / first.holesPerCm2.value - 1;
    if (Math.abs(by) > 0.16)
      out.push(
        `${fixed(100 * Math.abs(by), 0)} % ${by > 0 ? 'more' : 'fewer'} holes of 1.2 mm and more in a cm²`,
      );
  }
  if (first.crumbColour && n.crumbColour && colourApart(first.crumbColour, n.crumbColour) > 3)
    out.push(n.crumbColour[0] < first.crumbColour[0] ? 'darker crumb' : 'another colour of crumb, no darker');
  if (first.crustColour && n.crustColour && colourApart(first.crustColour, n.crustColour) > 4)
    out.push(n.crustColour[0] < first.crustColour[0] ? 'darker crust' : 'lighter crust');
  return out;
}
