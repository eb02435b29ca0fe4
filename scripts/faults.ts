import { seed } from './faults/common';
import { cleanStops, inFirstStart, inImport, underWrites } from './faults/kills';
import { powerCuts } from './faults/power';
import { mutated } from './faults/requests';

/**
 * What befalls a server and its folder, done on purpose: `npm run faults`. Kills under writes, in a first start, in the
 * middle of a file, at a clean stop; power cuts; requests with something wrong. Prints what was confirmed, what is found
 * again, what is there by half. Bounded in number and time, and on this machine alone.
 */
const ROUNDS = Number(process.argv[2] ?? 100);
const MUTATED = Number(process.argv[3] ?? 50_000);
const POWER_CUTS = Number(process.argv[4] ?? 60);
console.log(`seed ${seed}`);

await underWrites(ROUNDS);
await inFirstStart(Math.ceil(ROUNDS / 10));
await inImport(Math.ceil(ROUNDS / 5));
await cleanStops(Math.ceil(ROUNDS / 5));
await powerCuts(POWER_CUTS);
await mutated(MUTATED);
process.exit(0);
