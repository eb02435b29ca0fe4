import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { counted } from '../../plural';
import { rich } from '../../rich';

export const kitchenWords = catalogue('kitchen', {
  listPanel: {
    theListCannotBeFetched: 'The list cannot be fetched',
  },
  languageChoice: {
    language: 'Language',
    shownIn: 'Shown in',
    ofThisBrowser:
      'Of this browser. What you wrote stays as you wrote it; formulas are read in either language.',
  },
  backup: {
    readingTheFileThrough: 'Reading the file through',
    takingItIn: 'Taking it in',
    backUpAndRestore: 'Back up and restore',
    formulasWithAllVersionsAnd:
      'Formulas with all versions and notes, drafts, trials with photos, pantry, people, replacements, kitchen. To keep, or to move to another machine. Restoring adds what is not here yet and changes nothing that is.',
    backUpToAFile: 'Back up to a file',
    restoreFromAFile: 'Restore from a file',
    stop: 'Stop',
    takeOverItsKitchenToo: 'Take over its kitchen too, in place of this one',
    noneOfItCameIn: 'None of it came in',
    thingCount: (a: { n: number }) => counted(a.n, 'thing'),
    cameInWereHereAlready: (a: { count: string; there: number }) =>
      `${a.count} came in; ${a.there} were here already.`,
  },
  lineActions: {
    change: (a: { name: string }) => `Change ${a.name}`,
    change2: 'Change',
    takeOffTheList: (a: { name: string }) => `Take ${a.name} off the list`,
    takeOff: 'Take off',
  },
  eaters: {
    giveAName: 'Say who it is.',
    onTheList: (a: { kept: string }) => `On the list: ${a.kept}`,
    changed: (a: { kept: string }) => `Changed: ${a.kept}`,
    couldNotSave: 'Could not save',
    thereNowKeepTheChange: (a: { fromValue: string; eater: string }) =>
      `There now: ${a.fromValue}, ${a.eater}. “Keep the change” puts yours in its place.`,
    whoOrWhichTable: 'Who or which table',
    glutenAlwaysAlsoLeavesOut: 'Gluten always. Also leaves out',
    alsoLeaveOutFattyFoods: 'Also leave out fatty foods: nuts, seed butters, butter',
    alsoAvoidMayContainProducts: 'Also avoid “may contain” products',
    putOnTheList: 'Put on the list',
    keepTheChange: 'Keep the change',
    cancel: 'Cancel',
    tracesMatter: 'traces matter',
    tracesDoNotMatter: 'traces do not matter',
    avoids: (a: { list: string; which: string }) => `avoids ${a.list}; ${a.which}`,
    isOffTheList: (a: { eater: string }) => `${a.eater} is off the list`,
    peopleAndGroups: 'People and groups',
    addAnEater: 'Add an eater',
    nobodyYetAddAPerson:
      'Nobody yet. Add a person or a table with what they avoid: every formula then says what was found for them, and a swap can be asked for all of them at once.',
  },
  houseStyle: {
    houseStyle: 'House style',
    itMovesTheOrderOf:
      'It moves the order of complete options at Swap; nothing is ruled out by it. Tick what is in your cupboard on an ingredient’s page in the pantry; packets you have read count as there.',
  },
  measures: {
    measuresAndPackets: 'Measures and packets',
    yourCup: 'Your cup',
    withTheImperialCupGo: 'With the imperial cup go imperial pints and fluid ounces',
    yourSpoons: 'Your spoons',
    ovensAndThermometersIn: 'Ovens and thermometers in',
    shownAndAskedForIn: 'Shown and asked for in it; the card has the oven in both',
    ouncesBesideTheGramsOn: 'Ounces beside the grams on the card',
    everythingIsWeighedInGrams:
      'Everything is weighed in grams; small amounts are hardly to be weighed in ounces',
    sizesOfYourEggs: 'Sizes of your eggs',
    aLargeEggIs50: 'A large egg is 50 g shelled by the US grades, 60 g by the European',
    europeanGrades: 'European grades',
    usGrades: 'US grades',
    packetsFollowTheLawOf: 'Packets follow the law of',
    pricesIn: 'Prices in',
    kr: 'kr',
    chf: 'CHF',
    heightAboveTheSea: 'Height above the sea',
    changesLeaveningWaterAndOven: 'Changes leavening, water and oven above about 900 m',
    yeastIsExchangedBy: 'Yeast is exchanged by',
    freshToActiveDryTo: 'Fresh to active dry to instant; bakers use all three',
    usedWhenAPastedFormula:
      'Used when a pasted formula is read and where prices stand. “May contain” lines are voluntary in both laws; gluten is read for on its own, since the US list names wheat only.',
  },
  learnt: {
    minWereTold: (a: { which: string; where: ReactNode; number: string; number2: string }) =>
      rich`${a.which}${a.where}${a.number} min, ${a.number2} were told`,
    forget: 'Forget',
    learntFromYourBakes: 'Learnt from your bakes',
    asTheyWere: 'as they were',
    bakeCount: (a: { n: number }) => counted(a.n, 'bake'),
    andItsLikeTimesTold: (a: { classValue: string; times: string; count: string }) =>
      `${a.classValue} and its like: times told at Bake and on the clock are ${a.times}, from ${a.count}.`,
    yeast: 'Yeast',
    theStarter: 'The starter',
    riseCount: (a: { n: number }) => counted(a.n, 'rise'),
    timesToldAtLiftOn: (a: { which: string; times: string; count: string }) =>
      `${a.which}: times told at Lift, on the clock and on the card are ${a.times}, from ${a.count}.`,
    benchRunCount: (a: { n: number }) => counted(a.n, 'bench run'),
    drinksTimesAsMuchAs: (a: { doc: string; number: string; count: string }) =>
      `${a.doc} drinks ${a.number} times as much as its kind, from ${a.count}: used wherever its water is counted.`,
  },
  ovens: {
    giveItAName: 'Give it a name.',
    hotter: 'hotter',
    cooler: 'cooler',
    whatYouCallIt: 'What you call it',
    hotterThanItSaysBy: 'Hotter than it says by',
    byAThermometerInIts: 'by a thermometer in its middle; below zero where it is cooler',
    wideInside: 'Wide inside',
    cm: 'cm',
    racks: 'Racks',
    itHasAFan: 'It has a fan',
    giveAtMostOff15: (a: { degrees: string }) =>
      `Give at most ${a.degrees} off, 15 to 300 cm, and 1 to 20 racks.`,
    keepTheOven: 'Keep the oven',
    cancel: 'Cancel',
    ovens: 'Ovens',
    addAnOven: 'Add an oven',
    noneYetSayHowFar: 'None yet. Say how far yours is from what it says, and Bake tells what to set.',
    runsTrue: 'runs true',
    thanItSays: (a: { degrees: string; which: string }) => `${a.degrees} ${a.which} than it says`,
    withAFan: 'with a fan',
    noFan: 'no fan',
    rackCount: (a: { n: number }) => counted(a.n, 'rack'),
    cmWide: (a: { which: string; widthCm: number; count: string }) =>
      `, ${a.which}, ${a.widthCm} cm wide, ${a.count}`,
    oven: 'oven',
    bakeInThisOne: 'Bake in this one',
    bakeIn: (a: { name: string }) => `Bake in ${a.name}`,
    isOffTheList: (a: { name: string }) => `${a.name} is off the list`,
    bakeCount: (a: { n: number }) => counted(a.n, 'bake'),
    timedTheTimesToldAt: (a: { count: string }) =>
      `${a.count} timed: the times told at Bake follow them, kind by kind.`,
  },
  ownWays: {
    isOffTheList: (a: { way: string }) => `${a.way} is off the list`,
    inWord: (a: { list: string }) => ` in ${a.list}`,
    toGFor: (a: { lo: number; hi: number; ingredient: string; dose: string }) =>
      `${a.lo} to ${a.hi} g ${a.ingredient} for ${a.dose}`,
    forWord: (a: { list: string; note: ReactNode }) => rich`for ${a.list}${a.note}`,
    waysOfYourOwn: 'Ways of your own',
    writeAWay: 'Write a way',
    noneYetWhatYouStand:
      'None yet. What you stand in for eggs or butter, with your own doses, is tried beside ours at Swap.',
  },
  tins: {
    whatYouCallIt: 'What you call it',
    itsShapeAndSize: 'Its shape and size',
    text23CmRoundTin: '23 cm round tin',
    holdsFilledToTheBrim: 'Holds, filled to the brim',
    ml: 'mL',
    workedOutFromTheSize: 'worked out from the size; fill it with water and weigh it to be sure',
    madeOf: 'Made of',
    keepTheTin: 'Keep the tin',
    cancel: 'Cancel',
    tins: 'Tins',
    addATin: 'Add a tin',
    noneYetPutYoursHere:
      'None yet. Put yours here with what they hold, and change from one to another at Bake.',
    ml2: (a: { metal: string; number: string }) => `, ${a.metal}, ${a.number} mL`,
    isOffTheList: (a: { name: string }) => `${a.name} is off the list`,
  },
  kitchenPage: {
    peopleAndDevices: 'People and devices: who signs in here',
    kitchen: 'Kitchen',
    forWhomYouBakeWhat: 'For whom you bake, what you measure with, and how you like to bake.',
  },
});
