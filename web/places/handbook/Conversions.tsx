import { TextInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { YEAST_KINDS, YEAST_TABLE_IDS, YEAST_TABLES } from '../../../core/leavening';
import { readFormula } from '../../../core/reading';
import {
  CUP_STANDARDS,
  fahrenheitToCelsius,
  GAS_MARKS,
  gasMarkToFahrenheit,
  SPOON_STANDARDS,
  toMillilitres,
} from '../../../core/units';
import { useKitchen } from '../../shared/useKitchen';
import { fixed, grams, spreadOf } from '../../words/format';
import { CUP_WORDS, lineName, SPOON_WORDS } from '../../words/things';
import { ovenText, messageText } from '../../words/say';
import { YEAST_TABLE_WORDS } from '../../words/data/lift';
import classes from './handbook.module.css';
import { toKitchenScale } from '../../words/heat';
import { handbookWords } from '../../words/data/en/handbook';

const W = handbookWords.conversions;

/** Ovens that recipes name, °F. */
const OVENS_F = [250, 275, 300, 325, 350, 375, 400, 425, 450, 475, 500];
const markOf = (f: number): string => {
  const mark = GAS_MARKS.find((m) => gasMarkToFahrenheit(m) === f);
  return mark === undefined ? '' : W.mark({ mark });
};

/** What is written in a formula, in grams or °C: read just as a pasted line is. */
function AsWritten() {
  const kitchen = useKitchen();
  const [text, setText] = useState(W.text112CupsBuckwheat);
  const [oven, setOven] = useState('425 F');
  const { cup, spoon, eggs } = kitchen;
  const read = useMemo(
    () => readFormula({ text, oven, measures: { cup, spoon, ...(eggs ? { eggs } : {}) } }),
    [text, oven, cup, spoon, eggs],
  );
  const line = read.formula.parts.flatMap((p) => p.lines)[0];
  const mass = line?.amount.massG;
  const issue = read.lines[0]?.issues[0];
  const bake = read.formula.bake;
  return (
    <section className={`sheet ${classes.entry}`} aria-label={W.asItIsWritten}>
      <h2>{W.asItIsWritten}</h2>
      <div className={classes.find}>
        <TextInput
          label={W.anIngredient}
          value={text}
          maxLength={200}
          onChange={(e) => setText(e.currentTarget.value)}
        />
        <TextInput
          label={W.anOven}
          value={oven}
          maxLength={60}
          onChange={(e) => setOven(e.currentTarget.value)}
        />
      </div>
      <p className={classes.answer} role="status">
        {line && mass ? (
          <>
            <b className="num">{grams(mass.value)}</b> {spreadOf(mass, 'g')} {lineName(line, true)}
          </>
        ) : issue ? (
          messageText(issue)
        ) : (
          W.writeAnAmountAndWhat
        )}
        {bake && ovenText(bake) !== '' && (
          <>
            {' '}
            · <b className="num">{ovenText(bake)}</b>
          </>
        )}
      </p>
      <p className="small quiet">
        {W.withTheCupsAndSpoons({ cup: CUP_WORDS[cup], spoon: SPOON_WORDS[spoon] })}
      </p>
    </section>
  );
}

/** A table of the handbook: the heads of its columns, its rows, the first cell of each as words. */
function Table({ heads, rows }: { heads: string[]; rows: string[][] }) {
  return (
    <table>
      <thead>
        <tr>
          {heads.map((h) => (
            <th key={h} scope="col">
              {h}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((cells) => (
          <tr key={cells[0]}>
            {cells.map((c, i) => (
              <td key={heads[i]} {...(/^[\d−-]/.test(c) && { className: 'num' })}>
                {c}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const ovenRow = (f: number): string[] => {
  const c = fahrenheitToCelsius(f);
  const fan = W.to({ number: fixed(c - 20, 0), number2: fixed(c - 15, 0) });
  return [String(f), fixed(c, 0), fan, markOf(f)];
};
const ml = (count: number): string => W.ml({ number: fixed(count, 1) });

/** Converter and tables: ovens, spoons and cups, yeasts. */
export function Conversions() {
  return (
    <div className={classes.tables}>
      <AsWritten />
      <section className={`sheet ${classes.entry}`} id="ovens" aria-label={W.ovens}>
        <h2>{W.ovens}</h2>
        <Table heads={['°F', '°C', W.fanAbout, W.gas]} rows={OVENS_F.map(ovenRow)} />
        <p className="small quiet">{W.fToCIsExact({ inDegrees: toKitchenScale(W.text15To20CLower) })}</p>
      </section>
      <section className={`sheet ${classes.entry}`} id="measures" aria-label={W.cupsAndSpoons}>
        <h2>{W.cupsAndSpoons}</h2>
        <Table
          heads={[W.standard, W.cup]}
          rows={CUP_STANDARDS.map((cup) => [
            W.standards[cup],
            ml(toMillilitres(1, 'cup', { cup, spoon: 'us' })),
          ])}
        />
        <Table
          heads={[W.standard, W.tbsp, W.tsp]}
          rows={SPOON_STANDARDS.map((spoon) => [
            W.standards[spoon],
            ...(['tbsp', 'tsp'] as const).map((u) => ml(toMillilitres(1, u, { cup: 'us', spoon }))),
          ])}
        />
        <p className="small quiet">{W.nistHandbook44ForThe}</p>
      </section>
      <section className={`sheet ${classes.entry}`} id="yeast" aria-label={W.yeasts}>
        <h2>{W.yeasts}</h2>
        <Table
          heads={[W.table, W.fresh, W.activeDry, W.instant]}
          rows={YEAST_TABLE_IDS.map((id) => [
            YEAST_TABLE_WORDS[id],
            ...YEAST_KINDS.map((kind) => `${fixed(YEAST_TABLES[id][kind], 1)} g`),
          ])}
        />
        <p className="small quiet">{W.rulesOfThumbKitchenSays}</p>
      </section>
    </div>
  );
}
