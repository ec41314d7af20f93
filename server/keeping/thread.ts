import { MINUTE_MS } from '#core/time'
import { join } from 'node:path'
import { Piscina } from 'piscina'
import type { KeeperOutcome } from './worker'
import { workersFolder } from '../base/config'
import { Problem } from '../base/problems'
import { DamagedArchive } from './archive'
import { KeeperFailed } from './keeperFailed'
import { LeftAlone } from './leftAlone'
import type { KeepingTasks } from './tasks'

// What it works through it reads in pieces.
const HEAP_MB = 128
const YOUNG_MB = 8

/**
 * What writes her data or a backup, what only reads them, and what comes from elsewhere have a thread each: a quote does not wait for an erasing that
 * waits for another program, and nobody's upload holds up an erasing, which holds every write until it is through.
 */
type Lane = 'writing' | 'reading' | 'copies'
const COPIES: readonly (keyof KeepingTasks)[] = ['unpack', 'compare', 'read everything']
const PAPERS: readonly (keyof KeepingTasks)[] = ['question sheet', 'labels', 'quote', 'agreement']
const WRITING: readonly (keyof KeepingTasks)[] = ['backup', 'rewrite', 'replace', 'salvage']
const laneOf = (task: keyof KeepingTasks): Lane =>
  COPIES.includes(task) ? 'copies' : WRITING.includes(task) ? 'writing' : 'reading'

/** After this a thread is ended: starting values, ours; the largest data tried take a tenth of it. */
const deadlineFor = (task: keyof KeepingTasks): number =>
  PAPERS.includes(task) ? MINUTE_MS / 2 : COPIES.includes(task) ? 10 * MINUTE_MS : 30 * MINUTE_MS

const pools = new Map<Lane, Piscina>()
function poolOf(lane: Lane): Piscina {
  const known = pools.get(lane)
  if (known) return known
  const pool = new Piscina({
    filename: join(workersFolder(), 'keeper.mjs'),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 3000,
    resourceLimits: { maxOldGenerationSizeMb: HEAP_MB, maxYoungGenerationSizeMb: YOUNG_MB },
  })
  pools.set(lane, pool)
  return pool
}

/**
 * Asks a keeper's thread; in each lane one thing after another.
 * @param gone ends the work when its caller has left
 * @throws DamagedArchive, KeeperFailed, Problem where it takes too long or more memory than there is for it
 */
export async function keep<T extends keyof KeepingTasks>(
  task: T,
  order: Parameters<KeepingTasks[T]>[0],
  gone?: AbortSignal,
): Promise<Awaited<ReturnType<KeepingTasks[T]>>> {
  const lane = laneOf(task)
  const deadline = AbortSignal.timeout(deadlineFor(task))
  const signal = gone ? AbortSignal.any([deadline, gone]) : deadline
  let outcome: KeeperOutcome<Awaited<ReturnType<KeepingTasks[T]>>>
  try {
    outcome = (await poolOf(lane).run({ task, order }, { signal })) as typeof outcome
  } catch (problem) {
    if (gone?.aborted) throw new LeftAlone()
    if (deadline.aborted) throw tooLong()
    if ((problem as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY' && lane === 'copies')
      throw new DamagedArchive('reading it takes more memory than any backup does')
    throw problem
  }
  if ('damaged' in outcome) throw new DamagedArchive(outcome.damaged)
  if ('failed' in outcome) throw new KeeperFailed(outcome.failed.code, outcome.failed.message)
  return outcome.done
}

const tooLong = () =>
  new Problem(503, 'out-of-time', 'This took far longer than it should, and was ended: nothing was changed. Try again.')

/** Ends the threads; what they were writing has no name yet and is cleared away at the next start. */
export async function stopKeeper(): Promise<void> {
  await Promise.all([...pools.values()].map(pool => pool.destroy()))
  pools.clear()
}
