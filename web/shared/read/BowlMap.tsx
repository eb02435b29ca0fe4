import { atHead } from '../../words/case';
import { useMemo } from 'react';
import { benchOrder, type Bowl } from '../../../core/bench';
import type { Formula } from '../../../core/formula';
import type { Pantry } from '../../../core/pantry';
import { linesSpokenOf, takesOf } from '../../../core/rebalance';
import { grams } from '../../words/format';
import { lineName } from '../../words/things';
import classes from './bowls.module.css';
import { readWords } from '../../words/data/en/read';

const W = readWords.bowlMap;

type Holds = { bowl: Bowl; says: string[]; from: Holds[] };

/** Every part's bowls, those that were brought together under the one they went into; and what no step weighs. */
function treesOf(formula: Formula, { lookup }: Pantry): { trees: Map<string, Holds[]>; outside: string[] } {
  const { weighings, bowls } = benchOrder({
    formula,
    takes: takesOf(formula, formula, lookup),
    spoken: linesSpokenOf(formula, formula, lookup),
    lookup,
    // What is small stays in the map, whatever a scale shows.
    scaleStepG: 0,
  });
  const lines = new Map(formula.parts.flatMap((p) => p.lines.map((l) => [l.id, l])));
  const all = new Map<string, Holds>();
  const trees = new Map<string, Holds[]>();
  for (const bowl of bowls) {
    const says = weighings
      .filter((w) => w.bowl === bowl.id)
      .map((w) => `${grams(w.targetG)} ${lineName(lines.get(w.lineId)!, true)}`);
    const own = { bowl, says, from: bowl.from.map((id) => all.get(id)!) };
    all.set(bowl.id, own);
    const beside = (trees.get(bowl.partId) ?? []).filter((t) => !bowl.from.includes(t.bowl.id));
    trees.set(bowl.partId, [...beside, own]);
  }
  const weighed = new Set(weighings.map((w) => w.lineId));
  return {
    trees,
    outside: [...lines.values()].filter((l) => !weighed.has(l.id)).map((l) => lineName(l, true)),
  };
}

function Tree({ of }: { of: Holds }) {
  return (
    <li className={classes.tree}>
      {of.from.length > 0 && (
        <ul className={classes.from}>
          {of.from.map((f) => (
            <Tree key={f.bowl.id} of={f} />
          ))}
        </ul>
      )}
      <div className={of.bowl.onto ? classes.onto : classes.bowl}>
        {of.from.length > 0 && <b>{W.together({ which: of.says.length > 0 ? W.andWord : '' })}</b>}
        {of.bowl.onto && <b>{W.onTopOrAtThe}</b>}
        {of.says.map((s) => (
          <span key={s}>{s}</span>
        ))}
      </div>
    </li>
  );
}

/** What goes into what: the bowls of each part, as the steps were understood. */
export function BowlMap({ formula, pantry }: { formula: Formula; pantry: Pantry }) {
  const { trees, outside } = useMemo(() => treesOf(formula, pantry), [formula, pantry]);
  return (
    <>
      {formula.parts
        .filter((p) => trees.has(p.id))
        .map((p) => (
          <section key={p.id} aria-label={p.name || W.allOfIt}>
            {formula.parts.length > 1 && <h3>{atHead(p.name) || W.allOfIt}</h3>}
            <ul className={classes.roots}>
              {trees.get(p.id)!.map((t) => (
                <Tree key={t.bowl.id} of={t} />
              ))}
            </ul>
          </section>
        ))}
      {outside.length > 0 && <p className="small quiet">{W.inNoBowl({ outside: outside.join(', ') })}</p>}
    </>
  );
}
