import { Button, Skeleton, Switch } from '@mantine/core';
import { IconPrinter } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { DEFAULT_KITCHEN, type Version } from '../../../contract/dto';
import type { Kit } from '../../../core/classes';
import {
  bakersPercent,
  doughLines,
  isBeside,
  profileOf,
  totalMassG,
  type Formula,
  type Line,
  type Part,
  type StatedBake,
} from '../../../core/formula';
import { idOf, type GroupId, type Lookup } from '../../../core/ingredients';
import type { Step } from '../../../core/method';
import { withOwnWords } from '../../../core/pantry';
import { cautionsOf, newAllergens, verdictsOf } from '../../../core/rebalance';
import { problemIn, useFormulaQuery, useKitchenQuery, useVersionQuery } from '../../api/api';
import { usePantry } from '../../pantry/usePantry';
import { useWays } from '../../pantry/useWays';
import { Notice } from '../../parts/Notice';
import { StepText } from '../../parts/StepText';
import { usePageTitle } from '../../parts/usePageTitle';
import { day, grams, listed, percent } from '../../words/format';
import { minutesText, ovenText, sayProblem } from '../../words/say';
import { linesIn, tracesIn, unknownIn } from '../../words/verdicts';
import {
  AVOID_WORDS,
  CAUTION_WORDS,
  GROUP_WORDS,
  ingredientName,
  lineName,
  withoutWords,
} from '../../words/things';
import { fileName, saveFile } from '../../parts/saveFile';
import { cardJsonLd, cardMarkdown } from '../../words/cardText';
import { STATE_WORDS } from '../../words/data/ways';
import { WhoEats } from '../desk/WhoEats';
import { liftLines } from '../lift/liftLines';
import classes from './card.module.css';

/** Whether a line came in with a kit: adapted lines are called conflict/kit/ingredient. */
const cameIn = (lineId: string): boolean => lineId.split('/').length === 3;

const ROLE_WORDS: Partial<Record<NonNullable<Line['role']>, string>> = {
  release: 'for the tin',
  wash: 'brushed on',
  dusting: 'strewn on',
  taste: 'by taste',
};

const wasOf = (l: Line | undefined): string =>
  l === undefined ? '' : l.amount.massG ? grams(l.amount.massG.value) : 'as needed';

/** The same line as the source has it: by its id, and for what came in nothing. */
const sourceLine = (source: Part | undefined, id: string): Line | undefined =>
  source?.lines.find((l) => l.id === id);

