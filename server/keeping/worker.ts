import { isMainThread } from 'node:worker_threads'
import { DamagedArchive } from './archive'
import { run as work, type KeepingTasks } from './tasks'

/*
 * What reads or writes the whole database, in a thread of its own: SQLite is called synchronously, and the server answers
 * others meanwhile.
 */

export type KeeperOutcome<T> = { done: T } | { damaged: string } | { failed: { code: string; message: string } }

export default async function run<T extends keyof KeepingTasks>({
  task,
  order,
}: {
  task: T
  order: Parameters<KeepingTasks[T]>[0]
}): Promise<KeeperOutcome<Awaited<ReturnType<KeepingTasks[T]>>>> {
  if (isMainThread) throw new Error('the keeper works in a thread')
  try {
    return { done: await work(task, order) }
  } catch (problem) {
    if (problem instanceof DamagedArchive) return { damaged: problem.message }
    const { code, message } = problem as { code?: string; message: string }
    return { failed: { code: code ?? '', message } }
  }
}
