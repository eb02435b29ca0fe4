import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { rich } from '../../rich';

export const liftWords = catalogue('lift', {
  liftLines: {
    about: 'about ',
    min: (a: { r: number }) => `${a.r} min`,
    hMin: (a: { h: number; r: number }) => `${a.h} h ${a.r} min`,
    to: (a: { time: string; time2: string }) => `${a.time} to ${a.time2}`,
    asWrittenByTheChange: (a: { spans: string }) => `: original ${a.spans}, by the change`,
    asWritten: ', original',
    riseAt: (a: { spans: string; which: string; temperature: string; which2: string }) =>
      `rise ${a.spans} at ${a.which}${a.temperature}${a.which2}`,
    riseByAtAboutLook: (a: { ofValue: string; number: string; at: string; time: string; time2: string }) =>
      `${a.ofValue}rise by ${a.number}% at ${a.at}: about ${a.time}, check from ${a.time2}`,
    ofTheSodaMeetsNo: (a: { ofValue: string; number: string }) =>
      `${a.ofValue}${a.number}% of the soda is not neutralised: it browns more`,
  },
  beam: {
    none: 'none',
    to: (a: { number: string; number2: string }) => `${a.number} to ${a.number2}`,
    noSodaWhatIsSour: 'No bicarbonate of soda: acid only affects the taste.',
    asWritten: (a: { number: string }) => ` (original ${a.number}%)`,
    ofTheSodaIsNeutralised: (a: { number: string; which: string }) =>
      `${a.number}% of the soda is neutralised${a.which}.`,
    acidAgainstSoda: 'Acid against soda',
    acid: 'acid',
    asWritten2: (a: { amount: string; names: string }) => `original ${a.amount}; ${a.names}`,
    soda: 'soda',
    theCrumbComesToAbout: (a: { ph: string }) => `The crumb comes to about pH ${a.ph}: a rough guess.`,
  },
  countRise: {
    countedWhatTheClockTells: 'Counted: the clock’s times follow it. You can remove it in Kitchen.',
    itTookWouldBeTold: (a: { time: string; time2: string }) =>
      `It took ${a.time}; the general forecast was ${a.time2}.`,
    countThisRise: 'Count this rise',
  },
  gasBars: {
    mmol: (a: { gas: string; number: string }) => `${a.gas} ${a.number} mmol`,
    noGas: 'no gas',
    lessGasThanSuchBakes: 'Less gas than is usual for this kind of bake.',
    moreGasThanSuchBakes: 'More gas than is usual for this kind of bake.',
    asMuchGasAsSuch: 'As much gas as is usual for this kind of bake.',
    gas: 'Gas',
    for100GFlour: 'per 100 g flour',
    inTheBatch: 'in the batch',
    usualToDashed: (a: { window: number; window2: number }) => `; usual ${a.window} to ${a.window2} (dashed)`,
    mmolCo: (a: { which: string; window: ReactNode }) => rich`mmol CO₂ ${a.which}${a.window}`,
    asWritten: 'original',
    adapted: 'adapted',
    mostOfItIsReleased: 'Most of it is released during mixing: bake straight away.',
    mostOfItIsReleased2: 'Most of it is released in the oven.',
    aboutMlOfBubblesWhen: (a: { number: string; number2: string; temperature: string; which: string }) =>
      `About ${a.number} ml of gas when cold, and about ${a.number2} ml at ${a.temperature} with steam; the crumb keeps part of it. ${a.which}`,
  },
  leaveners: {
    whatMayGoWrong: 'What may go wrong',
    noProblemsFound: 'No problems found.',
    likely: 'likely',
    itMay: 'it may',
    allCausesAndRepairs: 'All causes and repairs',
    toMendIt: 'How to fix it',
    mmolOfSodaAreLeft: (a: { number: string; number2: string }) =>
      `${a.number} mmol of soda is not neutralised: ${a.number2} teaspoon.`,
    moreMeetIt: (a: { amount: string; ingredient: string }) =>
      `${a.amount} more ${a.ingredient} would neutralise it.`,
    lockItAt: (a: { amount: string }) => `Lock it at ${a.amount}`,
    orOfSodaForAnd: (a: { amount: string; amount2: string; amount3: string }) =>
      `Or ${a.amount} of soda for ${a.amount2}, and ${a.amount3} more baking powder for the gas.`,
    lockSodaAt: (a: { amount: string }) => `Lock soda at ${a.amount}`,
    otherLeaveners: 'Other raising agents',
    otherLeavenersTheSameGas: 'Other raising agents, same gas',
    forWord: (a: { amount: string; ingredient: string }) => `For ${a.amount} ${a.ingredient}`,
  },
  riseGauge: {
    aboutToGiveOrTake: (a: { time: string; number: string; time2: string }) =>
      `About ${a.time} to ${a.number}%, give or take ${a.time2}.`,
    riseGauge: 'Rise gauge',
    readTheHeightOfThe: (a: { number: string }) =>
      `Measure the height of the dough in the tin, or of a spoonful in a straight jar, from time to time. Target ${a.number}%.`,
    after: 'After',
    min: ' min',
    height: 'Height',
    mm: ' mm',
    aHeightAboveNothingIn: 'Enter a height above 0 mm.',
    laterThanTheReadingBefore: 'Enter a time after the last reading.',
    noteIt: 'Add reading',
    minMm: (a: { min: number; heightMm: number }) => `${a.min} min: ${a.heightMm} mm`,
    takeTheReadingAtMin: (a: { min: number }) => `Remove the reading at ${a.min} min`,
    knockedBackBeginASecond: 'Knocked back: begin a second proof',
    grownBy: (a: { number: string; gauge: string; left: string }) =>
      `Grown by ${a.number}%. ${a.gauge} ${a.left}`,
    growthAsMeasured: (a: { left: string }) => `Growth as measured. ${a.left}`,
    fittedTheGompertzCurveOf: (a: { number: string }) =>
      `Fitted: the Gompertz curve of Zwietering et al. (1990). It would stop at about ${a.number}%.`,
  },
  starter: {
    starter: 'Starter',
    oldStarter: 'Old starter',
    part: 'part',
    water: 'Water',
    flour: 'Flour',
    standsAt: 'Kept at',
    theDoughNeeds: 'Starter the dough needs',
    toBeLeft: 'To keep for next time',
    stirOldStarterWaterAnd: (a: {
      amount: string;
      amount2: string;
      amount3: string;
      number: string;
      number2: string;
      number3: string;
    }) =>
      `Stir ${a.amount} old starter, ${a.amount2} water and ${a.amount3} flour: at its peak in about ${a.number} h (${a.number2} to ${a.number3} h).`,
    aStarterYouTimedMakes: 'A starter you timed makes',
    startersYouTimedMake: (a: { fromValue: number }) => `${a.fromValue} starters you timed make`,
    it: (a: { which: string; times: string }) => ` ${a.which} it ${a.times}.`,
    inAllOfItLeft: (a: {
      amount: string;
      amount2: string;
      amount3: string;
      amount4: string;
      fromValue: ReactNode;
    }) =>
      rich`${a.amount} in all, ${a.amount2} of it to keep for next time. It brings ${a.amount3} flour and ${a.amount4} water to the dough: the formula counts them. The growth forecast is good to about a fifth; go by its dome.${a.fromValue}`,
    itWasAtItsHeight: 'It peaked after',
    inPlaceOfTheYeast: 'In place of the yeast',
    starterWithLessFlourAnd: (a: {
      strong: ReactNode;
      amount: string;
      amount2: string;
      amount3: string;
      temperature: string;
    }) =>
      rich`${a.strong}: ${a.amount} starter, with ${a.amount2} less flour and ${a.amount3} less water in the dough; it then takes 4 to 8 h at ${a.temperature} (a rule of thumb).`,
    buildThatMuch: 'Build that much',
    inPlaceOfTheStarter: 'In place of the starter',
    instantYeastWithMoreFlour: (a: { strong: ReactNode; amount: string; amount2: string; amount3: string }) =>
      rich`${a.strong}: ${a.amount} instant yeast, with ${a.amount2} more flour and ${a.amount3} more water, and a spoon of vinegar for its acid.`,
    withoutEitherLeaveOutYeast:
      'Without either: leave out yeast at Swap, and powder or soda with acid stand in.',
  },
  yeast: {
    itStandsAt: 'Prove at',
    thenAt: 'then at',
    forWord: 'for',
    takePlaceOut: (a: { i: number }) => `Remove place ${a.i}`,
    anotherPlace: 'Another place',
    beginAgain: 'start again',
    itDoesNotGetThere: 'It does not get there in the time given: allow longer, or a warmer place.',
    theEnd: 'the end',
    aboutLookFromByIt: (a: { time: string; time2: string; which: string }) =>
      `About ${a.time}; check from ${a.time2}. By ${a.which} it is ready or the yeast is weak.`,
    yeastClock: 'Yeast clock',
    noFlourInThisPart: 'No flour in this part: percentages and times need some. See Read.',
    noWaterInThisPart: 'No water in this part: yeast does nothing dry.',
    ofTheFlour: (a: { strong: ReactNode; number: string }) => rich`${a.strong}, ${a.number}% of the flour.`,
    doesAsFreshActiveInstant: (a: { list: string; yeastTable: string }) =>
      `Equal to ${a.list} (${a.yeastTable}, fresh : active : instant; chosen in Kitchen).`,
    theStatedRise: 'The stated rise',
    ourClockAloneWouldSay: (a: { time: string; number: string }) =>
      `; our clock alone would say ${a.time} there, to ${a.number}%`,
    aStatedRiseIsTaken: (a: { modelMin: ReactNode }) =>
      rich`A stated rise is taken as a fact${a.modelMin}. The clock below is for other places and other amounts.`,
    doughTemperatureAfterMixing: 'Dough temperature after mixing',
    riseToReach: 'Rise to reach',
    text100IsDoubled70For: '100% is doubled; 70% for a weak one',
    modelledGrowthOfTheDough: (a: { band: string }) => `Modelled growth of the dough. ${a.band}`,
    saltAndSugarSlowThis: (a: { number: string }) =>
      `Salt and sugar slow this yeast to ${a.number}% of its speed. `,
    aRiseYouTimedMakes: 'A rise you timed makes',
    risesYouTimedMake: (a: { fromValue: number }) => `${a.fromValue} rises you timed make`,
    it: (a: { which: string; times: string }) => `${a.which} it ${a.times}. `,
    solidGrowthDottedTheDoughs: (a: { slowed: ReactNode; fromValue: ReactNode }) =>
      rich`Solid line: growth; dotted: dough temperature. ${a.slowed}${a.fromValue}Speed follows the cardinal temperature model (Rosso et al. 1993), with figures not checked against it: good to a third either way. Go by the dough.`,
    waterForIt: 'Water temperature',
    flourAndRoomAreAt: 'Flour and room are at',
    mixingWarmsItBy: 'Mixing warms it by',
    yeastIsWokenAt: 'Yeast is activated at',
    hotMixtureInIt: 'Hot mixture in it',
    blendedGrainACookedGel: 'such as blended grain or a cooked gel',
    hotMixtureIsAt: 'Hot mixture is at',
    thatKillsTheYeastLet: ': that kills the yeast. Let the mixture cool until just warm to the touch.',
    tooWarmForYeastLet: ': too warm for yeast. Let it cool a little.',
    theYeastBearsThat: ': fine for the yeast.',
    stirredTogetherItComesTo: (a: { temperature: string; which: string }) =>
      `Stirred together it will be about ${a.temperature}${a.which}`,
    iceColdWaterOfIt: (a: { amount: string }) => `Ice-cold water, ${a.amount} of it as ice.`,
    evenSoItComesOut: 'Even so the dough will be warm: chill the flour.',
    waterAt: (a: { temperature: string }) => `Water at ${a.temperature}`,
    thatHarmsYeastThatIt: ' That harms yeast it touches directly: stir in the flour first.',
    thatKillsYeastWarmThe: ' That kills yeast: warm the flour or let the dough be cooler.',
    makesADoughOf: (a: { strong: ReactNode; temperature: string; state: ReactNode; state2: ReactNode }) =>
      rich`${a.strong} makes a dough of ${a.temperature}.${a.state}${a.state2}`,
    activeDryYeast5To:
      'Active dry yeast: 5 to 10 min in warm liquid with a little of the sugar. It must foam, or it is dead.',
  },
  liftStop: {
    to: (a: { number: string; number2: string }) => `${a.number} to ${a.number2}%`,
    figuresAreForSeaLevel: 'Figures are for sea level. Kitchen has a place for your height.',
    atM: (a: { number: string }) => `At ${a.number} m`,
    waterBoilsAtABubble: (a: { temperature: string; number: string }) =>
      `Water boils at ${a.temperature}; a bubble grows ${a.number}% larger.`,
    cHotter: ' °C hotter',
    usualHereLessLeaveningLess: (a: { share: string; share2: string; share3: string; inDegrees: string }) =>
      `Usual here: ${a.share} less raising agent, ${a.share2} less sugar, ${a.share3} more liquid, the oven ${a.inDegrees}. If the formula was made at this height, it already allows for that.`,
    below900MNothingIs: 'Below 900 m nothing is changed.',
    pressureIso2533BoilingIapws:
      'Pressure: ISO 2533. Boiling: IAPWS-IF97. Changes: extension services, not checked against them.',
    workingOutTheLift: 'Working out the lift',
    part: 'Part',
    mainPart: 'main part',
    whatLiftsIt: 'what lifts it',
    whereTheFiguresComeFrom: 'Where the figures come from',
    acidLineByLine: 'Acid, line by line',
    nothingSourInIt: 'Nothing acidic in it.',
    titratableAcidityMmolGApproximate:
      'Titratable acidity, mmol/g: approximate, not checked against a source. Acidity of milk and fruit is slightly overstated. Soda: 11.90 mmol a gram by its molar mass. Unneutralised soda gives half its gas when heated and leaves alkali.',
    gasToVolume: 'Gas to volume',
    nRTPressureWaters: (a: { temperature: string; temperature2: string }) =>
      `n·R·T ÷ (pressure − vapour pressure of water): at ${a.temperature} a bubble is mostly steam, so 1 mmol fills about 90 ml, not 30 ml. At ${a.temperature2}, 33 mmol per litre of water stays dissolved.`,
    notForEatingRawNo:
      'Do not eat raw batter, dough or starter. Do not leave wet doughs with no acid in the warm for long.',
    planAStarterForIt: 'Plan a starter for it',
  },
});
