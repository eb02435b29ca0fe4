import { withinSentence } from './case';
import { SCORE_IDS, type Trial } from '../../core/judge';
import { FAULT_WORDS } from './data/faults';
import { fixed, grams } from './format';
import { listed } from './plural';
import { degrees } from './heat';
import { sliceLines } from './sliceWords';
import { changeWords, OUTCOME_WORDS, SCORE_WORDS } from './trialWords';
import { trialTextSentences } from './data/en/sentences/trialText';

const W = trialTextSentences;

/** A trial as it goes out: with the name of its version and what was changed since the one before. */
export type TrialOut = { trial: Trial; version: string; changed: readonly string[] };

const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
/** How it was baked, as far as it was measured. */
function processOf({ actual }: Trial): string[] {
  const { massG, riseMin, bakeMin, coreC, coolMin, loss, roomC, keptG, feelG } = actual;
  return [
    massG === undefined ? '' : W.inTheBowls({ amount: grams(massG) }),
    keptG === undefined || feelG === undefined
      ? ''
      : W.ofKeptBackPutTo({ amount: grams(feelG), amount2: grams(keptG) }),
    riseMin === undefined ? '' : W.roseMin({ number: fixed(riseMin, 0) }),
    roomC === undefined ? '' : W.kitchen({ temperature: degrees(roomC) }),
    bakeMin === undefined ? '' : W.bakedMin({ number: fixed(bakeMin, 0) }),
    coreC === undefined ? '' : W.inTheMiddle({ temperature: degrees(coreC) }),
    loss === undefined ? '' : W.lost({ number: fixed(100 * loss, 1) }),
    coolMin === undefined ? '' : W.cutAfterMin({ number: fixed(coolMin, 0) }),
  ].filter(Boolean);
}

/** The notebook of a formula as text with marks (CommonMark), first trial to last. */
export function trialsMarkdown(title: string, all: readonly TrialOut[]): string {
  const one = ({ trial: t, version, changed }: TrialOut): string => {
    const scores = SCORE_IDS.flatMap((s) =>
      t.scores[s]
        ? [
            W.of515({
              name: SCORE_WORDS[s].name,
              scores: t.scores[s],
              low: SCORE_WORDS[s].low,
              high: SCORE_WORDS[s].high,
            }),
          ]
        : [],
    );
    const process = processOf(t);
    return [
      `## ${dayOf(t.bakedAt)}: ${OUTCOME_WORDS[t.outcome]}`,
      W.version({ version }),
      ...(changed.length > 0 ? [W.changed({ changed: changed.join(' ') })] : []),
      ...(t.tests ? [W.toTry({ change: changeWords(t.tests.repair) })] : []),
      ...(t.faults.length > 0
        ? [W.wrong({ list: listed(t.faults.map((f) => withinSentence(FAULT_WORDS[f].name))) })]
        : []),
      ...(process.length > 0 ? [W.baked({ process: process.join(', ') })] : []),
      ...scores.map((s) => `- ${s}`),
      ...(t.slices ?? []).map((s) =>
        W.sliceMeasuredOnItsPhoto({
          sliceLines: sliceLines(s.numbers)
            .map(([name, said]) => `${withinSentence(name)} ${said}`)
            .join('; '),
        }),
      ),
      ...(t.tasters.length > 0 ? [W.tastedBy({ list: listed(t.tasters) })] : []),
      ...(t.notes ? [t.notes] : []),
    ].join('\n\n');
  };
  return `# ${title}: trials\n\n${all.map(one).join('\n\n')}\n`;
}

export const TRIAL_COLUMNS = [
  'day',
  'version',
  'outcome',
  'wrong',
  W.toTry2,
  W.bakedMin2,
  W.middleC,
  W.cutAfterMin2,
  W.roseMin2,
  W.lost2,
  W.sliceHeightMm,
  W.sliceDipMm,
  W.openCrumb,
  W.typicalHoleMm,
  W.gummyLineMm,
  ...SCORE_IDS,
  'notes',
] as const;
/** The trials of a formula as rows of a table: figures without units, empty where nobody measured. */
export const trialRows = (
  all: readonly TrialOut[],
): Record<(typeof TRIAL_COLUMNS)[number], string | number>[] =>
  all.map(({ trial: t, version }) => {
    const slice = t.slices?.[0]?.numbers;
    const of = (x: number | undefined): number | string => (x === undefined ? '' : Math.round(10 * x) / 10);
    return {
      day: dayOf(t.bakedAt),
      version,
      outcome: OUTCOME_WORDS[t.outcome],
      wrong: t.faults.map((f) => FAULT_WORDS[f].name).join('; '),
      [W.toTry2]: t.tests ? changeWords(t.tests.repair) : '',
      [W.bakedMin2]: of(t.actual.bakeMin),
      [W.middleC]: of(t.actual.coreC),
      [W.cutAfterMin2]: of(t.actual.coolMin),
      [W.roseMin2]: of(t.actual.riseMin),
      [W.lost2]: of(t.actual.loss === undefined ? undefined : 100 * t.actual.loss),
      ...(Object.fromEntries(SCORE_IDS.map((s) => [s, t.scores[s] ?? ''])) as Record<
        (typeof SCORE_IDS)[number],
        number | string
      >),
      [W.sliceHeightMm]: of(slice?.heightMm.value),
      [W.sliceDipMm]: of(slice?.dipMm.value),
      [W.openCrumb]: of(slice?.open ? 100 * slice.open.value : undefined),
      [W.typicalHoleMm]: of(slice?.typicalHoleMm?.value),
      [W.gummyLineMm]: of(slice?.gummy?.thickMm),
      notes: t.notes,
    };
  });
