import type * as English from '../../en/sentences/tasting';
import { counted } from '../../../plural';

export const tastingSentences: typeof English.tastingSentences = {
  isWord: 'ist',
  areWord: 'sind',
  whichIsTheOddOne: 'Welcher ist anders?',
  threePlatesTwoOfThem:
    'Drei Teller, zwei davon gleich. Sagt, ob überhaupt jemand einen Unterschied schmeckt.',
  theOddOne: 'der andere',
  whichDoYouLikeBetter: 'Welcher schmeckt dir besser?',
  onePlateOfEachTells: 'Von jedem ein Teller. Sagt, ob einer lieber gemocht wird.',
  theOneLikedBetter: 'der lieber gemochte',
  nearlyAlways: 'fast immer',
  aboutTimesIn100: (a) => `etwa ${a.value}-mal von 100`,
  aboutOnceInTimes: (a) => `etwa einmal von ${a.value} Malen`,
  nobodyHasAnsweredYet: 'Noch hat niemand geantwortet.',
  tasterCount: (a) => counted(a.n, 'Verkoster', 'Verkoster'),
  tooFewToShowAnything: (a) =>
    ` ${a.count} ${a.which} zu wenig, um etwas zu zeigen, was auch immer sie sagen.`,
  ofFoundTheOddOne: (a) =>
    `${a.count} von ${a.tN} fanden den anderen; allein durch Raten sind es so viele ${a.byChance}.`,
  theyCanBeToldApart: (a) => `${a.found} Sie sind zu unterscheiden.`,
  ofWouldHaveToFind: (a) => `: ${a.wanted} von ${a.tN} müssten ihn finden.`,
  noDifferenceWasShownThat: (a) =>
    `${a.found} Kein Unterschied wurde gezeigt${a.which}${a.few} Das heißt nicht, dass es keinen gibt.`,
  asManyLikedOneAs: (a) =>
    `Gleich viele mochten den einen wie den anderen, je ${a.count} von ${a.tN}.${a.few} Für keinen wurde gezeigt, dass er besser ist.`,
  ofLikedBetterByChance: (a) =>
    `${a.most} von ${a.tN} mochten ${a.name} lieber; durch Zufall allein bekommt einer der beiden so viele ${a.byChance}.`,
  itIsLikedBetter: (a) => `${a.liked} Er wird lieber gemocht.`,
  ofWouldHaveToSay: (a) => `: ${a.wanted} von ${a.tN} müssten es sagen.`,
  neitherWasShownToBe: (a) => `${a.liked} Für keinen wurde gezeigt, dass er besser ist${a.which}${a.few}`,
};
