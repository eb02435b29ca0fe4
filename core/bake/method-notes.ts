import { msg, type StepMsg } from '../explain';
import type { Formula } from '../formula';
import type { Step } from '../method';
import { minutesIn, temperaturesIn } from '../reading';

/** Notes made here, taken off again before new ones are made. */
const OURS = ['step.ovenNow', 'step.timeNow', 'step.tinNow'];
/** A time that differs by less is within what is read off an oven, min. */
const SAME_MIN = 2;
/** A heat that differs by less is none a dial shows, °C. */
const SAME_C = 2;

/** True where a text names the heat that was stated, in °C or °F. */
const namesHeat = (text: string, tempC: number): boolean =>
  Object.values(temperaturesIn(text)).some((named) => named.some((c) => Math.abs(c - tempC) < SAME_C));
/** True where a text names the time that was stated. */
const namesTime = (text: string, [from, to]: readonly [number, number]): boolean =>
  text.split(/[,;]|\.(?=\s|$)/).some((piece) => {
    const [a, b] = minutesIn(piece) ?? [Number.NaN, Number.NaN];
    return Math.abs(a - from) < 1 && Math.abs(b - to) < 1;
  });

/** A tin named with its size. */
const SIZED_TIN =
  /\d\s*(?:cm|mm|inch|in\.|g|lb|-?\s?(?:hole|cup))\b.{0,20}\b(?:tin|pan|mould|dish|ring)s?\b/i;

const TIN = /\b(?:tin|pan|mould|dish|ring)s?\b/i;

const BAKING = /\b(?:bak(?:e|ed|ing)|oven)\b/i;
/** A base baked blind is baked as before: the oven of the whole is another. */
const BLIND = /\bblind\b/i;

type Baked = Pick<Formula, 'bake' | 'tin'>;

/**
 * The method with a note where it states an oven, a time or a tin that is no longer so. Only what the text itself says
 * is contradicted: a step that names other figures, or none, stays as it is. The given steps are not changed.
 */
export function notedBake(method: readonly Step[], was: Baked, now: Baked): Step[] {
  const clean = method.map((s) => ({ ...s, notes: s.notes.filter((n) => !OURS.includes(n.code)) }));
  const [before, after] = [was.bake, now.bake];
  const oven = after?.ovenC ?? null;
  const otherOven =
    oven !== null &&
    typeof before?.ovenC === 'number' &&
    (Math.abs(oven - before.ovenC) >= SAME_C || after!.fan !== before.fan);
  const [a, b] = [before?.minutes, after?.minutes];
  const otherTime =
    a && b && (Math.abs(a[0] - b[0]) >= SAME_MIN || Math.abs(a[1] - b[1]) >= SAME_MIN) ? b : null;
  const otherTin =
    now.tin && was.tin && (now.tin.written !== was.tin.written || now.tin.count !== was.tin.count)
      ? now.tin
      : null;
  const notesFor = (s: Step): StepMsg[] => [
    ...(otherOven && namesHeat(s.text, before.ovenC!)
      ? [msg('step.ovenNow', { c: oven, fan: after!.fan ? 1 : 0 })]
      : []),
    ...(otherTime && a && BAKING.test(s.text) && namesTime(s.text, a)
      ? [msg('step.timeNow', { from: otherTime[0], to: otherTime[1] })]
      : []),
    ...(otherTin && (SIZED_TIN.test(s.text) || (s.kind === 'fill' && TIN.test(s.text)))
      ? [msg('step.tinNow', { tin: otherTin.written, n: otherTin.count })]
      : []),
  ];
  return clean.map((s) =>
    s.added || s.own !== undefined || BLIND.test(s.text) ? s : { ...s, notes: [...s.notes, ...notesFor(s)] },
  );
}
