import { Chip } from '@mantine/core';
import type { StyleChoice } from '../../contract/dto';
import { STYLE_WORDS } from '../words/styleWords';
import classes from './parts.module.css';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.styleFields;

type Wish = keyof typeof STYLE_WORDS;
const WISHES = Object.keys(STYLE_WORDS) as Wish[];

const isOn = (s: StyleChoice, w: Wish): boolean =>
  w === 'whole' || w === 'light' ? s.grain === w : s[w] === true;

/** The wishes with one turned over; wholegrain and light shut each other out. What is off is left out. */
export function turned(s: StyleChoice, w: Wish): StyleChoice {
  const on = !isOn(s, w);
  const { grain, ...rest } = s;
  if (w === 'whole' || w === 'light') return { ...rest, ...(on ? { grain: w } : {}) };
  const { [w]: _was, ...others } = rest;
  return { ...(grain ? { grain } : {}), ...others, ...(on ? { [w]: true } : {}) };
}

/** The wishes of the house as chips. */
export function StyleFields({
  value,
  onChange,
}: {
  value: StyleChoice;
  onChange: (style: StyleChoice) => void;
}) {
  return (
    <div className={classes.chips} role="group" aria-label={W.houseStyle}>
      {WISHES.map((w) => (
        <Chip
          key={w}
          size="sm"
          variant="outline"
          checked={isOn(value, w)}
          onChange={() => onChange(turned(value, w))}
          wrapperProps={{ title: STYLE_WORDS[w].does }}
        >
          {STYLE_WORDS[w].name}
        </Chip>
      ))}
    </div>
  );
}
