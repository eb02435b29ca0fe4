import { Button, Group, NumberInput, Select, Skeleton, Switch } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { IconPrinter } from '@tabler/icons-react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { TABLE_COLUMNS } from '../../../core/formats';
import type { Version } from '../../../contract/dto';
import { piecesOf, suitabilityOf } from '../../../core/formula';
import { withOwnWords } from '../../../core/pantry';
import { problemIn, useFormulaQuery, useVersionQuery } from '../../api/api';
import { useCreateRunMutation } from '../../api/days';
import { usePantry } from '../../pantry/usePantry';
import { useWays } from '../../pantry/useWays';
import { Notice } from '../../parts/Notice';
import { toCsv } from '../../parts/csv';
import { fileName, saveFile } from '../../parts/saveFile';
import { usePageTitle } from '../../parts/usePageTitle';
import { cardJsonLd, cardMarkdown, cardRows } from '../../words/cardText';
import { sayProblem } from '../../words/problems';
import { suitabilityLine } from '../../words/suitability';
import { isAdapted } from './adapted';
import { BeginBench } from './BeginBench';
import { Card } from './Card';
import classes from './card.module.css';
import { cardWords } from '../../words/data/en/card';

const W = cardWords.cardPage;

const PAPERS = ['A4', 'A5', 'Letter'] as const;
type Paper = (typeof PAPERS)[number];
/** What the card is saved as, and what of it each can hold. */
const FILES = [
  {
    as: 'json',
    words: W.recipeFile,
    name: W.saveAsARecipeFile,
    title: W.schemaOrgJsonLdLines,
  },
  {
    as: 'md',
    words: W.text,
    name: W.saveAsText,
    title: W.linesStepsAndTheBake,
  },
  {
    as: 'csv',
    words: W.table,
    name: W.saveAsATable,
    title: W.theLinesWithGramsAnd,
  },
] as const;

/** One page to bake from: grams first, the method as it now goes, what to watch. */
export function CardPage() {
  const { id = '', versionId = '' } = useParams();
  const { data: detail, error: lost } = useFormulaQuery(id);
  const { data: version, error } = useVersionQuery(versionId);
  const { data: source } = useVersionQuery(version?.targetId ?? '', { skip: !version?.targetId });
  const title = detail?.title || W.untitledFormula;
  usePageTitle(W.card({ title }));
  const { pantry, ready } = usePantry();
  const { kitOf } = useWays();
  const navigate = useNavigate();
  const [begin, begun] = useCreateRunMutation();
  const [beside, setBeside] = useState(false);
  const [paper, setPaper] = useLocalStorage<Paper>({ key: 'new-crumb:paper', defaultValue: 'A4' });
  const [cut, setCut] = useState<number | null>(null);
  const [beginning, setBeginning] = useState(false);
  const made = version && piecesOf(version.doc);
  const pieces = made ?? cut;
  const trouble = lost ?? error;
  const suits = (v: Version) =>
    suitabilityOf(v.doc, v.doc.avoids, withOwnWords(pantry.exact, v.request.words ?? []));
  const save = async (as: 'json' | 'md' | 'csv') => {
    if (!version) return;
    const card = {
      title,
      name: version.targetId ? version.name : W.asWritten,
      doc: version.doc,
      suits: suitabilityLine(suits(version), isAdapted(version)),
    };
    if (as === 'json') saveFile(fileName(title, 'json'), cardJsonLd(card), 'application/ld+json');
    else if (as === 'md') saveFile(fileName(title, 'md'), cardMarkdown(card), 'text/markdown');
    else {
      saveFile(
        fileName(title, 'csv'),
        await toCsv(cardRows(version.doc, pantry.exact, suits(version)), TABLE_COLUMNS),
        'text/csv',
      );
    }
  };
  const bench = async (asked: { batches: number; scaleStepG: number }) => {
    const done = await begin({ formulaId: id, versionId, title, ...asked, begunAt: Date.now() });
    if ('data' in done && done.data) await navigate(`/bench/${done.data.id}`);
  };
  return (
    <main id="main" className={classes.page} data-paper={paper}>
      <style>{`@page { size: ${paper.toLowerCase()}; }`}</style>
      <div className={`${classes.bar} no-print`}>
        <Link to={`/formula/${id}/balance`}>{W.backToTheDesk}</Link>
        {version?.targetId && (
          <Switch
            label={W.asWrittenBesideIt}
            checked={beside}
            onChange={(e) => setBeside(e.currentTarget.checked)}
          />
        )}
        {version && (
          <>
            <span aria-hidden="true">{W.saveAs}</span>
            {FILES.map(({ as, words, name, title: what }) => (
              <Button
                key={as}
                variant="default"
                size="compact-md"
                aria-label={name}
                title={what}
                onClick={() => void save(as)}
              >
                {words}
              </Button>
            ))}
            {made === null && (
              <NumberInput
                aria-label={W.cutIntoSoManySlices}
                placeholder={W.slices}
                w={110}
                min={1}
                max={1000}
                allowDecimal={false}
                value={cut ?? ''}
                onChange={(v) => setCut(typeof v === 'number' ? v : null)}
              />
            )}
            <Select
              aria-label={W.paper}
              size="sm"
              w={88}
              allowDeselect={false}
              value={paper}
              data={[...PAPERS]}
              onChange={(v) => setPaper(PAPERS.find((x) => x === v) ?? 'A4')}
            />
          </>
        )}
        <Group ml="auto" gap="xs">
          <Button variant="default" component={Link} to={`/notebook/new?version=${versionId}`}>
            {W.bakedIt}
          </Button>
          <Button variant="default" disabled={!version} onClick={() => setBeginning(true)}>
            {W.atTheBench}
          </Button>
          <Button
            leftSection={<IconPrinter size={18} />}
            aria-label={W.printTheCard}
            onClick={() => window.print()}
            disabled={!version}
          >
            {W.print}
          </Button>
        </Group>
      </div>
      {beginning && (
        <BeginBench
          loading={begun.isLoading}
          trouble={begun.error ? sayProblem(problemIn(begun.error)?.code ?? null) : null}
          onBegin={(asked) => void bench(asked)}
          onClose={() => setBeginning(false)}
        />
      )}
      {trouble && (
        <Notice kind="trouble" title={W.thisCardCannotBeShown}>
          {sayProblem(problemIn(trouble)?.code ?? null)}
        </Notice>
      )}
      {!trouble && !version && <Skeleton height={600} role="status" aria-label={W.fetchingTheCard} />}
      {version && detail && ready && (
        <Card
          version={version}
          title={title}
          source={source}
          beside={beside && source !== undefined}
          pieces={pieces}
          kitOf={kitOf}
          lookup={pantry.exact}
        />
      )}
    </main>
  );
}
