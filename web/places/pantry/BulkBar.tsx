import { Button, FileButton } from '@mantine/core';
import { useState } from 'react';
import type { PantryRow } from '../../../contract/dto';
import { CSV_COLUMNS, fromRows, rowOf, type CsvRow, type RowProblem } from '../../../core/pantry';
import {
  problemIn,
  useCreatePantryMutation,
  useRemovePantryMutation,
  useRestorePantryMutation,
} from '../../api/api';
import { Notice } from '../../parts/Notice';
import { fromCsv, toCsv } from '../../parts/csv';
import { saveFile } from '../../parts/saveFile';
import { sayDone } from '../../parts/sayDone';
import { newestOf } from '../../pantry/rows';
import { counted } from '../../words/format';
import { say, sayProblem } from '../../words/say';
import classes from './pantry.module.css';

const AT_ONCE = 200;
const MOST_BYTES = 20_000_000;
const MOST_SHOWN = 6;
/** What is done with many at once: taken out, written to CSV, brought in from CSV. Each can be undone. */
export function BulkBar({
  rows,
  chosen,
  onDone,
}: {
  rows: readonly PantryRow[];
  chosen: ReadonlySet<string>;
  onDone: () => void;
}) {
  const [create] = useCreatePantryMutation();
  const [remove] = useRemovePantryMutation();
  const [restore] = useRestorePantryMutation();
  const [problems, setProblems] = useState<RowProblem[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [done, setDone] = useState<[number, number] | null>(null);
  const own = newestOf(rows);

  async function takeOut() {
    const ids = [...chosen];
    const result = await remove(ids);
    if ('error' in result) return setTrouble(sayProblem(problemIn(result.error)?.code ?? null));
    onDone();
    sayDone(`${counted(ids.length, 'thing')} taken out of the pantry`, () => restore(ids));
  }

  async function csvOut() {
    const some = own.filter((r) => chosen.size === 0 || chosen.has(r.itemId));
    const text = await toCsv(
      some.map((r) => rowOf(r.doc)),
      CSV_COLUMNS,
    );
    saveFile('pantry.csv', text, 'text/csv');
  }

  async function csvIn(file: File | null) {
    if (!file) return;
    setTrouble(null);
    setProblems([]);
    if (file.size > MOST_BYTES) return setTrouble('This file is larger than 20 MB. Split it.');
    const { data, fields } = await fromCsv<CsvRow>(await file.text());
    if (!fields.includes('name'))
      return setTrouble(
        `${file.name} has no column "name". Write one out from here to see the columns: ${CSV_COLUMNS.slice(0, 5).join(', ')} and so on.`,
      );
    const { docs, problems: found } = fromRows(data);
    setProblems(found);
    const ids: string[] = [];
    for (let at = 0; at < docs.length; at += AT_ONCE) {
      setDone([at, docs.length]);
      const made = await create(docs.slice(at, at + AT_ONCE));
      if ('error' in made) {
        const p = problemIn(made.error);
        setTrouble(
          `${counted(ids.length, 'row')} came in, then it stopped. ${sayProblem(p?.code ?? null, p?.args)}`,
        );
        break;
      }
      ids.push(...made.data.map((r) => r.itemId));
    }
    setDone(null);
    if (ids.length > 0)
      sayDone(`${counted(ids.length, 'thing')} brought into the pantry`, () => remove(ids), 'Undo');
  }

  return (
    <>
      <div className={classes.bulk}>
        {chosen.size > 0 && (
          <>
            <b>{counted(chosen.size, 'chosen', 'chosen')}</b>
            <Button size="compact-md" color="beet" variant="light" onClick={() => void takeOut()}>
              Take out of the pantry
            </Button>
          </>
        )}
        <FileButton
          accept=".csv,text/csv"
          onChange={(f) => void csvIn(f)}
          inputProps={{ 'aria-label': 'CSV file to bring in' }}
        >
          {(props) => (
            <Button {...props} size="compact-md" variant="default" loading={done !== null}>
              Bring in CSV
            </Button>
          )}
        </FileButton>
        {own.length > 0 && (
          <Button size="compact-md" variant="default" onClick={() => void csvOut()}>
            {chosen.size > 0 ? 'Write chosen to CSV' : 'Write your own to CSV'}
          </Button>
        )}
        {done && (
          <span role="status" className="quiet">
            {done[0]} of {done[1]}
          </span>
        )}
      </div>
      {trouble && (
        <Notice kind="trouble" title="Not all done">
          {trouble}
        </Notice>
      )}
      {problems.length > 0 && (
        <Notice
          kind="trouble"
          title={`${counted(problems.length, 'fault')} in the file: those rows were left out`}
        >
          <ul className={classes.faults}>
            {problems.slice(0, MOST_SHOWN).map((p) => (
              <li key={`${p.row}${p.column}${p.issue.code}`}>
                Row {p.row}
                {p.column && `, ${p.column}`}: {say(p.issue)}
              </li>
            ))}
          </ul>
          {problems.length > MOST_SHOWN && `and ${problems.length - MOST_SHOWN} more`}
        </Notice>
      )}
    </>
  );
}
