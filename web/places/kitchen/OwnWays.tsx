import { Button } from '@mantine/core';
import { useState } from 'react';
import type { WayRow } from '../../../contract/dto';
import { problemIn, useRemoveWayMutation, useRestoreWayMutation, useWaysQuery } from '../../api/api';
import { Notice } from '../../parts/Notice';
import { sayDone } from '../../parts/sayDone';
import { blankWay, WayForm } from '../../parts/WayForm';
import { usePantry } from '../../pantry/usePantry';
import { listed } from '../../words/format';
import { sayProblem } from '../../words/problems';
import { DOSE_WORDS, FAMILY_WORDS } from '../../words/data/ways';
import { GROUP_NAMES } from '../../words/data/terms';
import { ingredientName } from '../../words/things';
import { LineActions } from './LineActions';
import classes from './kitchen.module.css';

function WayLine({ way, onEdit }: { way: WayRow; onEdit: () => void }) {
  const [remove] = useRemoveWayMutation();
  const [restore] = useRestoreWayMutation();
  async function takeOff() {
    const done = await remove(way.id);
    if (!('error' in done)) sayDone(`${way.name} is off the list`, () => restore(way.id));
  }
  return (
    <li className={classes.eater}>
      <div>
        <h3>{way.name}</h3>
        <p>
          for {listed(way.groups.map((g) => GROUP_NAMES[g]))}
          <span className="quiet">
            {way.families.length > 0 && ` in ${listed(way.families.map((f) => FAMILY_WORDS[f]))}`}:{' '}
            {listed(
              way.items.map(
                (i) => `${i.lo} to ${i.hi} g ${ingredientName(i.id, true)} for ${DOSE_WORDS[i.per]}`,
              ),
            )}
          </span>
        </p>
      </div>
      <LineActions name={way.name} onEdit={onEdit} onTakeOff={() => void takeOff()} />
    </li>
  );
}

/** Ways of the baker's own to stand in for what leaves. */
export function OwnWays() {
  const { data: ways, error } = useWaysQuery();
  // The names of things of one's own come with the pantry.
  usePantry();
  const [open, setOpen] = useState<WayRow | 'new' | null>(null);
  const { row, doc } = split(open);
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="ways">
      <div className={classes.row}>
        <h2 id="ways">Ways of your own</h2>
        <Button size="compact-md" onClick={() => setOpen('new')}>
          Write a way
        </Button>
      </div>
      {error !== undefined && (
        <Notice kind="trouble" title="The list cannot be fetched">
          {sayProblem(problemIn(error)?.code ?? null)}
        </Notice>
      )}
      {ways?.length === 0 && (
        <p className="quiet">
          None yet. What you stand in for eggs or butter, with your own doses, is tried beside ours at Swap.
        </p>
      )}
      <ul className={classes.list}>
        {ways?.map((w) => (
          <WayLine key={w.id} way={w} onEdit={() => setOpen(w)} />
        ))}
      </ul>
      {open !== null && (
        <WayForm start={doc} row={row} onClose={() => setOpen(null)} onDone={() => setOpen(null)} />
      )}
    </section>
  );
}

function split(open: WayRow | 'new' | null) {
  if (open === null || open === 'new') return { row: null, doc: blankWay('egg', null) };
  const { id: _id, rev: _rev, ...doc } = open;
  return { row: open, doc };
}
