import type { Msg } from '../../core/explain';
import { withinSentence } from './case';
import { saySentences as W } from './data/en/sentences/say';
import { SAY_OF_ANSWERS } from './saying/answers';
import { SAY_OF_READING } from './saying/reading';
import type { Say } from './saying/sentence';
import { SAY_OF_STEPS } from './saying/steps';

export { minutesText, ovenText } from './saying/oven';
export { sayProblem } from './problems';

/** What the computation has to say, in words: a sentence for every code. */
const MESSAGES: Say<Msg['code']> = { ...SAY_OF_READING, ...SAY_OF_ANSWERS, ...SAY_OF_STEPS };

/**
 * A message in words; one that is for one part of several says so first. A formula that was kept by a newer edition may hold a code
 * without words: it shows itself as the code.
 */
export function messageText({ code, args }: Msg): string {
  const sentence = MESSAGES[code] as ((a: Msg['args']) => string) | undefined;
  const said = sentence?.(args) ?? code;
  return args.part ? W.forPart({ part: args.part, said: withinSentence(said) }) : said;
}
