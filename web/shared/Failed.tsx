import { problemIn } from '../api/ask';
import { Notice } from '../parts/Notice';
import { doorWords } from '../words/data/en/door';
import { sayPeopleProblem } from '../words/peopleProblems';

/** Why a call about who comes in did not work; nothing where it did. */
export function Failed({ error }: { error: unknown }) {
  if (error === undefined) return null;
  return (
    <Notice kind="trouble" title={doorWords.form.thatDidNotWork}>
      {sayPeopleProblem(problemIn(error))}
    </Notice>
  );
}
