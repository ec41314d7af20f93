import { join } from 'node:path'
import { allRoutes, type Route } from '../served/routes'
import { bodyFor, tampered, type Pools } from '../served/bodies'
import { call, facesOf, kitOf, ready, start, stop, type Served } from '../served/server'
import { holdElsewhere } from '../support/otherProgram'
import type { seeded } from '../support/random'

/*
 * Thousands of requests over every route, right ones and tampered ones, made from the classes they are checked against. None may be
 * answered with 500, tell of the inside, take long, hold everybody else up, or be accepted and then break a list or a plan.
 */

export interface RequestFigures {
  requests: number
  routes: number
  byStatus: Record<string, number>
  accepted: number
  serverErrors: string[]
  leaks: string[]
  /** How often another program held the file, and writes that were refused after it had let go. */
  locks: number
  refusedForever: string[]
  /** Longer than this is slow, milliseconds; eight times as long is no answer. */
  mostMs: number
  slow: string[]
  broken: string[]
  delayP99: number
  delayMax: number
  memoryMb: number
}

type Random = ReturnType<typeof seeded>

const AT_ONCE = 6
const INSIDE =
  /node_modules|\.output|\.mjs|\bat \w+ \(|SQLITE|SELECT |INSERT |UPDATE |DELETE FROM|Failed query|\/work\/|\/tmp\/|TypeError|undefined is not/
/** What changes the ground under the others is tried apart: see the faults and the restore tests. */
const APART = /^\/api\/keeping\/(?:confirm|repair|backups)/
// prettier-ignore
const LISTS = [
  '/api/faces', '/api/clientele', '/api/evidence', '/api/jobs', '/api/changes', '/api/kit', '/api/kit/shelf',
  '/api/kit/names', '/api/kit/ranges', '/api/catalogue', '/api/purchases', '/api/tests', '/api/settings',
  '/api/set-aside', '/api/keeping',
]

export async function requests(
  folder: string,
  count: number,
  mostMs: number,
  random: Random,
  tell: (line: string) => void,
): Promise<RequestFigures> {
  const served = await start(folder, { env: { VARIETAS_DEMO: '1' }, frugal: true })
  await ready(served)
  const routes = allRoutes()
  const figures: RequestFigures = {
    requests: 0,
    routes: routes.length,
    byStatus: {},
    accepted: 0,
    serverErrors: [],
    leaks: [],
    locks: 0,
    refusedForever: [],
    mostMs,
    slow: [],
    broken: [],
    delayP99: 0,
    delayMax: 0,
    memoryMb: 0,
  }
  let pools = await idsOf(served)
  // Warmed up: what is measured is the work, not the first reading of the code.
  await new Promise(resolve => setTimeout(resolve, 1500))
  served.resetDelays()

  const lane = async () => {
    while (figures.requests < count) {
      figures.requests++
      const route = routes[figures.requests % routes.length]!
      if (APART.test(route.path) && route.method === 'POST') continue
      await one(served, route, random, pools, figures)
      if (figures.requests % 500 === 0) {
        await lists(served, figures, random)
        pools = await idsOf(served)
        await tidy(served)
      }
      if (figures.requests % 4000 === 0)
        tell(`${figures.requests} requests, ${figures.accepted} accepted, ${figures.serverErrors.length} × 500`)
    }
  }
  const locking = async () => {
    while (figures.requests < count) {
      await new Promise(resolve => setTimeout(resolve, random.between(2000, 9000)))
      const other = await holdElsewhere(join(folder, 'varietas.db'))
      figures.locks++
      await new Promise(resolve => setTimeout(resolve, random.between(100, 4000)))
      await other.letGo()
      const { status, body } = await call(served.url, 'POST', '/api/places', { name: 'After a lock', sort: 'pouch' })
      if (status !== 200) figures.refusedForever.push(`${status} ${JSON.stringify(body).slice(0, 200)}`)
    }
  }
  await Promise.all([...Array.from({ length: AT_ONCE }, lane), locking()])
  await lists(served, figures, random)
  await new Promise(resolve => setTimeout(resolve, 1200))
  const delays = served.delays()
  figures.delayP99 = delays.p99
  figures.delayMax = delays.max
  figures.memoryMb = served.memory().highest
  if (/"event":"request failed"/.test(served.said())) figures.serverErrors.push(served.said().slice(-600))
  await stop(served)
  return figures
}

async function one(served: Served, route: Route, random: Random, pools: Pools, figures: RequestFigures): Promise<void> {
  const id = () =>
    encodeURIComponent(
      random.next() < 0.8
        ? random.pick(pools.any)
        : random.pick(['none', '..', '%00', 'a b', 'x'.repeat(300), '💥', "'--"]),
    )
  const path = route.path
    .replace(/\[sort\]/g, () => random.pick(['product', 'face', 'reading', 'nothing']))
    .replace(/\[\w+\]/g, id)
  let text: string | undefined
  if (route.method === 'POST' || route.method === 'PUT') {
    const right = route.dto ? bodyFor(route.dto, random, pools) : {}
    if (route.computes && route.path.includes('/compute/')) right.timeLimitMs = 100
    text = random.next() < 0.25 ? JSON.stringify(right) : tampered(right, random)
  }
  const type =
    random.next() < 0.96
      ? 'application/json'
      : random.pick(['text/plain', 'application/x-www-form-urlencoded', 'image/png', ''])
  const begun = performance.now()
  let status = 0
  let body = ''
  try {
    const answer = await fetch(`${served.url}${path}`, {
      method: route.method,
      headers: text === undefined || type === '' ? {} : { 'content-type': type },
      body: text,
      signal: AbortSignal.timeout(figures.mostMs * 8),
    })
    status = answer.status
    body = await answer.text()
  } catch (problem) {
    figures.broken.push(
      `${route.method} ${path} ${type} ${(text ?? '').slice(0, 200)}: ${String((problem as Error).cause ?? problem)}`,
    )
    return
  }
  const took = performance.now() - begun
  figures.byStatus[status] = (figures.byStatus[status] ?? 0) + 1
  const said = `${route.method} ${path} ${(text ?? '').slice(0, 300)}`
  if (status === 500) figures.serverErrors.push(`${said} → ${body.slice(0, 200)}`)
  if (status >= 400 && INSIDE.test(body)) figures.leaks.push(`${said} → ${body.slice(0, 300)}`)
  if (took > figures.mostMs && !route.computes) figures.slow.push(`${Math.round(took)} ms ${said}`)
  if (status === 200 && route.method !== 'GET') figures.accepted++
}

/** Every list, and plans of some faces: nothing that was accepted may break them. */
async function lists(served: Served, figures: RequestFigures, random: Random): Promise<void> {
  for (const path of LISTS) {
    const { status, body } = await call(served.url, 'GET', path)
    if (status !== 200) figures.broken.push(`GET ${path} → ${status} ${JSON.stringify(body).slice(0, 200)}`)
    // Everything accepted keeps to its class: nothing of it may be set aside.
    if (path === '/api/set-aside' && (body as unknown[]).length > 0)
      figures.broken.push(`set aside: ${JSON.stringify(body).slice(0, 400)}`)
  }
  const faces = await facesOf(served.url)
  // Whole, so that everything of theirs is held against its class.
  for (const { id } of faces) {
    const { status, body } = await call(served.url, 'GET', `/api/faces/${id}`)
    if (status !== 200) figures.broken.push(`face ${id} → ${status} ${JSON.stringify(body).slice(0, 200)}`)
  }
  const read = faces.filter(f => f.lab !== null)
  for (let i = 0; i < Math.min(4, read.length); i++) {
    const face = random.pick(read)
    const { status, body } = await call(served.url, 'POST', `/api/faces/${face.id}/plan`, {})
    if (status !== 200) figures.broken.push(`plan for ${face.id} → ${status} ${JSON.stringify(body).slice(0, 200)}`)
  }
}

const found = (value: unknown, ids: Set<string>): void => {
  if (value === null || typeof value !== 'object') return
  if ('id' in value && typeof value.id === 'string') ids.add(value.id)
  for (const member of Object.values(value)) found(member, ids)
}

async function idsOf(served: Served): Promise<Pools> {
  const ids = new Set<string>()
  for (const path of [
    '/api/faces?limit=100',
    '/api/jobs',
    '/api/kit?limit=100',
    '/api/purchases',
    '/api/tests',
    '/api/catalogue',
  ])
    found((await call(served.url, 'GET', path)).body, ids)
  return { any: [...ids].slice(-400) }
}

const MOST_RECORDS = 120

/** Keeps the kit and the faces at the size of a working artist's. */
async function tidy(served: Served): Promise<void> {
  const kit = await kitOf(served.url)
  for (const { id } of kit.slice(MOST_RECORDS)) await call(served.url, 'DELETE', `/api/kit/${id}`)
  const faces = await facesOf(served.url)
  for (const { id } of faces.slice(MOST_RECORDS / 2)) await call(served.url, 'DELETE', `/api/faces/${id}`)
}
