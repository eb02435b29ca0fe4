import { Button, Skeleton } from '@mantine/core';
import { DEFAULT_KITCHEN, type BakePlan } from '../../../contract/dto';
import {
  CUT_C,
  donenessOf,
  hasSchools,
  keepsAs,
  notesOf,
  SCHOOLS,
  STOPS,
  type BakeSetup,
  type Compared,
  type Doneness,
  type SchoolId,
} from '../../../core/bake';
import type { ClassId } from '../../../core/classes';
import { useKitchenQuery } from '../../api/api';
import { useAppDispatch } from '../../app/store';
import { Notice } from '../../parts/Notice';
import {
  BAKE_FAULT_WORDS,
  BAKE_NOTE_WORDS,
  KEEP_WORDS,
  REASON_WORDS,
  SCHOOL_WORDS,
  SIGN_WORDS,
} from '../../words/data/bake';
import { fixed, grams, listed } from '../../words/format';
import { useDeskContext } from '../desk/context';
import { desk } from '../desk/deskSlice';
import frame from '../desk/desk.module.css';
import { span } from '../lift/liftLines';
import { BakeFields } from './BakeFields';
import { Curves } from './Curves';
import { Section } from './Section';
import { useBake } from './useBake';
import classes from './bake.module.css';

/** Where one begins when nothing is stated, °C. Common practice, no source. */
const FIRST_OVEN_C = 180;
/** Look for the first time at this share of the shortest time. Common practice, no source. */
const LOOK_AT = 0.85;

const minutes = (from: number, to: number): string => {
  const [a, b] = [Math.round(from), Math.round(to)];
  return a === b ? `${a} min` : `${a} to ${b} min`;
};

