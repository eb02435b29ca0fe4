import { ActionIcon, Button, NativeSelect, Switch } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import type { BakePlan } from '../../../contract/dto';
import { plainPhase, SCHOOLS, SCHOOL_IDS } from '../../../core/bake';
import { COVERS, HEATS, type BakePhase, type Cover, type Heat } from '../../../core/formula';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { inDegrees } from '../../words/heat';
import { COVER_WORDS, HEAT_WORDS, SCHOOL_WORDS } from '../../words/data/bake';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.programme;

const MOST = 6;
/** A new stretch begins by taking so much of the one before, min. */
const FIRST_MIN = 15;

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
  const set = (i: number, more: Partial<BakePhase>, field: string) =>
    put(
      phases.map((p, k) => (k === i ? { ...p, ...more } : p)),
      `${field}-${i}`,
    );
  return (
    <div className={classes.programme}>
      <ol className={classes.stretches}>
        {phases.map((p, i) => {
          const last = i === phases.length - 1;
          const of = (what: string): string => (phases.length === 1 ? what : W.ofStage({ what, i: i + 1 }));
          return (
            <li key={i}>
              {phases.length > 1 && (
                <b className={classes.number} aria-hidden="true">
                  {i + 1}
                </b>
              )}
              <HeatField
                label={W.oven}
                name={of(W.oven)}
                value={p.ovenC}
                onChange={(ovenC) => set(i, { ovenC }, 'oven')}
              />
              {!last && (
                <NumberField
                  label={W.forWord}
                  name={of(W.forWord)}
                  unit={W.min}
                  value={p.min}
                  onChange={(min) => min >= 0 && set(i, { min }, 'min')}
                />
              )}
              <NativeSelect
                label={W.cover}
                aria-label={of(W.cover)}
                value={p.cover}
                data={COVERS.map((c) => ({ value: c, label: COVER_WORDS[c].name }))}
                onChange={(e) => set(i, { cover: e.currentTarget.value as Cover }, 'cover')}
              />
              <NativeSelect
                label={W.heatFrom}
                aria-label={of(W.heat)}
                value={p.heat}
                data={HEATS.map((h) => ({ value: h, label: HEAT_WORDS[h] }))}
                onChange={(e) => set(i, { heat: e.currentTarget.value as Heat }, 'heat')}
              />
              <div className={classes.switches}>
                <Switch
                  label={W.fan}
                  aria-label={of(W.fan)}
                  checked={p.fan}
                  onChange={(e) => set(i, { fan: e.currentTarget.checked }, 'fan')}
                />
                <Switch
                  label={W.steam}
                  aria-label={of(W.steam)}
                  checked={p.steam}
                  onChange={(e) => set(i, { steam: e.currentTarget.checked }, 'steam')}
                />
              </div>
              {phases.length > 1 && (
                <ActionIcon
                  variant="subtle"
                  color="gray"
                  size={36}
                  aria-label={W.takeOutStage({ i: i + 1 })}
                  onClick={() =>
                    put(
                      phases.filter((_p, k) => k !== i),
                      'less',
                    )
                  }
                >
                  <IconX size={18} stroke={1.7} aria-hidden="true" />
                </ActionIcon>
              )}
            </li>
          );
        })}
      </ol>
      <div className={classes.schools}>
        {phases.length < MOST && (
          <Button
            variant="default"
            size="compact-md"
            onClick={() =>
              put(
                [
                  ...phases.slice(0, -1),
                  { ...phases.at(-1)!, min: FIRST_MIN },
                  plainPhase(phases.at(-1)!.ovenC, phases.at(-1)!.fan),
                ],
                'more',
              )
            }
          >
            {W.addAStage}
          </Button>
        )}
        {schools && (
          <div className={classes.schools} role="group" aria-label={W.twoSchools}>
            {SCHOOL_IDS.map((id) => (
              <Button
                key={id}
                variant="default"
                size="compact-md"
                onClick={() => put(SCHOOLS[id], `school-${id}`)}
              >
                {SCHOOL_WORDS[id].name}
              </Button>
            ))}
            <span className="small quiet">
              {SCHOOL_WORDS.hot.name}: {inDegrees(SCHOOL_WORDS.hot.about)}. {SCHOOL_WORDS.gentle.name}:{' '}
              {inDegrees(SCHOOL_WORDS.gentle.about)}.
            </span>
          </div>
        )}
      </div>
    </div>
  );
}
