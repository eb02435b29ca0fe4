import { Button, FileButton } from '@mantine/core';
import { useState } from 'react';
import type { PantryRow } from '../../../contract/dto';
import { CSV_COLUMNS, fromRows, rowOf, type CsvRow, type RowProblem } from '../../../core/pantry';
import { useCreatePantryMutation, useRemovePantryMutation, useRestorePantryMutation } from '../../api/api';
import { problemIn } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { fromCsv, toCsv } from '../../parts/csv';
import { saveFile } from '../../parts/saveFile';
import { toastUndo } from '../../parts/toastUndo';
import { newestOf } from '../../pantry/rows';
import { messageText, sayProblem } from '../../words/say';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.bulkBar;

const AT_ONCE = 200;
const MOST_BYTES = 20_000_000;
const MOST_SHOWN = 6;
/** Brings rows of a file into the pantry, some at a time; what is wrong with them is told. */
function useCsvIn() {
  const [create] = useCreatePantryMutation();
  const [remove] = useRemovePantryMutation();
  const [problems, setProblems] = useState<RowProblem[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [done, setDone] = useState<[number, number] | null>(null);

  async function csvIn(file: File | null) {
    if (!file) return;
    setTrouble(null);
    setProblems([]);
    if (file.size > MOST_BYTES) return setTrouble(W.thisFileIsLargerThan);
    const { data, fields } = await fromCsv<CsvRow>(await file.text());
    if (!fields.includes('name'))
      return setTrouble(
        W.hasNoColumnNameWrite({ file: file.name, cSVCOLUMNS: CSV_COLUMNS.slice(0, 5).join(', ') }),
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
          W.cameInThenItStopped({
            count: W.rowCount({ n: ids.length }),
            sayProblem: sayProblem(p?.code ?? null, p?.args),
          }),
        );
        break;
      }
      ids.push(...made.data.map((r) => r.itemId));
    }
    setDone(null);
    if (ids.length > 0)
      toastUndo(
        W.broughtIntoThePantry({ count: W.thingCount({ n: ids.length }) }),
        () => remove(ids),
        'undo',
      );
  }
  return { csvIn, problems, trouble, setTrouble, done };
}

/** What is wrong with the rows of a file, the first few of it. */
function RowFaults({ problems }: { problems: readonly RowProblem[] }) {
  if (problems.length === 0) return null;
  return (
    <Notice kind="trouble" title={W.inTheFileThoseRows({ count: W.faultCount({ n: problems.length }) })}>
      <ul className={classes.faults}>
        {problems.slice(0, MOST_SHOWN).map((p) => (
          <li key={`${p.row}${p.column}${p.issue.code}`}>
            {W.row({ row: p.row, column: p.column && `, ${p.column}`, say: messageText(p.issue) })}
          </li>
        ))}
      </ul>
      {problems.length > MOST_SHOWN && W.andMore({ problemsCount: problems.length - MOST_SHOWN })}
    </Notice>
  );
}

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
  const [remove] = useRemovePantryMutation();
  const [restore] = useRestorePantryMutation();
  const { csvIn, problems, trouble, setTrouble, done } = useCsvIn();
  const own = newestOf(rows);

  async function takeOut() {
    const ids = [...chosen];
    const result = await remove(ids);
    if ('error' in result) return setTrouble(sayProblem(problemIn(result.error)?.code ?? null));
    onDone();
    toastUndo(W.takenOutOfThePantry({ count: W.thingCount({ n: ids.length }) }), () => restore(ids));
  }

  async function csvOut() {
    const some = own.filter((r) => chosen.size === 0 || chosen.has(r.itemId));
    const text = await toCsv(
      some.map((r) => rowOf(r.doc)),
      CSV_COLUMNS,
    );
    saveFile('pantry.csv', text, 'text/csv');
  }

  return (
    <>
      <div className={classes.bulk}>
        {chosen.size > 0 && (
          <>
            <b>{W.chosenCount({ n: chosen.size })}</b>
            <Button size="compact-md" color="beet" variant="light" onClick={() => void takeOut()}>
              {W.takeOutOfThePantry}
            </Button>
          </>
        )}
        <FileButton
          accept=".csv,text/csv"
          onChange={(f) => void csvIn(f)}
          inputProps={{ 'aria-label': W.csvFileToBringIn }}
        >
          {(props) => (
            <Button {...props} size="compact-md" variant="default" loading={done !== null}>
              {W.bringInCsv}
            </Button>
          )}
        </FileButton>
        {own.length > 0 && (
          <Button size="compact-md" variant="default" onClick={() => void csvOut()}>
            {chosen.size > 0 ? W.writeChosenToCsv : W.writeYourOwnToCsv}
          </Button>
        )}
        {done && (
          <span role="status" className="quiet">
            {W.ofWord({ done: done[0], done2: done[1] })}
          </span>
        )}
      </div>
      {trouble && (
        <Notice kind="trouble" title={W.notAllDone}>
          {trouble}
        </Notice>
      )}
      <RowFaults problems={problems} />
    </>
  );
}
