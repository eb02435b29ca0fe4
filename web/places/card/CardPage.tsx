import { Button, Skeleton } from '@mantine/core';
import { IconPrinter } from '@tabler/icons-react';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import type { Version } from '../../../contract/dto';
import { kitById } from '../../../core/classes';
import {
  bakersPercent,
  isBeside,
  profileOf,
  type Formula,
  type Line,
  type Part,
} from '../../../core/formula';
import { idOf, type GroupId, type ItemState, type Lookup } from '../../../core/ingredients';
import type { Step } from '../../../core/method';
import { withOwnWords } from '../../../core/pantry';
import { cautionsOf, newAllergens, verdictsOf } from '../../../core/rebalance';
import { problemIn, useFormulaQuery, useVersionQuery } from '../../api/api';
import { usePantry } from '../../pantry/usePantry';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { day, grams, listed, percent } from '../../words/format';
import { ovenText, say, sayProblem } from '../../words/say';
import { linesIn, tracesIn, unknownIn } from '../../words/verdicts';
import { AVOID_WORDS, CAUTION_WORDS, GROUP_WORDS, ingredientName, withoutWords } from '../../words/things';
import { WhoEats } from '../desk/WhoEats';
import classes from './card.module.css';

/** The kit a line came in with: adapted lines are called conflict/kit/ingredient. */
const kitOf = (lineId: string): string | null => {
  const [, kit] = lineId.split('/');
  return kit && kitById(kit) ? kit : null;
};

const STATE_WORDS: Record<ItemState, string> = { gel: 'as a gel', slurry: 'as a slurry', whisked: 'whisked' };

const ROLE_WORDS: Partial<Record<NonNullable<Line['role']>, string>> = {
  release: 'for the tin',
  wash: 'brushed on',
  dusting: 'strewn on',
  taste: 'by taste',
};

function Ingredients({ part, lookup }: { part: Part; lookup: Lookup }) {
  const profile = profileOf(part, lookup);
  const row = (l: Line) => {
    const pct = l.amount.massG && !isBeside(l.role) ? bakersPercent(l.amount.massG.value, profile) : null;
    return (
      <tr key={l.id} data-new={kitOf(l.id) ? '' : undefined}>
        <td className="num">{l.amount.massG ? grams(l.amount.massG.value) : 'as needed'}</td>
        <th scope="row">
          {'id' in l.item ? ingredientName(l.item.id) : l.item.kind === 'unknown' ? l.item.text : ''}
          {l.preparation && <span className="quiet">, {l.preparation}</span>}
          {l.role && ROLE_WORDS[l.role] && <span className="quiet">, {ROLE_WORDS[l.role]}</span>}
          {kitOf(l.id) && <em> {GROUP_WORDS[l.id.split(':')[1] as GroupId] ?? ''}</em>}
          {l.state && <em>, {STATE_WORDS[l.state]}</em>}
        </th>
        <td className="num">{pct === null ? '' : percent(pct)}</td>
      </tr>
    );
  };
  return (
    <table className={classes.table}>
      <caption>{part.name || 'Weigh'}</caption>
      <thead>
        <tr>
          <th scope="col">grams</th>
          <th scope="col">ingredient</th>
          {bakersPercent(1, profile) === null ? <td /> : <th scope="col">on flour</th>}
        </tr>
      </thead>
      <tbody>{part.lines.map(row)}</tbody>
      <tfoot>
        <tr>
          <td className="num">{grams(profile.props.mass.value)}</td>
          <th scope="row">in the bowl</th>
          <td />
        </tr>
      </tfoot>
    </table>
  );
}

function MethodStep({ step }: { step: Step }) {
  return (
    <li data-new={step.added ? '' : undefined}>
      {step.added ? <b>{say(step.added)}</b> : step.struck ? <s>{step.text}</s> : step.text}
      {step.struck && <span className={classes.note}>{say(step.struck)}</span>}
      {step.notes.map((n) => (
        <span key={n.code + JSON.stringify(n.args)} className={classes.note}>
          {say(n)}
        </span>
      ))}
    </li>
  );
}

