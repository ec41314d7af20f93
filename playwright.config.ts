import { defineConfig } from '@playwright/test'
import { BROWSER } from './tests/support/browser'

/** Drives the production build. Each spec file has a fresh copy of the demo, see e2e/ground.ts, so that two can run at a time; no test asserts milliseconds. */
export default defineConfig({
  testDir: './e2e',
  testMatch: '**/*.spec.ts',
  workers: 2,
  // Twice what the slowest machine seen so far needs.
  timeout: 240_000,
  expect: { timeout: 60_000 },
  reporter: 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    // A trace makes every journey slower: `npx playwright test --trace on` where one is wanted.
    trace: 'off',
    // What is asked of the server is seen by the tests; what goes on without it has tests of its own, offline.spec.ts.
    serviceWorkers: 'block',
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: BROWSER,
  },
})
