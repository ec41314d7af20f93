import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/**
 * Points the connection module at a new empty folder; import the services after this. The folder goes when the tests end.
 */
export function emptyDatabase(): string {
  const folder = mkdtempSync(join(tmpdir(), 'varietas-test-'))
  process.env.VARIETAS_DATA = folder
  delete process.env.DATABASE_URL
  afterAll(() => rmSync(folder, { recursive: true, force: true }))
  return folder
}
