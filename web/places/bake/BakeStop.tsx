import { Skeleton } from '@mantine/core';
import { useDeferredValue } from 'react';
import { useParams } from 'react-router';
import { type BakePlan } from '../../../contract/dto';
import {
  clockOf,
  CUT_C,
  donenessOfBake,
  hasSchools,
  keepsAs,
  notesOf,
  plainPhase,
  STOPS,
  turnsOf,
  type BakeSetup,
  type Doneness,
} from '../../../core/bake';
import type { ClassId } from '../../../core/classes';
import { useKitchen } from '../../api/useKitchen';
import { useAppDispatch } from '../../app/store';
import { usePantry } from '../../pantry/usePantry';
import { HandbookLink } from '../../parts/HandbookLink';
import { Notice } from '../../parts/Notice';
import { BAKE_FAULT_WORDS, BAKE_NOTE_WORDS, KEEP_WORDS, SIGN_WORDS } from '../../words/data/bake';
import { fixed, grams, listed } from '../../words/format';
import { degrees, degreesApart, degreesSpan, inDegrees } from '../../words/heat';
import { minutesText } from '../../words/say';
import { CantSay } from '../read/CantSay';
import { useDeskContext } from '../desk/context';
import { workingCopy } from '../../working/workingSlice';
import frame from '../desk/desk.module.css';
import { span } from '../lift/liftLines';
import { BakeFields } from './BakeFields';
import { Band } from './Band';
import { Curves } from './Curves';
import { OtherTin, YourOven } from './OtherTin';
import { Programme } from './Programme';
import { Rests, Took } from './Rests';
import { Section } from './Section';
import { Told } from './Told';
import { useBake } from './useBake';
import classes from './bake.module.css';

/** Where one begins when nothing is stated, °C. Common practice, no source. */
const FIRST_OVEN_C = 180;
/** The axis goes on a little beyond the end, min. */
const BEYOND = 5;

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
        {/* The probe has a line of its own. */}
        {done.signs
          .filter((s) => s !== 'core' || !done.coreC)
          .map((s) => (
            <li key={s}>{inDegrees(SIGN_WORDS[s])}</li>
          ))}
        {done.coreC && (
          <li>
            a probe in the middle reads {degreesSpan(...done.coreC)}
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
        {coolMin !== null &&
          ` By the model the middle is down to ${degrees(CUT_C)} after about ${span(coolMin)}.`}
      </p>
      <p>
        <b>Keeps:</b> {inDegrees(KEEP_WORDS[keepsAs(kinds)])}
      </p>
      <p className="small quiet">
        Rules of thumb. Heat, steam and hot tins burn: dry cloths, and stand back.{' '}
        <HandbookLink section="kinds" id={kinds[0]}>
          This kind of bake in the handbook
        </HandbookLink>
      </p>
    </section>
  );
}

