import { Modal } from '@mantine/core';
import { usePageTitle } from '../../parts/usePageTitle';
import classes from '../../shared/start.module.css';
import { doorWords } from '../../words/data/en/door';
import { SetUpForm } from './SetUpForm';
import { SignInForm } from './SignInForm';

const W = doorWords;

/** The page of who is not signed in: the first to come sets the kitchen up. */
export function Door({ fresh, onIn }: { fresh: boolean; onIn: () => void }) {
  usePageTitle(fresh ? W.setUp.setUp : W.signIn.signIn);
  return (
    <main id="main" className={classes.page}>
      {fresh ? <SetUpForm onIn={onIn} /> : <SignInForm onIn={onIn} ended={false} />}
    </main>
  );
}

/** Signing in again over a page that one was working on: what was entered stays beneath. */
export function DoorOver({ onIn }: { onIn: () => void }) {
  return (
    <Modal.Root opened fullScreen closeOnEscape={false} onClose={() => undefined}>
      <Modal.Content aria-label={W.signIn.signIn}>
        <Modal.Body>
          <div className={classes.page}>
            <SignInForm onIn={onIn} ended />
          </div>
        </Modal.Body>
      </Modal.Content>
    </Modal.Root>
  );
}
