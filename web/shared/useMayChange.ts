import { useMeQuery } from '../api/api';

/** Whether whoever is here may change formulas and take things away: not a helper, where people sign in. */
export function useMayChange(): boolean {
  const { data: me } = useMeQuery();
  return me?.state !== 'in' || me.person.role !== 'helper';
}
