import { useState } from 'react';
import type { WayRow } from '../../../contract/dto';
import { useRemoveWayMutation, useRestoreWayMutation, useWaysQuery } from '../../api/ways';
import { toastUndo } from '../../parts/toastUndo';
import { blankWay, WayForm } from '../../shared/WayForm';
import { usePantry } from '../../pantry/usePantry';
import { listed } from '../../words/plural';
import { DOSE_WORDS, FAMILY_WORDS } from '../../words/data/ways';
import { GROUP_NAMES } from '../../words/data/terms';
import { ingredientName } from '../../words/things';
import { LineActions } from '../../shared/kitchen/LineActions';
import { ListPanel } from '../../shared/kitchen/ListPanel';
import classes from '../../shared/kitchen/kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.ownWays;

function WayLine({ way, onEdit }: { way: WayRow; onEdit: () => void }) {
  const [remove] = useRemoveWayMutation();
  const [restore] = useRestoreWayMutation();
  async function takeOff() {
    const done = await remove(way.id);
    if (!('error' in done)) toastUndo(W.isOffTheList({ way: way.name }), () => restore(way.id));
  }
  return (
    <li className={classes.eater}>
      <div>
        <h3>{way.name}</h3>
        <p>
          {W.forWord({
            list: listed(way.groups.map((g) => GROUP_NAMES[g])),
            note: (
              <span className="quiet">
                {way.families.length > 0 &&
                  W.inWord({ list: listed(way.families.map((f) => FAMILY_WORDS[f])) })}
                :{' '}
                {listed(
                  way.items.map((i) =>
                    W.toGFor({
                      lo: i.lo,
                      hi: i.hi,
                      ingredient: ingredientName(i.id, true),
                      dose: DOSE_WORDS[i.per],
                    }),
                  ),
                )}
              </span>
            ),
          })}
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
    <ListPanel
      id="ways"
      title={W.waysOfYourOwn}
      add={W.writeAWay}
      onAdd={() => setOpen('new')}
      error={error}
      nothing={ways?.length === 0 ? W.noneYetWhatYouStand : null}
      below={
        open !== null && (
          <WayForm start={doc} row={row} onClose={() => setOpen(null)} onDone={() => setOpen(null)} />
        )
      }
    >
      {ways?.map((w) => (
        <WayLine key={w.id} way={w} onEdit={() => setOpen(w)} />
      ))}
    </ListPanel>
  );
}

function split(open: WayRow | 'new' | null) {
  if (open === null || open === 'new') return { row: null, doc: blankWay('egg', null) };
  const { id: _id, rev: _rev, ...doc } = open;
  return { row: open, doc };
}
