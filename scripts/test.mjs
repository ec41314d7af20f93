// npm test: everything that must hold, from a fresh clone on: install, lint, types, unit tests, build, a short soak, browser tests.
import { bin, build, chromium, install, run, runTogether } from './install.mjs'

const begun = Date.now()
const step = async (name, work) => {
  const from = Date.now()
  console.log(`\n── ${name}`)
  await work()
  console.log(`── ${name}: ${Math.round((Date.now() - from) / 1000)} s`)
}

await step('install', install)
await step('browser', chromium)
await step('lint and types', () =>
  runTogether([
    [
      [bin('eslint'), ['.', '--max-warnings=0']],
      [bin('tsc'), ['--noEmit', '-p', 'tsconfig.jest.json']],
    ],
    [[bin('nuxt'), ['typecheck']]],
  ]),
)
await step('unit tests', () => run(bin('jest'), ['--silent', '--maxWorkers=2']))
await step('build', build)
await step('soak, short', () => run(process.execPath, ['scripts/soak.mjs', '--short']))
await step('browser tests', () => run(bin('playwright'), ['test']))
console.log(`\nAll passed in ${Math.round((Date.now() - begun) / 1000)} s`)
