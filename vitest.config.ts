import { configDefaults, defineConfig } from 'vitest/config';
import { SHORT_LIVED } from './server/testing/short-lived.ts';

// On a machine that does other things too a test may take several times as long.
const slow = { testTimeout: 60_000, hookTimeout: 120_000 };

export default defineConfig({
  test: {
    // Every processor is used: the default leaves one idle, which of two is half.
    maxWorkers: '100%',
    projects: [
      // Pure functions need no world of their own: modules are read once for all files of a worker.
      {
        test: {
          name: 'core',
          include: ['core/**/*.test.ts', 'contract/**/*.test.ts'],
          isolate: false,
          ...slow,
        },
      },
      {
        test: {
          name: 'server',
          include: ['server/**/*.test.ts'],
          exclude: [...configDefaults.exclude, 'server/built/**', 'server/**/*.postgres.test.ts'],
          globalSetup: ['server/testing/template.ts'],
          execArgv: [...SHORT_LIVED],
          isolate: false,
          ...slow,
        },
      },
      // The same on a PostgreSQL server, where several connections show the races that one session hides.
      {
        test: {
          name: 'postgres',
          include: ['server/{http,services,people,start}/*.test.ts', 'server/**/*.postgres.test.ts'],
          // What is turned away at the border never comes to the store.
          exclude: [...configDefaults.exclude, 'server/http/border.test.ts'],
          globalSetup: ['server/testing/template.ts', 'server/testing/postgres.ts'],
          isolate: false,
          ...slow,
        },
      },
      {
        test: {
          name: 'web',
          include: ['web/**/*.test.{ts,tsx}'],
          exclude: [...configDefaults.exclude, 'web/**/*.alone.test.{ts,tsx}'],
          environment: 'happy-dom',
          setupFiles: ['web/testing/setup.ts'],
          isolate: false,
          ...slow,
        },
      },
      // A module that one of these puts another in place of would be that for all.
      {
        test: {
          name: 'alone',
          include: ['web/**/*.alone.test.{ts,tsx}'],
          environment: 'happy-dom',
          setupFiles: ['web/testing/setup.ts'],
          ...slow,
        },
      },
      // Runs the build: `npm run build` comes first. Servers are started and stopped, with the demo kitchen made anew: beside the
      // other checks, on a machine of which others have half, that has taken more than a minute.
      {
        test: {
          name: 'built',
          include: ['server/built/*.test.ts'],
          globalSetup: ['server/built/made.ts'],
          testTimeout: 180_000,
        },
      },
    ],
  },
});
