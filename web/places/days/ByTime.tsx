import { dayTitle, dateOf, taskTitle, timeOf } from '../../words/clockWords';
import { lengthText } from '../../words/dayWords';
import { colourOf, Letter } from './Letter';
import { useDayContext } from './dayContext';
import classes from './days.module.css';

/** A plan in the order of time, day by day: what a helper reads. */
export function ByTime() {
  const { day, bakes, now } = useDayContext();
  const rows = [...(day.plan?.lain ?? [])]
    .flatMap((lain) => {
      const bake = bakes.find((b) => b.id === lain.bakeId);
      const task = bake?.tasks.find((t) => t.id === lain.taskId);
      return bake && task ? [{ lain, bake, task }] : [];
    })
    .sort((a, b) => a.lain.from - b.lain.from);
  const days = [...new Set(rows.map((r) => dayTitle(r.lain.from, now)))];
  const names = (ids: readonly string[]): string =>
    [...new Set(ids)].map((id) => day.people.find((p) => p.id === id)?.name ?? '').join(', ');
  return days.map((title) => (
    <section key={title} className="sheet" aria-label={title}>
      <h2 className={classes.panel}>{title}</h2>
      <ol className={classes.byTime}>
        {rows
          .filter((r) => dayTitle(r.lain.from, now) === title)
          .map(({ lain, bake, task }) => (
            <li key={`${bake.id}/${task.id}`} style={colourOf(bake.letter)}>
              <time className="num" dateTime={dateOf(lain.from).toISOString()}>
                {timeOf(lain.from)}
              </time>
              <Letter of={bake.letter} />
              <div>
                <b>{taskTitle(task)}</b> <span className="quiet">{bake.title}</span>
                <div className="small quiet">
                  {lengthText(lain.to - lain.from)}
                  {lain.hands.length > 0 && `, ${names(lain.hands.map((h) => h.personId))}`}
                  {lain.to - lain.from > 60 && `, until ${timeOf(lain.to)}`}
                </div>
              </div>
            </li>
          ))}
      </ol>
    </section>
  ));
}
