import type * as English from '../en/add';
import { counted } from '../../plural';
import { rich } from '../../rich';

export const addWords: typeof English.addWords = {
  putAll: {
    pastedFormula: (a) => `Eingefügte Formel ${a.i}`,
    stop: 'Anhalten',
    addAllFormulas: (a) => `Alle ${a.foundCount} Formeln hinzufügen`,
    addingOf: (a) => `${a.done} von ${a.ofValue} werden hinzugefügt`,
    formulaCount: (a) => counted(a.n, 'Formel', 'Formeln'),
    added: (a) => `${a.count} hinzugefügt.`,
    toTheFormulas: 'Zu den Formeln',
    notPutThere: (a) => ` Nicht hinzugefügt: ${a.list}. ${a.why}`,
  },
  fromElsewhere: {
    thatIsMoreThanTwo: 'Das sind mehr als zwei Millionen Zeichen. Kopiere nur das Rezept.',
    noRecipeWithIngredientsIs:
      'Darin ist kein Rezept mit Zutaten ausgezeichnet. Kopiere seine Zeilen und füge sie hier ein.',
    itIsCutOffOr:
      'Die Daten sind abgeschnitten oder beschädigt und lassen sich nicht lesen. Kopiere sie ganz, oder füge nur die Zeilen ein.',
    theTableHasNoRows: 'Die Tabelle hat keine Zeilen.',
    noColumnIsCalledIngredient:
      'Keine Spalte heißt „ingredient“ oder „name“. Nenne sie so in der ersten Zeile.',
    noColumnIsCalledGrams: 'Keine Spalte heißt „grams“ oder „amount“. Nenne sie so in der ersten Zeile.',
    recipeCount: (a) => counted(a.n, 'Rezept', 'Rezepte'),
    thisIsAPagesSource: (a) => `Das ist der Quelltext einer Seite. Er enthält ${a.count}.`,
    itsPicturesRatingsAndNutrition:
      'Bilder, Bewertungen und Nährwerte bleiben zurück; die Ofenhitze wird aus der Anleitung gelesen.',
    formulaCount: (a) => counted(a.n, 'Formel', 'Formeln'),
    thisTextHolds: (a) => `Dieser Text enthält ${a.count}.`,
    theyAreToldApartBy: 'Sie werden an Titeln mit # oder an einer Strichzeile unterschieden.',
    notTakenIn: (a) => ` Nicht übernommen: ${a.list}.`,
    thisIsATableOf: 'Das ist eine Tabelle mit Zeilen.',
    aTableHoldsNoMethod: (a) =>
      `Eine Tabelle enthält keine Anleitung, keinen Ofen und keine Form: gib sie hier an.${a.left}`,
    thisIsAPlainText: 'Das ist einfacher Text.',
    fromAFile: 'Aus einer Datei',
    noFormulaCanBeTaken: 'Daraus lässt sich keine Formel lesen',
    it: 'es',
    take: (a) => `${a.which} verwenden`,
  },
  pasteRows: {
    note: 'Notiz',
    part: 'Teil',
    ingredient: 'Zutat',
    step: 'Schritt',
    title: 'Titel',
    leftOut: 'weggelassen',
    whatEachRowIs: 'Was jede Zeile ist',
    rowsOfThePaste: 'Zeilen des Eingefügten',
    kindOf: (a) => `Art von „${a.rText}“`,
    asItWasRead: 'Wie gelesen',
  },
  newFormulaPage: {
    addAFormula: 'Formel hinzufügen',
    untitledFormula: 'Formel ohne Titel',
    pasteItAsYouFound:
      'Füge sie ein, wie du sie gefunden hast: Tassen, Löffel, Gramm, Brüche. Schon glutenfrei.',
    couldNotSave: 'Konnte nicht gespeichert werden',
    title: 'Titel',
    ingredientsOneALine: 'Zutaten, eine je Zeile',
    text250GSorghumFlour2: '250 g Sorghummehl\n2 große Eier\n375 ml Buttermilch',
    thatIsMoreThanAny: 'Das ist mehr als jede Formel. Teile es auf.',
    method: 'Anleitung',
    oven: 'Ofen',
    text180COr350F: '180 C oder 350 F',
    time: 'Zeit',
    text45Min: '45 min',
    kindOfBake: 'Art des Gebäcks',
    readFromTheText: 'aus dem Text gelesen',
    cupsAndSpoons: 'Tassen und Löffel',
    kitchen: 'Küche',
    asInYour: (a) => rich`wie in deiner ${a.link}`,
    forThisTextAlone: 'nur für diesen Text',
    readingFailed: 'Lesen fehlgeschlagen',
    nothingYouEnteredIsLost: 'Nichts, was du eingegeben hast, ist verloren. Lade die Seite neu.',
    whatIsUnderstoodAppearsHere: 'Hier erscheint, was verstanden wurde',
    eachLineInGramsHow:
      'Jede Zeile in Gramm, wie sie gelesen wurde, und was nicht bekannt ist. Du kannst alles davon berichtigen.',
    take: (a) => `${a.temperature} verwenden`,
    mainPart: 'Hauptteil',
    bake: (a) => `Backen: ${a.oven}`,
    addFormula: 'Formel hinzufügen',
    lineCount: (a) => counted(a.n, 'Zeile', 'Zeilen'),
    allKnown: 'alle bekannt',
    notKnownCorrectThemNow: (a) => `${a.unknown} nicht bekannt: jetzt berichtigen oder später unter Lesen`,
  },
};
