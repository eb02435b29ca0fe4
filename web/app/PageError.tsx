import { Link, useRouteError } from 'react-router';
import { usePageTitle } from '../parts/usePageTitle';
import classes from './shell.module.css';

/** Shown where a page does not exist, or failed to draw. */
export function PageError({ missing = false }: { missing?: boolean }) {
  const error = useRouteError();
  usePageTitle(missing ? 'No such page' : 'Something failed');
  return (
    <main id="main" className={classes.notice}>
      <h1>{missing || !error ? 'There is no such page' : 'This page failed to draw'}</h1>
      <p>
        {missing || !error
          ? 'The address leads nowhere here.'
          : 'Nothing you entered is lost. Load the page again; if it fails again, go back to the formulas.'}
      </p>
      <Link to="/">To the formulas</Link>
    </main>
  );
}
