import { atHead } from '../../words/case';
import { SegmentedControl, Skeleton } from '@mantine/core';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { openLines, profileOf, totalMassG, type Formula } from '../../../core/formula';
import type { Lookup } from '../../../core/ingredients';
import type { Learnt } from '../../../core/explain';
import {
  altitudeAdvice,
  isYeasted,
  liftOf,
  passedAt,
  plannedRise,
  slownessOf,
  USUAL_PLAN,
  type LiftPlan,
} from '../../../core/leavening';
import { useKitchen } from '../../shared/useKitchen';
import { useAppDispatch } from '../../store/store';
import { usePantry } from '../../pantry/usePantry';
import { amountOf, fixed, inPercent } from '../../words/format';
import { ingredientName } from '../../words/things';
import { useDeskContext } from '../../shared/deskContext';
import { workingCopy } from '../../working/workingSlice';
import frame from '../../shared/frame.module.css';
import { CantSay } from '../../shared/read/CantSay';
import { AcidBalance } from './AcidBalance';
import { CountRise } from './CountRise';
import type { Planned } from './fields';
import { GasBars } from './GasBars';
import { Exchanges, Repairs, Risks } from './Leaveners';
import { RiseGauge } from './RiseGauge';
import { Starter, type DoughOf } from './Starter';
import { Yeast } from './Yeast';
import classes from './lift.module.css';
import { degrees, toKitchenScale } from '../../words/heat';
import { liftWords } from '../../words/data/en/lift';

const W = liftWords.liftStop;

/** Water in a starter of equal parts flour and water, as our table has it. */
const STARTER_WATER = 0.5;

/** Parts that anything lifts; where none is, the first. */
function lifted(formula: Formula, lookup: Lookup): Formula['parts'] {
  const some = formula.parts.filter(
    (p) => isYeasted(p, lookup) || liftOf(p, lookup).gas.some((g) => g.kind !== 'foam'),
  );
  return some.length > 0 ? some : formula.parts.slice(0, 1);
}

const stateOf = (p: Formula['parts'][number], lookup: Lookup, pressurePa: number) => ({
  budget: liftOf(p, lookup, pressurePa),
  profile: profileOf(p, lookup),
});

const share = ([lo, hi]: readonly [number, number]): string =>
  lo === hi ? inPercent(lo) : W.to({ number: fixed(100 * lo, 0), number2: fixed(100 * hi, 0) });

/** Below this height nobody would notice a thing, m. */
const NOTICED_M = 150;

/** What the height of the kitchen asks for. */
function Altitude({ altitudeM }: { altitudeM: number }) {
  const advice = altitudeAdvice(altitudeM);
  if (!advice || altitudeM < NOTICED_M)
    return (
      <section>
        <p className="small quiet">{W.figuresAreForSeaLevel}</p>
      </section>
    );
  return (
    <section>
      <h2>{W.atM({ number: fixed(altitudeM, 0) })}</h2>
      <p>
        {W.waterBoilsAtABubble({
          temperature: degrees(advice.boilsC, 1),
          number: fixed(100 * (101_325 / advice.pressurePa - 1), 0),
        })}
      </p>
      {advice.change ? (
        <p>
          {W.usualHereLessLeaveningLess({
            share: share(advice.change.leaveningLess),
            share2: share(advice.change.sugarLess),
            share3: share(advice.change.liquidMore),
            inDegrees: toKitchenScale(
              advice.change.ovenHotterC.map((c) => fixed(c, 0)).join('–') + W.cHotter,
            ),
          })}
        </p>
      ) : (
        <p className="quiet">{W.below900MNothingIs}</p>
      )}
      <p className="small quiet">{W.pressureIso2533BoilingIapws}</p>
    </section>
  );
}

type PartOf = Formula['parts'][number];
type LiftState = ReturnType<typeof stateOf>;

/** Gas and acid, as written beside as it is now. */
function Chemistry({
  part,
  before,
  after,
  rise,
}: {
  part: PartOf;
  before: LiftState;
  after: LiftState;
  /** How far yeast lets it rise; null where no yeast does. */
  rise: number | null;
}) {
  const { doc } = useDeskContext();
  const { lookup } = usePantry().pantry;
  const chemical =
    rise === null || [before, after].some((x) => x.budget.baseMmol.value > 0 || x.budget.gasMmol > 0.5);
  const sunflower = part.lines.some((l) => lookup(l.item)?.like?.startsWith('sunflower_seed'));
  return (
    <>
      {after.budget.open && (
        <CantSay what={W.whatLiftsIt} lines={openLines(part, lookup)} source={doc.source} />
      )}
      <div className={chemical ? classes.grid : undefined} hidden={after.budget.open}>
        {chemical && (
          <div>
            <AcidBalance source={before.budget} adapted={after.budget} />
            <Repairs part={part} budget={after.budget} lookup={lookup} />
          </div>
        )}
        <div>
          {chemical && <GasBars source={before.budget} adapted={after.budget} />}
          <Risks source={before} adapted={after} proof={rise} sunflower={sunflower} />
        </div>
      </div>
    </>
  );
}

