import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import type { FaceLine } from '#shared/records/people/clientele'
import type { Shelf } from '#shared/records/kit/kit'

/* The built server as a process of its own, on a free port and a folder of its own: for what only shows from outside. */

const ENTRY = join(process.cwd(), '.output/server/index.mjs')
const FRUGAL = JSON.parse(readFileSync(join(process.cwd(), 'scripts/frugal.json'), 'utf8')) as {
  flags: string[]
  env: Record<string, string>
}

/** Runs inside the server and writes down, each second, how long its event loop was held. */
const WATCH = `
import { isMainThread } from 'node:worker_threads'
import { monitorEventLoopDelay } from 'node:perf_hooks'
import { writeFileSync } from 'node:fs'
const ahead = Number(process.env.SOAK_CLOCK_MS ?? 0)
if (ahead) {
  const Real = Date
  globalThis.Date = class extends Real {
    constructor(...given) { given.length ? super(...given) : super(Real.now() + ahead) }
    static now() { return Real.now() + ahead }
  }
}
const delay = monitorEventLoopDelay({ resolution: 10 })
delay.enable()
const write = () => writeFileSync(process.env.SOAK_DELAYS, JSON.stringify({ p50: delay.percentile(50) / 1e6, p99: delay.percentile(99) / 1e6, max: delay.max / 1e6 }))
if (isMainThread) {
  setInterval(write, 1000).unref()
  process.on('SIGUSR2', () => delay.reset())
}
`

export interface Served {
  url: string
  folder: string
  process: ChildProcess
  /** Its standard error so far. */
  said: () => string
  exited: Promise<{ code: number | null; signal: NodeJS.Signals | null }>
  delays: () => { p50: number; p99: number; max: number }
  /** Begins measuring delays anew. */
  resetDelays: () => void
  /** Resident memory now and at its highest, MB. */
  memory: () => { now: number; highest: number }
}

export const temporaryFolder = (): string => mkdtempSync(join(tmpdir(), 'varietas-served-'))

export async function freePort(): Promise<number> {
  const probe = createServer()
  await new Promise<void>(resolve => probe.listen(0, '127.0.0.1', resolve))
  const { port } = probe.address() as { port: number }
  await new Promise(resolve => probe.close(resolve))
  return port
}

/**
 * Starts a server; {@link ready} tells when it answers.
 * @param frugal with the memory it has under npm start, where that is measured; a third slower
 */
export async function start(
  folder: string,
  { port, env = {}, frugal = false }: { port?: number; env?: Record<string, string>; frugal?: boolean } = {},
): Promise<Served> {
  const at = port ?? (await freePort())
  const tools = temporaryFolder()
  const watch = join(tools, 'watch.mjs')
  const delays = join(tools, 'delays.json')
  writeFileSync(watch, WATCH)
  const { DATABASE_URL: _none, VARIETAS_DEMO: _demo, ...rest } = process.env
  const child = spawn(
    process.execPath,
    [...(frugal ? FRUGAL.flags : []), '--import', pathToFileURL(watch).href, ENTRY],
    {
      env: {
        ...rest,
        ...(frugal ? FRUGAL.env : {}),
        HOST: '127.0.0.1',
        PORT: String(at),
        VARIETAS_DATA: folder,
        SOAK_DELAYS: delays,
        NODE_ENV: 'production',
        // Most servers of tests are asked for no plan at all.
        ...(frugal ? {} : { VARIETAS_WARM: '0' }),
        ...env,
      },
      stdio: ['ignore', 'ignore', 'pipe'],
    },
  )
  let said = ''
  child.stderr!.on('data', (chunk: Buffer) => {
    said = (said + chunk.toString()).slice(-200_000)
  })
  const exited = new Promise<{ code: number | null; signal: NodeJS.Signals | null }>(resolve =>
    child.on('exit', (code, signal) => {
      rmSync(tools, { recursive: true, force: true })
      resolve({ code, signal })
    }),
  )
  const status = () => readFileSync(`/proc/${child.pid}/status`, 'utf8')
  const megabytes = (name: string) => Number(new RegExp(`${name}:\\s+(\\d+)`).exec(status())?.[1] ?? 0) / 1024
  return {
    url: `http://127.0.0.1:${at}`,
    folder,
    process: child,
    said: () => said,
    exited,
    delays: () => JSON.parse(readFileSync(delays, 'utf8')) as ReturnType<Served['delays']>,
    resetDelays: () => child.kill('SIGUSR2'),
    memory: () => ({ now: megabytes('VmRSS'), highest: megabytes('VmHWM') }),
  }
}

/** Waits until the server answers with a status, and returns its health. */
export async function ready(served: Served, mostMs = 60_000): Promise<{ status: string; problems: string[] }> {
  const until = Date.now() + mostMs
  let ended = false
  void served.exited.then(() => {
    ended = true
  })
  while (Date.now() < until && !ended) {
    const health = await fetch(`${served.url}/api/health`).then(
      async answer => (await answer.json()) as { status: string; problems: string[] },
      () => null,
    )
    if (health) return health
    await new Promise(resolve => setTimeout(resolve, 25))
  }
  throw new Error(`the server does not answer:\n${served.said()}`)
}

export async function stop(served: Served, signal: NodeJS.Signals = 'SIGTERM') {
  served.process.kill(signal)
  return served.exited
}

/** Faces as a list has them, the first hundred. */
export const facesOf = async (url: string): Promise<FaceLine[]> =>
  (await call<{ lines: FaceLine[] }>(url, 'GET', '/api/faces?limit=100')).body.lines

/** What is mixed of the kit. */
export const kitOf = async (url: string): Promise<Shelf['products']> =>
  (await call<Shelf>(url, 'GET', '/api/kit/shelf')).body.products

export interface Answer<T = unknown> {
  status: number
  body: T
}

/** One request with JSON, as a script sends it. */
export async function call<T = unknown>(url: string, method: string, path: string, body?: unknown): Promise<Answer<T>> {
  const answer = await fetch(`${url}${path}`, {
    method,
    headers: body === undefined ? {} : { 'content-type': 'application/json' },
    body: body === undefined ? undefined : JSON.stringify(body),
  })
  const text = await answer.text()
  try {
    return { status: answer.status, body: JSON.parse(text) as T }
  } catch {
    return { status: answer.status, body: text as T }
  }
}
