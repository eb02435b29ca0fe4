import { Skeleton } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Version, VersionMeta } from '../../../contract/dto';
import { besideOf, type Beside } from '../../../core/rebalance';
import { api } from '../../api/api';
import { problemIn } from '../../api/ask';
import { useAppDispatch } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { BesideTable, LineRows, PropRows, RowsHead } from '../../parts/Beside';
import { Notice } from '../../parts/Notice';
import { differenceWords } from '../../words/differences';
import { ovenText } from '../../words/say';
import { sayProblem } from '../../words/problems';
import { versionName } from '../../shared/versionOrder';
import classes from './versions.module.css';
import { versionsWords } from '../../words/data/en/versions';

const W = versionsWords.compared;

type Fetched = { versions: Version[] } | { failed: string | null };

/** The versions of these ids in full, in their order; null while they are fetched. */
function useVersions(ids: readonly string[]): Fetched | null {
  const dispatch = useAppDispatch();
  const [got, setGot] = useState<{ key: string; fetched: Fetched } | null>(null);
  const key = ids.join(',');
  useEffect(() => {
    let stale = false;
    const asked = key.split(',').map((id) => dispatch(api.endpoints.version.initiate(id)));
    Promise.all(asked.map((a) => a.unwrap()))
      .then((versions) => !stale && setGot({ key, fetched: { versions } }))
      .catch((e: unknown) => !stale && setGot({ key, fetched: { failed: problemIn(e)?.code ?? null } }));
    return () => {
      stale = true;
      asked.forEach((a) => a.unsubscribe());
    };
  }, [key, dispatch]);
  return got?.key === key ? got.fetched : null;
}

/** What moves in each part, and its balance. */
function PartsRows({ parts, columns }: { parts: Beside['parts']; columns: number }) {
  const many = parts.length > 1;
  return parts.map((p) => (
    <tbody key={p.id}>
      <RowsHead columns={columns}>
        {many ? W.linesThatMove({ name: p.name || W.mainPart }) : W.linesThatMove2}
      </RowsHead>
      {p.lines.some((l) => l.moves) ? (
        <LineRows lines={p.lines} />
      ) : (
        <tr>
          <td colSpan={columns + 1} className="quiet">
            {W.theirLinesAreTheSame}
          </td>
        </tr>
      )}
      {p.props.length > 0 && (
        <>
          <RowsHead columns={columns}>
            {many ? W.balance({ name: p.name || W.mainPart }) : W.balance2}
          </RowsHead>
          <PropRows props={p.props} />
        </>
      )}
    </tbody>
  ));
}

/** Two or three versions side by side: what moves in words, then in grams and in balance. */
export function Compared({ ids, versions }: { ids: readonly string[]; versions: readonly VersionMeta[] }) {
  const fetched = useVersions(ids);
  const { pantry, ready } = usePantry();
  const docs = useMemo(
    () => (fetched && 'versions' in fetched ? fetched.versions.map((v) => v.doc) : null),
    [fetched],
  );
  const beside = useMemo(() => docs && besideOf(docs, pantry.exact), [docs, pantry]);
  if (fetched && 'failed' in fetched)
    return (
      <Notice kind="trouble" title={W.theseVersionsCannotBeLaid}>
        {sayProblem(fetched.failed)}
      </Notice>
    );
  if (!docs || !beside || !ready)
    return <Skeleton height={420} role="status" aria-label={W.layingThemSideBySide} />;
  const metas = ids.flatMap((id) => versions.find((v) => v.id === id) ?? []);
  const names = metas.map((v) => versionName(v, versions));
  return (
    <div className={`sheet ${classes.compared}`}>
      {names.slice(1).map((name, i) => {
        const said = differenceWords(beside, docs, i + 1);
        return (
          <div key={ids[i + 1]} className={classes.said}>
            <h2>
              {name} <span className="quiet">{W.against({ names: names[0] })}</span>
            </h2>
            {said.map((s) => (
              <p key={s}>{s}</p>
            ))}
          </div>
        );
      })}
      <BesideTable
        label={W.versionsSideBySide}
        heads={metas.map((v, i) => (
          <Link key={v.id} to={`/formula/${v.formulaId}/card/${v.id}`}>
            {names[i]}
          </Link>
        ))}
      >
        <PartsRows parts={beside.parts} columns={metas.length} />
        <tbody>
          <RowsHead columns={metas.length}>{W.inTheOven}</RowsHead>
          <tr>
            <th scope="row">{W.heatAndTime}</th>
            {beside.bakes.map((b, i) => (
              <td key={ids[i]}>{(b && ovenText(b)) || W.notStated}</td>
            ))}
          </tr>
          <tr>
            <th scope="row">{W.tin}</th>
            {beside.tins.map((t, i) => (
              <td key={ids[i]}>{t || W.notStated}</td>
            ))}
          </tr>
        </tbody>
      </BesideTable>
      <p className="small quiet">{W.aBalanceIsMarkedWhere({ names: names[0] })}</p>
    </div>
  );
}
