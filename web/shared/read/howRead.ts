import { isBeside, type Line } from '../../../core/formula';
import type { UnitId } from '../../../core/units';
import { grams, parts, plain } from '../../words/format';
import { formFor } from '../../words/plural';
import { UNIT_WORDS } from '../../words/things';
import { readWords } from '../../words/data/en/read';

const W = readWords.howRead;

/** Units of a scale or a jug, which have decimals; all others are counted in parts. */
const METRIC: readonly UnitId[] = ['mg', 'g', 'kg', 'ml', 'cl', 'dl', 'l'];
const quantity = ({ qty: q, unit }: { qty: [number, number]; unit: UnitId }): string => {
  const one = METRIC.includes(unit) ? plain : parts;
  return q[0] === q[1] ? one(q[0]) : W.to({ one: one(q[0]), one2: one(q[1]) });
};

/** The unit as it follows its amount: up to one of it is one, also half a cup. */
const unitAfter = ({ qty, unit }: { qty: [number, number]; unit: UnitId }): string =>
  formFor(qty[1] <= 1 ? 1 : qty[1], UNIT_WORDS[unit]);

/** Less is shown as nothing, g. */
const LEAST_SHOWN_G = 0.05;
/** How a line came to its grams, in a few words. */
export function howRead({ amount, role }: Line): string {
  const { massG, reading } = amount;
  if (!massG) return role === 'taste' ? W.toTaste : isBeside(role) ? W.asNeeded : W.notKnown;
  const used = reading.find((r) => r.step === 'mass') ?? reading.find((r) => r.step !== 'unread');
  if (massG.basis === 'user' && used?.step !== 'mass') return W.givenByYou;
  if (!used) return W.workedOut;
  const plus = reading.find((r) => r.step === 'plus');
  if (plus)
    return W.andWord({
      quantity: quantity(used),
      unit: unitAfter(used),
      quantity2: quantity(plus),
      unit2: unitAfter(plus),
    });
  if (massG.basis === 'label') return W.sizeGiven({ quantity: quantity(used), unit: unitAfter(used) });
  const middle = (used.qty[0] + used.qty[1]) / 2;
  const qty = quantity(used);
  if (used.step === 'mass') return used.unit === 'g' ? W.weighed : `${qty} ${unitAfter(used)}`;
  const each = massG.value / middle;
  // A drop weighs less than any scale shows, and of a millilitre everybody knows.
  if (each < LEAST_SHOWN_G || used.unit === 'ml') return `${qty} ${unitAfter(used)}`;
  if (used.unit === 'piece') return W.atEach({ qty, amount: grams(each) });
  return W.at({ qty, unit: unitAfter(used), amount: grams(each) });
}

/** How sure a line is: nothing to say when it is weighed and named outright. */
export function confidenceOf({ item, amount, role }: Line): 'sure' | 'likely' | 'unknown' {
  if (item.kind === 'unknown') return 'unknown';
  if (!amount.massG) return isBeside(role) ? 'sure' : 'unknown';
  return amount.confidence >= 0.95 ? 'sure' : 'likely';
}
