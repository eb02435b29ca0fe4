import { atHead } from '../../words/case';
import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import { between, linesBeside, weighedOf, type PropBeside, type Solution } from '../../../core/rebalance';
import { useAppDispatch } from '../../store/store';
import { BesideTable, LineRows, PropRows, RowsHead } from '../../parts/Beside';
import { Dialog } from '../../parts/Dialog';
import { listed } from '../../words/plural';
import { missWords } from '../../words/styleWords';
import { AVOID_WORDS, CAUTION_WORDS, ingredientName, JOB_NOUNS } from '../../words/things';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import { titleOf } from './WholeSolution';
import { toKitchenScale } from '../../words/heat';
import { SURE } from '../../words/data/ways';
import { messageText } from '../../words/say';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.sideBySide;

/** The properties of one part as written and in each solution. */
function propsOf(partId: string, solutions: readonly Solution[]): PropBeside[] {
  const fits = solutions.map((s) => s.fit.filter((f) => f.partId === partId));
  const keys = [...new Set(fits.flatMap((f) => f.map((x) => x.key)))];
  return keys.map((key) => {
    const all = fits.map((f) => f.find((x) => x.key === key) ?? null);
    const one = all.find((f) => f !== null)!;
    return {
      key,
      unit: one.unit,
      fits: [{ ...one, adapted: one.source, state: 'inside' as const }, ...all],
      moves: true,
    };
  });
}

/** What each asks of the baker, and what decides between it and the first that was laid here. */
function Asks({
  solutions,
  newThings,
}: {
  solutions: readonly Solution[];
  newThings: (s: Solution) => string[];
}) {
  const { kitOf, whole } = useDeskContext();
  const first = solutions[0]!;
  const told = (name: string, of: (s: Solution) => ReactNode) => (
    <tr>
      <th scope="row">{name}</th>
      <td />
      {solutions.map((s) => (
        <td key={s.key}>{of(s)}</td>
      ))}
    </tr>
  );
  const words = (list: string[], none: string) => (list.length > 0 ? atHead(listed(list)) : none);
  const besideFirst = (s: Solution): string => {
    if (s === first) return '–';
    const { against, forIt } = between(weighedOf(s), weighedOf(first));
    const other =
      forIt.length > 0 ? `${titleOf(first, kitOf, whole)}: ${forIt.map(messageText).join(' ')}` : '';
    return [...against.map(messageText), other].filter(Boolean).join(' ') || W.nothingThatDecides;
  };
  const added = (s: Solution) => newThings(s).map((id) => ingredientName(id, true));
  const brings = (s: Solution) => s.bringsIn.map((b) => AVOID_WORDS[b.avoid]);
  const lost = (s: Solution) => s.uncovered.map((j) => JOB_NOUNS[j]);
  const care = (s: Solution) => s.cautions.map((c) => toKitchenScale(CAUTION_WORDS[c])).join(' ');
  return (
    <tbody>
      <RowsHead columns={1 + solutions.length}>{W.whatItAsksOfYou}</RowsHead>
      {told(W.ingredientsToAdd, (s) => words(added(s), W.none))}
      {told(W.bringsIn, (s) => words(brings(s), W.nothingNewToWatchFor))}
      {told(W.notMadeGood, (s) => words(lost(s), W.nothing))}
      {solutions.some((s) => s.misses.length > 0) &&
        told(W.houseStyle, (s) => s.misses.map(missWords).join(' ') || W.met)}
      {told(W.watch, (s) => care(s) || W.nothingMore)}
      {told(W.howSure, (s) => SURE[s.confidence.level])}
      {told(W.whyNotFirst, (s) => s.because.map(messageText).join(' ') || '–')}
      {told(W.beside({ title: titleOf(first, kitOf, whole) }), besideFirst)}
    </tbody>
  );
}

/** Takes one of them to the desk. */
function Take({ solutions, onClose }: { solutions: readonly Solution[]; onClose: () => void }) {
  const { solution } = useDeskContext();
  const dispatch = useAppDispatch();
  return (
    <tfoot>
      <tr>
        <td />
        <td />
        {solutions.map((s) => (
          <td key={s.key}>
            <Button
              size="compact-md"
              variant={s.key === solution?.key ? 'default' : 'filled'}
              disabled={s.key === solution?.key}
              onClick={() => {
                dispatch(workingCopy.kitsSet(s.kits));
                onClose();
              }}
            >
              {s.key === solution?.key ? W.onTheDesk : W.takeThisOne}
            </Button>
          </td>
        ))}
      </tr>
    </tfoot>
  );
}

/** Whole solutions beside the source and each other: what moves in grams and in balance, what each asks of the baker. */
export function SideBySide({
  solutions,
  newThings,
  onClose,
}: {
  solutions: readonly Solution[];
  newThings: (s: Solution) => string[];
  onClose: () => void;
}) {
  const { doc, kitOf, whole } = useDeskContext();
  const many = doc.source.parts.length > 1;
  return (
    <Dialog title={W.sideBySide} size="min(96vw, 1180px)" onClose={onClose}>
      <BesideTable
        label={W.completeOptionsBesideEachOther}
        heads={[W.asWritten, ...solutions.map((s) => titleOf(s, kitOf, whole))]}
      >
        {doc.source.parts.map((source) => (
          <tbody key={source.id}>
            <RowsHead columns={1 + solutions.length}>
              {many ? W.linesThatMove({ source: source.name || W.mainPart }) : W.linesThatMove2}
            </RowsHead>
            <LineRows
              lines={linesBeside([
                source,
                ...solutions.map((s) => s.formula.parts.find((p) => p.id === source.id)),
              ])}
            />
            <RowsHead columns={1 + solutions.length}>
              {many ? W.balance({ source: source.name || W.mainPart }) : W.balance2}
            </RowsHead>
            <PropRows props={propsOf(source.id, solutions)} />
          </tbody>
        ))}
        <Asks solutions={solutions} newThings={newThings} />
        <Take solutions={solutions} onClose={onClose} />
      </BesideTable>
    </Dialog>
  );
}
