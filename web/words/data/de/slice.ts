import type * as English from '../en/slice';

export const sliceWords: typeof English.sliceWords = {
  slicePhoto: {
    arrowKeysMoveItWith: (a) => `${a.handle}: Pfeiltasten bewegen ihn, mit Umschalt weiter`,
  },
  slicePage: {
    card: 'Karte',
    edge: 'Rand',
    base: 'Boden',
    noHole: 'Kein Loch',
    theFourMarksLieOn: 'Die vier Marken liegen auf den Ecken der Karte; sie müssen nicht genau sein.',
    moveTheMarksWhereThe: 'Beweg die Marken, wo die blaue Linie den Rand der Scheibe verfehlt.',
    theLineThroughBothMarks:
      'Die Linie durch beide Marken ist, worauf die Scheibe steht. Höhen zählen von dort.',
    pressOnARaisinA:
      'Drück auf eine Rosine, einen Kern oder ein Stück Schokolade: es zählt weder als Loch noch als Krume.',
    measureTheSlice: 'Die Scheibe messen',
    thisTrialCannotBeShown: 'Dieser Versuch konnte nicht geladen werden',
    fetchingTheTrial: 'Der Versuch wird geladen',
    cornerOfTheCard: (a) => `Ecke ${a.i} der Karte`,
    markOfTheEdge: (a) => `Marke ${a.i} des Rands`,
    oneEndOfTheBase: 'Ein Ende des Bodens',
    otherEndOfTheBase: 'Anderes Ende des Bodens',
    crossHairs: 'Fadenkreuz',
    backToTheTrial: 'Zurück zum Versuch',
    thisPhotoIsNotHere: 'Dieses Foto ist nicht mehr hier',
    thePhotoCouldNotBe: 'Das Foto konnte nicht gemessen werden',
    loadThePageAgainOr: 'Lade die Seite neu, oder nimm das Foto kleiner auf.',
    sliceAndCard: (a) => `${a.trialTitle}, Scheibe und Karte`,
    openingThePhoto: 'Das Foto wird geladen',
    edgeAndCrumbInsideThe: 'Rand, und Krume innerhalb der Kruste',
    baseHeight: 'Boden, Höhe',
    holesOf12Mm: 'Löcher ab 1,2 mm',
    gummyLine: 'Speckrand',
    tunnelsPerhapsLook: 'vielleicht Tunnel: nachsehen',
    whatItMeasures: 'Was gemessen wird',
    whatToMendOnThe: 'Was am Foto zu berichtigen ist',
    noHoleAtTheCross: 'Kein Loch am Fadenkreuz',
    takeTheLastOneBack: 'Das letzte entfernen',
    asItWasFound: 'Wie gefunden',
    whereTheCardLies: 'Lage der Karte',
    cardLevelWithTheCut: 'Karte auf Höhe der Schnittfläche',
    cardOnTheBoard: 'Karte auf dem Brett',
    theSliceIsSoThick: 'Dicke der Scheibe',
    aCutNearerTheCamera:
      'Eine Schnittfläche näher an der Kamera erscheint größer. Der Abstand der Kamera ist geschätzt, darum sind alle Spannen weiter.',
    aCutNearerTheCamera2:
      'Eine Schnittfläche näher an der Kamera erscheint größer; der Abstand der Kamera kommt aus den Daten des Fotos.',
    mm: ' mm',
    measuringTheSlice: 'Die Scheibe wird gemessen',
    inNumbers: 'In Zahlen',
    keepTheseNumbers: 'Diese Zahlen speichern',
    markIt: (a) => `Markieren: ${a.name}`,
    spansHoldNineTimesOf:
      'Die Spannen gelten bei neun von zehn gezeichneten Scheiben; noch kein Brot wurde mit einem Lineal geprüft. Eine Scheibe ist nicht das Brot: schneide zwei. Der Vergleich mit einem früheren Foto von dir sagt mehr als ein Foto allein.',
  },
};
