import { platform, setPriority } from 'node:os';
import { checkLines } from '../../contract/lines';
import { makeWorker, type WorkAnswer, type WorkName } from '../../contract/work';
import type { PantryRow } from '../../contract/dto';

/** The baker's own things as every thread may read them: the text of the rows, and a number that grows with each change. */
export type SharedPantry = { number: number; text: SharedArrayBuffer };
/** A job for a thread. `flag[0]` is set from outside to stop it, `flag[1]` from here when it begins. */
export type ThreadJob = {
  name: WorkName;
  input: unknown;
  flag: SharedArrayBuffer;
  pantry: SharedPantry | null;
};

// What is computed gives way to what is answered and kept: on Linux this is of the calling thread alone. Where it is of
// the whole process, or not allowed, everything goes on as it was.
const GIVES_WAY = 10;
if (platform() === 'linux')
  try {
    setPriority(0, GIVES_WAY);
  } catch {
    // Then it does not give way.
  }

const { steps, run } = makeWorker({ checkLines });
let known = 0;

function learn({ number, text }: SharedPantry): void {
  if (number === known) return;
  const rows = JSON.parse(Buffer.from(new Uint8Array(text)).toString('utf8')) as PantryRow[];
  run({ id: 0, name: 'pantry', input: rows });
  known = number;
}

/** Does a job in parts; between them it looks whether it is still wanted. */
export default function doJob({ name, input, flag, pantry }: ThreadJob): WorkAnswer {
  const flags = new Int32Array(flag);
  Atomics.store(flags, 1, 1);
  Atomics.notify(flags, 1);
  if (pantry) learn(pantry);
  const work = steps({ id: 0, name, input });
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    if (Atomics.load(flags, 0) !== 0) return { id: 0, stopped: true };
  }
}
