import type { Client } from '@libsql/client'
import { SHORT_PATIENCE_MS, withFile } from './raw'

/**
 * Rewrites the file without anything that was deleted, and empties the write-ahead log: afterwards no byte of a deleted row
 * is left in it. The caller sees to it that nobody else writes.
 */
export const rewriteFile = (database: string): Promise<void> =>
  withFile(
    database,
    async client => {
      await emptyLog(client)
      await client.execute('VACUUM')
      await emptyLog(client)
    },
    SHORT_PATIENCE_MS,
  )

const emptyLog = async (client: Client) => {
  await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
}
