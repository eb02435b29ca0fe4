import { Button, Skeleton } from '@mantine/core';
import { IconPlus } from '@tabler/icons-react';
import { useDebouncedValue } from '@mantine/hooks';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { EaterRow } from '../../../contract/dto';
import { useEatersQuery, useKitchenQuery, useShelfQuery } from '../../api/api';
import { problemIn } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { useMayChange } from '../../shared/useMayChange';
import { usePageTitle } from '../../parts/usePageTitle';
import { IS_DEMO } from '../../api/home';
import { sayProblem } from '../../words/problems';
import { askedOf, lookingIn, type Looking } from './find';
import { FormulaRow } from './FormulaRow';
import { ShelfFind } from './ShelfFind';
import { useDeeds } from './useDeeds';
import classes from './shelf.module.css';
import { shelfWords } from '../../words/data/en/shelf';

const W = shelfWords.shelfPage;

/** Not on every first page; bake days bring their planner's words along besides. */
const Welcome = lazy(async () => ({ default: (await import('../../shared/Welcome')).Welcome }));
const Today = lazy(async () => ({ default: (await import('./Today')).Today }));

/** So many are drawn at first, and so many more at a press: thousands stay quick. */
const AT_ONCE = 40;
/** No more are drawn at once: beyond that one looks for a word. */
const MOST_SHOWN = 240;
const NOBODY: EaterRow[] = [];
/** What is looked for where nothing is said. */
const FIRST = lookingIn(new URLSearchParams());

/** What is looked for, as the address has it, and the page of the shelf that was found. */
function useFound(eaters: EaterRow[]) {
  const [params, setParams] = useSearchParams();
  const looking = useMemo(() => lookingIn(params), [params]);
  const [wanted] = useDebouncedValue(looking, 150);
  const [shown, setShown] = useState(AT_ONCE);
  const asked = useMemo(() => askedOf(wanted, eaters), [wanted, eaters]);
  const { currentData, data, ...query } = useShelfQuery({
    ...(asked ?? {}),
    limit: String(Math.min(shown, MOST_SHOWN)),
  });
  const onLook = (more: Partial<Looking>) => {
    const next = new URLSearchParams();
    for (const [key, value] of Object.entries({ ...looking, ...more }))
      if (value && value !== FIRST[key as keyof Looking]) next.set(key, value);
    setShown(AT_ONCE);
    setParams(next, { replace: true });
  };
  // While the next is on its way the last stays on show.
  const page = currentData ?? data;
  return {
    ...query,
    looking,
    onLook,
    page,
    found: asked ? (page?.formulas ?? []) : [],
    count: asked ? (page?.found ?? 0) : 0,
    onMore: () => setShown(shown + AT_ONCE),
  };
}

/** What was found, some of it at first and more at a press. */
function Found({
  found,
  count,
  isFetching,
  onMore,
}: Pick<ReturnType<typeof useFound>, 'found' | 'count' | 'isFetching' | 'onMore'>) {
  const deeds = useDeeds();
  return (
    <>
      {found.length > 0 && (
        <ul className={`sheet ${classes.list}`} aria-label={W.formulasFound}>
          {found.map((card) => (
            <FormulaRow key={card.id} card={card} deeds={deeds} />
          ))}
        </ul>
      )}
      {count > found.length && found.length < MOST_SHOWN && (
        <Button variant="default" mt={12} loading={isFetching} onClick={onMore}>
          {W.showMore({ aTONCE: Math.min(AT_ONCE, count - found.length) })}
        </Button>
      )}
      {count > MOST_SHOWN && found.length >= MOST_SHOWN && (
        <p className="quiet">{W.theFirstAreShownLook({ mOSTSHOWN: MOST_SHOWN })}</p>
      )}
    </>
  );
}

/** The shelf: every formula there is, latest first. */
export function ShelfPage() {
  usePageTitle(W.formulas);
  const mayChange = useMayChange();
  const { data: eaters = NOBODY } = useEatersQuery();
  const { data: kitchen } = useKitchenQuery();
  const { looking, onLook, page, error, isLoading, refetch, ...found } = useFound(eaters);
  const { count } = found;
  return (
    <main id="main" className={classes.page}>
      <div className={classes.head}>
        <div>
          <h1>{W.formulas}</h1>
          <p className="quiet">{W.formulasThatWorkTodayAnd}</p>
        </div>
        {mayChange && (
          <Button component={Link} to="/new" leftSection={<IconPlus size={18} />}>
            {W.addAFormula}
          </Button>
        )}
      </div>
      {error && (
        <Notice
          kind="trouble"
          title={W.theFormulasCannotBeFetched}
          action={{ words: W.tryAgain, do: () => void refetch() }}
        >
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      )}
      {isLoading && (
        <div aria-label={W.fetchingTheFormulas} role="status">
          {[0, 1, 2, 3].map((k) => (
            <Skeleton key={k} height={72} mb={8} />
          ))}
        </div>
      )}
      <Suspense>
        <Today />
      </Suspense>
      {page?.all === 0 && (
        <Suspense>
          <Welcome asked={IS_DEMO || (kitchen?.rev ?? 0) > 0} />
        </Suspense>
      )}
      {page && page.all > 0 && (
        <>
          <ShelfFind looking={looking} kinds={page.kinds} eaters={eaters} onLook={onLook} />
          <p className="small quiet" role="status">
            {count === page.all
              ? W.formulaCount({ n: count })
              : W.ofWord({ count, count2: W.formulaCount({ n: page.all }) })}
          </p>
          <Found {...found} />
        </>
      )}
    </main>
  );
}
