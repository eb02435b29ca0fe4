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
import { ovenText, say } from '../../words/say';
import { YEAST_TABLE_WORDS } from '../../words/data/lift';
import classes from './handbook.module.css';
import { inDegrees } from '../../words/heat';
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
          say(issue)
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

/** Converter and tables: ovens, spoons and cups, yeasts. */
export function Conversions() {
  return (
    <div className={classes.tables}>
      <AsWritten />
      <section className={`sheet ${classes.entry}`} id="ovens" aria-label={W.ovens}>
        <h2>{W.ovens}</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">°F</th>
              <th scope="col">°C</th>
              <th scope="col">{W.fanAbout}</th>
              <th scope="col">{W.gas}</th>
            </tr>
          </thead>
          <tbody>
            {OVENS_F.map((f) => (
              <tr key={f}>
                <td className="num">{f}</td>
                <td className="num">{fixed(fahrenheitToCelsius(f), 0)}</td>
                <td className="num">
                  {W.to({
                    number: fixed(fahrenheitToCelsius(f) - 20, 0),
                    number2: fixed(fahrenheitToCelsius(f) - 15, 0),
                  })}
                </td>
                <td>{markOf(f)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <p className="small quiet">{W.fToCIsExact({ inDegrees: inDegrees(W.text15To20CLower) })}</p>
      </section>
      <section className={`sheet ${classes.entry}`} id="measures" aria-label={W.cupsAndSpoons}>
        <h2>{W.cupsAndSpoons}</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">{W.standard}</th>
              <th scope="col">{W.cup}</th>
            </tr>
          </thead>
          <tbody>
            {CUP_STANDARDS.map((cup) => (
              <tr key={cup}>
                <td>{W.standards[cup]}</td>
                <td className="num">
                  {W.ml({ number: fixed(toMillilitres(1, 'cup', { cup, spoon: 'us' }), 1) })}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <table>
          <thead>
            <tr>
              <th scope="col">{W.standard}</th>
              <th scope="col">{W.tbsp}</th>
              <th scope="col">{W.tsp}</th>
            </tr>
          </thead>
          <tbody>
            {SPOON_STANDARDS.map((spoon) => (
              <tr key={spoon}>
                <td>{W.standards[spoon]}</td>
                {(['tbsp', 'tsp'] as const).map((u) => (
                  <td key={u} className="num">
                    {W.ml({ number: fixed(toMillilitres(1, u, { cup: 'us', spoon }), 1) })}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        <p className="small quiet">{W.nistHandbook44ForThe}</p>
      </section>
      <section className={`sheet ${classes.entry}`} id="yeast" aria-label={W.yeasts}>
        <h2>{W.yeasts}</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">{W.table}</th>
              <th scope="col">{W.fresh}</th>
              <th scope="col">{W.activeDry}</th>
              <th scope="col">{W.instant}</th>
            </tr>
          </thead>
          <tbody>
            {YEAST_TABLE_IDS.map((id) => (
              <tr key={id}>
                <td>{YEAST_TABLE_WORDS[id]}</td>
                {YEAST_KINDS.map((kind) => (
                  <td key={kind} className="num">
                    {fixed(YEAST_TABLES[id][kind], 1)} g
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        <p className="small quiet">{W.rulesOfThumbKitchenSays}</p>
      </section>
    </div>
  );
}
