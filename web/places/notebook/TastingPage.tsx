import { Button, Skeleton, Switch } from '@mantine/core';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { TastingRow, TrialRow } from '../../../contract/notebook';
import { tastedOf, type Sample, type Tasting } from '../../../core/judge';
import { problemIn } from '../../api/ask';
import {
  usePutTastingMutation,
  useRemoveTastingMutation,
  useRestoreTastingMutation,
  useTastingQuery,
  useTrialQuery,
} from '../../api/notebook';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { TASTING_WORDS, tastedWords } from '../../words/tastingWords';
import { LostPage } from '../../shared/LostPage';
import classes from './notebook.module.css';
import { useTakeOut } from './useTakeOut';
import { bakedOn } from './Why';
import { notebookWords } from '../../words/data/en/notebook';

const W = notebookWords.tastingPage;

const named = (trial: TrialRow | undefined, sample: Sample): string =>
  trial ? W.thatOf({ bakedOn: bakedOn(trial) }) : sample === 'a' ? W.theFirst : W.theSecond;

/** A tasting: who is served which codes in which order, what they said, and in the end what it shows. */
export function TastingPage() {
  const { id = '' } = useParams();
  const { data, error } = useTastingQuery(id);
  usePageTitle(data ? W.tastedBlind({ dataTitle: data.title }) : W.tastedBlind2);
  if (error) return <LostPage title={W.thisTastingCannotBeShown} error={error} />;
  return data ? (
    <One row={data} />
  ) : (
    <Skeleton height={400} role="status" aria-label={W.fetchingTheTasting} />
  );
}

/** Who is served which plates in which order, and what each said. */
function Served({
  doc,
  busy,
  names,
  onSay,
}: {
  doc: Tasting;
  busy: boolean;
  /** What lies under the codes; null while that stays hidden. */
  names: Record<Sample, string> | null;
  onSay: (at: number, code: number) => void;
}) {
  return (
    <div className={classes.wide} role="region" aria-label={W.served} tabIndex={0}>
      <table className={classes.served}>
        <thead>
          <tr>
            <th scope="col">{W.taster}</th>
            <th scope="col">{W.platesInThisOrder}</th>
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
                    disabled={busy}
                    aria-label={`${s.taster}: ${p.code}`}
                    onClick={() => onSay(i, p.code)}
                  >
                    <span className="num">{p.code}</span>
                    {names && <small>{names[p.of]}</small>}
                  </button>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
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
        <h1>{W.tastedBlind3({ docTitle: doc.title })}</h1>
        <span className="quiet">{TASTING_WORDS[doc.kind].name}</span>
        <Link to="/notebook">{W.toTheNotebook}</Link>
      </header>
      <section className={`sheet ${classes.part}`} aria-label={W.whatItShows}>
        <h2>{W.whatItShows}</h2>
        <p role="status">
          {over
            ? tastedWords(tasted, names)
            : W.ofHaveAnsweredWhatIt({ tastedN: tasted.n, servingsCount: doc.servings.length })}
        </p>
      </section>
      {putting.error && (
        <Notice kind="trouble" title={W.itWasNotKept}>
          {sayProblem(problemIn(putting.error)?.code ?? null)}
        </Notice>
      )}
      <section className={`sheet ${classes.part}`}>
        <h2>{W.served}</h2>
        <p className="small quiet">{W.writeTheCodesOnThe({ ask: TASTING_WORDS[doc.kind].ask })}</p>
        <Served doc={doc} busy={putting.isLoading} names={key || over ? names : null} onSay={say} />
        {!over && (
          <Switch
            mt={10}
            label={W.showWhatLiesUnderThe}
            checked={key}
            onChange={(e) => setKey(e.currentTarget.checked)}
          />
        )}
        <div className={`${classes.bar} no-print`}>
          <Button variant="default" onClick={() => window.print()}>
            {W.print}
          </Button>
          <Button variant="subtle" color="gray" onClick={() => void takeOut(id)}>
            {W.takeThisTastingOut}
          </Button>
        </div>
      </section>
    </main>
  );
}
