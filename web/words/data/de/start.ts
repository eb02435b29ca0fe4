import type * as English from '../en/start';

export const startWords: typeof English.startWords = {
  welcome: {
    theDemoKitchen: 'Die Probeküche',
    aMadeUpKioskOn:
      'Ein erfundener Kiosk an einem Fähranleger, mit seinen Formeln, Leuten, Öfen und Packungen. Probier alles aus; nichts davon erscheint in deiner eigenen Küche.',
    lookRoundTheDemoKitchen: 'Die Probeküche ansehen',
    yourOwnKitchen: 'Deine eigene Küche',
    thereIsNoFormulaHere:
      'Hier ist noch keine Formel. Füge eine ein, die dir jetzt gelingt, dann sag, was wegbleiben soll: Ei, Milch, Nüsse oder Öl.',
    startMyOwnKitchen: 'Meine eigene Küche anfangen',
    pasteTheFirstFormula: 'Die erste Formel einfügen',
  },
  countries: {
    gramsAndC: 'Gramm und °C',
    metricCupsAndSpoonsEuropean: 'metrische Tassen und Löffel, europäische Eier und Packungen, €',
    gramsAndCAsIn: 'Gramm und °C, wie in Großbritannien',
    metricCupsAndSpoonsBritish:
      'metrische Tassen und Löffel, britische Eier und Packungen (wie die europäischen gelesen), £',
    cupsAndF: 'Tassen und °F',
    usCupsAndSpoonsUs: 'US-Tassen und -Löffel, US-Eier und -Packungen, $',
    cupsOf250MlAnd: 'Tassen von 250 ml und °C',
    metricCupsSpoonsOf20: 'metrische Tassen, Löffel von 20 ml, Packungen wie die europäischen gelesen, $',
  },
  startPage: {
    whatDoYouMeasureWith: 'Womit misst du?',
    whoEatsHere: 'Wer isst hier?',
    whichOvenDoYouBake: 'In welchem Ofen backst du?',
    yourOwnKitchen: 'Deine eigene Küche',
    yourOwnKitchenQuestionOf: (a) =>
      `Deine eigene Küche, Frage ${a.at} von ${a.qUESTIONSCount}. Alles lässt sich in der Küche ändern.`,
    takenWhereAFormulaDoes: 'Gilt, wo eine Formel es nicht selbst angibt',
    nextQuestion: 'Nächste Frage',
    toTheFormulas: 'Zu den Formeln',
    back: 'Zurück',
    skipTheQuestions: 'Die Fragen überspringen',
  },
};
