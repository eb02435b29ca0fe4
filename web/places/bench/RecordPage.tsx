import { Button, Skeleton } from '@mantine/core';
import { Link, useParams } from 'react-router';
import type { PantryRow } from '../../../contract/dto';
import { donenessOfBake, paceOf, setupOf } from '../../../core/bake';
import { learnt, recordOf, thirstOf, type BenchRecord } from '../../../core/bench';
import { FEEL_WORDS } from '../../../core/classes';
import { mainPart, wetWaterG, type Formula } from '../../../core/formula';
import type { Pantry } from '../../../core/pantry';
import { problemIn, usePantryQuery, useRevisePantryMutation } from '../../api/api';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { useKitchen } from '../../api/useKitchen';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { counted, fixed, grams } from '../../words/format';
import { degrees } from '../../words/heat';
import { sayProblem } from '../../words/problems';
import { FEEL_WORDS_TEXT, ingredientName, lineName } from '../../words/things';
import classes from './bench.module.css';
import { useBench } from './useBench';

/** What happened in a run, beside what was planned, and what may be learnt from it. */
export function RecordPage() {
  const { runId = '' } = useParams();
  const { run, made, state, pantry, error } = useBench(runId);
  usePageTitle(run ? `${run.title}, what happened` : 'What happened');
  if (error)
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title="This run cannot be shown">
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      </main>
    );
  if (!made || !state || !run) return <Skeleton height={500} role="status" aria-label="Fetching the run" />;
  const record = recordOf(made.formula, made.order, state);
  const part = mainPart(made.formula.parts);
  const thirst = part ? thirstOf(state, record, wetWaterG(part, pantry.exact)) : null;
  const lines = new Map(made.formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l])));
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{run.title}: what happened</h1>
        <Link to={`/notebook/new?run=${run.id}`}>Say how it came out</Link>
        <Link to={`/bench/${run.id}`}>Back to the bench</Link>
        <Link to={`/formula/${run.formulaId}/card/${run.versionId}`}>The card</Link>
      </header>
      <section className={`sheet ${classes.part}`}>
        <h2>Weighed</h2>
        <div className={classes.wide} role="region" aria-label="Weighed" tabIndex={0}>
          <table className={classes.record}>
            <thead>
              <tr>
                <th scope="col">Thing</th>
                <th scope="col">planned</th>
                <th scope="col">went in</th>
                <th scope="col">apart</th>
                <th scope="col">besides</th>
              </tr>
            </thead>
            <tbody>
              {record.lines.map((l) => (
                <tr key={l.lineId}>
                  <th scope="row">{lineName(lines.get(l.lineId)!)}</th>
                  <td className="num">{grams(l.plannedG)}</td>
                  <td className="num">{l.wentG === null ? '' : grams(l.wentG)}</td>
                  <td className="num">
                    {l.wentG !== null && l.plannedG > 0 && Math.abs(l.wentG / l.plannedG - 1) >= 0.005
                      ? `${l.wentG > l.plannedG ? '+' : '−'}${fixed(100 * Math.abs(l.wentG / l.plannedG - 1), 1)} %`
                      : ''}
                  </td>
                  <td>
                    {[
                      l.leftOut ? 'left out' : '',
                      l.otherId ? `${ingredientName(l.otherId, true)} in its place` : '',
                      l.off ? 'off' : '',
                      l.wentG === null && !l.leftOut ? 'not weighed' : '',
                    ]
                      .filter(Boolean)
                      .join(', ')}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <p>{grams(record.massG)} in the bowls.</p>
        {record.feel && (
          <p>
            Kept back {grams(record.feel.keptG)}, put to it by feel {grams(record.feel.putG)}
            {FEEL_WORDS[record.feel.last]
              ? `; it felt like this: ${FEEL_WORDS_TEXT[FEEL_WORDS[record.feel.last]!]}`
              : ''}
            .
          </p>
        )}
        {record.notes.map((n, i) => (
          <p key={i}>{n}.</p>
        ))}
      </section>
      <Baked
        record={record}
        formula={made.formula}
        pantry={pantry}
        formulaId={run.formulaId}
        runId={run.id}
      />
      {thirst !== null && <Thirsty thirst={thirst} formula={made.formula} runId={run.id} />}
    </main>
  );
}

/** The bake beside its plan; its time may be kept, so that times told for this kind follow it. */
function Baked({
  record,
  formula,
  pantry,
  formulaId,
  runId,
}: {
  record: BenchRecord;
  formula: Formula;
  pantry: Pantry;
  formulaId: string;
  runId: string;
}) {
  const kitchen = useKitchen();
  const { change, trouble } = useChangeKitchen();
  const { oven, bake } = record;
  if (oven.inAt === null) return null;
  const setup = setupOf(formula, pantry.exact);
  const { coreC } = donenessOfBake(formula.parts, pantry.exact);
  const timed = kitchen.timed ?? [];
  const on = new Date(oven.outAt ?? 0).toISOString();
  const isKept = timed.some((t) => t.on === on && t.formulaId === formulaId);
  const planned = bake.plannedMin;
  const said = planned && (planned[0] + planned[1]) / 2;
  const last = oven.probe.at(-1);
  return (
    <section className={`sheet ${classes.part}`} aria-label="Baked" data-run={runId}>
      <h2>Baked</h2>
      {trouble}
      <p>
        {planned && `Planned ${fixed(planned[0], 0)} to ${fixed(planned[1], 0)} min. `}
        {bake.tookMin === null ? 'It is still in the oven.' : `It took ${fixed(bake.tookMin, 0)} min.`}
        {last && ` The probe read ${degrees(last.c)} at last`}
        {last && coreC ? `, ${degrees(coreC[0])} was wanted.` : last ? '.' : ''}
        {oven.doors.length > 0 && ` The door was opened ${counted(oven.doors.length, 'time')}.`}
        {oven.loss !== null && ` It lost ${fixed(100 * oven.loss, 1)} % of its weight.`}
        {oven.cutAt !== null &&
          oven.outAt !== null &&
          ` Cut ${fixed((oven.cutAt - oven.outAt) / 60_000, 0)} min after it came out.`}
      </p>
      {said && setup && bake.tookMin !== null && bake.tookMin >= 1 && (
        <>
          {isKept ? (
            <p role="status">Its time is kept: times for this kind of bake follow your oven and your hand.</p>
          ) : (
            <Button
              variant="default"
              onClick={() =>
                void change({
                  timed: [
                    ...timed,
                    {
                      classId: setup.classId,
                      // What was told had the pace of earlier bakes in it.
                      saidMin: said / paceOf(timed, setup.classId, kitchen.ovenId).factor,
                      tookMin: Math.round(10 * bake.tookMin!) / 10,
                      formulaId,
                      ...(kitchen.ovenId ? { ovenId: kitchen.ovenId } : {}),
                      on,
                    },
                  ],
                })
              }
            >
              Keep this time
            </Button>
          )}
        </>
      )}
    </section>
  );
}

/** The dough drank more or less than was written: each packet of flour may remember it. */
function Thirsty({ thirst, formula, runId }: { thirst: number; formula: Formula; runId: string }) {
  const { data: rows = [] } = usePantryQuery();
  const [revise, revising] = useRevisePantryMutation();
  const ids = new Set(
    formula.parts.flatMap((p) => p.lines.flatMap((l) => (l.item.kind === 'packet' ? [l.item.id] : []))),
  );
  const newest = (itemId: string): PantryRow | undefined =>
    rows.filter((r) => r.itemId === itemId).sort((a, b) => b.rev - a.rev)[0];
  const packets = [...new Set(rows.filter((r) => ids.has(r.id)).map((r) => r.itemId))].flatMap((itemId) => {
    const row = newest(itemId);
    return row?.doc.kind === 'packet' ? [{ row, doc: row.doc }] : [];
  });
  return (
    <section className={`sheet ${classes.part}`} aria-label="What it drank">
      <h2>What it drank</h2>
      <p>
        The dough took {fixed(100 * Math.abs(thirst), 0)} % {thirst > 0 ? 'more' : 'less'} liquid than was
        written, until it felt as it should.
      </p>
      {packets.map(({ row, doc }) => {
        const known = doc.drinks?.runs.includes(runId);
        const next = learnt(doc.drinks, runId, thirst);
        return known ? (
          <p key={row.id} role="status">
            {doc.name} remembers it: {fixed(doc.drinks!.times, 2)} times as much as its kind.
          </p>
        ) : (
          <Button
            key={row.id}
            variant="default"
            loading={revising.isLoading}
            onClick={() => void revise({ itemId: row.itemId, rev: row.rev, doc: { ...doc, drinks: next } })}
          >
            Remember it for {doc.name}: {fixed(next.times, 2)} times as much as its kind
          </Button>
        );
      })}
      {packets.length === 0 && (
        <p className="quiet">
          No line of it is a packet of yours: nothing can remember it. Put your flour into the pantry as a
          packet.
        </p>
      )}
      {revising.error && (
        <Notice kind="trouble" title="It was not kept">
          {sayProblem(problemIn(revising.error)?.code ?? null)}
        </Notice>
      )}
    </section>
  );
}
