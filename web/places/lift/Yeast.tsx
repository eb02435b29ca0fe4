import { ActionIcon, Button } from '@mantine/core';
import { IconX } from '@tabler/icons-react';
import { useMemo } from 'react';
import { profileOf, type Formula, type Part } from '../../../core/formula';
import type { Learnt } from '../../../core/explain';
import type { Lookup } from '../../../core/ingredients';
import {
  heldBack,
  mixedC,
  planFaults,
  plannedRise,
  RISE_FAULTS,
  riseByChange,
  yeastIn,
  PLACES,
  USUAL_PLAN,
  waterFor,
  yeastAs,
  YEAST_DIES_C,
  YEAST_KINDS,
  YEAST_WARM_C,
  type LiftPlan,
  type PlaceId,
  type Rise,
  type YeastKind,
  type YeastTable,
} from '../../../core/leavening';
import { fixed, grams, listed } from '../../words/format';
import { PLACE_WORDS, PLAN_FAULT_WORDS, YEAST_TABLE_WORDS } from '../../words/data/lift';
import { ingredientName } from '../../words/things';
import { GrowthChart } from './Chart';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { degrees, inDegrees } from '../../words/heat';
import type { Planned } from './fields';
import { timesWords } from '../../words/kitchenWords';
import { riseWords, span } from './liftLines';
import classes from './lift.module.css';

function Places({ plan, onPlan }: Planned) {
  const set = (i: number, more: Partial<LiftPlan['places'][number]>) =>
    onPlan({ places: plan.places.map((p, k) => (k === i ? { ...p, ...more } : p)) }, `place${i}`);
  return (
    <div className={classes.places}>
      {plan.places.map((p, i) => (
        <div key={i} className={classes.place}>
          <HeatField
            label={i === 0 ? 'It stands at' : 'then at'}
            value={p.tempC}
            onChange={(tempC) => set(i, { tempC })}
          />
          <NumberField label="for" unit="h" value={p.hours} onChange={(hours) => set(i, { hours })} />
          <ActionIcon
            variant="subtle"
            color="gray"
            size={40}
            aria-label={`Take place ${i + 1} out`}
            disabled={plan.places.length === 1}
            onClick={() => onPlan({ places: plan.places.filter((_p, k) => k !== i) }, `drop${i}`)}
          >
            <IconX size={18} />
          </ActionIcon>
        </div>
      ))}
      <div className={classes.quick} role="group" aria-label="Another place">
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
          begin again
        </Button>
      </div>
    </div>
  );
}

const OTHER = (id: YeastKind) => YEAST_KINDS.filter((k) => k !== id);

/** The curve as far as it matters: a third past the late side, or the whole where it does not get there. */
const shownPart = ({ curve, late }: Rise): Rise['curve'] =>
  late === null ? curve : curve.filter((p) => p.min <= (4 / 3) * late);

