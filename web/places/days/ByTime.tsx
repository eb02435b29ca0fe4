import { handsOf } from '../../../contract/days';
import { dateOf, taskTitle, timeOf } from '../../words/clockWords';
import { lengthText } from '../../words/dayWords';
import { useDayContext } from './dayContext';
import classes from './days.module.css';
import { colourOf, Letter } from './Letter';
import { rowsByDay } from './rows';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.byTime;

const LONG_MIN = 60;

/** A plan in the order of time, day by day: what a helper reads. */
export function ByTime() {
  const { day, bakes, now } = useDayContext();
  return rowsByDay(day, bakes, now).map(({ title, rows }) => (
    <section key={title} className="sheet" aria-label={title}>
      <h2 className={classes.panel}>{title}</h2>
      <ol className={classes.byTime}>
        {rows.map(({ lain, bake, task }) => (
          <li key={`${bake.id}/${task.id}`} style={colourOf(bake.letter)}>
            <time className="num" dateTime={dateOf(lain.from).toISOString()}>
              {timeOf(lain.from)}
            </time>
            <Letter of={bake.letter} />
            <div>
              <b>{taskTitle(task)}</b> <span className="quiet">{bake.title}</span>
              <div className="small quiet">
                {lengthText(lain.to - lain.from)}
                {lain.hands.length > 0 && `, ${handsOf(lain, day.people)}`}
                {lain.to - lain.from > LONG_MIN && W.until({ time: timeOf(lain.to) })}
              </div>
            </div>
          </li>
        ))}
      </ol>
    </section>
  ));
}
