import { Button, Skeleton } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { useEffect, useState } from 'react';
import { Link, Outlet, useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import { CAUSE_IDS, FAULT_IDS, heldFor, REPAIR_IDS, type Tests as Tested } from '../../../core/judge';
import type { DraftDoc, FormulaDetail } from '../../../contract/dto';
import { useVersionQuery } from '../../api/api';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { UndoButtons } from '../../parts/UndoButtons';
import { usePageTitle } from '../../parts/usePageTitle';
import { changeWords } from '../../words/trialWords';
import { sayProblem } from '../../words/say';
import type { DeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import { useMayChange } from '../../shared/useMayChange';
import { KeepVersion } from './KeepVersion';
import { Rail } from './Rail';
import { stopsOf } from './stops';
import { useAnswers } from './useAnswers';
import { useWorkingCopy } from '../../shared/useWorkingCopy';
import { Copies } from './Copies';
import { Saved } from './Saved';
import { suggestedName } from './suggestedName';
import { sayComputeFault } from '../../words/computeWords';
import { sayStanding } from '../../words/savingWords';
import { VersionLine } from './VersionLine';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.deskLayout;

/** To those who do not see the rail: what the last change came to. */
function answeredIn({ outcome, solution }: Pick<DeskContext, 'outcome' | 'solution'>): string {
  if (!solution) return '';
  const { fit } = solution;
  return W.workedOutOut({
    count: W.thingCount({ n: outcome?.conflicts.length ?? 0 }),
    which: fit.some((f) => f.state === 'open')
      ? W.howItBalancesIsNot
      : W.insideTheirBandsOf({
          filterCount: fit.filter((f) => f.state === 'inside').length,
          fitCount: fit.length,
        }),
  });
}

/** What it is called, which version it grew from, whether it is saved, and what can be done with all of it. */
function Head({
  doc,
  detail,
  onKeep,
}: {
  doc: DraftDoc;
  detail: FormulaDetail;
  /** Null where it cannot be kept yet. */
  onKeep: (() => void) | null;
}) {
  const mayChange = useMayChange();
  const dispatch = useAppDispatch();
  const state = useAppSelector((s) => s.working);
  return (
    <div className={classes.head}>
      <div className={classes.title}>
        <h1>{detail.title || W.untitledFormula}</h1>
        <VersionLine detail={detail} baseId={doc.baseId} />
        <p className={classes.save} role="status">
          {sayStanding(state.standing, state.browserFull)}
        </p>
      </div>
      <div className={classes.tools}>
        <UndoButtons
          canUndo={state.line.past.length > 0}
          canRedo={state.line.future.length > 0}
          onUndo={() => dispatch(workingCopy.undone())}
          onRedo={() => dispatch(workingCopy.redone())}
        />
        {mayChange && (
          <Button disabled={onKeep === null} onClick={() => onKeep?.()}>
            {W.saveVersion}
          </Button>
        )}
      </div>
    </div>
  );
}

/** A copy that tries one change says which trial that comes from. */
function Tests({ request: { tests: of, pins } }: { request: DraftDoc['request'] }) {
  const dispatch = useAppDispatch();
  const restHeld = Object.keys(pins?.lines ?? {}).length > 1;
  return (
    of && (
      <p className={classes.tests} role="note">
        {W.thisCopyTriesOneChange({ change: changeWords(of.repair) })}
        {restHeld && W.theRestIsHeld} <Link to={`/notebook/${of.trialId}`}>{W.theTrialItComesFrom}</Link>{' '}
        <Button size="compact-md" variant="default" onClick={() => dispatch(workingCopy.testDropped())}>
          {W.itTriesNothing}
        </Button>
      </p>
    )
  );
}

/** An open desk: its stops in the order of the work, and one working copy under them all. */
function Desk({ doc, detail }: { doc: DraftDoc; detail: FormulaDetail }) {
  const { id } = detail;
  const state = useAppSelector((s) => s.working);
  const [keeping, setKeeping] = useState(false);
  const navigate = useNavigate();
  const { search } = useLocation();
  const { pantry } = usePantry();
  const answers = useAnswers(doc);
  const context: DeskContext = { doc, ...answers };
  const stops = stopsOf(state, context, detail, id, pantry.lookup);
  const { data: base } = useVersionQuery(doc.baseId);
  const canKeep = context.solution !== null && !context.working;
  useHotkeys(
    [
      // Tried even where nothing can be kept: the browser's own "save page" is not wanted at a desk.
      ['mod+S', () => canKeep && setKeeping(true)],
      ...stops.map(({ to }, i): [string, () => void, { usePhysicalKeys: boolean }] => [
        `alt+Digit${i + 1}`,
        () =>
          to !== null &&
          void navigate({ pathname: to.startsWith('/') ? to : `/formula/${id}/${to}`, search }),
        { usePhysicalKeys: true },
      ]),
    ],
    [],
  );

  return (
    <div className={classes.desk}>
      <Rail stops={stops} />
      <main id="main" className={classes.main}>
        <Head doc={doc} detail={detail} onKeep={canKeep ? () => setKeeping(true) : null} />
        <p className="visually-hidden" aria-live="polite">
          {context.working ? '' : answeredIn(context)}
        </p>
        <Tests request={doc.request} />
        <Saved state={state} title={detail.title} />
        <Copies detail={detail} state={state} />
        {context.failed && (
          <Notice
            kind="trouble"
            title={W.thisCouldNotBeWorked}
            action={{ words: W.tryAgain, do: context.again }}
          >
            {sayComputeFault(context.failed)}
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
          suggestedName={suggestedName(doc, context, base, detail.versions)}
          onClose={() => setKeeping(false)}
        />
      )}
    </div>
  );
}

/** What an address asks to be tried: "trial~fault~cause~repair", and where it is an amount "~line~grams". */
function triedIn(text: string): { tests: Tested; line: { lineId: string; toG: number } | null } | null {
  const [trialId = '', fault, cause, repair, lineId, grams] = text.split('~');
  const [f, c, r] = [
    FAULT_IDS.find((x) => x === fault),
    CAUSE_IDS.find((x) => x === cause),
    REPAIR_IDS.find((x) => x === repair),
  ];
  const massG = Number(grams);
  if (!f || !c || !r) return null;
  const line = lineId && Number.isFinite(massG) && massG >= 0 ? { lineId, toG: massG } : null;
  return { tests: { trialId, fault: f, cause: c, repair: r }, line };
}

/** The desk of a formula, from its address. */
export function DeskLayout() {
  const { id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const from = search.get('from');
  const { detail, failed, ready } = useWorkingCopy(id, from);
  const changed = useAppSelector(
    ({ working: w }) =>
      w.formulaId === id && w.from === from && w.beside === null && w.standing.is !== 'clean',
  );
  // A copy that was opened from a version and then changed is no longer that version: the address says so.
  useEffect(() => {
    if (from === null || !changed || search.has('try')) return;
    setSearch(
      (now) => {
        now.delete('from');
        return now;
      },
      { replace: true },
    );
  }, [from, changed, search, setSearch]);
  // What a trial asks to be tried is put in once the version it is of is open.
  const tries = search.get('try');
  const opened = useAppSelector(
    ({ working: w }) => ready && w.formulaId === id && w.from === from && w.doc !== null,
  );
  const dispatch = useAppDispatch();
  const source = useAppSelector((s) => s.working.doc?.source);
  const { data: baked } = useVersionQuery(from ?? '', { skip: tries === null || from === null });
  useEffect(() => {
    if (tries === null || !opened || !source || !baked) return;
    const asked = triedIn(tries);
    if (asked) {
      const { tests, line } = asked;
      dispatch(workingCopy.tried({ tests, held: line ? heldFor(line, baked.doc, source) : {} }));
    }
    setSearch(
      (now) => {
        now.delete('try');
        now.delete('from');
        return now;
      },
      { replace: true },
    );
  }, [tries, opened, source, baked, dispatch, setSearch]);
  const copy = useAppSelector((s) => s.working.doc);
  const doc = ready ? copy : null;
  usePageTitle(detail?.title ?? W.formula);
  if (failed !== undefined) {
    return (
      <main id="main" className={classes.lone}>
        <Notice kind="trouble" title={W.thisFormulaCannotBeOpened}>
          {sayProblem(failed)} <Link to="/">{W.toTheFormulas}</Link>
        </Notice>
      </main>
    );
  }
  if (!doc || !detail) {
    return (
      <main id="main" className={classes.lone} role="status" aria-label={W.openingTheFormula}>
        <Skeleton height={40} width={360} mb={16} />
        <Skeleton height={420} />
      </main>
    );
  }

  return <Desk doc={doc} detail={detail} />;
}
