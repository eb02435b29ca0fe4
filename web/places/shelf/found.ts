import type { PastedFormula } from '../../../core/formats';

/** A formula found in a text, in the fields it is read from. */
export type Found = Omit<PastedFormula, 'yield'>;
