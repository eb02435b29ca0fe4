import { Button, FileButton } from '@mantine/core';
import { useState } from 'react';
import type { Elsewhere } from '../../../contract/work';
import { MOST_PAGE_CHARS, type PageFault } from '../../../core/formats';
import { linesOfTable, type TableRead, type TableRow } from '../../../core/reading';
import { fromCsv } from '../../parts/csv';
import { Notice } from '../../parts/Notice';
import { listed } from '../../words/plural';
import { useCompute } from '../../shared/useCompute';
import { PutAll } from './PutAll';
import type { Found } from './found';
import classes from './shelf.module.css';
import { addWords } from '../../words/data/en/add';

const W = addWords.fromElsewhere;

const FAULT_WORDS: Record<PageFault, string> = {
  tooLong: W.thatIsMoreThanTwo,
  noRecipe: W.noRecipeWithIngredientsIs,
  broken: W.itIsCutOffOr,
};
const TABLE_FAULT_WORDS: Record<Extract<TableRead, { fault: string }>['fault'], string> = {
  empty: W.theTableHasNoRows,
  noNames: W.noColumnIsCalledIngredient,
  noAmounts: W.noColumnIsCalledGrams,
};

/** What is typed is looked at when it rests, ms. */
const PAUSE_MS = 150;

type Answer = { found: Found[]; what: string; said: string } | { fault: string };

/** What a text holds that is more than the lines of one formula, in words; null where it is just that. */
function answerOf(read: Elsewhere): Answer | null {
  if ('fault' in read) return { fault: FAULT_WORDS[read.fault] };
  if ('recipes' in read)
    return {
      found: read.recipes.map((r) => ({ ...r, oven: '' })),
      what: W.thisIsAPagesSource({ count: W.recipeCount({ n: read.recipes.length }) }),
      said: W.itsPicturesRatingsAndNutrition,
    };
  if ('formulas' in read)
    return {
      found: read.formulas,
      what: W.thisTextHolds({ count: W.formulaCount({ n: read.formulas.length }) }),
      said: W.theyAreToldApartBy,
    };
  return null;
}

function answerOfTable(rows: readonly TableRow[], title: string): Answer {
  const read = linesOfTable(rows);
  if ('fault' in read) return { fault: TABLE_FAULT_WORDS[read.fault] };
  const left = read.left.length > 0 ? W.notTakenIn({ list: listed(read.left) }) : '';
  return {
    found: [{ title, text: read.text, method: '', oven: '', time: '' }],
    what: W.thisIsATableOf,
    said: W.aTableHoldsNoMethod({ left }),
  };
}

/** Formulas from elsewhere: a page’s source, several in one text, a table; pasted or in a file. */
export function FromElsewhere({ text, onTake }: { text: string; onTake: (found: Found) => void }) {
  const [file, setFile] = useState<Answer | null>(null);
  const [fileText, setFileText] = useState<string | null>(null);
  // A page may be long, and what stands beside it is typed in: it is looked through in the worker.
  const asked = fileText ?? text;
  const looked = useCompute('elsewhere', asked.trim() === '' ? null : { text: asked }, PAUSE_MS);
  const held = asked.trim() === '' ? null : looked.output;
  const plainFile: Answer | null =
    fileText !== null && held && 'plain' in held
      ? {
          found: [{ title: '', text: fileText, method: '', oven: '', time: '' }],
          what: W.thisIsAPlainText,
          said: '',
        }
      : null;
  const answer = file ?? plainFile ?? (held && answerOf(held));
  const forget = () => {
    setFile(null);
    setFileText(null);
  };
  async function read(f: File | null) {
    if (!f) return;
    // More than can be read is not even fetched into memory; what is said of it is the same.
    if (f.size > 4 * MOST_PAGE_CHARS) return setFile({ fault: FAULT_WORDS.tooLong });
    const all = await f.text();
    if (!/\.csv$/i.test(f.name)) {
      setFile(null);
      return setFileText(all);
    }
    setFileText(null);
    const { data } = await fromCsv<TableRow>(all);
    setFile(answerOfTable(data, f.name.replace(/\.csv$/i, '')));
  }
  return (
    <>
      <FileButton accept=".html,.htm,.json,.jsonld,.txt,.md,.csv" onChange={(f) => void read(f)}>
        {(props) => (
          <Button {...props} variant="default" size="compact-md">
            {W.fromAFile}
          </Button>
        )}
      </FileButton>
      {answer && 'fault' in answer && (
        <Notice kind="trouble" title={W.noFormulaCanBeTaken}>
          {answer.fault}
        </Notice>
      )}
      {answer && 'found' in answer && (
        <Notice kind="word" title={answer.what}>
          {answer.said && <p>{answer.said}</p>}
          <div className={classes.bar}>
            {answer.found.map((f, i) => (
              <Button
                key={`${f.title}-${i}`}
                size="compact-md"
                variant="light"
                onClick={() => {
                  forget();
                  onTake(f);
                }}
              >
                {W.take({ which: f.title ? `“${f.title}”` : W.it })}
              </Button>
            ))}
          </div>
          {answer.found.length > 1 && <PutAll found={answer.found} onDone={forget} />}
        </Notice>
      )}
    </>
  );
}
