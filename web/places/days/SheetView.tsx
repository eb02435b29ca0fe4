import { Button } from '@mantine/core';
import { taskTitle, timeOf, dayTitle } from '../../words/clockWords';
import { lengthText } from '../../words/dayWords';
import { bareDegrees, heatUnit } from '../../words/heat';
import { useDayContext } from './dayContext';
import classes from './days.module.css';

/** The day on paper, for the wall: what is done when and by whom, with a box to tick. */
export function SheetView() {
  const { day, bakes, ovens, now } = useDayContext();
  const plan = day.plan;
  if (!plan) return <p>There is no plan to print yet.</p>;
  const rows = plan.lain
    .flatMap((lain) => {
      const bake = bakes.find((b) => b.id === lain.bakeId);
      const task = bake?.tasks.find((t) => t.id === lain.taskId);
      return bake && task ? [{ at: lain.from, lain, bake, task }] : [];
    })
    .sort((a, b) => a.at - b.at);
  const days = [...new Set(rows.map((r) => dayTitle(r.at, now)))];
  return (
    <div className={classes.sheetPage}>
      <Button className="no-print" variant="default" onClick={() => window.print()}>
        Print
      </Button>
      <h1>{day.title}</h1>
      <p>
        {bakes
          .map(
            (b) => `${b.letter} ${b.title}${b.batches === 1 ? '' : ` × ${b.batches}`}, ${timeOf(b.readyBy)}`,
          )
          .join(' · ')}
      </p>
      {days.map((title) => (
        <section key={title} aria-label={title}>
          <h2>{title}</h2>
          <ol className={classes.byTime}>
            {rows
              .filter((r) => dayTitle(r.at, now) === title)
              .map(({ lain, bake, task }) => (
                <li key={`${bake.id}/${task.id}`}>
                  <span className="num">{timeOf(lain.from)}</span>
                  <b>{bake.letter}</b>
                  <span>
                    <span className={classes.box} aria-hidden="true" /> {taskTitle(task)},{' '}
                    {lengthText(lain.to - lain.from)}
                    {lain.hands.length > 0 &&
                      `, ${[...new Set(lain.hands.map((h) => day.people.find((p) => p.id === h.personId)?.name ?? ''))].join(', ')}`}
                    {lain.ovenId &&
                      `, ${ovens.find((o) => o.id === lain.ovenId)?.name ?? ''} ${lain.heatC === null ? '' : `${bareDegrees(lain.heatC)} ${heatUnit()}`}`}
                  </span>
                </li>
              ))}
          </ol>
        </section>
      ))}
    </div>
  );
}
