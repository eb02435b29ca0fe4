import type { Step } from '../../core/method';
import { say } from '../words/say';
import classes from './parts.module.css';

/** A step of the method with what changes in it. */
export function StepText({ step }: { step: Step }) {
  if (step.own !== undefined) return <>{step.own}</>;
  return (
    <>
      {step.added ? <b>{say(step.added)}</b> : step.struck ? <s>{step.text}</s> : step.text}
      {step.struck && <span className={classes.stepNote}>{say(step.struck)}</span>}
      {step.notes.map((n) => (
        <span key={n.code + JSON.stringify(n.args)} className={classes.stepNote}>
          {say(n)}
        </span>
      ))}
    </>
  );
}
