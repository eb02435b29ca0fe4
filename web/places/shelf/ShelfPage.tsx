import { Button, Skeleton } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { IconPlus, IconTrash } from '@tabler/icons-react';
import { Link } from 'react-router';
import type { FormulaCard } from '../../../contract/dto';
import { problemIn, useDeleteFormulaMutation, useRestoreFormulaMutation, useShelfQuery } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { counted, day } from '../../words/format';
import { sayProblem } from '../../words/problems';
import { CLASS_WORDS } from '../../words/data/terms';
import { withoutWords } from '../../words/without';
import classes from './shelf.module.css';

function FormulaRow({ card }: { card: FormulaCard }) {
  const [remove] = useDeleteFormulaMutation();
  const [restore] = useRestoreFormulaMutation();
  const title = card.title || 'Untitled formula';

  async function takeOff() {
    const done = await remove(card.id);
    if ('error' in done) {
      notifications.show({
        color: 'beet',
        title: 'Not deleted',
        message: sayProblem(problemIn(done.error)?.code ?? null),
      });
      return;
    }
    const id = `deleted-${card.id}`;
    notifications.show({
      id,
      autoClose: 12_000,
      closeButtonProps: { 'aria-label': 'Close' },
      title: `${title} is off the shelf`,
      message: (
        <Button
          size="compact-md"
          variant="light"
          onClick={() => void restore(card.id).then(() => notifications.hide(id))}
        >
          Put it back
        </Button>
      ),
    });
  }

  return (
    <li className={classes.row}>
      <Link to={`/formula/${card.id}/swap`} className={classes.link}>
        <h2>{title}</h2>
        <span className={classes.kind}>{CLASS_WORDS[card.classId]}</span>
        <span className={classes.without}>
          {card.without.length > 0 ? (
            <>
              kept without <b>{withoutWords(card.without)}</b>
            </>
          ) : (
            'not adapted yet'
          )}
        </span>
        <span className={classes.meta}>
          {counted(card.lines, 'line')} ·{' '}
          {card.versions > 1 ? counted(card.versions - 1, 'version') : 'as written'}
          {card.hasDraft && ' · changed, not kept'}
          <br />
          {day(card.updatedAt)}
        </span>
      </Link>
      <button
        type="button"
        className={classes.bin}
        aria-label={`Delete ${title}`}
        onClick={() => void takeOff()}
      >
        <IconTrash size={18} stroke={1.6} />
      </button>
    </li>
  );
}

/** The shelf: every formula there is, latest first. */
export function ShelfPage() {
  usePageTitle('Shelf');
  const { data, error, isLoading, refetch } = useShelfQuery();
  return (
    <main id="main" className={classes.page}>
      <div className={classes.head}>
        <div>
          <h1>Shelf</h1>
          <p className="quiet">Formulas that work today, and what became of them.</p>
        </div>
        <Button component={Link} to="/new" leftSection={<IconPlus size={18} />}>
          Add a formula
        </Button>
      </div>
      {error && (
        <Notice
          kind="trouble"
          title="The shelf cannot be read"
          action={{ words: 'Try again', do: () => void refetch() }}
        >
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      )}
      {isLoading && (
        <div aria-label="Reading the shelf" role="status">
          {[0, 1, 2, 3].map((k) => (
            <Skeleton key={k} height={72} mb={8} />
          ))}
        </div>
      )}
      {data?.length === 0 && (
        <div className={`sheet ${classes.empty}`}>
          <h2>Nothing on the shelf yet</h2>
          <p>Paste a formula that works for you now. Then say what has to go: egg, dairy, nuts or oil.</p>
          <Button component={Link} to="/new">
            Paste the first formula
          </Button>
        </div>
      )}
      {data && data.length > 0 && (
        <ul className={`sheet ${classes.list}`}>
          {data.map((card) => (
            <FormulaRow key={card.id} card={card} />
          ))}
        </ul>
      )}
    </main>
  );
}
