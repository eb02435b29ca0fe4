import { Link } from 'react-router';
import type { FormulaDetail } from '../../../contract/dto';
import { lineTo, versionName } from '../../shared/versionOrder';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.versionLine;

/** More names than these are too many for a line. */
const MOST_NAMES = 5;

/** The line from the source to the version this copy grew from, and how many there are beside. */
export function VersionLine({ detail, baseId }: { detail: FormulaDetail; baseId: string }) {
  const { versions } = detail;
  const line = lineTo(versions, baseId);
  const shown = line.length > MOST_NAMES ? [line[0]!, ...line.slice(1 - MOST_NAMES)] : line;
  return (
    <p className={classes.versions}>
      {shown.map((v, i) => (
        <span key={v.id}>
          {i > 0 && <span aria-hidden="true"> → {i === 1 && shown !== line && '… → '}</span>}
          <Link
            to={`?from=${v.id}`}
            className={v.id === baseId ? classes.here : ''}
            aria-current={v.id === baseId ? 'true' : undefined}
          >
            {versionName(v, versions)}
          </Link>
        </span>
      ))}
      {versions.length > 1 && (
        <span>
          {' · '}
          <Link to={`/formula/${detail.id}/versions`}>
            {versions.length === 2 ? W.compareThem : W.allVersions({ versionsCount: versions.length })}
          </Link>
        </span>
      )}
    </p>
  );
}
