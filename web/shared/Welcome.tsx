import { Button } from '@mantine/core';
import { Link } from 'react-router';
import { useHealthQuery } from '../api/api';
import { DEMO_START, IS_DEMO } from '../api/home';
import classes from './start.module.css';
import { startWords } from '../words/data/en/start';

const W = startWords.welcome;

/** The way to the demo kitchen, where the server has one. */
export function DemoKitchen() {
  const { data: health } = useHealthQuery();
  if (!health?.demo) return null;
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="demo">
      <h2 id="demo">{W.theDemoKitchen}</h2>
      <p>{W.aMadeUpKioskOn}</p>
      <div className={classes.actions}>
        <Button component="a" href={DEMO_START} variant="default">
          {W.lookRoundTheDemoKitchen}
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
        <h2 id="own">{W.yourOwnKitchen}</h2>
        <p>{W.thereIsNoFormulaHere}</p>
        <div className={classes.actions}>
          {!asked && (
            <Button component={Link} to="/start">
              {W.startMyOwnKitchen}
            </Button>
          )}
          <Button component={Link} to="/new" variant={asked ? 'filled' : 'default'}>
            {W.pasteTheFirstFormula}
          </Button>
        </div>
      </section>
      {!IS_DEMO && <DemoKitchen />}
    </div>
  );
}
