import { ActionIcon, NumberInput, Slider } from '@mantine/core';
import { IconPin, IconPinnedOff } from '@tabler/icons-react';
import { useState } from 'react';
import { bakersPercent, isBeside, type Part, type Profile } from '../../../core/formula';
import { type Move } from '../../../core/rebalance';
import { useAppDispatch } from '../../store/store';
import { grams, percent } from '../../words/format';
import { messageText } from '../../words/say';
import { GROUP_WORDS, ingredientName } from '../../words/things';
import { workingCopy } from '../../working/workingSlice';
import classes from './balance.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.ledger;

/** A dragged amount goes from nothing to this many times what it is. */
const DRAG_TIMES = 2;
const reachOf = (massG: number): number => Math.max(1, DRAG_TIMES * massG);

function Held({ move, held, kits }: { move: Move; held: number | undefined; kits: Record<string, string> }) {
  const dispatch = useAppDispatch();
  const hold = (massG: number | null, going = false) =>
    void dispatch(
      workingCopy.lineHeld({ lineId: move.lineId, massG, going, ...(massG === null ? {} : { kits }) }),
    );
  // The reach of the drag stays while it goes on.
  const [reach, setReach] = useState(() => reachOf(held ?? move.toG ?? 0));
  const name = move.ingredientId ? ingredientName(move.ingredientId, true) : W.thisLine;
  if (held === undefined) {
    return (
      <ActionIcon
        variant="subtle"
        color="gray"
        size={36}
        aria-label={W.lockAt({ name, amount: grams(move.toG ?? 0) })}
        onClick={() => {
          setReach(reachOf(move.toG ?? 0));
          hold(Number((move.toG ?? 0).toFixed(1)));
        }}
      >
        <IconPin size={16} stroke={1.6} />
      </ActionIcon>
    );
  }
  return (
    <span className={classes.held}>
      <Slider
        size="lg"
        className={classes.drag}
        thumbLabel={W.drag({ name })}
        value={held}
        min={0}
        max={Math.max(reach, held)}
        step={held < 20 ? 0.1 : 1}
        label={null}
        onChange={(v) => hold(v, true)}
        onChangeEnd={(v) => {
          setReach(reachOf(v));
          dispatch(workingCopy.settled());
        }}
      />
      <NumberInput
        aria-label={W.gramsOfLocked({ name })}
        value={held}
        min={0}
        max={100_000}
        decimalScale={1}
        suffix=" g"
        hideControls
        onChange={(v) => typeof v === 'number' && v >= 0 && v !== held && hold(v)}
      />
      <ActionIcon variant="subtle" size={36} aria-label={W.unlock({ name })} onClick={() => hold(null)}>
        <IconPinnedOff size={16} stroke={1.6} />
      </ActionIcon>
    </span>
  );
}

const unknownName = (part: Part, lineId: string): string => {
  const item = part.lines.find((l) => l.id === lineId)?.item;
  return item?.kind === 'unknown' ? item.text : W.notKnown;
};

/** Why a line is so: what a line that came in stands for, else the engine's reason. */
const why = (m: Move): string => (m.group && GROUP_WORDS[m.group]) || messageText(m.reason);

type Props = {
  of: string;
  part: Part;
  moves: Move[];
  source: Profile;
  profile: Profile;
  held: Record<string, number>;
  /** The ways chosen, which stay while an amount is held. */
  kits: Record<string, string>;
};

/** A mass on flour, or nothing where there is no mass or no flour. */
const onFlour = (massG: number | null, profile: Profile): string => {
  const p = massG ? bakersPercent(massG, profile) : null;
  return p === null ? '' : percent(p);
};

/** Every line, as written and adapted, in grams and on flour, with the reason; an amount can be held. */
export function Ledger({ of, part, moves, source, profile, held, kits }: Props) {
  return (
    <section className={`sheet ${classes.ledger}`} aria-label={W.lines({ ofValue: of })} tabIndex={0}>
      <table>
        <thead>
          <tr>
            <th scope="col">{W.line}</th>
            <th scope="col">{W.asWritten}</th>
            <th scope="col">{W.bakers}</th>
            <th scope="col">{W.adapted}</th>
            <th scope="col">{W.bakers}</th>
            <th scope="col">{W.why}</th>
          </tr>
        </thead>
        <tbody>
          {moves.map((m) => {
            const name = m.ingredientId ? ingredientName(m.ingredientId) : unknownName(part, m.lineId);
            const role = part.lines.find((l) => l.id === m.lineId)?.role;
            const apart = isBeside(role);
            return (
              <tr key={m.lineId} data-op={m.op}>
                <th scope="row">{m.op === 'drop' ? <s>{name}</s> : name}</th>
                <td className="num">
                  {m.op === 'add' ? '' : m.fromG === null ? W.asNeeded : grams(m.fromG)}
                </td>
                <td className="num quiet">{m.op === 'add' || apart ? '' : onFlour(m.fromG, source)}</td>
                <td className="num">
                  {m.op === 'drop' ? (
                    <span aria-label={W.none}>–</span>
                  ) : (
                    <span className={classes.amount}>
                      {held[m.lineId] === undefined && (m.toG === null ? W.asNeeded : grams(m.toG))}
                      {m.toG !== null && !apart && <Held move={m} held={held[m.lineId]} kits={kits} />}
                    </span>
                  )}
                </td>
                <td className="num">{m.op === 'drop' || apart ? '' : onFlour(m.toG, profile)}</td>
                <td className={classes.why}>{held[m.lineId] === undefined ? why(m) : W.locked}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
