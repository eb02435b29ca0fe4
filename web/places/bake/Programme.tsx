import { ActionIcon, Button, NativeSelect, Switch } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import type { BakePlan } from '../../../contract/dto';
import { plainPhase, SCHOOLS, SCHOOL_IDS } from '../../../core/bake';
import { COVERS, HEATS, type BakePhase, type Cover, type Heat } from '../../../core/formula';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { toKitchenScale } from '../../words/heat';
import { COVER_WORDS, HEAT_WORDS, SCHOOL_WORDS } from '../../words/data/bake';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.programme;

const MOST = 6;
/** A new stretch begins by taking so much of the one before, min. */
const FIRST_MIN = 15;

/** One stretch: its heat, its cover, and how long it lasts unless it is the last. */
function Stretch({
  of: p,
  at,
  count,
  set,
  onRemove,
}: {
  of: BakePhase;
  at: number;
  count: number;
  set: (more: Partial<BakePhase>, field: string) => void;
  onRemove: () => void;
}) {
  const named = (what: string): string => (count === 1 ? what : W.ofStage({ what, i: at + 1 }));
  return (
    <li>
      {count > 1 && (
        <b className={classes.number} aria-hidden="true">
          {at + 1}
        </b>
      )}
      <HeatField
        label={W.oven}
        name={named(W.oven)}
        value={p.ovenC}
        onChange={(ovenC) => set({ ovenC }, 'oven')}
      />
      {at < count - 1 && (
        <NumberField
          label={W.forWord}
          name={named(W.forWord)}
          unit={W.min}
          value={p.min}
          onChange={(min) => min >= 0 && set({ min }, 'min')}
        />
      )}
      <NativeSelect
        label={W.cover}
        aria-label={named(W.cover)}
        value={p.cover}
        data={COVERS.map((c) => ({ value: c, label: COVER_WORDS[c].name }))}
        onChange={(e) => set({ cover: e.currentTarget.value as Cover }, 'cover')}
      />
      <NativeSelect
        label={W.heatFrom}
        aria-label={named(W.heat)}
        value={p.heat}
        data={HEATS.map((h) => ({ value: h, label: HEAT_WORDS[h] }))}
        onChange={(e) => set({ heat: e.currentTarget.value as Heat }, 'heat')}
      />
      <div className={classes.switches}>
        <Switch
          label={W.fan}
          aria-label={named(W.fan)}
          checked={p.fan}
          onChange={(e) => set({ fan: e.currentTarget.checked }, 'fan')}
        />
        <Switch
          label={W.steam}
          aria-label={named(W.steam)}
          checked={p.steam}
          onChange={(e) => set({ steam: e.currentTarget.checked }, 'steam')}
        />
      </div>
      {count > 1 && (
        <ActionIcon
          variant="subtle"
          color="gray"
          size={36}
          aria-label={W.takeOutStage({ i: at + 1 })}
          onClick={onRemove}
        >
          <IconX size={18} stroke={1.7} aria-hidden="true" />
        </ActionIcon>
      )}
    </li>
  );
}

/** Both schools, where both speak of this kind of bake. */
const Schools = ({ onChoose }: { onChoose: (phases: BakePhase[], id: string) => void }) => (
  <div className={classes.schools} role="group" aria-label={W.twoSchools}>
    {SCHOOL_IDS.map((id) => (
      <Button key={id} variant="default" size="compact-md" onClick={() => onChoose(SCHOOLS[id], id)}>
        {SCHOOL_WORDS[id].name}
      </Button>
    ))}
    <span className="small quiet">
      {SCHOOL_WORDS.hot.name}: {toKitchenScale(SCHOOL_WORDS.hot.about)}. {SCHOOL_WORDS.gentle.name}:{' '}
      {toKitchenScale(SCHOOL_WORDS.gentle.about)}.
    </span>
  </div>
);

/** The stretches of a bake: heat, cover and how long; the last goes on until it is done. */
export function Programme({
  phases,
  schools,
  plan,
  onPlan,
}: {
  phases: BakePhase[];
  /** Whether both schools speak of this kind of bake. */
  schools: boolean;
  plan: BakePlan;
  onPlan: (more: BakePlan, field: string) => void;
}) {
  const put = (next: BakePhase[], field: string) => onPlan({ ...plan, phases: next }, field);
  const more = () => {
    const last = phases.at(-1)!;
    put([...phases.slice(0, -1), { ...last, min: FIRST_MIN }, plainPhase(last.ovenC, last.fan)], 'more');
  };
  return (
    <div className={classes.programme}>
      <ol className={classes.stretches}>
        {phases.map((p, i) => (
          <Stretch
            key={i}
            of={p}
            at={i}
            count={phases.length}
            set={(to, field) => put(phases.with(i, { ...p, ...to }), `${field}-${i}`)}
            onRemove={() =>
              put(
                phases.filter((_p, k) => k !== i),
                'less',
              )
            }
          />
        ))}
      </ol>
      <div className={classes.schools}>
        {phases.length < MOST && (
          <Button variant="default" size="compact-md" onClick={more}>
            {W.addAStage}
          </Button>
        )}
        {schools && <Schools onChoose={(next, id) => put(next, `school-${id}`)} />}
      </div>
    </div>
  );
}
