import type * as English from '../../en/sentences/experiment';

export const experimentSentences: typeof English.experimentSentences = {
  together: (a) => `${a.before} mit ${a.next}`,
  halfwayTo: (a) => `auf halbem Weg, ${a.low} bis ${a.high}`,
  fromTo: (a) => `${a.single}, von ${a.low} auf ${a.high}: ${a.signed}`,
  beyondWhatEachDoesAlone: (a) => `${a.name}, über das hinaus, was jedes allein tut: ${a.signed}`,
  to: (a) => ` (${a.signed} bis ${a.signed2})`,
  shown: '. Gezeigt.',
  notShownItMayBe: '. Nicht gezeigt: es kann nichts sein.',
  thisPlanCannotTellIt: (a) => ` Dieser Plan kann es nicht von ${a.list} unterscheiden.`,
  noBakeWasMadeTwice:
    'Kein Backgang wurde wiederholt, darum kann niemand sagen, wie viel davon Zufall ist. Wiederhole einige, oder back einige auf halbem Weg.',
  noBakeWasMadeTwice2: (a) =>
    `Kein Backgang wurde wiederholt. Wenn die meisten davon keine Wirkung haben, reicht der Zufall bis etwa ${a.number}`,
  andNoneGoesBeyondIt: (a) => `${a.rest}, und keines geht darüber hinaus.`,
  beyondItBakeSomeOf: (a) =>
    `${a.rest}. Darüber hinaus: ${a.list}. Back einige noch einmal, um sicher zu sein.`,
  twoBakesMadeAlikeLay: (a) =>
    `Zwei gleiche Backgänge lagen bei ${a.measured} um etwa ${a.number} auseinander.`,
  nothingWasShownToChange: (a) =>
    `${a.spread} Für nichts wurde gezeigt, dass es das ändert. Das heißt nicht, dass nichts es tut.`,
  shownToChangeIt: (a) => `${a.spread} Gezeigt, dass es das ändert: ${a.list}.`,
  itBendsAndTheBest: ': die Wirkung ist keine gerade Linie, und das Beste kann dazwischen liegen.',
  halfwayItIsAgainstThe: (a) => `Auf halbem Weg ist es ${a.signed} gegen die Ecken${a.which}${a.which2}`,
  everyCombinationIsBakedNothing: 'Jede Kombination wird gebacken: keine Wirkung verdeckt eine andere.',
  resolutionIiiEachFactorHides:
    'Auflösung III: jeder Faktor kann mit zwei anderen zusammen verwechselt werden.',
  resolutionIvFactorsStandClear:
    'Auflösung IV: Faktoren sind eindeutig; Paare können mit anderen Paaren verwechselt werden.',
  resolutionVFactorsAndPairs: 'Auflösung V: Faktoren und Paare sind eindeutig.',
  fromToBesideBeside: (a) =>
    `${a.name}, von ${a.low} auf ${a.high}: ${a.low2} neben ${a.name2} ${a.low3}, ${a.high2} neben ${a.name3} ${a.high3}.`,
  bake: (a) => `Backgang ${a.i}: ${a.settings}`,
};
