import { avoidWord } from '../../words/avoidWords';
import { Radio } from '@mantine/core';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import { CLASSES } from '../../../core/classes';
import { isBeside } from '../../../core/formula';
import type { Conflict, Option } from '../../../core/rebalance';
import { useAppDispatch } from '../../store/store';
import { blankWay, WayForm } from '../../shared/WayForm';
import { gramsOrUnknown, roughGrams } from '../../words/format';
import { listed } from '../../words/plural';
import { AVOID_WORDS, ingredientName, JOB_WORDS, kitName } from '../../words/things';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import classes from './desk.module.css';
import own from './conflict.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.conflictRow;

const amountsOf = (o: Option): string => {
  const parts = o.amounts
    .filter((a) => a.massG === null || a.massG >= 0.05)
    .map((a) => (a.massG === null ? W.asNeeded : `${roughGrams(a.massG)} ${shortName(a.ingredientId)}`));
  return [...new Set(parts)].join(' + ') || W.nothingToWeigh;
};
const shortName = (id: string): string => ingredientName(id, true).replace(/^certified gluten-free /, '');

/** Ways shown before asking for more. */
const FEW = 4;

/** What leaves, how much of it, and why. */
function What({ conflict, part }: { conflict: Conflict; part: string | undefined }) {
  const where =
    conflict.role === 'release'
      ? W.forTheTin
      : conflict.role === 'wash'
        ? W.brushedOn
        : gramsOrUnknown(conflict.massG);
  return (
    <div>
      <h3>{listed(conflict.ingredientIds.map((id, i) => ingredientName(id, i > 0)))}</h3>
      <p className={classes.sub}>
        {W.no({
          part: part && `${part} · `,
          where,
          list: listed([...new Set(conflict.avoids.map(avoidWord))]),
        })}
      </p>
      {conflict.asks && (
        <p className={classes.sub}>
          {W.onlyItsPacketSaysWhether}{' '}
          {W.andItMayStay({
            link: <Link to={`/pantry/new/packet?like=${conflict.ingredientIds[0]!}`}>{W.readItsPacket}</Link>,
          })}
        </p>
      )}
    </div>
  );
}

/** The jobs it did, the strongest first. */
const Jobs = ({ of, called }: { of: Conflict['jobs']; called: string }) => (
  <ul className={own.jobs} aria-label={W.whatDidHere({ called })}>
    {of.slice(0, 6).map((j) => (
      <li key={j.job}>
        <span>{JOB_WORDS[j.job]}</span>
        <span className={own.jobBar} role="img" aria-label={W.of100({ value: Math.round(100 * j.strength) })}>
          <span style={{ width: `${Math.min(100, Math.round(100 * j.strength))}%` }} />
        </span>
      </li>
    ))}
  </ul>
);

/** One way to cover the jobs: how much of what, and what it brings in itself. */
function Way({ of: o, on, seen, onSee }: { of: Option; on: boolean; seen: boolean; onSee: () => void }) {
  const dose = useId();
  return (
    <div className={own.option} data-on={on ? '' : undefined} data-seen={seen ? '' : undefined}>
      <Radio
        value={o.kitId}
        disabled={!o.feasible}
        label={kitName(o.kitId)}
        aria-describedby={dose}
        onFocus={onSee}
      />
      <span className={`${own.dose} num`} id={dose}>
        {amountsOf(o)}
      </span>
      {o.bringsIn.length > 0 && (
        <span className={own.brings}>
          {W.bringsIn({ list: listed(o.bringsIn.map((a) => AVOID_WORDS[a])) })}
        </span>
      )}
    </div>
  );
}

/** One thing that leaves: its jobs, and the ways to cover them. */
export function ConflictRow({
  conflict,
  options,
  chosen,
  seen,
  onSee,
}: {
  conflict: Conflict;
  options: Option[];
  chosen: string | undefined;
  seen: string | null;
  onSee: (kitId: string) => void;
}) {
  const dispatch = useAppDispatch();
  const { doc, solution } = useDeskContext();
  const [all, setAll] = useState(false);
  const [writing, setWriting] = useState(false);
  const few = options.filter((o, i) => all || i < FEW || o.kitId === chosen);
  const { parts } = doc.source;
  const part = parts.length > 1 ? parts.find((p) => p.id === conflict.partId)?.name : undefined;
  const called =
    listed(conflict.ingredientIds.map((id) => ingredientName(id, true))) + (part ? `, ${part}` : '');
  const pick = (kitId: string) => {
    onSee(kitId);
    // The other choices are taken as they stand, so that one change moves only itself.
    dispatch(workingCopy.kitsSet({ ...solution?.kits, [conflict.id]: kitId }));
  };
  return (
    <li className={own.conflict}>
      <What conflict={conflict} part={part} />
      <Jobs of={conflict.jobs} called={called} />
      <Radio.Group
        label={W.inPlaceOf({ called })}
        labelProps={{ className: 'visually-hidden' }}
        value={chosen ?? null}
        onChange={pick}
      >
        <div className={own.options}>
          {few.map((o) => (
            <Way
              key={o.kitId}
              of={o}
              on={o.kitId === chosen}
              seen={o.kitId === seen}
              onSee={() => onSee(o.kitId)}
            />
          ))}
        </div>
      </Radio.Group>
      <div className={own.more}>
        {options.length > FEW && (
          <button type="button" aria-expanded={all} onClick={() => setAll(!all)}>
            {all ? W.fewerWays : W.forThis({ count: W.moreWayCount({ n: options.length - few.length }) })}
          </button>
        )}
        {!isBeside(conflict.role) && (
          <button type="button" aria-label={W.aWayOfYourOwn({ called })} onClick={() => setWriting(true)}>
            {W.aWayOfYourOwn2}
          </button>
        )}
      </div>
      {writing && (
        <WayForm
          start={blankWay(conflict.group, CLASSES[conflict.classId].family)}
          row={null}
          onClose={() => setWriting(false)}
          onDone={(way) => {
            setWriting(false);
            pick(way.id);
          }}
        />
      )}
    </li>
  );
}
