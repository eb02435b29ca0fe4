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
import { fixed, grams } from '../../words/format';
import { listed } from '../../words/plural';
import { PLACE_WORDS, PLAN_FAULT_WORDS, YEAST_TABLE_WORDS } from '../../words/data/lift';
import { ingredientName } from '../../words/things';
import { GrowthChart } from '../../shared/Chart';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { degrees, inDegrees } from '../../words/heat';
import type { Planned } from './fields';
import { timesWords } from '../../words/kitchenWords';
import { riseWords, span } from '../../shared/liftLines';
import classes from './lift.module.css';
import { liftWords } from '../../words/data/en/lift';

const W = liftWords.yeast;

function Places({ plan, onPlan }: Planned) {
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
      ? W.itDoesNotGetThere
      : W.aboutLookFromByIt({
          time: span(r.minutes),
          time2: span(r.early ?? r.minutes),
          which: r.late === null ? W.theEnd : span(r.late),
        });
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.yeastClock}>
      <h2>{W.yeastClock}</h2>
      {flourG <= 0 && <p role="alert">{W.noFlourInThisPart}</p>}
      {flourG > 0 && waterG <= 0 && <p role="alert">{W.noWaterInThisPart}</p>}
      {lines.map((l) => (
        <p key={l.id}>
          {W.ofTheFlour({
            strong: (
              <b>
                {grams(l.massG)} {ingredientName(l.id, true)}
              </b>
            ),
            number: fixed((100 * l.massG) / flourG, 1),
          })}{' '}
          <span className="quiet">
            {W.doesAsFreshActiveInstant({
              list: listed(
                OTHER(l.id).map(
                  (k) => `${grams(yeastAs(l.massG, l.id, k, table))} ${ingredientName(k, true)}`,
                ),
              ),
              yeastTable: YEAST_TABLE_WORDS[table],
            })}
          </span>
        </p>
      ))}
      {fact && (
        <p role="status" aria-label={W.theStatedRise}>
          <b>{riseWords(fact).replace(/^r/, 'R')}.</b>{' '}
          <span className="quiet">
            {W.aStatedRiseIsTaken({
              modelMin:
                fact.modelMin !== null &&
                W.ourClockAloneWouldSay({
                  time: span(fact.modelMin),
                  number: fixed(100 * USUAL_PLAN.rise, 0),
                }),
            })}
          </span>
        </p>
      )}
      <div className={classes.fields}>
        <HeatField
          label={W.doughTemperatureAfterMixing}
          value={plan.wantC}
          onChange={(wantC) => onPlan({ wantC }, 'want')}
        />
        <NumberField
          label={W.riseToReach}
          unit="%"
          value={Math.round(100 * plan.rise)}
          description={W.text100IsDoubled70For}
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
            label={W.modelledGrowthOfTheDough({ band: band(rise) })}
            curve={shownPart(rise)}
            target={plan.rise}
            doughC
          />
          <p className="small quiet">
            {W.solidGrowthDottedTheDoughs({
              slowed: slowed < 0.97 && W.saltAndSugarSlowThis({ number: fixed(100 * slowed, 0) }),
              fromValue:
                slow.from > 0 &&
                W.it({
                  which:
                    slow.from === 1 ? W.aRiseYouTimedMakes : W.risesYouTimedMake({ fromValue: slow.from }),
                  times: timesWords(slow.factor),
                }),
            })}
          </p>
        </>
      )}
      <h3>{W.waterForIt}</h3>
      <div className={classes.fields}>
        <HeatField
          label={W.flourAndRoomAreAt}
          value={plan.dryC}
          onChange={(dryC) => onPlan({ dryC }, 'dry')}
        />
        <HeatField
          label={W.mixingWarmsItBy}
          value={plan.frictionC}
          onChange={(frictionC) => onPlan({ frictionC }, 'friction')}
        />
        <HeatField
          label={W.yeastIsWokenAt}
          value={plan.wakeC}
          onChange={(wakeC) => onPlan({ wakeC }, 'wake')}
        />
      </div>
      <div className={classes.fields}>
        <NumberField
          label={W.hotMixtureInIt}
          unit="g"
          value={plan.hotG ?? 0}
          description={W.blendedGrainACookedGel}
          onChange={(hotG) => onPlan({ hotG }, 'hotG')}
        />
        <HeatField
          label={W.hotMixtureIsAt}
          value={plan.hotC ?? 60}
          onChange={(hotC) => onPlan({ hotC }, 'hotC')}
        />
      </div>
      {hotMix !== null && (
        <p role="status" className={hotMix >= YEAST_DIES_C ? classes.fault : undefined}>
          {W.stirredTogetherItComesTo({
            temperature: degrees(hotMix),
            which:
              hotMix >= YEAST_DIES_C
                ? W.thatKillsTheYeastLet
                : hotMix > YEAST_WARM_C
                  ? W.tooWarmForYeastLet
                  : W.theYeastBearsThat,
          })}
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
              <b>{W.iceColdWaterOfIt({ amount: grams(water.iceG) })}</b> {W.evenSoItComesOut}
            </>
          ) : (
            <>
              {W.makesADoughOf({
                strong: <b>{W.waterAt({ temperature: degrees(water.tempC) })}</b>,
                temperature: degrees(plan.wantC),
                state: water.state === 'too_warm' && W.thatHarmsYeastThatIt,
                state2: water.state === 'kills' && W.thatKillsYeastWarmThe,
              })}
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
        <p className="small quiet">{W.activeDryYeast5To}</p>
      )}
    </section>
  );
}
