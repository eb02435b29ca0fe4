import { Button, Textarea } from '@mantine/core';
import { useState } from 'react';
import { isChanged, type Step } from '../../../core/method';
import { useAppDispatch } from '../../store/store';
import { StepText } from '../../parts/StepText';
import { messageText } from '../../words/say';
import { plainStep } from '../../words/stepWords';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import classes from './method.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.methodPanel;

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
        aria-label={W.theStepInYourWords}
        value={words}
        maxLength={2000}
        autosize
        minRows={2}
        data-autofocus
        onChange={(e) => setWords(e.currentTarget.value)}
      />
      <Button type="submit" size="compact-md">
        {W.save}
      </Button>
      <Button variant="subtle" size="compact-md" onClick={onDone}>
        {W.cancel}
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
                  <s>{messageText(step.added)}</s> {W.leftOffByYou}
                </span>
              ) : (
                <>
                  {step.text} <span className="quiet">{W.asWrittenByYou}</span>
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
                aria-label={W.takeTheChangeAsProposed({ called })}
                onClick={() => choose(null)}
              >
                {W.asProposed}
              </Button>
            ) : (
              isChanged(step) && (
                <Button
                  variant="subtle"
                  size="compact-sm"
                  aria-label={`${step.added ? W.remove : W.asWritten}: ${called}`}
                  onClick={() => choose({ off: true })}
                >
                  {step.added ? W.remove2 : W.asWritten2}
                </Button>
              )
            )}
            <Button
              variant="subtle"
              size="compact-sm"
              aria-label={W.edit({ called })}
              onClick={() => setWriting(true)}
            >
              {W.edit2}
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
    <section className={`sheet ${classes.panel}`} id="method" aria-label={W.method}>
      <h2>{W.method}</h2>
      <p className="small quiet">{changes === 0 ? W.nothingInItChanges : W.markedStepsChangeWithThe}</p>
      <ol>
        {method.map((s) => (
          <StepRow key={s.id} step={s} />
        ))}
      </ol>
    </section>
  );
}
