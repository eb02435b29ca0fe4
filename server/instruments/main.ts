import { serveInstruments } from './serve';

/** Where the bench looks for instruments on this machine. */
const USUAL_PORT = 4310;
const at = process.argv.indexOf('--port');
const port = at < 0 ? USUAL_PORT : Number(process.argv[at + 1]);
if (!Number.isInteger(port) || port < 0 || port > 65_535) {
  process.stderr.write('--port must be a whole number from 0 to 65535.\n');
  process.exit(1);
}
try {
  const served = await serveInstruments(port);
  process.stdout.write(
    `A scale, a coarse scale and a probe that are none are at ws://localhost:${served.port}\nConnect at the bench, under Instruments. Ctrl-C stops them.\n`,
  );
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => void served.close().then(() => process.exit(0)));
} catch (error) {
  const taken = (error as NodeJS.ErrnoException).code === 'EADDRINUSE';
  process.stderr.write(
    taken
      ? `Port ${port} is taken. Stop what uses it, or start with --port and another number.\n`
      : `The instruments cannot be started: ${(error as Error).message}\n`,
  );
  process.exit(1);
}
