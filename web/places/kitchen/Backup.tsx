import { Button, FileButton, Progress, Switch } from '@mantine/core';
import { useRef, useState } from 'react';
import { addressOf, api } from '../../api/api';
import { useAppDispatch } from '../../app/store';
import { Notice } from '../../parts/Notice';
import { counted } from '../../words/format';
import { sayProblem } from '../../words/problems';
import { bringIn, type Bringing, type Brought } from './bringIn';
import classes from './kitchen.module.css';

const PART_WORDS: Record<Bringing['part'], string> = {
  sending: 'Reading the file through',
  takingIn: 'Taking it in',
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
    <section className={`sheet ${classes.panel}`} aria-label="Back up and restore">
      <h2>Back up and restore</h2>
      <p>
        Formulas with all versions and notes, drafts, trials with photos, pantry, people, replacements,
        kitchen. To keep, or to move to another machine. Restoring adds what is not here yet and changes
        nothing that is.
      </p>
      <div className={classes.actions}>
        <Button component="a" href={addressOf('backup')} download="new-crumb.jsonl" variant="default">
          Back up to a file
        </Button>
        <FileButton accept=".jsonl,.json" onChange={(f) => void take(f)}>
          {(props) => (
            <Button {...props} variant="default" disabled={at !== null}>
              Restore from a file
            </Button>
          )}
        </FileButton>
        {at?.part === 'sending' && (
          <Button variant="subtle" onClick={() => stop.current?.abort()}>
            Stop
          </Button>
        )}
      </div>
      <Switch
        label="Take over its kitchen too, in place of this one"
        checked={kitchen}
        onChange={(e) => setKitchen(e.currentTarget.checked)}
      />
      {at && (
        <>
          <p className="small quiet" role="status">
            {PART_WORDS[at.part]}, {Math.round(100 * at.share)} %
          </p>
          <Progress value={100 * at.share} aria-label={PART_WORDS[at.part]} />
        </>
      )}
      {trouble && (
        <Notice kind="trouble" title="None of it came in">
          {sayProblem(trouble.code, trouble.args)}
          {trouble.path && ` (${trouble.path})`}
        </Notice>
      )}
      {restored && (
        <p role="status" className="small">
          {counted(restored.added, 'thing')} came in; {restored.there} were here already.
        </p>
      )}
    </section>
  );
}
