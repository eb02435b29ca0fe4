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
    thisTrialCannotBeShown: 'Dieser Versuch kann nicht gezeigt werden',
    fetchingTheTrial: 'Der Versuch wird geholt',
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
    openingThePhoto: 'Das Foto wird geöffnet',
    edgeAndCrumbInsideThe: 'Rand, und Krume innerhalb der Kruste',
    baseHeight: 'Boden, Höhe',
    holesOf12Mm: 'Löcher ab 1,2 mm',
    gummyLine: 'Speckrand',
    tunnelsPerhapsLook: 'Tunnel vielleicht: sieh nach',
    whatItMeasures: 'Was gemessen wird',
    whatToMendOnThe: 'Was am Foto zu berichtigen ist',
    noHoleAtTheCross: 'Kein Loch am Fadenkreuz',
    takeTheLastOneBack: 'Das letzte zurücknehmen',
    asItWasFound: 'Wie es gefunden wurde',
    whereTheCardLies: 'Wo die Karte liegt',
    cardLevelWithTheCut: 'Karte auf Höhe der Schnittfläche',
    cardOnTheBoard: 'Karte auf dem Brett',
    theSliceIsSoThick: 'Die Scheibe ist so dick',
    aCutNearerTheCamera:
      'Eine Schnittfläche näher an der Kamera erscheint größer. Wie weit die Kamera weg war, ist geschätzt, darum werden alle Spannen größer.',
    aCutNearerTheCamera2:
      'Eine Schnittfläche näher an der Kamera erscheint größer; wie weit sie weg war, folgt aus den Daten des Fotos.',
    mm: ' mm',
    measuringTheSlice: 'Die Scheibe wird gemessen',
    inNumbers: 'In Zahlen',
    keepTheseNumbers: 'Diese Zahlen behalten',
    markIt: (a) => `Markieren: ${a.name}`,
    spansHoldNineTimesOf:
      'Spannen gelten in neun von zehn gezeichneten Scheiben; noch ist kein Brot gegen ein Lineal gemessen. Eine Scheibe ist nicht das Brot: schneide zwei. Neben einem früheren Foto von dir sagt es mehr als allein.',
  },
};
