import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { counted } from '../../plural';
import { rich } from '../../rich';

export const kitchenWords = catalogue('kitchen', {
  listPanel: {
    theListCannotBeFetched: 'The list could not be loaded',
  },
  languageChoice: {
    language: 'Language',
    shownIn: 'Shown in',
    ofThisBrowser:
      'Saved in this browser. What you wrote stays as you wrote it; formulas are read in either language.',
  },
  backup: {
    readingTheFileThrough: 'Checking the file',
    takingItIn: 'Restoring',
    backUpAndRestore: 'Back up and restore',
    formulasWithAllVersionsAnd:
      'Formulas with all versions and notes, drafts, trials with photos, pantry, people, replacements and kitchen: to store, or to move to another computer. Restoring adds what is missing here and changes nothing else.',
    backUpToAFile: 'Back up to a file',
    restoreFromAFile: 'Restore from a file',
    stop: 'Stop',
    takeOverItsKitchenToo: 'Also replace this kitchen’s settings with the file’s',
    noneOfItCameIn: 'Nothing was restored',
    thingCount: (a: { n: number }) => counted(a.n, 'item'),
    cameInWereHereAlready: (a: { count: string; there: number }) =>
      `${a.count} restored; ${a.there} were already here.`,
  },
  lineActions: {
    change: (a: { name: string }) => `Change ${a.name}`,
    change2: 'Change',
    takeOffTheList: (a: { name: string }) => `Remove ${a.name}`,
    takeOff: 'Remove',
  },
  eaters: {
    giveAName: 'Enter a name.',
    onTheList: (a: { kept: string }) => `Added: ${a.kept}`,
    changed: (a: { kept: string }) => `Changed: ${a.kept}`,
    couldNotSave: 'Could not save',
    thereNowKeepTheChange: (a: { fromValue: string; eater: string }) =>
      `Saved now: ${a.fromValue}, ${a.eater}. “Save changes” replaces it with yours.`,
    whoOrWhichTable: 'Person or group',
    glutenAlwaysAlsoLeavesOut: 'Gluten is always left out. Also leave out:',
    alsoLeaveOutFattyFoods: 'Also leave out fatty foods: nuts, seed butters, butter',
    alsoAvoidMayContainProducts: 'Also avoid “may contain” products',
    putOnTheList: 'Add',
    keepTheChange: 'Save changes',
    cancel: 'Cancel',
    tracesMatter: 'avoids “may contain” too',
    tracesDoNotMatter: '“may contain” is allowed',
    avoids: (a: { list: string; which: string }) => `avoids ${a.list}; ${a.which}`,
    isOffTheList: (a: { eater: string }) => `${a.eater} is removed`,
    peopleAndGroups: 'People and groups',
    addAnEater: 'Add a person or group',
    nobodyYetAddAPerson:
      'Nobody yet. Add a person or group with what they avoid: every formula then says whether it suits them, and Swap can leave out what all of them avoid.',
  },
  houseStyle: {
    houseStyle: 'House style',
    itMovesTheOrderOf:
      'It changes the order of complete options at Swap; nothing is ruled out. Tick what you have in stock on an ingredient’s page in the pantry; packets you have read count as in stock.',
  },
  measures: {
    measuresAndPackets: 'Measures and packets',
    yourCup: 'Your cup',
    withTheImperialCupGo: 'The imperial cup also means imperial pints and fluid ounces',
    yourSpoons: 'Your spoons',
    ovensAndThermometersIn: 'Temperatures in',
    shownAndAskedForIn: 'Used throughout; the card shows the oven in both',
    ouncesBesideTheGramsOn: 'Ounces beside the grams on the card',
    everythingIsWeighedInGrams: 'Everything is weighed in grams; small amounts are hard to weigh in ounces',
    sizesOfYourEggs: 'Sizes of your eggs',
    aLargeEggIs50: 'A large egg is 50 g shelled by the US grades, 60 g by the European',
    europeanGrades: 'European grades',
    usGrades: 'US grades',
    packetsFollowTheLawOf: 'Food law for packets',
    pricesIn: 'Prices in',
    kr: 'kr',
    chf: 'CHF',
    heightAboveTheSea: 'Height above sea level',
    changesLeaveningWaterAndOven: 'Changes raising agents, water and oven above about 900 m',
    yeastIsExchangedBy: 'Yeast conversion',
    freshToActiveDryTo: 'Fresh to active dry to instant; bakers use all three',
    usedWhenAPastedFormula:
      'Used when a pasted formula is read and where prices are shown. “May contain” lines are voluntary under both laws. Gluten is always checked separately, because the US list names wheat only.',
  },
  learnt: {
    minWereTold: (a: { which: string; where: ReactNode; number: string; number2: string }) =>
      rich`${a.which}${a.where}${a.number} min; ${a.number2} were forecast`,
    forget: 'Forget',
    learntFromYourBakes: 'Learnt from your bakes',
    asTheyWere: 'as they were',
    bakeCount: (a: { n: number }) => counted(a.n, 'bake'),
    andItsLikeTimesTold: (a: { classValue: string; times: string; count: string }) =>
      `${a.classValue} and similar bakes: times at Bake and on the clock are ${a.times}, from ${a.count}.`,
    yeast: 'Yeast',
    theStarter: 'The starter',
    riseCount: (a: { n: number }) => counted(a.n, 'rise'),
    timesToldAtLiftOn: (a: { which: string; times: string; count: string }) =>
      `${a.which}: times at Lift, on the clock and on the card are ${a.times}, from ${a.count}.`,
    benchRunCount: (a: { n: number }) => counted(a.n, 'bake at the bench', 'bakes at the bench'),
    drinksTimesAsMuchAs: (a: { doc: string; number: string; count: string }) =>
      `${a.doc} absorbs ${a.number} times as much water as is usual for its kind, from ${a.count}: used wherever its water is counted.`,
  },
  ovens: {
    giveItAName: 'Give it a name.',
    hotter: 'hotter',
    cooler: 'cooler',
    whatYouCallIt: 'Name',
    hotterThanItSaysBy: 'Hotter than its dial by',
    byAThermometerInIts: 'measured with a thermometer in the centre; negative if it is cooler',
    wideInside: 'Wide inside',
    cm: 'cm',
    racks: 'Racks',
    itHasAFan: 'It has a fan',
    giveAtMostOff15: (a: { degrees: string }) =>
      `Enter at most ${a.degrees} off, 15 to 300 cm, and 1 to 20 racks.`,
    keepTheOven: 'Save oven',
    cancel: 'Cancel',
    ovens: 'Ovens',
    addAnOven: 'Add an oven',
    noneYetSayHowFar: 'None yet. Enter how far your oven is from its dial, and Bake says what to set.',
    runsTrue: 'runs true',
    thanItSays: (a: { degrees: string; which: string }) => `${a.degrees} ${a.which} than its dial`,
    withAFan: 'with a fan',
    noFan: 'no fan',
    rackCount: (a: { n: number }) => counted(a.n, 'rack'),
    cmWide: (a: { which: string; widthCm: number; count: string }) =>
      `, ${a.which}, ${a.widthCm} cm wide, ${a.count}`,
    oven: 'oven',
    bakeInThisOne: 'Use this oven',
    bakeIn: (a: { name: string }) => `Use ${a.name}`,
    isOffTheList: (a: { name: string }) => `${a.name} is removed`,
    bakeCount: (a: { n: number }) => counted(a.n, 'bake'),
    timedTheTimesToldAt: (a: { count: string }) =>
      `${a.count} timed: the times at Bake follow them, kind by kind.`,
  },
  ownWays: {
    isOffTheList: (a: { way: string }) => `${a.way} is removed`,
    inWord: (a: { list: string }) => ` in ${a.list}`,
    toGFor: (a: { lo: number; hi: number; ingredient: string; dose: string }) =>
      `${a.lo} to ${a.hi} g ${a.ingredient} for ${a.dose}`,
    forWord: (a: { list: string; note: ReactNode }) => rich`for ${a.list}${a.note}`,
    waysOfYourOwn: 'Your own replacements',
    writeAWay: 'Add a replacement',
    noneYetWhatYouStand:
      'None yet. Your own replacements for eggs or butter, with your own doses, are tried beside ours at Swap.',
  },
  tins: {
    whatYouCallIt: 'Name',
    itsShapeAndSize: 'Its shape and size',
    text23CmRoundTin: '23 cm round tin',
    holdsFilledToTheBrim: 'Holds, filled to the brim',
    ml: 'ml',
    workedOutFromTheSize: 'worked out from the size; to be sure, fill it with water and weigh that',
    madeOf: 'Made of',
    keepTheTin: 'Save tin',
    cancel: 'Cancel',
    tins: 'Tins',
    addATin: 'Add a tin',
    noneYetPutYoursHere: 'None yet. Add your tins with what they hold, and switch between them at Bake.',
    ml2: (a: { metal: string; number: string }) => `, ${a.metal}, ${a.number} ml`,
    isOffTheList: (a: { name: string }) => `${a.name} is removed`,
  },
  kitchenPage: {
    peopleAndDevices: 'People and devices: who signs in here',
    kitchen: 'Kitchen',
    forWhomYouBakeWhat: 'Whom you bake for, what you measure with, and how you like to bake.',
  },
});
