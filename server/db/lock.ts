import { join } from 'node:path'
import { createClient, type Client } from '@libsql/client'
import { dataFolder } from '../base/config'

let held: Client | undefined

/** Thrown when another process works on this folder. */
export class FolderInUse extends Error {}

/**
 * Claims the data folder for this process. The claim is a lock of the operating system on a file of its own, held through
 * SQLite: it ends with the process, however that ends, and no stale file can keep anybody out.
 * @throws FolderInUse
 */
export async function claimFolder(): Promise<void> {
  if (held) return
  let client: Client | undefined
  try {
    client = createClient({ url: `file:${join(dataFolder(), 'varietas.lock')}`, timeout: 0, concurrency: 1 })
    await client.executeMultiple('PRAGMA locking_mode = EXCLUSIVE; BEGIN EXCLUSIVE; COMMIT')
  } catch (problem) {
    client?.close()
    if ((problem as { code?: string }).code?.startsWith('SQLITE_BUSY')) throw new FolderInUse()
    throw problem
  }
  held = client
}

export function releaseFolder(): void {
  held?.close()
  held = undefined
}
