import { useElementSize } from '@mantine/hooks';
import { useMemo, useState } from 'react';
import type { BakeDay } from '../../../contract/days';
import type { KitchenOven } from '../../../contract/dto';
import type { Task } from '../../../core/plan';
import { taskKey, type Lain } from '../../../core/schedule';
import { taskTitle, timeOf } from '../../words/clockWords';
import { bareDegrees, heatUnit } from '../../words/heat';
import type { DayBakeRead } from './asked';
import { useDayContext } from './dayContext';
import classes from '../../parts/timeline/timeline.module.css';
import {
  barAt,
  isWide,
  LABEL_PX,
  LEAST_TRACK_PX,
  packed,
  PIN_MIN,
  WANT_MIN,
  type Zoom,
} from '../../parts/timeline/bars';
import { Dragged } from '../../parts/timeline/Dragged';
import { Frame } from '../../parts/timeline/Frame';
import { HandBar } from '../../parts/timeline/HandBar';
import { colourOf } from './Letter';
import { minAt, scaleOf, xOf, type Piece } from '../../parts/timeline/scale';
import { LANE_PX, Track } from '../../parts/timeline/Track';
import { Warmth } from './Warmth';
import { daysWords } from '../../words/data/en/days';

const W = daysWords.lanes;

/** The day as it is drawn: its plan on a scale, and how its bakes and tasks are found. */
type Drawn = {
  day: BakeDay;
  plan: NonNullable<BakeDay['plan']>;
  pieces: Piece[];
  now: number;
  bakeOf: (id: string) => DayBakeRead | undefined;
  taskOf: (l: Lain) => Task | undefined;
  pin: (key: string, at: number) => void;
  want: (id: string, readyBy: number) => void;
};

/** What somebody does with their hands. */
function PersonLane({ of: p, drawn }: { of: BakeDay['people'][number]; drawn: Drawn }) {
  const { day, plan, pieces, now, bakeOf, taskOf, pin } = drawn;
  return (
    <div className={classes.lane}>
      <b>{p.name}</b>
      <Track pieces={pieces} now={now}>
        {plan.lain.flatMap((l) =>
          l.hands
            .filter((h) => h.personId === p.id)
            .map((h, i) => {
              const bake = bakeOf(l.bakeId);
              const task = taskOf(l);
              if (!bake || !task) return null;
              const key = taskKey(l.bakeId, l.taskId);
              return (
                <HandBar
                  key={`${key}${i}`}
                  pieces={pieces}
                  from={h.from}
                  to={h.to}
                  id={`task|${key}|${i}`}
                  words={`${timeOf(h.from)} ${taskTitle(task)}, ${bake.title}`}
                  short={bake.letter}
                  title={taskTitle(task)}
                  colour={colourOf(bake.letter)}
                  pinned={key in day.pins}
                  over={typeof day.begun[key]?.to === 'number'}
                  onStep={(dir) => pin(key, l.from + dir * PIN_MIN)}
                />
              );
            }),
        )}
      </Track>
    </div>
  );
}

/** What is in an oven, and how warm it is. */
function OvenLane({ of: o, drawn: { plan, pieces, now, bakeOf } }: { of: KitchenOven; drawn: Drawn }) {
  const stretches = plan.ovens.filter((s) => s.ovenId === o.id);
  return (
    <div className={classes.lane}>
      <b>{o.name}</b>
      <Track pieces={pieces} now={now}>
        {stretches.map((s) => {
          const letters = s.bakeIds.map((id) => bakeOf(id)?.letter ?? '').join(' ');
          const heat = `${bareDegrees(s.heatC)} ${heatUnit()}`;
          return (
            <span
              key={`${s.from}${s.heats}`}
              className={classes.inOven}
              style={barAt(pieces, s.from, s.to)}
              data-heats={s.heats ? '' : undefined}
              title={W.to({
                time: timeOf(s.from),
                time2: timeOf(s.to),
                which: s.heats ? W.heatsTo({ heat }) : `${letters}, ${heat}`,
              })}
            >
              {s.heats ? '' : `${letters} ${heat}`}
            </span>
          );
        })}
        <Warmth pieces={pieces} stretches={stretches} />
      </Track>
    </div>
  );
}