function Findings({ doc, source, lookup }: { doc: Formula; source: Formula | undefined; lookup: Lookup }) {
  const verdicts = verdictsOf(doc, doc.avoids, lookup);
  const traces = verdicts.filter((v) => v.may.length > 0);
  const unknown = verdicts.filter((v) => v.unknown.length > 0);
  const holds = verdicts.filter((v) => v.contains.length > 0);
  const added = doc.parts.flatMap((p) => p.lines).flatMap((l) => (kitOf(l.id) ? (idOf(l.item) ?? []) : []));
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

function Card({
  version,
  title,
  source,
  lookup: exact,
}: {
  version: Version;
  title: string;
  source: Version | undefined;
  lookup: Lookup;
}) {
  const { doc } = version;
  const lookup = useMemo(() => withOwnWords(exact, version.request.words ?? []), [exact, version]);
  const kits = useMemo(
    () => Object.values(version.request.pins?.kits ?? {}).flatMap((id) => kitById(id) ?? []),
    [version],
  );
  const cautions = cautionsOf(kits, doc.parts, lookup);
  const without = withoutWords(doc.avoids);
  return (
    <article className={`sheet ${classes.card}`} data-long={doc.parts.length > 1 ? '' : undefined}>
      <header>
        <h1>{title}</h1>
        <p className={classes.sub}>
          {version.targetId ? version.name : 'as written'} · {day(version.createdAt)}
        </p>
        <p>
          Without <b>gluten{without && `, ${without}`}</b>
          {version.request.words && ` (${version.request.words.join(', ')})`}
        </p>
        {version.note && <p className={classes.noteLine}>{version.note}</p>}
      </header>
      <div className={classes.body}>
        <div>
          {doc.parts.map((p) => (
            <Ingredients key={p.id} part={p} lookup={lookup} />
          ))}
        </div>
        <div>
          {doc.method.length > 0 && (
            <>
              <h2>Method</h2>
              <ol className={classes.steps}>
                {doc.method.map((s) => (
                  <MethodStep key={s.id} step={s} />
                ))}
              </ol>
            </>
          )}
          {doc.bake && (
            <p className={classes.bake}>
              <b>Bake</b> {ovenText(doc.bake.ovenC, doc.bake.minutes, doc.bake.fan)}
              {version.targetId && (
                <span className="quiet">
                  , as stated for the one as written: look early, and trust the signs
                </span>
              )}
            </p>
          )}
        </div>
      </div>
      <section className={classes.care} aria-label="What it holds and what to watch">
        <h2>Take care</h2>
        <WhoEats formula={doc} lookup={exact} brief />
        <Findings doc={doc} source={source?.doc} lookup={lookup} />
        {[...cautions.map((c) => CAUTION_WORDS[c]), ...GENERAL].map((c) => (
          <p key={c}>{c}</p>
        ))}
      </section>
    </article>
  );
}

/** One page to bake from: grams first, the method as it now goes, what to watch. */
export function CardPage() {
  const { id = '', versionId = '' } = useParams();
  const { data: detail, error: lost } = useFormulaQuery(id);
  const { data: version, error } = useVersionQuery(versionId);
  const { data: source } = useVersionQuery(version?.targetId ?? '', { skip: !version?.targetId });
  const title = detail?.title || 'Untitled formula';
  usePageTitle(`${title}, card`);
  const { pantry, ready } = usePantry();
  const trouble = lost ?? error;
  return (
    <main id="main" className={classes.page}>
      <div className={`${classes.bar} no-print`}>
        <Link to={`/formula/${id}/balance`}>Back to the desk</Link>
        <Button leftSection={<IconPrinter size={18} />} onClick={() => window.print()} disabled={!version}>
          Print the card
        </Button>
      </div>
      {trouble && (
        <Notice kind="trouble" title="This card cannot be shown">
          {sayProblem(problemIn(trouble)?.code ?? null)}
        </Notice>
      )}
      {!trouble && !version && <Skeleton height={600} role="status" aria-label="Fetching the card" />}
      {version && detail && ready && (
        <Card version={version} title={title} source={source} lookup={pantry.exact} />
      )}
    </main>
  );
}
