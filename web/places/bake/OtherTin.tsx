import { Button } from '@mantine/core';
import type { BakePlan, KitchenOven } from '../../../contract/dto';
import { dialC, levelCm, loadsOf, SAME_CM, swapTin, type BakeSetup } from '../../../core/bake';
import { fixed, grams } from '../../words/format';
import { degrees, degreesApart } from '../../words/heat';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.otherTin;

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
    <div className={classes.swap} role="group" aria-label={W.anotherTin}>
      <p>
        {W.asWrittenTheDoughStands({
          number: fixed(swap.fromCm, 1),
          number2: fixed(levelCm(adapted), 1),
          coolerC: swap.coolerC > 0 && W.bakeItAboutCoolerOr({ degrees: degreesApart(swap.coolerC) }),
        })}
      </p>
      <div className={classes.schools}>
        {off && offer(W.asHighAsBefore, swap.sameDepthG)}
        {off && swap.sameShareG !== null && offer(W.asFullAsBefore, swap.sameShareG)}
        {plan.massG !== undefined && (
          <Button
            variant="subtle"
            size="compact-md"
            onClick={() => {
              const { massG: _m, ...rest } = plan;
              onPlan(rest, 'mass');
            }}
          >
            {W.allTheDoughThereIs}
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
        ? W.runsTrue
        : W.runsForSetTheDial({
            degrees: degreesApart(Math.abs(oven.offsetC)),
            which: oven.offsetC > 0 ? W.hot : W.cool,
            temperature: degrees(ovenC),
            temperature2: degrees(dialC(ovenC, oven.offsetC)),
          })}
      {fan && !oven.fan && W.itHasNoFan}
      {loads === null
        ? W.theTinDoesNotGo
        : loads > 1
          ? W.itIsFilled({ count: W.timeCount({ n: loads }) })
          : ''}
    </p>
  );
}
