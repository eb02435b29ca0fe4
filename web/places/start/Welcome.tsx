import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { useHealthQuery } from '../../api/api';
import { DEMO_START, IS_DEMO } from '../../api/home';
import classes from './start.module.css';

/** The way to the demo kitchen, where the server has one. */
export function DemoKitchen() {
  const { data: health } = useHealthQuery();
  if (!health?.demo) return null;
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="demo">
      <h2 id="demo">The demo kitchen</h2>
      <p>
        A made-up kiosk on a ferry landing: its formulas, eaters, ovens and packets. Try anything there;
        nothing of it comes into your own.
      </p>
      <div className={classes.actions}>
        <Button component="a" href={DEMO_START} variant="default">
          Look round the demo kitchen
        </Button>
      </div>
    </section>
  );
}

/** On an empty shelf of one's own: set it up, begin at once, or look round where things are already. */
export function Welcome({ asked }: { asked: boolean }) {
  return (
    <div className={classes.ways}>
      <section className={`sheet ${classes.panel}`} aria-labelledby="own">
        <h2 id="own">Your own kitchen</h2>
        <p>
          There is no formula here yet. Paste a formula that works for you now, then say what has to go: egg,
          dairy, nuts or oil.
        </p>
        <div className={classes.actions}>
          {!asked && (
            <Button component={Link} to="/start">
              Start my own kitchen
            </Button>
          )}
          <Button component={Link} to="/new" variant={asked ? 'filled' : 'default'}>
            Paste the first formula
          </Button>
        </div>
      </section>
      {!IS_DEMO && <DemoKitchen />}
    </div>
  );
}
