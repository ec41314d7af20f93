import 'reflect-metadata/lite'
import { readFileSync, rmSync, writeFileSync } from 'node:fs'
import { temporaryFolder } from '../served/server'
import { seeded } from '../support/random'
import { kills, type KillFigures } from './kills'
import { requests, type RequestFigures } from './requests'
import { users, type UserFigures } from './users'

/*
 * npm run soak: the long form, whose figures go into docs/reliability.md. With --short the form that npm test runs: the same in small,
 * nothing written.
 */

const isShort = process.argv.includes('--short')
const only = process.argv.find(a => a.startsWith('--only='))?.slice('--only='.length)
const seed = Number(process.env.SOAK_SEED ?? (isShort ? 7 : Date.now() % 1e6))
const SIZES = isShort
  ? { kills: 5, requests: 900, users: 6, seconds: 4 }
  : { kills: 255, requests: 21_000, users: 50, seconds: 120 }

/** The short form runs on whatever machine there is, as slow as it may be: what takes how long is judged by the long one. */
const PATIENCE = isShort ? 4 : 1

const say = (line: string) => console.log(line)
const inFolder = async <T>(work: (folder: string) => Promise<T>): Promise<T> => {
  const folder = temporaryFolder()
  try {
    return await work(folder)
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}
const failures: string[] = []
const must = (holds: boolean, what: string, detail: readonly string[] = []) => {
  if (!holds) failures.push([what, ...detail.slice(0, 5)].join('\n    '))
}

const round = (n: number) => Math.round(n * 10) / 10

function judgeKills(f: KillFigures): void {
  must(f.kills >= SIZES.kills, `only ${f.kills} kills`)
  must(f.confirmed >= f.kills, `only ${f.confirmed} confirmed writes in ${f.kills} kills: nothing was tried`)
  must(f.lost.length === 0, `${f.lost.length} confirmed writes lost`, f.lost)
  must(f.integrity.length === 0, `${f.integrity.length} integrity failures`, f.integrity)
  must(f.traces.length === 0, `${f.traces.length} erased people left bytes`, f.traces)
  must(isShort || f.locks >= 15, `only ${f.locks} locks by another program`)
}
function judgeRequests(f: RequestFigures): void {
  must(f.requests >= SIZES.requests, `only ${f.requests} requests`)
  must(f.accepted >= f.requests / 100, `only ${f.accepted} of ${f.requests} accepted: nothing was tried`)
  must(f.serverErrors.length === 0, `${f.serverErrors.length} × 500`, f.serverErrors)
  must(
    f.refusedForever.length === 0,
    `${f.refusedForever.length} writes refused after another program let go`,
    f.refusedForever,
  )
  must(isShort || f.locks >= 10, `only ${f.locks} locks by another program`)
  must(f.leaks.length === 0, `${f.leaks.length} answers tell of the inside`, f.leaks)
  must(f.slow.length === 0, `${f.slow.length} requests over ${2 * PATIENCE} s`, f.slow)
  must(f.broken.length === 0, `${f.broken.length} lists, plans or connections broke`, f.broken)
  must(f.delayP99 <= 100 * PATIENCE, `event loop held ${round(f.delayP99)} ms at the 99th percentile`)
  must(f.memoryMb <= 400, `${round(f.memoryMb)} MB`)
}
function judgeUsers(f: UserFigures): void {
  must(f.errors.length === 0, `${f.errors.length} errors among ${f.requests} requests`, f.errors)
  must(f.records.p95 <= 500 * PATIENCE, `records took ${round(f.records.p95)} ms at the 95th percentile`)
  must(f.requests > f.users, `only ${f.requests} requests`)
}

const begun = Date.now()
const killed = !only || only === 'kills' ? await inFolder(f => kills(f, SIZES.kills, seeded(seed), say)) : null
if (killed) judgeKills(killed)
const asked =
  !only || only === 'requests'
    ? await inFolder(f => requests(f, SIZES.requests, 2000 * PATIENCE, seeded(seed + 1), say))
    : null
if (asked) judgeRequests(asked)
const served =
  !only || only === 'users' ? await inFolder(f => users(f, SIZES.users, SIZES.seconds, seeded(seed + 2))) : null
if (served) judgeUsers(served)

const acts = (by: Record<string, number>) =>
  Object.entries(by)
    .map(([act, n]) => `${act} ${n}`)
    .join(', ')
const lines = [
  killed
    && `**Kills with -9 while writing**: ${killed.kills} kills, ${killed.locks} times another program held the file, ${killed.confirmed} writes confirmed (${acts(killed.byAct)}); ${killed.lost.length} lost, ${killed.integrity.length} integrity failures, ${killed.traces.length} erased people with a byte left after the next start.`,
  asked
    && `**Tampered requests**: ${asked.requests} over ${asked.routes} routes, ${asked.accepted} writes accepted; answers ${acts(asked.byStatus)}; ${asked.serverErrors.length} × 500, ${asked.leaks.length} leaks, ${asked.locks} times another program held the file and ${asked.refusedForever.length} writes refused once it had let go, ${asked.slow.length} over ${2 * PATIENCE} s, ${asked.broken.length} lists or plans broken; event loop delay p99 ${round(asked.delayP99)} ms (most ${round(asked.delayMax)} ms), memory at most ${round(asked.memoryMb)} MB.`,
  served
    && `**${served.users} users for ${served.seconds} s**: ${served.requests} requests, ${served.errors.length} errors; records p50 ${round(served.records.p50)} ms, p95 ${round(served.records.p95)} ms; plans p50 ${round(served.plans.p50)} ms, p95 ${round(served.plans.p95)} ms; event loop delay p99 ${round(served.delayP99)} ms, memory at most ${round(served.memoryMb)} MB.`,
].filter((line): line is string => Boolean(line))
for (const line of lines) say(`\n${line.replaceAll('**', '')}`)
say(`\nseed ${seed}, ${Math.round((Date.now() - begun) / 1000)} s`)

if (!isShort && !only && failures.length === 0) {
  const page = 'docs/reliability.md'
  const day = new Date().toISOString().slice(0, 10)
  const figures = `${day}, seed ${seed}:\n\n${lines.map(line => `- ${line}`).join('\n')}`
  const text = readFileSync(page, 'utf8')
  writeFileSync(
    page,
    text.replace(/<!-- figures -->[^]*<!-- \/figures -->/, `<!-- figures -->\n\n${figures}\n\n<!-- /figures -->`),
  )
}
if (failures.length > 0) {
  console.error(`\nWhat does not hold:\n${failures.map(f => `  ${f}`).join('\n')}`)
  process.exit(1)
}
