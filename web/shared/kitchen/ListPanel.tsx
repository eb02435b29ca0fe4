import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import { problemIn } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { kitchenWords } from '../../words/data/en/kitchen';
import { sayProblem } from '../../words/problems';
import classes from './kitchen.module.css';

const W = kitchenWords.listPanel;

/** A list of the kitchen under its heading, with what adds to it. */
export function ListPanel({
  id,
  title,
  add,
  onAdd,
  form = null,
  trouble,
  error,
  nothing,
  below,
  children,
}: {
  id: string;
  title: string;
  /** What the button says that adds. */
  add: string;
  onAdd: () => void;
  /** The form of a new one while it is open, in place of the button. */
  form?: ReactNode;
  trouble?: ReactNode;
  /** Why the list could not be fetched. */
  error?: unknown;
  /** What is said while there is none; null where there are some, or it is not known yet. */
  nothing: string | null;
  below?: ReactNode;
  children: ReactNode;
}) {
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby={id}>
      <div className={classes.row}>
        <h2 id={id}>{title}</h2>
        {!form && (
          <Button size="compact-md" onClick={onAdd}>
            {add}
          </Button>
        )}
      </div>
      {trouble}
      {error !== undefined && (
        <Notice kind="trouble" title={W.theListCannotBeFetched}>
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      )}
      {form}
      {nothing !== null && !form && <p className="quiet">{nothing}</p>}
      <ul className={classes.list}>{children}</ul>
      {below}
    </section>
  );
}