function Ingredients({ part, source, lookup }: { part: Part; source: Part | undefined; lookup: Lookup }) {
  const gone = source?.lines.filter((l) => !part.lines.some((x) => x.id === l.id)) ?? [];
  const profile = profileOf(part, lookup);
  const row = (l: Line) => {
    const pct = l.amount.massG && !isBeside(l.role) ? bakersPercent(l.amount.massG.value, profile) : null;
    return (
      <tr key={l.id} data-new={cameIn(l.id) ? '' : undefined}>
        <td className="num">{l.amount.massG ? grams(l.amount.massG.value) : 'as needed'}</td>
        <th scope="row">
          {lineName(l)}
          {l.preparation && <span className="quiet">, {l.preparation}</span>}
          {l.role && ROLE_WORDS[l.role] && <span className="quiet">, {ROLE_WORDS[l.role]}</span>}
          {cameIn(l.id) && <em> {GROUP_WORDS[l.id.split(':')[1] as GroupId] ?? ''}</em>}
          {l.state && <em>, {STATE_WORDS[l.state]}</em>}
        </th>
        <td className="num">{pct === null ? '' : percent(pct)}</td>
        {source && <td className="num">{wasOf(sourceLine(source, l.id))}</td>}
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
          {source && <th scope="col">as written</th>}
        </tr>
      </thead>
      <tbody>
        {part.lines.map(row)}
        {gone.map((l) => (
          <tr key={l.id}>
            <td className="num">
              <span aria-label="none">–</span>
            </td>
            <th scope="row">
              <s>{lineName(l)}</s>
            </th>
            <td />
            <td className="num">{wasOf(l)}</td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <td className="num">{grams(profile.props.mass.value)}</td>
          <th scope="row">in the bowl</th>
          <td />
          {source && <td className="num">{grams(totalMassG(doughLines(source)))}</td>}
        </tr>
      </tfoot>
    </table>
  );
}

function MethodStep({ step }: { step: Step }) {
  return (
    <li data-new={step.added || step.own !== undefined ? '' : undefined}>
      <StepText step={step} />
    </li>
  );
}

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

const sameTime = (a: StatedBake, b: StatedBake | undefined): boolean =>
  a.minutes === null || JSON.stringify(a.minutes) === JSON.stringify(b?.minutes);

const GENERAL = [
  'Flour, scale, board and tin must be free of wheat and of what is left out here: traces count.',
  'Do not eat raw batter or dough. Let it cool fully before cutting: gluten-free crumb goes on setting.',
  'Help for a baker, not medical or legal advice. Check the label and your local food law.',
];

function Card({
  version,
  title,
  source,
  beside,
  kitOf: kitById,
  lookup: exact,
}: {
  version: Version;
  title: string;
  source: Version | undefined;
  /** With the amounts as written beside those of the version. */
  beside: boolean;
  kitOf: (id: string) => Kit | null;
  lookup: Lookup;
}) {
  const { doc } = version;
  const lookup = useMemo(() => withOwnWords(exact, version.request.words ?? []), [exact, version]);
  const kits = useMemo(
    () => Object.values(version.request.pins?.kits ?? {}).flatMap((id) => kitById(id) ?? []),
    [version, kitById],
  );
  const { data: kitchen = DEFAULT_KITCHEN } = useKitchenQuery();
  const lifts = liftLines(doc, version.request, lookup, kitchen);
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
            <Ingredients
              key={p.id}
              part={p}
              source={beside ? source?.doc.parts.find((x) => x.id === p.id) : undefined}
              lookup={lookup}
            />
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
          {lifts.map((l) => (
            <p key={l} className={classes.bake}>
              <b>Lift</b> {l}
            </p>
          ))}
          {doc.bake && (
            <p className={classes.bake}>
              <b>Bake</b> {ovenText(doc.bake)}
              {version.targetId && (
                <span className="quiet">
                  {sameTime(doc.bake, source?.doc.bake)
                    ? ', as stated for the one as written: look early, and trust the signs'
                    : `, for ${source?.doc.bake?.minutes ? minutesText(...source.doc.bake.minutes) : 'no stated time'} as written, by the change: look early, and trust the signs`}
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
  const { kitOf } = useWays();
  const [beside, setBeside] = useState(false);
  const trouble = lost ?? error;
  const save = (as: 'json' | 'md') => {
    if (!version) return;
    const card = {
      title,
      name: version.targetId ? version.name : 'as written',
      doc: version.doc,
      without: withoutWords(version.doc.avoids),
    };
    if (as === 'json') saveFile(fileName(title, 'json'), cardJsonLd(card), 'application/ld+json');
    else saveFile(fileName(title, 'md'), cardMarkdown(card), 'text/markdown');
  };
  return (
    <main id="main" className={classes.page}>
      <div className={`${classes.bar} no-print`}>
        <Link to={`/formula/${id}/balance`}>Back to the desk</Link>
        {version?.targetId && (
          <Switch
            label="As written beside it"
            checked={beside}
            onChange={(e) => setBeside(e.currentTarget.checked)}
          />
        )}
        {version && (
          <>
            <Button variant="default" onClick={() => save('json')}>
              Save as a recipe file
            </Button>
            <Button variant="default" onClick={() => save('md')}>
              Save as text
            </Button>
          </>
        )}
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
        <Card
          version={version}
          title={title}
          source={source}
          beside={beside && source !== undefined}
          kitOf={kitOf}
          lookup={pantry.exact}
        />
      )}
    </main>
  );
}
