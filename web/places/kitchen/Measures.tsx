import { Checkbox, NumberInput, Select } from '@mantine/core';
import type { Kitchen } from '../../../contract/dto';
import { RULESET_IDS, RULESETS, type RulesetId } from '../../../core/exclusions';
import { YEAST_TABLE_IDS, type YeastTable } from '../../../core/leavening';
import {
  ALTITUDE_M,
  CUP_STANDARDS,
  SPOON_STANDARDS,
  type CupStandard,
  type SpoonStandard,
} from '../../../core/units';
import { useChangeKitchen } from '../../shared/useChangeKitchen';
import { YEAST_TABLE_WORDS } from '../../words/data/lift';
import { CUP_WORDS, RULESET_WORDS, SPOON_WORDS } from '../../words/data/terms';
import type { HeatScale } from '../../words/heat';
import classes from '../../shared/kitchen/kitchen.module.css';
import { kitchenWords } from '../../words/data/en/kitchen';

const W = kitchenWords.measures;

type Part = { kitchen: Kitchen; set: (more: Partial<Kitchen>) => void };

/** What one measures and weighs with. */
const Tools = ({ kitchen, set }: Part) => (
  <>
    <Select
      label={W.yourCup}
      description={W.withTheImperialCupGo}
      data={CUP_STANDARDS.map((c) => ({ value: c, label: CUP_WORDS[c] }))}
      value={kitchen.cup}
      allowDeselect={false}
      onChange={(v) => set({ cup: v as CupStandard })}
    />
    <Select
      label={W.yourSpoons}
      data={SPOON_STANDARDS.map((c) => ({ value: c, label: SPOON_WORDS[c] }))}
      value={kitchen.spoon}
      allowDeselect={false}
      onChange={(v) => set({ spoon: v as SpoonStandard })}
    />
    <Select
      label={W.ovensAndThermometersIn}
      description={W.shownAndAskedForIn}
      data={[
        { value: 'c', label: '°C' },
        { value: 'f', label: '°F' },
      ]}
      value={kitchen.heat ?? 'c'}
      allowDeselect={false}
      onChange={(v) => set({ heat: v as HeatScale })}
    />
    <Checkbox
      label={W.ouncesBesideTheGramsOn}
      description={W.everythingIsWeighedInGrams}
      checked={kitchen.ounces ?? false}
      onChange={(e) => set({ ounces: e.currentTarget.checked })}
    />
    <Select
      label={W.sizesOfYourEggs}
      description={W.aLargeEggIs50}
      data={[
        { value: 'eu', label: W.europeanGrades },
        { value: 'us', label: W.usGrades },
      ]}
      value={kitchen.eggs ?? 'us'}
      allowDeselect={false}
      onChange={(v) => set({ eggs: v as 'us' | 'eu' })}
    />
  </>
);

/** How high the kitchen lies: kept when the field is left. */
const Height = ({ kitchen, set }: Part) => (
  <NumberInput
    label={W.heightAboveTheSea}
    description={W.changesLeaveningWaterAndOven}
    value={kitchen.altitudeM ?? ''}
    suffix=" m"
    min={ALTITUDE_M[0]}
    max={ALTITUDE_M[1]}
    clampBehavior="blur"
    hideControls
    onBlur={(e) => {
      const m = Number(e.currentTarget.value.replace(/[^\d.-]/g, ''));
      if (m !== (kitchen.altitudeM ?? 0) && Number.isFinite(m))
        set({ altitudeM: Math.min(ALTITUDE_M[1], Math.max(ALTITUDE_M[0], m)) });
    }}
  />
);

/** What one measures with, whose law packets follow, the height above the sea. */
export function Measures({ kitchen }: { kitchen: Kitchen }) {
  const { change, trouble } = useChangeKitchen();
  const set = (more: Partial<Kitchen>) => void change(more);
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="measures">
      <h2 id="measures">{W.measuresAndPackets}</h2>
      {trouble}
      <Tools kitchen={kitchen} set={set} />
      <Select
        label={W.packetsFollowTheLawOf}
        description={RULESETS[kitchen.ruleset].source}
        data={RULESET_IDS.map((r) => ({ value: r, label: RULESET_WORDS[r] }))}
        value={kitchen.ruleset}
        allowDeselect={false}
        onChange={(v) => set({ ruleset: v as RulesetId })}
      />
      <Select
        label={W.pricesIn}
        data={['€', '£', '$', W.kr, W.chf]}
        value={kitchen.currency}
        allowDeselect={false}
        onChange={(v) => v && set({ currency: v })}
      />
      <Height kitchen={kitchen} set={set} />
      <Select
        label={W.yeastIsExchangedBy}
        description={W.freshToActiveDryTo}
        data={YEAST_TABLE_IDS.map((t) => ({ value: t, label: YEAST_TABLE_WORDS[t] }))}
        value={kitchen.yeast ?? 'usual'}
        allowDeselect={false}
        onChange={(v) => set({ yeast: v as YeastTable })}
      />
      <p className="small quiet">{W.usedWhenAPastedFormula}</p>
    </section>
  );
}
