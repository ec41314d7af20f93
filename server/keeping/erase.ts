import type { Client } from '@libsql/client'
import { withFile } from './raw'

/**
 * Rewrites the file without anything that was deleted, and empties the write-ahead log: afterwards no byte of a deleted row
 * is left in it. The caller sees to it that nobody else in this process writes.
 * @param until how long another program that holds the file is waited for, milliseconds since 1970
 * @throws Error with the code SQLITE_BUSY where somebody else still holds the file or its log
 */
export const rewriteFile = (database: string, until: number): Promise<void> =>
  withFile(
    database,
    async client => {
      await emptyLog(client)
      await client.execute('VACUUM')
      await emptyLog(client)
    },
    Math.max(0, until - Date.now()),
  )

/** A log that somebody else holds is not emptied, and SQLite says so in a row instead of an error. */
const emptyLog = async (client: Client) => {
  const { rows } = await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
  if (Number(rows[0]?.busy) !== 0)
    throw Object.assign(new Error('the log is held by somebody else'), { code: 'SQLITE_BUSY' })
}
