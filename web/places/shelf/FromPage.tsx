import { Button, FileButton } from '@mantine/core';
import { useMemo, useState } from 'react';
import {
  looksLikePage,
  MOST_PAGE_CHARS,
  recipesIn,
  type PageFault,
  type PageRecipe,
} from '../../../core/formats';
import { Notice } from '../../parts/Notice';
import { counted } from '../../words/format';
import classes from './shelf.module.css';

const FAULT_WORDS: Record<PageFault, string> = {
  tooLong: 'That is more than two million characters. Copy only the recipe.',
  noRecipe: 'No recipe with ingredients is marked in it. Copy its lines and paste them here.',
  broken: 'It is cut off or damaged, and cannot be read. Copy all of it, or paste the lines alone.',
};

/** A recipe out of a page's source: pasted where the ingredients go, or in a file. */
export function FromPage({ text, onTake }: { text: string; onTake: (recipe: PageRecipe) => void }) {
  const [file, setFile] = useState<string | null>(null);
  const page = file ?? (looksLikePage(text) ? text : null);
  // A page may be long, and what stands beside it is typed in.
  const found = useMemo(() => (page === null ? null : recipesIn(page)), [page]);
  return (
    <>
      <FileButton
        accept=".html,.htm,.json,.jsonld,.txt"
        onChange={(f) => {
          if (!f) return;
          // More than can be read is not even fetched into memory; what is said of it is the same.
          if (f.size > 4 * MOST_PAGE_CHARS) setFile(' '.repeat(MOST_PAGE_CHARS + 1));
          else void f.text().then(setFile);
        }}
      >
        {(props) => (
          <Button {...props} variant="default" size="compact-md">
            From a page’s file
          </Button>
        )}
      </FileButton>
      {found && 'fault' in found && (
        <Notice kind="trouble" title="No formula can be taken from this">
          {FAULT_WORDS[found.fault]}
        </Notice>
      )}
      {found && 'recipes' in found && (
        <Notice kind="word" title="This is a page’s source">
          <p>
            It holds {counted(found.recipes.length, 'recipe')}. Its pictures, ratings and nutrition are left
            behind; oven heat is read from the method.
          </p>
          <div className={classes.bar}>
            {found.recipes.map((r, i) => (
              <Button
                key={`${r.title}-${i}`}
                size="compact-md"
                variant="light"
                onClick={() => {
                  setFile(null);
                  onTake(r);
                }}
              >
                Take {r.title ? `“${r.title}”` : 'it'}
              </Button>
            ))}
          </div>
        </Notice>
      )}
    </>
  );
}
