// npm test: everything that must hold, from a fresh clone on: install, lint, types, unit tests, build, a short soak, browser tests.
import { bin, build, chromium, install, run } from './install.mjs'

const begun = Date.now()
const step = (name, work) => {
  const from = Date.now()
  console.log(`\n── ${name}`)
  work()
  console.log(`── ${name}: ${Math.round((Date.now() - from) / 1000)} s`)
}

step('install', install)
step('browser', chromium)
step('lint', () => run(bin('eslint'), ['.', '--max-warnings=0']))
step('types', () => {
  run(bin('nuxt'), ['typecheck'])
  run(bin('tsc'), ['--noEmit', '-p', 'tsconfig.jest.json'])
})
step('unit tests', () => run(bin('jest'), ['--silent']))
step('build', build)
step('soak, short', () => run(process.execPath, ['scripts/soak.mjs', '--short']))
step('browser tests', () => run(bin('playwright'), ['test']))
console.log(`\nAll passed in ${Math.round((Date.now() - begun) / 1000)} s`)
