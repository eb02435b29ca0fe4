// Starts the app; the first time it installs, builds and fills in the demo.
import { ensureBuilt, ensurePackages, ROOT } from './setup.mjs';

process.chdir(ROOT);
ensurePackages();
ensureBuilt();
await import('../dist/server/main.js');
