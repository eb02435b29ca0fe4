import { catalogue } from '../../../catalogue';

export const saySentences = catalogue('sentences/say', {
  theWeightIsTenTimes: 'The weight is ten times the volume. An extra zero in the weight is more likely.',
  theyDifferAsOuncesAnd: 'They differ as ounces and grams do: the volume is likelier.',
  byWeightThisLineWould: 'By weight this line would be most of the bowl: the volume is likelier.',
  byVolumeThisLineWould: 'By volume this line would be most of the bowl: the weight is likelier.',
  totalMass: 'total weight',
  aProperty: 'a property',
  theAmountOf: (a: { ingredient: string }) => `the amount of ${a.ingredient}`,
  aLockedAmount: 'a locked amount',
  nothingToReadYetPaste: 'Nothing to read yet. Paste the ingredient list, one ingredient a line.',
  noFlourOrStarchFound: 'No flour or starch found. Percentages and hydration need one: check the names.',
  theTinIsTakenAsRound:
    'No shape of the tin is given: it is taken as round. Choose another at Bake if it is not.',
  theTinIsTakenAsSquare:
    'No shape of the tin is given: it is taken as square. Choose another at Bake if it is not.',
  theListIsInPerCent:
    'The list is in per cent and says no weight of flour: it is read for 100 g of flour. Write the weight of the flour below it, or make more of it later.',
  linesWereGivenTheFirst: (a: { given: number; max: number }) =>
    `${a.given} lines were given; the first ${a.max} are read. Split the formula in two.`,
  cAndTheFGiven: (a: { c: number; f: number }) =>
    `${a.c} °C and the °F given do not match: the °F comes to ${a.f} °C. Which is right?`,
  anOvenAtCIs: (a: { c: number }) => `An oven at ${a.c} °C is not likely. Enter 50 to 330 °C, or write °F.`,
  theOvenIsToldByAWord: (a: { word: string; c: number }) =>
    `The oven is told by a word alone: “${a.word}” is read as ${a.c} °C. Check it against your oven.`,
  theOvenWasNotUnderstood: (a: { text: string }) =>
    `The oven "${a.text}" was not understood. Write it as 180 C, 350 F or gas mark 4.`,
  theTimeWasNotUnderstood: (a: { text: string }) =>
    `The time "${a.text}" was not understood. Write it as 45 min or 1 h 10 min.`,
  thisLineIsVeryLong: (a: { max: number }) =>
    `This line is very long: only its first ${a.max} characters are read.`,
  thisRowHoldsMore: (a: { name: string }) =>
    `This row has an amount of ${a.name} too, which is not counted: give it a row of its own.`,
  isNotKnownChooseWhat: (a: { name: string }) => `"${a.name}" is not known. Choose what it is.`,
  noNameFoundChooseWhat: 'No name found. Choose what it is.',
  writtenAsAChoiceTaken: (a: { taken: string }) =>
    `Written as a choice; read as ${a.taken}. Press to use the other.`,
  whichIngredientIsChooseOne: (a: { name: string }) => `Which ingredient is “${a.name}”? Choose one.`,
  noAmountFoundGiveIt: 'No amount found. Enter grams.',
  isNoAmountOneCan: (a: { written: string }) => `“${a.written}” can’t be weighed. Enter grams.`,
  isLessThanZeroEnter: (a: { written: string }) =>
    `"${a.written}" is less than zero. Enter the weight in grams.`,
  theAmountIs0Enter: 'The amount is 0. Enter grams or remove the line.',
  kgInOneLineIs: (a: { kg: number }) =>
    `${a.kg} kg in one line is more than any bowl holds. Check the amount.`,
  weDontKnowWhatOne: (a: { unit: string }) => `We don’t know what one ${a.unit} of this weighs. Enter grams.`,
  noUnitTakenAs: (a: { amount: string }) => `No unit: taken as ${a.amount}.`,
  theWeightIsUsed: 'The weight is used.',
  theTwoAmountsDoNot: (a: { a: number; written: string; b: number; likelier: string }) =>
    `The two amounts do not agree: ${a.a} g, but "${a.written}" comes to ${a.b} g. ${a.likelier}`,
  packedIntoTheCupCounted: (a: { percent: number }) =>
    `Packed into the cup: counted ${a.percent}% heavier than spooned.`,
  siftedIntoTheCupCounted: (a: { percent: number }) =>
    `Sifted into the cup: counted ${a.percent}% lighter than spooned.`,
  ofTheFlourIsMore: (a: { percent: number; most: number }) =>
    `${a.percent}% of the flour is more soda than any bake takes (at most about ${a.most}%): it will taste soapy.`,
  ofTheFlourIsMore2: (a: { percent: number; most: number }) =>
    `${a.percent}% of the flour is more baking powder than usual (at most about ${a.most}%).`,
  ofTheFlourIsMore3: (a: { percent: number; most: number }) =>
    `${a.percent}% of the flour is more salt than usual (at most about ${a.most}%): a tablespoon for a teaspoon?`,
  ofTheFlourIsMore4: (a: { percent: number; most: number }) =>
    `${a.percent}% of the flour is more gum than usual (at most about ${a.most}%): it makes rubber.`,
  ofTheFlourIsMore5: (a: { percent: number; most: number }) =>
    `${a.percent}% of the flour is more psyllium than even free-form loaves take (about ${a.most}%).`,
  ofTheFlourAsIs: (a: { percent: number; ingredient: string; number: string; number2: string }) =>
    `${a.percent}% of the flour as ${a.ingredient} is unusual (${a.number} to ${a.number2}%): another kind of yeast, or another amount?`,
  wouldWeighGEachRaw: (a: { pieces: number; name: string; each: number; lo: number; hi: number }) =>
    `${a.pieces} ${a.name} would weigh ${a.each} g each, raw; ${a.lo} to ${a.hi} g is usual. Check the amounts or the number.`,
  thisBatchWouldFillThe: (a: { percent: number }) =>
    `This batch would fill the stated tin to ${a.percent}%, with no room to rise.`,
  thisBatchFillsTheStated: (a: { percent: number }) =>
    `This batch fills the stated tin only to ${a.percent}%.`,
  moreThanRowsTheRest: (a: { max: number }) =>
    `More than ${a.max} rows: the rest was left out. Split the file.`,
  hasNoName: 'has no name',
  isNoKindWriteOwn: (a: { text: string }) => `"${a.text}" is no kind: write own, packet or blend`,
  isNoIngredientOfOur: (a: { text: string }) => `"${a.text}" is no ingredient of our table`,
  aPacketHasToSay: 'a packet has to say what it is like, by the name in our table',
  isNoNumberFrom0: (a: { text: string; most: number }) => `"${a.text}" is no number from 0 to ${a.most}`,
  fatCarbohydrateFibreProteinAnd: 'fat, carbohydrate, fibre, protein and salt add to more than 100 g',
  isNoGroup: (a: { text: string }) => `"${a.text}" is no group`,
  isNoDayWrite2026: (a: { text: string }) => `"${a.text}" is no day: write 2026-11-24`,
  isNoPartOfA: (a: { text: string }) =>
    `"${a.text}" is no part of a blend: write white_rice_flour 60; tapioca_starch 40`,
  asItWas: 'as it was',
  withWord: (a: { which: string; amount: string; replacement: string }) =>
    `${a.which}${a.amount}, with ${a.replacement}`,
  forTheSameHydration: 'for the same hydration',
  forTheAcidThatLeft: 'for the acid that went, so that the soda is neutralised',
  forTheBindingThatLeft: 'for the binding that went',
  forTheLiftThatLeft: 'for the lift that went',
  lessForTheSameHydration: 'less, for the same hydration',
  lessForTheSaltIn: 'less, for the salt in what comes in',
  hydrationCouldNotBeKept: (a: { band: number; percent: number }) =>
    `Hydration could not be kept within ±${a.band}%: it is ${a.percent}% off.`,
  totalMassCouldNotBe: (a: { band: number; percent: number }) =>
    `Total weight could not be kept within ±${a.band}%: it is ${a.percent}% off.`,
  isOutsideItsUsualTo: (a: { ingredient: string; amount: string; amount2: string }) =>
    `${a.ingredient} is outside its usual ${a.amount} to ${a.amount2}.`,
  givesWayToWhatComes: (a: { ingredient: string; amount: string; amount2: string }) =>
    `${a.ingredient} is reduced from ${a.amount} to ${a.amount2}: what comes in is wetter than what went.`,
  whatCanStandInFor: (a: { list: string; avoids: string }) =>
    `The replacements for ${a.list} bring in ${a.avoids}, which this formula has none of. Allow it above, or add your own replacement.`,
  bake: 'bake',
  itsPart: 'its part',
  noReplacementFoundForThat: (a: { ids: string; jobs: string; classValue: string }) =>
    `No replacement found for ${a.ids} that leaves out what has to go. What would be missing: ${a.jobs} in a ${a.classValue}.`,
  howManyGramsOfThere: (a: { ids: string }) => `The weight of ${a.ids} is not known. Enter it at Read first.`,
  cannotBeUsedWithWhat: (a: { replacement: string }) =>
    `${a.replacement} contains something you leave out. Choose another replacement.`,
  theWayChosenIsNot: 'The chosen replacement no longer exists. Choose another.',
  theLocks: 'the locks',
  theseLocksConflictUnlockOne: (a: { list: string }) => `These locks conflict: ${a.list}. Unlock one.`,
  whiskPsylliumPowderIntoLukewarm: (a: { amount: string; amount2: string }) =>
    `Whisk ${a.amount} psyllium powder into ${a.amount2} lukewarm water; leave 10 min, until it is a thick gel.`,
  mixTheDryThingsWork:
    'Mix the dry ingredients; work in the gel and everything else for 5 min, until no dry spot is left.',
  shapeATightRoundWith: 'Shape a tight round with wet hands. Seam up into a basket dusted with rice flour.',
  divideIntoWithWetHands: (a: { pieces: number }) =>
    `Divide into ${a.pieces} with wet hands, shape tight, seam down on paper.`,
  proveCoveredUntilHalfAs: (a: { temperature: string }) =>
    `Prove, covered, until half as large again: 45 to 75 min at ${a.temperature}.`,
  heatALiddedPotIn: (a: { temperature: string; temperature2: string; temperature3: string }) =>
    `Heat a lidded pot in the oven at ${a.temperature} for the last 30 min of the proof. Turn the loaf in, cut it, bake 35 min with the lid on; then at ${a.temperature2} 25 min without, to ${a.temperature3} inside.`,
  bakeAtWithSteam22: (a: { temperature: string }) =>
    `Bake at ${a.temperature} with steam, 22 to 28 min, until golden and light in the hand.`,
  leaveOnARackFor: 'Leave on a rack for two hours before cutting: the gel sets as it cools.',
  leaveOnARackFor2: 'Leave on a rack for half an hour.',
  mixTheFloursXanthanThe: (a: { amount: string; amount2: string }) =>
    `Mix the flours, ${a.amount} xanthan, the yeast and the salt. Beat in ${a.amount2} lukewarm water and all the rest for 3 min: a thick batter that falls from the spoon in lumps.`,
  scrapeIntoALined900: 'Scrape into a lined 900 g loaf tin; smooth the top with a wet hand.',
  proveCoveredUntilItIs: (a: { temperature: string }) =>
    `Prove, covered, until it is nearly at the rim: 40 to 60 min at ${a.temperature}.`,
  bakeAt45To55: (a: { temperature: string; temperature2: string }) =>
    `Bake at ${a.temperature}, 45 to 55 min, to ${a.temperature2} inside.`,
  outOfTheTinAt: 'Out of the tin at once; leave on a rack for two hours before cutting.',
  makeTheDoughAsBefore: 'Make the dough as before, without what was rolled in; leave 20 min, covered.',
  rollOut5MmThick: (a: { amount: string; amount2: string }) =>
    `Roll out 5 mm thick on paper, about 30 by 40 cm. Spread with ${a.amount} seed butter, sprinkle with ${a.amount2} sugar, and roll up with the help of the paper.`,
  cutIntoWithAThread: (a: { pieces: number }) =>
    `Cut into ${a.pieces} with a thread; set them cut side up in a lined tin.`,
  proveCoveredUntilTheyTouch: (a: { temperature: string }) =>
    `Prove, covered, until they touch: 40 to 60 min at ${a.temperature}.`,
  bakeAt20To25: (a: { temperature: string }) =>
    `Bake at ${a.temperature}, 20 to 25 min, until golden and springy.`,
  aDose: 'A dose',
  isOfTheFlourSuch: (a: { dosed: string; number: string; number2: string }) =>
    `${a.dosed} is ${a.number}% of the flour; such bakes rarely take more than ${a.number2}%.`,
  starchIsOfTheLiquid: (a: { number: string; number2: string }) =>
    `Starch is ${a.number}% of the liquid: below ${a.number2}% it stays a sauce.`,
  thereIsMoreGasIn: 'It has more gas than such a crumb holds: it may rise and sink.',
  thereIsLittleGasIn: 'It has little gas for such a bake: it may stay dense.',
  sodaIsLeftOverIt: 'Some soda is not neutralised: it may taste soapy.',
  itKeepsLessWell: (a: { keys: string }) => `It keeps ${a.keys} less well.`,
  itDoesNotGiveBack: (a: { jobs: string }) => `It does not give back ${a.jobs}.`,
  itBringsIn: (a: { avoids: string }) => `It brings in ${a.avoids}.`,
  itSuitsThisKindOf: 'It suits this kind of bake less.',
  moreOfItIsUnknown: 'More of it is unknown until a packet is read.',
  itIsALessUsual: 'It is a less usual choice.',
  itIsHarderToCome: 'It is harder to find.',
  moreIngredientsHaveToBe: 'More ingredients have to be bought and weighed for it.',
  thereIsMoreToWatch: 'There is more to watch with it.',
  amountsHaveToLeaveTheir: 'Amounts have to leave their usual range for it.',
  itGoesAgainstYourHouse: 'It goes against your house style, or costs more.',
  aLineIsNotKnown: 'The balance depends on a line that is not known.',
  soMuchLeavesThatNot:
    'So much is left out that not every combination was tried: less usual replacements were skipped.',
  amountsFollowUsualPracticeThis:
    'Amounts follow usual practice. This combination has not been test-baked: make a small batch first.',
  isAWeakChoiceIn: (a: { replacement: string }) => `${a.replacement} is a weak choice in this kind of bake.`,
  aTargetRangeOrA: 'A target range or a dose had to be widened.',
  notReplaced: (a: { jobs: string }) => `Not replaced: ${a.jobs}.`,
  outsideTheTargetRange: (a: { keys: string }) => `Outside the target range: ${a.keys}.`,
  makeTheGelWhiskInto: (a: { amount: string; amount2: string; wait: number }) =>
    `Make the gel: whisk ${a.amount} into ${a.amount2} and leave ${a.wait} min to thicken.`,
  makeTheGelWhiskInto2: (a: { amount: string; amount2: string; wait: number }) =>
    `Make the gel: whisk ${a.amount} into ${a.amount2}, fast, so that no lumps form; leave ${a.wait} min.`,
  andLeaveMin: (a: { wait: number }) => ` and leave ${a.wait} min`,
  stirIntoUntilSmoothStir: (a: { amount: string; amount2: string; which: string }) =>
    `Stir ${a.amount} into ${a.amount2} until smooth${a.which}; stir again before use.`,
  whiskToASoftWhite: (a: { amounts: string }) => `Whisk ${a.amounts} to a soft white foam; fold it in last.`,
  blendUntilQuiteSmooth: (a: { amount: string }) => `Blend ${a.amount} until quite smooth.`,
  stirInLastAndBake: (a: { amounts: string }) => `Stir ${a.amounts} in last, and bake at once: it fizzes.`,
  stirIntoSomeOfThe: (a: { amount: string; temperatures: string }) =>
    `Stir ${a.amount} into some of the cold liquid, bring the rest to a simmer, whisk it in and cook 1 to 2 min at ${a.temperatures}, until thick.`,
  whiskItIntoTheLiquid: 'Whisk it into the liquid fast, or mix it well into the dry: it clumps.',
  softenInALittleWater: 'Soften in a little water with the lid on, no fat.',
  mixUntilSmoothAndRest:
    'Mix until smooth and rest 10 to 20 min: there is no gluten to knead. Shape or spread it with wet hands.',
  noProofIntoTheOven: 'No proof: into the oven at once.',
  aLittleCornflourInWater: 'a little cornflour in water',
  boilAndBrushItOn: (a: { amounts: string }) => `Boil ${a.amounts} and brush it on hot.`,
  stirTogetherAndLeaveMin: (a: { amounts: string; wait: number }) =>
    `Stir ${a.amounts} together and leave ${a.wait} min: it may curdle.`,
  toastInADryPan: (a: { amount: string }) => `Toast ${a.amount} in a dry pan until they crackle; cool.`,
  insteadOf: (a: { ingredient: string; replacement: string }) =>
    `Instead of ${a.ingredient}: ${a.replacement}.`,
  mixIntoTheDryThings: (a: { amount: string }) => `Mix ${a.amount} into the dry ingredients.`,
  addToTheLiquid: (a: { amount: string }) => `Add ${a.amount} to the liquid.`,
  inPlaceOfThereIs: (a: { ingredient: string }) =>
    `Instead of ${a.ingredient} there is more of what is already in the dough: see the weights.`,
  stillNamed: (a: { words: string; avoid: string }) =>
    `“${a.words}” contains ${a.avoid} and nothing replaces it here: leave it out, or add it to the list as a line of its own.`,
  outFor: (a: { avoids: string }) => `left out: ${a.avoids}`,
  locked: 'locked',
  hydration: 'hydration',
  now: (a: { oven: string }) => `Now ${a.oven}.`,
  now2: (a: { minutes: string }) => `Now ${a.minutes}.`,
  ofWord: (a: { n: number }) => `${a.n} of `,
  now3: (a: { which: string; tin: string }) => `Now ${a.which}${a.tin}.`,
  itHoldsNoAirWhisk: 'It holds no air: whisk only until smooth.',
  itDoesNotBrownMelt: 'It has no milk solids and does not brown: warm it only until it has melted.',
  keepFatAndBowlCold: (a: { temperature: string }) =>
    `Keep fat and bowl cold: this fat melts at ${a.temperature}.`,
  noCreamingThisDoesNot: 'No creaming: this does not hold air. Whisk it with the sugar until smooth.',
  workItInWithA: 'Work it in with a fork until it clumps; do not look for crumbs of fat.',
  leftOff: 'removed',
  lineTheTinWithBaking: 'Line the tin with baking paper; no grease.',
  noGreaseADryPan: 'No grease: a dry pan that does not stick, well heated.',
  soyDrinkAndMapleSyrup: 'soya drink and maple syrup',
  brushWith: (a: { amounts: string }) => `Brush with ${a.amounts}.`,
  brushWithWater: 'Brush with water.',
  mmolGasFor100G: (a: { number: string; most: number }) =>
    `${a.number} mmol gas per 100 g flour is above the usual ${a.most}.`,
  mmolGasFor100G2: (a: { number: string; least: number }) =>
    `${a.number} mmol gas per 100 g flour is below the usual ${a.least}.`,
  moreGasThanAsWritten: (a: { number: string }) => `${a.number}% more gas than the original.`,
  lessGasThanAsWritten: (a: { number: string }) => `${a.number}% less gas than the original.`,
  lessBinderToHoldIt: (a: { number: string }) => `${a.number}% less binder to hold it.`,
  moreBinderThanAsWritten: (a: { number: string }) => `${a.number}% more binder than the original.`,
  wetterThanAsWritten: (a: { number: string }) => `${a.number}% wetter than the original.`,
  risenByPastDoubling: (a: { number: string }) => `Risen by ${a.number}%: past doubling.`,
  risenByOnly: (a: { number: string }) => `Risen by ${a.number}% only.`,
  ofTheSodaMeetsNo: (a: { number: string }) => `${a.number}% of the soda is not neutralised.`,
  sunflowerTurnsGreenWhereAlkali: 'Sunflower turns green where alkali is left over; harmless.',
  firstLessPowderOrSoda: (a: { number: string }) => `First: ${a.number}% less powder or soda.`,
  firstBakeItEarlierNearly: 'First: bake it earlier, nearly doubled.',
  firstLetItRiseLonger: 'First: let it rise longer, or warmer.',
  first3To5Less: 'First: 3 to 5% less water.',
  firstAPercentMorePsyllium: 'First: a percent more psyllium or a stronger binder at Swap.',
  firstALittleMoreBaking: 'First: a little more baking powder.',
  firstWhiskTheBinderInto: 'First: whisk the binder into water fast, and let it rest before mixing.',
  firstMoreAcidOrLess: 'First: more acid, or less soda: see below.',
  firstMoreAcidOrPumpkin: 'First: more acid, or pumpkin seed in its place.',
  itHoldsAGumAlready: 'It already contains a gum: add no more.',
  wheatStarchWithinTheGluten:
    'Wheat starch: it may be within the gluten rule, but for a wheat allergy it is still wheat.',
  oatsThatDoNotSay: 'Oats that do not say they are certified gluten-free.',
  oatsThatAreClaimedGluten:
    'Oats claimed to be gluten-free: this text does not say whether they are certified.',
  itHoldsAcidOrCultures: 'It contains acid or cultures: they react with bicarbonate of soda.',
  itHoldsRaisingAgentsMind: 'It contains raising agents: reduce what you add.',
  itClaimsAClaimIs: (a: { words: string }) => `It claims: ${a.words}. A claim is not proof.`,
  waterInFromTheSoak: (a: { ingredient: string }) => `water in ${a.ingredient} from the soak`,
  sumOverTheLines: (a: { prop: string }) => `${a.prop} = sum over the lines`,
  forPart: (a: { part: string | number; said: string }) => `For the ${a.part}: ${a.said}`,
  min: (a: { a: number }) => `${a.a} min`,
  toMin: (a: { a: number; b: number }) => `${a.a} to ${a.b} min`,
  withSteam: 'with steam',
  underTheGrill: 'under the grill',
  moreHeatFrom: (a: { heat: string }) => `more heat from ${a.heat}`,
  minAt: (a: { min: number; phase: string }) => `${a.min} min at ${a.phase}`,
  inAll: (a: { whole: string }) => `; ${a.whole} in all`,
});
