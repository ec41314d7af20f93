import { spawn, type ChildProcess } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { setInterval as every } from 'node:timers/promises'
import type { DemoHere, DemoOpened } from '#shared/records/record/demo'
import { dataFolder, demoIsBesidePort, isBuilt, isDemo, servedAt } from '../base/config'
import { Problem } from '../base/problems'
import { tell } from '../base/log'

/*
 * The demo beside her own data: a server of its own on a port of its own, with a folder of its own, begun when the artist wants to look
 * round. Nothing is shared: whatever is done there, her own data cannot be touched by it. It ends with this server, or when nobody has
 * asked it for anything for a while.
 */

const START_MS = 60_000
const STEP_MS = 150
const IDLE_MS = 30 * 60_000
const LOOK_MS = 60_000

/** Whether this is the demo, and where her own kit is served. */
export const demoHere = (): DemoHere => ({ isDemo: isDemo(), back: demoIsBesidePort() })

let child: ChildProcess | undefined
let opened: Promise<DemoOpened> | undefined

/** @throws Problem where this is the demo itself, or it did not start */
export async function openDemo(): Promise<DemoOpened> {
  if (isDemo()) throw new Problem(409, 'is-demo', 'This is the demo already.')
  if (!isBuilt()) throw new Problem(409, 'not-built', 'The demo opens from the built application: npm start.')
  opened ??= begin()
  try {
    return await opened
  } catch (problem) {
    opened = undefined
    throw problem
  }
}

async function begin(): Promise<DemoOpened> {
  const { host, port: own } = servedAt()
  const port = await freePort(host)
  const start = randomUUID()
  const { DATABASE_URL: _url, DATABASE_AUTH_TOKEN: _token, ...env } = process.env
  const started = spawn(process.execPath, [...process.execArgv, process.argv[1]!], {
    env: {
      ...env,
      PORT: String(port),
      NITRO_PORT: String(port),
      VARIETAS_DATA: join(dataFolder(), 'demo'),
      VARIETAS_DEMO: '1',
      VARIETAS_BESIDE: String(own),
      VARIETAS_START: start,
    },
    // The channel closes when this server ends, however it ends: see endWithOther.
    stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
  })
  child = started
  started.once('exit', () => (opened = undefined))
  for await (const until of every(STEP_MS, Date.now() + START_MS)) {
    if (await answers(host, port, start)) return { port }
    if (started.exitCode !== null || Date.now() > until) break
  }
  started.kill()
  throw new Problem(503, 'no-demo', 'The demo could not be started here. Your own kit is as it was: try again later.')
}

async function answers(host: string, port: number, start: string): Promise<boolean> {
  const at = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host.includes(':') ? `[${host}]` : host
  try {
    const health = await fetch(`http://${at}:${port}/api/health`)
    return health.headers.get('x-varietas-start') === start
  } catch {
    // It does not listen yet.
    return false
  }
}

function freePort(host: string): Promise<number> {
  const probe = createServer()
  return new Promise((resolve, reject) => {
    probe.once('error', reject)
    probe.listen(0, host, () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => resolve(port))
    })
  })
}

/** Ends the demo with the server it stands beside. */
export const endDemo = (): void => {
  child?.kill()
}

let askedAt = Date.now()
export const askedNow = (): void => {
  askedAt = Date.now()
}

/** In the demo itself: it ends when the server beside it has, or when nobody looks at it any more. */
export function endWithOther(): void {
  if (demoIsBesidePort() === null) return
  const end = () => process.kill(process.pid, 'SIGTERM')
  process.once('disconnect', end)
  const idle = setInterval(() => {
    if (Date.now() - askedAt < IDLE_MS) return
    tell('Nobody has looked at the demo for half an hour: it is closed.')
    end()
  }, LOOK_MS)
  idle.unref()
  // The channel alone must not keep the process.
  process.channel?.unref()
}
