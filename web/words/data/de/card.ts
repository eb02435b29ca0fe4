import type * as English from '../en/card';
import { counted } from '../../plural';
import { rich } from '../../rich';

export const cardWords: typeof English.cardWords = {
  beginBench: {
    atTheBench: 'An der Werkbank',
    howMuchOfIt: 'Wie viel davon',
    text1AsOnTheCard: '1 wie auf der Karte, 2 doppelt so viel',
    batch: ' Ansatz',
    batches: ' Ansätze',
    writeHowManyBatchesSuch: 'Schreib, wie viele Ansätze, etwa 1 oder 2,5.',
    theScaleShowsStepsOf: 'Die Waage zeigt Schritte von',
    theBenchCannotBeBegun: 'Die Werkbank kann nicht beginnen',
    begin: 'Beginnen',
  },
  care: {
    newInIt: 'Neu darin:',
    notKnown: 'Nicht bekannt:',
    balanceFeelLiftAndThe: (a) =>
      rich`${a.strong} ${a.list}. Bilanz, Gefühl, Trieb und die Änderung der Zeit hängen daran, darum wird nichts davon gesagt.`,
    wheatAndWhatIsLeft:
      'Weizen und was hier wegbleibt, dürfen nicht an Mehl, Waage, Brett oder Form sein: Spuren zählen.',
    doNotEatRawBatter:
      'Rohen Teig nicht essen. Vor dem Anschneiden ganz auskühlen lassen: glutenfreie Krume wird noch fest.',
    helpForABakerNot:
      'Hilfe für Bäcker, kein ärztlicher oder rechtlicher Rat. Lies das Etikett und beachte die örtlichen Lebensmittelvorschriften.',
    whatItHoldsAndWhat: 'Was es enthält und worauf zu achten ist',
    takeCare: 'Achtung',
  },
  keepBack: {
    keepGOfTheBack: (a) =>
      `Halte ${a.number} g ${a.ingredient} erst zurück: was neu darin ist, trinkt mehr oder weniger. Hör auf, wenn es sich richtig anfühlt.`,
  },
  lines: {
    asNeeded: 'nach Bedarf',
    weigh: 'Abwiegen',
    grams: 'Gramm',
    ounces: 'Unzen',
    ingredient: 'Zutat',
    bakers: 'Bäcker-%',
    asWritten: 'Original',
    none: 'keine',
    inTheBowl: 'in der Schüssel',
  },
  takes: {
    some: 'etwas',
    theRestOfThe: 'den Rest von',
    mostOfThe: 'das meiste von',
  },
  nutrition: {
    fat: 'Fett',
    carbohydrate: 'Kohlenhydrate',
    ofWhichSugars: 'davon Zucker',
    fibre: 'Ballaststoffe',
    protein: 'Eiweiß',
    salt: 'Salz',
    more: (a) => `${a.namesCount} weitere`,
    kjKcal: (a) => `${a.number} kJ, ${a.number2} kcal`,
    nutritionAndCost: 'Nährwerte und Kosten',
    nutrition: 'Nährwerte',
    nutritionInFigures: 'Nährwerte in Zahlen',
    energy: 'Energie',
    text100GBaked: '100 g gebacken',
    oneOfAbout: (a) => `eines von ${a.n}, etwa ${a.amount}`,
    giveOrTakeG: (a) => `, plus oder minus ${a.number} g`,
    withoutWhatIsNotKnown: (a) => ` Ohne das, was nicht bekannt ist: ${a.missing}.`,
    workedOutFromTablesAnd: (a) =>
      `Aus Tabellen und Packungen berechnet, nicht gemessen; gebacken wiegt es ${a.amount}${a.which}. Gesättigte Fette stehen in keiner unserer Tabellen.${a.missing} Ein Etikett für den Verkauf braucht mehr als das.`,
    cost: 'Kosten',
    notToldOfLinesHave: (a) =>
      rich`${a.strong} nicht angegeben: ${a.priced} von ${a.priced2} Zeilen haben eine Packung mit Preis.`,
    aPiece: (a) => `, ${a.money} je Stück`,
    lineCount: (a) => counted(a.n, 'Zeile', 'Zeilen'),
    withoutWhosePriceIsNot: (a) => `, ohne ${a.count}, deren Preis nicht bekannt ist: ${a.names}`,
    forTheBatch: (a) => rich`${a.strong} ${a.money} für den Ansatz${a.n}${a.unpricedCount}.`,
  },
  card: {
    forAboutMin: (a) => ` für etwa ${a.holdMin} min`,
    theMiddleReads: (a) => `der Kern zeigt ${a.temperatures}${a.which}`,
    doneWhen: 'Fertig, wenn',
    coolToBeforeCutting: (a) =>
      rich`${a.strong} ${a.list}. Vor dem Anschneiden ${a.time} bis ${a.time2} auskühlen.`,
    keeps: 'Hält sich',
    asWritten: 'Original',
    method: 'Anleitung',
    lift: 'Trieb',
    bake: 'Backen',
    theTimeOfTheOriginal: ', die Zeit des Originals: früh nachsehen und nach den Zeichen gehen',
    noStatedTime: 'keine Zeit angegeben',
    forAsWrittenByThe: (a) =>
      `, für ${a.which} Original, durch die Änderung: früh nachsehen und nach den Zeichen gehen`,
  },
  cardPage: {
    recipeFile: 'Rezeptdatei',
    saveAsARecipeFile: 'Als Rezeptdatei speichern',
    schemaOrgJsonLdLines:
      'schema.org JSON-LD: Zeilen, Schritte, Zeit. Prozente, Aufgaben und Bilanz bleiben zurück.',
    text: 'Text',
    saveAsText: 'Als Text speichern',
    linesStepsAndTheBake: 'Zeilen, Schritte und das Backen. Prozente, Aufgaben und Bilanz bleiben zurück.',
    table: 'Tabelle',
    saveAsATable: 'Als Tabelle speichern',
    theLinesWithGramsAnd: 'Die Zeilen mit Gramm und Bäckerprozenten. Anleitung und Backen bleiben zurück.',
    untitledFormula: 'Formel ohne Titel',
    card: (a) => `${a.title}, Karte`,
    asWritten: 'Original',
    backToTheDesk: 'Zurück zum Arbeitstisch',
    asWrittenBesideIt: 'Das Original daneben',
    saveAs: 'Speichern als',
    cutIntoSoManySlices: 'In so viele Scheiben geschnitten',
    slices: 'Scheiben',
    paper: 'Papier',
    bakedIt: 'Gebacken',
    atTheBench: 'An der Werkbank',
    printTheCard: 'Die Karte drucken',
    print: 'Drucken',
    thisCardCannotBeShown: 'Diese Karte kann nicht gezeigt werden',
    fetchingTheCard: 'Die Karte wird geholt',
  },
};
