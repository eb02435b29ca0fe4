import { Checkbox, Chip, Skeleton } from '@mantine/core';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { EXCLUSION_IDS } from '../../../core/exclusions';
import type { Solution } from '../../../core/rebalance';
import { useAppDispatch } from '../../app/store';
import { Notice } from '../../parts/Notice';
import { say } from '../../words/say';
import { EXCLUSION_WORDS } from '../../words/things';
import { useDeskContext } from './context';
import { desk } from './deskSlice';
import { ConflictRow } from './ConflictRow';
import { WholeSolution } from './WholeSolution';
import { WhyAside } from './WhyAside';
import classes from './desk.module.css';

/** What has to go: gluten always, the rest by a press. */
function LeaveOut() {
  const { doc } = useDeskContext();
  const dispatch = useAppDispatch();
  const { exclude, oil } = doc.request;
  return (
    <section className={`sheet ${classes.leave}`} aria-label="What has to go">
      <span className={classes.always}>Gluten is out. Leave out</span>
      <Chip.Group
        multiple
        value={exclude}
        onChange={(v) => dispatch(desk.excludeSet(EXCLUSION_IDS.filter((e) => v.includes(e))))}
      >
        {EXCLUSION_IDS.map((e) => (
          <Chip
            key={e}
            value={e}
            size="md"
            color="beet"
            variant="light"
            aria-label={EXCLUSION_WORDS[e].button}
          >
            {EXCLUSION_WORDS[e].name}
          </Chip>
        ))}
      </Chip.Group>
      {exclude.includes('oil') && (
        <Checkbox
          label="Whole-food fat goes too (seed butters, nuts, butter)"
          checked={oil === 'all_fat'}
          onChange={(e) => dispatch(desk.oilRead(e.currentTarget.checked ? 'all_fat' : 'extracted'))}
        />
      )}
    </section>
  );
}

/** Swap: what leaves and what it did, the ways to cover it, whole solutions on top. */
export function SwapStop() {
  const { search } = useLocation();
  const { doc, outcome, whole, solution, working } = useDeskContext();
  const [seen, setSeen] = useState<{ conflictId: string; kitId: string } | null>(null);
  const conflicts = outcome?.conflicts ?? [];
  const options = outcome?.options ?? [];
  const before = new Set(
    doc.source.parts.flatMap((p) => p.lines).map((l) => (l.item.kind === 'ref' ? l.item.id : '')),
  );
  const newThings = (s: Solution) =>
    new Set(
      s.moves
        .filter(
          (m) =>
            m.op === 'add' && m.ingredientId && m.ingredientId !== 'water' && !before.has(m.ingredientId),
        )
        .map((m) => m.ingredientId),
    ).size;
  const focus =
    seen ??
    (conflicts[0] && solution
      ? { conflictId: conflicts[0].id, kitId: solution.kits[conflicts[0].id] ?? '' }
      : null);
  const option = options.find((o) => o.conflictId === focus?.conflictId && o.kitId === focus.kitId) ?? null;

  return (
    <div className={classes.frame}>
      <div className={classes.content} aria-busy={working}>
        <LeaveOut />
        {!outcome && <Skeleton height={420} role="status" aria-label="Working out the swaps" />}
        {outcome?.cannot.map((c) => (
          <Notice key={c.need.code + c.clash.join()} kind="trouble" title="No answer">
            {say(c.need)}
          </Notice>
        ))}
        {outcome && conflicts.length === 0 && (
          <div className={`sheet ${classes.nothing}`}>
            <h2>Nothing has to go</h2>
            <p>
              {doc.request.exclude.length === 0
                ? 'Say above what this bake must do without.'
                : 'Nothing found in this formula that contains what must go. Lines not known stay not known: see Read.'}
            </p>
          </div>
        )}
        {conflicts.length > 0 && whole.length > 0 && outcome?.cannot.length === 0 && (
          <section aria-label="Whole solutions" className={classes.wholes}>
            {whole.slice(0, 3).map((s, i) => (
              <WholeSolution
                key={s.key}
                s={s}
                best={i === 0}
                chosen={s.key === solution?.key}
                toBuy={newThings(s)}
              />
            ))}
          </section>
        )}
        {solution?.widened.map((w) => (
          <Notice key={w.code + JSON.stringify(w.args)} kind="word">
            {say(w)}
          </Notice>
        ))}
        {conflicts.length > 0 && solution && (
          <ul className={`sheet ${classes.conflicts}`}>
            {conflicts.map((c) => (
              <ConflictRow
                key={c.id}
                conflict={c}
                options={options.filter((o) => o.conflictId === c.id)}
                chosen={solution.kits[c.id]}
                seen={focus?.conflictId === c.id ? focus.kitId : null}
                onSee={(kitId) => setSeen({ conflictId: c.id, kitId })}
              />
            ))}
          </ul>
        )}
        {solution && conflicts.length > 0 && (
          <p className={classes.onward}>
            <Link to={{ pathname: '../balance', search }} relative="path">
              See it balanced, gram by gram
            </Link>
          </p>
        )}
      </div>
      <aside className={classes.aside} tabIndex={0} aria-label="Why">
        {solution && conflicts.length > 0 ? (
          <WhyAside
            option={option}
            solution={solution}
            total={solution.verdicts.filter((v) => v.unknown.length > 0).length}
          />
        ) : (
          <p className="quiet">Choose what has to go; the reasons stand here.</p>
        )}
      </aside>
    </div>
  );
}
