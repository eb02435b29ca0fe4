import { catalogue } from '../catalogue';
import type { TaskKind } from '../../../core/plan';

/** What is done in a task of the clock. */
export const TASK_WORDS: Record<TaskKind, string> = catalogue('tasks.TASK_WORDS', {
  heat_oven: 'Heat the oven',
  heat_pot: 'Heat the oven with the pot in it',
  feed: 'Feed the starter',
  soften: 'Take the butter out',
  cold: 'Chill what has to be cold',
  line: 'Line the tin',
  wash_up: 'Wash bowls and tools',
  prepare: 'Prepare',
  preheat: 'Heat the oven',
  gel: 'Make the gel',
  soak: 'Soak',
  drain: 'Drain',
  cream: 'Cream',
  rub: 'Rub in',
  whisk: 'Whisk',
  melt: 'Melt',
  mix: 'Mix',
  knead: 'Knead',
  fold: 'Fold',
  cook: 'Cook',
  boil: 'Boil',
  rest: 'Leave to rest',
  proof: 'Prove',
  chill: 'Chill',
  shape: 'Shape',
  divide: 'Divide',
  score: 'Score',
  fill: 'Fill',
  wash: 'Brush or sprinkle',
  blind_bake: 'Bake blind',
  bake: 'Bake',
  uncover: 'Uncover',
  turn: 'Turn',
  cool: 'Leave to cool',
  glaze: 'Glaze',
  other: 'Go on',
});

/** What is to be minded just then, where it changes what somebody does. */
export const TASK_CAUTIONS: Partial<Record<TaskKind, string>> = catalogue('tasks.TASK_CAUTIONS', {
  soak: 'Soak grain, seeds or pulses in the fridge if it takes hours.',
  gel: 'Soak psyllium, flaxseed and chia first; never add them dry.',
  boil: 'Boiling water and syrup burn: stand back as it goes in.',
  heat_pot: 'The pot and its lid get as hot as the oven: dry gloves, and mind the steam.',
  uncover: 'The lid is as hot as the oven: dry gloves, and mind the steam.',
});
