import { Button, FileButton } from '@mantine/core';
import { useMemo, useState } from 'react';
import {
  formulasIn,
  linesOfTable,
  looksLikePage,
  MOST_PAGE_CHARS,
  recipesIn,
  type PageFault,
  type TableRead,
  type TableRow,
} from '../../../core/formats';
import { Notice } from '../../parts/Notice';
import { counted, listed } from '../../words/format';
import { PutAll } from './PutAll';
import type { Found } from './found';
import classes from './shelf.module.css';

const FAULT_WORDS: Record<PageFault, string> = {
  tooLong: 'That is more than two million characters. Copy only the recipe.',
  noRecipe: 'No recipe with ingredients is marked in it. Copy its lines and paste them here.',
  broken: 'It is cut off or damaged, and cannot be read. Copy all of it, or paste the lines alone.',
};
const TABLE_FAULT_WORDS: Record<Extract<TableRead, { fault: string }>['fault'], string> = {
  empty: 'The table has no rows.',
  noNames: 'No column is called "ingredient" or "name". Name it so in the first row.',
  noAmounts: 'No column is called "grams" or "amount". Name it so in the first row.',
};

type Answer = { found: Found[]; what: string; said: string } | { fault: string };

/** What a text holds that is more than the lines of one formula; null where it is just that. */
function answerIn(text: string, wholeFile: boolean): Answer | null {
  if (text.length > MOST_PAGE_CHARS) return { fault: FAULT_WORDS.tooLong };
  if (looksLikePage(text)) {
    const read = recipesIn(text);
    if ('fault' in read) return { fault: FAULT_WORDS[read.fault] };
    return {
      found: read.recipes.map((r) => ({ ...r, oven: '' })),
      what: `This is a page’s source. It holds ${counted(read.recipes.length, 'recipe')}.`,
      said: 'Its pictures, ratings and nutrition are left behind; oven heat is read from the method.',
    };
  }
  const several = formulasIn(text);
  if (several)
    return {
      found: several,
      what: `This text holds ${counted(several.length, 'formula')}.`,
      said: 'They are told apart by titles marked with # or by a line of dashes.',
    };
  return wholeFile
    ? {
        found: [{ title: '', text, method: '', oven: '', time: '' }],
        what: 'This is a plain text.',
        said: '',
      }
    : null;
}

function answerOfTable(rows: readonly TableRow[], title: string): Answer {
  const read = linesOfTable(rows);
  if ('fault' in read) return { fault: TABLE_FAULT_WORDS[read.fault] };
  const left = read.left.length > 0 ? ` Not taken in: ${listed(read.left)}.` : '';
  return {
    found: [{ title, text: read.text, method: '', oven: '', time: '' }],
    what: 'This is a table of lines.',
    said: `A table holds no method, oven or tin: say them here.${left}`,
  };
}

/** Formulas from elsewhere: a page’s source, several in one text, a table; pasted or in a file. */
export function FromElsewhere({ text, onTake }: { text: string; onTake: (found: Found) => void }) {
  const [file, setFile] = useState<Answer | null>(null);
  // A page may be long, and what stands beside it is typed in.
  const pasted = useMemo(() => answerIn(text, false), [text]);
  const answer = file ?? pasted;
  async function read(f: File | null) {
    if (!f) return;
    // More than can be read is not even fetched into memory; what is said of it is the same.
    if (f.size > 4 * MOST_PAGE_CHARS) return setFile({ fault: FAULT_WORDS.tooLong });
    const all = await f.text();
    if (!/\.csv$/i.test(f.name)) return setFile(answerIn(all, true));
    const { default: Papa } = await import('papaparse');
    const { data } = Papa.parse<TableRow>(all, { header: true, skipEmptyLines: true });
    setFile(answerOfTable(data, f.name.replace(/\.csv$/i, '')));
  }
  return (
    <>
      <FileButton accept=".html,.htm,.json,.jsonld,.txt,.md,.csv" onChange={(f) => void read(f)}>
        {(props) => (
          <Button {...props} variant="default" size="compact-md">
            From a file
          </Button>
        )}
      </FileButton>
      {answer && 'fault' in answer && (
        <Notice kind="trouble" title="No formula can be taken from this">
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
                  setFile(null);
                  onTake(f);
                }}
              >
                Take {f.title ? `“${f.title}”` : 'it'}
              </Button>
            ))}
          </div>
          {answer.found.length > 1 && <PutAll found={answer.found} onDone={() => setFile(null)} />}
        </Notice>
      )}
    </>
  );
}
