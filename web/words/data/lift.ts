import { catalogue } from '../catalogue';
import type {
  Effect,
  Exchange,
  GasKind,
  GaugeState,
  PlaceId,
  PlanFault,
  RiskId,
  YeastTable,
} from '../../../core/leavening';

export const YEAST_TABLE_WORDS: Record<YeastTable, string> = catalogue('lift.YEAST_TABLE_WORDS', {
  usual: '3 : 1.5 : 1',
  lean: '2.5 : 1.25 : 1',
  generous: '4 : 1.33 : 1',
});

export const GAS_WORDS: Record<GasKind, string> = catalogue('lift.GAS_WORDS', {
  met: 'neutralised soda',
  heat: 'soda by heat alone',
  powder: 'baking powder',
  foam: 'air beaten in',
});

export const EFFECT_WORDS: Record<Effect, string> = catalogue('lift.EFFECT_WORDS', {
  soapy: 'Soda is not neutralised: dark, and it tastes of soap.',
  browner: 'A little soda is not neutralised: it browns and spreads more.',
  neutral: 'Hardly any soda or acid is left over.',
  tender: 'A little acid is left over: tender, a little paler.',
  sour: 'Acid is left over: tender, pale, and you can taste it.',
});

export const RISK_WORDS: Record<RiskId, string> = catalogue('lift.RISK_WORDS', {
  sinks: 'Sinks in the middle',
  dense: 'Stays dense',
  tunnels: 'Tunnels or rubber',
  soapy: 'Tastes of soda',
  green: 'Green crumb',
});

export const EXCHANGE_WORDS: Record<Exchange['id'], { name: string; note: string }> = catalogue(
  'lift.EXCHANGE_WORDS',
  {
    home_powder: {
      name: 'Home-made baking powder, phosphate-free',
      note: 'Most of its gas is released during mixing: bake straight away.',
    },
    soda_vinegar: { name: 'Soda and vinegar', note: 'Stir the vinegar in last; the water in it counts.' },
    soda_lemon: { name: 'Soda and lemon juice', note: 'Stir the juice in last; the water in it counts.' },
    powder: {
      name: 'Baking powder for the soda',
      note: 'It brings its own acid: what was acidic stays acidic and browns less.',
    },
    potassium: { name: 'Potassium bicarbonate', note: 'No sodium; add a pinch of salt for the taste.' },
    ammonia: { name: 'Baker’s ammonia', note: 'For thin, dry biscuits only.' },
  },
);

export const GAUGE_WORDS: Record<GaugeState, string> = catalogue('lift.GAUGE_WORDS', {
  few: 'Add three readings to see a forecast.',
  rising: 'Rising.',
  near: 'Nearly there: heat the oven.',
  over: 'Past the mark: into the oven now.',
  stalled: 'It hardly moves. Warmer, or the yeast is spent.',
});

export const PLACE_WORDS: Record<PlaceId, string> = catalogue('lift.PLACE_WORDS', {
  room: 'room',
  light: 'oven, its light on',
  fridge: 'fridge',
});

/** What is wrong with a plan, and what to do. */
export const PLAN_FAULT_WORDS: Record<PlanFault, string> = catalogue('lift.PLAN_FAULT_WORDS', {
  placeCold: 'Below −2 °C the dough freezes. Enter a warmer place.',
  placeHot: 'No dough rises above 100 °C. Enter the place in °C: was it °F?',
  placeKills: 'At 50 °C and more the yeast dies. 27 to 32 °C is warm enough.',
  hours: 'Enter between a few minutes and 72 hours for each place.',
  rise: 'Enter a rise between 10 and 400%: 100% is doubled.',
  wantHot: 'A dough above 45 °C has killed or cooked its yeast. 24 to 28 °C is usual.',
  wantCold: 'Below 4 °C nothing rises. 24 to 28 °C is usual.',
  wakeKills: 'That kills the yeast: it dies at about 50 to 55 °C. Let the liquid cool to 35 to 43 °C.',
  wakeHot: 'Too warm for yeast: 35 to 43 °C wakes it.',
  wakeCold: 'It wakes slowly below 25 °C: 35 to 43 °C is usual.',
  feedFlour: 'A starter is fed with flour: enter a part above 0.',
  feedStarter: 'Enter a part above 0 for the old starter.',
  feedWater: 'Water cannot be less than 0.',
  feedCold: 'Below 5 °C a starter sleeps. Enter the temperature where it stays after feeding.',
  feedHot: 'Above 38 °C a starter dies. 21 to 28 °C is usual.',
  need: 'Enter how much starter the dough needs, above 0.',
  hot: 'A mixture is between −2 and 100 °C. Enter it in °C: was it °F?',
  hotAmount: 'The amount of hot mixture cannot be less than 0.',
  left: 'The amount to keep cannot be less than 0.',
});
