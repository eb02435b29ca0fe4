import { Fragment } from 'react';
import type { Step } from '../../core/method';
import { messageText } from '../words/say';
import { piecesOfStep } from '../words/stepWords';
import classes from './parts.module.css';

/** What was written, with what leaves struck through and what comes beside it. */
function Swapped({ step }: { step: Step }) {
  return (
    <>
      {piecesOfStep(step).map((p, i) =>
        typeof p === 'string' ? (
          p
        ) : (
          <Fragment key={i}>
            <del>{p.out}</del> <ins className={classes.comes}>{p.comes}</ins>
          </Fragment>
        ),
      )}
    </>
  );
}

/** A step of the method with what changes in it. */
export function StepText({ step }: { step: Step }) {
  if (step.own !== undefined) return <>{step.own}</>;
  return (
    <>
      {step.added ? (
        <b>{messageText(step.added)}</b>
      ) : step.struck ? (
        <s>{step.text}</s>
      ) : (
        <Swapped step={step} />
      )}
      {step.struck && <span className={classes.stepNote}>{messageText(step.struck)}</span>}
      {step.notes.map((n) => (
        <span key={n.code + JSON.stringify(n.args)} className={classes.stepNote}>
          {messageText(n)}
        </span>
      ))}
    </>
  );
}
