import { Button, Skeleton } from '@mantine/core';
import { Link, useParams } from 'react-router';
import type { PantryRow } from '../../../contract/dto';
import { donenessOfBake, paceOf, setupOf } from '../../../core/bake';
import { learnt, recordOf, thirstOf, type BenchRecord } from '../../../core/bench';
import { FEEL_WORDS } from '../../../core/classes';
import { mainPart, wetWaterG, type Formula } from '../../../core/formula';
import type { Pantry } from '../../../core/pantry';
import { usePantryQuery, useRevisePantryMutation } from '../../api/api';
import { problemIn } from '../../api/ask';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { useKitchen } from '../../shared/useKitchen';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { fixed, grams, inPercent } from '../../words/format';
import { degrees } from '../../words/heat';
import { sayProblem } from '../../words/problems';
import { FEEL_WORDS_TEXT, ingredientName, lineName } from '../../words/things';
import classes from './bench.module.css';
import { useBench } from '../../shared/useBench';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.recordPage;

type RecordLine = BenchRecord['lines'][number];

/** How far what went in is from what was planned, where that would be seen. */
function apart({ wentG, plannedG }: RecordLine): string {
  if (wentG === null || plannedG <= 0) return '';
  const by = wentG / plannedG - 1;
  return Math.abs(by) < 0.005 ? '' : `${by > 0 ? '+' : '−'}${inPercent(Math.abs(by), 1)}`;
}
/** What else is to be said of a line. */
const besides = (l: RecordLine): string =>
  [
    l.leftOut ? W.leftOut : '',
    l.otherId ? W.inItsPlace({ ingredient: ingredientName(l.otherId, true) }) : '',
    l.off ? W.off : '',
    l.wentG === null && !l.leftOut ? W.notWeighed : '',
  ]
    .filter(Boolean)
    .join(', ');

/** What was weighed, beside what was planned. */
function Weighed({ record, formula }: { record: BenchRecord; formula: Formula }) {
  const lines = new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l])));
  const { feel } = record;
  return (
    <section className={`sheet ${classes.part}`}>
      <h2>{W.weighed}</h2>
      <div className={classes.wide} role="region" aria-label={W.weighed} tabIndex={0}>
        <table className={classes.record}>
          <thead>
            <tr>
              {[W.thing, W.planned, W.wentIn, W.apart, W.besides].map((name) => (
                <th key={name} scope="col">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {record.lines.map((l) => (
              <tr key={l.lineId}>
                <th scope="row">{lineName(lines.get(l.lineId)!)}</th>
                <td className="num">{grams(l.plannedG)}</td>
                <td className="num">{l.wentG === null ? '' : grams(l.wentG)}</td>
                <td className="num">{apart(l)}</td>
                <td>{besides(l)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p>{W.inTheBowls({ amount: grams(record.massG) })}</p>
      {feel && (
        <p>
          {W.keptBackPutToIt({
            amount: grams(feel.keptG),
            amount2: grams(feel.putG),
            which: FEEL_WORDS[feel.last]
              ? W.itFeltLikeThis({ feelWordsText: FEEL_WORDS_TEXT[FEEL_WORDS[feel.last]!] })
              : '',
          })}
        </p>
      )}
      {record.notes.map((n, i) => (
        <p key={i}>{n}.</p>
      ))}
    </section>
  );
}

/** What happened in a run, beside what was planned, and what may be learnt from it. */
export function RecordPage() {
  const { runId = '' } = useParams();
  const { run, made, state, pantry, error } = useBench(runId);
  usePageTitle(run ? W.whatHappened({ runTitle: run.title }) : W.whatHappened2);
  if (error)
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title={W.thisRunCannotBeShown}>
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      </main>
    );
  if (!made || !state || !run) return <Skeleton height={500} role="status" aria-label={W.fetchingTheRun} />;
  const record = recordOf(made.formula, made.order, state);
  const part = mainPart(made.formula.parts);
  const thirst = part ? thirstOf(state, record, wetWaterG(part, pantry.exact)) : null;
  return (
    <main id="main" className={classes.page}>
      <header className={classes.head}>
        <h1>{W.whatHappened3({ runTitle: run.title })}</h1>
        <Link to={`/notebook/new?run=${run.id}`}>{W.sayHowItCameOut}</Link>
        <Link to={`/bench/${run.id}`}>{W.backToTheBench}</Link>
        <Link to={`/formula/${run.formulaId}/card/${run.versionId}`}>{W.theCard}</Link>
      </header>
      <Weighed record={record} formula={made.formula} />
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
    <section className={`sheet ${classes.part}`} aria-label={W.baked} data-run={runId}>
      <h2>{W.baked}</h2>
      {trouble}
      <p>
        {planned && W.plannedToMin({ number: fixed(planned[0], 0), number2: fixed(planned[1], 0) })}
        {bake.tookMin === null ? W.itIsStillInThe : W.itTookMin({ number: fixed(bake.tookMin, 0) })}
        {last && W.theProbeReadAtLast({ temperature: degrees(last.c) })}
        {last && coreC ? W.wasWanted({ temperature: degrees(coreC[0]) }) : last ? '.' : ''}
        {oven.doors.length > 0 && W.theDoorWasOpened({ count: W.timeCount({ n: oven.doors.length }) })}
        {oven.loss !== null && W.itLostOfItsWeight({ number: fixed(100 * oven.loss, 1) })}
        {oven.cutAt !== null &&
          oven.outAt !== null &&
          W.cutMinAfterItCame({ number: fixed((oven.cutAt - oven.outAt) / 60_000, 0) })}
      </p>
      {said && setup && bake.tookMin !== null && bake.tookMin >= 1 && (
        <>
          {isKept ? (
            <p role="status">{W.itsTimeIsKeptTimes}</p>
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
              {W.keepThisTime}
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
    <section className={`sheet ${classes.part}`} aria-label={W.whatItDrank}>
      <h2>{W.whatItDrank}</h2>
      <p>
        {W.theDoughTookLiquidThan({
          number: fixed(100 * Math.abs(thirst), 0),
          which: thirst > 0 ? W.more : W.less,
        })}
      </p>
      {packets.map(({ row, doc }) => {
        const known = doc.drinks?.runs.includes(runId);
        const next = learnt(doc.drinks, runId, thirst);
        return known ? (
          <p key={row.id} role="status">
            {W.remembersItTimesAsMuch({ doc: doc.name, number: fixed(doc.drinks!.times, 2) })}
          </p>
        ) : (
          <Button
            key={row.id}
            variant="default"
            loading={revising.isLoading}
            onClick={() => void revise({ itemId: row.itemId, rev: row.rev, doc: { ...doc, drinks: next } })}
          >
            {W.rememberItForTimesAs({ doc: doc.name, number: fixed(next.times, 2) })}
          </Button>
        );
      })}
      {packets.length === 0 && <p className="quiet">{W.noLineOfItIs}</p>}
      {revising.error && (
        <Notice kind="trouble" title={W.itWasNotKept}>
          {sayProblem(problemIn(revising.error)?.code ?? null)}
        </Notice>
      )}
    </section>
  );
}
