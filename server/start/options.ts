import { homedir } from 'node:os';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';

export const DEFAULT_PORT = 4173;
const HOUR_MS = 3_600_000;

const HELP = `New Crumb

  --data DIR        where the shelf is kept (default: .data in this folder)
  --port N          port on this machine (default: ${DEFAULT_PORT}, or the next free one)
  --empty           without the demo kitchen
  --sign-in         people sign in, though only this machine comes to it
  --lan             other devices on the network come to it too; people sign in
  --plain           with --lan: HTTP, where phones give no camera, wake lock or work without the network
  --public URL      what it is called where another server stands before it, as https://kitchen.example
  --backup-every H  writes a backup every H hours (default with people who sign in: 24; 0 for none)
  --backup-keep N   how many of them are kept (default: 14)
  --backup-dir DIR  where (default: backups in the data folder)
  --add-kitchen NAME  makes one more kitchen on a server and prints its code
  --help            this text

  DATABASE_URL=postgres://...  keeps the shelf on a PostgreSQL server (15 or newer); people sign in
  SETUP_CODE=...               the code to set up a new kitchen with, in place of a printed one
  METRICS_TOKEN=...            lets who sends it as a bearer token read /metrics from another machine`;

export type Options = {
  data: string;
  port: number | null;
  empty: boolean;
  /** People sign in. */
  people: boolean;
  lan: boolean;
  plain: boolean;
  publicUrl: URL | null;
  database: string | null;
  setUpCode: string | undefined;
  metricsToken: string | null;
  /** One more kitchen is to be made, and nothing served. */
  addKitchen: string | null;
  backup: { everyMs: number; keep: number; dir: string };
};

/** What was asked for is wrong, or was only help; `code` is what the process ends with. */
export class AskedWrong extends Error {
  constructor(
    message: string,
    readonly code: number,
  ) {
    super(message);
  }
}

function numberOf(
  name: string,
  given: string | undefined,
  usual: number,
  most: number,
  whole = true,
): number {
  const n = given === undefined ? usual : Number(given);
  if ((whole && !Number.isInteger(n)) || !(n >= 0 && n <= most))
    throw new AskedWrong(`--${name} ${given} will not do. Give a number from 0 to ${most}.`, 1);
  return n;
}

function urlOf(name: string, given: string | undefined): URL | null {
  if (given === undefined) return null;
  const url = URL.canParse(given) ? new URL(given) : null;
  if (!url || !/^https?:$/.test(url.protocol))
    throw new AskedWrong(`--${name} ${given} is no address. Give one as https://kitchen.example.`, 1);
  return url;
}

/** The options of a start, of its words and its environment. */
export function optionsOf(args: readonly string[], env: NodeJS.ProcessEnv): Options {
  let values;
  try {
    ({ values } = parseArgs({
      args: [...args],
      options: {
        data: { type: 'string' },
        port: { type: 'string' },
        empty: { type: 'boolean' },
        'sign-in': { type: 'boolean' },
        lan: { type: 'boolean' },
        plain: { type: 'boolean' },
        public: { type: 'string' },
        'backup-every': { type: 'string' },
        'backup-keep': { type: 'string' },
        'backup-dir': { type: 'string' },
        'add-kitchen': { type: 'string' },
        help: { type: 'boolean' },
      },
    }));
  } catch (error) {
    throw new AskedWrong(`${(error as Error).message}\n\n${HELP}`, 1);
  }
  if (values.help) throw new AskedWrong(HELP, 0);
  const home = (path: string): string => resolve(path.replace(/^~/, homedir()));
  const data = home(values.data ?? '.data');
  const database = env.DATABASE_URL || null;
  if (database !== null && !/^postgres(ql)?:\/\//.test(database))
    throw new AskedWrong(
      'DATABASE_URL is no address of a PostgreSQL server. Give one as postgres://user@host/name.',
      1,
    );
  const lan = values.lan ?? false;
  if (values.plain && !lan)
    throw new AskedWrong('--plain says how others come to it: give it with --lan.', 1);
  if (values['add-kitchen'] !== undefined && database === null)
    throw new AskedWrong('--add-kitchen is for a server: give it with DATABASE_URL.', 1);
  const people = lan || database !== null || values.public !== undefined || (values['sign-in'] ?? false);
  return {
    data,
    port: values.port === undefined ? null : numberOf('port', values.port, 0, 65535),
    // A demo that anybody may write into is for a private machine.
    empty: (values.empty ?? false) || people,
    people,
    lan,
    plain: values.plain ?? false,
    publicUrl: urlOf('public', values.public),
    database,
    setUpCode: env.SETUP_CODE || undefined,
    addKitchen: values['add-kitchen'] ?? null,
    metricsToken: env.METRICS_TOKEN || null,
    backup: {
      everyMs: numberOf('backup-every', values['backup-every'], people ? 24 : 0, 24 * 365, false) * HOUR_MS,
      keep: Math.max(1, numberOf('backup-keep', values['backup-keep'], 14, 10_000)),
      dir: home(values['backup-dir'] ?? join(data, 'backups')),
    },
  };
}
