import type { CSSProperties } from 'react';
import { barAt, isWide, TARGET_PX } from './bars';
import { Dragged } from './Dragged';
import type { Piece } from './scale';
import classes from './timeline.module.css';
import { partsWords } from '../../words/data/en/parts';

const W = partsWords.handBar;

type Props = {
  pieces: readonly Piece[];
  from: number;
  to: number;
  /** By what it is known when it is dragged. */
  id: string;
  /** When and what, in words; `short` stands on the bar, `title` too where there is room. */
  words: string;
  short?: string;
  title: string;
  colour?: CSSProperties;
  pinned: boolean;
  over?: boolean;
  onStep: (dir: -1 | 1) => void;
};

/** Work by hand on its lane. What is too narrow to be taken hold of is only shown. */
export function HandBar({
  pieces,
  from,
  to,
  id,
  words,
  short = '',
  title,
  colour = {},
  pinned,
  over = false,
  onStep,
}: Props) {
  const at = barAt(pieces, from, to);
  const shown = {
    className: classes.bar!,
    style: { ...at, ...colour },
    'data-pinned': pinned ? ('' as const) : undefined,
    'data-over': over ? ('' as const) : undefined,
  };
  const inside = (
    <span title={words}>
      {short} {isWide(pieces, from, to) && title}
    </span>
  );
  return at.width < TARGET_PX ? (
    <span {...shown}>{inside}</span>
  ) : (
    <Dragged id={id} aria-label={W.arrowKeysPutItAt({ words })} onStep={onStep} {...shown}>
      {inside}
    </Dragged>
  );
}
