import type { CameOf, Evidence, EvidenceId, Level, OutcomeId, ScoreId, Suspect } from '../../core/judge';
import { CAUSE_WORDS, FAULT_WORDS, REPAIR_WORDS } from './data/faults';
import { fixed, listed } from './format';
import { degrees } from './heat';

export const OUTCOME_WORDS: Record<OutcomeId, string> = {
  good: 'Good as it is',
  nearly: 'Nearly there',
  wrong: 'Went wrong',
};
/** What is judged, with the words at both ends. */
export const SCORE_WORDS: Record<ScoreId, { name: string; low: string; high: string }> = {
  taste: { name: 'Taste', low: 'not again', high: 'could eat it all' },
  openness: { name: 'Crumb', low: 'tight', high: 'open' },
  softness: { name: 'Softness', low: 'hard', high: 'soft' },
  gumminess: { name: 'Chew', low: 'clean', high: 'gummy' },
  crumble: { name: 'Slices', low: 'fall apart', high: 'hold' },
  rise: { name: 'Rise', low: 'flat', high: 'high' },
  crust: { name: 'Crust', low: 'soft', high: 'crisp' },
  colour: { name: 'Colour', low: 'pale', high: 'dark' },
  look: { name: 'Look', low: 'a sorry sight', high: 'for the window' },
  noticed: { name: 'Would anyone notice?', low: 'at once', high: 'nobody' },
};

const LEVEL_WORDS: Record<Level, string> = { likely: 'Likely', possible: 'Possible', unlikely: 'Unlikely' };
export const suspectWords = ({ level, cause }: Pick<Suspect, 'level' | 'cause'>): string =>
  `${LEVEL_WORDS[level]}: ${CAUSE_WORDS[cause]}`;

