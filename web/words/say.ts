import type { BakePhase, StatedBake } from '../../core/formula';
import { COVER_WORDS, HEAT_WORDS } from './data/bake';
import type { ClassId, Dosed, HonestId, JobId } from '../../core/classes';
import type { Msg } from '../../core/explain';
import type { AvoidId } from '../../core/ingredients';
import type { FitKey } from '../../core/rebalance';
import { DOSED_WORDS } from './data/ways';
import type { UnitId } from '../../core/units';
import { degrees, degreesSpan, ovenDegrees, type HeatScale } from './heat';
import { fixed, grams, listed } from './format';
import {
  AVOID_WORDS,
  CLASS_WORDS,
  HONEST_WORDS,
  ingredientName,
  JOB_NOUNS,
  kitName,
  PROP_WORDS,
  UNIT_WORDS,
} from './things';

type Args = Msg['args'];
const n = (a: Args, key: string): number => Number(a[key] ?? 0);
const s = (a: Args, key: string): string => String(a[key] ?? '');
const words = <T extends string>(a: Args, key: string, table: Record<T, string>): string =>
  listed(
    s(a, key)
      .split(' ')
      .filter(Boolean)
      .map((k) => table[k as T] ?? k),
  );
const ids = (a: Args): string =>
  listed(
    s(a, 'ids')
      .split(' ')
      .filter(Boolean)
      .map((id) => ingredientName(id, true)),
  );
/** "14 g ground flax", from the amounts the engine filled in. */
const amount = (a: Args, i: number): string =>
  a[`n${i}`] === undefined ? '' : `${grams(n(a, `g${i}`))} ${ingredientName(s(a, `n${i}`), true)}`;
const amounts = (a: Args): string => listed([1, 2, 3].map((i) => amount(a, i)).filter(Boolean));

/** Which of two amounts is likelier, and why. */
const LIKELIER: Record<string, string> = {
  'b tenfold': 'The weight is ten times the volume. An extra zero in the weight is more likely.',
  'b ounces': 'They differ as ounces and grams do: the volume is likelier.',
  'b share': 'By weight this line would be most of the bowl: the volume is likelier.',
  'a share': 'By volume this line would be most of the bowl: the weight is likelier.',
};

/** One thing that is held, by the name the engine gives it. */
function heldWords(name: string): string {
  const [kind, ...rest] = name.split(':');
  if (kind === 'wetness') return 'hydration';
  if (kind === 'mass') return 'total mass';
  if (kind === 'prop') return PROP_WORDS[rest.at(-1) as FitKey] ?? 'a property';
  const id = name.split('/').at(-1) ?? '';
  return name.includes('/') ? `the amount of ${ingredientName(id, true)}` : 'a locked amount';
}

