import { ActionIcon, Button, Skeleton } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { IconArrowBackUp, IconArrowForwardUp } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { Link, NavLink, Outlet, useLocation, useParams, useSearchParams } from 'react-router';
import type { BakePlan, FormulaDetail, StyleChoice } from '../../../contract/dto';
import { isBeside, type Formula } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import { isYeasted, liftOf } from '../../../core/leavening';
import { useKitchenQuery } from '../../api/api';
import { useAppDispatch, useAppSelector } from '../../app/store';
import { atHandOf } from '../../pantry/atHand';
import { usePantry } from '../../pantry/usePantry';
import { useWays } from '../../pantry/useWays';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { counted } from '../../words/format';
import { sayProblem } from '../../words/say';
import { withoutWords } from '../../words/things';
import { useCompute } from '../../workers/useCompute';
import { lineTo, versionName } from '../versions/order';
import type { DeskContext } from './context';
import { desk, DRAGGED, type DeskState, type SaveState } from './deskSlice';
import { KeepVersion } from './KeepVersion';
import { useDesk } from './useDesk';
import classes from './desk.module.css';

const SAVE_WORDS: Record<SaveState, string> = {
  kept: '',
  unsaved: 'changed, saving soon',
  saving: 'saving',
  saved: 'changed and saved, not kept as a version',
  conflict: 'changed in two places',
  offline: 'not saved: the server does not answer; kept in this browser',
};

/** More names than these are too many for a line. */
const MOST_NAMES = 5;

/** The line from the source to the version this copy grew from, and how many there are beside. */
function VersionLine({ detail, baseId }: { detail: FormulaDetail; baseId: string }) {
  const { versions } = detail;
  const line = lineTo(versions, baseId);
  const shown = line.length > MOST_NAMES ? [line[0]!, ...line.slice(1 - MOST_NAMES)] : line;
  return (
    <p className={classes.versions}>
      {shown.map((v, i) => (
        <span key={v.id}>
          {i > 0 && <span aria-hidden="true"> → {i === 1 && shown !== line && '… → '}</span>}
          <Link
            to={`?from=${v.id}`}
            className={v.id === baseId ? classes.here : ''}
            aria-current={v.id === baseId ? 'true' : undefined}
          >
            {versionName(v, versions)}
          </Link>
        </span>
      ))}
      {versions.length > 1 && (
        <span>
          {' · '}
          <Link to={`/formula/${detail.id}/versions`}>
            {versions.length === 2 ? 'lay them side by side' : `all ${versions.length} versions`}
          </Link>
        </span>
      )}
    </p>
  );
}

/** A stop without an address cannot be gone to yet. */
type Stop = { to: string | null; name: string; state: string; look?: boolean };

function Rail({ stops }: { stops: Stop[] }) {
  // The version that was opened stays open from stop to stop.
  const { search } = useLocation();
  return (
    <nav className={`${classes.rail} no-print`} aria-label="Stops of this formula">
      <ol>
        {stops.map((s, i) => {
          const inside = (
            <>
              <i aria-hidden="true">{i + 1}</i>
              <span>
                <b>{s.name}</b>
                <small data-look={s.look ? '' : undefined}>{s.state}</small>
              </span>
            </>
          );
          return (
            <li key={s.name}>
              {s.to === null ? (
                <span className={classes.stop}>{inside}</span>
              ) : (
                <NavLink
                  to={{ pathname: s.to, search }}
                  className={({ isActive }) => `${classes.stop} ${isActive ? classes.on : ''}`}
                >
                  {inside}
                </NavLink>
              )}
            </li>
          );
        })}
      </ol>
    </nav>
  );
}

/** What lifts a formula, in a line; marked where soda is left over or gas is out of its window. */
function liftState(formula: Formula | null, lookup: Lookup): Pick<Stop, 'state' | 'look'> {
  if (!formula) return { state: 'working' };
  const budgets = formula.parts.map((p) => liftOf(p, lookup));
  if (budgets.some((b) => b.effect === 'soapy')) return { state: 'soda left over', look: true };
  const out = budgets.find((b) => b.state === 'low' || b.state === 'high');
  if (out) return { state: out.state === 'low' ? 'little gas' : 'much gas', look: true };
  if (formula.parts.some((p) => isYeasted(p, lookup))) return { state: 'by yeast' };
  return { state: budgets.some((b) => b.gasMmol > b.massG / 500) ? 'gas and acid fit' : 'hardly any' };
}

