import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { counted } from '../../plural';
import { rich } from '../../rich';

export const bakeWords = catalogue('bake', {
  bakeFields: {
    aTinOfYours: 'A tin of yours',
    another: 'another',
    tin: 'Tin',
    noneSetFree: 'no tin (free-form)',
    pieces: 'Pieces',
    shaped: 'Shaped',
    standsOn: 'Baked on',
    madeOf: 'Made of',
    doughInAll: 'Total dough',
    doughGoesInAt: 'Dough temperature going in',
    fromTheFridgeFrozen: (a: { degrees: string; degrees2: string }) =>
      `${a.degrees} from the fridge, ${a.degrees2} frozen`,
    doorOpened: 'Door opened',
    times: 'times',
    toLookOrToTurn: 'to look, or to turn it',
    heatedWithTheOven: 'Preheated with the oven',
    potStoneOrSheet: 'pot, stone or sheet',
  },
  curves: {
    out: 'out',
    middle: 'Core',
    crust: 'Crust',
    middleAsWritten: 'Core, original',
    crustAsWritten: 'Crust, original',
    min: (a: { t: number }) => `${a.t} min`,
    afterMinMiddleCrustAs: (a: { min: number; told: string; told2: string; told3: string; told4: string }) =>
      `After ${a.min} min: core ${a.told}, crust ${a.told2}; original ${a.told3}, ${a.told4}`,
    pointAtTheCurvesTo: 'Point at the curves to read values.',
    modelledHeatOfTheMiddle: (a: { end: number }) =>
      `Modelled temperature of the core and the crust over ${a.end} minutes, original and adapted. The table below has the figures.`,
    itsClockIsStretchedTimes: (a: { number: string }) =>
      ` Its time is stretched ${a.number} times to match the stated time.`,
    blueTheMiddleOchreThe: (a: { clock: ReactNode }) =>
      rich`Blue is the core, ochre the crust; dashed lines are the original; green marks when it is done. The model is for comparing the two. What a probe should read is given with the signs.${a.clock}`,
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
      ` Bake about ${a.degrees} cooler, or it browns before it is baked through (rule of thumb).`,
    asWrittenTheDoughStands: (a: { number: string; number2: string; coolerC: ReactNode }) =>
      rich`In the original tin the dough is ${a.number} cm deep; here it is ${a.number2} cm.${a.coolerC}`,
    asHighAsBefore: 'Same depth as before',
    asFullAsBefore: 'Filled to the same level',
    allTheDoughThereIs: 'All the dough',
    runsTrue: ' runs true.',
    runsForSetTheDial: (a: { degrees: string; which: string; temperature: string; temperature2: string }) =>
      ` runs ${a.degrees} ${a.which}: for ${a.temperature} set the dial to ${a.temperature2}.`,
    itHasNoFan: ' It has no fan.',
    theTinDoesNotGo: ' The tin does not fit in it.',
    timeCount: (a: { n: number }) => counted(a.n, 'time'),
    itIsFilled: (a: { count: string }) => ` It is filled ${a.count}.`,
  },
  programme: {
    ofStage: (a: { what: string; i: number }) => `${a.what} of stage ${a.i}`,
    oven: 'Oven',
    forWord: 'For',
    min: 'min',
    cover: 'Cover',
    heatFrom: 'Heat comes from',
    heat: 'Heat',
    fan: 'Fan',
    steam: 'Steam',
    takeOutStage: (a: { i: number }) => `Remove stage ${a.i}`,
    addAStage: 'Add a stage',
    twoSchools: 'Two approaches',
  },
  rests: {
    dough: 'Dough',
    batterDensity: 'Batter density',
    gMl: (a: { number: string }) => `${a.number} g/ml`,
    water: 'Water',
    fat: 'Fat',
    sugars: 'Sugars',
    stands: 'Depth in tin',
    cm: (a: { number: string }) => `${a.number} cm`,
    inWord: 'In',
    goesInAt: 'Temperature going in',
    loses: 'Bake loss (model)',
    crust: 'Crust',
    mm: (a: { number: string }) => `${a.number} mm`,
    brownsAs: 'Browning, equal to',
    minAt: (a: { number: string; temperature: string }) => `${a.number} min at ${a.temperature}`,
    howTheTimeComesAbout: 'How the time is worked out',
    theFormulasOwnTimeIs:
      'The formula’s own time is known to work. A model of heat, steam and crust bakes the original and the adapted version; the stated time is multiplied by the ratio of the two. Four variants of the model are run, and their spread is shown as the range.',
    asWritten: 'original',
    now: 'now',
    slow: ', slow',
    to: (a: { temperature: string; which: string }) => `To ${a.temperature}${a.which}`,
    changesAreWhatItIs:
      'The model is good for changes. A time without a stated one is good to a fifth at best. It has not been checked against a measured pair of bakes: your own timed bakes correct it.',
    propertiesChoiOkos1986Vapour:
      'Properties: Choi & Okos (1986). Vapour in the crumb and drying of the crust follow published work on baking, not checked against it. Colour depends on sugars, protein and pH: the directions are known, the figures are a guess. Batter density by kind of bake is a rule of thumb.',
    bakedIt: 'Baked it?',
    sayWhatItTookTimes: 'Enter how long it took: times for this kind of bake then follow your oven.',
    itTook: 'It took',
    min: 'min',
    keepThisTime: 'Save this time',
    takeTheLastOneBack: 'Remove the last one',
  },
  section: {
    cmLong: (a: { number: string }) => `, ${a.number} cm long`,
    cmWideAtTheRim: (a: { number: string; which: string; number2: string }) =>
      `${a.number} cm wide at the rim${a.which}, ${a.number2} cm high`,
    setFreeCmAcross: (a: { number: string; which: string }) => `Free-form, ${a.number} cm across${a.which}`,
    ofThem: (a: { count: number }) => `, ${a.count} of them`,
    theDoughStandsCmHigh: (a: { where: string; number: string; number2: string; which: string }) =>
      `${a.where}; the dough is ${a.number} cm deep, about ${a.number2} cm when baked${a.which}.`,
    cm: (a: { i: number }) => `${a.i} cm`,
    dashedBaked: (a: { said: string }) => `${a.said} Dashed: baked.`,
  },
  told: {
    add: 'add',
    longer: 'longer',
    shorter: 'shorter',
    min: (a: { number: string }) => `${a.number} min`,
    theChangesMakeLessThan: 'The changes make less than a minute’s difference.',
    takeOff: 'take off',
    theChangesAbout: (a: { which: string; min: string }) => `The changes ${a.which} about ${a.min}.`,
    atFirstInPlaceOf: (a: { temperature: string; degrees: string }) =>
      `start at ${a.temperature} instead of ${a.degrees}`,
    fanOn: 'fan on',
    fanOff: 'fan off',
    coveredUntil: (a: { min: string }) => `covered until ${a.min}`,
    coveredAllTheTime: 'covered throughout',
    withoutTheLid: 'without the lid',
    grillFrom: (a: { min: string }) => `grill from ${a.min}`,
    fromWord: (a: { temperature: string; min: string }) => `${a.temperature} from ${a.min}`,
    foilOverItFromAbout: (a: { min: string }) => `cover with foil from about ${a.min}, or it will be dark`,
    brownerOnTopThanAs: 'browner on top than the original',
    palerOnTopThanAs: 'paler on top than the original',
    standsCmHighInPlace: (a: { cm: string; cm2: string }) => `${a.cm} cm deep instead of ${a.cm2}`,
    goesInAtInPlace: (a: { temperature: string; degrees: string }) =>
      `goes in at ${a.temperature} instead of ${a.degrees}`,
    lookFrom: (a: { min: string }) => `check from ${a.min}`,
    keepTheStatedInMind: (a: { minutes: string }) =>
      `Use the stated ${a.minutes} as a guide, check early, and go by the signs.`,
    noTimeCanBeGiven: 'No time can be given: go by the signs.',
    fan: ' fan',
    atFirst: ' at first',
    about: (a: { temperature: string; which: string; which2: string; minutes: string }) =>
      `${a.temperature}${a.which}${a.which2}: about ${a.minutes}`,
    whatToDoOtherwise: 'What to do differently',
    whatIsChangedMakesNo: 'the changes make no difference at the oven.',
    whatIsChangedComesOut: 'the changes cancel out.',
    asWritten: (a: { minutes: string; which: string }) => `Original: ${a.minutes}; ${a.which}`,
    original: (a: { minutes: string; change: string }) => `Original: ${a.minutes}. ${a.change}`,
    theFormulaStatesNoTime:
      'The formula states no time, so this is the model’s own estimate with its spread. The effect of the change is better known than the time itself.',
    timedBakeMakes: 'timed bake makes',
    timedBakesMake: (a: { bakes: number }) => `${a.bakes} timed bakes make`,
    yourOwnIt: (a: { which: string; percent: string }) => ` Your own ${a.which} it ${a.percent}.`,
    whatMakesItSo: 'Reasons',
    to: (a: { percent: string; percent2: string }) => `(${a.percent} to ${a.percent2})`,
  },
  bakeStop: {
    howYouKnowItIs: 'How you know it is done',
    andHasForAboutMin: (a: { holdMin: number }) =>
      `, and has been for about ${a.holdMin} min: a wet loaf reaches it while still gummy`,
    aProbeInTheMiddle: (a: { temperatures: string; holdMin: ReactNode }) =>
      rich`the core temperature is ${a.temperatures}${a.holdMin}`,
    itHasLostToOf: (a: {
      number: string;
      number2: string;
      amount: string;
      number3: string;
      amount2: string;
    }) =>
      `it has lost ${a.number} to ${a.number2}% of its weight: ${a.amount} of dough weigh ${a.number3} to ${a.amount2} out of the oven`,
    outOfTheTinAfter: (a: { unmouldMin: number }) =>
      `Take it out of the tin after ${a.unmouldMin} min, or steam makes it soggy. `,
    byTheModelTheMiddle: (a: { temperature: string; time: string }) =>
      ` By the model the core is down to ${a.temperature} after about ${a.time}.`,
    coolToBeforeCuttingThe: (a: { unmouldMin: ReactNode; time: string; time2: string; coolMin: ReactNode }) =>
      rich`${a.unmouldMin}Cool ${a.time} to ${a.time2} before cutting: the crumb goes on setting, and a warm one is gummy under the knife.${a.coolMin}`,
    keeps: 'Keeps:',
    rulesOfThumbHeatSteam: 'Rules of thumb. Heat, steam and hot tins burn: dry cloths, and stand back.',
    thisKindOfBakeIn: 'This kind of bake in the handbook',
    workingOutTheBake: 'Working out the bake',
    noOvenStated: 'No oven stated',
    beginWith: (a: { temperature: string }) => `Start with ${a.temperature}`,
    theFormulaSaysNoOven:
      'The formula states no oven temperature. Start with a usual one and change it. If lines have no grams, enter them at Read first.',
    onTheHob: 'On the hob',
    noOvenIsTold:
      'The method cooks it in a pan and names no oven, so no time is worked out. What was changed may make it brown sooner or later: cook the first one as a test.',
    atTheOven: 'At the oven',
    whatTheChangeDoesTo: 'what the changes do to the time',
    asWritten: (a: { minutes: string }) => `Original: ${a.minutes}.`,
    bakingItInTheModel: 'Running the bake model',
    heatOverTime: 'Temperature over time',
    theTinAndTheDough: 'The tin and the dough',
    whatThisRestsOn: 'What this rests on',
    keepInMind: 'Keep in mind',
    openingTheDoorCosts1: (a: { degrees: string }) =>
      `Opening the door costs 1 to 2 min. Ovens differ by ${a.degrees}: know your own. Dense wet loaves cannot be hurried.`,
    waterBoilsLowerAtYour:
      'Water boils at a lower temperature at your height, so the core is done at a lower one too.',
    noRawBatterOrDough: 'Do not eat raw batter or dough',
    filledBakesAreCooledFrom: (a: { temperatures: string }) =>
      `cool filled bakes from ${a.temperatures} within 2 h`,
    thenBelowWithin4H: (a: { temperature: string }) => `then below ${a.temperature} within 4 h more`,
    localCodeMayAskFor: (a: { list: string }) => `${a.list} (local code may ask for more).`,
  },
});
