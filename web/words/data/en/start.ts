import { catalogue } from '../../catalogue';

export const startWords = catalogue('start', {
  welcome: {
    theDemoKitchen: 'The demo kitchen',
    aMadeUpKioskOn:
      'A made-up kiosk on a ferry landing, with its formulas, people, ovens and packets. Try anything; none of it appears in your own kitchen.',
    lookRoundTheDemoKitchen: 'Look round the demo kitchen',
    yourOwnKitchen: 'Your own kitchen',
    thereIsNoFormulaHere:
      'There is no formula here yet. Paste a formula that works for you now, then say what to leave out: egg, dairy, nuts or oil.',
    startMyOwnKitchen: 'Start my own kitchen',
    pasteTheFirstFormula: 'Paste the first formula',
  },
  countries: {
    gramsAndC: 'Grams and °C',
    metricCupsAndSpoonsEuropean: 'metric cups and spoons, European eggs and packets, €',
    gramsAndCAsIn: 'Grams and °C, as in Britain',
    metricCupsAndSpoonsBritish: 'metric cups and spoons, British eggs and packets (read as European), £',
    cupsAndF: 'Cups and °F',
    usCupsAndSpoonsUs: 'US cups and spoons, US eggs and packets, $',
    cupsOf250MlAnd: 'Cups of 250 ml and °C',
    metricCupsSpoonsOf20: 'metric cups, spoons of 20 ml, packets read as European, $',
  },
  startPage: {
    whatDoYouMeasureWith: 'What do you measure with?',
    whoEatsHere: 'Who eats here?',
    whichOvenDoYouBake: 'Which oven do you bake in?',
    yourOwnKitchen: 'Your own kitchen',
    yourOwnKitchenQuestionOf: (a: { at: number; qUESTIONSCount: number }) =>
      `Your own kitchen, question ${a.at} of ${a.qUESTIONSCount}. All of it can be changed in Kitchen.`,
    takenWhereAFormulaDoes: 'Used where a formula does not state it',
    nextQuestion: 'Next question',
    toTheFormulas: 'Go to formulas',
    back: 'Back',
    skipTheQuestions: 'Skip the questions',
  },
});
