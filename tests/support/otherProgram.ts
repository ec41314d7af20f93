import { spawn } from 'node:child_process'
import { once } from 'node:events'

/*
 * Another program that works on the same file, as a process of its own: what a backup tool, a database browser or a sync client does.
 */

const PROGRAM = `
const Database = require('libsql')
const db = new Database(process.argv[1], { timeout: 5000 })
db.exec('BEGIN IMMEDIATE')
process.stdout.write('held\\n')
process.stdin.once('data', () => { db.exec('ROLLBACK'); process.exit(0) })
`

/** Holds the write lock of a database until it is released. */
export async function holdElsewhere(database: string): Promise<{ pid: number; letGo: () => Promise<void> }> {
  const child = spawn(process.execPath, ['-e', PROGRAM, database], { stdio: ['pipe', 'pipe', 'inherit'] })
  await once(child.stdout, 'data')
  return {
    pid: child.pid!,
    async letGo() {
      const gone = once(child, 'exit')
      child.stdin.write('go\n')
      await gone
    },
  }
}
