import type * as English from '../../en/sentences/say';

export const saySentences: typeof English.saySentences = {
  theWeightIsTenTimes:
    'Das Gewicht ist das Zehnfache des Volumens. Eine Null zu viel im Gewicht ist wahrscheinlicher.',
  theyDifferAsOuncesAnd: 'Sie unterscheiden sich wie Unzen und Gramm: das Volumen ist wahrscheinlicher.',
  byWeightThisLineWould:
    'Nach Gewicht wäre diese Zeile das meiste in der Schüssel: das Volumen ist wahrscheinlicher.',
  byVolumeThisLineWould:
    'Nach Volumen wäre diese Zeile das meiste in der Schüssel: das Gewicht ist wahrscheinlicher.',
  totalMass: 'Gesamtgewicht',
  aProperty: 'eine Eigenschaft',
  theAmountOf: (a) => `die Menge von ${a.ingredient}`,
  aLockedAmount: 'eine festgehaltene Menge',
  nothingToReadYetPaste: 'Noch nichts zu lesen. Füge die Zutatenliste ein, eine Zutat je Zeile.',
  theTinIsTakenAsRound:
    'Die Form ist nicht näher genannt: Sie gilt als rund. Wähl unter Backen eine andere, wenn es nicht stimmt.',
  theTinIsTakenAsSquare:
    'Die Form ist nicht näher genannt: Sie gilt als quadratisch. Wähl unter Backen eine andere, wenn es nicht stimmt.',
  theListIsInPerCent:
    'Die Liste steht in Prozent und nennt kein Mehlgewicht: Sie ist für 100 g Mehl gelesen. Schreib das Gewicht des Mehls darunter oder mach später mehr davon.',
  noFlourOrStarchFound:
    'Kein Mehl und keine Stärke gefunden. Prozente und Hydration brauchen eins davon: prüf die Namen.',
  linesWereGivenTheFirst: (a) =>
    `${a.given} Zeilen wurden eingegeben; die ersten ${a.max} werden gelesen. Teile die Formel in zwei.`,
  cAndTheFGiven: (a) =>
    `${a.c} °C und die angegebenen °F passen nicht zusammen: die °F ergeben ${a.f} °C. Was stimmt?`,
  anOvenAtCIs: (a) =>
    `Ein Ofen mit ${a.c} °C ist nicht wahrscheinlich. Gib 50 bis 330 °C ein, oder schreib °F.`,
  theOvenIsToldByAWord: (a) =>
    `Der Ofen ist nur mit einem Wort genannt: „${a.word}“ ist als ${a.c} °C gelesen. Vergleich es mit deinem Ofen.`,
  theOvenWasNotUnderstood: (a) =>
    `Der Ofen „${a.text}“ wurde nicht verstanden. Schreib 180 C, 350 F oder gas mark 4.`,
  theTimeWasNotUnderstood: (a) =>
    `Die Zeit „${a.text}“ wurde nicht verstanden. Schreib 45 min oder 1 h 10 min.`,
  thisLineIsVeryLong: (a) => `Diese Zeile ist sehr lang: nur ihre ersten ${a.max} Zeichen werden gelesen.`,
  thisRowHoldsMore: (a) =>
    `In dieser Zeile steht auch eine Menge ${a.name}, die nicht mitzählt: Gib ihr eine eigene Zeile.`,
  isNotKnownChooseWhat: (a) => `„${a.name}“ ist nicht bekannt. Wähl, was es ist.`,
  noNameFoundChooseWhat: 'Kein Name gefunden. Wähl, was es ist.',
  writtenAsAChoiceTaken: (a) =>
    `Als Wahl geschrieben; als ${a.taken} gelesen. Drück, um das andere zu verwenden.`,
  whichIngredientIsChooseOne: (a) => `Welche Zutat ist „${a.name}“? Wähl eine.`,
  noAmountFoundGiveIt: 'Keine Menge gefunden. Gib Gramm ein.',
  isNoAmountOneCan: (a) => `„${a.written}“ lässt sich nicht wiegen. Gib Gramm ein.`,
  isLessThanZeroEnter: (a) => `„${a.written}“ ist kleiner als null. Gib das Gewicht in Gramm an.`,
  theAmountIs0Enter: 'Die Menge ist 0. Gib Gramm an oder entferne die Zeile.',
  kgInOneLineIs: (a) => `${a.kg} kg in einer Zeile sind mehr, als eine Schüssel fasst. Prüf die Menge.`,
  weDontKnowWhatOne: (a) => `Was eine Einheit (${a.unit}) davon wiegt, wissen wir nicht. Gib Gramm an.`,
  noUnitTakenAs: (a) => `Ohne Einheit: als ${a.amount} genommen.`,
  theWeightIsUsed: 'Das Gewicht gilt.',
  theTwoAmountsDoNot: (a) =>
    `Die beiden Mengen passen nicht zusammen: ${a.a} g, aber „${a.written}“ ergibt ${a.b} g. ${a.likelier}`,
  packedIntoTheCupCounted: (a) => `In die Tasse gedrückt: ${a.percent} % schwerer gezählt als gelöffelt.`,
  siftedIntoTheCupCounted: (a) => `In die Tasse gesiebt: ${a.percent} % leichter gezählt als gelöffelt.`,
  ofTheFlourIsMore: (a) =>
    `${a.percent} % des Mehls ist mehr Natron, als irgendein Gebäck verträgt (höchstens etwa ${a.most} %): es wird seifig schmecken.`,
  ofTheFlourIsMore2: (a) =>
    `${a.percent} % des Mehls ist mehr Backpulver als üblich (höchstens etwa ${a.most} %).`,
  ofTheFlourIsMore3: (a) =>
    `${a.percent} % des Mehls ist mehr Salz als üblich (höchstens etwa ${a.most} %): ein Esslöffel statt eines Teelöffels?`,
  ofTheFlourIsMore4: (a) =>
    `${a.percent} % des Mehls ist mehr Gummi als üblich (höchstens etwa ${a.most} %): das wird gummiartig.`,
  ofTheFlourIsMore5: (a) =>
    `${a.percent} % des Mehls ist mehr Flohsamen, als selbst freigeschobene Brote brauchen (etwa ${a.most} %).`,
  ofTheFlourAsIs: (a) =>
    `${a.percent} % des Mehls als ${a.ingredient} ist ungewöhnlich (${a.number} bis ${a.number2} %): eine andere Hefe, oder eine andere Menge?`,
  wouldWeighGEachRaw: (a) =>
    `${a.pieces} ${a.name} würden roh je ${a.each} g wiegen; üblich sind ${a.lo} bis ${a.hi} g. Prüf die Mengen oder die Zahl.`,
  thisBatchWouldFillThe: (a) =>
    `Dieser Ansatz würde die angegebene Form zu ${a.percent} % füllen, ohne Platz zum Aufgehen.`,
  thisBatchFillsTheStated: (a) => `Dieser Ansatz füllt die angegebene Form nur zu ${a.percent} %.`,
  moreThanRowsTheRest: (a) => `Mehr als ${a.max} Zeilen: der Rest wurde ausgelassen. Teile die Datei auf.`,
  hasNoName: 'hat keinen Namen',
  isNoKindWriteOwn: (a) => `„${a.text}“ ist keine Art: schreib own, packet oder blend`,
  isNoIngredientOfOur: (a) => `„${a.text}“ ist keine Zutat unserer Tabelle`,
  aPacketHasToSay: 'eine Packung muss sagen, was sie ist, mit dem Namen aus unserer Tabelle',
  isNoNumberFrom0: (a) => `„${a.text}“ ist keine Zahl von 0 bis ${a.most}`,
  fatCarbohydrateFibreProteinAnd:
    'Fett, Kohlenhydrate, Ballaststoffe, Eiweiß und Salz ergeben mehr als 100 g',
  isNoGroup: (a) => `„${a.text}“ ist keine Gruppe`,
  isNoDayWrite2026: (a) => `„${a.text}“ ist kein Tag: schreib 2026-11-24`,
  isNoPartOfA: (a) =>
    `„${a.text}“ ist kein Teil einer Mischung: schreib white_rice_flour 60; tapioca_starch 40`,
  asItWas: 'wie es war',
  withWord: (a) => `${a.which}${a.amount}, mit ${a.replacement}`,
  forTheSameHydration: 'für dieselbe Hydration',
  forTheAcidThatLeft: 'für die Säure, die wegging, damit das Natron neutralisiert wird',
  forTheBindingThatLeft: 'für die Bindung, die wegging',
  forTheLiftThatLeft: 'für den Trieb, der wegging',
  lessForTheSameHydration: 'weniger, für dieselbe Hydration',
  lessForTheSaltIn: 'weniger, wegen des Salzes in dem, was hereinkommt',
  hydrationCouldNotBeKept: (a) =>
    `Die Hydration ließ sich nicht innerhalb von ±${a.band} % halten: sie ist ${a.percent} % daneben.`,
  totalMassCouldNotBe: (a) =>
    `Das Gesamtgewicht ließ sich nicht innerhalb von ±${a.band} % halten: es ist ${a.percent} % daneben.`,
  isOutsideItsUsualTo: (a) => `${a.ingredient} ist außerhalb der üblichen ${a.amount} bis ${a.amount2}.`,
  givesWayToWhatComes: (a) =>
    `${a.ingredient} wird von ${a.amount} auf ${a.amount2} verringert: was hereinkommt, ist feuchter als das, was wegging.`,
  whatCanStandInFor: (a) =>
    `Was ${a.list} ersetzen kann, bringt ${a.avoids} hinein, wovon diese Formel nichts hat. Erlaube es oben, oder füge einen eigenen Ersatz hinzu.`,
  bake: 'Gebäck',
  itsPart: 'seine Aufgabe',
  noReplacementFoundForThat: (a) =>
    `Für ${a.ids} wurde kein Ersatz gefunden, der weglässt, was weg muss. Es würde fehlen: ${a.jobs}, in: ${a.classValue}.`,
  howManyGramsOfThere: (a) => `Das Gewicht von ${a.ids} ist nicht bekannt. Gib es zuerst unter Lesen ein.`,
  cannotBeUsedWithWhat: (a) => `${a.replacement} enthält etwas, das du weglässt. Wähl einen anderen Ersatz.`,
  theWayChosenIsNot: 'Den gewählten Ersatz gibt es nicht mehr. Wähl einen anderen.',
  theLocks: 'was festgehalten ist',
  theseLocksConflictUnlockOne: (a) => `Das Festgehaltene widerspricht sich: ${a.list}. Gib eins davon frei.`,
  whiskPsylliumPowderIntoLukewarm: (a) =>
    `${a.amount} Flohsamenpulver in ${a.amount2} lauwarmes Wasser rühren; 10 min stehen lassen, bis es ein dickes Gel ist.`,
  mixTheDryThingsWork:
    'Die trockenen Zutaten mischen; das Gel und alles Übrige 5 min einarbeiten, bis nichts Trockenes mehr zu sehen ist.',
  shapeATightRoundWith:
    'Mit nassen Händen straff rund formen. Mit dem Schluss nach oben in einen mit Reismehl bestäubten Korb.',
  divideIntoWithWetHands: (a) =>
    `Mit nassen Händen in ${a.pieces} teilen, straff formen, Schluss nach unten auf Papier.`,
  proveCoveredUntilHalfAs: (a) =>
    `Abgedeckt gehen lassen, bis er um die Hälfte größer ist: 45 bis 75 min bei ${a.temperature}.`,
  heatALiddedPotIn: (a) =>
    `In den letzten 30 min der Gare einen Topf mit Deckel im Ofen bei ${a.temperature} heiß werden lassen. Das Brot hineinkippen, einschneiden, 35 min mit Deckel backen; dann bei ${a.temperature2} 25 min ohne, bis ${a.temperature3} im Kern.`,
  bakeAtWithSteam22: (a) =>
    `Bei ${a.temperature} mit Dampf 22 bis 28 min backen, bis sie goldbraun sind und leicht in der Hand.`,
  leaveOnARackFor:
    'Vor dem Anschneiden zwei Stunden auf einem Gitter lassen: das Gel wird beim Abkühlen fest.',
  leaveOnARackFor2: 'Eine halbe Stunde auf einem Gitter lassen.',
  mixTheFloursXanthanThe: (a) =>
    `Die Mehle, ${a.amount} Xanthan, die Hefe und das Salz mischen. ${a.amount2} lauwarmes Wasser und alles Übrige 3 min einschlagen: eine dicke Masse, die in Klumpen vom Löffel fällt.`,
  scrapeIntoALined900: 'In eine ausgelegte 900-g-Kastenform füllen; mit nasser Hand glattstreichen.',
  proveCoveredUntilItIs: (a) =>
    `Abgedeckt gehen lassen, bis es fast am Rand ist: 40 bis 60 min bei ${a.temperature}.`,
  bakeAt45To55: (a) => `Bei ${a.temperature} 45 bis 55 min backen, bis ${a.temperature2} im Kern.`,
  outOfTheTinAt: 'Gleich aus der Form; vor dem Anschneiden zwei Stunden auf einem Gitter lassen.',
  makeTheDoughAsBefore: 'Den Teig wie bisher machen, ohne das Eingerollte; 20 min abgedeckt stehen lassen.',
  rollOut5MmThick: (a) =>
    `Auf Papier 5 mm dick ausrollen, etwa 30 mal 40 cm. Mit ${a.amount} Saatmus bestreichen, mit ${a.amount2} Zucker bestreuen und mit dem Papier aufrollen.`,
  cutIntoWithAThread: (a) =>
    `Mit einem Faden in ${a.pieces} schneiden; mit der Schnittfläche nach oben in eine ausgelegte Form setzen.`,
  proveCoveredUntilTheyTouch: (a) =>
    `Abgedeckt gehen lassen, bis sie sich berühren: 40 bis 60 min bei ${a.temperature}.`,
  bakeAt20To25: (a) => `Bei ${a.temperature} 20 bis 25 min backen, bis sie goldbraun sind und federn.`,
  aDose: 'Eine Menge',
  isOfTheFlourSuch: (a) =>
    `${a.dosed} ist ${a.number} % des Mehls; solche Gebäcke vertragen selten mehr als ${a.number2} %.`,
  starchIsOfTheLiquid: (a) =>
    `Stärke ist ${a.number} % der Flüssigkeit: unter ${a.number2} % bleibt es eine Soße.`,
  thereIsMoreGasIn: 'Es hat mehr Gas, als solche Krume hält: es kann aufgehen und einfallen.',
  thereIsLittleGasIn: 'Es hat wenig Gas für solch ein Gebäck: es kann dicht bleiben.',
  sodaIsLeftOverIt: 'Ein Teil des Natrons wird nicht neutralisiert: es kann seifig schmecken.',
  itKeepsLessWell: (a) => `Es behält ${a.keys} weniger gut.`,
  itDoesNotGiveBack: (a) => `Es gibt ${a.jobs} nicht zurück.`,
  itBringsIn: (a) => `Es bringt ${a.avoids} hinein.`,
  itSuitsThisKindOf: 'Es passt weniger zu dieser Art Gebäck.',
  moreOfItIsUnknown: 'Mehr davon ist nicht bekannt, bis eine Packung gelesen ist.',
  itIsALessUsual: 'Es ist eine weniger übliche Wahl.',
  itIsHarderToCome: 'Es ist schwerer zu bekommen.',
  moreIngredientsHaveToBe: 'Dafür müssen mehr Zutaten gekauft und gewogen werden.',
  thereIsMoreToWatch: 'Dabei ist auf mehr zu achten.',
  amountsHaveToLeaveTheir: 'Dafür müssen Mengen ihren üblichen Bereich verlassen.',
  itGoesAgainstYourHouse: 'Es geht gegen deinen Hausstil, oder kostet mehr.',
  aLineIsNotKnown: 'Die Bilanz hängt von einer Zeile ab, die nicht bekannt ist.',
  soMuchLeavesThatNot:
    'So viel bleibt weg, dass nicht jede Kombination probiert wurde: weniger üblicher Ersatz wurde übergangen.',
  amountsFollowUsualPracticeThis:
    'Die Mengen folgen der üblichen Praxis. Diese Kombination ist nicht probegebacken: mach zuerst einen kleinen Ansatz.',
  isAWeakChoiceIn: (a) => `${a.replacement} ist bei dieser Art Gebäck eine schwache Wahl.`,
  aTargetRangeOrA: 'Ein Zielbereich oder eine Menge musste erweitert werden.',
  notReplaced: (a) => `Nicht ersetzt: ${a.jobs}.`,
  outsideTheTargetRange: (a) => `Außerhalb des Zielbereichs: ${a.keys}.`,
  makeTheGelWhiskInto: (a) =>
    `Das Gel machen: ${a.amount} in ${a.amount2} rühren und ${a.wait} min quellen lassen.`,
  makeTheGelWhiskInto2: (a) =>
    `Das Gel machen: ${a.amount} schnell in ${a.amount2} rühren, damit nichts klumpt; ${a.wait} min stehen lassen.`,
  andLeaveMin: (a) => ` und ${a.wait} min stehen lassen`,
  stirIntoUntilSmoothStir: (a) =>
    `${a.amount} in ${a.amount2} glattrühren${a.which}; vor Gebrauch noch einmal rühren.`,
  whiskToASoftWhite: (a) => `${a.amounts} zu weichem weißem Schaum schlagen; zuletzt unterheben.`,
  blendUntilQuiteSmooth: (a) => `${a.amount} ganz glatt pürieren.`,
  stirInLastAndBake: (a) => `${a.amounts} zuletzt einrühren und sofort backen: es sprudelt.`,
  stirIntoSomeOfThe: (a) =>
    `${a.amount} in etwas von der kalten Flüssigkeit rühren, den Rest aufkochen, einrühren und bei ${a.temperatures} 1 bis 2 min kochen, bis es dick ist.`,
  whiskItIntoTheLiquid:
    'Schnell in die Flüssigkeit rühren, oder gut unter die trockenen Zutaten mischen: es klumpt.',
  softenInALittleWater: 'In etwas Wasser bei geschlossenem Deckel weich werden lassen, ohne Fett.',
  mixUntilSmoothAndRest:
    'Glattrühren und 10 bis 20 min ruhen lassen: es gibt kein Gluten zu kneten. Mit nassen Händen formen oder streichen.',
  noProofIntoTheOven: 'Keine Gare: gleich in den Ofen.',
  aLittleCornflourInWater: 'etwas Maisstärke in Wasser',
  boilAndBrushItOn: (a) => `${a.amounts} aufkochen und heiß aufstreichen.`,
  stirTogetherAndLeaveMin: (a) =>
    `${a.amounts} zusammenrühren und ${a.wait} min stehen lassen: es darf gerinnen.`,
  toastInADryPan: (a) => `${a.amount} in der trockenen Pfanne rösten, bis es knistert; abkühlen.`,
  insteadOf: (a) => `Statt ${a.ingredient}: ${a.replacement}.`,
  mixIntoTheDryThings: (a) => `${a.amount} unter die trockenen Zutaten mischen.`,
  addToTheLiquid: (a) => `${a.amount} zur Flüssigkeit geben.`,
  inPlaceOfThereIs: (a) =>
    `Statt ${a.ingredient} ist mehr von dem darin, was schon im Teig ist: siehe die Gewichte.`,
  stillNamed: (a) =>
    `„${a.words}“ enthält ${a.avoid}, und hier ersetzt es nichts: weglassen, oder als eigene Zeile in die Liste aufnehmen.`,
  outFor: (a) => `weggelassen: ${a.avoids}`,
  locked: 'festgehalten',
  hydration: 'Hydration',
  now: (a) => `Jetzt ${a.oven}.`,
  now2: (a) => `Jetzt ${a.minutes}.`,
  ofWord: (a) => `${a.n} Mal `,
  now3: (a) => `Jetzt ${a.which}${a.tin}.`,
  itHoldsNoAirWhisk: 'Es hält keine Luft: nur glattrühren.',
  itDoesNotBrownMelt: 'Es enthält kein Milcheiweiß und bräunt nicht: nur erwärmen, bis es geschmolzen ist.',
  keepFatAndBowlCold: (a) => `Fett und Schüssel kalt halten: dieses Fett schmilzt bei ${a.temperature}.`,
  noCreamingThisDoesNot: 'Nicht schaumig schlagen: das hält keine Luft. Mit dem Zucker glattrühren.',
  workItInWithA: 'Mit einer Gabel einarbeiten, bis es klumpt; such keine Fettkrümel.',
  leftOff: 'entfernt',
  lineTheTinWithBaking: 'Die Form mit Backpapier auslegen; kein Fett.',
  noGreaseADryPan: 'Kein Fett: eine trockene Pfanne, die nicht klebt, gut heiß.',
  soyDrinkAndMapleSyrup: 'Sojadrink und Ahornsirup',
  brushWith: (a) => `Mit ${a.amounts} bestreichen.`,
  brushWithWater: 'Mit Wasser bestreichen.',
  mmolGasFor100G: (a) => `${a.number} mmol Gas auf 100 g Mehl liegt über den üblichen ${a.most}.`,
  mmolGasFor100G2: (a) => `${a.number} mmol Gas auf 100 g Mehl liegt unter den üblichen ${a.least}.`,
  moreGasThanAsWritten: (a) => `${a.number} % mehr Gas als das Original.`,
  lessGasThanAsWritten: (a) => `${a.number} % weniger Gas als das Original.`,
  lessBinderToHoldIt: (a) => `${a.number} % weniger Bindung, die es hält.`,
  moreBinderThanAsWritten: (a) => `${a.number} % mehr Bindung als das Original.`,
  wetterThanAsWritten: (a) => `${a.number} % feuchter als das Original.`,
  risenByPastDoubling: (a) => `Um ${a.number} % aufgegangen: mehr als verdoppelt.`,
  risenByOnly: (a) => `Nur um ${a.number} % aufgegangen.`,
  ofTheSodaMeetsNo: (a) => `${a.number} % des Natrons werden nicht neutralisiert.`,
  sunflowerTurnsGreenWhereAlkali: 'Sonnenblume wird grün, wo Lauge übrig bleibt; harmlos.',
  firstLessPowderOrSoda: (a) => `Zuerst: ${a.number} % weniger Backpulver oder Natron.`,
  firstBakeItEarlierNearly: 'Zuerst: früher backen, fast verdoppelt.',
  firstLetItRiseLonger: 'Zuerst: länger oder wärmer gehen lassen.',
  first3To5Less: 'Zuerst: 3 bis 5 % weniger Wasser.',
  firstAPercentMorePsyllium:
    'Zuerst: ein Prozent mehr Flohsamen oder unter Ersetzen ein stärkeres Bindemittel.',
  firstALittleMoreBaking: 'Zuerst: etwas mehr Backpulver.',
  firstWhiskTheBinderInto:
    'Zuerst: das Bindemittel schnell in Wasser rühren und vor dem Mischen ruhen lassen.',
  firstMoreAcidOrLess: 'Zuerst: mehr Säure oder weniger Natron: siehe unten.',
  firstMoreAcidOrPumpkin: 'Zuerst: mehr Säure, oder Kürbiskerne an seiner Stelle.',
  itHoldsAGumAlready: 'Es enthält schon ein Gummi: gib keins dazu.',
  wheatStarchWithinTheGluten:
    'Weizenstärke: nach der Glutenregel kann sie erlaubt sein, für eine Weizenallergie ist sie trotzdem Weizen.',
  oatsThatDoNotSay: 'Hafer, von dem nicht steht, dass er zertifiziert glutenfrei ist.',
  oatsThatAreClaimedGluten:
    'Hafer, der glutenfrei genannt wird: ob er zertifiziert ist, steht nicht in diesem Text.',
  itHoldsAcidOrCultures: 'Es enthält Säure oder Kulturen: sie reagieren mit Natron.',
  itHoldsRaisingAgentsMind: 'Es enthält Triebmittel: gib weniger dazu.',
  itClaimsAClaimIs: (a) => `Es behauptet: ${a.words}. Eine Behauptung ist kein Beweis.`,
  waterInFromTheSoak: (a) => `Wasser in ${a.ingredient} vom Einweichen`,
  sumOverTheLines: (a) => `${a.prop} = Summe über die Zeilen`,
  forPart: (a) => `Für ${a.part}: ${a.said}`,
  min: (a) => `${a.a} min`,
  toMin: (a) => `${a.a} bis ${a.b} min`,
  withSteam: 'mit Dampf',
  underTheGrill: 'unter dem Grill',
  moreHeatFrom: (a) => `mehr Hitze von ${a.heat}`,
  minAt: (a) => `${a.min} min bei ${a.phase}`,
  inAll: (a) => `; ${a.whole} insgesamt`,
};