/** What goes on by itself, in as few lanes as it fits. */
function StillLanes({ drawn: { plan, pieces, now, bakeOf, taskOf } }: { drawn: Drawn }) {
  const rows = packed(plan.lain.filter((l) => l.hands.length === 0 && l.ovenId === null));
  return rows.map((row, k) => (
    <div key={k} className={classes.lane}>
      <b className="quiet">{k === 0 ? W.byItself : ''}</b>
      <Track pieces={pieces} now={now}>
        {row.map((l) => {
          const bake = bakeOf(l.bakeId);
          const task = taskOf(l);
          return bake && task ? (
            <span
              key={taskKey(l.bakeId, l.taskId)}
              className={classes.bar}
              data-still=""
              style={{ ...barAt(pieces, l.from, l.to), ...colourOf(bake.letter) }}
              title={W.to2({
                time: timeOf(l.from),
                time2: timeOf(l.to),
                task: taskTitle(task),
                bakeTitle: bake.title,
              })}
            >
              {bake.letter}
              {isWide(pieces, l.from, l.to) && ` ${taskTitle(task)}`}
            </span>
          ) : null;
        })}
      </Track>
    </div>
  ));
}

/** When each bake is wanted. */
const WantedLane = ({ drawn: { day, pieces, now, bakeOf, want } }: { drawn: Drawn }) => (
  <div className={classes.lane}>
    <b>{W.wanted}</b>
    <Track pieces={pieces} now={now} height={LANE_PX * day.bakes.length}>
      {day.bakes.map((b, i) => {
        const letter = bakeOf(b.id)?.letter ?? '';
        return (
          <Dragged
            key={b.id}
            id={`ready|${b.id}`}
            aria-label={W.wantedAtArrowKeysChange({ bTitle: b.title, time: timeOf(b.readyBy) })}
            onStep={(dir) => want(b.id, b.readyBy + dir * WANT_MIN)}
            className={classes.ready!}
            style={{ left: xOf(pieces, b.readyBy), top: 4 + LANE_PX * i, ...colourOf(letter || 'A') }}
          >
            {letter} {b.title}, {timeOf(b.readyBy)}
          </Dragged>
        );
      })}
    </Track>
  </div>
);

/** The day as lanes over time: people, ovens with their heat, what is left to itself, and when each bake is wanted. */
export function Lanes() {
  const { day, bakes, ovens, now, change } = useDayContext();
  const { ref, width } = useElementSize();
  const [zoom, setZoom] = useState<Zoom>(1);
  const plan = day.plan!;
  const pieces = useMemo(() => {
    const busy = [
      ...plan.lain.flatMap((l) => l.hands.map((h) => [h.from, h.to] as const)),
      ...plan.ovens.map((o) => [o.from, o.to] as const),
      ...day.bakes.map((b) => [b.readyBy - 15, b.readyBy] as const),
    ];
    return scaleOf(busy, Math.max(LEAST_TRACK_PX, width - LABEL_PX - 24), zoom);
  }, [plan, day.bakes, width, zoom]);
  const bakeOf = (id: string) => bakes.find((b) => b.id === id);
  const want = (id: string, readyBy: number) =>
    void change((d) => ({ ...d, bakes: d.bakes.map((b) => (b.id === id ? { ...b, readyBy } : b)) }));
  const pin = (key: string, at: number) => void change((d) => ({ ...d, pins: { ...d.pins, [key]: at } }));
  const taskOf = (l: Lain) => bakeOf(l.bakeId)?.tasks.find((t) => t.id === l.taskId);
  const drawn: Drawn = { day, plan, pieces, now, bakeOf, taskOf, pin, want };
  const wantedAt = (id: string): number => day.bakes.find((b) => b.id === id)!.readyBy;
  const beginsAt = (key: string): number => plan.lain.find((l) => taskKey(l.bakeId, l.taskId) === key)!.from;
  const moved = (id: string, px: number) => {
    const [kind, key] = id.split('|') as [string, string];
    if (Math.abs(px) < 2) return;
    if (kind === 'ready') want(key, minAt(pieces, xOf(pieces, wantedAt(key)) + px));
    else pin(key, minAt(pieces, xOf(pieces, beginsAt(key)) + px, PIN_MIN));
  };
  return (
    <div ref={ref} className={classes.lanes}>
      <Frame pieces={pieces} now={now} onMoved={moved} zoom={zoom} onZoom={setZoom}>
        {day.people.map((p) => (
          <PersonLane key={p.id} of={p} drawn={drawn} />
        ))}
        {ovens.map((o) => (
          <OvenLane key={o.id} of={o} drawn={drawn} />
        ))}
        <StillLanes drawn={drawn} />
        <WantedLane drawn={drawn} />
      </Frame>
    </div>
  );
}
