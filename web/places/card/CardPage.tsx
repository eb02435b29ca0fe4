import { Button, Group, NumberInput, Select, Skeleton, Switch } from '@mantine/core';
import { useLocalStorage } from '@mantine/hooks';
import { IconPrinter } from '@tabler/icons-react';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { TABLE_COLUMNS } from '../../../core/formats';
import type { Version } from '../../../contract/dto';
import { piecesOf } from '../../../core/formula';
import { suitabilityOf } from '../../../core/suits';
import { withOwnWords } from '../../../core/pantry';
import { useFormulaQuery, useVersionQuery } from '../../api/api';
import { problemIn } from '../../api/ask';
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
import own from './cardPage.module.css';
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

type Saved = (typeof FILES)[number]['as'];

/** Saves a version as one of the files. */
function useSaving(version: Version | undefined, title: string): (as: Saved) => Promise<void> {
  const { pantry } = usePantry();
  return async (as) => {
    if (!version) return;
    const { doc, request } = version;
    const suits = suitabilityOf(doc, doc.avoids, withOwnWords(pantry.exact, request.words ?? []));
    const name = version.targetId ? version.name : W.asWritten;
    const card = { title, name, doc, suits: suitabilityLine(suits, isAdapted(version)) };
    if (as === 'json') saveFile(fileName(title, 'json'), cardJsonLd(card), 'application/ld+json');
    else if (as === 'md') saveFile(fileName(title, 'md'), cardMarkdown(card), 'text/markdown');
    else {
      const table = await toCsv(cardRows(doc, pantry.exact, suits), TABLE_COLUMNS);
      saveFile(fileName(title, 'csv'), table, 'text/csv');
    }
  };
}

/** What the card is saved as, into how many it is cut where that is not said, and on which paper it is printed. */
function Making({
  version,
  title,
  cut,
  setCut,
  paper,
  setPaper,
}: {
  version: Version;
  title: string;
  cut: number | null;
  setCut: (to: number | null) => void;
  paper: Paper;
  setPaper: (to: Paper) => void;
}) {
  const save = useSaving(version, title);
  return (
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
      {piecesOf(version.doc) === null && (
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
  );
}

/** What is done with a card: it was baked, it goes to the bench, it is printed. */
function Doing({ versionId, there, onBench }: { versionId: string; there: boolean; onBench: () => void }) {
  return (
    <Group ml="auto" gap="xs">
      <Button variant="default" component={Link} to={`/notebook/new?version=${versionId}`}>
        {W.bakedIt}
      </Button>
      <Button variant="default" disabled={!there} onClick={onBench}>
        {W.atTheBench}
      </Button>
      <Button
        leftSection={<IconPrinter size={18} />}
        aria-label={W.printTheCard}
        onClick={() => window.print()}
        disabled={!there}
      >
        {W.print}
      </Button>
    </Group>
  );
}

/** Asks how much goes to the bench, and goes there. */
function ToTheBench({
  formulaId,
  versionId,
  title,
  onClose,
}: {
  formulaId: string;
  versionId: string;
  title: string;
  onClose: () => void;
}) {
  const navigate = useNavigate();
  const [begin, begun] = useCreateRunMutation();
  const bench = async (asked: { batches: number; scaleStepG: number }) => {
    const done = await begin({ formulaId, versionId, title, ...asked, begunAt: Date.now() });
    if ('data' in done && done.data) await navigate(`/bench/${done.data.id}`);
  };
  return (
    <BeginBench
      loading={begun.isLoading}
      trouble={begun.error ? sayProblem(problemIn(begun.error)?.code ?? null) : null}
      onBegin={(asked) => void bench(asked)}
      onClose={onClose}
    />
  );
}

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
  const [beside, setBeside] = useState(false);
  const [paper, setPaper] = useLocalStorage<Paper>({ key: 'new-crumb:paper', defaultValue: 'A4' });
  const [cut, setCut] = useState<number | null>(null);
  const [beginning, setBeginning] = useState(false);
  const trouble = lost ?? error;
  return (
    <main id="main" className={classes.page} data-paper={paper}>
      <style>{`@page { size: ${paper.toLowerCase()}; }`}</style>
      <div className={`${own.bar} no-print`}>
        <Link to={`/formula/${id}/balance`}>{W.backToTheDesk}</Link>
        {version?.targetId && (
          <Switch
            label={W.asWrittenBesideIt}
            checked={beside}
            onChange={(e) => setBeside(e.currentTarget.checked)}
          />
        )}
        {version && (
          <Making
            version={version}
            title={title}
            cut={cut}
            setCut={setCut}
            paper={paper}
            setPaper={setPaper}
          />
        )}
        <Doing versionId={versionId} there={version !== undefined} onBench={() => setBeginning(true)} />
      </div>
      {beginning && (
        <ToTheBench formulaId={id} versionId={versionId} title={title} onClose={() => setBeginning(false)} />
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
          pieces={piecesOf(version.doc) ?? cut}
          kitOf={kitOf}
          lookup={pantry.exact}
        />
      )}
    </main>
  );
}