const ovenState = (source: Formula | null, plan: BakePlan | undefined): string => {
  const phases = plan?.phases ?? source?.bake?.phases;
  const heats = phases?.map((p) => p.ovenC) ?? [source?.bake?.ovenC ?? null];
  const told = [...new Set(heats)].filter((c) => c !== null);
  return told.length === 0 ? 'no oven stated' : `${told.slice(0, 2).join(', then ')} °C`;
};

function stopsOf(
  desk_: DeskState,
  context: Omit<DeskContext, 'doc'>,
  detail: FormulaDetail,
  formulaId: string,
  lookup: Lookup,
): Stop[] {
  const { outcome, solution, working } = context;
  const lines = desk_.doc?.source.parts.flatMap((p) => p.lines) ?? [];
  const unknown = lines.filter(
    (l) => l.item.kind === 'unknown' || (!l.amount.massG && !isBeside(l.role)),
  ).length;
  const out = outcome?.conflicts.length ?? 0;
  const inside = solution?.fit.filter((f) => f.state === 'inside').length ?? 0;
  const kept = detail.versions.filter((v) => v.targetId !== null);
  const last = kept.find((v) => v.id === desk_.doc?.baseId) ?? kept.at(-1);
  const swap =
    !outcome || context.progress !== null
      ? context.progress === null
        ? 'working'
        : `working, ${Math.round(100 * context.progress)} %`
      : outcome.cannot.length > 0
        ? 'no answer yet'
        : out === 0
          ? 'nothing has to go'
          : `${out} out, ${out} covered`;
  return [
    {
      to: 'read',
      name: 'Read',
      state: `${counted(lines.length, 'line')}, ${unknown ? `${unknown} not known` : 'all known'}`,
      look: unknown > 0,
    },
    { to: 'swap', name: 'Swap', state: swap, look: (outcome?.cannot.length ?? 0) > 0 },
    {
      to: 'balance',
      name: 'Balance',
      state: solution ? `${inside} of ${solution.fit.length} inside` : working ? 'working' : 'waits for Swap',
      look: solution !== null && inside < solution.fit.length,
    },
    { to: 'lift', name: 'Lift', ...liftState(solution?.formula ?? desk_.doc?.source ?? null, lookup) },
    { to: 'bake', name: 'Bake', state: ovenState(desk_.doc?.source ?? null, desk_.doc?.request.bake) },
    {
      to: last ? `/formula/${formulaId}/card/${last.id}` : null,
      name: 'Card',
      state: last ? `kept: ${last.name}` : 'keep a version first',
    },
  ];
}

const NO_STYLE: StyleChoice = {};
/** Whole solutions looked for. */
const MOST_WHOLE = 6;

