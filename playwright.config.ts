import { defineConfig } from '@playwright/test';

export const PORT = 4391;

/** The built app with the demo in a fresh folder, driven in Debian's Chromium. */
export default defineConfig({
  testDir: 'e2e',
  // Pictures are made on request only: they write into docs/.
  testIgnore: process.env.SHOTS ? [] : ['**/shots.spec.ts'],
  outputDir: 'test-results/browser',
  workers: 1,
  timeout: 150_000,
  // On a busy machine a journey may be tried once more; the report says when it was.
  retries: process.env.CI ? 1 : 0,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['json', { outputFile: 'test-results/counts/e2e.json' }]],
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    actionTimeout: 8_000,
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-quic', '--disable-background-networking'],
    },
  },
  webServer: {
    command: `rm -rf test-results/data && node dist/server/main.js --data test-results/data --port ${PORT}`,
    url: `http://localhost:${PORT}/api/v1/health`,
    reuseExistingServer: false,
    timeout: 150_000,
    gracefulShutdown: { signal: 'SIGINT', timeout: 5000 },
  },
});
