import type { TimedBake } from '../bake';
import type { TimedRise } from '../leavening';
import type { ActionKind, ActionPlace } from '../method';

/**
 * What is done in a task: an act of the method, or what nobody writes down: heating, taking butter out, lining the tin, feeding the starter,
 * washing up before a bake that has to be free of what the one before held.
 */
export type TaskKind =
  ActionKind | 'heat_oven' | 'heat_pot' | 'feed' | 'soften' | 'cold' | 'line' | 'wash_up';
/** Where a length comes from: the baker wrote it; the yeast clock; the bake model; a way brings it; usual for such a thing; nothing is known of it. */
export const DURATION_BASES = ['written', 'yeast', 'model', 'way', 'usual', 'guess'] as const;
export type DurationBasis = (typeof DURATION_BASES)[number];

/**
 * One stretch of the work, in min: how long it takes, from least to most; how much of it is hands-on at its beginning and at
 * its end. `stretches`: it may last anywhere between, as a soak; else it takes what it takes. `waitMost`: how long what comes
 * out of it may wait; null for as long as one likes.
 */
export type Task = {
  id: string;
  /** What has to be over before it, by id. */
  after: string[];
  stepId: string | null;
  kind: TaskKind;
  minutes: [least: number, most: number];
  basis: DurationBasis;
  stretches: boolean;
  handsFirst: number;
  handsLast: number;
  waitMost: number | null;
  ovenC?: number;
  place?: ActionPlace;
  /** The number of the baker's own bakes or proofs that its length was learnt from. */
  learnt?: number;
};

/** What was timed in this kitchen. */
export type OwnTimes = {
  timed?: readonly TimedBake[];
  risen?: readonly TimedRise[];
  ovenId?: string;
};

/** What brings together what was made of the parts; all else waits for its own part only. */
const BRINGS_TOGETHER: ReadonlySet<TaskKind> = new Set<ActionKind>([
  'fill',
  'wash',
  'glaze',
  'score',
  'bake',
  'turn',
  'uncover',
]);

export type NewTask = Pick<Task, 'kind' | 'minutes' | 'basis'> & Partial<Task>;

/** Tasks as they are put down, each after what it has to wait for. */
export class Row {
  readonly tasks: Task[] = [];
  /** The last of all that was brought together, and the last of each part since. */
  #whole: string[] = [];
  readonly #ends = new Map<string, string>();

  put(task: NewTask, partId?: string): Task {
    const id = `t${this.tasks.length + 1}`;
    const apart = partId !== undefined && !BRINGS_TOGETHER.has(task.kind);
    const after = apart ? [this.#ends.get(partId)].flatMap((x) => x ?? this.#whole) : this.#last();
    const put = {
      stepId: null,
      stretches: false,
      handsFirst: 0,
      handsLast: 0,
      waitMost: null,
      ...task,
      id,
      after: task.after ?? after,
    };
    this.tasks.push(put);
    if (apart) this.#ends.set(partId, id);
    else {
      this.#whole = [id];
      this.#ends.clear();
    }
    return put;
  }
  #last = (): string[] => (this.#ends.size > 0 ? [...new Set(this.#ends.values())] : this.#whole);
}
