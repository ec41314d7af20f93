import { defineConfig } from '@playwright/test'

const port = Number(process.env.E2E_PORT ?? 4290)
const data = '.varietas/e2e'

/** Drives the production build with a fresh copy of the demo. One worker: the tests share one kit, in order. */
export default defineConfig({
  testDir: './e2e',
  testMatch: '**/*.spec.ts',
  workers: 1,
  timeout: 60_000,
  expect: { timeout: 15_000 },
  reporter: 'list',
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    trace: 'retain-on-failure',
    launchOptions: {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-dev-shm-usage',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
        '--no-first-run',
      ],
    },
  },
  webServer: {
    command: `rm -rf ${data} && node .output/server/index.mjs`,
    env: { HOST: '127.0.0.1', PORT: String(port), VARIETAS_DATA: data, VARIETAS_DEMO: '1' },
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
    stdout: 'pipe',
  },
})
