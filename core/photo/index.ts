export { greyOf, pgmOf } from './grey';
export { labelFrom, straightened, type LabelPhoto } from './label';
export { bareJpeg, headOf } from './jpeg';
