import type { Catalogues } from '../language';

/** German, whole. */
export const catalogues: Catalogues = {};
