import { useEffect, useState } from 'react';
import { useStore } from 'react-redux';
import type { DraftDoc, FormulaDetail, Version } from '../../contract/dto';
import { api, useFormulaQuery } from '../api/api';
import { problemIn } from '../api/ask';
import { saving, useAppDispatch, useAppSelector, type RootState } from '../store/store';
import type { Copy } from '../working/localCopies';
import { sameDoc } from '../working/sameDoc';
import { workingCopy } from '../working/workingSlice';
import { untested } from '../working/workingState';

export type WorkingLoad = {
  detail: FormulaDetail | undefined;
  failed: string | null | undefined;
  ready: boolean;
};

/** The working copy that a version stands for: its source, and what was asked of it. */
async function startFrom(version: Version, load: (id: string) => Promise<Version>): Promise<DraftDoc> {
  const source = version.targetId ? await load(version.targetId) : version;
  return {
    baseId: version.id,
    source: source.doc,
    request: version.targetId ? untested(version.request) : { exclude: [] },
  };
}

/** What of this formula is in the browser and not known to be on the server: this tab's own, else that of one that is gone. */
async function unsaved(formulaId: string): Promise<Copy | null> {
  const own = saving.local.own(formulaId);
  if (own) return own;
  const [first, ...others] = (await saving.local.left()).filter((l) => l.formulaId === formulaId);
  if (!first) return null;
  // Taken over by this tab; what others left besides waits aside.
  const copy = { ...first.copy, asides: [...first.copy.asides, ...others.map((o) => o.copy.doc)] };
  if (saving.local.put(formulaId, copy)) for (const { key } of [first, ...others]) saving.local.remove(key);
  return copy;
}

/**
 * Opens the working copy of a formula: what this browser has not saved yet first, then the saved one, then the latest
 * version. A version that is asked for is opened beside a copy that is there: that one gives way only when this one is
 * changed, and then waits aside. A copy that another tab has overtaken is opened as a clash, nothing dropped.
 */
export function useWorkingCopy(formulaId: string, versionId: string | null): WorkingLoad {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  const { data: detail, error } = useFormulaQuery(formulaId);
  const openId = useAppSelector((s) => s.working.formulaId);
  const [failed, setFailed] = useState<string | null | undefined>(undefined);

  useEffect(() => {
    let stale = false;
    const load = (id: string) => dispatch(api.endpoints.version.initiate(id)).unwrap();
    const here = store.getState().working;
    const open = here.formulaId === formulaId && here.doc !== null;
    // Changed since it was opened from a version: the address follows the copy, and there is nothing to open.
    if (open && versionId === null && here.beside === null) return;

    async function openCopy() {
      // What was left of an earlier visit is on its way: it should not be met as somebody else's.
      await saving.saver.flush(formulaId);
      const [{ versions }, { draft }] = await Promise.all([
        dispatch(api.endpoints.formula.initiate(formulaId, { subscribe: false })).unwrap(),
        dispatch(api.endpoints.draft.initiate(formulaId, { forceRefetch: true })).unwrap(),
      ]);
      const base = (id: string | null) => load(id ?? versions.at(-1)!.id).then((v) => startFrom(v, load));
      // What is open in this page is newer than what the browser's store has of it.
      const mine =
        open && here.beside === null && here.standing.is !== 'clean' && here.standing.is !== 'saved'
          ? { rev: here.rev, doc: here.doc!, asides: here.asides }
          : await unsaved(formulaId);
      const current = mine?.doc ?? draft?.doc ?? null;
      const rev = draft?.rev ?? 0;
      if (versionId !== null) {
        const pristine = await base(versionId);
        if (stale) return;
        const beside =
          current && !sameDoc(current, pristine) ? { beside: current, asides: mine?.asides ?? [] } : {};
        dispatch(
          workingCopy.opened({
            formulaId,
            doc: pristine,
            pristine,
            rev,
            standing: { is: 'clean' },
            from: versionId,
            ...beside,
          }),
        );
        return;
      }
      const pristine = await base(current?.baseId ?? null).catch(() => base(null));
      if (stale) return;
      const common = { formulaId, pristine, rev };
      if (!mine) {
        const standing = { is: draft ? ('saved' as const) : ('clean' as const) };
        dispatch(workingCopy.opened({ ...common, doc: draft?.doc ?? pristine, standing }));
        return;
      }
      const overtaken = draft !== null && mine.rev !== draft.rev && !sameDoc(mine.doc, draft.doc);
      dispatch(
        workingCopy.opened({
          ...common,
          doc: mine.doc,
          asides: mine.asides,
          standing: overtaken ? { is: 'conflict', theirs: draft } : { is: 'changed' },
        }),
      );
    }
    openCopy().catch((e: unknown) => !stale && setFailed(problemIn(e)?.code ?? null));
    return () => {
      stale = true;
    };
    // Once for a formula and version: a version kept from the desk does not reopen it.
  }, [formulaId, versionId, dispatch, store]);

  useEffect(() => () => void dispatch(workingCopy.closed()), [formulaId, dispatch]);

  return { detail, failed: error ? (problemIn(error)?.code ?? null) : failed, ready: openId === formulaId };
}
