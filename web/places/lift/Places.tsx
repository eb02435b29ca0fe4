import { ActionIcon, Button } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { PLACES, USUAL_PLAN, type LiftPlan, type PlaceId } from '../../../core/leavening';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { liftWords } from '../../words/data/en/lift';
import { PLACE_WORDS } from '../../words/data/lift';
import type { Planned } from './fields';
import classes from './lift.module.css';

const W = liftWords.yeast;

/** Where a dough stands, one place after another, and for how long. */
export function Places({ plan, onPlan }: Planned) {
  const set = (i: number, more: Partial<LiftPlan['places'][number]>) =>
    onPlan({ places: plan.places.map((p, k) => (k === i ? { ...p, ...more } : p)) }, `place${i}`);
  return (
    <div className={classes.places}>
      {plan.places.map((p, i) => (
        <div key={i} className={classes.place}>
          <HeatField
            label={i === 0 ? W.itStandsAt : W.thenAt}
            value={p.tempC}
            onChange={(tempC) => set(i, { tempC })}
          />
          <NumberField label={W.forWord} unit="h" value={p.hours} onChange={(hours) => set(i, { hours })} />
          <ActionIcon
            variant="subtle"
            color="gray"
            size={40}
            aria-label={W.takePlaceOut({ i: i + 1 })}
            disabled={plan.places.length === 1}
            onClick={() => onPlan({ places: plan.places.filter((_p, k) => k !== i) }, `drop${i}`)}
          >
            <IconX size={18} />
          </ActionIcon>
        </div>
      ))}
      <div className={classes.quick} role="group" aria-label={W.anotherPlace}>
        {(Object.keys(PLACES) as PlaceId[]).map((id) => (
          <Button
            key={id}
            variant="default"
            size="compact-md"
            disabled={plan.places.length >= 8}
            onClick={() => onPlan({ places: [...plan.places, PLACES[id]] }, `add${plan.places.length}`)}
          >
            + {PLACE_WORDS[id]}
          </Button>
        ))}
        <Button
          variant="subtle"
          size="compact-md"
          onClick={() => onPlan({ places: USUAL_PLAN.places, rise: USUAL_PLAN.rise }, 'usual')}
        >
          {W.beginAgain}
        </Button>
      </div>
    </div>
  );
}