const whole = (x: number): string => fixed(x, 0);
const tenth = (x: number): string => fixed(x, x < 10 ? 1 : 0);
/** What is known of a bake, as it is so and as it is not. */
const EVIDENCE_WORDS: Record<EvidenceId, (e: Evidence) => string> = {
  core_short: (e) =>
    e.holds
      ? `the middle had ${degrees(e.value ?? 0)} of ${degrees(e.against ?? 0)} when it came out`
      : 'the middle was done when it came out',
  cut_early: (e) =>
    e.holds
      ? `it was cut after ${whole(e.value ?? 0)} of ${whole(e.against ?? 0)} min`
      : 'it cooled long enough before it was cut',
  wetter: (e) =>
    e.holds ? 'it is wetter than it was, or than its kind bears' : 'it is no wetter than it was',
  drier: (e) => (e.holds ? 'it is stiffer than as written' : 'it is no stiffer than as written'),
  wet_by_feel: (e) =>
    e.holds ? 'much water went in by feel' : 'hardly more water went in by feel than was kept back',
  psyllium_high: (e) =>
    e.holds
      ? `psyllium is ${tenth(e.value ?? 0)} % of the flour, more than ${tenth(e.against ?? 0)} %`
      : 'psyllium is within what its kind bears',
  psyllium_low: (e) =>
    e.holds
      ? `psyllium is only ${tenth(e.value ?? 0)} % of the flour`
      : 'there is enough psyllium for its kind',
  binder_none: (e) => (e.holds ? 'nothing in it binds' : 'something in it binds'),
  binder_less: (e) => (e.holds ? 'it binds less than as written' : 'it binds as much as it did'),
  starch_high: (e) =>
    e.holds ? `${whole(e.value ?? 0)} % of its flours are starch` : 'starch is not the most of its flours',
  protein_low: (e) => (e.holds ? 'it has hardly any protein' : 'it has protein'),
  gas_high: (e) => (e.holds ? 'more gas than its kind usually has' : 'no more gas than its kind usually has'),
  gas_low: (e) => (e.holds ? 'less gas than its kind usually has' : 'no less gas than its kind usually has'),
  soda_left: (e) => (e.holds ? 'soda is left over' : 'its soda is used up'),
  sour: (e) => (e.holds ? 'it is sour' : 'it is not sour'),
  seed_and_soda: (e) => (e.holds ? 'sunflower and soda are in it' : 'sunflower and soda do not meet in it'),
  fat_soft: (e) => (e.holds ? 'most of its fat is soft or melted' : 'most of its fat is firm'),
  kitchen_warm: (e) =>
    e.holds ? `the kitchen had ${degrees(e.value ?? 0)}` : 'the kitchen was not too warm',
  kitchen_cold: (e) =>
    e.holds ? `the kitchen had only ${degrees(e.value ?? 0)}` : 'the kitchen was not cold',
  rise_long: (e) =>
    e.holds ? `it rose ${whole(e.value ?? 0)} min, longer than planned` : 'it rose no longer than planned',
  rise_short: (e) => (e.holds ? `it rose only ${whole(e.value ?? 0)} min` : 'it rose as long as planned'),
  over_doubled: (e) => (e.holds ? 'it grew past double' : 'it did not grow past double'),
  under_doubled: (e) => (e.holds ? 'it did not double' : 'it grew well'),
  door_early: (e) => (e.holds ? 'the oven was opened early' : 'the oven stayed shut long enough'),
  rested: (e) => (e.holds ? 'it had time to drink' : 'it had no time to drink'),
  coarse_rice: (e) => (e.holds ? 'much of it is rice flour' : 'little of it is rice flour'),
  heavy: (e) => (e.holds ? 'most of its flours are heavy' : 'its flours are not heavy'),
  milk_or_egg: (e) => (e.holds ? 'milk or egg is in it' : 'no milk and no egg is in it'),
  sugar_low: (e) => (e.holds ? 'hardly any sugar is in it' : 'it has sugar to brown'),
  fat_low: (e) => (e.holds ? 'hardly any fat is in it' : 'it has fat'),
  blind_baked: (e) => (e.holds ? 'its base was baked first' : 'its base was not baked first'),
  wet_filling: (e) => (e.holds ? 'the filling went in hot or wet' : 'the filling was cold and thick'),
  baked_short: (e) =>
    e.holds ? `it baked ${whole(e.value ?? 0)} min, shorter than planned` : 'it baked as long as planned',
  yeasted: (e) => (e.holds ? 'it has yeast' : 'it has no yeast'),
};
export const evidenceWords = (e: Evidence): string => EVIDENCE_WORDS[e.id](e);

/** What to look at next time to tell two causes apart. */
export const LOOK_WORDS: Partial<Record<EvidenceId, string>> = {
  core_short: 'Next time measure the middle when it comes out.',
  baked_short: 'Next time write down how long it baked.',
  cut_early: 'Next time write down when it is cut.',
  over_doubled: 'Next time mark the dough on the tin, and see how far it grows.',
  under_doubled: 'Next time mark the dough on the tin, and see how far it grows.',
  rise_long: 'Next time write down how long it rose.',
  rise_short: 'Next time write down how long it rose.',
  kitchen_warm: 'Next time measure the kitchen.',
  kitchen_cold: 'Next time measure the kitchen.',
  door_early: 'Next time leave the oven shut, or write down when it was opened.',
  wet_by_feel: 'Next time weigh the water that goes in by feel.',
};

/** Whether the one change did it. */
export function cameWords({ fault, gone, newFaults, better }: CameOf): string {
  const name = FAULT_WORDS[fault].name.toLowerCase();
  const more = newFaults.map((f) => FAULT_WORDS[f].name.toLowerCase());
  return [
    gone ? `It did it: no ${name} this time.` : `It did not do it: ${name} again.`,
    more.length > 0 ? `New: ${listed(more)}.` : '',
    gone && better ? 'And it came out better.' : '',
  ]
    .filter(Boolean)
    .join(' ');
}
export const changeWords = (repair: Suspect['change']): string => REPAIR_WORDS[repair];
