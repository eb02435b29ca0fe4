import type { Effect } from '../../core/bench';
import type { Verdict } from '../../core/exclusions';
import type { Formula } from '../../core/formula';
import { avoidWords } from './avoidWords';
import { fixed, grams, inPercent, tenths } from './format';
import { listed } from './plural';
import { messageText } from './say';
import { benchSentences } from './data/en/sentences/bench';

const W = benchSentences;

/** What a slip, a repair or another thing comes to. */
export function effectWords({ massG, wetness, timeBy, warnings }: Effect): string {
  const wetter = wetness.was && wetness.now ? wetness.now / wetness.was - 1 : null;
  return [
    W.inAll({ amount: grams(massG) }),
    wetter === null || Math.abs(wetter) < 0.01
      ? ''
      : `${inPercent(Math.abs(wetter))} ${wetter > 0 ? W.wetter : W.stiffer}.`,
    timeBy === null || Math.abs(timeBy - 1) < 0.02
      ? ''
      : W.aboutInTheOvenIn({
          number: fixed(100 * Math.abs(timeBy - 1), 0),
          which: timeBy > 1 ? W.longer : W.shorter,
        }),
    ...warnings.map(messageText),
  ]
    .filter(Boolean)
    .join(' ');
}

/** What a thing is for what this version leaves out, in the phrases of the app; empty where it leaves nothing out. */
export function verdictWords({ contains, may, unknown }: Verdict, formula: Formula): string {
  if (formula.avoids.length === 0) return '';
  const of = (avoids: readonly Verdict['contains'][number][]): string => listed(avoidWords([...avoids]));
  return [
    contains.length > 0 ? W.containsWhichThisVersionLeaves({ ofValue: of(contains) }) : '',
    may.length > 0 ? W.mayContain({ ofValue: of(may) }) : '',
    unknown.length > 0 ? W.checkThePacketFor({ ofValue: of(unknown) }) : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Grams as they are spoken: whole ones, and tenths below ten. */
export const spokenGrams = (g: number): string => {
  const n = Math.abs(g) < 10 ? tenths(Math.round(10 * g) / 10) : fixed(g, 0);
  return `${n} ${n === '1' ? W.gram : W.grams}`;
};
