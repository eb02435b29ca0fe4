import { avoidWord } from '../../words/avoidWords';
import { Radio } from '@mantine/core';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import { CLASSES } from '../../../core/classes';
import { isBeside } from '../../../core/formula';
import type { Conflict, Option } from '../../../core/rebalance';
import { useAppDispatch } from '../../store/store';
import { blankWay, WayForm } from '../../shared/WayForm';
import { grams, gramsOrUnknown } from '../../words/format';
import { listed } from '../../words/plural';
import { AVOID_WORDS, ingredientName, JOB_WORDS, kitName } from '../../words/things';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import classes from './desk.module.css';
import { deskWords } from '../../words/data/en/desk';

const W = deskWords.conflictRow;

const amountsOf = (o: Option): string => {
  const parts = o.amounts
    .filter((a) => a.massG === null || a.massG >= 0.05)
    .map((a) => (a.massG === null ? W.asNeeded : `${grams(a.massG)} ${shortName(a.ingredientId)}`));
  return parts.join(' + ') || W.nothingToWeigh;
};
const shortName = (id: string): string => ingredientName(id, true).replace(/^certified gluten-free /, '');

/** Ways shown before asking for more. */
const FEW = 4;

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
  const row = useId();
  const few = options.filter((o, i) => all || i < FEW || o.kitId === chosen);
  const names = listed(conflict.ingredientIds.map((id, i) => ingredientName(id, i > 0)));
  const parts = doc.source.parts;
  const part = parts.length > 1 ? parts.find((p) => p.id === conflict.partId)?.name : undefined;
  const called =
    listed(conflict.ingredientIds.map((id) => ingredientName(id, true))) + (part ? `, ${part}` : '');
  const where =
    conflict.role === 'release'
      ? W.forTheTin
      : conflict.role === 'wash'
        ? W.brushedOn
        : gramsOrUnknown(conflict.massG);
  const pick = (kitId: string) => {
    onSee(kitId);
    // The other choices are taken as they stand, so that one change moves only itself.
    dispatch(workingCopy.kitsSet({ ...solution?.kits, [conflict.id]: kitId }));
  };
  return (
    <li className={classes.conflict}>
      <div>
        <h3>{names}</h3>
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
              link: (
                <Link to={`/pantry/new/packet?like=${conflict.ingredientIds[0]!}`}>{W.readItsPacket}</Link>
              ),
            })}
          </p>
        )}
      </div>
      <ul className={classes.jobs} aria-label={W.whatDidHere({ called })}>
        {conflict.jobs.slice(0, 6).map((j) => (
          <li key={j.job}>
            <span>{JOB_WORDS[j.job]}</span>
            <span
              className={classes.jobBar}
              role="img"
              aria-label={W.of100({ value: Math.round(100 * j.strength) })}
            >
              <span style={{ width: `${Math.min(100, Math.round(100 * j.strength))}%` }} />
            </span>
          </li>
        ))}
      </ul>
      <Radio.Group
        label={W.inPlaceOf({ called })}
        labelProps={{ className: 'visually-hidden' }}
        value={chosen ?? null}
        onChange={pick}
      >
        <div className={classes.options}>
          {few.map((o) => (
            <div
              key={o.kitId}
              className={classes.option}
              data-on={o.kitId === chosen ? '' : undefined}
              data-seen={o.kitId === seen ? '' : undefined}
            >
              <Radio
                value={o.kitId}
                disabled={!o.feasible}
                label={kitName(o.kitId)}
                aria-describedby={`${row}-${o.kitId}`}
                onFocus={() => onSee(o.kitId)}
              />
              <span className={`${classes.dose} num`} id={`${row}-${o.kitId}`}>
                {amountsOf(o)}
              </span>
              {o.bringsIn.length > 0 && (
                <span className={classes.brings}>
                  {W.bringsIn({ list: listed(o.bringsIn.map((a) => AVOID_WORDS[a])) })}
                </span>
              )}
            </div>
          ))}
        </div>
      </Radio.Group>
      <div className={classes.more}>
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
