import { Button } from '@mantine/core';
import { useState } from 'react';
import { isBeside } from '../../../core/formula';
import type { Pantry } from '../../../core/pantry';
import { LineEditor, type LineView, type OnCorrect } from './ReadLines';
import classes from './read.module.css';
import { readWords } from '../../words/data/en/read';

const W = readWords.settle;

/** Lines of which the thing, or the grams in the bowl, are not known. */
const isOpen = ({ line }: LineView): boolean =>
  line.item.kind === 'unknown' || (!line.amount.massG && !isBeside(line.role));

/**
 * The lines that are not known, one after another: the likeliest answer stands ready, Enter takes it and goes on to the
 * next, leaving one goes on as well.
 */
export function Settle({
  views,
  pantry,
  onCorrect,
}: {
  views: readonly LineView[];
  pantry: Pantry;
  onCorrect: OnCorrect;
}) {
  const [left, setLeft] = useState<readonly string[] | null>(null);
  const open = views.filter(isOpen);
  const queue = open.filter((v) => !left?.includes(v.line.id));
  const [now] = queue;
  if (open.length === 0) return null;
  return (
    <section className={`sheet ${classes.settle}`} aria-label={W.linesThatAreNotKnown}>
      {left === null || !now ? (
        <Button size="compact-md" variant="light" onClick={() => setLeft([])}>
          {left === null
            ? W.settle({ count: W.lineCount({ n: open.length }) })
            : W.goThroughTheLeftOnce({ openCount: open.length })}
        </Button>
      ) : (
        <>
          <p>
            <b>“{now.line.amount.written}”</b>{' '}
            <span className="small quiet">
              {W.toGoEnterTakesThe({ count: W.lineCount({ n: queue.length }) })}
            </span>
          </p>
          <LineEditor
            key={now.line.id}
            view={now}
            pantry={pantry}
            onCorrect={onCorrect}
            onDone={() => setLeft([...left, now.line.id])}
          />
        </>
      )}
    </section>
  );
}
