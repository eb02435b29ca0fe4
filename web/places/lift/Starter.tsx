import { NumberInput } from '@mantine/core';
import { useState } from 'react';
import type { Learnt } from '../../../core/explain';
import { asStarter, asYeast, buildOf, peakOf, planFaults } from '../../../core/leavening';
import { fixed, grams } from '../../words/format';
import { PLAN_FAULT_WORDS } from '../../words/data/lift';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { degrees, inDegrees } from '../../words/heat';
import type { Planned } from './fields';
import { timesWords } from '../../words/kitchenWords';
import { CountRise } from './CountRise';
import classes from './lift.module.css';

/** Flour, free water and starter of the dough, g. */
export type DoughOf = { flourG: number; waterG: number; starterG: number };

/** The starter planner: a feed, a temperature, how much to build; when it is at its height. */
export function Starter({
  plan,
  onPlan,
  dough,
  formulaId,
  slow,
}: Planned & { dough: DoughOf; formulaId: string; slow: Learnt }) {
  const [tookH, setTookH] = useState<number | null>(null);
  const feed = (more: Partial<typeof plan.feed>, field: string) =>
    onPlan({ feed: { ...plan.feed, ...more } }, field);
  const faults = planFaults(plan).filter((f) => f.startsWith('feed') || f === 'need' || f === 'left');
  const peak = peakOf(plan.feed, plan.feedC, slow.factor);
  const told = peakOf(plan.feed, plan.feedC);
  const build = buildOf(plan.needG, plan.leftG, plan.feed);
  const sour = faults.length === 0 && dough.starterG === 0 ? asStarter(dough, plan.feed) : null;
  const quick = faults.length === 0 && dough.starterG > 0 ? asYeast(dough, plan.feed) : null;
  return (
    <section className={`sheet ${classes.panel}`} aria-label="Starter">
      <h2>Starter</h2>
      <div className={classes.fields}>
        <NumberField
          label="Old starter"
          unit="part"
          value={plan.feed.starter}
          onChange={(starter) => feed({ starter }, 'feedS')}
        />
        <NumberField
          label="Water"
          unit="part"
          value={plan.feed.water}
          onChange={(water) => feed({ water }, 'feedW')}
        />
        <NumberField
          label="Flour"
          unit="part"
          value={plan.feed.flour}
          onChange={(flour) => feed({ flour }, 'feedF')}
        />
        <HeatField label="Stands at" value={plan.feedC} onChange={(feedC) => onPlan({ feedC }, 'feedC')} />
        <NumberField
          label="The dough needs"
          unit="g"
          value={plan.needG}
          onChange={(needG) => onPlan({ needG }, 'need')}
        />
        <NumberField
          label="To be left"
          unit="g"
          value={plan.leftG}
          onChange={(leftG) => onPlan({ leftG }, 'left')}
        />
      </div>
      {faults.map((f) => (
        <p key={f} className={classes.fault} role="alert">
          {inDegrees(PLAN_FAULT_WORDS[f])}
        </p>
      ))}
      {faults.length === 0 && build && peak && (
        <div role="status">
          <p className={classes.answer}>
            Stir {grams(build.starterG)} old starter, {grams(build.waterG)} water and {grams(build.flourG)}{' '}
            flour: at its height in about {fixed(peak.hours, 0)} h ({fixed(peak.early, 0)} to{' '}
            {fixed(peak.late, 0)} h).
          </p>
          <p className="small quiet">
            {grams(build.totalG)} in all, {grams(build.leftG)} of it left to go on with. With it the dough
            gets {grams(build.inDough.flourG)} flour and {grams(build.inDough.waterG)} water: the formula
            counts them. Growth is good to about a fifth; go by its dome.
            {slow.from > 0 &&
              ` ${slow.from === 1 ? 'A starter you timed makes' : `${slow.from} starters you timed make`} it ${timesWords(slow.factor)}.`}
          </p>
          <NumberInput
            label="It was at its height after"
            suffix=" h"
            min={0.5}
            max={72}
            decimalScale={1}
            w={220}
            value={tookH ?? ''}
            onChange={(v) => setTookH(typeof v === 'number' ? v : null)}
          />
          <CountRise
            of="starter"
            formulaId={formulaId}
            saidMin={told && 60 * told.hours}
            tookMin={tookH && 60 * tookH}
          />
        </div>
      )}
      {sour && (
        <p>
          <b>In place of the yeast</b>: {grams(sour.starterG)} starter, with{' '}
          {grams(dough.flourG - sour.flourG)} less flour and {grams(dough.waterG - sour.waterG)} less water in
          the dough; it then takes 4 to 8 h at {degrees(24)} (a rule of thumb).{' '}
          <button
            type="button"
            className={classes.link}
            onClick={() => onPlan({ needG: Math.round(sour.starterG) }, 'needSour')}
          >
            Build that much
          </button>
        </p>
      )}
      {quick && (
        <p>
          <b>In place of the starter</b>: {grams(quick.instantG)} instant yeast, with{' '}
          {grams(quick.flourG - dough.flourG)} more flour and {grams(quick.waterG - dough.waterG)} more water,
          and a spoon of vinegar for its acid.
        </p>
      )}
      <p className="small quiet">
        Without either: leave out yeast at Swap, and powder or soda with acid stand in.
      </p>
    </section>
  );
}