/** What the computation has to say, in words. One entry a code. */
const SAY: Record<string, (a: Args) => string> = {
  'read.empty': () => 'Nothing to read yet. Paste the ingredient list, one ingredient a line.',
  'read.noFlour': () => 'No flour or starch found. Percentages and hydration need one: check the names.',
  'read.tooManyLines': (a) =>
    `${n(a, 'given')} lines were given; the first ${n(a, 'max')} are read. Split the formula in two.`,
  'bake.tempsDisagree': (a) =>
    `${n(a, 'c')} °C and the °F given do not match: the °F comes to ${n(a, 'f')} °C. Which is right?`,
  'bake.ovenOdd': (a) => `An oven at ${n(a, 'c')} °C is not likely. Give 50 to 330 °C, or say °F.`,
  'bake.ovenUnread': (a) =>
    `The oven "${s(a, 'text')}" was not understood. Write it as 180 C, 350 F or gas mark 4.`,
  'bake.timeUnread': (a) =>
    `The time "${s(a, 'text')}" was not understood. Write it as 45 min or 1 h 10 min.`,
  'line.long': (a) => `This line is very long: only its first ${n(a, 'max')} characters are read.`,
  'name.unknown': (a) =>
    s(a, 'name') ? `"${s(a, 'name')}" is not known. Choose what it is.` : 'No name found. Choose what it is.',
  'name.choice': (a) => `Written as a choice; taken as ${s(a, 'taken')}. Press to take the other.`,
  'name.unsure': (a) => `Which ingredient is “${s(a, 'name')}”? Choose one.`,
  'amount.missing': () => 'No amount found. Give it in grams.',
  'amount.notFinite': (a) => `"${s(a, 'written')}" is no amount one can weigh. Give it in grams.`,
  'amount.negative': (a) => `"${s(a, 'written')}" is less than zero. Enter the weight in grams.`,
  'amount.zero': () => 'The amount is 0. Enter grams or remove the line.',
  'amount.tooMuch': (a) => `${n(a, 'kg')} kg in one line is more than any bowl holds. Check the amount.`,
  'amount.noMeasure': (a) =>
    `We don’t know what one ${UNIT_WORDS[s(a, 'unit') as UnitId] ?? s(a, 'unit')} of this weighs. Enter grams.`,
  'amount.bareGrams': (a) => `No unit: taken as ${grams(Number(a.g))}.`,
  'amount.disagree': (a) =>
    `The two amounts do not agree: ${n(a, 'a')} g, but "${s(a, 'written')}" comes to ${n(a, 'b')} g. ${LIKELIER[`${s(a, 'better')} ${s(a, 'why')}`] ?? 'The weight is used.'}`,
  'amount.packed': (a) => `Packed into the cup: counted ${n(a, 'percent')} % heavier than spooned.`,
  'amount.sifted': (a) => `Sifted into the cup: counted ${n(a, 'percent')} % lighter than spooned.`,
  'check.soda': (a) =>
    `${n(a, 'percent')} % of the flour is more soda than any bake takes (at most about ${n(a, 'most')} %): it will taste soapy.`,
  'check.powder': (a) =>
    `${n(a, 'percent')} % of the flour is more baking powder than usual (at most about ${n(a, 'most')} %).`,
  'check.salt': (a) =>
    `${n(a, 'percent')} % of the flour is more salt than usual (at most about ${n(a, 'most')} %): a tablespoon for a teaspoon?`,
  'check.gum': (a) =>
    `${n(a, 'percent')} % of the flour is more gum than usual (at most about ${n(a, 'most')} %): it makes rubber.`,
  'check.psyllium': (a) =>
    `${n(a, 'percent')} % of the flour is more psyllium than even free-form loaves take (about ${n(a, 'most')} %).`,
  'check.yeast': (a) =>
    `${n(a, 'percent')} % of the flour as ${ingredientName(s(a, 'id'), true)} is unusual (${fixed(n(a, 'lo'), 1)} to ${fixed(n(a, 'hi'), 1)} %): another kind of yeast, or another amount?`,
  'check.yield': (a) =>
    `${n(a, 'pieces')} ${s(a, 'name')} would weigh ${n(a, 'each')} g each, raw; ${n(a, 'lo')} to ${n(a, 'hi')} g is usual. Check the amounts or the number.`,
  'check.tinSmall': (a) =>
    `This batch would fill the stated tin to ${n(a, 'percent')} %, with no room to rise.`,
  'check.tinLarge': (a) => `This batch fills the stated tin to ${n(a, 'percent')} % only.`,
  'csv.tooMany': (a) => `More than ${n(a, 'max')} rows: the rest was left out. Split the file.`,
  'csv.name': () => 'has no name',
  'csv.kind': (a) => `"${s(a, 'text')}" is no kind: write own, packet or blend`,
  'csv.like': (a) => `"${s(a, 'text')}" is no ingredient of our table`,
  'csv.packetLike': () => 'a packet has to say what it is like, by the name in our table',
  'csv.number': (a) => `"${s(a, 'text')}" is no number from 0 to ${n(a, 'most')}`,
  'csv.panelSum': () => 'fat, carbohydrate, fibre, protein and salt add to more than 100 g',
  'csv.group': (a) => `"${s(a, 'text')}" is no group`,
  'csv.date': (a) => `"${s(a, 'text')}" is no day: write 2026-11-24`,
  'csv.part': (a) => `"${s(a, 'text')}" is no part of a blend: write white_rice_flour 60; tapioca_starch 40`,
  'move.keep': () => 'as it was',
  'move.drop': (a) => `out: ${words(a, 'avoids', AVOID_WORDS)}`,
  'move.kit': (a) => kitName(s(a, 'kit')).toLowerCase(),
  'move.joined': (a) =>
    `${n(a, 'addedG') < 0 ? '−' : '+'}${grams(Math.abs(n(a, 'addedG')))}, with ${kitName(s(a, 'kit')).toLowerCase()}`,
  'move.water': () => 'for the same hydration',
  'move.acid': () => 'for the acid that left, so that the soda is met',
  'move.bind': () => 'for the binding that left',
  'move.lift': () => 'for the lift that left',
  'move.lessLiquid': () => 'less, for the same hydration',
  'move.lessSalt': () => 'less, for the salt in what comes in',
  'move.held': () => 'locked',
  'widened.wetness': (a) =>
    `Hydration could not be kept within ±${n(a, 'band')} %: it is ${n(a, 'percent')} % off.`,
  'widened.mass': (a) =>
    `Total mass could not be kept within ±${n(a, 'band')} %: it is ${n(a, 'percent')} % off.`,
  'widened.dose': (a) =>
    `${ingredientName(s(a, 'id'))} is outside its usual ${grams(n(a, 'fromG'))} to ${grams(n(a, 'toG'))}.`,
  'widened.line': (a) =>
    `${ingredientName(s(a, 'id'))} gives way, ${grams(n(a, 'fromG'))} to ${grams(n(a, 'toG'))}: what comes in is wetter than what left.`,
  'cannot.heldOut': (a) =>
    `What can stand in for ${listed(
      s(a, 'ids')
        .split(' ')
        .map((id) => ingredientName(id, true)),
    )} here brings in ${words(a, 'avoids', AVOID_WORDS)}, of which this formula has none. Allow it above, or write a way of your own.`,
  'cannot.noKit': (a) =>
    `No replacement found for ${ids(a)} that leaves out what has to go. What would be missing: ${words<JobId>(a, 'jobs', JOB_NOUNS) || 'its part'} in a ${CLASS_WORDS[s(a, 'classId') as ClassId]?.toLowerCase() ?? 'bake'}.`,
  'cannot.amount': (a) => `How many grams of ${ids(a)} there are is not known. Give them at Read first.`,
  'cannot.chosenKit': (a) =>
    n(a, 'known')
      ? `${kitName(s(a, 'kit'))} cannot be used with what must go here. Choose another way.`
      : 'The way chosen is not known any more. Choose another.',
  'cannot.locks': (a) =>
    `These locks conflict: ${listed(s(a, 'clash').split(' ').filter(Boolean).map(heldWords)) || 'the locks'}. Unlock one.`,
  'bread.gel': (a) =>
    `Whisk ${grams(n(a, 'g1'))} psyllium powder into ${grams(n(a, 'g2'))} lukewarm water; leave 10 min, until it is a thick gel.`,
  'bread.mix': () =>
    'Mix the dry things; work in the gel and all the rest for 5 min, until no dry spot is left.',
  'bread.shape': () => 'Shape a tight round with wet hands. Seam up into a basket dusted with rice flour.',
  'bread.pieces': (a) => `Divide into ${n(a, 'pieces')} with wet hands, shape tight, seam down on paper.`,
  'bread.proof': () => `Prove, covered, until half as large again: 45 to 75 min at ${degrees(26)}.`,
  'bread.bakePot': () =>
    `Heat a lidded pot in the oven at ${degrees(240)} for the last 30 min of the proof. Turn the loaf in, cut it, bake 35 min with the lid on; then at ${degrees(220)} 25 min without, to ${degrees(97)} inside.`,
  'bread.bakeSmall': () =>
    `Bake at ${degrees(220)} with steam, 22 to 28 min, until golden and light in the hand.`,
  'bread.cool': () => 'Leave on a rack for two hours before cutting: the gel sets as it cools.',
  'bread.coolSmall': () => 'Leave on a rack for half an hour.',
  'gum.mix': (a) =>
    `Mix the flours, ${grams(n(a, 'g1'))} xanthan, the yeast and the salt. Beat in ${grams(n(a, 'g2'))} lukewarm water and all the rest for 3 min: a thick batter that falls from the spoon in lumps.`,
  'gum.fill': () => 'Scrape into a lined 900 g loaf tin; smooth the top with a wet hand.',
  'gum.proof': () => `Prove, covered, until it is nearly at the rim: 40 to 60 min at ${degrees(26)}.`,
  'gum.bake': () => `Bake at ${degrees(200)}, 45 to 55 min, to ${degrees(97)} inside.`,
  'gum.cool': () => 'Out of the tin at once; leave on a rack for two hours before cutting.',
  'rolled.mix': () => 'Make the dough as before, without what was rolled in; leave 20 min, covered.',
  'rolled.roll': (a) =>
    `Roll out 5 mm thick on paper, about 30 by 40 cm. Spread with ${grams(n(a, 'g1'))} seed butter, strew with ${grams(n(a, 'g2'))} sugar, and roll up by the paper.`,
  'rolled.cut': (a) => `Cut into ${n(a, 'pieces')} with a thread; set them cut side up in a lined tin.`,
  'rolled.proof': () => `Prove, covered, until they touch: 40 to 60 min at ${degrees(26)}.`,
  'rolled.bake': () => `Bake at ${degrees(190)}, 20 to 25 min, until golden and springy.`,
  'warned.dose': (a) =>
    `${DOSED_WORDS[s(a, 'dosed') as Dosed] ?? 'A dose'} is ${fixed(n(a, 'percent'), 1)}\u00a0% of the flour; such bakes rarely bear more than ${fixed(n(a, 'most'), 1)}\u00a0%.`,
  'warned.thin': (a) =>
    `Starch is ${fixed(n(a, 'percent'), 1)}\u00a0% of the liquid: below ${fixed(n(a, 'least'), 1)}\u00a0% it stays a sauce.`,
  'warned.gasHigh': () => 'There is more gas in it than such a crumb holds: it may rise and sink.',
  'warned.gasLow': () => 'There is little gas in it for such a bake: it may stay dense.',
  'warned.soapy': () => 'Soda is left over: it may taste soapy.',
  'why.closeness': (a) => `It keeps ${words<FitKey>(a, 'keys', PROP_WORDS)} less well.`,
  'why.uncovered': (a) => `It does not give back ${words<JobId>(a, 'jobs', JOB_NOUNS)}.`,
  'why.allergens': (a) => `It brings in ${words<AvoidId>(a, 'avoids', AVOID_WORDS)}.`,
  'why.suits': () => 'It suits this kind of bake less.',
  'why.unknown': () => 'More of it is unknown until a packet is read.',
  'why.usual': () => 'It is a less usual choice.',
  'why.scarce': () => 'It is harder to come by.',
  'why.fresh': () => 'More ingredients have to be bought and weighed for it.',
  'why.watch': () => 'There is more to watch with it.',
  'why.widened': () => 'Amounts have to leave their usual range for it.',
  'why.style': () => 'It goes against your house style, or costs more.',
  'confidence.open': () => 'A line is not known on which the balance rests.',
  'confidence.narrowed': () =>
    'So much leaves that not every combination was tried: the less usual ways were left aside.',
  'confidence.practice': () =>
    'Amounts follow usual practice. This combination has not been test-baked: make a small batch first.',
  'confidence.weakKit': (a) => `${kitName(s(a, 'kit'))} is a weak choice in this kind of bake.`,
  'confidence.widened': () => 'A target range or a dose had to be widened.',
  'confidence.uncovered': (a) => `Not replaced: ${words<JobId>(a, 'jobs', JOB_NOUNS)}.`,
  'confidence.outside': (a) => `Outside the target range: ${words<FitKey>(a, 'keys', PROP_WORDS)}.`,
  'step.gel': (a) =>
    `Make the gel: whisk ${amount(a, 1)} into ${amount(a, 2)} and leave ${n(a, 'wait')} min to thicken.`,
  'step.psylliumGel': (a) =>
    `Make the gel: whisk ${amount(a, 1)} into ${amount(a, 2)}, fast, so that no lumps form; leave ${n(a, 'wait')} min.`,
  'step.slurry': (a) =>
    `Stir ${amount(a, 1)} into ${amount(a, 2)} until smooth${n(a, 'wait') ? ` and leave ${n(a, 'wait')} min` : ''}; stir again before use.`,
  'step.aquafaba': (a) => `Whisk ${amounts(a)} to a soft white foam; fold it in last.`,
  'step.tofu': (a) => `Blend ${amount(a, 1)} until quite smooth.`,
  'step.fizz': (a) => `Stir ${amounts(a)} in last, and bake at once: it fizzes.`,
  'step.simmerStarch': (a) =>
    `Stir ${amount(a, 1)} into some of the cold liquid, bring the rest to a simmer, whisk it in and cook 1-2 min at ${degreesSpan(92, 96)}, until thick.`,
  'step.whiskFast': () => 'Whisk it into the liquid fast, or mix it well into the dry: it clumps.',
  'step.softenInWater': () => 'Soften in a little water with the lid on, no fat.',
  'step.noKnead': () =>
    'Mix until smooth and rest 10 to 20 min: there is no gluten to knead. Shape or spread it with wet hands.',
  'step.noProof': () => 'No proof: into the oven at once.',
  'step.starchGloss': (a) => `Boil ${amounts(a) || 'a little cornflour in water'} and brush it on hot.`,
  honest: (a) => HONEST_WORDS[s(a, 'id') as HonestId] ?? s(a, 'id'),
  'step.sour': (a) => `Stir ${amounts(a)} together and leave ${n(a, 'wait')} min: it may curdle.`,
  'step.toast': (a) => `Toast ${amount(a, 1)} in a dry pan until they crackle; cool.`,
  'step.instead': (a) =>
    `Instead of ${ingredientName(s(a, 'was'), true)}: ${kitName(s(a, 'kit')).toLowerCase()}.`,
  'step.intoDry': (a) => `Mix ${amount(a, 1)} into the dry things.`,
  'step.pour': (a) => `Add ${amount(a, 1)} to the liquid.`,
  'step.joined': (a) =>
    `In place of ${ingredientName(s(a, 'was'), true)} there is more of what is in the dough already: see the weights.`,
  'step.ovenNow': (a) => `Now ${ovenDegrees(Number(a.c), a.fan === 1)}.`,
  'step.timeNow': (a) => `Now ${minutesText(Number(a.from), Number(a.to))}.`,
  'step.tinNow': (a) => `Now ${Number(a.n) > 1 ? `${n(a, 'n')} of ` : ''}${s(a, 'tin')}.`,
  'step.noFoam': () => 'It holds no air: whisk only until smooth.',
  'step.keepCold': () => `Keep fat and bowl cold: this fat melts at ${degrees(24)}.`,
  'step.noCreaming': () => 'No creaming: this does not hold air. Whisk it with the sugar until smooth.',
  'step.workIn': () => 'Work it in with a fork until it clumps; do not look for crumbs of fat.',
  // Words in a sentence that are said otherwise; what stands there is put in by `stepWords`.
  'step.called': (a) => (a.id === undefined ? String(a.text) : ingredientName(String(a.id), true)),
  'step.nothing': () => 'left off',
  'step.word': (a) => String(a.word),
  'step.paper': () => 'Line the tin with baking paper; no grease.',
  'step.dryPan': () => 'No grease: a dry pan that does not stick, well heated.',
  'step.drinkWash': (a) => `Brush with ${amounts(a) || 'soy drink and maple syrup'}.`,
  'step.own': (a) => s(a, 'text'),
  'step.waterWash': () => 'Brush with water.',
  'risk.gasHigh': (a) =>
    `${fixed(n(a, 'per'), 1)} mmol gas for 100 g flour is above the usual ${n(a, 'most')}.`,
  'risk.gasLow': (a) =>
    `${fixed(n(a, 'per'), 1)} mmol gas for 100 g flour is below the usual ${n(a, 'least')}.`,
  'risk.moreGas': (a) => `${fixed(n(a, 'percent'), 0)} % more gas than as written.`,
  'risk.lessGas': (a) => `${fixed(n(a, 'percent'), 0)} % less gas than as written.`,
  'risk.lessBind': (a) => `${fixed(n(a, 'percent'), 0)} % less binder to hold it.`,
  'risk.moreBind': (a) => `${fixed(n(a, 'percent'), 0)} % more binder than as written.`,
  'risk.wetter': (a) => `${fixed(n(a, 'percent'), 0)} % wetter than as written.`,
  'risk.pastDouble': (a) => `Risen by ${fixed(n(a, 'percent'), 0)} %: past doubling.`,
  'risk.shortProof': (a) => `Risen by ${fixed(n(a, 'percent'), 0)} % only.`,
  'risk.sodaOver': (a) => `${fixed(n(a, 'percent'), 0)} % of the soda meets no acid.`,
  'risk.sunflower': () => 'Sunflower turns green where alkali is left over; harmless.',
  'repair.lessGas': (a) => `First: ${fixed(n(a, 'percent'), 0)} % less powder or soda.`,
  'repair.shorterProof': () => 'First: bake it earlier, nearly doubled.',
  'repair.longerProof': () => 'First: let it rise longer, or warmer.',
  'repair.lessWater': () => 'First: 3 to 5 % less water.',
  'repair.moreBinder': () => 'First: a percent more psyllium or a stronger binder at Swap.',
  'repair.morePowder': () => 'First: a little more baking powder.',
  'repair.rest': () => 'First: whisk the binder into water fast, and let it rest before mixing.',
  'repair.acid': () => 'First: more acid, or less soda: see below.',
  'repair.pumpkin': () => 'First: more acid, or pumpkin seed in its place.',
  'label.holdsGum': () => 'It holds a gum already: add no more.',
  'label.wheatStarch': () =>
    'Wheat starch: within the gluten rule it may be, for a wheat allergy it is still wheat.',
  'label.oatsNotCertified': () => 'Oats that do not say they are certified gluten-free.',
  'label.oatsClaimed': () =>
    'Oats that are claimed gluten-free: whether they are certified is not on this text.',
  'label.looksSour': () => 'It holds acid or cultures: soda would meet it.',
  'label.raises': () => 'It holds raising agents: mind what you add.',
  'label.claims': (a) => `It claims: ${s(a, 'words')}. A claim is not proof.`,
  'explain.takenUp': (a) => `water in ${ingredientName(s(a, 'id'), true)} from the soak`,
  'explain.sum': (a) => `${PROP_WORDS[s(a, 'key') as FitKey] ?? s(a, 'key')} = sum over the lines`,
  ingredient: (a) => ingredientName(s(a, 'id')),
};

