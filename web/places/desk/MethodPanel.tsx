import { Button, Textarea } from '@mantine/core';
import { useState } from 'react';
import { isChanged, type Step } from '../../../core/method';
import { useAppDispatch } from '../../app/store';
import { StepText } from '../../parts/StepText';
import { say } from '../../words/say';
import { plainStep } from '../../words/stepWords';
import { useDeskContext } from './context';
import { workingCopy } from '../../working/workingSlice';
import classes from './method.module.css';

function Rewrite({ step, onDone }: { step: Step; onDone: () => void }) {
  const { doc } = useDeskContext();
  const dispatch = useAppDispatch();
  const was = doc.request.steps?.[step.id];
  const [words, setWords] = useState(was && 'own' in was ? was.own : plainStep(step));
  return (
    <form
      className={classes.rewrite}
      onSubmit={(e) => {
        e.preventDefault();
        if (words.trim() !== '')
          dispatch(workingCopy.stepChosen({ id: step.id, choice: { own: words.trim() } }));
        onDone();
      }}
    >
      <Textarea
        aria-label="The step in your words"
        value={words}
        maxLength={2000}
        autosize
        minRows={2}
        data-autofocus
        onChange={(e) => setWords(e.currentTarget.value)}
      />
      <Button type="submit" size="compact-md">
        Save
      </Button>
      <Button variant="subtle" size="compact-md" onClick={onDone}>
        Cancel
      </Button>
    </form>
  );
}

function StepRow({ step }: { step: Step }) {
  const { doc } = useDeskContext();
  const dispatch = useAppDispatch();
  const [writing, setWriting] = useState(false);
  const choice = doc.request.steps?.[step.id];
  const choose = (c: { off: true } | null) => dispatch(workingCopy.stepChosen({ id: step.id, choice: c }));
  const off = choice !== undefined && 'off' in choice;
  const called = plainStep(step).slice(0, 60);
  return (
    <li data-changed={isChanged(step) || choice ? '' : undefined}>
      {writing ? (
        <Rewrite step={step} onDone={() => setWriting(false)} />
      ) : (
        <div className={classes.row}>
          <div>
            {choice && 'own' in choice ? (
              <b>{choice.own}</b>
            ) : off ? (
              step.added ? (
                <span className="quiet">
                  <s>{say(step.added)}</s> left off by you
                </span>
              ) : (
                <>
                  {step.text} <span className="quiet">as written, by you</span>
                </>
              )
            ) : (
              <StepText step={step} />
            )}
          </div>
          <div className={classes.acts}>
            {choice ? (
              <Button
                variant="subtle"
                size="compact-sm"
                aria-label={`Take the change as proposed: ${called}`}
                onClick={() => choose(null)}
              >
                as proposed
              </Button>
            ) : (
              isChanged(step) && (
                <Button
                  variant="subtle"
                  size="compact-sm"
                  aria-label={`${step.added ? 'Remove' : 'As written'}: ${called}`}
                  onClick={() => choose({ off: true })}
                >
                  {step.added ? 'remove' : 'as written'}
                </Button>
              )
            )}
            <Button
              variant="subtle"
              size="compact-sm"
              aria-label={`Edit: ${called}`}
              onClick={() => setWriting(true)}
            >
              edit
            </Button>
          </div>
        </div>
      )}
    </li>
  );
}

/** The method as the swaps change it, every change marked: it stands unless the baker leaves it off or rewrites it. */
export function MethodPanel({ method }: { method: readonly Step[] }) {
  if (method.length === 0) return null;
  const changes = method.filter(isChanged).length;
  return (
    <section className={`sheet ${classes.panel}`} id="method" aria-label="Method">
      <h2>Method</h2>
      <p className="small quiet">
        {changes === 0
          ? 'Nothing in it changes.'
          : 'Marked steps change with the swaps. They go onto the card as they stand here.'}
      </p>
      <ol>
        {method.map((s) => (
          <StepRow key={s.id} step={s} />
        ))}
      </ol>
    </section>
  );
}
