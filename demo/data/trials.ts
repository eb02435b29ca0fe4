import type { ExclusionId } from '../../core/exclusions';
import type { Experiment, Trial } from '../../core/judge';
import type { PICTURES } from './pictures';

/**
 * A trial of the demo: of the formula as written, of a version that was kept, or of one that tries the one change of an earlier
 * trial (`tries`: which of the list, by its place). All of it is invented.
 */
export type DemoTrial = Pick<Trial, 'outcome' | 'scores' | 'faults' | 'notes' | 'tasters'> & {
  daysAgo: number;
  of: 'written' | 'kept' | 'tries';
  tries?: { called: string; trial: number } & Omit<NonNullable<Trial['tests']>, 'trialId'>;
  actual: Trial['actual'];
  picture: keyof typeof PICTURES | null;
};
export type DemoHistory = { title: string; name: string; exclude: ExclusionId[]; trials: DemoTrial[] };

export const DEMO_TRIALS: readonly DemoHistory[] = [
  {
    title: 'Cardamom crown',
    name: 'no egg, no dairy',
    exclude: ['egg', 'dairy'],
    trials: [
      { daysAgo: 62, of: 'written', outcome: 'good', scores: { taste: 5, look: 5, softness: 5 }, faults: [], actual: { bakeMin: 34, coolMin: 190, riseMin: 110 }, notes: 'As it always was, egg and butter in it. The one to come near to.', tasters: ['Kiosk'], picture: 'crownGood' },
      { daysAgo: 48, of: 'kept', outcome: 'wrong', scores: { taste: 3, gumminess: 5, look: 2 }, faults: ['gummy'], actual: { bakeMin: 34, coreC: 89, coolMin: 195, riseMin: 110 }, notes: 'A wet band along the base. Came out when the top looked right.', tasters: ['Kiosk', 'Helper'], picture: 'crownGummy' },
      { daysAgo: 43, of: 'tries', tries: { called: 'baked until done', trial: 1, fault: 'gummy', cause: 'out_early', repair: 'longer_bake' }, outcome: 'nearly', scores: { taste: 4, gumminess: 2, look: 3 }, faults: ['pale'], actual: { bakeMin: 43, coreC: 96, coolMin: 200, riseMin: 110 }, notes: 'Baked on until the middle was done: no band. Hardly any colour.', tasters: ['Kiosk'], picture: 'crownPale' },
      { daysAgo: 36, of: 'tries', tries: { called: 'washed with milk', trial: 2, fault: 'pale', cause: 'no_milk_egg', repair: 'milk_wash' }, outcome: 'nearly', scores: { taste: 4, gumminess: 2, look: 4, rise: 3 }, faults: ['sunken'], actual: { bakeMin: 42, coreC: 96.5, coolMin: 205, riseMin: 190, grew: 1.5, roomC: 27 }, notes: 'Colour is there. The choir was late: it stood far too long and fell.', tasters: ['Kiosk', 'Helper'], picture: 'crownSunken' },
      { daysAgo: 29, of: 'tries', tries: { called: 'shorter proof', trial: 3, fault: 'sunken', cause: 'over_proofed', repair: 'shorter_proof' }, outcome: 'nearly', scores: { taste: 4, softness: 3, rise: 4, look: 4 }, faults: ['crumbly'], actual: { bakeMin: 42, coreC: 97, coolMin: 200, riseMin: 105, grew: 1, roomC: 22 }, notes: 'Stands well. Crumbles a little when it is sliced thin.', tasters: ['Kiosk'], picture: 'crownGood' },
      { daysAgo: 22, of: 'tries', tries: { called: 'more psyllium', trial: 4, fault: 'crumbly', cause: 'too_little_binder', repair: 'more_psyllium' }, outcome: 'wrong', scores: { taste: 3, gumminess: 4, rise: 2, look: 2 }, faults: ['dense'], actual: { bakeMin: 42, coreC: 96, coolMin: 200, riseMin: 105, grew: 0.6, roomC: 18 }, notes: 'A wrong turn: it hardly rose. Cold kitchen as well, so one cannot tell.', tasters: ['Kiosk'], picture: 'crownDense' },
      { daysAgo: 8, of: 'tries', tries: { called: 'more water', trial: 4, fault: 'crumbly', cause: 'too_dry', repair: 'more_water' }, outcome: 'good', scores: { taste: 5, softness: 4, rise: 4, look: 4, noticed: 4 }, faults: [], actual: { bakeMin: 42, coreC: 97, coolMin: 210, riseMin: 105, grew: 1, roomC: 22 }, notes: 'From the fifth, with a little more water. The engineer asked for a second slice.', tasters: ['Kiosk', 'Helper'], picture: 'crownGood' },
    ],
  },
  {
    title: 'Parsnip and walnut muffins',
    name: 'no egg, no dairy',
    exclude: ['egg', 'dairy'],
    trials: [
      { daysAgo: 70, of: 'written', outcome: 'good', scores: { taste: 5, look: 4 }, faults: [], actual: { bakeMin: 22, coolMin: 60 }, notes: 'As written.', tasters: ['Kiosk'], picture: 'muffinGood' },
      { daysAgo: 55, of: 'kept', outcome: 'wrong', scores: { taste: 3, gumminess: 4 }, faults: ['gummy'], actual: { bakeMin: 22, coreC: 95, coolMin: 12 }, notes: 'Cut them at once for the boat.', tasters: ['Helper'], picture: 'muffinGummy' },
      { daysAgo: 50, of: 'tries', tries: { called: 'cooled fully', trial: 1, fault: 'gummy', cause: 'cut_warm', repair: 'cool_fully' }, outcome: 'nearly', scores: { taste: 4, gumminess: 2, rise: 2 }, faults: ['dense'], actual: { bakeMin: 22, coreC: 96, coolMin: 75 }, notes: 'Not gummy any more. Heavy in the hand.', tasters: ['Kiosk'], picture: 'muffinFlat' },
      { daysAgo: 41, of: 'tries', tries: { called: 'more powder', trial: 2, fault: 'dense', cause: 'too_little_gas', repair: 'more_leavening' }, outcome: 'nearly', scores: { taste: 4, rise: 5, look: 3 }, faults: ['tunnels'], actual: { bakeMin: 22, coreC: 96, coolMin: 70 }, notes: 'Now they peak, with holes standing upright.', tasters: ['Kiosk', 'Helper'], picture: 'muffinPeaked' },
      { daysAgo: 33, of: 'tries', tries: { called: 'batter rested', trial: 3, fault: 'tunnels', cause: 'no_rest', repair: 'longer_soak' }, outcome: 'good', scores: { taste: 4, rise: 4, look: 4 }, faults: [], actual: { bakeMin: 23, coreC: 96, coolMin: 70 }, notes: 'Batter stood ten minutes before the tin.', tasters: ['Kiosk'], picture: 'muffinGood' },
      { daysAgo: 20, of: 'kept', outcome: 'good', scores: { taste: 4, look: 4, noticed: 3 }, faults: [], actual: { bakeMin: 23, coreC: 96, coolMin: 80 }, notes: 'For the hiking club, thirty of them.', tasters: ['Helper'], picture: 'muffinGood' },
      { daysAgo: 5, of: 'kept', outcome: 'nearly', scores: { taste: 4, crust: 2 }, faults: ['dries'], actual: { bakeMin: 26, coreC: 98, coolMin: 80 }, notes: 'Forgot them for three minutes. Dry the next morning.', tasters: ['Kiosk'], picture: null },
    ],
  },
]; // prettier-ignore

/** Psyllium and water of the crown: invented heights of the cut face. */
export const DEMO_EXPERIMENT: Omit<Experiment, 'formulaId' | 'at'> & { of: string; daysAgo: number } = {
  of: 'Cardamom crown',
  daysAgo: 15,
  title: 'Cardamom crown: psyllium, water',
  factors: [
    { name: 'psyllium', low: '18 g', high: '24 g' },
    { name: 'water', low: '400 g', high: '430 g' },
  ],
  halvings: 0,
  measured: 'height, mm',
  runs: [
    { settings: [1, -1], y: 71 },
    { settings: [-1, 1], y: 66 },
    { settings: [-1, -1], y: 64.5 },
    { settings: [0, 0], y: 70.5 },
    { settings: [1, 1], y: 76 },
    { settings: [-1, -1], y: 66 },
    { settings: [1, 1], y: 74.5 },
    { settings: [0, 0], y: 72 },
    { settings: [-1, 1], y: 64 },
    { settings: [1, -1], y: 69.5 },
  ],
}; // prettier-ignore
