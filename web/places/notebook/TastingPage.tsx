import { Button, Skeleton, Switch } from '@mantine/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { TastingRow, TrialRow } from '../../../contract/notebook';
import { tastedOf, type Sample } from '../../../core/judge';
import {
  problemIn,
  usePutTastingMutation,
  useRemoveTastingMutation,
  useRestoreTastingMutation,
  useTastingQuery,
  useTrialQuery,
} from '../../api/api';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { TASTING_WORDS, tastedWords } from '../../words/tastingWords';
import { LostPage } from './LostPage';
import classes from './notebook.module.css';
import { useTakeOut } from './useTakeOut';
import { bakedOn } from './Why';

const named = (trial: TrialRow | undefined, sample: Sample): string =>
  trial ? `that of ${bakedOn(trial)}` : sample === 'a' ? 'the first' : 'the second';

/** A tasting: who is served which codes in which order, what they said, and in the end what it shows. */
export function TastingPage() {
  const { id = '' } = useParams();
  const { data, error } = useTastingQuery(id);
  usePageTitle(data ? `${data.title}, tasted blind` : 'Tasted blind');
  if (error) return <LostPage title="This tasting cannot be shown" error={error} />;
  return data ? (
    <One row={data} />
  ) : (
    <Skeleton height={400} role="status" aria-label="Fetching the tasting" />
  );
}

function One({ row }: { row: TastingRow }) {
  const { id, rev, ...doc } = row;
  const { data: a } = useTrialQuery(doc.a);
  const { data: b } = useTrialQuery(doc.b);
  const [put, putting] = usePutTastingMutation();
  const [remove] = useRemoveTastingMutation();
  const [restore] = useRestoreTastingMutation();
  const [key, setKey] = useState(false);
  const tasted = tastedOf(doc);
  const over = doc.servings.every((s) => s.said !== null);
  const names = { a: named(a, 'a'), b: named(b, 'b') };
  const say = (at: number, code: number) =>
    void put({
      id,
      rev,
      doc: {
        ...doc,
        servings: doc.servings.map((s, i) => (i === at ? { ...s, said: s.said === code ? null : code } : s)),
      },
    });
  const takeOut = useTakeOut(remove, restore);
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{doc.title}: tasted blind</h1>
        <span className="quiet">{TASTING_WORDS[doc.kind].name}</span>
        <Link to="/notebook">To the notebook</Link>
      </header>
      <section className={`sheet ${classes.part}`} aria-label="What it shows">
        <h2>What it shows</h2>
        <p role="status">
          {over
            ? tastedWords(tasted, names)
            : `${tasted.n} of ${doc.servings.length} have answered. What it shows is told when all have: looking before changes what is asked for.`}
        </p>
      </section>
      {putting.error && (
        <Notice kind="trouble" title="It was not kept">
          {sayProblem(problemIn(putting.error)?.code ?? null)}
        </Notice>
      )}
      <section className={`sheet ${classes.part}`}>
        <h2>Served</h2>
        <p className="small quiet">
          Write the codes on the plates out of sight. Serve from left to right; then press{' '}
          {TASTING_WORDS[doc.kind].ask}.
        </p>
        <div className={classes.wide} role="region" aria-label="Served" tabIndex={0}>
          <table className={classes.served}>
            <thead>
              <tr>
                <th scope="col">Taster</th>
                <th scope="col">Plates, in this order</th>
              </tr>
            </thead>
            <tbody>
              {doc.servings.map((s, i) => (
                <tr key={s.taster}>
                  <th scope="row">{s.taster}</th>
                  <td>
                    {s.plates.map((p) => (
                      <button
                        key={p.code}
                        type="button"
                        className={classes.plate}
                        aria-pressed={s.said === p.code}
                        disabled={putting.isLoading}
                        aria-label={`${s.taster}: ${p.code}`}
                        onClick={() => say(i, p.code)}
                      >
                        <span className="num">{p.code}</span>
                        {(key || over) && <small>{names[p.of]}</small>}
                      </button>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        {!over && (
          <Switch
            mt={10}
            label="Show what lies under the codes: for whoever fills the plates"
            checked={key}
            onChange={(e) => setKey(e.currentTarget.checked)}
          />
        )}
        <div className={`${classes.bar} no-print`}>
          <Button variant="default" onClick={() => window.print()}>
            Print
          </Button>
          <Button variant="subtle" color="gray" onClick={() => void takeOut(id)}>
            Take this tasting out
          </Button>
        </div>
      </section>
    </main>
  );
}
