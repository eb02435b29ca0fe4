import { DEFAULT_KITCHEN, type Kitchen } from '../../contract/dto';
import { useKitchenQuery } from './api';

/** The kitchen as it is; the usual one until the server has answered. */
export const useKitchen = (): Kitchen => useKitchenQuery().data ?? DEFAULT_KITCHEN;
