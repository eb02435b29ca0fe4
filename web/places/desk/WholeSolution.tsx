import { atHead } from '../../words/case';
import { useId } from 'react';
import type { Kit } from '../../../core/classes';
import type { Solution } from '../../../core/rebalance';
import { useAppDispatch } from '../../store/store';
import { listed } from '../../words/plural';
import { AVOID_WORDS, JOB_NOUNS, kitName, FIT_WORDS, PROP_WORDS } from '../../words/things';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import { missWords } from '../../words/styleWords';
import { FitTicks } from './FitTicks';
import classes from './desk.module.css';
import own from './whole.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.wholeSolution;

/** The name of a whole solution: its choices, those first by which it differs from the others. */
export const titleOf = (
  s: Solution,
  kitOf: (id: string) => Kit | null,
  among: readonly Solution[] = [],
): string => {
  const alike = (conflict: string): number =>
    among.filter((o) => o.kits[conflict] === s.kits[conflict]).length;
  const kits = Object.keys(s.kits)
    .sort((a, b) => alike(a) - alike(b))
    .map((c) => s.kits[c]!);
  // What brings nothing names an answer only where nothing else does.
  const bring = kits.filter((k) => (kitOf(k)?.items.length ?? 0) > 0);
  const names = (bring.length > 0 ? bring : kits).map((k) => kitName(k, true).split(W.nameEnds)[0]!);
  const words = listed([...new Set(names)].slice(0, 3));
  return atHead(words);
};

/** A whole solution as a card to choose. */
export function WholeSolution({
  s,
  best,
  chosen,
  toBuy,
}: {
  s: Solution;
  best: boolean;
  chosen: boolean;
  toBuy: number;
}) {
  const dispatch = useAppDispatch();
  const { kitOf, whole } = useDeskContext();
  const id = useId();
  const title = titleOf(s, kitOf, whole);
  const news = `${best ? W.closestToTheOriginal : s.confidence.level === 'low' ? W.unsure : W.anotherOption} · ${
    toBuy === 0 ? W.nothingToAdd : W.toAdd({ count: W.ingredientCount({ n: toBuy }) })
  }`;
  const outside = s.fit
    .filter((f) => f.state === 'low' || f.state === 'high')
    .map((f) => `${PROP_WORDS[f.key]} ${FIT_WORDS[f.state]}`);
  const open = s.fit.some((f) => f.state === 'open');
  const remarks = [
    ...s.misses.map(missWords),
    s.bringsIn.length > 0 ? W.bringsIn({ list: listed(s.bringsIn.map((b) => AVOID_WORDS[b.avoid])) }) : '',
    s.uncovered.length > 0 ? W.notReplaced({ list: listed(s.uncovered.map((j) => JOB_NOUNS[j])) }) : '',
    outside.length > 0
      ? W.outsideTheTargetRange({ list: listed(outside.slice(0, 3)) })
      : open
        ? ''
        : W.allCloseToTheOriginal,
    open ? W.balanceCantSayYetA : '',
  ].filter(Boolean);
  return (
    <button
      type="button"
      className={own.whole}
      aria-label={`${title}, ${news}`}
      aria-describedby={id}
      aria-pressed={chosen}
      onClick={() => dispatch(workingCopy.kitsSet(s.kits))}
    >
      <span className={own.wholeTitle}>{title}</span>
      <span className={classes.sub}>{news}</span>
      <FitTicks fit={s.fit} />
      <span className={own.remark} id={id}>
        {remarks.join(' ')}
      </span>
    </button>
  );
}
