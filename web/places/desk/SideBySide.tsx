import { Button } from '@mantine/core';
import type { ReactNode } from 'react';
import { isBeside, massOf, type Line, type Part } from '../../../core/formula';
import { idOf } from '../../../core/ingredients';
import type { FitKey, Solution } from '../../../core/rebalance';
import { useAppDispatch } from '../../app/store';
import { Dialog } from '../../parts/Dialog';
import { amountOf, grams, listed } from '../../words/format';
import { missWords } from '../../words/styleWords';
import { AVOID_WORDS, CAUTION_WORDS, ingredientName, JOB_NOUNS, PROP_WORDS } from '../../words/things';
import { useDeskContext } from './context';
import { desk } from './deskSlice';
import { titleOf } from './WholeSolution';
import classes from './swap.module.css';

const SURE = { good: 'fairly sure', fair: 'worth a small trial', low: 'unsure: bake one first' } as const;
const upper = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);

/** Grams of every ingredient in a part, in the order they stand. */
function gramsIn(part: Part | undefined): Map<string, number | null> {
  const out = new Map<string, number | null>();
  const nameOf = (l: Line) => idOf(l.item) ?? (l.item.kind === 'unknown' ? l.item.text : '');
  for (const l of part?.lines ?? []) {
    const id = nameOf(l);
    const now = isBeside(l.role) && !l.amount.massG ? null : massOf(l);
    const was = out.get(id);
    out.set(id, was === undefined || was === null ? now : was + (now ?? 0));
  }
  return out;
}

function LineRows({ source, parts }: { source: Part; parts: (Part | undefined)[] }) {
  const before = gramsIn(source);
  const after = parts.map(gramsIn);
  const ids = [...new Set([...before.keys(), ...after.flatMap((m) => [...m.keys()])])];
  const same = (a: number | null | undefined, b: number | null | undefined) =>
    a === b || Math.abs((a ?? -1) - (b ?? -1)) < 0.05;
  const show = (g: number | null | undefined) =>
    g === undefined ? <span aria-label="none">–</span> : g === null ? 'as needed' : grams(g);
  return ids
    .filter((id) => after.some((m) => !same(m.get(id), before.get(id))))
    .map((id) => (
      <tr key={id}>
        <th scope="row">{ingredientName(id)}</th>
        <td className="num quiet">{show(before.get(id))}</td>
        {after.map((m, i) => (
          <td key={i} className="num" data-moved={same(m.get(id), before.get(id)) ? undefined : ''}>
            {show(m.get(id))}
          </td>
        ))}
      </tr>
    ));
}

function PropRows({ partId, solutions }: { partId: string; solutions: readonly Solution[] }) {
  const fits = solutions.map((s) => s.fit.filter((f) => f.partId === partId));
  const keys = [...new Set(fits.flatMap((f) => f.map((x) => x.key)))];
  return keys.map((key: FitKey) => {
    const all = fits.map((f) => f.find((x) => x.key === key));
    const first = all.find((f) => f !== undefined)!;
    if (first.source.value < 0.05 && all.every((f) => (f?.adapted.value ?? 0) < 0.05)) return null;
    return (
      <tr key={key}>
        <th scope="row">{PROP_WORDS[key]}</th>
        <td className="num quiet">{amountOf(first.source, first.unit)}</td>
        {all.map((f, i) => (
          <td key={i} className="num" data-state={f?.state}>
            {f ? amountOf(f.adapted, f.unit) : ''} {f && f.state !== 'inside' && <b>{f.state}</b>}
          </td>
        ))}
      </tr>
    );
  });
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
  const { doc, kitOf, whole, solution } = useDeskContext();
  const dispatch = useAppDispatch();
  const many = doc.source.parts.length > 1;
  const told = (name: string, of: (s: Solution) => ReactNode) => (
    <tr>
      <th scope="row">{name}</th>
      <td />
      {solutions.map((s) => (
        <td key={s.key}>{of(s)}</td>
      ))}
    </tr>
  );
  const words = (list: string[], none: string) => (list.length > 0 ? upper(listed(list)) : none);
  return (
    <Dialog title="Side by side" size="min(96vw, 1180px)" onClose={onClose}>
      <div className={classes.beside} tabIndex={0} role="region" aria-label="Whole solutions side by side">
        <table>
          <thead>
            <tr>
              <td />
              <th scope="col">as written</th>
              {solutions.map((s) => (
                <th scope="col" key={s.key}>
                  {titleOf(s, kitOf, whole)}
                </th>
              ))}
            </tr>
          </thead>
          {doc.source.parts.map((source) => (
            <tbody key={source.id}>
              <tr className={classes.head}>
                <th scope="rowgroup" colSpan={2 + solutions.length}>
                  {many ? `${source.name || 'Main part'}: lines that move` : 'Lines that move'}
                </th>
              </tr>
              <LineRows
                source={source}
                parts={solutions.map((s) => s.formula.parts.find((p) => p.id === source.id))}
              />
              <tr className={classes.head}>
                <th scope="rowgroup" colSpan={2 + solutions.length}>
                  {many ? `${source.name || 'Main part'}: balance` : 'Balance'}
                </th>
              </tr>
              <PropRows partId={source.id} solutions={solutions} />
            </tbody>
          ))}
          <tbody>
            <tr className={classes.head}>
              <th scope="rowgroup" colSpan={2 + solutions.length}>
                What it asks of you
              </th>
            </tr>
            {told('new things', (s) =>
              words(
                newThings(s).map((id) => ingredientName(id, true)),
                'none',
              ),
            )}
            {told('brings in', (s) =>
              words(
                s.bringsIn.map((b) => AVOID_WORDS[b.avoid]),
                'nothing new to watch for',
              ),
            )}
            {told('not made good', (s) =>
              words(
                s.uncovered.map((j) => JOB_NOUNS[j]),
                'nothing',
              ),
            )}
            {solutions.some((s) => s.misses.length > 0) &&
              told('house style', (s) => s.misses.map(missWords).join(' ') || 'met')}
            {told('watch', (s) => s.cautions.map((c) => CAUTION_WORDS[c]).join(' ') || 'nothing more')}
            {told('how sure', (s) => SURE[s.confidence.level])}
          </tbody>
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
                      dispatch(desk.kitsSet(s.kits));
                      onClose();
                    }}
                  >
                    {s.key === solution?.key ? 'On the desk' : 'Take this one'}
                  </Button>
                </td>
              ))}
            </tr>
          </tfoot>
        </table>
      </div>
    </Dialog>
  );
}
