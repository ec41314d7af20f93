// npm run mutate: seeds faults into pieces of core/ and server/services, a sample drawn by --seed, and tells which no test notices.
import { readdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { bin, install, root, run } from './install.mjs'

const argument = (name, usual) => {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? usual : Number(process.argv[at + 1])
}
// As many as take a quarter of an hour on two cores.
const PIECES = argument('pieces', 35)
const LINES = 2
const LEAST_RATE = 0.8
const REPORT = join(root, 'node_modules/.varietas/mutation.json')

function* sources(folder) {
  for (const entry of readdirSync(join(root, folder), { withFileTypes: true })) {
    const path = `${folder}/${entry.name}`
    if (entry.isDirectory()) yield* sources(path)
    else if (path.endsWith('.ts') && !path.endsWith('.test.ts')) yield path
  }
}

/** Numbers from 0 to 1, the same for a seed. */
function seeded(seed) {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let x = Math.imul(state ^ (state >>> 15), 1 | state)
    x = (x + Math.imul(x ^ (x >>> 7), 61 | x)) ^ x
    return ((x ^ (x >>> 14)) >>> 0) / 4294967296
  }
}

/** Pieces of the code, each line as likely as any other. */
function sample() {
  const random = seeded(argument('seed', 1))
  const pieces = [...sources('core'), ...sources('server/services')].flatMap(path => {
    const lines = readFileSync(join(root, path), 'utf8').split('\n').length
    return Array.from({ length: Math.ceil(lines / LINES) }, (_, i) => `${path}:${i * LINES + 1}-${(i + 1) * LINES}`)
  })
  return Array.from({ length: PIECES }, () => pieces.splice(Math.floor(random() * pieces.length), 1)[0]).sort()
}

install()
rmSync(REPORT, { force: true })
run(bin('stryker'), ['run', '--mutate', sample().join(',')])

const { files } = JSON.parse(readFileSync(REPORT, 'utf8'))
const mutants = Object.entries(files).flatMap(([path, { mutants }]) => mutants.map(m => ({ ...m, path })))
const counted = mutants.filter(m => !['Ignored', 'CompileError', 'RuntimeError'].includes(m.status))
const unseen = counted.filter(m => m.status === 'Survived' || m.status === 'NoCoverage')
for (const { path, location, mutatorName, replacement, status } of unseen)
  console.log(
    `${path}:${location.start.line}:${location.start.column} ${mutatorName} → ${replacement.replace(/\s+/g, ' ').slice(0, 90)}${status === 'NoCoverage' ? ' (no test comes here)' : ''}`,
  )
const rate = 1 - unseen.length / counted.length
console.log(`\n${counted.length} faults, ${counted.length - unseen.length} noticed: ${(100 * rate).toFixed(1)} %`)
if (rate < LEAST_RATE) process.exit(1)
