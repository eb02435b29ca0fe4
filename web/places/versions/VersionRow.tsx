import { ActionIcon, Button, Checkbox } from '@mantine/core';
import { IconPencil, IconStar, IconStarFilled } from '@tabler/icons-react';
import { Link } from 'react-router';
import type { VersionMeta } from '../../../contract/dto';
import { DATA_VERSION } from '../../../core/ingredients';
import { CORE_VERSION } from '../../../core/rebalance';
import { useMarkVersionMutation } from '../../api/api';
import { toastError } from '../../parts/toastError';
import { moment } from '../../words/format';
import { leavesOut } from '../../words/avoidWords';
import { versionName } from '../../shared/versionOrder';
import classes from './versions.module.css';
import { versionsWords } from '../../words/data/en/versions';

const W = versionsWords.versionRow;

/** Where the row of a version stands in the page. */
export const rowId = ({ id }: Pick<VersionMeta, 'id'>): string => `version-${id}`;

/** Further in than this nothing is moved: a phone has no room. */
const DEEPEST = 4;

/** What a version was worked out with. One of an earlier engine can be worked out with today's beside it; both are kept. */
function Stamp({ version }: { version: VersionMeta }) {
  const { coreVersion, dataVersion, formulaId, id } = version;
  const today = coreVersion === CORE_VERSION && dataVersion === DATA_VERSION;
  return (
    <p className={classes.meta}>
      {W.workedOutWithEngineFigures({
        coreVersion,
        dataVersion,
        note: !today && (
          <>
            .{' '}
            <Link to={`/formula/${formulaId}/swap?from=${id}`}>
              {W.seeWhatEngineWithFigures({ cOREVERSION: CORE_VERSION, dATAVERSION: DATA_VERSION })}
            </Link>
          </>
        ),
      })}
    </p>
  );
}

/** One version: what it is, and what can be done with it. */
export function VersionRow({
  version,
  versions,
  depth,
  laid,
  full,
  onLay,
  onName,
}: {
  version: VersionMeta;
  versions: readonly VersionMeta[];
  depth: number;
  /** It stands beside the others now. */
  laid: boolean;
  /** No more can be laid beside. */
  full: boolean;
  onLay: (on: boolean) => void;
  onName: () => void;
}) {
  const [mark] = useMarkVersionMutation();
  const name = versionName(version, versions);
  const parent = versions.find((v) => v.id === version.parentId);
  const siblings = versions.filter((v) => v.parentId === version.parentId).length;
  const out = leavesOut(version.avoids);
  async function star() {
    const done = await mark({ id: version.id, mark: { star: !version.star } });
    if ('error' in done) toastError(W.notStarred, done.error);
  }
  const Star = version.star ? IconStarFilled : IconStar;
  return (
    <li
      id={rowId(version)}
      className={classes.row}
      style={{ paddingLeft: 12 + 18 * Math.min(depth, DEEPEST) }}
    >
      <div className={classes.name}>
        <Checkbox
          label={name}
          checked={laid}
          disabled={!laid && full}
          onChange={(e) => onLay(e.currentTarget.checked)}
        />
        <ActionIcon
          variant="subtle"
          size={44}
          color={version.star ? 'crust' : 'gray'}
          aria-label={W.star({ name })}
          aria-pressed={version.star}
          onClick={() => void star()}
        >
          <Star size={18} stroke={1.6} aria-hidden="true" />
        </ActionIcon>
      </div>
      <p className={classes.meta}>
        {moment(version.createdAt)}
        {out && version.targetId !== null && W.adaptedToLeaveOut({ out })}
        {parent && siblings > 1 && W.fromWord({ version: versionName(parent, versions) })}
      </p>
      {version.targetId !== null && <Stamp version={version} />}
      {version.note && <p className={classes.note}>{version.note}</p>}
      <div className={classes.tools}>
        <Link to={`/formula/${version.formulaId}/swap?from=${version.id}`}>{W.workOnFromHere}</Link>
        <Link to={`/formula/${version.formulaId}/card/${version.id}`}>{W.card}</Link>
        <Button
          variant="subtle"
          size="compact-md"
          leftSection={<IconPencil size={16} stroke={1.6} aria-hidden="true" />}
          onClick={onName}
          aria-label={W.nameOrNote({ name })}
        >
          {version.targetId === null ? W.note : W.nameNote}
        </Button>
      </div>
    </li>
  );
}