/** The time, and why it is so. */
function Time({
  compared,
  stated,
  setup,
}: {
  compared: Compared;
  stated: readonly [number, number] | null;
  setup: BakeSetup;
}) {
  const { ratio, reasons, minutes: time } = compared;
  const percent = (x: number): string => `${x >= 0 ? '+' : '−'}${fixed(Math.abs(100 * x), 0)} %`;
  if (!time || !ratio)
    return (
      <p className={classes.time}>
        {stated
          ? `Keep the stated ${minutes(stated[0], stated[1])} in mind, look early, and go by the signs.`
          : 'No time can be given: go by the signs.'}
      </p>
    );
  return (
    <>
      <p className={classes.time} role="status">
        {fixed(setup.ovenC, 0)} °C{setup.fan ? ' fan' : ''}: about {minutes(time.from, time.to)}. Look from{' '}
        {fixed(LOOK_AT * time.from, 0)} min.
      </p>
      <p className="quiet">
        {time.basis === 'stated' && stated
          ? `As written ${minutes(stated[0], stated[1])}; the change makes it ${percent(ratio.value - 1)} (${percent(ratio.lo - 1)} to ${percent(ratio.hi - 1)} by four models).`
          : 'The formula states no time: this is the model’s own window, a fifth to each side. The change alone is better known than the time.'}
      </p>
      {reasons.length > 0 && (
        <ul className={classes.reasons} aria-label="Why the time changes">
          {reasons.map((r) => (
            <li key={r.reason}>
              <b className="num">{percent(r.share)}</b> {REASON_WORDS[r.reason]}
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

function Signs({
  done,
  setup,
  kinds,
  coolMin,
}: {
  done: Doneness;
  setup: BakeSetup;
  kinds: ClassId[];
  coolMin: number | null;
}) {
  const each = setup.massG / setup.vessel.count;
  return (
    <section className={`sheet ${classes.panel}`} aria-label="How you know it is done">
      <h2>How you know it is done</h2>
      <ul>
        {done.signs.map((s) => (
          <li key={s}>{SIGN_WORDS[s]}</li>
        ))}
        {done.coreC && (
          <li>
            a probe in the middle reads {fixed(done.coreC[0], 0)} to {fixed(done.coreC[1], 0)} °C
            {done.holdMin > 0 &&
              `, and has for about ${done.holdMin} min: a wet loaf sits there while it is still gummy`}
          </li>
        )}
        {done.loss && (
          <li>
            it has lost {fixed(100 * done.loss[0], 0)} to {fixed(100 * done.loss[1], 0)} % of its weight:{' '}
            {grams(each)} of dough weigh {fixed(each * (1 - done.loss[1]), 0)} to{' '}
            {grams(each * (1 - done.loss[0]))} out of the oven
          </li>
        )}
      </ul>
      <p>
        {done.unmouldMin !== null && `Out of the tin after ${done.unmouldMin} min, or steam makes it soggy. `}
        Cool {span(done.coolMin[0])} to {span(done.coolMin[1])} before cutting: the crumb goes on setting, and
        a warm one is gummy under the knife.
        {coolMin !== null && ` By the model the middle is down to ${CUT_C} °C after about ${span(coolMin)}.`}
      </p>
      <p>
        <b>Keeps:</b> {KEEP_WORDS[keepsAs(kinds)]}
      </p>
      <p className="small quiet">
        Common practice, no source. Heat, steam and hot tins burn: dry cloths, and stand back.
      </p>
    </section>
  );
}

/** Bake: what the change does to the time at the oven, and how one knows that it is done. */
export function BakeStop() {
  const { doc, solution, outcome } = useDeskContext();
  const dispatch = useAppDispatch();
  const { data: kitchen = DEFAULT_KITCHEN } = useKitchenQuery();
  const bake = useBake(doc, solution?.formula ?? doc.source);
  const { plan, source, adapted, stated, compared, pressurePa } = bake;
  const onPlan = (next: BakePlan, field: string) => void dispatch(desk.bakePlanned({ plan: next, field }));
  const tin = plan.tin ?? doc.source.tin;

  if (!outcome) return <Skeleton height={520} role="status" aria-label="Working out the bake" />;
  if (!adapted || !source)
    return (
      <Notice
        kind="word"
        title="No oven stated"
        action={{
          words: `Begin with ${FIRST_OVEN_C} °C`,
          do: () => onPlan({ ...plan, ovenC: FIRST_OVEN_C }, 'oven'),
        }}
      >
        The formula says no oven heat. Begin with a usual one and change it; where lines have no grams, give
        them at Read first.
      </Notice>
    );
  const done = donenessOf(adapted.classId, pressurePa);
  const faults = compared?.faults ?? [];
  const kinds = doc.source.parts.map((p) => p.classId);
  const notes = notesOf(kinds, adapted);
  return (
    <div className={frame.frame}>
      <div className={frame.content} aria-busy={bake.working}>
        <section className={`sheet ${classes.panel}`} aria-label="At the oven">
          <h2>At the oven</h2>
          <BakeFields setup={adapted} tin={tin} plan={plan} onPlan={onPlan} />
          {hasSchools(adapted.classId) && (
            <div className={classes.schools} role="group" aria-label="Two schools">
              {(Object.keys(SCHOOLS) as SchoolId[]).map((id) => (
                <Button
                  key={id}
                  variant="default"
                  size="compact-md"
                  onClick={() => onPlan({ ...plan, ...SCHOOLS[id] }, `school-${id}`)}
                >
                  {SCHOOL_WORDS[id].name}
                </Button>
              ))}
              <span className="small quiet">
                {SCHOOL_WORDS.hot.name}: {SCHOOL_WORDS.hot.about}. {SCHOOL_WORDS.gentle.name}:{' '}
                {SCHOOL_WORDS.gentle.about}.
              </span>
            </div>
          )}
          {faults.map((f) => (
            <p
              key={f}
              className={STOPS.includes(f) && f !== 'notThis' ? classes.fault : classes.word}
              role="alert"
            >
              {BAKE_FAULT_WORDS[f]}
            </p>
          ))}
          {!compared && <Skeleton height={90} role="status" aria-label="Baking it in the model" />}
          {compared && <Time compared={compared} stated={stated} setup={adapted} />}
          {notes.map((n) => (
            <p key={n}>{BAKE_NOTE_WORDS[n]}</p>
          ))}
        </section>
        <div className={classes.grid}>
          <section className={`sheet ${classes.panel}`} aria-label="The tin cut through">
            <h2>The tin cut through</h2>
            {faults.some((f) => f === 'noMass') ? null : <Section setup={adapted} />}
          </section>
          <Signs done={done} setup={adapted} kinds={kinds} coolMin={compared?.coolMin ?? null} />
        </div>
        {compared?.source && compared.adapted && (
          <section className={`sheet ${classes.panel}`} aria-label="Heat over time">
            <h2>Heat over time</h2>
            <Curves source={compared.source} adapted={compared.adapted} />
          </section>
        )}
      </div>
      <aside className={frame.aside} tabIndex={0} aria-label="What this rests on">
        <section>
          <h2>What this rests on</h2>
          <p>
            The formula’s own time is known to work. A model of heat, steam and crust bakes it as written and
            as it is now; the stated time is taken times the ratio of the two. Four of them run: two hearts of
            the loaf, two crumbs. Their spread is the band.
          </p>
          <p>
            Changes are what it is good for. A time out of nothing is good to a fifth, no better, and no bake
            of yours stands behind it yet.
          </p>
          <p className="small quiet">
            Properties: Choi & Okos (1986). Vapour in the crumb and drying of the crust after published work
            on baking, from memory. The tin is taken as {fixed(2 * adapted.vessel.halfCm, 0)} cm wide
            {adapted.vessel.kind === 'long' ? `, ${fixed(adapted.vessel.lengthCm, 0)} cm long` : ''}; dough of{' '}
            {fixed(adapted.density, 2)} g/mL as usual for the kind.
          </p>
        </section>
        <section>
          <h2>Keep in mind</h2>
          <p>
            Opening the door costs 1 to 2 min. Ovens differ by 20 °C: know your own. Dense wet loaves cannot
            be hurried.
          </p>
          {(kitchen.altitudeM ?? 0) > 150 && (
            <p>Water boils lower at your height, and the middle is done lower with it.</p>
          )}
          <p className="small quiet">
            {listed([
              'No raw batter or dough',
              'filled bakes are cooled from 57 to 21 °C within 2 h',
              'then below 5 °C within 4 h more',
            ])}{' '}
            (local code may ask for more).
          </p>
        </section>
      </aside>
    </div>
  );
}
