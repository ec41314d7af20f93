import { DAY_MS } from '#core/time'
import type { Job } from '../records/days/jobs'

/*
 * What of a job is kept on a device, so that it can be packed for and worked from where the server is out of reach: what its list and
 * its chair ask the server for, and nothing else that is anybody's. Ticks are kept by the page, see useTicks.
 */

const ROOMS = ['', '/bag', '/morning', '/chair'] as const
/** What takes a plan or more to answer. */
const COMPUTED = /\/(?:bag|morning|chair)$/

/** Everything that is asked for where a job is packed for or worked from. */
export const pathsOf = (jobId: string): string[] => ROOMS.map(room => `/api/jobs/${encodeURIComponent(jobId)}${room}`)

/** What such pages ask for as well; nobody's data. */
export const BESIDE: readonly string[] = ['/api/settings']

/** The job something belongs to that may be kept of it; null for what is never kept. */
export function jobOf(path: string): string | null {
  const [, id, room] = /^\/api\/jobs\/([^/]+)(\/\w+)?$/.exec(path) ?? []
  return id && ROOMS.some(r => r === (room ?? '')) && !NO_JOB.includes(id) ? decodeURIComponent(id) : null
}
const NO_JOB = ['year', 'many']

export const isKeepable = (path: string): boolean => BESIDE.includes(path) || jobOf(path) !== null

/** How long an answer is waited for before what was kept stands in for it, milliseconds. */
export const patienceFor = (path: string, answeredLately: boolean): number =>
  !answeredLately ? 1500 : COMPUTED.test(path) ? 25_000 : 5000

/** What a write that was done takes from the device: what is kept of one job, or of all; null for a write that takes nothing. */
export function endOf(method: string, path: string): { jobId: string } | 'all' | null {
  if (method === 'DELETE' && /^\/api\/faces\/[^/]+$/.test(path)) return 'all'
  if (method === 'POST' && /^\/api\/(?:faces\/[^/]+\/forget|keeping\/confirm)$/.test(path)) return 'all'
  const [, id, wrap] = /^\/api\/jobs\/([^/]+)(\/wrap)?$/.exec(path) ?? []
  return id && (wrap ? method === 'POST' : method === 'DELETE') ? { jobId: decodeURIComponent(id) } : null
}

const DAYS_AFTER = 3
/** Whether a job is still to be worked from: not closed, and its day not long past. */
export const isToCome = ({ day, wrap }: Pick<Job, 'day' | 'wrap'>, nowMs: number): boolean =>
  !wrap && (!day || Date.parse(day) + (1 + DAYS_AFTER) * DAY_MS > nowMs)

/** Nothing about anybody stays on a device longer than this, whatever it is about and whether or not the server was ever in reach. */
export const KEPT_MOST_MS = 30 * DAY_MS
/** Whether something that was kept at a moment has been on the device too long. @param keptAt ISO moment; what is none is too old */
export const isKeptTooLong = (keptAt: string, nowMs: number): boolean => !(nowMs - Date.parse(keptAt) < KEPT_MOST_MS)

/** When the answer was given that stands in for one. */
export const KEPT_HEADER = 'x-varietas-kept'

/** What a page asks of the service worker: keep a job, drop it, clean up, list what is kept, take over. */
export type Asked = { keep: string } | { drop: string } | 'tend' | 'list' | 'turn'
/** A job that is kept. */
export interface Along extends Pick<Job, 'id' | 'name' | 'day'> {
  keptAt: string
}
/** The cache jobs are kept in. */
export const ALONG = 'varietas-along'
