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
import { useChangeKitchen } from '../../api/useChangeKitchen';
import { YEAST_TABLE_WORDS } from '../../words/data/lift';
import { CUP_WORDS, RULESET_WORDS, SPOON_WORDS } from '../../words/data/terms';
import type { HeatScale } from '../../words/heat';
import classes from './kitchen.module.css';

/** What one measures with, whose law packets follow, the height above the sea. */
export function Measures({ kitchen }: { kitchen: Kitchen }) {
  const { change, trouble } = useChangeKitchen();
  const set = (more: Partial<Kitchen>) => void change(more);
  return (
    <section className={`sheet ${classes.panel}`} aria-labelledby="measures">
      <h2 id="measures">Measures and packets</h2>
      {trouble}
      <Select
        label="Your cup"
        description="With the imperial cup go imperial pints and fluid ounces"
        data={CUP_STANDARDS.map((c) => ({ value: c, label: CUP_WORDS[c] }))}
        value={kitchen.cup}
        allowDeselect={false}
        onChange={(v) => set({ cup: v as CupStandard })}
      />
      <Select
        label="Your spoons"
        data={SPOON_STANDARDS.map((c) => ({ value: c, label: SPOON_WORDS[c] }))}
        value={kitchen.spoon}
        allowDeselect={false}
        onChange={(v) => set({ spoon: v as SpoonStandard })}
      />
      <Select
        label="Ovens and thermometers in"
        description="Shown and asked for in it; the card has the oven in both"
        data={[
          { value: 'c', label: '°C' },
          { value: 'f', label: '°F' },
        ]}
        value={kitchen.heat ?? 'c'}
        allowDeselect={false}
        onChange={(v) => set({ heat: v as HeatScale })}
      />
      <Checkbox
        label="Ounces beside the grams on the card"
        description="Everything is weighed in grams; small amounts are hardly to be weighed in ounces"
        checked={kitchen.ounces ?? false}
        onChange={(e) => set({ ounces: e.currentTarget.checked })}
      />
      <Select
        label="Sizes of your eggs"
        description="A large egg is 50 g shelled by the US grades, 60 g by the European"
        data={[
          { value: 'eu', label: 'European grades' },
          { value: 'us', label: 'US grades' },
        ]}
        value={kitchen.eggs ?? 'us'}
        allowDeselect={false}
        onChange={(v) => set({ eggs: v as 'us' | 'eu' })}
      />
      <Select
        label="Packets follow the law of"
        description={RULESETS[kitchen.ruleset].source}
        data={RULESET_IDS.map((r) => ({ value: r, label: RULESET_WORDS[r] }))}
        value={kitchen.ruleset}
        allowDeselect={false}
        onChange={(v) => set({ ruleset: v as RulesetId })}
      />
      <Select
        label="Prices in"
        data={['€', '£', '$', 'kr', 'CHF']}
        value={kitchen.currency}
        allowDeselect={false}
        onChange={(v) => v && set({ currency: v })}
      />
      <NumberInput
        label="Height above the sea"
        description="Changes leavening, water and oven above about 900 m"
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
      <Select
        label="Yeast is exchanged by"
        description="Fresh to active dry to instant; bakers use all three"
        data={YEAST_TABLE_IDS.map((t) => ({ value: t, label: YEAST_TABLE_WORDS[t] }))}
        value={kitchen.yeast ?? 'usual'}
        allowDeselect={false}
        onChange={(v) => set({ yeast: v as YeastTable })}
      />
      <p className="small quiet">
        Used when a pasted formula is read and where prices stand. “May contain” lines are voluntary in both
        laws; gluten is read for on its own, since the US list names wheat only.
      </p>
    </section>
  );
}
