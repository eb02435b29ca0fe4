import type { ReactNode } from 'react';
import { CLASS_IDS, JOB_IDS, jobStrength, KITS, type JobId } from '../../../core/classes';
import { decimalsFor, type Sourced } from '../../../core/explain';
import type { Ingredient } from '../../../core/ingredients';
import { toMillilitres, type Measures } from '../../../core/units';
import { fixed, grams } from '../../words/format';
import { listed } from '../../words/plural';
import { JOB_WORDS, kitName, PIECE_WORDS } from '../../words/things';
import classes from './pantry.module.css';
import { degrees } from '../../words/heat';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.sections;

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
    if (IN_EGGS.includes(job)) return [[job, W.doWhatOneEggDoes({ amount: grams(1 / best) })]];
    if (job === 'shorten') {
      const each = CLASS_IDS.map((c) => 100 * jobStrength(of, undefined, c, job).value);
      const [lo, hi] = [Math.min(...each), Math.max(...each)];
      if (hi < 1) return [];
      return [
        [
          job,
          W.text100GCountAsG({
            which: lo === hi ? fixed(hi, 0) : W.to({ number: fixed(lo, 0), number2: fixed(hi, 0) }),
          }),
        ],
      ];
    }
    return [[job, '']];
  });
  const kits = KITS.filter((k) => k.items.some((i) => 'id' in i.item && i.item.id === of.like));
  return (
    <section>
      <h2>{W.whatItDoes}</h2>
      {rows.length === 0 && <p className="quiet">{W.bulkTasteOrMoistureNo}</p>}
      <ul className={classes.plain}>
        {rows.map(([job, how]) => (
          <li key={job}>
            {JOB_WORDS[job]}
            {how && <span className="quiet">: {how}</span>}
          </li>
        ))}
      </ul>
      {rows.length > 0 && <p className="small quiet">{W.ruleOfThumbTheyDiffer}</p>}
      {kits.length > 0 && <p>{W.usedIn({ list: listed(kits.map((k) => kitName(k.id, true))) })}</p>}
    </section>
  );
}

/** What it weighs by cup, spoon and piece. */
export function Measure({ of, measures }: { of: Ingredient; measures: Measures }) {
  const d = of.densityGMl;
  const rows: [string, string][] = d
    ? [
        [W.usCup, grams(d.value * toMillilitres(1, 'cup', { cup: 'us', spoon: 'us' }))],
        [W.metricCup, grams(d.value * 250)],
        [W.tablespoon, grams(d.value * toMillilitres(1, 'tbsp', measures))],
        [W.teaspoon, grams(d.value * toMillilitres(1, 'tsp', measures))],
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
      <h2>{W.byCupSpoonAndPiece}</h2>
      <PairTable rows={rows} />
      {d && <p className="small quiet">{W.filledAsABakerFills}</p>}
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
  show(W.waterItTakesUp, of.absorption, W.gPerG);
  show(W.acidItBrings, of.acidMmolG, W.mmolPerG);
  show(W.alkaliItBrings, of.baseMmolG, W.mmolPerG);
  show(W.gasItCanGive, of.gasMmolG, W.mmolPerG);
  const protein = of.per100g.protein;
  if (protein && of.settingProtein.value > 0 && protein.value > 0.5)
    rows.push([
      W.proteinThatSetsInHeat,
      W.gIn100G({ number: fixed(of.settingProtein.value * protein.value, 1) }),
    ]);
  if (of.melting)
    rows.push(
      [
        W.solidAt({ temperature: degrees(20) }),
        W.ofItsFat({ number: fixed(100 * of.melting.solid20.value, 0) }),
      ],
      [W.meltedAt, degrees(of.melting.meltsC.value)],
    );
  if (rows.length === 0) return null;
  return (
    <section>
      <h2>{W.inADough}</h2>
      <PairTable rows={rows} />
    </section>
  );
}
