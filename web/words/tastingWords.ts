import { isShown, type Tasted, type TastingKind } from '../../core/judge';
import { tastingSentences } from './data/en/sentences/tasting';

const W = tastingSentences;

export const TASTING_WORDS: Record<TastingKind, { name: string; about: string; ask: string }> = {
  triangle: {
    name: W.whichIsTheOddOne,
    about: W.threePlatesTwoOfThem,
    ask: W.theOddOne,
  },
  paired: {
    name: W.whichDoYouLikeBetter,
    about: W.onePlateOfEachTells,
    ask: W.theOneLikedBetter,
  },
};

/** How often chance alone brings it, in words. */
const byChance = (p: number): string =>
  p >= 0.995
    ? W.nearlyAlways
    : p > 0.1
      ? W.aboutTimesIn100({ value: Math.round(100 * p) })
      : W.aboutOnceInTimes({ value: Math.round(1 / p) });

/** What a tasting shows, and what it does not. */
export function tastedWords(t: Tasted, names: { a: string; b: string }): string {
  if (t.n === 0) return W.nobodyHasAnsweredYet;
  const few =
    t.wanted > t.n
      ? W.tooFewToShowAnything({ count: W.tasterCount({ n: t.n }), which: t.n === 1 ? W.isWord : W.areWord })
      : '';
  if (t.kind === 'triangle') {
    const found = W.ofFoundTheOddOne({ count: t.count, tN: t.n, byChance: byChance(t.p) });
    return isShown(t)
      ? W.theyCanBeToldApart({ found })
      : W.noDifferenceWasShownThat({
          found,
          which: few ? '.' : W.ofWouldHaveToFind({ wanted: t.wanted, tN: t.n }),
          few,
        });
  }
  const [most, name] = t.liked === 'b' ? [t.n - t.count, names.b] : [t.count, names.a];
  if (t.liked === null) return W.asManyLikedOneAs({ count: t.count, tN: t.n, few });
  const liked = W.ofLikedBetterByChance({ most, tN: t.n, name, byChance: byChance(t.p) });
  return isShown(t)
    ? W.itIsLikedBetter({ liked })
    : W.neitherWasShownToBe({
        liked,
        which: few ? '.' : W.ofWouldHaveToSay({ wanted: t.wanted, tN: t.n }),
        few,
      });
}
