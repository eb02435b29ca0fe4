import { useMemo } from 'react';
import type { Profile } from '../../../core/formula';
import { mixedC, waterFor, YEAST_DIES_C, YEAST_WARM_C, type PlanFault } from '../../../core/leavening';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { liftWords } from '../../words/data/en/lift';
import { PLAN_FAULT_WORDS } from '../../words/data/lift';
import { grams } from '../../words/format';
import { degrees, toKitchenScale } from '../../words/heat';
import type { Planned } from './fields';
import classes from './lift.module.css';

const W = liftWords.yeast;

type Faulty = { faults: readonly PlanFault[]; of: readonly PlanFault[] };
/** What of a plan cannot be as it is typed. */
export function Faults({ faults, of }: Faulty) {
  return of
    .filter((f) => faults.includes(f))
    .map((f) => (
      <p key={f} className={classes.fault} role="alert">
        {toKitchenScale(PLAN_FAULT_WORDS[f])}
      </p>
    ));
}

/** Something hot that goes into the dough: what it comes to, stirred together, and whether yeast bears that. */
function HotMixture({ plan, onPlan, faults, profile }: Props) {
  const { props } = profile;
  const hotG = plan.hotG ?? 0;
  const restG = props.mass.value - hotG;
  // The mixture is part of the dough, as wet as the whole.
  const waterShare = props.mass.value > 0 ? props.water.value / props.mass.value : 0;
  const hotMix =
    hotG > 0 && restG > 0 && !faults.includes('hot')
      ? mixedC([
          { massG: hotG, waterShare, tempC: plan.hotC ?? 60 },
          { massG: restG, waterShare, tempC: plan.dryC },
        ])
      : null;
  const bears = (tempC: number): string => {
    if (tempC >= YEAST_DIES_C) return W.thatKillsTheYeastLet;
    return tempC > YEAST_WARM_C ? W.tooWarmForYeastLet : W.theYeastBearsThat;
  };
  return (
    <>
      <div className={classes.fields}>
        <NumberField
          label={W.hotMixtureInIt}
          unit="g"
          value={hotG}
          description={W.blendedGrainACookedGel}
          onChange={(g) => onPlan({ hotG: g }, 'hotG')}
        />
        <HeatField
          label={W.hotMixtureIsAt}
          value={plan.hotC ?? 60}
          onChange={(hotC) => onPlan({ hotC }, 'hotC')}
        />
      </div>
      {hotMix !== null && (
        <p role="status" className={hotMix >= YEAST_DIES_C ? classes.fault : undefined}>
          {W.stirredTogetherItComesTo({ temperature: degrees(hotMix), which: bears(hotMix) })}
        </p>
      )}
      <Faults faults={faults} of={['hot', 'hotAmount']} />
    </>
  );
}

type Props = Planned & {
  faults: readonly PlanFault[];
  profile: Profile;
  /** Whether there is flour, water and yeast to make a dough of. */
  can: boolean;
  /** Whether any of the yeast has to be woken. */
  woken: boolean;
};

/** How warm the water has to be for a dough as warm as wanted. */
export function YeastWater(props: Props) {
  const { plan, onPlan, faults, profile, can, woken } = props;
  const waterG = profile.props.freeWater.value;
  const massG = profile.props.mass.value;
  const { wantC, dryC, frictionC } = plan;
  const water = useMemo(
    () =>
      can && !faults.includes('wantHot')
        ? waterFor({ wantC, waterG, dryG: Math.max(0, massG - waterG), dryC, frictionC })
        : null,
    [can, faults, wantC, waterG, massG, dryC, frictionC],
  );
  return (
    <>
      <h3>{W.waterForIt}</h3>
      <div className={classes.fields}>
        <HeatField label={W.flourAndRoomAreAt} value={dryC} onChange={(c) => onPlan({ dryC: c }, 'dry')} />
        <HeatField
          label={W.mixingWarmsItBy}
          value={frictionC}
          onChange={(c) => onPlan({ frictionC: c }, 'friction')}
        />
        <HeatField
          label={W.yeastIsWokenAt}
          value={plan.wakeC}
          onChange={(wakeC) => onPlan({ wakeC }, 'wake')}
        />
      </div>
      <HotMixture {...props} />
      {water && (
        <p role="status">
          {water.state === 'ice' ? (
            <>
              <b>{W.iceColdWaterOfIt({ amount: grams(water.iceG) })}</b> {W.evenSoItComesOut}
            </>
          ) : (
            W.makesADoughOf({
              strong: <b>{W.waterAt({ temperature: degrees(water.tempC) })}</b>,
              temperature: degrees(wantC),
              state: water.state === 'too_warm' && W.thatHarmsYeastThatIt,
              state2: water.state === 'kills' && W.thatKillsYeastWarmThe,
            })
          )}
        </p>
      )}
      <Faults faults={faults} of={['wakeKills', 'wakeHot', 'wakeCold']} />
      {woken && !faults.includes('wakeKills') && <p className="small quiet">{W.activeDryYeast5To}</p>}
    </>
  );
}
