import { defineConfig } from '@playwright/test';

/** Journeys through the built app in Debian's Chromium; each worker has a server and a shelf of its own. */
export default defineConfig({
  testDir: 'e2e',
  globalSetup: './e2e/seeded.ts',
  // Pictures are made on request only: they write into docs/.
  testIgnore: process.env.SHOTS ? [] : ['**/shots.spec.ts'],
  outputDir: 'test-results/browser',
  // Files are shared out; within one they follow each other.
  // Journeys wait for most of their time: two processors have room for three.
  workers: process.env.SHOTS ? 1 : 3,
  timeout: 150_000,
  // On a busy machine a journey may be tried once more; the report says when it was.
  retries: process.env.CI ? 1 : 0,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/counts/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    // What moves takes a third of the machine: the main job and the versions are gone through with it, the rest with less.
    contextOptions: { reducedMotion: 'reduce' },
    actionTimeout: 25_000,
    // A page that never comes is told as such, and not by the end of its journey.
    navigationTimeout: 60_000,
    // What it does is its own journey; elsewhere it would stand between the page and what a journey puts in its way.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      // A page of a journey lives for seconds: what the last stage of the compiler would make of it comes too late to be used.
      args: ['--no-sandbox', '--disable-quic', '--disable-background-networking', '--js-flags=--no-opt'],
    },
  },
});
