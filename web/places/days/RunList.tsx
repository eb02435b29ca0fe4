import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import type { Next } from '../../../core/schedule';
import { taskTitle } from '../../words/clockWords';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { Letter } from './Letter';
import { bakeOf } from './runTitles';

type Props = {
  title: string;
  of: readonly Next[];
  /** What stands beside each: its time, or how long it still goes on. */
  beside: (n: Next) => ReactNode;
  /** The words of the press that says it is over, and those that are read out. */
  over: string;
  overOf: (n: Next) => string;
  onOver: (n: Next) => void;
};

/** Tasks of a day under way, one a line, each over at a press; nothing where there are none. */
export function RunList({ title, of, beside, over, overOf, onOver }: Props) {
  const context = useDayContext();
  if (of.length === 0) return null;
  return (
    <section className="sheet" aria-label={title}>
      <h2 className={classes.panel}>{title}</h2>
      {of.map((n) => (
        <div key={n.key} className={classes.going}>
          <Letter of={bakeOf(context, n).letter} />
          <span>
            <b>{taskTitle(n.task)}</b> <span className="quiet">{bakeOf(context, n).title}</span>
          </span>
          <span className="num">{beside(n)}</span>
          <Button size="compact-md" variant="subtle" aria-label={overOf(n)} onClick={() => onOver(n)}>
            {over}
          </Button>
        </div>
      ))}
    </section>
  );
}
