import { Skeleton } from '@mantine/core';
import { useDeferredValue } from 'react';
import { useParams } from 'react-router';
import type { BakePlan } from '../../../contract/dto';
import {
  clockOf,
  CUT_C,
  donenessOfBake,
  hobStepsOf,
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
import type { Step } from '../../../core/method';
import { useKitchen } from '../../shared/useKitchen';
import { useAppDispatch } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { HandbookLink } from '../../parts/HandbookLink';
import { Notice } from '../../parts/Notice';
import { BAKE_FAULT_WORDS, BAKE_NOTE_WORDS, KEEP_WORDS, SIGN_WORDS } from '../../words/data/bake';
import { fixed, grams } from '../../words/format';
import { listed } from '../../words/plural';
import { degrees, degreesApart, degreesSpan, toKitchenScale } from '../../words/heat';
import { minutesText } from '../../words/say';
import { stepText } from '../../words/stepWords';
import { CantSay } from '../../shared/read/CantSay';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import frame from '../../shared/frame.module.css';
import { span } from '../../shared/liftLines';
import { BakeFields } from './BakeFields';
import { Band } from './Band';
import { Curves } from './Curves';
import { OtherTin, YourOven } from './OtherTin';
import { Programme } from './Programme';
import { ModelDetails, Took } from './ModelDetails';
import { Section } from './Section';
import { BakeVerdict } from './BakeVerdict';
import { useBake } from '../../shared/useBake';
import classes from './bake.module.css';
import { bakeWords } from '../../words/data/en/bake';

const W = bakeWords.bakeStop;

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
    <section className={`sheet ${classes.panel}`} aria-label={W.howYouKnowItIs}>
      <h2>{W.howYouKnowItIs}</h2>
      <ul>
        {/* The probe has a line of its own. */}
        {done.signs
          .filter((s) => s !== 'core' || !done.coreC)
          .map((s) => (
            <li key={s}>{toKitchenScale(SIGN_WORDS[s])}</li>
          ))}
        {done.coreC && (
          <li>
            {W.aProbeInTheMiddle({
              temperatures: degreesSpan(...done.coreC),
              holdMin: done.holdMin > 0 && W.andHasForAboutMin({ holdMin: done.holdMin }),
            })}
          </li>
        )}
        {done.loss && (
          <li>
            {W.itHasLostToOf({
              number: fixed(100 * done.loss[0], 0),
              number2: fixed(100 * done.loss[1], 0),
              amount: grams(each),
              number3: fixed(each * (1 - done.loss[1]), 0),
              amount2: grams(each * (1 - done.loss[0])),
            })}
          </li>
        )}
      </ul>
      <p>
        {W.coolToBeforeCuttingThe({
          unmouldMin: done.unmouldMin !== null && W.outOfTheTinAfter({ unmouldMin: done.unmouldMin }),
          time: span(done.coolMin[0]),
          time2: span(done.coolMin[1]),
          coolMin:
            coolMin !== null && W.byTheModelTheMiddle({ temperature: degrees(CUT_C), time: span(coolMin) }),
        })}
      </p>
      <p>
        <b>{W.keeps}</b> {toKitchenScale(KEEP_WORDS[keepsAs(kinds)])}
      </p>
      <p className="small quiet">
        {W.rulesOfThumbHeatSteam}{' '}
        <HandbookLink section="kinds" id={kinds[0]}>
          {W.thisKindOfBakeIn}
        </HandbookLink>
      </p>
    </section>
  );
}

/** What sees no oven: its steps at the hob as they now go, and how one knows that it is done. */
function OnTheHob({ steps, signs }: { steps: readonly Step[]; signs: Doneness }) {
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.onTheHob}>
      <h2>{W.onTheHob}</h2>
      <p>{W.noOvenIsTold}</p>
      <ul>
        {steps.map((s) => (
          <li key={s.id}>{stepText(s)}</li>
        ))}
      </ul>
      <h3>{W.howYouKnowItIs}</h3>
      <ul>
        {signs.signs
          .filter((s) => s !== 'core')
          .map((s) => (
            <li key={s}>{toKitchenScale(SIGN_WORDS[s])}</li>
          ))}
      </ul>
    </section>
  );
}

type BakeNow = ReturnType<typeof useBake>;
/** A bake that has an oven: both of what is held against each other are there. */
type Both = { source: BakeSetup; adapted: BakeSetup };
type Planning = { plan: BakePlan; onPlan: (next: BakePlan, field: string) => void };

/** What is said at the oven: the time, what the change does to it, the programme. */
function AtTheOven({ bake, source, adapted, plan, onPlan }: Both & Planning & { bake: BakeNow }) {
  const { doc } = useDeskContext();
  const { compared, stated } = bake;
  const notes = notesOf(
    doc.source.parts.map((p) => p.classId),
    { covered: adapted.phases.some((p) => p.cover === 'lid'), startC: adapted.startC },
  );
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.atTheOven}>
      <h2>{W.atTheOven}</h2>
      {(compared?.faults ?? []).map((f) => (
        <p
          key={f}
          className={STOPS.includes(f) && f !== 'notThis' ? classes.fault : classes.word}
          role="alert"
        >
          {toKitchenScale(BAKE_FAULT_WORDS[f])}
        </p>
      ))}
      {bake.open.length > 0 && <CantSay what={W.whatTheChangeDoesTo} lines={bake.open} source={doc.source} />}
      {bake.open.length > 0 && stated && <p>{W.asWritten({ minutes: minutesText(stated[0], stated[1]) })}</p>}
      {!compared && bake.open.length === 0 && (
        <Skeleton height={90} role="status" aria-label={W.bakingItInTheModel} />
      )}
      {compared && <BakeVerdict source={source} adapted={adapted} compared={compared} stated={stated} />}
      <YourOven setup={adapted} oven={bake.oven} />
      <Programme phases={adapted.phases} schools={hasSchools(adapted.classId)} plan={plan} onPlan={onPlan} />
      {notes.map((n) => (
        <p key={n}>{toKitchenScale(BAKE_NOTE_WORDS[n])}</p>
      ))}
    </section>
  );
}