/** Bake: what the change does to the time at the oven, and how one knows that it is done. */
export function BakeStop() {
  const { id: formulaId = '' } = useParams();
  const { doc, solution, outcome } = useDeskContext();
  const dispatch = useAppDispatch();
  const kitchen = useKitchen();
  const { pantry } = usePantry();
  const bake = useBake(doc, solution?.formula ?? doc.source);
  const { plan, source, adapted, stated, compared, pressurePa } = bake;
  // The words first: the curves take as long to draw as all else together.
  const later = useDeferredValue(compared, null);
  const onPlan = (next: BakePlan, field: string) =>
    void dispatch(workingCopy.bakePlanned({ plan: next, field }));
  const tin = plan.tin ?? doc.source.tin;

  if (!outcome) return <Skeleton height={520} role="status" aria-label="Working out the bake" />;
  if (!adapted || !source)
    return (
      <Notice
        kind="word"
        title="No oven stated"
        action={{
          words: `Begin with ${degrees(FIRST_OVEN_C)}`,
          do: () => onPlan({ ...plan, phases: [plainPhase(FIRST_OVEN_C)] }, 'oven'),
        }}
      >
        The formula says no oven heat. Begin with a usual one and change it; where lines have no grams, give
        them at Read first.
      </Notice>
    );
  const done = donenessOfBake((solution?.formula ?? doc.source).parts, pantry.lookup, pressurePa);
  const faults = compared?.faults ?? [];
  const kinds = doc.source.parts.map((p) => p.classId);
  const notes = notesOf(kinds, {
    covered: adapted.phases.some((p) => p.cover === 'lid'),
    startC: adapted.startC,
  });
  const drawn = later?.source && later.adapted ? [later.source, later.adapted] : null;
  const clock = compared ? clockOf(compared, stated) * compared.pace.factor : 1;
  const window = compared?.minutes ? ([compared.minutes.from, compared.minutes.to] as const) : null;
  const end =
    BEYOND +
    Math.max(
      ...(drawn ?? []).map((r) => clock * (r.curve.at(-1)?.min ?? 0)),
      window?.[1] ?? 0,
      turnsOf(adapted.phases).at(-1) ?? 0,
    );
  return (
    <div className={`${frame.frame} ${classes.still}`}>
      <div className={frame.content} aria-busy={bake.working}>
        <section className={`sheet ${classes.panel}`} aria-label="At the oven">
          <h2>At the oven</h2>
          {faults.map((f) => (
            <p
              key={f}
              className={STOPS.includes(f) && f !== 'notThis' ? classes.fault : classes.word}
              role="alert"
            >
              {inDegrees(BAKE_FAULT_WORDS[f])}
            </p>
          ))}
          {bake.open.length > 0 && (
            <CantSay what="what the change does to the time" lines={bake.open} source={doc.source} />
          )}
          {bake.open.length > 0 && stated && <p>As written: {minutesText(stated[0], stated[1])}.</p>}
          {!compared && bake.open.length === 0 && (
            <Skeleton height={90} role="status" aria-label="Baking it in the model" />
          )}
          {compared && <Told source={source} adapted={adapted} compared={compared} stated={stated} />}
          <YourOven setup={adapted} oven={bake.oven} />
          <Programme
            phases={adapted.phases}
            schools={hasSchools(adapted.classId)}
            plan={plan}
            onPlan={onPlan}
          />
          {notes.map((n) => (
            <p key={n}>{inDegrees(BAKE_NOTE_WORDS[n])}</p>
          ))}
        </section>
        {drawn && (
          <section className={`sheet ${classes.panel}`} aria-label="Heat over time">
            <h2>Heat over time</h2>
            <Curves source={drawn[0]!} adapted={drawn[1]!} clock={clock} end={end} window={window}>
              <Band
                phases={adapted.phases}
                end={end}
                onPhases={(phases, field) => onPlan({ ...plan, phases }, field)}
              />
            </Curves>
          </section>
        )}
        <section className={`sheet ${classes.panel}`} aria-label="The tin and the dough">
          <h2>The tin and the dough</h2>
          <div className={classes.grid}>
            <div className={classes.tinFields}>
              <BakeFields setup={adapted} tin={tin} plan={plan} onPlan={onPlan} />
              <OtherTin source={source} adapted={adapted} plan={plan} onPlan={onPlan} />
            </div>
            {faults.some((f) => f === 'noMass') ? null : <Section setup={adapted} />}
          </div>
        </section>
        <Signs done={done} setup={adapted} kinds={kinds} coolMin={compared?.coolMin ?? null} />
      </div>
      <aside className={frame.aside} tabIndex={0} aria-label="What this rests on">
        <Took formulaId={formulaId} setup={adapted} compared={compared} />
        <Rests source={source} adapted={adapted} compared={compared} />
        <section>
          <h2>Keep in mind</h2>
          <p>
            Opening the door costs 1 to 2 min. Ovens differ by {degreesApart(20)}: know your own. Dense wet
            loaves cannot be hurried.
          </p>
          {(kitchen.altitudeM ?? 0) > 150 && (
            <p>Water boils lower at your height, and the middle is done lower with it.</p>
          )}
          <p className="small quiet">
            {listed([
              'No raw batter or dough',
              `filled bakes are cooled from ${degreesSpan(57, 21)} within 2 h`,
              `then below ${degrees(5)} within 4 h more`,
            ])}{' '}
            (local code may ask for more).
          </p>
        </section>
      </aside>
    </div>
  );
}
