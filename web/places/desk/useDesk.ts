import { useEffect, useState } from 'react';
import type { DraftDoc, FormulaDetail, Version } from '../../../contract/dto';
import { api, problemIn, useFormulaQuery } from '../../api/api';
import { useAppDispatch, useAppSelector } from '../../app/store';
import { localDraft } from './autosave';
import { desk } from './deskSlice';

export type DeskLoad = {
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
    request: version.targetId ? version.request : { exclude: [] },
  };
}

/**
 * Opens the desk of a formula: the unsaved copy of this browser first, then the saved draft, then the version
 * asked for or the latest. An unsaved copy that another tab has overtaken is opened as a clash, nothing dropped.
 */
export function useDesk(formulaId: string, versionId: string | null): DeskLoad {
  const dispatch = useAppDispatch();
  const { data: detail, error } = useFormulaQuery(formulaId);
  const openId = useAppSelector((s) => s.desk.formulaId);
  const [failed, setFailed] = useState<string | null | undefined>(undefined);

  useEffect(() => {
    let stale = false;
    const load = (id: string) => dispatch(api.endpoints.version.initiate(id)).unwrap();
    const loadDraft = () =>
      dispatch(api.endpoints.draft.initiate(formulaId, { forceRefetch: true })).unwrap();
    async function open() {
      const { versions } = await dispatch(
        api.endpoints.formula.initiate(formulaId, { subscribe: false }),
      ).unwrap();
      const from = versionId ?? versions.at(-1)!.id;
      const [pristine, draft] = await Promise.all([load(from).then((v) => startFrom(v, load)), loadDraft()]);
      if (stale) return;
      const rev = draft?.rev ?? 0;
      const local = versionId ? null : localDraft(formulaId);
      if (!local || versionId) {
        const doc = versionId ? pristine : (draft?.doc ?? pristine);
        dispatch(
          desk.opened({ formulaId, doc, pristine, rev, save: draft && !versionId ? 'saved' : 'kept' }),
        );
        return;
      }
      const overtaken = draft !== null && local.rev !== draft.rev;
      dispatch(
        desk.opened({ formulaId, doc: local.doc, pristine, rev, save: overtaken ? 'kept' : 'unsaved' }),
      );
      if (overtaken) dispatch(desk.conflicted(draft));
    }
    open().catch((e: unknown) => !stale && setFailed(problemIn(e)?.code ?? null));
    return () => {
      stale = true;
    };
    // Once for a formula and version: a version kept from the desk does not reopen it.
  }, [formulaId, versionId, dispatch]);

  useEffect(() => () => void dispatch(desk.closed()), [formulaId, dispatch]);

  return { detail, failed: error ? (problemIn(error)?.code ?? null) : failed, ready: openId === formulaId };
}
