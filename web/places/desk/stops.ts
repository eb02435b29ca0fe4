import type { BakePlan, FormulaDetail } from '../../../contract/dto';
import { hobStepsOf } from '../../../core/bake';
import { isBeside, type Formula } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { isYeasted, liftOf } from '../../../core/leavening';
import { tasksOf } from '../../../core/plan';
import { clockOf, type Stretch } from '../../../core/schedule';
import { tenths } from '../../words/format';
import { JOB_NOUNS } from '../../words/data/terms';
import type { DeskContext } from '../../shared/deskContext';
import type { WorkingState } from '../../working/workingState';
import { bareDegrees, heatUnit, inTurn } from '../../words/heat';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.stops;

/** A stop without an address cannot be gone to yet. `look`: something there wants looking at. */
export type Stop = { to: string | null; name: string; state: string; look?: boolean };

/** What lifts a formula, in a line; marked where soda is left over or gas is out of its window. */
function liftState(formula: Formula | null, lookup: Lookup): Pick<Stop, 'state' | 'look'> {
  if (!formula) return { state: W.working };
  if (formula.parts.some((p) => liftOf(p, lookup).open)) return { state: W.notKnownYet, look: true };
  const budgets = formula.parts.map((p) => liftOf(p, lookup));
  if (budgets.some((b) => b.effect === 'soapy')) return { state: W.sodaLeftOver, look: true };
  const out = budgets.find((b) => b.state === 'low' || b.state === 'high');
  if (out) return { state: out.state === 'low' ? W.lowInGas : W.highInGas, look: true };
  if (formula.parts.some((p) => isYeasted(p, lookup))) return { state: W.byYeast };
  return { state: budgets.some((b) => b.gasMmol > b.massG / 500) ? W.acidBalanced : W.noRaisingAgent };
}

const ovenState = (source: Formula | null, plan: BakePlan | undefined): string => {
  const phases = plan?.phases ?? source?.bake?.phases;
  const heats = phases?.map((p) => p.ovenC) ?? [source?.bake?.ovenC ?? null];
  const told = [...new Set(heats)].filter((c) => c !== null);
  if (told.length === 0 && source && hobStepsOf(source).length > 0) return W.onTheHob;
  return told.length === 0 ? W.noOvenStated : `${inTurn(told.slice(0, 2).map(bareDegrees))} ${heatUnit()}`;
};

/** Somebody who is always up, for as long as any bake takes. */
const ALWAYS: Stretch[] = [[-10_000, 10_000]];
const clocks = new WeakMap<Formula, string>();
/** How long it takes from the first hand to the first slice; worked out once for each formula. */
function clockState(formula: Formula | null, lookup: Lookup): string {
  if (!formula) return W.noMethod;
  const known = clocks.get(formula);
  if (known) return known;
  const tasks = tasksOf(formula, lookup);
  const clock = tasks.length > 0 ? clockOf(tasks, 0, ALWAYS) : null;
  const hours = clock ? Math.round((clock.to - clock.from) / 30) / 2 : 0;
  const state = !clock ? W.noMethod : hours < 1 ? W.underAnHour : W.aboutH({ hours: tenths(hours) });
  clocks.set(formula, state);
  return state;
}

/** How many lines are replaced, and what nothing gives back. */
function replacedState(out: number, solution: DeskContext['solution']): string {
  const lost = solution?.uncovered ?? [];
  const [first] = lost;
  if (!first) return W.toReplace({ out });
  return W.toReplaceNotReplaced({
    out,
    which: lost.length > 1 ? W.jobCount({ n: lost.length }) : JOB_NOUNS[first],
  });
}

/** The stops of a desk as they stand now. */
export function stopsOf(
  copy: WorkingState,
  context: Omit<DeskContext, 'doc'>,
  detail: FormulaDetail,
  formulaId: string,
  lookup: Lookup,
): Stop[] {
  const { outcome, solution, working } = context;
  const lines = copy.doc?.source.parts.flatMap((p) => p.lines) ?? [];
  const unknown = lines.filter(
    (l) => l.item.kind === 'unknown' || (!l.amount.massG && !isBeside(l.role)),
  ).length;
  const out = outcome?.conflicts.length ?? 0;
  const inside = solution?.fit.filter((f) => f.state === 'inside').length ?? 0;
  const kept = detail.versions.filter((v) => v.targetId !== null);
  const last = kept.find((v) => v.id === copy.doc?.baseId) ?? kept.at(-1);
  const swap =
    !outcome || context.progress !== null
      ? context.progress === null
        ? W.working
        : W.working2({ value: Math.round(100 * context.progress) })
      : outcome.cannot.length > 0
        ? W.noAnswerYet
        : out === 0
          ? W.nothingHasToGo
          : replacedState(out, solution);
  return [
    {
      to: 'read',
      name: W.read,
      state: `${W.lineCount({ n: lines.length })}, ${unknown ? W.notKnown({ unknown }) : W.allKnown}`,
      look: unknown > 0,
    },
    { to: 'swap', name: W.swap, state: swap, look: (outcome?.cannot.length ?? 0) > 0 },
    {
      to: 'balance',
      name: W.balance,
      state: solution
        ? solution.fit.some((f) => f.state === 'open')
          ? W.notKnownYet
          : W.ofInRange({ inside, fitCount: solution.fit.length })
        : working
          ? W.working
          : W.waitsForSwap,
      look: solution !== null && inside < solution.fit.length,
    },
    { to: 'lift', name: W.lift, ...liftState(solution?.formula ?? copy.doc?.source ?? null, lookup) },
    { to: 'bake', name: W.bake, state: ovenState(copy.doc?.source ?? null, copy.doc?.request.bake) },
    { to: 'clock', name: W.clock, state: clockState(solution?.formula ?? copy.doc?.source ?? null, lookup) },
    {
      to: `/formula/${formulaId}/card/${(last ?? detail.versions[0]!).id}`,
      name: W.card,
      state: last ? W.saved({ name: last.name }) : W.asWritten,
    },
  ];
}
