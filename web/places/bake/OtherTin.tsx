import { Button } from '@mantine/core';
import type { BakePlan, KitchenOven } from '../../../contract/dto';
import { dialC, levelCm, loadsOf, SAME_CM, swapTin, type BakeSetup } from '../../../core/bake';
import { counted, fixed, grams } from '../../words/format';
import { degrees, degreesApart } from '../../words/heat';
import classes from './bake.module.css';

/** What another tin asks for: how high the dough stands, how much would stand as before, how hot. */
export function OtherTin({
  source,
  adapted,
  plan,
  onPlan,
}: {
  source: BakeSetup;
  adapted: BakeSetup;
  plan: BakePlan;
  onPlan: (more: BakePlan, field: string) => void;
}) {
  const swap = swapTin(source, adapted.vessel, adapted.metal);
  const off = Math.abs(levelCm(adapted) - swap.fromCm) > SAME_CM;
  const walled = adapted.vessel.wallCm > 0 && source.vessel.wallCm > 0;
  if (!walled || (!plan.tin && !plan.massG && !plan.metal)) return null;
  const offer = (words: string, massG: number) => (
    <Button
      variant="default"
      size="compact-md"
      onClick={() => onPlan({ ...plan, massG: Math.round(massG) }, 'mass')}
    >
      {words}: {grams(massG)}
    </Button>
  );
  return (
    <div className={classes.swap} role="group" aria-label="Another tin">
      <p>
        As written the dough stands {fixed(swap.fromCm, 1)} cm high; here {fixed(levelCm(adapted), 1)} cm.
        {swap.coolerC > 0 &&
          ` Bake it about ${degreesApart(swap.coolerC)} cooler, or it browns before it is through (common practice).`}
      </p>
      <div className={classes.schools}>
        {off && offer('As high as before', swap.sameDepthG)}
        {off && swap.sameShareG !== null && offer('As full as before', swap.sameShareG)}
        {plan.massG !== undefined && (
          <Button
            variant="subtle"
            size="compact-md"
            onClick={() => {
              const { massG: _m, ...rest } = plan;
              onPlan(rest, 'mass');
            }}
          >
            All the dough there is
          </Button>
        )}
      </div>
    </div>
  );
}

/** What the kitchen's own oven asks for: what to set, how often to fill it. */
export function YourOven({ setup, oven }: { setup: BakeSetup; oven: KitchenOven | null }) {
  if (!oven) return null;
  const loads = loadsOf(setup.vessel, oven);
  const { ovenC, fan } = setup.phases[0]!;
  return (
    <p>
      <b>{oven.name}</b>
      {oven.offsetC === 0
        ? ' runs true.'
        : ` runs ${degreesApart(Math.abs(oven.offsetC))} ${oven.offsetC > 0 ? 'hot' : 'cool'}: for ${degrees(ovenC)} set the dial to ${degrees(dialC(ovenC, oven.offsetC))}.`}
      {fan && !oven.fan && ' It has no fan.'}
      {loads === null
        ? ' The tin does not go into it.'
        : loads > 1
          ? ` It is filled ${counted(loads, 'time')}.`
          : ''}
    </p>
  );
}
