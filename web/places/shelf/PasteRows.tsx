import { Button, NativeSelect } from '@mantine/core';
import { useMemo } from 'react';
import {
  isWholePaste,
  judgedRows,
  ROW_KINDS,
  rowsOf,
  type RowKind,
  type SaidRows,
} from '../../../core/reading';
import classes from './shelf.module.css';
import { addWords } from '../../words/data/en/add';

const W = addWords.pasteRows;

const ROW_WORDS: Record<RowKind, string> = {
  title: W.title,
  note: W.note,
  heading: W.part,
  line: W.ingredient,
  step: W.step,
  mark: W.leftOut,
};
const CHOICES = ROW_KINDS.map((k) => ({ value: k, label: ROW_WORDS[k] }));

/** What each row of one paste was taken for, at its left edge; another kind is chosen there, and tells its neighbours. */
export function PasteRows({
  text,
  said,
  onSay,
}: {
  text: string;
  said: SaidRows;
  onSay: (said: SaidRows) => void;
}) {
  const rows = useMemo(() => judgedRows(text, said), [text, said]);
  const whole = useMemo(() => isWholePaste(rowsOf(text, said)), [text, said]);
  if (!whole && Object.keys(said).length === 0) return null;
  return (
    <details className={classes.rows}>
      <summary>{W.whatEachRowIs}</summary>
      <ol aria-label={W.rowsOfThePaste}>
        {rows.map((r, i) => (
          <li key={`${i}:${r.text}`} data-kind={r.kind}>
            <NativeSelect
              size="xs"
              aria-label={W.kindOf({ rText: r.text.slice(0, 60) })}
              data={CHOICES}
              value={r.kind}
              onChange={(e) => onSay({ ...said, [r.text]: e.currentTarget.value as RowKind })}
            />
            <span>{r.text}</span>
          </li>
        ))}
      </ol>
      {Object.keys(said).length > 0 && (
        <Button size="compact-md" variant="subtle" onClick={() => onSay({})}>
          {W.asItWasRead}
        </Button>
      )}
    </details>
  );
}
