import { Button, Select } from '@mantine/core';
import { useMemo, useState } from 'react';
import { standInsFor, swapOf } from '../../../core/bench';
import type { Ingredient } from '../../../core/ingredients';
import { choicesOf } from '../../pantry/choices';
import { effectWords, verdictWords } from '../../words/benchWords';
import { grams } from '../../words/format';
import { ingredientName } from '../../words/things';
import classes from './bench.module.css';
import type { BenchProps } from './props';
import { benchWords } from '../../words/data/en/bench';

const W = benchWords.swapForm;

type Props = Omit<BenchProps, 'stepG'> & {
  lineId: string;
  nameOf: (lineId: string) => string;
  onDone: () => void;
};

/** There is none of a thing, or another went in: what may stand in, what each comes to, or nothing in its place. */
export function SwapForm({ lineId, formula, order, state, pantry, nameOf, tell, onDone }: Props) {
  const { exact: lookup, byId } = pantry;
  const [chosen, setChosen] = useState<string | null>(null);
  const line = formula.parts.flatMap((p) => p.lines).find((l) => l.id === lineId);
  const of = line ? lookup(line.item) : null;
  const open = order.weighings.filter((w) => w.lineId === lineId && !state.put.has(w.id));
  const offered = useMemo(() => {
    const picked = chosen ? byId(chosen) : null;
    const near = of ? standInsFor(formula, of, pantry.all()) : [];
    const all = picked ? [picked, ...near.filter((i) => i.id !== picked.id)] : near;
    return all.map((i) => ({ i, swap: swapOf(formula, order, state, lineId, i, lookup) }));
  }, [chosen, of, formula, order, state, lineId, pantry, byId, lookup]);
  const take = (i: Ingredient, water: { lineId: string; g: number } | null) => {
    tell({ kind: 'swapped', lineId, ingredientId: i.id });
    if (water) tell({ kind: 'changed', lineId: water.lineId, g: water.g });
    onDone();
  };
  const leave = () => {
    for (const w of open) tell({ kind: 'leftOut', weighing: w.id });
    onDone();
  };
  return (
    <section className={classes.now} aria-label={W.anotherThingInItsPlace}>
      <p className={classes.what}>{W.inPlaceOf({ name: nameOf(lineId) })}</p>
      <div className={classes.repairs}>
        {offered.map(({ i, swap }) => (
          <div key={i.id} className="sheet">
            <Button size="lg" variant="default" onClick={() => take(i, swap.water)}>
              {ingredientName(i.id)}
            </Button>
            {verdictWords(swap.verdict, formula) && <p>{verdictWords(swap.verdict, formula)}</p>}
            <p className="small quiet">{effectWords(swap.effect)}</p>
            {swap.water && (
              <p className="small">
                {W.withItIsAsWet({
                  amount: grams(Math.abs(swap.water.g)),
                  which: swap.water.g > 0 ? W.more : W.less,
                  name: nameOf(swap.water.lineId),
                })}
              </p>
            )}
          </div>
        ))}
        {open.length > 0 && (
          <div className="sheet">
            <Button size="lg" variant="default" onClick={leave}>
              {W.leaveItOut}
            </Button>
            <p className="small quiet">{W.itCanStillGoIn}</p>
          </div>
        )}
      </div>
      <Select
        label={W.somethingElse}
        data={choicesOf(pantry)}
        value={chosen}
        onChange={setChosen}
        searchable
        limit={60}
        nothingFoundMessage={W.nothingOfThatName}
        maw={380}
        mt={12}
      />
      <div className={classes.act}>
        <Button size="lg" variant="default" onClick={onDone}>
          {W.itIsAfterAll({ name: nameOf(lineId) })}
        </Button>
      </div>
    </section>
  );
}
