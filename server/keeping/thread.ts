import { join } from 'node:path'
import { Piscina } from 'piscina'
import type { KeeperOutcome } from '../workers/keeper'
import { workersFolder } from '../config'
import { DamagedArchive } from './archive'
import { KeeperFailed } from './keeperFailed'
import type { KeepingTasks } from './tasks'

// What it works through it reads in pieces.
const HEAP_MB = 128
const YOUNG_MB = 8

let pool: Piscina | undefined

/**
 * Asks the keeper's thread; one thing after another.
 * @throws DamagedArchive, KeeperFailed
 */
export async function keep<T extends keyof KeepingTasks>(
  task: T,
  order: Parameters<KeepingTasks[T]>[0],
): Promise<Awaited<ReturnType<KeepingTasks[T]>>> {
  pool ??= new Piscina({
    filename: join(workersFolder(), 'keeper.mjs'),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 3000,
    resourceLimits: { maxOldGenerationSizeMb: HEAP_MB, maxYoungGenerationSizeMb: YOUNG_MB },
  })
  const outcome = (await pool.run({ task, order })) as KeeperOutcome<Awaited<ReturnType<KeepingTasks[T]>>>
  if ('damaged' in outcome) throw new DamagedArchive(outcome.damaged)
  if ('failed' in outcome) throw new KeeperFailed(outcome.failed.code, outcome.failed.message)
  return outcome.done
}

/** Ends the thread; what it was writing has no name yet and is cleared away at the next start. */
export async function stopKeeper(): Promise<void> {
  await pool?.destroy()
  pool = undefined
}
