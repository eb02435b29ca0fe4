import { atHead } from './case';
import { argOf } from '../../core/explain';
import type { Step, WordSwap } from '../../core/method';
import { messageText } from './say';
import { kitName } from './things';

/** What comes in place of words that leave: a way's name, as it stands in a sentence. */
function comesIn({ msg }: WordSwap): string {
  if (msg.code === 'step.nothing') return '';
  if (msg.code === 'step.word' || msg.code === 'step.called') return messageText(msg);
  return kitName(argOf(msg, 'kit') ?? '', true).split(',')[0]!;
}

/** A step's text in pieces: what stays, and what leaves with what comes in its place. */
export function piecesOfStep({ text, swaps = [] }: Step): (string | { out: string; comes: string })[] {
  const pieces: (string | { out: string; comes: string })[] = [];
  let at = 0;
  for (const swap of swaps) {
    if (swap.from > at) pieces.push(text.slice(at, swap.from));
    const out = text.slice(swap.from, swap.to);
    const comes = comesIn(swap);
    // Where a sentence begins with it.
    const begins = /^\p{Lu}/u.test(out);
    pieces.push({ out, comes: begins ? atHead(comes) : comes });
    at = swap.to;
  }
  return [...pieces, text.slice(at)].filter((p) => p !== '');
}

/** A step's own words as they now go. */
export const textNow = (step: Step): string =>
  step.added
    ? messageText(step.added)
    : piecesOfStep(step)
        .map((p) => (typeof p === 'string' ? p : p.comes))
        .join('');

/** Words of a step and what is noted on it, each a sentence of its own. */
const withNotes = (text: string, notes: readonly string[]): string =>
  [notes.length > 0 && /[\p{L}\p{N}]$/u.test(text) ? `${text}.` : text, ...notes].filter(Boolean).join(' ');

/** A step as it now goes, with its notes; null for one that is struck. */
export function stepText(step: Step): string | null {
  if (step.own !== undefined) return step.own;
  if (step.struck) return null;
  return withNotes(textNow(step), step.notes.map(messageText));
}

/** A step in plain words, to begin with when it is rewritten: a struck one too. */
export const plainStep = (s: Step): string =>
  withNotes(textNow(s), [...(s.struck ? [messageText(s.struck)] : []), ...s.notes.map(messageText)]);
