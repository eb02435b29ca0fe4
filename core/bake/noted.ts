import { msg, type Msg } from '../explain';
import type { Formula } from '../formula';
import type { Step } from '../method';
import { minutesIn, temperaturesIn } from '../reading';

/** Notes made here, taken off again before new ones are made. */
const OURS = ['step.ovenNow', 'step.timeNow', 'step.tinNow'];
/** A time that differs by less is within what is read off an oven, min. */
const SAME_MIN = 2;
/** A heat that differs by less is none a dial shows, °C. */
const SAME_C = 2;

const namesHeat = (text: string): boolean => Object.values(temperaturesIn(text)).some((t) => t.length > 0);

/** A tin named with its size. */
const SIZED_TIN =
  /\d\s*(?:cm|mm|inch|in\.|g|lb|-?\s?(?:hole|cup))\b.{0,20}\b(?:tin|pan|mould|dish|ring)s?\b/i;

type Baked = Pick<Formula, 'bake' | 'tin'>;

/** The last step that bakes for a stated time; one that bakes blind is another matter. */
const bakingStep = (method: readonly Step[]): Step | undefined =>
  method.findLast(
    (s) => !s.added && /\bbak(?:e|ed|ing)\b/i.test(s.text) && !/\bblind\b/i.test(s.text) && minutesIn(s.text),
  );

/**
 * The method with a note where it states an oven, a time or a tin that is no longer so. Only what the text itself says
 * is contradicted: a step without figures stays as it is. The given steps are not changed.
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
  const otherTin = now.tin && was.tin && now.tin.written !== was.tin.written ? now.tin : null;
  const baking = bakingStep(clean);
  const notesFor = (s: Step): Msg[] => [
    ...(otherOven && namesHeat(s.text) && (s === baking || s.kind === 'prepare')
      ? [msg('step.ovenNow', { c: oven, fan: after!.fan ? 1 : 0 })]
      : []),
    ...(otherTime && s === baking ? [msg('step.timeNow', { from: otherTime[0], to: otherTime[1] })] : []),
    ...(otherTin && SIZED_TIN.test(s.text)
      ? [msg('step.tinNow', { tin: otherTin.written, n: otherTin.count })]
      : []),
  ];
  return clean.map((s) =>
    s.added || s.own !== undefined ? s : { ...s, notes: [...s.notes, ...notesFor(s)] },
  );
}
