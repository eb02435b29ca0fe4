import { Button, Checkbox } from '@mantine/core';
import { useState } from 'react';
import { idOf } from '../../../core/ingredients';
import type { Solution } from '../../../core/rebalance';
import { useDeskContext } from '../../shared/deskContext';
import { SideBySide } from './SideBySide';
import { titleOf, WholeSolution } from './WholeSolution';
import own from './whole.module.css';
import classes from './swap.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.wholes;

/** Whole solutions shown before asking for more, and laid side by side at most. */
const FEW = 3;

/** Whole solutions, best first; up to three can be laid side by side. */
export function CompleteOptions() {
  const { doc, whole, solution, kitOf } = useDeskContext();
  const [all, setAll] = useState(false);
  const [beside, setBeside] = useState<string[]>([]);
  const [open, setOpen] = useState(false);
  const before = new Set(doc.source.parts.flatMap((p) => p.lines).map((l) => idOf(l.item)));
  const newThings = (s: Solution): string[] => [
    ...new Set(
      s.moves.flatMap((m) =>
        m.op === 'add' && m.ingredientId && m.ingredientId !== 'water' && !before.has(m.ingredientId)
          ? [m.ingredientId]
          : [],
      ),
    ),
  ];
  const shown = all ? whole : whole.slice(0, FEW);
  // What is laid beside stays so only while it is among the answers.
  const laid = whole.filter((s) => beside.includes(s.key));
  return (
    <section aria-labelledby="wholes" className={classes.wholes}>
      <h2 id="wholes" className="visually-hidden">
        {W.completeOptions}
      </h2>
      <div className={own.wholes}>
        {shown.map((s, i) => (
          <div key={s.key} className={classes.whole}>
            <WholeSolution
              s={s}
              best={i === 0}
              chosen={s.key === solution?.key}
              toBuy={newThings(s).length}
            />
            {whole.length > 1 && (
              <Checkbox
                size="sm"
                label={W.compare}
                aria-label={W.layBeside({ title: titleOf(s, kitOf, whole) })}
                checked={beside.includes(s.key)}
                disabled={laid.length >= FEW && !beside.includes(s.key)}
                onChange={(e) =>
                  setBeside(
                    e.currentTarget.checked
                      ? [...laid.map((l) => l.key), s.key]
                      : beside.filter((k) => k !== s.key),
                  )
                }
              />
            )}
          </div>
        ))}
      </div>
      <div className={classes.more}>
        {whole.length > FEW && (
          <Button variant="subtle" size="compact-md" aria-expanded={all} onClick={() => setAll(!all)}>
            {all ? W.fewer : `${W.moreCompleteOptionCount({ n: whole.length - FEW })}`}
          </Button>
        )}
        {laid.length > 0 && (
          <Button variant="default" size="compact-md" onClick={() => setOpen(true)}>
            {laid.length === 1 ? W.sideBySideWithThe : W.sideBySide({ laidCount: laid.length })}
          </Button>
        )}
      </div>
      {open && <SideBySide solutions={laid} newThings={newThings} onClose={() => setOpen(false)} />}
    </section>
  );
}
