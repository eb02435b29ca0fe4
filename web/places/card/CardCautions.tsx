import { openLines, type Formula } from '../../../core/formula';
import { idOf, type Lookup } from '../../../core/ingredients';
import { cameOf, newAllergens } from '../../../core/rebalance';
import type { CautionId } from '../../../core/classes';
import { listed } from '../../words/plural';
import { AVOID_WORDS, CAUTION_WORDS, ingredientName, lineName } from '../../words/things';
import { WhoEats } from '../../shared/WhoEats';
import classes from './card.module.css';
import { toKitchenScale } from '../../words/heat';
import { cardWords } from '../../words/data/en/card';

const W = cardWords.care;

/** Allergens that came in with the swap. */
function NewInIt({ doc, source, lookup }: { doc: Formula; source: Formula | undefined; lookup: Lookup }) {
  const added = doc.parts.flatMap((p) => p.lines).flatMap((l) => (cameOf(l) ? (idOf(l.item) ?? []) : []));
  const brings = source ? newAllergens(added, source, lookup) : [];
  if (brings.length === 0) return null;
  return (
    <p>
      <b>{W.newInIt}</b>{' '}
      {listed(brings.map((b) => `${AVOID_WORDS[b.avoid]} (${ingredientName(b.ingredientId, true)})`))}.
    </p>
  );
}

/** Lines that are not known, and what is not said for their sake. */
function NotKnown({ doc, lookup }: { doc: Formula; lookup: Lookup }) {
  const open = doc.parts.flatMap((p) => openLines(p, lookup));
  if (open.length === 0) return null;
  return (
    <p>
      {W.balanceFeelLiftAndThe({ strong: <b>{W.notKnown}</b>, list: listed(open.map((l) => lineName(l))) })}
    </p>
  );
}

const GENERAL = [W.wheatAndWhatIsLeft, W.doNotEatRawBatter, W.helpForABakerNot];

/** What the bake holds, what is not known, and what to watch. */
export function CardCautions({
  doc,
  source,
  cautions,
  lookup,
  exact,
}: {
  doc: Formula;
  source: Formula | undefined;
  cautions: readonly CautionId[];
  /** With the baker's own words to avoid. */
  lookup: Lookup;
  exact: Lookup;
}) {
  return (
    <section className={classes.care} aria-label={W.whatItHoldsAndWhat}>
      <h2>{W.takeCare}</h2>
      <WhoEats formula={doc} lookup={exact} brief />
      <NotKnown doc={doc} lookup={exact} />
      <NewInIt doc={doc} source={source} lookup={lookup} />
      {[...cautions.map((c) => CAUTION_WORDS[c]), ...GENERAL].map(toKitchenScale).map((c) => (
        <p key={c}>{c}</p>
      ))}
    </section>
  );
}
