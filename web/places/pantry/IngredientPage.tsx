import { Button, Skeleton } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { DEFAULT_KITCHEN, type PantryRow } from '../../../contract/dto';
import { CLASS_IDS, JOB_IDS, jobStrength, KITS, type JobId } from '../../../core/classes';
import { verdictFor } from '../../../core/exclusions';
import { AVOID_IDS, type AvoidId, type Ingredient } from '../../../core/ingredients';
import { toMillilitres, type Measures } from '../../../core/units';
import { useKitchenQuery, useRemovePantryMutation, useRestorePantryMutation } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { usePantry } from '../../pantry/usePantry';
import { day, fixed, grams, listed } from '../../words/format';
import {
  AVOID_WORDS,
  GROUP_NAMES,
  ingredientName,
  JOB_WORDS,
  KEEPING_WORDS,
  KIND_WORDS,
  kitName,
  PIECE_WORDS,
} from '../../words/things';
import { Composition, sourcesOf } from './Composition';
import classes from './pantry.module.css';

const ALL: readonly AvoidId[] = AVOID_IDS.filter((a) => a !== 'own_word');

/** What is said of a thing for every avoidance, the telling ones first. */
export function Facts({ of }: { of: Ingredient }) {
  const { contains, may, unknown } = verdictFor(of, ALL);
  const words = (avoids: readonly AvoidId[]) => listed(avoids.map((a) => AVOID_WORDS[a]));
  const rest = ALL.filter((a) => of.facts[a] === 'no');
  return (
    <dl className={classes.facts}>
      {contains.length > 0 && (
        <>
          <dt className={classes.holds}>contains</dt>
          <dd>{words(contains)}</dd>
        </>
      )}
      {may.length > 0 && (
        <>
          <dt>may contain</dt>
          <dd>{words(may)}</dd>
        </>
      )}
      {unknown.length > 0 && (
        <>
          <dt>not known</dt>
          <dd>
            {words(unknown)}
            {of.labelNeeded && of.kind === 'ref' && (
              <>
                . <Link to={`/pantry/new/packet?like=${of.id}`}>Read its packet</Link>
              </>
            )}
          </dd>
        </>
      )}
      {rest.length > 0 && (
        <>
          <dt>nothing found of</dt>
          <dd className="quiet">{words(rest)}</dd>
        </>
      )}
    </dl>
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

function Jobs({ of }: { of: Ingredient }) {
  const rows = JOB_IDS.flatMap((job): [JobId, ReactNode][] => {
    const best = Math.max(...CLASS_IDS.map((c) => jobStrength(of, undefined, c, job).value));
    if (best <= 0) return [];
    if (IN_EGGS.includes(job)) return [[job, `${grams(1 / best)} do what one egg does`]];
    if (job === 'shorten') {
      const each = CLASS_IDS.map((c) => 100 * jobStrength(of, undefined, c, job).value);
      const [lo, hi] = [Math.min(...each), Math.max(...each)];
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
        <p className="quiet">Bulk, taste or wetness; no job that others could take over.</p>
      )}
      <ul className={classes.plain}>
        {rows.map(([job, how]) => (
          <li key={job}>
            {JOB_WORDS[job]}
            {how && <span className="quiet">: {how}</span>}
          </li>
        ))}
      </ul>
      {rows.length > 0 && (
        <p className="small quiet">Common practice, no source; they differ by about a quarter.</p>
      )}
      {kits.length > 0 && <p>Used in: {listed(kits.map((k) => kitName(k.id).toLowerCase()))}.</p>}
    </section>
  );
}

function Measure({ of, measures }: { of: Ingredient; measures: Measures }) {
  const d = of.densityGMl;
  const rows: [string, string][] = d
    ? [
        ['US cup', grams(d.value * toMillilitres(1, 'cup', { cup: 'us', spoon: 'us' }))],
        ['metric cup', grams(d.value * 250)],
        ['tablespoon', grams(d.value * toMillilitres(1, 'tbsp', measures))],
        ['teaspoon', grams(d.value * toMillilitres(1, 'tsp', measures))],
      ]
    : [];
  rows.push(...of.pieces.map((p): [string, string] => [PIECE_WORDS[p.name], grams(p.massG.value)]));
  if (rows.length === 0) return null;
  return (
    <section>
      <h2>By cup, spoon and piece</h2>
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
      {d && <p className="small quiet">Filled as a baker fills them, ± 7 %. Weigh where you can.</p>}
    </section>
  );
}

function InDough({ of }: { of: Ingredient }) {
  const rows: [string, string][] = [];
  const show = (name: string, x: { value: number; sd?: number }, unit: string, digits = 2) => {
    if (x.value > 0)
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
      ['solid at 20 °C', `${fixed(100 * of.melting.solid20.value, 0)} % of its fat`],
      ['melted at', `${fixed(of.melting.meltsC.value, 0)} °C`],
    );
  if (rows.length === 0) return null;
  return (
    <section>
      <h2>In a dough</h2>
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
    </section>
  );
}

/** What is particular to a thing of the baker's own: what it is like, its price, its parts. */
function OwnPart({
  row,
  currency,
  nameOf,
}: {
  row: PantryRow;
  currency: string;
  nameOf: (id: string) => string;
}) {
  const { doc } = row;
  return (
    <section>
      {doc.kind === 'packet' && (
        <>
          <p>
            Like {nameOf(doc.like)}
            {doc.everywhere ? ', and used for it everywhere.' : '.'}
          </p>
          {doc.price !== null && doc.packG !== null && doc.packG > 0 && (
            <p>
              {currency} {fixed((100 * doc.price) / doc.packG, 2)} for 100 g ({currency} {fixed(doc.price, 2)}{' '}
              for {grams(doc.packG)})
            </p>
          )}
          {doc.openedOn && <p>Opened on {day(doc.openedOn)}</p>}
          <h2>Label</h2>
          <p className={classes.label}>{doc.labelText || 'No label text yet.'}</p>
        </>
      )}
      {doc.kind === 'blend' && (
        <>
          <h2>Parts</h2>
          <ul className={classes.plain}>
            {doc.parts.map((p) => (
              <li key={p.id}>
                <span className="num">{fixed(p.percent, p.percent % 1 === 0 ? 0 : 1)} %</span> {nameOf(p.id)}
              </li>
            ))}
          </ul>
        </>
      )}
      {doc.kind === 'own' && doc.like && <p>Like {nameOf(doc.like)} where nothing else is said.</p>}
      {doc.kind !== 'packet' && doc.note && <p>{doc.note}</p>}
      <p className="small quiet">
        Revision {row.rev}, {day(row.createdAt)}. Kept versions go on citing the revision they were made with.
      </p>
    </section>
  );
}

/** A page for one thing: what it is made of, what it does, what is known of what it holds, and from where. */
export function IngredientPage() {
  const { id = '' } = useParams();
  const { rows, pantry, ready } = usePantry();
  const { data: kitchen = DEFAULT_KITCHEN } = useKitchenQuery();
  const [remove] = useRemovePantryMutation();
  const [restore] = useRestorePantryMutation();
  const navigate = useNavigate();
  const ingredient = pantry.byId(id);
  usePageTitle(ingredient ? ingredientName(id) : 'Pantry');
  if (!ready) return <Skeleton m={24} height={520} role="status" aria-label="Fetching the pantry" />;
  if (!ingredient) {
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title="There is nothing of that name in the pantry">
          It may have been taken out. <Link to="/pantry">To the pantry</Link>
        </Notice>
      </main>
    );
  }
  const row = rows.find((r) => r.id === id) ?? null;
  const newer = row && rows.filter((r) => r.itemId === row.itemId && r.rev > row.rev).at(-1);
  async function takeOut(itemId: string) {
    const done = await remove([itemId]);
    if ('error' in done) return;
    const key = `gone-${itemId}`;
    notifications.show({
      id: key,
      autoClose: 12_000,
      closeButtonProps: { 'aria-label': 'Close' },
      title: `${ingredientName(id)} is taken out`,
      message: (
        <Button
          size="compact-md"
          variant="light"
          onClick={() => void restore([itemId]).then(() => notifications.hide(key))}
        >
          Put back
        </Button>
      ),
    });
    await navigate('/pantry');
  }
  return (
    <main id="main" className={classes.page}>
      <p className={classes.crumb}>
        <Link to="/pantry">Pantry</Link>
      </p>
      <div className={classes.head}>
        <div>
          <h1>{ingredientName(id)}</h1>
          <p className="quiet">
            {GROUP_NAMES[ingredient.group]} · {KIND_WORDS[ingredient.kind]}
            {ingredient.names.length > 1 && ` · also: ${ingredient.names.slice(1, 9).join(', ')}`}
          </p>
        </div>
        <div className={classes.add}>
          {row && !row.gone && !newer && (
            <>
              <Button component={Link} to={`/pantry/${id}/edit`}>
                Change it
              </Button>
              <Button variant="default" onClick={() => void takeOut(row.itemId)}>
                Take it out
              </Button>
            </>
          )}
          {!row && (
            <Button component={Link} to={`/pantry/new/packet?like=${id}`} variant="default">
              Read a packet of it
            </Button>
          )}
        </div>
      </div>
      {newer && (
        <Notice kind="word" title="An older revision">
          Kept versions may cite it.{' '}
          <Link to={`/pantry/${newer.id}`}>The newest is revision {newer.rev}</Link>
        </Notice>
      )}
      {row?.gone && (
        <Notice kind="word">This was taken out of the pantry; kept versions may still cite it.</Notice>
      )}
      <div className={classes.columns}>
        <div className={`sheet ${classes.panel}`}>
          <Composition of={ingredient} />
          <p className="small quiet">{sourcesOf(ingredient).join('; ')}.</p>
        </div>
        <div className={`sheet ${classes.panel}`}>
          <section>
            <h2>What it holds</h2>
            <Facts of={ingredient} />
            <p className="small quiet">
              By what it is and what its packet says. Check the label and your local food law.
            </p>
          </section>
          {row && <OwnPart row={row} currency={kitchen.currency} nameOf={(x) => ingredientName(x, true)} />}
          <section>
            <h2>Keeps</h2>
            <p>{KEEPING_WORDS[ingredient.keeping]}</p>
          </section>
        </div>
        <div className={`sheet ${classes.panel}`}>
          <InDough of={ingredient} />
          <Measure of={ingredient} measures={kitchen} />
          <Jobs of={ingredient} />
        </div>
      </div>
    </main>
  );
}
