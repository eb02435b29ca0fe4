import { NavLink, useLocation } from 'react-router';
import type { Stop } from './stops';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.rail;

/** The stops of a formula in the order of the work, each with a line on how it stands. */
export function Rail({ stops }: { stops: Stop[] }) {
  // The version that was opened stays open from stop to stop.
  const { search } = useLocation();
  return (
    <nav className={`${classes.rail} no-print`} aria-label={W.stopsOfThisFormula}>
      <ol>
        {stops.map((s, i) => {
          const inside = (
            <>
              <i aria-hidden="true">{i + 1}</i>
              <span>
                <b>{s.name}</b>
                <small data-look={s.look ? '' : undefined}>{s.state}</small>
              </span>
            </>
          );
          return (
            <li key={s.name}>
              {s.to === null ? (
                <span className={classes.stop}>{inside}</span>
              ) : (
                <NavLink
                  to={{ pathname: s.to, search }}
                  className={({ isActive }) => `${classes.stop} ${isActive ? classes.on : ''}`}
                >
                  {inside}
                </NavLink>
              )}
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
