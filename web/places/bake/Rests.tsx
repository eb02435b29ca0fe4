import { Button } from '@mantine/core';
import { useState } from 'react';
import { MEMBERS, levelCm, type BakeResult, type BakeSetup, type Compared } from '../../../core/bake';
import { useKitchen } from '../../api/useKitchen';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { NumberField } from '../../parts/NumberField';
import { METAL_WORDS } from '../../words/data/bake';
import { fixed, grams } from '../../words/format';
import { degrees } from '../../words/heat';
import { minutesText } from '../../words/say';
import classes from './bake.module.css';

/** How the time comes about: what went in for both, and what each of the models says. */
export function Rests({
  source,
  adapted,
  compared,
}: {
  source: BakeSetup;
  adapted: BakeSetup;
  compared: Compared | null;
}) {
  const rows: [string, (s: BakeSetup) => string][] = [
    ['Dough', (s) => grams(s.massG)],
    ['Batter density', (s) => `${fixed(s.density, 2)} g/mL`],
    ['Water', (s) => `${fixed(100 * s.make.water, 0)} %`],
    ['Fat', (s) => `${fixed(100 * s.make.fat, 0)} %`],
    ['Sugars', (s) => `${fixed(100 * s.browning.sugars, 0)} %`],
    ['Stands', (s) => `${fixed(levelCm(s), 1)} cm`],
    ['In', (s) => METAL_WORDS[s.metal]],
    ['Goes in at', (s) => degrees(s.startC)],
  ];
  const outcomes: [string, (r: BakeResult) => string][] =
    compared?.source && compared.adapted
      ? [
          ['Loses', (r) => `${fixed(100 * r.loss, 0)} %`],
          ['Crust', (r) => `${fixed(r.curve.at(-1)!.crustMm, 1)} mm`],
          ['Browns as', (r) => `${fixed(r.browned, 0)} min at ${degrees(150)}`],
        ]
      : [];
  return (
    <section>
      <h2>How the time comes about</h2>
      <p>
        The formula’s own time is known to work. A model of heat, steam and crust bakes it as written and as
        it is now; the stated time is taken times the ratio of the two. Four of them run: two hearts of the
        loaf, two crumbs. Their spread is the band.
      </p>
      <table className={classes.inputs}>
        <thead>
          <tr>
            <td />
            <th scope="col">as written</th>
            <th scope="col">now</th>
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
          {compared?.members.length === MEMBERS.length &&
            compared.members.map((m, i) => (
              <tr key={i}>
                <th scope="row">
                  To {degrees(MEMBERS[i]!.untilC)}
                  {MEMBERS[i]!.factor < 1 ? ', slow' : ''}
                </th>
                <td>{minutesText(m.source, m.source)}</td>
                <td>{minutesText(m.adapted, m.adapted)}</td>
              </tr>
            ))}
        </tbody>
      </table>
      <p>
        Changes are what it is good for. A time out of nothing is good to a fifth, no better. Set against no
        measured pair of bakes yet: your own timed bakes are what mends it.
      </p>
      <p className="small quiet">
        Properties: Choi & Okos (1986). Vapour in the crumb and drying of the crust after published work on
        baking, from memory. Colour by sugars, protein and pH: the directions are known, the figures are a
        guess. How airy, by the kind of bake: common practice.
      </p>
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
      <h2>Baked it?</h2>
      <p>Say what it took: times for this kind of bake then follow your oven and your hand.</p>
      {trouble}
      <NumberField label="It took" unit="min" value={shown} onChange={setTook} />
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
          Keep this time
        </Button>
        {timed.length > 0 && (
          <Button variant="subtle" onClick={() => void change({ timed: timed.slice(0, -1) })}>
            Take the last one back
          </Button>
        )}
      </div>
    </section>
  );
}
