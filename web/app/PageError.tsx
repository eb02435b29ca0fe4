import { Link, useRouteError } from 'react-router';
import { usePageTitle } from '../parts/usePageTitle';
import classes from './shell.module.css';
import { appWords } from '../words/data/en/app';

const W = appWords.pageError;

/** Shown where a page does not exist, or failed to draw. */
export function PageError({ missing = false }: { missing?: boolean }) {
  const error = useRouteError();
  usePageTitle(missing ? W.noSuchPage : W.somethingFailed);
  return (
    <main id="main" className={classes.notice}>
      <h1>{missing || !error ? W.thereIsNoSuchPage : W.thisPageFailedToDraw}</h1>
      <p>{missing || !error ? W.theAddressLeadsNowhereHere : W.nothingYouEnteredIsLost}</p>
      <Link to="/">{W.toTheFormulas}</Link>
    </main>
  );
}
