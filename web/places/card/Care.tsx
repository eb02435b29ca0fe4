import type { Formula } from '../../../core/formula';
import { idOf, type Lookup } from '../../../core/ingredients';
import { newAllergens, verdictsOf } from '../../../core/rebalance';
import type { CautionId } from '../../../core/classes';
import { listed } from '../../words/format';
import { linesIn, tracesIn, unknownIn } from '../../words/verdicts';
import { AVOID_WORDS, CAUTION_WORDS, ingredientName, withoutWords } from '../../words/things';
import { WhoEats } from '../desk/WhoEats';
import { cameIn } from './came';
import classes from './card.module.css';
import { inDegrees } from '../../words/heat';

function Findings({ doc, source, lookup }: { doc: Formula; source: Formula | undefined; lookup: Lookup }) {
  const verdicts = verdictsOf(doc, doc.avoids, lookup);
  const traces = verdicts.filter((v) => v.may.length > 0);
  const unknown = verdicts.filter((v) => v.unknown.length > 0);
  const holds = verdicts.filter((v) => v.contains.length > 0);
  const added = doc.parts.flatMap((p) => p.lines).flatMap((l) => (cameIn(l.id) ? (idOf(l.item) ?? []) : []));
  const packets = doc.parts.some((p) => p.lines.some((l) => l.item.kind === 'packet'));
  const brings = source ? newAllergens(added, source, lookup) : [];
  return (
    <>
      {holds.length > 0 && (
        <p>
          <b>Contains what should be out:</b> {linesIn(holds)}.
        </p>
      )}
      {traces.length > 0 && (
        <p>
          <b>May contain, by the packet:</b> {tracesIn(traces)} ({linesIn(traces)}).
        </p>
      )}
      {unknown.length > 0 && (
        <p>
          <b>Not known, check the packet:</b> {linesIn(unknown)}, for {unknownIn(unknown)}.
        </p>
      )}
      {brings.length > 0 && (
        <p>
          <b>New in it:</b>{' '}
          {listed(brings.map((b) => `${AVOID_WORDS[b.avoid]} (${ingredientName(b.ingredientId, true)})`))}.
        </p>
      )}
      {holds.length === 0 && (
        <p>
          Nothing found in the other lines that contains gluten
          {doc.avoids.length > 1 ? `, ${withoutWords(doc.avoids)}` : ''}. That goes by what each thing is
          {packets ? ' and by the packets that were read' : ', not by your packets'}.
        </p>
      )}
    </>
  );
}

const GENERAL = [
  'Flour, scale, board and tin must be free of wheat and of what is left out here: traces count.',
  'Do not eat raw batter or dough. Let it cool fully before cutting: gluten-free crumb goes on setting.',
  'Help for a baker, not medical or legal advice. Check the label and your local food law.',
];

/** What the bake holds, what is not known, and what to watch. */
export function Care({
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
    <section className={classes.care} aria-label="What it holds and what to watch">
      <h2>Take care</h2>
      <WhoEats formula={doc} lookup={exact} brief />
      <Findings doc={doc} source={source} lookup={lookup} />
      {[...cautions.map((c) => CAUTION_WORDS[c]), ...GENERAL].map(inDegrees).map((c) => (
        <p key={c}>{c}</p>
      ))}
    </section>
  );
}
