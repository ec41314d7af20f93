import { createClient, type Client } from '@libsql/client'

/* The database by its tables, without the schema of today: for copies, comparisons and what is left of a damaged one. */

/** Tables of the database's own keeping, which are no records. */
const OWN = ['__drizzle_migrations', 'erasures', 'requests']

const PATIENCE_MS = 5000
/** For what holds every write of this process until it is through. */
export const SHORT_PATIENCE_MS = 500

/**
 * A connection of its own, closed when the work is done.
 * @param patienceMs how long another program that holds the file is waited for
 */
export async function withFile<T>(
  path: string,
  work: (client: Client) => Promise<T>,
  patienceMs = PATIENCE_MS,
): Promise<T> {
  const client = createClient({ url: `file:${path}`, timeout: patienceMs, concurrency: 1 })
  try {
    return await work(client)
  } finally {
    client.close()
  }
}

export const quoted = (name: string) => `"${name.replaceAll('"', '""')}"`
/** A path inside SQL that takes no parameters. */
export const asText = (text: string) => `'${text.replaceAll("'", "''")}'`

/** Tables that hold records, those referred to first. */
export async function recordTables(client: Client, schema = 'main'): Promise<string[]> {
  const { rows } = await client.execute(
    `SELECT name FROM ${quoted(schema)}.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY rowid`,
  )
  return rows.map(r => String(r.name)).filter(name => !OWN.includes(name))
}

export async function columnsOf(client: Client, table: string, schema = 'main'): Promise<string[]> {
  const { rows } = await client.execute(`PRAGMA ${quoted(schema)}.table_info(${quoted(table)})`)
  return rows.map(r => String(r.name))
}

/** Hashes of the migrations a database has been through, in order; none for an empty one. */
export async function migrationsDone(client: Client): Promise<string[]> {
  const known = await client.execute("SELECT 1 FROM sqlite_master WHERE name = '__drizzle_migrations'")
  if (known.rows.length === 0) return []
  const { rows } = await client.execute('SELECT hash FROM __drizzle_migrations ORDER BY created_at')
  return rows.map(r => String(r.hash))
}

/** What SQLite finds wrong with a database; empty when nothing. */
export async function faultsOf(client: Client): Promise<string[]> {
  const { rows } = await client.execute('PRAGMA integrity_check(20)')
  return rows.map(r => String(Object.values(r)[0])).filter(line => line !== 'ok')
}
