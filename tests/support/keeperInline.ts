import { run, type KeepingTasks } from '../../server/keeping/tasks'

/* The keeper without its thread, for tests that have no built worker. */
export const keep = <T extends keyof KeepingTasks>(task: T, order: Parameters<KeepingTasks[T]>[0]) => run(task, order)
export const stopKeeper = () => Promise.resolve()
