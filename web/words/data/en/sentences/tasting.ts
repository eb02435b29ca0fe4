import { catalogue } from '../../../catalogue';
import { counted } from '../../../plural';

export const tastingSentences = catalogue('sentences/tasting', {
  isWord: 'is',
  areWord: 'are',
  whichIsTheOddOne: 'Which is the odd one?',
  threePlatesTwoOfThem:
    'Three plates, two of them the same. Tells whether anyone can taste a difference at all.',
  theOddOne: 'the odd one',
  whichDoYouLikeBetter: 'Which do you like better?',
  onePlateOfEachTells: 'One plate of each. Tells whether one is liked better.',
  theOneLikedBetter: 'the one liked better',
  nearlyAlways: 'nearly always',
  aboutTimesIn100: (a: { value: number }) => `about ${a.value} times in 100`,
  aboutOnceInTimes: (a: { value: number }) => `about once in ${a.value} times`,
  nobodyHasAnsweredYet: 'Nobody has answered yet.',
  tasterCount: (a: { n: number }) => counted(a.n, 'taster'),
  tooFewToShowAnything: (a: { count: string; which: string }) =>
    ` ${a.count} ${a.which} too few to show anything, whatever they say.`,
  ofFoundTheOddOne: (a: { count: number; tN: number; byChance: string }) =>
    `${a.count} of ${a.tN} found the odd one; by guessing alone as many do ${a.byChance}.`,
  theyCanBeToldApart: (a: { found: string }) => `${a.found} They can be told apart.`,
  ofWouldHaveToFind: (a: { wanted: number; tN: number }) => `: ${a.wanted} of ${a.tN} would have to find it.`,
  noDifferenceWasShownThat: (a: { found: string; which: string; few: string }) =>
    `${a.found} No difference was shown${a.which}${a.few} That is not to say that there is none.`,
  asManyLikedOneAs: (a: { count: number; tN: number; few: string }) =>
    `As many liked one as the other, ${a.count} each of ${a.tN}.${a.few} Neither was shown to be better.`,
  ofLikedBetterByChance: (a: { most: number; tN: number; name: string; byChance: string }) =>
    `${a.most} of ${a.tN} liked ${a.name} better; by chance alone one of the two gets as many ${a.byChance}.`,
  itIsLikedBetter: (a: { liked: string }) => `${a.liked} It is liked better.`,
  ofWouldHaveToSay: (a: { wanted: number; tN: number }) => `: ${a.wanted} of ${a.tN} would have to say so.`,
  neitherWasShownToBe: (a: { liked: string; which: string; few: string }) =>
    `${a.liked} Neither was shown to be better${a.which}${a.few}`,
});
