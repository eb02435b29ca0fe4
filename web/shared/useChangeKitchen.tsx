import { Button } from '@mantine/core';
import { useState } from 'react';
import { useStore } from 'react-redux';
import { DEFAULT_KITCHEN, type Kitchen, type KitchenRow } from '../../contract/dto';
import type { Problem } from '../../contract/problem';
import { useAppDispatch, useAppSelector, type RootState } from '../store/store';
import { Notice } from '../parts/Notice';
import { sayClash } from '../words/kitchenWords';
import { sayProblem } from '../words/problems';
import { api, usePutKitchenMutation } from '../api/api';
import { problemIn } from '../api/ask';
import { makeTurns } from '../api/inTurn';
import { kitchenLine } from '../api/kitchenSlice';
import { mergeKitchen, settled, type KitchenClash } from '../api/mergeKitchen';
import { appWords } from '../words/data/en/app';

const W = appWords.useChangeKitchen;

type Row = { rev: number; doc: Kitchen };
const rowOf = ({ rev, ...doc }: KitchenRow): Row => ({ rev, doc });
const NO_ROW: KitchenRow = { ...DEFAULT_KITCHEN, rev: 0 };
/** Other tabs may go on changing it meanwhile: after so many it is given up for now. */
const MOST_TRIES = 5;

/** Changes of this page go one after another: each stands on what came of the one before. */
const inTurn = makeTurns();
/** Changes are told apart by their number. */
let asked = 0;

type Keep = (to: (from: Kitchen) => Kitchen, said: (before: Kitchen) => unknown) => Promise<boolean>;

/** Keeps what comes of a change for the kitchen as it is; brings together what others changed meanwhile. */
function useKeep() {
  const store = useStore<RootState>();
  const [put] = usePutKitchenMutation();
  const [problem, setProblem] = useState<Problem | 'noAnswer' | null>(null);
  const [clashes, setClashes] = useState<KitchenClash[]>([]);
  const now = (): Row => rowOf(api.endpoints.kitchen.select()(store.getState()).data ?? NO_ROW);
  /** True when it is kept. */
  const keep: Keep = (to, said) =>
    inTurn(async () => {
      let base = now();
      const before = base.doc;
      let mine = to(before);
      for (let tries = 0; tries < MOST_TRIES; tries++) {
        const done = await put({ rev: base.rev, doc: mine });
        if (!('error' in done)) {
          setProblem(null);
          said(before);
          return true;
        }
        const told = problemIn(done.error);
        const theirs =
          told?.code === 'kitchen.changed' ? (told.current as KitchenRow | undefined) : undefined;
        if (!theirs) {
          setProblem(told ?? 'noAnswer');
          return false;
        }
        const there = rowOf(theirs);
        const both = mergeKitchen(base.doc, mine, there.doc);
        if (both.clashes.length > 0) setClashes(both.clashes);
        base = there;
        mine = both.merged;
      }
      setProblem({ status: 409, code: 'kitchen.changed', path: '', args: {} });
      return false;
    });
  const close = (clash: KitchenClash) => setClashes((all) => all.filter((c) => c !== clash));
  return { keep, problem, clashes, close };
}

/** What could not be kept, and what two changed at once: both are shown, and either can be taken. */
function Trouble({
  problem,
  clashes,
  close,
  onMine,
}: Omit<ReturnType<typeof useKeep>, 'keep'> & {
  onMine: (clash: KitchenClash) => void;
}) {
  return (
    <>
      {problem !== null && (
        <Notice kind="trouble" title={W.notKept}>
          {sayProblem(problem === 'noAnswer' ? null : problem.code)}
        </Notice>
      )}
      {clashes.map((clash) => {
        const { name, mine, theirs } = sayClash(clash);
        return (
          <Notice key={`${clash.key} ${clash.id}`} kind="trouble" title={W.wasChangedInAnotherTab({ name })}>
            {W.thereHereWhatIsThere({ theirs, mine })}
            <div>
              <Button size="compact-md" variant="light" mt={8} mr={8} onClick={() => close(clash)}>
                {W.leaveWhatIsThere}
              </Button>
              <Button
                size="compact-md"
                variant="light"
                mt={8}
                onClick={() => {
                  close(clash);
                  onMine(clash);
                }}
              >
                {W.takeMine}
              </Button>
            </div>
          </Notice>
        );
      })}
    </>
  );
}

/**
 * Changes some of what is kept of the kitchen, on what it is at that moment. What another tab changed meanwhile is brought
 * together with it; where both cannot stand, `trouble` shows both. It also says where something could not be kept.
 * Every change can be undone while the page is open.
 */
export function useChangeKitchen() {
  const dispatch = useAppDispatch();
  const line = useAppSelector((s) => s.kitchenLine);
  const { keep, ...trouble } = useKeep();
  const change = async (more: Partial<Kitchen>): Promise<boolean> => {
    const id = ++asked;
    dispatch(kitchenLine.asked({ id, more }));
    const kept = await keep(
      (from) => ({ ...from, ...more }),
      // That it was looked at is kept too, and is nothing to undo.
      (before) => Object.keys(more).length > 0 && dispatch(kitchenLine.changed(before)),
    );
    dispatch(kitchenLine.answered(id));
    return kept;
  };
  const step = async (
    to: Kitchen | undefined,
    said: typeof kitchenLine.undone | typeof kitchenLine.redone,
  ) => {
    if (to)
      await keep(
        () => to,
        (before) => dispatch(said(before)),
      );
  };
  const takeMine = (clash: KitchenClash) =>
    void keep(
      (from) => settled(from, clash),
      (before) => dispatch(kitchenLine.changed(before)),
    );
  return {
    change,
    trouble: (trouble.problem !== null || trouble.clashes.length > 0) && (
      <Trouble {...trouble} onMine={takeMine} />
    ),
    canUndo: line.past.length > 0,
    canRedo: line.future.length > 0,
    undo: () => step(line.past.at(-1), kitchenLine.undone),
    redo: () => step(line.future[0], kitchenLine.redone),
  };
}
