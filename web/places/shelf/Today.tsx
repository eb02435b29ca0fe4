import { Link } from 'react-router';
import { useTrialsQuery } from '../../api/notebook';
import { useDaysQuery, useRunsQuery } from '../../api/days';
import { isoDay } from '../../words/clockWords';
import { dayState } from '../../words/dayState';
import { day as dayWords, moment } from '../../words/format';
import classes from './shelf.module.css';
import { shelfWords } from '../../words/data/en/shelf';

const W = shelfWords.today;

/** A bench run of which nothing was said is asked about for so long, ms. */
const ASKED_MS = 14 * 86_400_000;
const MOST = 4;

/** What is next: the bake day that is on or comes next, and bakes that wait to be judged. Nothing where there is none. */
export function Today() {
  const { data: days = [] } = useDaysQuery();
  const { data: runs = [] } = useRunsQuery();
  const today = isoDay(new Date());
  const [next] = days.filter((d) => d.date >= today).sort((a, b) => a.date.localeCompare(b.date));
  const now = new Date().getTime();
  const recent = runs.filter((r) => now - r.begunAt < ASKED_MS);
  // Without a run of late nothing waits, and no trial is asked for.
  const { data: trials } = useTrialsQuery({ limit: '100' }, { skip: recent.length === 0 });
  const judged = new Set(trials?.trials.map((t) => t.runId));
  const waiting = trials ? recent.filter((r) => !judged.has(r.id)) : [];
  if (!next && waiting.length === 0) return null;
  return (
    <section className={`sheet ${classes.today}`} aria-label={W.whatIsNext}>
      <h2>{next?.date === today ? W.today : W.next}</h2>
      <ul>
        {next && (
          <li>
            <Link to={`/days/${next.id}${Object.keys(next.begun).length > 0 ? '/now' : ''}`}>
              {next.title}
            </Link>{' '}
            <span className="quiet">
              {next.date === today ? W.today2 : dayWords(`${next.date}T12:00`)}, {dayState(next)}
            </span>
          </li>
        )}
        {waiting.slice(0, MOST).map((r) => (
          <li key={r.id}>
            <Link to={`/notebook/new?run=${r.id}`}>{W.howDidComeOut({ rTitle: r.title })}</Link>{' '}
            <span className="quiet">
              {W.weighed({ moment: moment(new Date(r.begunAt).toISOString()) })}{' '}
              <Link to={`/bench/${r.id}`}>{W.backToTheBench}</Link>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
