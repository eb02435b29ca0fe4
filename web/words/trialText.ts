import { SCORE_IDS, type Trial } from '../../core/judge';
import { FAULT_WORDS } from './data/faults';
import { fixed, grams, listed } from './format';
import { degrees } from './heat';
import { sliceLines } from './sliceWords';
import { changeWords, OUTCOME_WORDS, SCORE_WORDS } from './trialWords';

/** A trial as it goes out: with the name of its version and what was changed since the one before. */
export type TrialOut = { trial: Trial; version: string; changed: readonly string[] };

const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
/** How it was baked, as far as it was measured. */
function processOf({ actual }: Trial): string[] {
  const { massG, riseMin, bakeMin, coreC, coolMin, loss, roomC, keptG, feelG } = actual;
  return [
    massG === undefined ? '' : `${grams(massG)} in the bowls`,
    keptG === undefined || feelG === undefined
      ? ''
      : `${grams(feelG)} of ${grams(keptG)} kept back put to it by feel`,
    riseMin === undefined ? '' : `rose ${fixed(riseMin, 0)} min`,
    roomC === undefined ? '' : `kitchen ${degrees(roomC)}`,
    bakeMin === undefined ? '' : `baked ${fixed(bakeMin, 0)} min`,
    coreC === undefined ? '' : `${degrees(coreC)} in the middle`,
    loss === undefined ? '' : `lost ${fixed(100 * loss, 1)} %`,
    coolMin === undefined ? '' : `cut after ${fixed(coolMin, 0)} min`,
  ].filter(Boolean);
}

/** The notebook of a formula as text with marks (CommonMark), first trial to last. */
export function trialsMarkdown(title: string, all: readonly TrialOut[]): string {
  const one = ({ trial: t, version, changed }: TrialOut): string => {
    const scores = SCORE_IDS.flatMap((s) =>
      t.scores[s]
        ? [`${SCORE_WORDS[s].name} ${t.scores[s]} of 5 (1 ${SCORE_WORDS[s].low}, 5 ${SCORE_WORDS[s].high})`]
        : [],
    );
    const process = processOf(t);
    return [
      `## ${dayOf(t.bakedAt)}: ${OUTCOME_WORDS[t.outcome]}`,
      `Version: ${version}`,
      ...(changed.length > 0 ? [`Changed: ${changed.join(' ')}`] : []),
      ...(t.tests ? [`To try: ${changeWords(t.tests.repair)}`] : []),
      ...(t.faults.length > 0
        ? [`Wrong: ${listed(t.faults.map((f) => FAULT_WORDS[f].name.toLowerCase()))}`]
        : []),
      ...(process.length > 0 ? [`Baked: ${process.join(', ')}`] : []),
      ...scores.map((s) => `- ${s}`),
      ...(t.slices ?? []).map(
        (s) =>
          `Slice, measured on its photo: ${sliceLines(s.numbers)
            .map(([name, said]) => `${name.toLowerCase()} ${said}`)
            .join('; ')}`,
      ),
      ...(t.tasters.length > 0 ? [`Tasted by ${listed(t.tasters)}`] : []),
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
  'to try',
  'baked min',
  'middle °C',
  'cut after min',
  'rose min',
  'lost %',
  'slice height mm',
  'slice dip mm',
  'open crumb %',
  'typical hole mm',
  'gummy line mm',
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
      'to try': t.tests ? changeWords(t.tests.repair) : '',
      'baked min': of(t.actual.bakeMin),
      'middle °C': of(t.actual.coreC),
      'cut after min': of(t.actual.coolMin),
      'rose min': of(t.actual.riseMin),
      'lost %': of(t.actual.loss === undefined ? undefined : 100 * t.actual.loss),
      ...(Object.fromEntries(SCORE_IDS.map((s) => [s, t.scores[s] ?? ''])) as Record<
        (typeof SCORE_IDS)[number],
        number | string
      >),
      'slice height mm': of(slice?.heightMm.value),
      'slice dip mm': of(slice?.dipMm.value),
      'open crumb %': of(slice?.open ? 100 * slice.open.value : undefined),
      'typical hole mm': of(slice?.typicalHoleMm?.value),
      'gummy line mm': of(slice?.gummy?.thickMm),
      notes: t.notes,
    };
  });
