import { Button, Checkbox, Skeleton } from '@mantine/core';
import { Link, useNavigate, useParams } from 'react-router';
import type { Kitchen, PantryRow } from '../../../contract/dto';
import type { Ingredient } from '../../../core/ingredients';
import { useRemovePantryMutation, useRestorePantryMutation } from '../../api/api';
import { useKitchen } from '../../shared/useKitchen';
import { Notice } from '../../parts/Notice';
import { toastUndo } from '../../parts/toastUndo';
import { usePageTitle } from '../../parts/usePageTitle';
import { atHandOf } from '../../pantry/atHand';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { usePantry } from '../../pantry/usePantry';
import { day, fixed, grams, tenths, PERCENT } from '../../words/format';
import { GROUP_NAMES, ingredientName, KEEPING_WORDS, KIND_WORDS } from '../../words/things';
import { Composition, sourcesOf } from './Composition';
import { Facts } from './Facts';
import { InDough, Jobs, Measure } from './Sections';
import classes from './pantry.module.css';
import { pantryWords } from '../../words/data/en/pantry';

const W = pantryWords.ingredientPage;

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
          <p>{W.like({ name: nameOf(doc.like), which: doc.everywhere ? W.andUsedForItEverywhere : '.' })}</p>
          {doc.price !== null && doc.packG !== null && doc.packG > 0 && (
            <p>
              {W.for100GFor({
                currency,
                number: fixed((100 * doc.price) / doc.packG, 2),
                currency2: currency,
                number2: fixed(doc.price, 2),
                amount: grams(doc.packG),
              })}
            </p>
          )}
          {doc.openedOn && <p>{W.openedOn({ day: day(doc.openedOn) })}</p>}
          <h2>{W.label}</h2>
          <p className={classes.label}>{doc.labelText || W.noLabelTextYet}</p>
          {doc.photo && !(doc.photo.compared && !doc.photo.cutOff) && <p>{W.readFromAPhotoAnd}</p>}
        </>
      )}
      {doc.kind === 'blend' && (
        <>
          <h2>{W.parts}</h2>
          <ul className={classes.plain}>
            {doc.parts.map((p) => (
              <li key={p.id}>
                <span className="num">{`${tenths(p.percent)}${PERCENT}`}</span> {nameOf(p.id)}
              </li>
            ))}
          </ul>
        </>
      )}
      {doc.kind === 'own' && doc.like && <p>{W.likeWhereNothingElseIs({ name: nameOf(doc.like) })}</p>}
      {doc.kind !== 'packet' && doc.note && <p>{doc.note}</p>}
      <p className="small quiet">{W.revisionKeptVersionsGoOn({ rev: row.rev, day: day(row.createdAt) })}</p>
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
      label={byPacket ? W.inYourCupboardYouHave : W.inYourCupboard}
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

/** What it is called, and what can be done with it. */
function Head({
  of: ingredient,
  row,
  newer,
}: {
  of: Ingredient;
  row: PantryRow | null;
  /** A later revision of the same thing. */
  newer: PantryRow | null;
}) {
  const { id } = ingredient;
  const [remove] = useRemovePantryMutation();
  const [restore] = useRestorePantryMutation();
  const navigate = useNavigate();
  async function takeOut(itemId: string) {
    const done = await remove([itemId]);
    if ('error' in done) return;
    toastUndo(W.isTakenOut({ ingredient: ingredientName(id) }), () => restore([itemId]));
    await navigate('/pantry');
  }
  return (
    <div className={classes.head}>
      <div>
        <h1>{ingredientName(id)}</h1>
        <p className="quiet">
          {GROUP_NAMES[ingredient.group]} · {KIND_WORDS[ingredient.kind]}
          {ingredient.names.length > 1 && W.also({ names: ingredient.names.slice(1, 9).join(', ') })}
        </p>
      </div>
      <div className={classes.add}>
        {row && !row.gone && !newer && (
          <>
            <Button component={Link} to={`/pantry/${id}/edit`}>
              {W.changeIt}
            </Button>
            <Button variant="default" onClick={() => void takeOut(row.itemId)}>
              {W.takeItOut}
            </Button>
          </>
        )}
        {!row && (
          <Button component={Link} to={`/pantry/new/packet?like=${id}`} variant="default">
            {W.readAPacketOfIt}
          </Button>
        )}
      </div>
    </div>
  );
}

/** A page for one thing: what it is made of, what it does, what is known of what it holds, and from where. */
export function IngredientPage() {
  const { id = '' } = useParams();
  const { rows, pantry, ready } = usePantry();
  const kitchen = useKitchen();
  const ingredient = pantry.byId(id);
  usePageTitle(ingredient ? ingredientName(id) : W.pantry);
  if (!ready) return <Skeleton m={24} height={520} role="status" aria-label={W.fetchingThePantry} />;
  if (!ingredient) {
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title={W.thereIsNothingOfThat}>
          {W.itMayHaveBeenTaken} <Link to="/pantry">{W.toThePantry}</Link>
        </Notice>
      </main>
    );
  }
  const row = rows.find((r) => r.id === id) ?? null;
  const newer = (row && rows.findLast((r) => r.itemId === row.itemId && r.rev > row.rev)) ?? null;
  return (
    <main id="main" className={classes.page}>
      <p className={classes.crumb}>
        <Link to="/pantry">{W.pantry}</Link>
      </p>
      <Head of={ingredient} row={row} newer={newer} />
      {newer && (
        <Notice kind="word" title={W.anOlderRevision}>
          {W.keptVersionsMayCiteIt}{' '}
          <Link to={`/pantry/${newer.id}`}>{W.theNewestIsRevision({ rev: newer.rev })}</Link>
        </Notice>
      )}
      {row?.gone && <Notice kind="word">{W.thisWasTakenOutOf}</Notice>}
      <div className={classes.columns}>
        <div className={`sheet ${classes.panel}`}>
          <Composition of={ingredient} />
          <p className="small quiet">{sourcesOf(ingredient).join('; ')}.</p>
        </div>
        <div className={`sheet ${classes.panel}`}>
          <section>
            <h2>{W.whatItHolds}</h2>
            <Facts of={ingredient} />
            <p className="small quiet">{W.byWhatItIsAnd}</p>
          </section>
          {row && <OwnPart row={row} currency={kitchen.currency} nameOf={(x) => ingredientName(x, true)} />}
          <section>
            <h2>{W.keeps}</h2>
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
