import { Select } from '@mantine/core';
import { useCallback, useMemo } from 'react';
import { CLASS_IDS } from '../../../core/classes';
import type { Line } from '../../../core/formula';
import { readLine } from '../../../core/reading';
import { useAppDispatch } from '../../app/store';
import { ovenText } from '../../words/say';
import { CLASS_WORDS } from '../../words/things';
import { ReadLines, type LineView, type OnCorrect } from '../read/ReadLines';
import { useDeskContext } from './context';
import { desk } from './deskSlice';
import classes from './desk.module.css';

/** A line of the source with what is still open about it: questions that a correction has answered are gone. */
function viewOf(line: Line): LineView {
  const { issues, suggestions } = readLine(line.amount.written, line.id);
  const named = line.item.kind !== 'unknown';
  const weighed = line.amount.massG !== null;
  const open =
    line.amount.written === ''
      ? []
      : issues.filter(
          (i) =>
            !(i.code.startsWith('name.') && named) &&
            !(i.code.startsWith('amount.') && weighed && i.code !== 'amount.disagree'),
        );
  return { line, issues: open, suggestions: suggestions.map((s) => s.id) };
}

/** Read: the pasted text at left, what was understood at right, each line open to correction. */
export function ReadStop() {
  const { doc } = useDeskContext();
  const dispatch = useAppDispatch();
  const { source } = doc;
  const views = useMemo(() => source.parts.flatMap((p) => p.lines).map(viewOf), [source.parts]);
  const onCorrect = useCallback<OnCorrect>(
    (lineId, change) => void dispatch(desk.lineCorrected({ lineId, ...change })),
    [dispatch],
  );
  const bake = source.bake;
  return (
    <div className={classes.frame}>
      <div className={classes.content}>
        <ReadLines views={views} onCorrect={onCorrect} />
      </div>
      <aside className={classes.aside} tabIndex={0} aria-label="As pasted">
        {source.parts.map((p) => (
          <Select
            key={p.id}
            label="Kind of bake"
            data={CLASS_IDS.map((c) => ({ value: c, label: CLASS_WORDS[c] }))}
            value={p.classId}
            allowDeselect={false}
            onChange={(v) => v && dispatch(desk.classChosen({ partId: p.id, classId: v }))}
          />
        ))}
        {bake && <p className="small quiet">Bake: {ovenText(bake.ovenC, bake.minutes, bake.fan)}</p>}
        <h2>As pasted</h2>
        <pre className={classes.pasted} tabIndex={0} aria-label="The pasted ingredient list">
          {source.originalText || 'No text was kept.'}
        </pre>
        {source.method.length > 0 && (
          <>
            <h2>Method</h2>
            <ol className={classes.method}>
              {source.method.map((s) => (
                <li key={s.id}>{s.text}</li>
              ))}
            </ol>
          </>
        )}
      </aside>
    </div>
  );
}
