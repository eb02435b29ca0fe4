import type { CSSProperties } from 'react';
import classes from './days.module.css';

const COLOURS = [
  '--p-water',
  '--p-lift',
  '--p-protein',
  '--leaf',
  '--p-bite',
  '--beet',
  '--p-bind',
  '--p-starch',
];
/** The colour that a bake goes by on its day; its letter stands beside it, so that colour is never alone. */
export const colourOf = (letter: string): CSSProperties =>
  ({ '--of': `var(${COLOURS[(letter.charCodeAt(0) - 65) % COLOURS.length]!})` }) as CSSProperties;

/** The letter that a bake goes by on its day. */
export const Letter = ({ of }: { of: string }) => (
  <span className={classes.letter} style={colourOf(of)} aria-hidden="true">
    {of}
  </span>
);