/** The yeast clock: how much yeast, how warm, how long to the rise wanted. */
export function Yeast({
  written,
  part,
  lookup,
  table,
  pressurePa,
  plan,
  onPlan,
  slow,
}: Planned & {
  written: Formula;
  part: Part;
  lookup: Lookup;
  table: YeastTable;
  pressurePa: number;
  slow: Learnt;
}) {
  const fact = useMemo(
    () => riseByChange(written, part, lookup, table, pressurePa),
    [written, part, lookup, table, pressurePa],
  );
  const { lines, instantG } = useMemo(() => yeastIn(part, lookup, table), [part, lookup, table]);
  const profile = useMemo(() => profileOf(part, lookup), [part, lookup]);
  const { flourG, props } = profile;
  const waterG = props.freeWater.value;
  const faults = planFaults(plan);
  const bad = faults.filter((f) => (RISE_FAULTS as readonly string[]).includes(f));
  const can = bad.length === 0 && flourG > 0 && waterG > 0 && instantG > 0;
  const rise = useMemo(
    () => plannedRise(part, lookup, table, plan, pressurePa, slow.factor),
    [part, lookup, table, plan, pressurePa, slow.factor],
  );
  const water =
    can && !faults.includes('wantHot')
      ? waterFor({
          wantC: plan.wantC,
          waterG,
          dryG: Math.max(0, props.mass.value - waterG),
          dryC: plan.dryC,
          frictionC: plan.frictionC,
        })
      : null;
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
  const slowed =
    waterG > 0 ? heldBack((100 * props.salt.value) / waterG, (100 * props.sugars.value) / waterG) : 1;
  const band = (r: NonNullable<typeof rise>): string =>
    r.minutes === null
      ? 'It does not get there in the time given: give it longer, or warmer.'
      : `About ${span(r.minutes)}; look from ${span(r.early ?? r.minutes)}, by ${r.late === null ? 'the end' : span(r.late)} it is done or the yeast is weak.`;
  return (
    <section className={`sheet ${classes.panel}`} aria-label="Yeast clock">
      <h2>Yeast clock</h2>
      {flourG <= 0 && <p role="alert">No flour in this part: percentages and times need some. See Read.</p>}
      {flourG > 0 && waterG <= 0 && <p role="alert">No water in this part: yeast does nothing dry.</p>}
      {lines.map((l) => (
        <p key={l.id}>
          <b>
            {grams(l.massG)} {ingredientName(l.id, true)}
          </b>
          , {fixed((100 * l.massG) / flourG, 1)} % of the flour.{' '}
          <span className="quiet">
            Does as{' '}
            {listed(
              OTHER(l.id).map((k) => `${grams(yeastAs(l.massG, l.id, k, table))} ${ingredientName(k, true)}`),
            )}{' '}
            ({YEAST_TABLE_WORDS[table]}, fresh : active : instant; chosen in Kitchen).
          </span>
        </p>
      ))}
      {fact && (
        <p role="status" aria-label="The stated rise">
          <b>{riseWords(fact).replace(/^r/, 'R')}.</b>{' '}
          <span className="quiet">
            A stated rise is taken as a fact
            {fact.modelMin !== null &&
              `; our clock alone would say ${span(fact.modelMin)} there, to ${fixed(100 * USUAL_PLAN.rise, 0)} %`}
            . The clock below is for other places and other amounts.
          </span>
        </p>
      )}
      <div className={classes.fields}>
        <HeatField
          label="Dough temperature after mixing"
          value={plan.wantC}
          onChange={(wantC) => onPlan({ wantC }, 'want')}
        />
        <NumberField
          label="Rise to reach"
          unit="%"
          value={Math.round(100 * plan.rise)}
          description="100 % is doubled; 70 % for a weak one"
          onChange={(p) => onPlan({ rise: p / 100 }, 'rise')}
        />
      </div>
      <Places plan={plan} onPlan={onPlan} />
      {bad.map((f) => (
        <p key={f} className={classes.fault} role="alert">
          {inDegrees(PLAN_FAULT_WORDS[f])}
        </p>
      ))}
      {rise && (
        <>
          <p className={classes.answer} role="status">
            {band(rise)}
          </p>
          <GrowthChart
            label={`Modelled growth of the dough. ${band(rise)}`}
            curve={shownPart(rise)}
            target={plan.rise}
            doughC
          />
          <p className="small quiet">
            Solid: growth; dotted: the dough’s own temperature.{' '}
            {slowed < 0.97 && `Salt and sugar slow this yeast to ${fixed(100 * slowed, 0)} %. `}
            {slow.from > 0 &&
              `${slow.from === 1 ? 'A rise you timed makes' : `${slow.from} rises you timed make`} it ${timesWords(slow.factor)}. `}
            Speed by the cardinal temperature model (Rosso et al. 1993) with figures not checked against it:
            good to a third either way. Go by the dough.
          </p>
        </>
      )}
      <h3>Water for it</h3>
      <div className={classes.fields}>
        <HeatField
          label="Flour and room are at"
          value={plan.dryC}
          onChange={(dryC) => onPlan({ dryC }, 'dry')}
        />
        <HeatField
          label="Mixing warms it by"
          value={plan.frictionC}
          onChange={(frictionC) => onPlan({ frictionC }, 'friction')}
        />
        <HeatField
          label="Yeast is woken at"
          value={plan.wakeC}
          onChange={(wakeC) => onPlan({ wakeC }, 'wake')}
        />
      </div>
      <div className={classes.fields}>
        <NumberField
          label="Hot mixture in it"
          unit="g"
          value={plan.hotG ?? 0}
          description="blended grain, a cooked gel"
          onChange={(hotG) => onPlan({ hotG }, 'hotG')}
        />
        <HeatField
          label="Hot mixture is at"
          value={plan.hotC ?? 60}
          onChange={(hotC) => onPlan({ hotC }, 'hotC')}
        />
      </div>
      {hotMix !== null && (
        <p role="status" className={hotMix >= YEAST_DIES_C ? classes.fault : undefined}>
          Stirred together it comes to about {degrees(hotMix)}
          {hotMix >= YEAST_DIES_C
            ? ': that kills the yeast. Let the mixture cool until it is only warm to the touch.'
            : hotMix > YEAST_WARM_C
              ? ': too warm for yeast. Let it cool a little.'
              : ': the yeast bears that.'}
        </p>
      )}
      {(['hot', 'hotAmount'] as const)
        .filter((f) => faults.includes(f))
        .map((f) => (
          <p key={f} className={classes.fault} role="alert">
            {inDegrees(PLAN_FAULT_WORDS[f])}
          </p>
        ))}
      {water && (
        <p role="status">
          {water.state === 'ice' ? (
            <>
              <b>Ice-cold water, {grams(water.iceG)} of it as ice.</b> Even so it comes out warm: chill the
              flour.
            </>
          ) : (
            <>
              <b>Water at {degrees(water.tempC)}</b> makes a dough of {degrees(plan.wantC)}.
              {water.state === 'too_warm' &&
                ' That harms yeast that it touches first: stir the flour in before.'}
              {water.state === 'kills' && ' That kills yeast: warm the flour or let the dough be cooler.'}
            </>
          )}
        </p>
      )}
      {(['wakeKills', 'wakeHot', 'wakeCold'] as const)
        .filter((f) => faults.includes(f))
        .map((f) => (
          <p key={f} className={classes.fault} role="alert">
            {inDegrees(PLAN_FAULT_WORDS[f])}
          </p>
        ))}
      {lines.some((l) => l.id === 'active_dry_yeast') && !faults.includes('wakeKills') && (
        <p className="small quiet">
          Active dry yeast: 5 to 10 min in warm liquid with a little of the sugar. It must foam, or it is
          dead.
        </p>
      )}
    </section>
  );
}
