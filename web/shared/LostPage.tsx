import { Link } from 'react-router';
import { problemIn } from '../api/ask';
import { Notice } from '../parts/Notice';
import { sayProblem } from '../words/problems';
import classes from './page.module.css';
import { notebookWords } from '../words/data/en/notebook';

const W = notebookWords.lostPage;

/** What stands in place of a page of the notebook that cannot be shown: why, and the way back. */
export function LostPage({ title, error }: { title: string; error: Parameters<typeof problemIn>[0] }) {
  return (
    <main id="main" className={classes.page}>
      <Notice kind="trouble" title={title}>
        {sayProblem(problemIn(error)?.code ?? null)} <Link to="/notebook">{W.toTheNotebook}</Link>
      </Notice>
    </main>
  );
}