/** The clock of the yeast, a gauge for the rise, and a starter. */
function Yeasted({
  part,
  after,
  plan,
  onPlan,
  pressurePa,
}: Planned & { part: PartOf; after: LiftState; pressurePa: number }) {
  const { doc } = useDeskContext();
  const { lookup } = usePantry().pantry;
  const kitchen = useKitchen();
  const { id: formulaId = '' } = useParams();
  const table = kitchen.yeast ?? 'usual';
  const starterG = totalMassG(part.lines.filter((l) => lookup(l.item)?.group === 'starter'));
  const dough: DoughOf = {
    flourG: after.profile.flourG,
    waterG: after.profile.props.freeWater.value - STARTER_WATER * starterG,
    starterG,
  };
  return (
    <>
      {!after.budget.open && (
        <Yeast
          written={doc.source}
          part={part}
          lookup={lookup}
          table={table}
          pressurePa={pressurePa}
          plan={plan}
          onPlan={onPlan}
          slow={slownessOf(kitchen.risen ?? [], 'yeast')}
        />
      )}
      <RiseGauge plan={plan} onPlan={onPlan}>
        <CountRise
          of="yeast"
          formulaId={formulaId}
          saidMin={plannedRise(part, lookup, table, plan, pressurePa)?.minutes ?? null}
          tookMin={passedAt(plan.readings, plan.rise)}
        />
      </RiseGauge>
      <StarterFold
        open={dough.starterG > 0}
        plan={plan}
        onPlan={onPlan}
        dough={dough}
        formulaId={formulaId}
        slow={slownessOf(kitchen.risen ?? [], 'starter')}
      />
    </>
  );
}

/** Where the figures come from, line by line. */
function Sources({ acids, acidMmol }: Pick<LiftState['budget'], 'acids' | 'acidMmol'>) {
  return (
    <>
      <section>
        <h2>{W.acidLineByLine}</h2>
        {acids.length === 0 && <p>{W.nothingSourInIt}</p>}
        <div className={frame.equation}>
          {acids.slice(0, 7).map((a) => (
            <div key={a.lineId} className="num" style={{ whiteSpace: 'normal' }}>
              {fixed(a.massG, a.massG < 20 ? 1 : 0)} g {ingredientName(a.ingredientId, true)} ×{' '}
              {fixed(a.mmol.value / a.massG, 3)} = {fixed(a.mmol.value, 1)}
            </div>
          ))}
          <b className="num">= {amountOf(acidMmol, 'mmol')}</b>
        </div>
        <p className="small quiet">{W.titratableAcidityMmolGApproximate}</p>
      </section>
      <section>
        <h2>{W.gasToVolume}</h2>
        <p className="small">
          {W.nRTPressureWaters({ temperature: degrees(90), temperature2: degrees(25) })}
        </p>
      </section>
    </>
  );
}

/** Lift: gas and acid of the source beside the adapted, the clock of the yeast, starter, and gauge. */
export function LiftStop() {
  const { doc, solution, outcome, working } = useDeskContext();
  const dispatch = useAppDispatch();
  const { lookup } = usePantry().pantry;
  const { altitudeM = 0 } = useKitchen();
  const [chosen, setChosen] = useState<string | null>(null);
  const formula = solution?.formula ?? doc.source;
  const parts = useMemo(() => lifted(formula, lookup), [formula, lookup]);
  const part = parts.find((p) => p.id === chosen) ?? parts[0]!;
  const source = doc.source.parts.find((p) => p.id === part.id) ?? part;
  const pressurePa = altitudeAdvice(altitudeM)!.pressurePa;
  const before = useMemo(() => stateOf(source, lookup, pressurePa), [source, lookup, pressurePa]);
  const after = useMemo(() => stateOf(part, lookup, pressurePa), [part, lookup, pressurePa]);
  const plan: LiftPlan = doc.request.lift ?? USUAL_PLAN;
  const onPlan = (more: Partial<LiftPlan>, field: string) =>
    void dispatch(workingCopy.liftPlanned({ plan: { ...plan, ...more }, field }));
  if (!outcome) return <Skeleton height={520} role="status" aria-label={W.workingOutTheLift} />;
  const yeasted = isYeasted(part, lookup);
  return (
    <div className={frame.frame}>
      <div className={frame.content} aria-busy={working}>
        {parts.length > 1 && (
          <SegmentedControl
            mb={12}
            aria-label={W.part}
            value={part.id}
            data={parts.map((p) => ({ value: p.id, label: atHead(p.name) || W.mainPart }))}
            onChange={setChosen}
          />
        )}
        <Chemistry part={part} before={before} after={after} rise={yeasted ? plan.rise : null} />
        {yeasted && <Yeasted part={part} after={after} plan={plan} onPlan={onPlan} pressurePa={pressurePa} />}
        <Exchanges part={part} lookup={lookup} />
      </div>
      <aside className={frame.aside} tabIndex={0} aria-label={W.whereTheFiguresComeFrom}>
        <Sources acids={after.budget.acids} acidMmol={after.budget.acidMmol} />
        <Altitude altitudeM={altitudeM} />
        <section>
          <p className="small quiet">{W.notForEatingRawNo}</p>
        </section>
      </aside>
    </div>
  );
}

function StarterFold({
  open,
  plan,
  onPlan,
  dough,
  formulaId,
  slow,
}: {
  open: boolean;
  dough: DoughOf;
  formulaId: string;
  slow: Learnt;
  plan: LiftPlan;
  onPlan: (more: Partial<LiftPlan>, field: string) => void;
}) {
  const [shown, setShown] = useState(open);
  return shown ? (
    <Starter plan={plan} onPlan={onPlan} dough={dough} formulaId={formulaId} slow={slow} />
  ) : (
    <p>
      <button type="button" className={classes.link} onClick={() => setShown(true)}>
        {W.planAStarterForIt}
      </button>
    </p>
  );
}
