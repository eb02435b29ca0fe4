import type { ReactNode } from 'react';
import { CLASS_IDS, JOB_IDS, jobStrength, KITS, type JobId } from '../../../core/classes';
import { decimalsFor, type Sourced } from '../../../core/explain';
import type { Ingredient } from '../../../core/ingredients';
import { toMillilitres, type Measures } from '../../../core/units';
import { fixed, grams, listed } from '../../words/format';
import { JOB_WORDS, kitName, PIECE_WORDS } from '../../words/things';
import classes from './pantry.module.css';
import { degrees } from '../../words/heat';

/** Names with their figures. */
function PairTable({ rows }: { rows: readonly [string, string][] }) {
  return (
    <table className={classes.small}>
      <tbody>
        {rows.map(([k, v]) => (
          <tr key={k}>
            <th scope="row">{k}</th>
            <td className="num">{v}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Jobs counted in eggs: how much of the thing does what one egg does. */
const IN_EGGS: readonly JobId[] = [
  'thicken',
  'shape',
  'hold_gas',
  'set_hot',
  'set_cool',
  'foam',
  'emulsify',
  'brown',
];

/** The jobs it can take over, with how much of it does what an egg does, and the kits it is in. */
export function Jobs({ of }: { of: Ingredient }) {
  const rows = JOB_IDS.flatMap((job): [JobId, ReactNode][] => {
    const best = Math.max(...CLASS_IDS.map((c) => jobStrength(of, undefined, c, job).value));
    if (best <= 0) return [];
    if (IN_EGGS.includes(job)) return [[job, `${grams(1 / best)} do what one egg does`]];
    if (job === 'shorten') {
      const each = CLASS_IDS.map((c) => 100 * jobStrength(of, undefined, c, job).value);
      const [lo, hi] = [Math.min(...each), Math.max(...each)];
      if (hi < 1) return [];
      return [
        [
          job,
          `100 g count as ${lo === hi ? fixed(hi, 0) : `${fixed(lo, 0)} to ${fixed(hi, 0)}`} g fat, by the bake`,
        ],
      ];
    }
    return [[job, '']];
  });
  const kits = KITS.filter((k) => k.items.some((i) => 'id' in i.item && i.item.id === of.like));
  return (
    <section>
      <h2>What it does</h2>
      {rows.length === 0 && (
        <p className="quiet">Bulk, taste or moisture; no job that others could take over.</p>
      )}
      <ul className={classes.plain}>
        {rows.map(([job, how]) => (
          <li key={job}>
            {JOB_WORDS[job]}
            {how && <span className="quiet">: {how}</span>}
          </li>
        ))}
      </ul>
      {rows.length > 0 && <p className="small quiet">Rule of thumb; they differ by about a quarter.</p>}
      {kits.length > 0 && <p>Used in: {listed(kits.map((k) => kitName(k.id).toLowerCase()))}.</p>}
    </section>
  );
}

/** What it weighs by cup, spoon and piece. */
export function Measure({ of, measures }: { of: Ingredient; measures: Measures }) {
  const d = of.densityGMl;
  const rows: [string, string][] = d
    ? [
        ['US cup', grams(d.value * toMillilitres(1, 'cup', { cup: 'us', spoon: 'us' }))],
        ['metric cup', grams(d.value * 250)],
        ['tablespoon', grams(d.value * toMillilitres(1, 'tbsp', measures))],
        ['teaspoon', grams(d.value * toMillilitres(1, 'tsp', measures))],
      ]
    : [];
  rows.push(
    ...of.pieces
      .filter((p) => !p.grading || p.grading === (measures.eggs ?? 'us'))
      .map((p): [string, string] => [PIECE_WORDS[p.name], grams(p.massG.value)]),
  );
  if (rows.length === 0) return null;
  return (
    <section>
      <h2>By cup, spoon and piece</h2>
      <PairTable rows={rows} />
      {d && <p className="small quiet">Filled as a baker fills them, ± 7 %. Weigh where you can.</p>}
    </section>
  );
}

/** What it does to the water, acid and gas of a dough. */
export function InDough({ of }: { of: Ingredient }) {
  const rows: [string, string][] = [];
  const show = (name: string, x: Sourced, unit: string) => {
    if (x.value <= 0) return;
    const digits = decimalsFor(x);
    rows.push([name, `${fixed(x.value, digits)}${x.sd ? ` ± ${fixed(x.sd, digits)}` : ''} ${unit}`]);
  };
  show('water it takes up', of.absorption, 'g per g');
  show('acid it brings', of.acidMmolG, 'mmol per g');
  show('alkali it brings', of.baseMmolG, 'mmol per g');
  show('gas it can give', of.gasMmolG, 'mmol per g');
  const protein = of.per100g.protein;
  if (protein && of.settingProtein.value > 0 && protein.value > 0.5)
    rows.push([
      'protein that sets in heat',
      `${fixed(of.settingProtein.value * protein.value, 1)} g in 100 g`,
    ]);
  if (of.melting)
    rows.push(
      [`solid at ${degrees(20)}`, `${fixed(100 * of.melting.solid20.value, 0)} % of its fat`],
      ['melted at', degrees(of.melting.meltsC.value)],
    );
  if (rows.length === 0) return null;
  return (
    <section>
      <h2>In a dough</h2>
      <PairTable rows={rows} />
    </section>
  );
}
