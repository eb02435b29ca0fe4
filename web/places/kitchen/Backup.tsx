import { Button, FileButton, Progress, Switch } from '@mantine/core';
import { useRef, useState } from 'react';
import { api } from '../../api/api';
import { addressOf } from '../../api/ask';
import { useAppDispatch } from '../../store/store';
import { Notice } from '../../parts/Notice';
import { inPercent } from '../../words/format';
import { sayProblem } from '../../words/problems';
import { bringIn, type Bringing, type Brought } from './bringIn';
import classes from '../../shared/kitchen/kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.backup;

const PART_WORDS: Record<Bringing['part'], string> = {
  sending: W.readingTheFileThrough,
  takingIn: W.takingItIn,
};

/** Everything into one file, and back out of it here or on another machine. */
export function Backup() {
  const dispatch = useAppDispatch();
  const [kitchen, setKitchen] = useState(false);
  const [at, setAt] = useState<Bringing | null>(null);
  const [came, setCame] = useState<Brought | null>(null);
  const stop = useRef<AbortController | null>(null);

  async function take(file: File | null) {
    if (!file) return;
    stop.current = new AbortController();
    setCame(null);
    setAt({ part: 'sending', share: 0 });
    const done = await bringIn(file, kitchen, setAt, stop.current.signal);
    setAt(null);
    setCame(done);
    if (done && 'restored' in done)
      dispatch(
        api.util.invalidateTags([
          'Shelf',
          'Formula',
          'Version',
          'Pantry',
          'Eaters',
          'Ways',
          'Kitchen',
          'Aside',
        ]),
      );
  }
  const trouble = came && 'problem' in came ? came.problem : null;
  const restored = came && 'restored' in came ? came.restored : null;
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.backUpAndRestore}>
      <h2>{W.backUpAndRestore}</h2>
      <p>{W.formulasWithAllVersionsAnd}</p>
      <div className={classes.actions}>
        <Button component="a" href={addressOf('backup')} download="new-crumb.jsonl" variant="default">
          {W.backUpToAFile}
        </Button>
        <FileButton accept=".jsonl,.json" onChange={(f) => void take(f)}>
          {(props) => (
            <Button {...props} variant="default" disabled={at !== null}>
              {W.restoreFromAFile}
            </Button>
          )}
        </FileButton>
        {at?.part === 'sending' && (
          <Button variant="subtle" onClick={() => stop.current?.abort()}>
            {W.stop}
          </Button>
        )}
      </div>
      <Switch
        label={W.takeOverItsKitchenToo}
        checked={kitchen}
        onChange={(e) => setKitchen(e.currentTarget.checked)}
      />
      {at && (
        <>
          <p className="small quiet" role="status">
            {PART_WORDS[at.part]}, {inPercent(at.share)}
          </p>
          <Progress value={100 * at.share} aria-label={PART_WORDS[at.part]} />
        </>
      )}
      {trouble && (
        <Notice kind="trouble" title={W.noneOfItCameIn}>
          {sayProblem(trouble.code, trouble.args)}
          {trouble.path && ` (${trouble.path})`}
        </Notice>
      )}
      {restored && (
        <p role="status" className="small">
          {W.cameInWereHereAlready({ count: W.thingCount({ n: restored.added }), there: restored.there })}
        </p>
      )}
    </section>
  );
}
