import { cpSync } from 'node:fs';
import { defineConfig } from 'vite';

/**
 * The server in bundles: the program, the thread that computes, the one that holds the database and the instruments that are
 * none; migrations lie beside. Packages are bundled in, so that a start reads a few files and not a thousand; outside stay those
 * that start files of their own beside them.
 */
export default defineConfig({
  build: {
    ssr: true,
    target: 'node20',
    outDir: 'dist/server',
    emptyOutDir: true,
    rollupOptions: {
      input: {
        main: 'server/main.ts',
        thread: 'server/work/thread.ts',
        'store-thread': 'server/db/store-thread.ts',
        instruments: 'server/instruments/main.ts',
      },
      output: { format: 'es', entryFileNames: '[name].js', chunkFileNames: '[name].js' },
    },
  },
  ssr: {
    noExternal: true,
    external: ['@electric-sql/pglite', 'piscina', 'pino', 'pino-http'],
  },
  plugins: [
    {
      name: 'migrations-beside',
      closeBundle: () => cpSync('server/db/migrations', 'dist/server/migrations', { recursive: true }),
    },
  ],
});
