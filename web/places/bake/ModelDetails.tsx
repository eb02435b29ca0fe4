import { Button } from '@mantine/core';
import { useState } from 'react';
import { MODEL_VARIANTS, levelCm, type BakeResult, type BakeSetup, type Compared } from '../../../core/bake';
import { useKitchen } from '../../shared/useKitchen';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { NumberField } from '../../parts/NumberField';
import { METAL_WORDS } from '../../words/data/bake';
import { fixed, grams, inPercent } from '../../words/format';
import { degrees } from '../../words/heat';
import { minutesText } from '../../words/say';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.rests;

/** How the time comes about: what went in for both, and what each of the models says. */
export function ModelDetails({
  source,
  adapted,
  compared,
}: {
  source: BakeSetup;
  adapted: BakeSetup;
  compared: Compared | null;
}) {
  const rows: [string, (s: BakeSetup) => string][] = [
    [W.dough, (s) => grams(s.massG)],
    [W.batterDensity, (s) => W.gMl({ number: fixed(s.density, 2) })],
    [W.water, (s) => inPercent(s.make.water)],
    [W.fat, (s) => inPercent(s.make.fat)],
    [W.sugars, (s) => inPercent(s.browning.sugars)],
    [W.stands, (s) => W.cm({ number: fixed(levelCm(s), 1) })],
    [W.inWord, (s) => METAL_WORDS[s.metal]],
    [W.goesInAt, (s) => degrees(s.startC)],
  ];
  const outcomes: [string, (r: BakeResult) => string][] =
    compared?.source && compared.adapted
      ? [
          [W.loses, (r) => inPercent(r.loss)],
          [W.crust, (r) => W.mm({ number: fixed(r.curve.at(-1)!.crustMm, 1) })],
          [W.brownsAs, (r) => W.minAt({ number: fixed(r.browned, 0), temperature: degrees(150) })],
        ]
      : [];
  return (
    <section>
      <h2>{W.howTheTimeComesAbout}</h2>
      <p>{W.theFormulasOwnTimeIs}</p>
      <table className={classes.inputs}>
        <thead>
          <tr>
            <td />
            <th scope="col">{W.asWritten}</th>
            <th scope="col">{W.now}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, of]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{of(source)}</td>
              <td>{of(adapted)}</td>
            </tr>
          ))}
          {outcomes.map(([name, of]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{of(compared!.source!)}</td>
              <td>{of(compared!.adapted!)}</td>
            </tr>
          ))}
          {compared?.members.length === MODEL_VARIANTS.length &&
            compared.members.map((m, i) => (
              <tr key={i}>
                <th scope="row">
                  {W.to({
                    temperature: degrees(MODEL_VARIANTS[i]!.untilC),
                    which: MODEL_VARIANTS[i]!.factor < 1 ? W.slow : '',
                  })}
                </th>
                <td>{minutesText(m.source, m.source)}</td>
                <td>{minutesText(m.adapted, m.adapted)}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <p>{W.changesAreWhatItIs}</p>
      <p className="small quiet">{W.propertiesChoiOkos1986Vapour}</p>
    </section>
  );
}

/** What a bake took in fact: kept in the kitchen, and from then on counted. */
export function Took({
  formulaId,
  setup,
  compared,
}: {
  formulaId: string;
  setup: BakeSetup;
  compared: Compared | null;
}) {
  const kitchen = useKitchen();
  const { change, trouble } = useChangeKitchen();
  const told = compared?.minutes;
  const said = told && (told.from + told.to) / 2;
  const [took, setTook] = useState<number | null>(null);
  const timed = kitchen.timed ?? [];
  if (!said || !compared) return null;
  const shown = took ?? Math.round(said);
  return (
    <section>
      <h2>{W.bakedIt}</h2>
      <p>{W.sayWhatItTookTimes}</p>
      {trouble}
      <NumberField label={W.itTook} unit={W.min} value={shown} onChange={setTook} />
      <div className={classes.took}>
        <Button
          variant="default"
          disabled={!(shown >= 1)}
          onClick={() => {
            void change({
              timed: [
                ...timed,
                {
                  classId: setup.classId,
                  saidMin: said / compared.pace.factor,
                  tookMin: shown,
                  formulaId,
                  ...(kitchen.ovenId ? { ovenId: kitchen.ovenId } : {}),
                  on: new Date().toISOString(),
                },
              ],
            });
            setTook(null);
          }}
        >
          {W.keepThisTime}
        </Button>
        {timed.length > 0 && (
          <Button variant="subtle" onClick={() => void change({ timed: timed.slice(0, -1) })}>
            {W.takeTheLastOneBack}
          </Button>
        )}
      </div>
    </section>
  );
}
