import { readFileSync, statSync } from 'node:fs'
import { Problem } from '../base/problems'

/** Thrown when another program keeps the file locked for too long. Nothing was written. */
export class Held extends Problem {
  constructor(readonly by: string) {
    super(
      503,
      'busy',
      `${by} is writing to the data: nothing was saved yet. Wait until it has finished, or close it, then try again.`,
    )
  }
}

/** What stands on the Bench and in health while the file is held. */
export const heldInWords = (by: string): string =>
  `${by} is writing to varietas.db and has not finished: nothing can be saved until it has. Wait for it, or close it.`

/** What ends a start that could not write. */
export const heldAtStart = (by: string): string =>
  `${by} is writing to varietas.db and has not finished. Nothing was changed. Wait for it, or close it, then start again.`

/** Who holds the write lock, as far as the system says. */
export function holder(database: string): string {
  const pid = holdingProcess(database)
  if (pid === null) return 'Another program'
  const name = nameOf(pid)
  return `Another program (${name === null ? '' : `${name}, `}process ${pid})`
}

/**
 * The process that has a lock for writing on the file or its write-ahead log. Only Linux tells, in /proc/locks: a line a lock, with the
 * process and the file as device:inode.
 */
function holdingProcess(database: string): number | null {
  try {
    const inodes = [database, `${database}-shm`].flatMap(file => inodeOf(file) ?? [])
    for (const line of readFileSync('/proc/locks', 'utf8').split('\n')) {
      const lock = /\bWRITE\s+(\d+)\s+[\da-f]+:[\da-f]+:(\d+)\s/.exec(line)
      if (lock && inodes.includes(lock[2]!) && Number(lock[1]) !== process.pid) return Number(lock[1])
    }
  } catch {
    // Another system: it stays unnamed.
  }
  return null
}

function inodeOf(file: string): string | undefined {
  try {
    return String(statSync(file, { bigint: true }).ino)
  } catch {
    return undefined
  }
}

function nameOf(pid: number): string | null {
  try {
    return readFileSync(`/proc/${pid}/comm`, 'utf8').trim() || null
  } catch {
    return null
  }
}
