import { useMemo } from 'react';
import { DEFAULT_KITCHEN, type Kitchen } from '../../contract/dto';
import { useAppSelector } from '../store/store';
import { useKitchenQuery } from '../api/api';
import { asWanted } from '../api/kitchenSlice';

/** The kitchen as it is wanted; the usual one until the server has answered. */
export function useKitchen(): Kitchen {
  const { data = DEFAULT_KITCHEN } = useKitchenQuery();
  const wanted = useAppSelector((s) => s.kitchenLine.wanted);
  return useMemo(() => asWanted(data, wanted), [data, wanted]);
}
