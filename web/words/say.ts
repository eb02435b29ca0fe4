import type { ClassId, JobId } from '../../core/classes';
import type { Msg } from '../../core/explain';
import type { FitKey } from '../../core/rebalance';
import { celsiusToFahrenheit, type UnitId } from '../../core/units';
import { fixed, grams, listed } from './format';
import {
  AVOID_WORDS,
  CLASS_WORDS,
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

/** What the computation has to say, in words. One entry a code. */
const SAY: Record<string, (a: Args) => string> = {
  'read.empty': () => 'Nothing to read yet. Paste the ingredient list, one ingredient a line.',
  'read.noFlour': () => 'No flour or starch found. Percentages and wetness need one: check the names.',
  'read.tooManyLines': (a) =>
    `${n(a, 'given')} lines were given; the first ${n(a, 'max')} are read. Split the formula in two.`,
  'read.headings': (a) => `Headings are read past (${s(a, 'names')}): all lines stand in one list.`,
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
  'name.unsure': (a) => `Not sure what "${s(a, 'name')}" is. Choose, or it stays not known.`,
  'amount.missing': () => 'No amount found. Give it in grams.',
  'amount.notFinite': (a) => `"${s(a, 'written')}" is no amount one can weigh. Give it in grams.`,
  'amount.negative': (a) => `"${s(a, 'written')}" is below nothing. Give it in grams.`,
  'amount.zero': () => 'Nothing of it? Give grams, or take the line out.',
  'amount.tooMuch': (a) => `${n(a, 'kg')} kg in one line is more than any bowl holds. Check the amount.`,
  'amount.noMeasure': (a) =>
    `How much a ${UNIT_WORDS[s(a, 'unit') as UnitId] ?? s(a, 'unit')} of this weighs is not known. Give it in grams.`,
  'amount.disagree': (a) =>
    `The two amounts do not agree: ${n(a, 'a')} g, but "${s(a, 'written')}" comes to ${n(a, 'b')} g. The weight is used.`,
  'move.keep': () => 'as it was',
  'move.drop': (a) => `out: ${words(a, 'avoids', AVOID_WORDS)}`,
  'move.kit': (a) => kitName(s(a, 'kit')).toLowerCase(),
  'move.joined': (a) =>
    `${n(a, 'addedG') < 0 ? '−' : '+'}${grams(Math.abs(n(a, 'addedG')))}, with ${kitName(s(a, 'kit')).toLowerCase()}`,
  'move.water': () => 'for the same wetness',
  'move.lessLiquid': () => 'less, for the same wetness',
  'move.held': () => 'held by you',
  'widened.wetness': (a) =>
    `Wetness could not be kept within ±${n(a, 'band')} %: it is ${n(a, 'percent')} % off.`,
  'widened.mass': (a) =>
    `Total mass could not be kept within ±${n(a, 'band')} %: it is ${n(a, 'percent')} % off.`,
  'widened.dose': (a) =>
    `${ingredientName(s(a, 'id'))} is outside its usual ${grams(n(a, 'fromG'))} to ${grams(n(a, 'toG'))}.`,
  'widened.line': (a) =>
    `${ingredientName(s(a, 'id'))} gives way, ${grams(n(a, 'fromG'))} to ${grams(n(a, 'toG'))}: what comes in is wetter than what left.`,
  'cannot.noKit': (a) =>
    `Nothing we know can stand in for ${ids(a)} here and keep out what must go. What cannot be had: ${words<JobId>(a, 'jobs', JOB_NOUNS) || 'its part'} in a ${CLASS_WORDS[s(a, 'classId') as ClassId]?.toLowerCase() ?? 'bake'}.`,
  'cannot.amount': (a) => `How much ${ids(a)} there is, is not known. Give it in grams at Read first.`,
  'cannot.chosenKit': (a) =>
    n(a, 'known')
      ? `${kitName(s(a, 'kit'))} cannot be used with what must go here. Choose another way.`
      : 'The way chosen is not known any more. Choose another.',
  'cannot.locks': () =>
    'What you hold contradicts itself: no amounts meet all locks at once. Let go of wetness, total mass or a held amount.',
  'confidence.practice': () => 'Doses are those of common practice; nobody has baked this very one yet.',
  'confidence.weakKit': (a) => `${kitName(s(a, 'kit'))} is a weak choice in this kind of bake.`,
  'confidence.widened': () => 'A band or a dose had to be widened.',
  'confidence.uncovered': (a) => `Not made good: ${words<JobId>(a, 'jobs', JOB_NOUNS)}.`,
  'confidence.outside': (a) => `Outside the band: ${words<FitKey>(a, 'keys', PROP_WORDS)}.`,
  'step.gel': (a) =>
    `Make the gel: whisk ${amount(a, 1)} into ${amount(a, 2)} and leave ${n(a, 'wait')} min to thicken.`,
  'step.psylliumGel': (a) =>
    `Make the gel: whisk ${amount(a, 1)} into ${amount(a, 2)}, fast, so that no lumps form; leave ${n(a, 'wait')} min.`,
  'step.slurry': (a) =>
    `Stir ${amount(a, 1)} into ${amount(a, 2)} until smooth${n(a, 'wait') ? ` and leave ${n(a, 'wait')} min` : ''}; stir again before use.`,
  'step.aquafaba': (a) => `Whisk ${amount(a, 1)} to a soft white foam; fold it in last.`,
  'step.tofu': (a) => `Blend ${amount(a, 1)} until quite smooth.`,
  'step.sour': (a) => `Stir ${amounts(a)} together and leave ${n(a, 'wait')} min: it may curdle.`,
  'step.toast': (a) => `Toast ${amount(a, 1)} in a dry pan until they crackle; cool.`,
  'step.instead': (a) =>
    `Instead of ${ingredientName(s(a, 'was'), true)}: ${kitName(s(a, 'kit')).toLowerCase()}.`,
  'step.keepCold': () => 'Keep fat and bowl cold: this fat melts at 24 °C.',
  'step.noCreaming': () => 'No creaming: this does not hold air. Whisk it with the sugar until smooth.',
  'step.workIn': () => 'Work it in with a fork until it clumps; do not look for crumbs of fat.',
  'step.paper': () => 'Line the tin with baking paper; no grease.',
  'step.drinkWash': (a) => `Brush with ${amounts(a) || 'soy drink and maple syrup'}.`,
  'step.waterWash': () => 'Brush with water.',
  'label.holdsGum': () => 'It holds a gum already: add no more.',
  'label.wheatStarch': () =>
    'Wheat starch: within the gluten rule it may be, for a wheat allergy it is still wheat.',
  'label.oatsNotCertified': () => 'Oats that do not say they are certified gluten-free.',
  'label.claims': (a) => `It claims: ${s(a, 'words')}. A claim is not proof.`,
  'explain.sum': (a) => `${PROP_WORDS[s(a, 'key') as FitKey] ?? s(a, 'key')} = sum over the lines`,
  ingredient: (a) => ingredientName(s(a, 'id')),
};

/** The words for a message; a code without words is a slip of ours and shows itself as the code. */
export const say = (m: Msg): string => SAY[m.code]?.(m.args) ?? m.code;

export const hasWords = (code: string): boolean => code in SAY;

/** What went wrong with a call to the server, and what to do. */
export function sayProblem(code: string | null, args: Args = {}): string {
  switch (code) {
    case null:
      return 'The server does not answer. Your work is kept in this browser; start New Crumb again and it is saved.';
    case 'draft.conflict':
      return 'Another tab has changed this formula meanwhile.';
    case 'formula.notFound':
      return 'This formula is not on the shelf: it may have been deleted.';
    case 'version.notFound':
      return 'This version is not known. Choose one from the formula’s own line.';
    case 'body.invalid':
      return `Something in it cannot be kept: ${s(args, 'message')}.`;
    case 'body.tooLarge':
      return 'That is too much text at once. Split it.';
    case 'work.tooLong':
      return 'This took too long and was stopped. Try with fewer lines.';
    default:
      return 'Something failed on our side. Nothing you entered is lost; try again.';
  }
}

export const ovenText = (ovenC: number | null, minutes: [number, number] | null, fan: boolean): string =>
  [
    ovenC === null ? '' : `${ovenC} °C${fan ? ' fan' : ''} (${fixed(celsiusToFahrenheit(ovenC), 0)} °F)`,
    minutes === null
      ? ''
      : minutes[0] === minutes[1]
        ? `${minutes[0]} min`
        : `${minutes[0]} to ${minutes[1]} min`,
  ]
    .filter(Boolean)
    .join(', ');
