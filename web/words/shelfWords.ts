import type { ShelfQuery } from '../../contract/dto';
import { CLASS_IDS } from '../../core/classes';
import { fold, foldedWords } from '../../core/explain';
import { CLASS_WORDS } from './data/names';

const MOST_WORDS = 12;

/**
 * Words as the shelf is asked for them. The server knows titles; what a kind of bake is called is known here, so each word
 * goes with the kinds it may mean.
 */
export const lookedFor = (q: string): Pick<ShelfQuery, 'w'> => {
  const words = foldedWords(q)
    .slice(0, MOST_WORDS)
    .map((word) => {
      const kinds = CLASS_IDS.filter((id) => fold(CLASS_WORDS[id]).includes(word));
      const said = word.replaceAll('~', ' ');
      return kinds.length > 0 ? `${said}~${kinds.join(',')}` : said;
    });
  return words.length > 0 ? { w: words } : {};
};
