import { handsOf } from '../../../contract/days';
import { Button } from '@mantine/core';
import { taskTitle, timeOf } from '../../words/clockWords';
import { lengthText } from '../../words/dayWords';
import { bareDegrees, heatUnit } from '../../words/heat';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { rowsByDay } from './rows';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.sheetView;

/** The day on paper, for the wall: what is done when and by whom, with a box to tick. */
export function SheetView() {
  const { day, bakes, ovens, now } = useDayContext();
  if (!day.plan) return <p>{W.thereIsNoPlanTo}</p>;
  return (
    <div className={classes.sheetPage}>
      <Button className="no-print" variant="default" onClick={() => window.print()}>
        {W.print}
      </Button>
      <h1>{day.title}</h1>
      <p>
        {bakes
          .map(
            (b) => `${b.letter} ${b.title}${b.batches === 1 ? '' : ` × ${b.batches}`}, ${timeOf(b.readyBy)}`,
          )
          .join(' · ')}
      </p>
      {rowsByDay(day, bakes, now).map(({ title, rows }) => (
        <section key={title} aria-label={title}>
          <h2>{title}</h2>
          <ol className={classes.byTime}>
            {rows.map(({ lain, bake, task }) => {
              const oven = ovens.find((o) => o.id === lain.ovenId)?.name;
              return (
                <li key={`${bake.id}/${task.id}`}>
                  <span className="num">{timeOf(lain.from)}</span>
                  <b>{bake.letter}</b>
                  <span>
                    <span className={classes.box} aria-hidden="true" /> {taskTitle(task)},{' '}
                    {lengthText(lain.to - lain.from)}
                    {lain.hands.length > 0 && `, ${handsOf(lain, day.people)}`}
                    {oven && `, ${oven}`}
                    {lain.heatC !== null &&
                      lain.heatC !== task.ovenC &&
                      W.at({ degrees: bareDegrees(lain.heatC), heatUnit: heatUnit() })}
                  </span>
                </li>
              );
            })}
          </ol>
        </section>
      ))}
    </div>
  );
}
