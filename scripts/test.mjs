// npm test: everything that must hold, from a fresh clone on: install, lint, types, unit tests, build, a short soak, browser tests.
// npm run test:deep: the same with every case of what npm test takes in turn.
import { spawnSync } from 'node:child_process'
import { join } from 'node:path'
import { browserTests } from './browserTests.mjs'
import { bin, install, root, run, runTogether } from './install.mjs'

const isDeep = process.env.TEST_DEEP === '1'
// Of simulations and brute force each commit takes a share, another than the last.
const { stdout: commit } = spawnSync('git', ['rev-parse', 'HEAD'], { cwd: root, encoding: 'utf8' })
if (!isDeep) process.env.TEST_SHARE ??= String(parseInt(commit?.trim().slice(0, 8) || '0', 16) % 10)

const begun = Date.now()
const step = async (name, work) => {
  const from = Date.now()
  console.log(`\n── ${name}`)
  await work()
  console.log(`── ${name}: ${Math.round((Date.now() - from) / 1000)} s`)
}

await step('install', install)
// The types of routes and of what is imported by its name alone, for the check below.
await step('prepare', () => run(bin('nuxt'), ['prepare', '--logLevel=silent']))
// None of them waits for another, and some use one core only.
await step('lint, types, unit tests and build', () =>
  runTogether([
    [
      [process.execPath, [join(root, 'scripts/browser.mjs')]],
      [bin('eslint'), ['.', '--max-warnings=0']],
    ],
    [
      [bin('vue-tsc'), ['--noEmit', '-p', 'tsconfig.check.json']],
      [process.execPath, [join(root, 'scripts/build.mjs')]],
    ],
    [[bin('jest'), ['--silent', '--maxWorkers=2']]],
  ]),
)
await step('soak, short', () => run(process.execPath, ['scripts/soak.mjs', '--short']))
await step('browser tests', () => browserTests(isDeep ? undefined : Number(process.env.TEST_SHARE)))
console.log(`\nAll passed in ${Math.round((Date.now() - begun) / 1000)} s`)