/** The words for a message; a code without words is a slip of ours and shows itself as the code. */
/** A message in words. One that is for one part of several says so first. */
export function say(m: Msg): string {
  const said = SAY[m.code]?.(m.args) ?? m.code;
  return m.args.part ? `For the ${m.args.part}: ${said.charAt(0).toLowerCase()}${said.slice(1)}` : said;
}

export const hasWords = (code: string): boolean => code in SAY;

export { sayProblem } from './problems';

export const minutesText = (from: number, to: number): string => {
  const [a, b] = [Math.round(from), Math.round(to)];
  return a === b ? `${a} min` : `${a} to ${b} min`;
};

/** One stretch of a bake: "230 °C (446 °F) under a lid, with steam". */
const phaseText = ({ ovenC, fan, cover, steam, heat }: BakePhase, first?: HeatScale): string =>
  [
    `${ovenDegrees(ovenC, fan, first)}${COVER_WORDS[cover].does}`,
    steam ? 'with steam' : '',
    heat === 'even' ? '' : heat === 'grill' ? 'under the grill' : `more heat from ${HEAT_WORDS[heat]}`,
  ]
    .filter(Boolean)
    .join(', ');

/** Oven and time as a baker reads them, stretch by stretch where there are several; `first`: on which scale, else the kitchen's. */
export function ovenText({ ovenC, minutes, fan, phases }: StatedBake, first?: HeatScale): string {
  const whole = minutes === null ? '' : minutesText(minutes[0], minutes[1]);
  if (!phases || phases.length < 2)
    return [ovenC === null ? '' : ovenDegrees(ovenC, fan, first), whole].filter(Boolean).join(', ');
  const steps = phases.map((p, i) =>
    i === phases.length - 1 ? phaseText(p, first) : `${Math.round(p.min)} min at ${phaseText(p, first)}`,
  );
  return `${steps.join('; then ')}${whole && `; ${whole} in all`}`;
}
