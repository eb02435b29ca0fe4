import { Button, Checkbox, Skeleton } from '@mantine/core';
import { Link, useNavigate, useParams } from 'react-router';
import { type Kitchen, type PantryRow } from '../../../contract/dto';
import { useRemovePantryMutation, useRestorePantryMutation } from '../../api/api';
import { useKitchen } from '../../api/useKitchen';
import { Notice } from '../../parts/Notice';
import { sayDone } from '../../parts/sayDone';
import { usePageTitle } from '../../parts/usePageTitle';
import { atHandOf } from '../../pantry/atHand';
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { usePantry } from '../../pantry/usePantry';
import { day, fixed, grams } from '../../words/format';
import { GROUP_NAMES, ingredientName, KEEPING_WORDS, KIND_WORDS } from '../../words/things';
import { Composition, sourcesOf } from './Composition';
import { Facts } from './Facts';
import { InDough, Jobs, Measure } from './Sections';
import classes from './pantry.module.css';

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
          {doc.photo && !(doc.photo.compared && !doc.photo.cutOff) && (
            <p>Read from a photo and not yet compared with the packet: what it holds stays not known.</p>
          )}
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

/** Whether it is in the cupboard: by a tick, or since a packet of it was read. */
function AtHand({ like, kitchen }: { like: string; kitchen: Kitchen }) {
  const { change } = useChangeKitchen();
  const { pantry } = usePantry();
  const ticked = kitchen.atHand ?? [];
  const byPacket = atHandOf(pantry, []).includes(like);
  return (
    <Checkbox
      mt={8}
      label={byPacket ? 'In your cupboard: you have read a packet of it' : 'In your cupboard'}
      checked={byPacket || ticked.includes(like)}
      disabled={byPacket}
      onChange={(e) =>
        void change({
          atHand: e.currentTarget.checked ? [...ticked, like].sort() : ticked.filter((x) => x !== like),
        })
      }
    />
  );
}

/** A page for one thing: what it is made of, what it does, what is known of what it holds, and from where. */
export function IngredientPage() {
  const { id = '' } = useParams();
  const { rows, pantry, ready } = usePantry();
  const kitchen = useKitchen();
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
    sayDone(`${ingredientName(id)} is taken out`, () => restore([itemId]));
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
            {ingredient.like && <AtHand like={ingredient.like} kitchen={kitchen} />}
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
