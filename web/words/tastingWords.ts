import { isShown, type Tasted, type TastingKind } from '../../core/judge';
import { counted } from './format';

export const TASTING_WORDS: Record<TastingKind, { name: string; about: string; ask: string }> = {
  triangle: {
    name: 'Which is the odd one?',
    about: 'Three plates, two of them the same. Tells whether anyone can taste a difference at all.',
    ask: 'the odd one',
  },
  paired: {
    name: 'Which do you like better?',
    about: 'One plate of each. Tells whether one is liked better.',
    ask: 'the one liked better',
  },
};

/** How often chance alone brings it, in words. */
const byChance = (p: number): string =>
  p >= 0.995
    ? 'nearly always'
    : p > 0.1
      ? `about ${Math.round(100 * p)} times in 100`
      : `about once in ${Math.round(1 / p)} times`;

/** What a tasting shows, and what it does not. */
export function tastedWords(t: Tasted, names: { a: string; b: string }): string {
  if (t.n === 0) return 'Nobody has answered yet.';
  const few =
    t.wanted > t.n
      ? ` ${counted(t.n, 'taster')} ${t.n === 1 ? 'is' : 'are'} too few to show anything, whatever they say.`
      : '';
  if (t.kind === 'triangle') {
    const found = `${t.count} of ${t.n} found the odd one; by guessing alone as many do ${byChance(t.p)}.`;
    return isShown(t)
      ? `${found} They can be told apart.`
      : `${found} No difference was shown${few ? '.' : `: ${t.wanted} of ${t.n} would have to find it.`}${few} That is not to say that there is none.`;
  }
  const [most, name] = t.liked === 'b' ? [t.n - t.count, names.b] : [t.count, names.a];
  if (t.liked === null)
    return `As many liked one as the other, ${t.count} each of ${t.n}.${few} Neither was shown to be better.`;
  const liked = `${most} of ${t.n} liked ${name} better; by chance alone one of the two gets as many ${byChance(t.p)}.`;
  return isShown(t)
    ? `${liked} It is liked better.`
    : `${liked} Neither was shown to be better${few ? '.' : `: ${t.wanted} of ${t.n} would have to say so.`}${few}`;
}
