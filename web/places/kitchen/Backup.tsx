import { Button, FileButton, Progress, Switch } from '@mantine/core';
import { useRef, useState } from 'react';
import { problemIn, useRestoreMutation } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { counted } from '../../words/format';
import { sayProblem } from '../../words/problems';
import { MOST_FILE_BYTES, piecesOf, type FileFault } from './pieces';
import classes from './kitchen.module.css';

const FAULT_WORDS: Record<FileFault, string> = {
  notJson: 'It is cut off or damaged. Take another copy of it.',
  notOurs: 'It was not made here. A file made by “Keep everything in a file” is wanted.',
  edition: 'It was made by another edition of New Crumb, whose files are laid out otherwise.',
  tooLarge: 'It is larger than 500 MB. Bring it in by parts: any file with some of the formulas will do.',
};

type State = { done: number; of: number; added: number; there: number; trouble: string | null };

/** Everything into one file, and back out of it here or on another machine. */
export function Backup() {
  const [restore] = useRestoreMutation();
  const [kitchen, setKitchen] = useState(false);
  const [state, setState] = useState<State | null>(null);
  const stopped = useRef(false);
  const fail = (trouble: string) => setState({ done: 0, of: 0, added: 0, there: 0, trouble });
  async function bringIn(file: File | null) {
    if (!file) return;
    if (file.size > MOST_FILE_BYTES) return fail(FAULT_WORDS.tooLarge);
    const read = piecesOf(await file.text());
    if ('fault' in read) return fail(FAULT_WORDS[read.fault]);
    stopped.current = false;
    const now: State = { done: 0, of: read.pieces.length, added: 0, there: 0, trouble: null };
    for (const backup of read.pieces) {
      if (stopped.current) break;
      setState({ ...now });
      const done = await restore({ backup, kitchen });
      if ('error' in done) {
        const p = problemIn(done.error);
        now.trouble = `${sayProblem(p?.code ?? null, p?.args)}${p?.path ? ` (${p.path})` : ''}`;
        break;
      }
      now.done += 1;
      now.added += done.data.added;
      now.there += done.data.there;
    }
    setState({ ...now, of: now.done });
  }
  const running = state !== null && state.done < state.of && state.trouble === null;
  return (
    <section className={`sheet ${classes.panel}`} aria-label="Everything in a file">
      <h2>Everything in a file</h2>
      <p>
        Formulas with all versions and notes, working copies, pantry, eaters, ways, kitchen. To keep, or to
        move to another machine. Bringing a file in adds what is not here yet and changes nothing that is.
      </p>
      <div className={classes.actions}>
        <Button component="a" href="/api/v1/backup" download="new-crumb.json" variant="default">
          Keep everything in a file
        </Button>
        <FileButton accept=".json" onChange={(f) => void bringIn(f)}>
          {(props) => (
            <Button {...props} variant="default" disabled={running}>
              Bring a file in
            </Button>
          )}
        </FileButton>
        {running && (
          <Button variant="subtle" onClick={() => (stopped.current = true)}>
            Stop
          </Button>
        )}
      </div>
      <Switch
        label="Take over its kitchen too, in place of this one"
        checked={kitchen}
        onChange={(e) => setKitchen(e.currentTarget.checked)}
      />
      {running && <Progress value={(100 * state.done) / state.of} aria-label="Bringing it in" />}
      {state?.trouble && (
        <Notice kind="trouble" title="Not all of it came in">
          {state.trouble}
        </Notice>
      )}
      <p role="status" className="small">
        {state && !running && (state.added > 0 || state.there > 0 || !state.trouble)
          ? `${counted(state.added, 'thing')} came in; ${state.there} were here already.`
          : ''}
      </p>
    </section>
  );
}
