import { useMemo } from 'react';
import type { Learnt } from '../../../core/explain';
import { profileOf, type Formula, type Part, type Profile } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import {
  heldBack,
  planFaults,
  plannedRise,
  RISE_FAULTS,
  riseByChange,
  USUAL_PLAN,
  YEAST_KINDS,
  yeastAs,
  yeastIn,
  type Rise,
  type YeastKind,
  type YeastTable,
} from '../../../core/leavening';
import { HeatField } from '../../parts/HeatField';
import { NumberField } from '../../parts/NumberField';
import { GrowthChart } from '../../shared/Chart';
import { riseWords, span } from '../../shared/liftLines';
import { atHead } from '../../words/case';
import { liftWords } from '../../words/data/en/lift';
import { YEAST_TABLE_WORDS } from '../../words/data/lift';
import { fixed, grams } from '../../words/format';
import { timesWords } from '../../words/kitchenWords';
import { listed } from '../../words/plural';
import { ingredientName } from '../../words/things';
import type { Planned } from './fields';
import classes from './lift.module.css';
import { Places } from './Places';
import { Faults, YeastWater } from './YeastWater';

const W = liftWords.yeast;

const OTHER = (id: YeastKind) => YEAST_KINDS.filter((k) => k !== id);

/** The curve as far as it matters: a third past the late side, or the whole where it does not get there. */
const shownPart = ({ curve, late }: Rise): Rise['curve'] =>
  late === null ? curve : curve.filter((p) => p.min <= (4 / 3) * late);

type YeastLine = ReturnType<typeof yeastIn>['lines'][number];
/** How much of which yeast, and what would do the same of another. */
function OneYeast({
  line: { id, massG },
  flourG,
  table,
}: {
  line: YeastLine;
  flourG: number;
  table: YeastTable;
}) {
  const others = OTHER(id).map((k) => `${grams(yeastAs(massG, id, k, table))} ${ingredientName(k, true)}`);
  return (
    <p>
      {W.ofTheFlour({
        strong: (
          <b>
            {grams(massG)} {ingredientName(id, true)}
          </b>
        ),
        number: fixed((100 * massG) / flourG, 1),
      })}{' '}
      <span className="quiet">
        {W.doesAsFreshActiveInstant({ list: listed(others), yeastTable: YEAST_TABLE_WORDS[table] })}
      </span>
    </p>
  );
}

/** The rise that the formula states, and what the clock alone would say. */
function StatedRise({ fact }: { fact: NonNullable<ReturnType<typeof riseByChange>> }) {
  return (
    <p role="status" aria-label={W.theStatedRise}>
      <b>{atHead(riseWords(fact))}.</b>{' '}
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
  );
}

function bandOf({ minutes, early, late }: Rise): string {
  if (minutes === null) return W.itDoesNotGetThere;
  return W.aboutLookFromByIt({
    time: span(minutes),
    time2: span(early ?? minutes),
    which: late === null ? W.theEnd : span(late),
  });
}

/** When the dough has risen as far as wanted, as a curve and in words. */
function Risen({ rise, want, profile, slow }: { rise: Rise; want: number; profile: Profile; slow: Learnt }) {
  const { freeWater, salt, sugars } = profile.props;
  const waterG = freeWater.value;
  const slowed = waterG > 0 ? heldBack((100 * salt.value) / waterG, (100 * sugars.value) / waterG) : 1;
  const band = bandOf(rise);
  return (
    <>
      <p className={classes.answer} role="status">
        {band}
      </p>
      <GrowthChart
        label={W.modelledGrowthOfTheDough({ band })}
        curve={shownPart(rise)}
        target={want}
        doughC
      />
      <p className="small quiet">
        {W.solidGrowthDottedTheDoughs({
          slowed: slowed < 0.97 && W.saltAndSugarSlowThis({ number: fixed(100 * slowed, 0) }),
          fromValue:
            slow.from > 0 &&
            W.it({
              which: slow.from === 1 ? W.aRiseYouTimedMakes : W.risesYouTimedMake({ fromValue: slow.from }),
              times: timesWords(slow.factor),
            }),
        })}
      </p>
    </>
  );
}

type Props = Planned & {
  written: Formula;
  part: Part;
  lookup: Lookup;
  table: YeastTable;
  pressurePa: number;
  slow: Learnt;
};

/** The yeast clock: how much yeast, how warm, how long to the rise wanted. */
export function Yeast({ written, part, lookup, table, pressurePa, plan, onPlan, slow }: Props) {
  const fact = useMemo(
    () => riseByChange(written, part, lookup, table, pressurePa),
    [written, part, lookup, table, pressurePa],
  );
  const { lines, instantG } = useMemo(() => yeastIn(part, lookup, table), [part, lookup, table]);
  const profile = useMemo(() => profileOf(part, lookup), [part, lookup]);
  const faults = useMemo(() => planFaults(plan), [plan]);
  const rise = useMemo(
    () => plannedRise(part, lookup, table, plan, pressurePa, slow.factor),
    [part, lookup, table, plan, pressurePa, slow.factor],
  );
  const { flourG } = profile;
  const waterG = profile.props.freeWater.value;
  const ofRise = RISE_FAULTS.some((f) => faults.includes(f));
  const can = !ofRise && flourG > 0 && waterG > 0 && instantG > 0;
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.yeastClock}>
      <h2>{W.yeastClock}</h2>
      {flourG <= 0 && <p role="alert">{W.noFlourInThisPart}</p>}
      {flourG > 0 && waterG <= 0 && <p role="alert">{W.noWaterInThisPart}</p>}
      {lines.map((l) => (
        <OneYeast key={l.id} line={l} flourG={flourG} table={table} />
      ))}
      {fact && <StatedRise fact={fact} />}
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
      <Faults faults={faults} of={RISE_FAULTS} />
      {rise && <Risen rise={rise} want={plan.rise} profile={profile} slow={slow} />}
      <YeastWater
        plan={plan}
        onPlan={onPlan}
        faults={faults}
        profile={profile}
        can={can}
        woken={lines.some((l) => l.id === 'active_dry_yeast')}
      />
    </section>
  );
}
