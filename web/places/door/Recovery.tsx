import { Button } from '@mantine/core';
import classes from '../../shared/start.module.css';
import { doorWords } from '../../words/data/en/door';

const W = doorWords.recovery;

/** The recovery code, shown once. */
export function Recovery({ code, onDone }: { code: string; onDone: () => void }) {
  return (
    <section className={`sheet ${classes.fields}`} aria-labelledby="recovery">
      <h1 id="recovery">{W.keepThisCode}</h1>
      <p>{W.whatItIsFor}</p>
      <p>
        <code style={{ fontSize: 22, overflowWrap: 'anywhere' }}>{code}</code>
      </p>
      <div className={`${classes.actions} no-print`}>
        <Button variant="default" onClick={() => window.print()}>
          {W.print}
        </Button>
        <Button onClick={onDone}>{W.iHaveIt}</Button>
      </div>
    </section>
  );
}
