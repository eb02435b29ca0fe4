import type { Measured, RefusalId, SliceNumbers } from '../../core/slice';
import { fixed, inPercent } from './format';
import { sliceSentences } from './data/en/sentences/slice';

const W = sliceSentences;

/** Why a photo, or a part of it, is not measured, and how to take a better one. */
export const REFUSAL_WORDS: Record<RefusalId, { why: string; better: string }> = {
  noCard: {
    why: W.noCardStandsOutWhere,
    better: W.putTheFourMarksOn,
  },
  angle: {
    why: W.theCameraLeanedTooFar,
    better: W.holdItStraightAboveThe,
  },
  glare: {
    why: W.theCutFaceShinesSo,
    better: W.turnTheLampAsideOr,
  },
  board: {
    why: W.theBoardIsTooMuch,
    better: W.layItOnSomethingMatt,
  },
  noSlice: {
    why: W.noSliceWasFoundOn,
    better: W.drawItsEdgeByHand,
  },
  cutOff: {
    why: W.theSliceReachesTheBorder,
    better: W.takeItAgainWithBoard,
  },
  blurred: {
    why: W.thePhotoIsNotSharp,
    better: W.restTheElbowsTapOn,
  },
  tooSmall: {
    why: W.theSliceIsTooSmall,
    better: W.goNearerUntilSliceAnd,
  },
  overExposed: {
    why: W.theCardIsAsBright,
    better: W.takeItALittleDarker,
  },
  faint: {
    why: W.theHolesHardlyDifferFrom,
    better: W.letTheLightFallFrom,
  },
};

const mm = (m: Measured): string =>
  W.mm({ number: fixed(m.value, 0), number2: fixed(Math.max(1, m.give), 0) });
const tenths = (m: Measured): string =>
  W.mm({ number: fixed(m.value, 1), number2: fixed(Math.max(0.1, m.give), 1) });
/** Crust to half a millimetre: no finer is meant. */
const halves = (m: Measured): string =>
  m.value < 0.25 ? W.noneSeen : W.mm2({ number: fixed(Math.round(2 * m.value) / 2, 1) });
export const shareText = (m: Measured): string =>
  `${inPercent(m.value)} ± ${fixed(Math.max(1, 100 * m.give), 0)}`;

/** Darker than this, in steps of lightness, a band is clear. */
const CLEAR = 5;
/** A top that sinks less is level, mm. */
const LEVEL_MM = 3;
/** Thirds that differ less are alike. */
const ALIKE = 0.05;

/** What was measured, a line each with what it is called; nothing is told that was not. */
export function sliceLines(n: SliceNumbers): [string, string][] {
  const lines: [string, string][] = [
    [W.height, mm(n.heightMm)],
    [W.width, mm(n.widthMm)],
    [W.area, `${fixed(n.areaCm2.value, 0)} cm² ± ${fixed(Math.max(1, n.areaCm2.give), 0)}`],
    [
      W.top,
      n.dipMm.value < LEVEL_MM ? W.doesNotSink : W.sinksMmInTheMiddle({ number: fixed(n.dipMm.value, 0) }),
    ],
    [
      W.crust,
      n.crust
        ? W.topSidesBase({
            halves: halves(n.crust.topMm),
            halves2: halves(n.crust.sideMm),
            halves3: halves(n.crust.baseMm),
          })
        : W.noDistinctCrust,
    ],
  ];
  if (n.open) lines.push([W.openCrumb, shareText(n.open)]);
  if (n.typicalHoleMm) lines.push([W.typicalHole, tenths(n.typicalHoleMm)]);
  if (n.largestMm) lines.push([W.fiveLargestHoles, tenths(n.largestMm)]);
  if (n.openBelow !== null && n.openAbove !== null)
    lines.push([W.topAndBottom, evenWords(n.openAbove, n.openBelow)]);
  if (n.open) lines.push([W.gummyLine, gummyWords(n.gummy)]);
  return lines;
}
const evenWords = (above: number, below: number): string => {
  const [a, b] = [fixed(100 * above, 0), fixed(100 * below, 0)];
  if (Math.abs(above - below) < ALIKE) return W.alike;
  return above > below ? W.moreOpenAboveThanBelow({ a, b }) : W.moreOpenBelowThanAbove({ b, a });
};
export const gummyWords = (g: SliceNumbers['gummy']): string =>
  g
    ? W.aDarkBandMmThick({
        which: g.depth > CLEAR ? W.clear : W.faint,
        number: fixed(g.thickMm, 0),
        number2: fixed(g.fromBaseMm, 0),
      })
    : W.noneSeenInsideTheCrust;

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
      out.push(W.holesOf12Mm({ number: fixed(100 * Math.abs(by), 0), which: by > 0 ? W.more : W.fewer }));
  }
  if (first.crumbColour && n.crumbColour && colourApart(first.crumbColour, n.crumbColour) > 3)
    out.push(n.crumbColour[0] < first.crumbColour[0] ? W.darkerCrumb : W.anotherColourOfCrumbNo);
  if (first.crustColour && n.crustColour && colourApart(first.crustColour, n.crustColour) > 4)
    out.push(n.crustColour[0] < first.crustColour[0] ? W.darkerCrust : W.lighterCrust);
  return out;
}
