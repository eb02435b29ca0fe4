import { NumberInput } from '@mantine/core';
import { useState } from 'react';
import type { Learnt } from '../../../core/explain';
import { asStarter, asYeast, buildOf, peakOf, planFaults } from '../../../core/leavening';
import { fixed, grams } from '../../words/format';
import { PLAN_FAULT_WORDS } from '../../words/data/lift';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { degrees, toKitchenScale } from '../../words/heat';
import type { Planned } from './fields';
import { timesWords } from '../../words/kitchenWords';
import { CountRise } from './CountRise';
import classes from './lift.module.css';
import { liftWords } from '../../words/data/en/lift';

const W = liftWords.starter;

/** Flour, free water and starter of the dough, g. */
export type DoughOf = { flourG: number; waterG: number; starterG: number };

/** The feed, where it stands, and how much of it is wanted. */
function Feed({ plan, onPlan }: Planned) {
  const feed = (more: Partial<typeof plan.feed>, field: string) =>
    onPlan({ feed: { ...plan.feed, ...more } }, field);
  return (
    <div className={classes.fields}>
      <NumberField
        label={W.oldStarter}
        unit={W.part}
        value={plan.feed.starter}
        onChange={(starter) => feed({ starter }, 'feedS')}
      />
      <NumberField
        label={W.water}
        unit={W.part}
        value={plan.feed.water}
        onChange={(water) => feed({ water }, 'feedW')}
      />
      <NumberField
        label={W.flour}
        unit={W.part}
        value={plan.feed.flour}
        onChange={(flour) => feed({ flour }, 'feedF')}
      />
      <HeatField label={W.standsAt} value={plan.feedC} onChange={(feedC) => onPlan({ feedC }, 'feedC')} />
      <NumberField
        label={W.theDoughNeeds}
        unit="g"
        value={plan.needG}
        onChange={(needG) => onPlan({ needG }, 'need')}
      />
      <NumberField
        label={W.toBeLeft}
        unit="g"
        value={plan.leftG}
        onChange={(leftG) => onPlan({ leftG }, 'left')}
      />
    </div>
  );
}

/** What is stirred together, when it is at its height, and when it was. */
function Build({ plan, formulaId, slow }: Pick<Planned, 'plan'> & { formulaId: string; slow: Learnt }) {
  const [tookH, setTookH] = useState<number | null>(null);
  const peak = peakOf(plan.feed, plan.feedC, slow.factor);
  const told = peakOf(plan.feed, plan.feedC);
  const build = buildOf(plan.needG, plan.leftG, plan.feed);
  if (!build || !peak) return null;
  const timed = slow.from === 1 ? W.aStarterYouTimedMakes : W.startersYouTimedMake({ fromValue: slow.from });
  return (
    <div role="status">
      <p className={classes.answer}>
        {W.stirOldStarterWaterAnd({
          amount: grams(build.starterG),
          amount2: grams(build.waterG),
          amount3: grams(build.flourG),
          number: fixed(peak.hours, 0),
          number2: fixed(peak.early, 0),
          number3: fixed(peak.late, 0),
        })}
      </p>
      <p className="small quiet">
        {W.inAllOfItLeft({
          amount: grams(build.totalG),
          amount2: grams(build.leftG),
          amount3: grams(build.inDough.flourG),
          amount4: grams(build.inDough.waterG),
          fromValue: slow.from > 0 && W.it({ which: timed, times: timesWords(slow.factor) }),
        })}
      </p>
      <NumberInput
        label={W.itWasAtItsHeight}
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
  );
}

/** A starter in place of yeast, or yeast in place of the starter. */
function InPlaceOf({ plan, onPlan, dough }: Planned & { dough: DoughOf }) {
  const sour = dough.starterG === 0 ? asStarter(dough, plan.feed) : null;
  const quick = dough.starterG > 0 ? asYeast(dough, plan.feed) : null;
  return (
    <>
      {sour && (
        <p>
          {W.starterWithLessFlourAnd({
            strong: <b>{W.inPlaceOfTheYeast}</b>,
            amount: grams(sour.starterG),
            amount2: grams(dough.flourG - sour.flourG),
            amount3: grams(dough.waterG - sour.waterG),
            temperature: degrees(24),
          })}{' '}
          <button
            type="button"
            className={classes.link}
            onClick={() => onPlan({ needG: Math.round(sour.starterG) }, 'needSour')}
          >
            {W.buildThatMuch}
          </button>
        </p>
      )}
      {quick && (
        <p>
          {W.instantYeastWithMoreFlour({
            strong: <b>{W.inPlaceOfTheStarter}</b>,
            amount: grams(quick.instantG),
            amount2: grams(quick.flourG - dough.flourG),
            amount3: grams(quick.waterG - dough.waterG),
          })}
        </p>
      )}
    </>
  );
}

/** The starter planner: a feed, a temperature, how much to build; when it is at its height. */
export function Starter({
  plan,
  onPlan,
  dough,
  formulaId,
  slow,
}: Planned & { dough: DoughOf; formulaId: string; slow: Learnt }) {
  const faults = planFaults(plan).filter((f) => f.startsWith('feed') || f === 'need' || f === 'left');
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.starter}>
      <h2>{W.starter}</h2>
      <Feed plan={plan} onPlan={onPlan} />
      {faults.map((f) => (
        <p key={f} className={classes.fault} role="alert">
          {toKitchenScale(PLAN_FAULT_WORDS[f])}
        </p>
      ))}
      {faults.length === 0 && (
        <>
          <Build plan={plan} formulaId={formulaId} slow={slow} />
          <InPlaceOf plan={plan} onPlan={onPlan} dough={dough} />
        </>
      )}
      <p className="small quiet">{W.withoutEitherLeaveOutYeast}</p>
    </section>
  );
}
