// The browser tests of one run. What breaks on purpose (disks, damaged files, other programs, other sites, odd records) is many cases of one
// thing: each commit takes a third of them, another than the last. All else is always taken.
import { mkdirSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { spawnSync } from 'node:child_process'
import { bin, root, run } from './install.mjs'

const IN_TURN = ['faults.running', 'faults.start', 'security', 'odd', 'zones'].map(name => `${name}.spec.ts:`)
const THIRDS = 3
const LIST = join(root, 'node_modules/.varietas/browser-tests.txt')

/** @param share the number of the commit's share; every test without one */
export function browserTests(share) {
  const playwright = bin('playwright')
  if (share === undefined) return run(playwright, ['test'])
  const { stdout, status } = spawnSync(playwright, ['test', '--list'], { cwd: root, encoding: 'utf8' })
  const all = stdout.split('\n').filter(line => /\.spec\.ts:\d+/.test(line))
  if (status !== 0 || all.length === 0) throw new Error(`The browser tests could not be listed:\n${stdout}`)
  const isInTurn = line => IN_TURN.some(name => line.trim().startsWith(name))
  const taken = all.filter(line => isInTurn(line)).filter((_, i) => i % THIRDS === share % THIRDS)
  const list = all.filter(line => !isInTurn(line) || taken.includes(line))
  console.log(`${list.length} of ${all.length} browser tests, ${taken.length} of them in turn`)
  mkdirSync(dirname(LIST), { recursive: true })
  writeFileSync(LIST, list.map(line => line.trim()).join('\n'))
  run(playwright, ['test', '--test-list', LIST])
}
