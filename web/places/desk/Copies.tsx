import { Button } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import type { AsideMeta, DraftDoc, FormulaDetail } from '../../../contract/dto';
import { api, useAsidesQuery, useDropAsideMutation, useRestoreAsideMutation } from '../../api/api';
import { saving, useAppDispatch } from '../../store/store';
import { Notice } from '../../parts/Notice';
import { toastUndo } from '../../parts/toastUndo';
import { toastError } from '../../parts/toastError';
import { moment } from '../../words/format';
import { listed } from '../../words/plural';
import { EXCLUSION_WORDS } from '../../words/data/names';
import { workingCopy } from '../../working/workingSlice';
import type { WorkingState } from '../../working/workingState';
import { versionName } from '../../shared/versionOrder';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.copies;

/** More than these are shown when they are asked for. */
const MOST_AT_FIRST = 2;

/** What a copy asks for, in a few words. */
function copyWords({ exclude, words }: Pick<AsideMeta, 'exclude' | 'words'>, base: string | null): string {
  const out = [...exclude.map((e) => EXCLUSION_WORDS[e].name), ...words.map((w) => `“${w}”`)];
  const asked = out.length > 0 ? W.leavesOut({ list: listed(out) }) : W.nothingLeftOut;
  return base ? W.fromWord({ asked, base }) : asked;
}

/** Working copies that gave way to the one that is open: looked at beside it, or waiting to be taken up again. */
export function Copies({ detail, state }: { detail: FormulaDetail; state: WorkingState }) {
  const { data: asides = [] } = useAsidesQuery(detail.id);
  const [all, setAll] = useState(false);
  const [drop] = useDropAsideMutation();
  const [restore] = useRestoreAsideMutation();
  const dispatch = useAppDispatch();
  const nameOf = (baseId: string): string | null => {
    const version = detail.versions.find((v) => v.id === baseId);
    return version ? versionName(version, detail.versions) : null;
  };
  const said = ({ baseId, request }: DraftDoc) =>
    copyWords({ exclude: request.exclude, words: request.words ?? [] }, nameOf(baseId));

  async function takeUp(aside: AsideMeta) {
    const found = await dispatch(api.endpoints.aside.initiate(aside.id, { forceRefetch: true }));
    if (!found.data) return toastError(W.itCouldNotBeTaken, found.error);
    dispatch(workingCopy.tookUp(found.data.doc));
    // It goes from here only when it is saved as the working copy.
    await saving.saver.flush(detail.id);
    if (saving.saver.isSaved(detail.id)) await drop(aside.id);
  }
  async function putAway(aside: AsideMeta) {
    const done = await drop(aside.id);
    if ('error' in done) toastError(W.notDropped, done.error);
    else toastUndo(W.theCopyIsDropped, () => restore(aside.id));
  }

  if (state.beside)
    return (
      <Notice kind="word" title={W.youAreLookingAt({ name: nameOf(state.doc?.baseId ?? '') ?? W.aVersion })}>
        {W.yourWorkingCopyIsStill({ said: said(state.beside) })}
        <div>
          <Button component={Link} to="?" size="compact-md" variant="light" mt={8}>
            {W.backToMyWorkingCopy}
          </Button>
        </div>
      </Notice>
    );
  if (asides.length === 0) return null;
  const shown = all ? asides : asides.slice(0, MOST_AT_FIRST);
  return (
    <section className={classes.copies} aria-label={W.copiesSetAside}>
      <ul>
        {shown.map((a) => (
          <li key={a.id}>
            <span>{W.setAside({ moment: moment(a.createdAt), copy: copyWords(a, nameOf(a.baseId)) })}</span>
            <Button size="compact-md" variant="light" onClick={() => void takeUp(a)}>
              {W.takeItUp}
            </Button>
            <Button size="compact-md" variant="subtle" onClick={() => void putAway(a)}>
              {W.dropIt}
            </Button>
          </li>
        ))}
      </ul>
      {asides.length > shown.length && (
        <Button size="compact-md" variant="subtle" onClick={() => setAll(true)}>
          {W.moreSetAside({ asidesCount: asides.length - shown.length })}
        </Button>
      )}
    </section>
  );
}
