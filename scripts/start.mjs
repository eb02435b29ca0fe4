// Starts the app; the first time it installs and builds.
import { ensureBuilt, ensurePackages, ROOT } from './setup.mjs';

process.chdir(ROOT);
ensurePackages();
ensureBuilt();
await import('../dist/server/main.js');
