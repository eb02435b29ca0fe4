import { msg, type Msg } from '../explain';
import { BINDING, CLASSES } from '../classes';
import type { Profile } from '../formula';
import type { LiftBudget } from './budget';

export const RISK_IDS = ['sinks', 'dense', 'tunnels', 'soapy', 'green'] as const;
export type RiskId = (typeof RISK_IDS)[number];
/** Something that may go wrong with the rise: why, how likely in words, and the cheapest thing to change. */
export type Risk = { id: RiskId; level: 'some' | 'likely'; because: Msg[]; repair: Msg };

/** More gas, less binder, more water than the source by these shares count as reasons. Common practice, no source. */
const MORE_GAS = 1.2;
const LESS_BIND = 0.8;
const MORE_WET = 1.03;
/** A proof grown past doubling by this much more is a reason to sink. */
const PAST = 1.1;

export type RiskInput = {
  source: { budget: LiftBudget; profile: Profile };
  adapted: { budget: LiftBudget; profile: Profile };
  /** Growth in the proof, 1 for doubled; null without one. */
  proof: number | null;
  /** Sunflower is in the dough. */
  sunflower: boolean;
};

/**
 * What may go wrong with the rise, most likely first. Two reasons that go together make it likely: much gas in a weak
 * or wet crumb sinks, little gas in a stiff one stays dense.
 */
export function risksOf({ source, adapted, proof, sunflower }: RiskInput): Risk[] {
  const [a, b] = [adapted.budget, source.budget];
  const risks: Risk[] = [];
  const of = (x: number, y: number): number => (y > 0 ? x / y : 1);
  const gas = of(a.gasPer100 ?? a.gasMmol, b.gasPer100 ?? b.gasMmol);
  const bind = of(adapted.profile.props.bind.value, source.profile.props.bind.value);
  const wet = of(adapted.profile.wetness?.value ?? 1, source.profile.wetness?.value ?? 1);
  const binds = BINDING.some((j) => (CLASSES[a.classId].jobs[j] ?? 0) > 0.3);

  const sinks: Msg[] = [
    ...(a.state === 'high' ? [msg('risk.gasHigh', { per: a.gasPer100!, most: a.window![1] })] : []),
    ...(gas > MORE_GAS ? [msg('risk.moreGas', { percent: 100 * (gas - 1) })] : []),
    ...(binds && bind < LESS_BIND ? [msg('risk.lessBind', { percent: 100 * (1 - bind) })] : []),
    ...(wet > MORE_WET ? [msg('risk.wetter', { percent: 100 * (wet - 1) })] : []),
    ...(proof !== null && proof > PAST ? [msg('risk.pastDouble', { percent: 100 * proof })] : []),
  ];
  if (sinks.length > 0 && (a.gasMmol > 0 || proof !== null))
    risks.push({
      id: 'sinks',
      level: sinks.length > 1 ? 'likely' : 'some',
      because: sinks,
      repair:
        a.state === 'high' || gas > MORE_GAS
          ? msg('repair.lessGas', { percent: Math.max(10, 100 * (1 - 1 / Math.max(gas, 1.1))) })
          : proof !== null && proof > PAST
            ? msg('repair.shorterProof')
            : wet > MORE_WET
              ? msg('repair.lessWater')
              : msg('repair.moreBinder'),
    });

  const dense: Msg[] = [
    ...(a.state === 'low' ? [msg('risk.gasLow', { per: a.gasPer100!, least: a.window![0] })] : []),
    ...(b.gasMmol > 0 && gas < 1 / MORE_GAS ? [msg('risk.lessGas', { percent: 100 * (1 - gas) })] : []),
    ...(proof !== null && proof < 0.6 ? [msg('risk.shortProof', { percent: 100 * proof })] : []),
  ];
  if (dense.length > 0)
    risks.push({
      id: 'dense',
      level: dense.length > 1 ? 'likely' : 'some',
      because: dense,
      repair: proof !== null && proof < 0.6 ? msg('repair.longerProof') : msg('repair.morePowder'),
    });

  if (binds && bind > 1.5 && CLASSES[a.classId].family !== 'custard')
    risks.push({
      id: 'tunnels',
      level: 'some',
      because: [msg('risk.moreBind', { percent: 100 * (bind - 1) })],
      repair: msg('repair.rest'),
    });
  if (a.effect === 'soapy')
    risks.push({
      id: 'soapy',
      level: 'likely',
      because: [msg('risk.sodaOver', { percent: 100 * (1 - (a.metShare ?? 1)) })],
      repair: msg('repair.acid'),
    });
  if (sunflower && (a.residueMmol.value > 0 || a.gas.some((g) => g.kind === 'powder')))
    risks.push({
      id: 'green',
      level: a.residueMmol.value > 0 ? 'likely' : 'some',
      because: [msg('risk.sunflower')],
      repair: msg('repair.pumpkin'),
    });
  return risks.sort((x, y) => Number(y.level === 'likely') - Number(x.level === 'likely'));
}
