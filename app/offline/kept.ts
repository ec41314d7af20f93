import {
  ALONG,
  BESIDE,
  isKeptTooLong,
  isToCome,
  jobOf,
  KEPT_HEADER,
  pathsOf,
  patienceFor,
  type Along,
} from '#shared/asked/along'
import type { Job } from '#shared/records/days/jobs'

/* Answers that are kept of jobs taken along. */

/** So long after it did not answer, a server is not waited for as one that does. */
const LATELY_MS = 20_000
let missedAt = -Infinity

const open = () => caches.open(ALONG)
const idOf = (path: string) => new URL(path, location.origin).href

async function put(cache: Cache, path: string, fresh: Response): Promise<void> {
  const headers = new Headers(fresh.headers)
  headers.set(KEPT_HEADER, new Date().toISOString())
  await cache.put(idOf(path), new Response(await fresh.blob(), { status: fresh.status, headers }))
}

/** The live answer; where there is none in time, the one that was kept, unless that was too long ago. */
export async function answer(request: Request, path: string): Promise<Response> {
  const cache = await open()
  const stored = await cache.match(idOf(path))
  const live = fetch(request)
  if (!stored || isKeptTooLong(stored.headers.get(KEPT_HEADER) ?? '', Date.now())) return live
  const fresh = await Promise.race([
    live.catch(() => null),
    new Promise<null>(resolve => setTimeout(() => resolve(null), patienceFor(path, Date.now() - missedAt > LATELY_MS))),
  ])
  if (!fresh) {
    missedAt = Date.now()
    return stored
  }
  missedAt = -Infinity
  const jobId = jobOf(path)
  if (fresh.ok) await put(cache, path, fresh.clone())
  else if (fresh.status === 404 && jobId) await drop(jobId)
  return fresh
}

/** Keeps everything of a job. @returns what is kept then; null where it could not be had */
export async function keep(jobId: string): Promise<Along[] | null> {
  const cache = await open()
  const paths = [...BESIDE, ...pathsOf(jobId)]
  const answers = await Promise.all(paths.map(async path => ({ path, fresh: await fetch(path) })))
  if (answers.some(a => !a.fresh.ok)) return null
  // All of it or nothing: half a job helps nobody.
  for (const { path, fresh } of answers) await put(cache, path, fresh)
  return list()
}

export async function drop(jobId: string): Promise<void> {
  const cache = await open()
  for (const path of pathsOf(jobId)) await cache.delete(idOf(path))
}
export const dropAll = () => caches.delete(ALONG)

/** Jobs that are kept whole. */
export async function list(): Promise<Along[]> {
  const cache = await open()
  const all: Along[] = []
  for (const { url } of await cache.keys()) {
    const { pathname } = new URL(url)
    const id = jobOf(pathname)
    if (!id || pathname !== pathsOf(id)[0]) continue
    const stored = await cache.match(url)
    if (!stored) continue
    const { name, day } = (await stored.json()) as Job
    all.push({ id, name, day, keptAt: stored.headers.get(KEPT_HEADER) ?? '' })
  }
  return all
}

/** Drops jobs that are over, gone or kept too long, and keeps anew what has changed: people are forgotten and jobs planned on other devices, too. */
export async function tend(): Promise<void> {
  const cache = await open()
  for (const { id, keptAt } of await list()) {
    if (isKeptTooLong(keptAt, Date.now())) {
      await drop(id)
      continue
    }
    const [path] = pathsOf(id)
    const stored = await cache.match(idOf(path!))
    const fresh = await fetch(path!).catch(() => null)
    if (!fresh || !stored) continue
    if (fresh.status === 404) await drop(id)
    if (!fresh.ok) continue
    const [before, now] = [await stored.text(), await fresh.text()]
    if (!isToCome(JSON.parse(now) as Job, Date.now())) await drop(id)
    else if (before !== now) await keep(id)
  }
}
