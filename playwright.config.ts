import { defineConfig } from '@playwright/test'
import { BROWSER } from './tests/support/browser'

// Bounds of time and memory hold only for a server that has the machine to itself.
const ALONE = ['api.spec.ts', 'faults.running.spec.ts']

/** Drives the production build. Each spec file has a fresh copy of the demo, see e2e/ground.ts, so that two can run at a time. */
export default defineConfig({
  testDir: './e2e',
  testMatch: '**/*.spec.ts',
  workers: 2,
  projects: [
    { name: 'journeys', testIgnore: ALONE.map(file => `**/${file}`) },
    { name: 'alone', testMatch: ALONE.map(file => `**/${file}`), workers: 1, dependencies: ['journeys'] },
  ],
  // Twice what the slowest machine seen so far needs.
  timeout: 120_000,
  expect: { timeout: 30_000 },
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