/** The desk of a formula: its stops in the order of the work, and one working copy under them all. */
export function DeskLayout() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const { detail, failed, ready } = useDesk(id, search.get('from'));
  const dispatch = useAppDispatch();
  const state = useAppSelector((s) => s.desk);
  const [keeping, setKeeping] = useState(false);
  usePageTitle(detail?.title ?? 'Formula');
  useHotkeys([
    ['mod+Z', () => void dispatch(desk.undone())],
    ['mod+shift+Z', () => void dispatch(desk.redone())],
    ['mod+Y', () => void dispatch(desk.redone())],
  ]);

  const { data: kitchen } = useKitchenQuery();
  const ways = useWays();
  const { pantry } = usePantry();
  const doc = ready ? state.doc : null;
  const style = doc?.request.style ?? kitchen?.style ?? NO_STYLE;
  const home = useMemo(() => atHandOf(pantry, kitchen?.atHand ?? []), [pantry, kitchen]);
  const dragged = state.going?.startsWith(DRAGGED) ?? false;
  const asked = useMemo(() => {
    if (!doc || !ways.ready) return null;
    const { exclude, oil, words, strict, pins } = doc.request;
    const { pantryOnly, ...wishes } = style;
    const common = {
      formula: doc.source,
      exclude,
      ...(oil ? { oil } : {}),
      ...(words ? { words } : {}),
      ...(strict ? { strict } : {}),
      style: { ...wishes, ...(pantryOnly ? { onlyFrom: home } : {}) },
      ...(ways.own.length > 0 ? { own: ways.own } : {}),
    };
    const { kits, lines, ...locks } = pins ?? {};
    return {
      free: { ...common, pins: locks, limit: MOST_WHOLE },
      chosen:
        kits || lines
          ? { ...common, pins: pins ?? {}, limit: 1, ...(dragged ? { options: false } : {}) }
          : null,
    };
  }, [doc, style, home, ways, dragged]);
  const free = useCompute('adapt', asked?.free ?? null);
  const chosen = useCompute('adapt', asked?.chosen ?? null);
  const shown = asked?.chosen ? chosen : free;

  if (failed !== undefined) {
    return (
      <main id="main" className={classes.lone}>
        <Notice kind="trouble" title="This formula cannot be opened">
          {sayProblem(failed)} <Link to="/">To the shelf</Link>
        </Notice>
      </main>
    );
  }
  if (!doc || !detail) {
    return (
      <main id="main" className={classes.lone} role="status" aria-label="Opening the formula">
        <Skeleton height={40} width={360} mb={16} />
        <Skeleton height={420} />
      </main>
    );
  }

  const context: DeskContext = {
    doc,
    outcome: shown.output ?? free.output,
    whole: free.output?.solutions ?? [],
    solution: shown.output?.solutions[0] ?? null,
    style,
    kitOf: ways.kitOf,
    working: shown.working || free.working,
    progress: shown.progress ?? free.progress,
    failed: shown.failed ?? free.failed,
  };
  const stops = stopsOf(state, context, detail, id, pantry.lookup);
  const changed = context.solution !== null && (context.outcome?.conflicts.length ?? 0) > 0;

  return (
    <div className={classes.desk}>
      <Rail stops={stops} />
      <main id="main" className={classes.main}>
        <div className={classes.head}>
          <div className={classes.title}>
            <h1>{detail.title || 'Untitled formula'}</h1>
            <VersionLine detail={detail} baseId={doc.baseId} />
            <p className={classes.save} role="status">
              {SAVE_WORDS[state.save]}
            </p>
          </div>
          <div className={classes.tools}>
            <ActionIcon
              variant="transparent"
              color="gray"
              size={44}
              aria-label="Undo"
              disabled={state.past.length === 0}
              onClick={() => dispatch(desk.undone())}
            >
              <IconArrowBackUp size={20} />
            </ActionIcon>
            <ActionIcon
              variant="transparent"
              color="gray"
              size={44}
              aria-label="Redo"
              disabled={state.future.length === 0}
              onClick={() => dispatch(desk.redone())}
            >
              <IconArrowForwardUp size={20} />
            </ActionIcon>
            <Button disabled={!changed || context.working} onClick={() => setKeeping(true)}>
              Keep this version
            </Button>
          </div>
        </div>
        {state.save === 'conflict' && (
          <Notice
            kind="trouble"
            title="This formula was changed in another tab"
            action={{ words: 'Go on with what is here', do: () => void dispatch(desk.mineTaken()) }}
          >
            Both are still there.{' '}
            {state.theirs && (
              <Button size="compact-md" variant="light" onClick={() => dispatch(desk.theirsTaken())}>
                Take the other tab’s
              </Button>
            )}
          </Notice>
        )}
        {context.failed && (
          <Notice kind="trouble" title="The computation failed">
            Nothing you entered is lost. Undo the last change, or load the page again.
          </Notice>
        )}
        <Outlet context={context} />
      </main>
      {keeping && context.solution && (
        <KeepVersion
          formulaId={id}
          doc={doc}
          solution={context.solution}
          sourceChanged={JSON.stringify(doc.source) !== JSON.stringify(state.pristine?.source)}
          suggestedName={`no ${withoutWords(context.outcome?.avoids ?? []) || 'gluten'}`}
          onClose={() => setKeeping(false)}
        />
      )}
    </div>
  );
}
