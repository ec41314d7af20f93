import { call, facesOf, ready, start, stop } from '../served/server'
import type { seeded } from '../support/random'

/* Many people at once on one server: reading, writing and planning as a working day mixes them. */

export interface UserFigures {
  users: number
  seconds: number
  requests: number
  errors: string[]
  /** Milliseconds. */
  records: { p50: number; p95: number; most: number }
  plans: { p50: number; p95: number; most: number }
  memoryMb: number
  delayP99: number
}

type Random = ReturnType<typeof seeded>
const lab = { L: 58, a: 11, b: 19 }

export async function users(folder: string, count: number, seconds: number, random: Random): Promise<UserFigures> {
  const served = await start(folder, { env: { VARIETAS_DEMO: '1' }, frugal: true })
  await ready(served)
  const { url } = served
  await new Promise(resolve => setTimeout(resolve, 1500))
  served.resetDelays()
  const faces = (await facesOf(url)).filter(f => f.lab !== null)
  const times: { records: number[]; plans: number[] } = { records: [], plans: [] }
  const errors: string[] = []
  const until = Date.now() + seconds * 1000

  async function timed(kind: 'records' | 'plans', method: string, path: string, body?: unknown): Promise<unknown> {
    const begun = performance.now()
    const answer = await call(url, method, path, body).catch((problem: unknown) => ({
      status: 0,
      body: String(problem),
    }))
    times[kind].push(performance.now() - begun)
    if (answer.status !== 200)
      errors.push(`${method} ${path} → ${answer.status} ${JSON.stringify(answer.body).slice(0, 120)}`)
    return answer.body
  }

  async function user(): Promise<void> {
    while (Date.now() < until) {
      const what = random.next()
      if (what < 0.25) await timed('records', 'GET', '/api/kit')
      else if (what < 0.4) await timed('records', 'GET', '/api/settings')
      else if (what < 0.5) await timed('records', 'GET', '/api/faces')
      else if (what < 0.6) await timed('records', 'GET', '/api/purchases')
      else if (what < 0.72) {
        const { id } = (await timed('records', 'POST', '/api/kit', {
          kind: 'foundation',
          shade: 'A user',
          lab,
          level: 0,
        })) as { id: string }
        await timed('records', 'DELETE', `/api/kit/${id}`)
      } else if (what < 0.84) {
        const face = random.pick(faces)
        const note = (await timed('records', 'POST', `/api/faces/${face.id}/seen`, {
          drops: [{ id: 'x', count: 1 }],
          seen: 'right',
        })) as { id: string }
        await timed('records', 'DELETE', `/api/seen/${note.id}`)
      } else if (what < 0.9) await timed('plans', 'POST', `/api/faces/${random.pick(faces).id}/plan`, {})
      else await timed('records', 'GET', '/api/keeping')
      // A person looks before the next touch.
      await new Promise(resolve => setTimeout(resolve, random.between(300, 1500)))
    }
  }
  await Promise.all(Array.from({ length: count }, user))
  await new Promise(resolve => setTimeout(resolve, 1200))
  const figures = {
    users: count,
    seconds,
    requests: times.records.length + times.plans.length,
    errors,
    records: spread(times.records),
    plans: spread(times.plans),
    memoryMb: served.memory().highest,
    delayP99: served.delays().p99,
  }
  await stop(served)
  return figures
}

function spread(times: readonly number[]) {
  const sorted = [...times].sort((x, y) => x - y)
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0
  return { p50: at(0.5), p95: at(0.95), most: at(1) }
}
