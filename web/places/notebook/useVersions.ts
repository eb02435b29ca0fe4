import { useEffect, useState } from 'react';
import type { Version } from '../../../contract/dto';
import { api } from '../../api/api';
import { useAppDispatch } from '../../store/store';

/** The versions of some ids, by id; null until all are here. `lost` where one is not. */
export function useVersions(ids: readonly string[]): {
  versions: ReadonlyMap<string, Version> | null;
  lost: boolean;
} {
  const key = [...new Set(ids)].sort().join(',');
  const dispatch = useAppDispatch();
  const [got, setGot] = useState<{ key: string; versions: Map<string, Version> | null } | null>(null);
  useEffect(() => {
    let over = false;
    Promise.all(
      key
        .split(',')
        .filter(Boolean)
        .map((id) => dispatch(api.endpoints.version.initiate(id, { subscribe: false })).unwrap()),
    ).then(
      (all) => !over && setGot({ key, versions: new Map(all.map((v) => [v.id, v])) }),
      () => !over && setGot({ key, versions: null }),
    );
    return () => {
      over = true;
    };
  }, [key, dispatch]);
  const here = got?.key === key ? got : null;
  return { versions: here?.versions ?? null, lost: here !== null && here.versions === null };
}
