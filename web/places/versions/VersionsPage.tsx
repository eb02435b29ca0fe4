import { Button, Skeleton } from '@mantine/core';
import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { VersionMeta } from '../../../contract/dto';
import { problemIn, useFormulaQuery } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { usePageTitle } from '../../parts/usePageTitle';
import { sayProblem } from '../../words/problems';
import { besideIn, grownOrder, MOST_BESIDE } from './order';
import { NameVersion } from './NameVersion';
import { Compared } from './Compared';
import { VersionRow } from './VersionRow';
import classes from './versions.module.css';

/** The versions of a formula as they grew, and any two or three laid side by side. */
export function VersionsPage() {
  const { id = '' } = useParams();
  const { data: detail, error } = useFormulaQuery(id);
  const [params, setParams] = useSearchParams();
  const [naming, setNaming] = useState<VersionMeta | null>(null);
  const [starred, setStarred] = useState(false);
  usePageTitle(detail ? `${detail.title || 'Untitled formula'}, versions` : 'Versions');
  const versions = useMemo(() => detail?.versions ?? [], [detail]);
  const grown = useMemo(() => grownOrder(versions), [versions]);
  const asked = params.get('beside');
  const beside = useMemo(() => besideIn(asked, versions), [asked, versions]);
  const lay = (versionId: string, on: boolean) => {
    const next = on ? [...beside, versionId] : beside.filter((b) => b !== versionId);
    setParams({ beside: next.join(',') }, { replace: true });
  };
  if (error) {
    return (
      <main id="main" className={classes.page}>
        <Notice kind="trouble" title="These versions cannot be shown">
          {sayProblem(problemIn(error)?.code ?? null)} <Link to="/">To the formulas</Link>
        </Notice>
      </main>
    );
  }
  const shown = starred ? grown.filter((g) => g.version.star || beside.includes(g.version.id)) : grown;
  return (
    <main id="main" className={classes.page}>
      <div className={classes.head}>
        <div>
          <h1>{detail?.title || 'Versions'}</h1>
          <p className="quiet">
            What was kept, each after the one it grew from. A kept version never changes; its name, note and
            star may.
          </p>
        </div>
        <div>
          <Button component={Link} to={`/formula/${id}/trials`} variant="default">
            Its trials
          </Button>{' '}
          <Button component={Link} to={`/formula/${id}/swap`} variant="default">
            Back to the desk
          </Button>
        </div>
      </div>
      {!detail && <Skeleton height={420} role="status" aria-label="Fetching the versions" />}
      {detail && (
        <div className={classes.body}>
          <section aria-label="Versions">
            {versions.some((v) => v.star) && (
              <Button
                variant={starred ? 'filled' : 'default'}
                size="compact-md"
                mb={8}
                aria-pressed={starred}
                onClick={() => setStarred(!starred)}
              >
                Only starred ones
              </Button>
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
                  onLay={(on) => lay(version.id, on)}
                  onName={() => setNaming(version)}
                />
              ))}
            </ul>
          </section>
          <section aria-label="Side by side">
            {beside.length < 2 ? (
              <div className={`sheet ${classes.empty}`}>
                <h2>Side by side</h2>
                <p>
                  {versions.length < 2
                    ? 'Here two or three versions stand beside each other. There is only the one as written: keep a version at the desk first.'
                    : `Tick two or three versions: what moves between them is told here, in words and in grams.`}
                </p>
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
