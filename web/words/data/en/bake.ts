import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { counted } from '../../plural';
import { rich } from '../../rich';

export const bakeWords = catalogue('bake', {
  bakeFields: {
    aTinOfYours: 'A tin of yours',
    another: 'another',
    tin: 'Tin',
    noneSetFree: 'none: set free',
    pieces: 'Pieces',
    shaped: 'Shaped',
    standsOn: 'Stands on',
    madeOf: 'Made of',
    doughInAll: 'Dough in all',
    doughGoesInAt: 'Dough goes in at',
    fromTheFridgeFrozen: (a: { degrees: string; degrees2: string }) =>
      `${a.degrees} from the fridge, ${a.degrees2} frozen`,
    doorOpened: 'Door opened',
    times: 'times',
    toLookOrToTurn: 'to look, or to turn it',
    heatedWithTheOven: 'Heated with the oven',
    potStoneOrSheet: 'pot, stone or sheet',
  },
  curves: {
    out: 'out',
    middle: 'Middle',
    crust: 'Crust',
    middleAsWritten: 'Middle, as written',
    crustAsWritten: 'Crust, as written',
    min: (a: { t: number }) => `${a.t} min`,
    afterMinMiddleCrustAs: (a: { min: number; told: string; told2: string; told3: string; told4: string }) =>
      `After ${a.min} min: middle ${a.told}, crust ${a.told2}; as written ${a.told3}, ${a.told4}`,
    pointAtTheCurvesTo: 'Point at the curves to read them.',
    modelledHeatOfTheMiddle: (a: { end: number }) =>
      `Modelled heat of the middle and the crust over ${a.end} minutes, as written and as it is now. The table below has the figures.`,
    itsClockIsStretchedTimes: (a: { number: string }) =>
      ` Its clock is stretched ${a.number} times, to meet the stated time.`,
    blueTheMiddleOchreThe: (a: { clock: ReactNode }) =>
      rich`Blue the middle, ochre the crust; dashed as written; green when it is done. By the model, for comparing the two: what a probe should read stands with the signs.${a.clock}`,
    theSameAsATable: 'The same as a table',
    after: 'After',
    min2: (a: { min: number }) => `${a.min} min`,
  },
  band: {
    grill: 'grill',
    steam: 'steam',
    endOfStage: (a: { i: number; short: string }) => `End of stage ${a.i}, ${a.short}`,
    min: (a: { at: number }) => `${a.at} min`,
  },
  otherTin: {
    hot: 'hot',
    cool: 'cool',
    anotherTin: 'Another tin',
    bakeItAboutCoolerOr: (a: { degrees: string }) =>
      ` Bake it about ${a.degrees} cooler, or it browns before it is through (common practice).`,
    asWrittenTheDoughStands: (a: { number: string; number2: string; coolerC: ReactNode }) =>
      rich`As written the dough stands ${a.number} cm high; here ${a.number2} cm.${a.coolerC}`,
    asHighAsBefore: 'As high as before',
    asFullAsBefore: 'As full as before',
    allTheDoughThereIs: 'All the dough there is',
    runsTrue: ' runs true.',
    runsForSetTheDial: (a: { degrees: string; which: string; temperature: string; temperature2: string }) =>
      ` runs ${a.degrees} ${a.which}: for ${a.temperature} set the dial to ${a.temperature2}.`,
    itHasNoFan: ' It has no fan.',
    theTinDoesNotGo: ' The tin does not go into it.',
    timeCount: (a: { n: number }) => counted(a.n, 'time'),
    itIsFilled: (a: { count: string }) => ` It is filled ${a.count}.`,
  },
  programme: {
    ofStage: (a: { what: string; i: number }) => `${a.what} of stage ${a.i}`,
    oven: 'Oven',
    forWord: 'For',
    min: 'min',
    cover: 'Cover',
    heatFrom: 'Heat from',
    heat: 'Heat',
    fan: 'Fan',
    steam: 'Steam',
    takeOutStage: (a: { i: number }) => `Take out stage ${a.i}`,
    addAStage: 'Add a stage',
    twoSchools: 'Two schools',
  },
  rests: {
    dough: 'Dough',
    batterDensity: 'Batter density',
    gMl: (a: { number: string }) => `${a.number} g/mL`,
    water: 'Water',
    fat: 'Fat',
    sugars: 'Sugars',
    stands: 'Stands',
    cm: (a: { number: string }) => `${a.number} cm`,
    inWord: 'In',
    goesInAt: 'Goes in at',
    loses: 'Loses',
    crust: 'Crust',
    mm: (a: { number: string }) => `${a.number} mm`,
    brownsAs: 'Browns as',
    minAt: (a: { number: string; temperature: string }) => `${a.number} min at ${a.temperature}`,
    howTheTimeComesAbout: 'How the time comes about',
    theFormulasOwnTimeIs:
      'The formula’s own time is known to work. A model of heat, steam and crust bakes it as written and as it is now; the stated time is taken times the ratio of the two. Four of them run: two hearts of the loaf, two crumbs. Their spread is the band.',
    asWritten: 'as written',
    now: 'now',
    slow: ', slow',
    to: (a: { temperature: string; which: string }) => `To ${a.temperature}${a.which}`,
    changesAreWhatItIs:
      'Changes are what it is good for. A time out of nothing is good to a fifth, no better. Set against no measured pair of bakes yet: your own timed bakes are what mends it.',
    propertiesChoiOkos1986Vapour:
      'Properties: Choi & Okos (1986). Vapour in the crumb and drying of the crust after published work on baking, from memory. Colour by sugars, protein and pH: the directions are known, the figures are a guess. How airy, by the kind of bake: common practice.',
    bakedIt: 'Baked it?',
    sayWhatItTookTimes: 'Say what it took: times for this kind of bake then follow your oven and your hand.',
    itTook: 'It took',
    min: 'min',
    keepThisTime: 'Keep this time',
    takeTheLastOneBack: 'Take the last one back',
  },
  section: {
    cmLong: (a: { number: string }) => `, ${a.number} cm long`,
    cmWideAtTheRim: (a: { number: string; which: string; number2: string }) =>
      `${a.number} cm wide at the rim${a.which}, ${a.number2} cm high`,
    setFreeCmAcross: (a: { number: string; which: string }) => `Set free, ${a.number} cm across${a.which}`,
    ofThem: (a: { count: number }) => `, ${a.count} of them`,
    theDoughStandsCmHigh: (a: { where: string; number: string; number2: string; which: string }) =>
      `${a.where}; the dough stands ${a.number} cm high, about ${a.number2} cm when baked${a.which}.`,
    cm: (a: { i: number }) => `${a.i} cm`,
    dashedBaked: (a: { said: string }) => `${a.said} Dashed: baked.`,
  },
  told: {
    add: 'add',
    longer: 'longer',
    shorter: 'shorter',
    min: (a: { number: string }) => `${a.number} min`,
    theChangesMakeLessThan: 'The changes make less than a minute.',
    takeOff: 'take off',
    theChangesAbout: (a: { which: string; min: string }) => `The changes ${a.which} about ${a.min}.`,
    atFirstInPlaceOf: (a: { temperature: string; degrees: string }) =>
      `${a.temperature} at first in place of ${a.degrees}`,
    fanOn: 'fan on',
    fanOff: 'fan off',
    coveredUntil: (a: { min: string }) => `covered until ${a.min}`,
    coveredAllTheTime: 'covered all the time',
    withoutTheLid: 'without the lid',
    grillFrom: (a: { min: string }) => `grill from ${a.min}`,
    fromWord: (a: { temperature: string; min: string }) => `${a.temperature} from ${a.min}`,
    foilOverItFromAbout: (a: { min: string }) => `foil over it from about ${a.min}: it will be dark`,
    brownerOnTopThanAs: 'browner on top than as written',
    palerOnTopThanAs: 'paler on top than as written',
    standsCmHighInPlace: (a: { cm: string; cm2: string }) => `stands ${a.cm} cm high in place of ${a.cm2}`,
    goesInAtInPlace: (a: { temperature: string; degrees: string }) =>
      `goes in at ${a.temperature} in place of ${a.degrees}`,
    lookFrom: (a: { min: string }) => `look from ${a.min}`,
    keepTheStatedInMind: (a: { minutes: string }) =>
      `Keep the stated ${a.minutes} in mind, look early, and go by the signs.`,
    noTimeCanBeGiven: 'No time can be given: go by the signs.',
    fan: ' fan',
    atFirst: ' at first',
    about: (a: { temperature: string; which: string; which2: string; minutes: string }) =>
      `${a.temperature}${a.which}${a.which2}: about ${a.minutes}`,
    whatToDoOtherwise: 'What to do otherwise',
    whatIsChangedMakesNo: 'what is changed makes no difference at the oven.',
    whatIsChangedComesOut: 'what is changed comes out even.',
    asWritten: (a: { minutes: string; which: string }) => `As written ${a.minutes}; ${a.which}`,
    original: (a: { minutes: string; change: string }) => `Original: ${a.minutes}. ${a.change}`,
    theFormulaStatesNoTime:
      'The formula states no time: this is the model’s own window, with its spread. The change alone is better known than the time.',
    timedBakeMakes: 'timed bake makes',
    timedBakesMake: (a: { bakes: number }) => `${a.bakes} timed bakes make`,
    yourOwnIt: (a: { which: string; percent: string }) => ` Your own ${a.which} it ${a.percent}.`,
    whatMakesItSo: 'What makes it so',
    to: (a: { percent: string; percent2: string }) => `(${a.percent} to ${a.percent2})`,
  },
  bakeStop: {
    howYouKnowItIs: 'How you know it is done',
    andHasForAboutMin: (a: { holdMin: number }) =>
      `, and has for about ${a.holdMin} min: a wet loaf sits there while it is still gummy`,
    aProbeInTheMiddle: (a: { temperatures: string; holdMin: ReactNode }) =>
      rich`a probe in the middle reads ${a.temperatures}${a.holdMin}`,
    itHasLostToOf: (a: {
      number: string;
      number2: string;
      amount: string;
      number3: string;
      amount2: string;
    }) =>
      `it has lost ${a.number} to ${a.number2} % of its weight: ${a.amount} of dough weigh ${a.number3} to ${a.amount2} out of the oven`,
    outOfTheTinAfter: (a: { unmouldMin: number }) =>
      `Out of the tin after ${a.unmouldMin} min, or steam makes it soggy. `,
    byTheModelTheMiddle: (a: { temperature: string; time: string }) =>
      ` By the model the middle is down to ${a.temperature} after about ${a.time}.`,
    coolToBeforeCuttingThe: (a: { unmouldMin: ReactNode; time: string; time2: string; coolMin: ReactNode }) =>
      rich`${a.unmouldMin}Cool ${a.time} to ${a.time2} before cutting: the crumb goes on setting, and a warm one is gummy under the knife.${a.coolMin}`,
    keeps: 'Keeps:',
    rulesOfThumbHeatSteam: 'Rules of thumb. Heat, steam and hot tins burn: dry cloths, and stand back.',
    thisKindOfBakeIn: 'This kind of bake in the handbook',
    workingOutTheBake: 'Working out the bake',
    noOvenStated: 'No oven stated',
    beginWith: (a: { temperature: string }) => `Begin with ${a.temperature}`,
    theFormulaSaysNoOven:
      'The formula says no oven heat. Begin with a usual one and change it; where lines have no grams, give them at Read first.',
    atTheOven: 'At the oven',
    whatTheChangeDoesTo: 'what the change does to the time',
    asWritten: (a: { minutes: string }) => `As written: ${a.minutes}.`,
    bakingItInTheModel: 'Baking it in the model',
    heatOverTime: 'Heat over time',
    theTinAndTheDough: 'The tin and the dough',
    whatThisRestsOn: 'What this rests on',
    keepInMind: 'Keep in mind',
    openingTheDoorCosts1: (a: { degrees: string }) =>
      `Opening the door costs 1 to 2 min. Ovens differ by ${a.degrees}: know your own. Dense wet loaves cannot be hurried.`,
    waterBoilsLowerAtYour: 'Water boils lower at your height, and the middle is done lower with it.',
    noRawBatterOrDough: 'No raw batter or dough',
    filledBakesAreCooledFrom: (a: { temperatures: string }) =>
      `filled bakes are cooled from ${a.temperatures} within 2 h`,
    thenBelowWithin4H: (a: { temperature: string }) => `then below ${a.temperature} within 4 h more`,
    localCodeMayAskFor: (a: { list: string }) => `${a.list} (local code may ask for more).`,
  },
});
