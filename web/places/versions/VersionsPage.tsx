import { Button, Skeleton } from '@mantine/core';
import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { VersionMeta } from '../../../contract/dto';
import { useFormulaQuery } from '../../api/api';
import { problemIn } from '../../api/ask';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { besideIn, grownOrder, MOST_BESIDE, versionName } from '../../shared/versionOrder';
import { NameVersion } from './NameVersion';
import { Compared } from './Compared';
import { rowId, VersionRow } from './VersionRow';
import classes from './versions.module.css';
import { versionsWords } from '../../words/data/en/versions';

const W = versionsWords.versionsPage;

/** Of more than so many the latest may be out of sight: a press goes to it. */
const LONG = 5;

/** The versions as they grew; of many the latest is a press away. */
function Grown({
  versions,
  beside,
  onLay,
  onName,
}: {
  versions: VersionMeta[];
  /** The ids of those that are laid side by side. */
  beside: string[];
  onLay: (id: string, on: boolean) => void;
  onName: (version: VersionMeta) => void;
}) {
  const [starred, setStarred] = useState(false);
  const grown = useMemo(() => grownOrder(versions), [versions]);
  const latest = versions.at(-1);
  const shown = starred ? grown.filter((g) => g.version.star || beside.includes(g.version.id)) : grown;
  return (
    <section aria-label={W.versions2}>
      {versions.some((v) => v.star) && (
        <Button
          variant={starred ? 'filled' : 'default'}
          size="compact-md"
          mb={8}
          aria-pressed={starred}
          onClick={() => setStarred(!starred)}
        >
          {W.onlyStarredOnes}
        </Button>
      )}
      {latest && shown.length > LONG && (
        <p className={classes.latest}>
          <a href={`#${rowId(latest)}`}>{W.toTheLatest({ name: versionName(latest, versions) })}</a>
        </p>
      )}
      <ul className={`sheet ${classes.list}`}>
        {shown.map(({ version, depth }) => (
          <VersionRow
            key={version.id}
            version={version}
            versions={versions}
            depth={depth}
            laid={beside.includes(version.id)}
            full={beside.length >= MOST_BESIDE}
            onLay={(on) => onLay(version.id, on)}
            onName={() => onName(version)}
          />
        ))}
      </ul>
    </section>
  );
}

/** The versions of a formula as they grew, and any two or three laid side by side. */
export function VersionsPage() {
  const { id = '' } = useParams();
  const { data: detail, error } = useFormulaQuery(id);
  const [params, setParams] = useSearchParams();
  const [naming, setNaming] = useState<VersionMeta | null>(null);
  usePageTitle(detail ? W.versions({ detailTitle: detail.title || W.untitledFormula }) : W.versions2);
  const versions = useMemo(() => detail?.versions ?? [], [detail]);
  const asked = params.get('beside');
  const beside = useMemo(() => besideIn(asked, versions), [asked, versions]);
  const lay = (versionId: string, on: boolean) => {
    const next = on ? [...beside, versionId] : beside.filter((b) => b !== versionId);
    setParams({ beside: next.join(',') }, { replace: true });
  };
  if (error) {
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title={W.theseVersionsCannotBeShown}>
          {sayProblem(problemIn(error)?.code ?? null)} <Link to="/">{W.toTheFormulas}</Link>
        </Notice>
      </main>
    );
  }
  return (
    <main id="main" className={classes.page}>
      <div className={classes.head}>
        <div>
          <h1>{detail?.title || W.versions2}</h1>
          <p className="quiet">{W.whatWasKeptEachAfter}</p>
        </div>
        <div>
          <Button component={Link} to={`/formula/${id}/trials`} variant="default">
            {W.itsTrials}
          </Button>{' '}
          <Button component={Link} to={`/formula/${id}/swap`} variant="default">
            {W.backToTheDesk}
          </Button>
        </div>
      </div>
      {!detail && <Skeleton height={420} role="status" aria-label={W.fetchingTheVersions} />}
      {detail && (
        <div className={classes.body}>
          <Grown versions={versions} beside={beside} onLay={lay} onName={setNaming} />
          <section aria-label={W.sideBySide}>
            {beside.length < 2 ? (
              <div className={`sheet ${classes.empty}`}>
                <h2>{W.sideBySide}</h2>
                <p>{versions.length < 2 ? W.hereTwoOrThreeVersions : W.tickTwoOrThreeVersions}</p>
              </div>
            ) : (
              <Compared ids={beside} versions={versions} />
            )}
          </section>
        </div>
      )}
      {naming && <NameVersion version={naming} onClose={() => setNaming(null)} />}
    </main>
  );
}