/** Heat over time, as written and as it is now, with the programme below it. */
function HeatOverTime({ bake, adapted, plan, onPlan }: Pick<Both, 'adapted'> & Planning & { bake: BakeNow }) {
  const { compared, stated } = bake;
  // The words first: the curves take as long to draw as all else together.
  const later = useDeferredValue(compared, null);
  const [before, after] = [later?.source, later?.adapted];
  if (!before || !after) return null;
  const clock = compared ? clockOf(compared, stated) * compared.pace.factor : 1;
  const window = compared?.minutes ? ([compared.minutes.from, compared.minutes.to] as const) : null;
  const end =
    BEYOND +
    Math.max(
      ...[before, after].map((r) => clock * (r.curve.at(-1)?.min ?? 0)),
      window?.[1] ?? 0,
      turnsOf(adapted.phases).at(-1) ?? 0,
    );
  return (
    <section className={`sheet ${classes.panel}`} aria-label={W.heatOverTime}>
      <h2>{W.heatOverTime}</h2>
      <Curves source={before} adapted={after} clock={clock} end={end} window={window}>
        <Band
          phases={adapted.phases}
          end={end}
          onPhases={(phases, field) => onPlan({ ...plan, phases }, field)}
        />
      </Curves>
    </section>
  );
}

/** What holds for every bake. */
function KeepInMind() {
  const kitchen = useKitchen();
  return (
    <section>
      <h2>{W.keepInMind}</h2>
      <p>{W.openingTheDoorCosts1({ degrees: degreesApart(20) })}</p>
      {(kitchen.altitudeM ?? 0) > 150 && <p>{W.waterBoilsLowerAtYour}</p>}
      <p className="small quiet">
        {W.localCodeMayAskFor({
          list: listed([
            W.noRawBatterOrDough,
            W.filledBakesAreCooledFrom({ temperatures: degreesSpan(57, 21) }),
            W.thenBelowWithin4H({ temperature: degrees(5) }),
          ]),
        })}
      </p>
    </section>
  );
}

/** Bake: what the change does to the time at the oven, and how one knows that it is done. */
export function BakeStop() {
  const { id: formulaId = '' } = useParams();
  const { doc, solution, outcome } = useDeskContext();
  const dispatch = useAppDispatch();
  const { pantry } = usePantry();
  const formula = solution?.formula ?? doc.source;
  const bake = useBake(doc, formula);
  const { plan, source, adapted, compared, pressurePa } = bake;
  const onPlan = (next: BakePlan, field: string) =>
    void dispatch(workingCopy.bakePlanned({ plan: next, field }));

  if (!outcome) return <Skeleton height={520} role="status" aria-label={W.workingOutTheBake} />;
  if (!adapted || !source) {
    const onHob = hobStepsOf(formula);
    return (
      <div className={frame.alone}>
        {onHob.length > 0 ? (
          <OnTheHob steps={onHob} signs={donenessOfBake(formula.parts, pantry.lookup)} />
        ) : (
          <Notice
            kind="word"
            title={W.noOvenStated}
            action={{
              words: W.beginWith({ temperature: degrees(FIRST_OVEN_C) }),
              do: () => onPlan({ ...plan, phases: [plainPhase(FIRST_OVEN_C)] }, 'oven'),
            }}
          >
            {W.theFormulaSaysNoOven}
          </Notice>
        )}
      </div>
    );
  }
  const both = { source, adapted, plan, onPlan };
  const kinds = doc.source.parts.map((p) => p.classId);
  return (
    <div className={`${frame.frame} ${classes.still}`}>
      <div className={frame.content} aria-busy={bake.working}>
        <AtTheOven bake={bake} {...both} />
        <HeatOverTime bake={bake} {...both} />
        <section className={`sheet ${classes.panel}`} aria-label={W.theTinAndTheDough}>
          <h2>{W.theTinAndTheDough}</h2>
          <div className={classes.grid}>
            <div className={classes.tinFields}>
              <BakeFields setup={adapted} tin={plan.tin ?? doc.source.tin} plan={plan} onPlan={onPlan} />
              <OtherTin {...both} />
            </div>
            {compared?.faults.includes('noMass') ? null : <Section setup={adapted} />}
          </div>
        </section>
        <Signs
          done={donenessOfBake(formula.parts, pantry.lookup, pressurePa)}
          setup={adapted}
          kinds={kinds}
          coolMin={compared?.coolMin ?? null}
        />
      </div>
      <aside className={frame.aside} tabIndex={0} aria-label={W.whatThisRestsOn}>
        <Took formulaId={formulaId} setup={adapted} compared={compared} />
        <ModelDetails source={source} adapted={adapted} compared={compared} />
        <KeepInMind />
      </aside>
    </div>
  );
}
