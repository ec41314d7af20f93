import { cpSync, existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from 'node:fs'
import fs from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Database from 'libsql'
import yauzl from 'yauzl'
import { faceInput } from '../../tests/support/inputs'
import { services } from '../../tests/support/services'
import { dependingOn, OWN_SHARE } from '../../tests/support/share'

jest.mock('./thread', () => jest.requireActual<object>('../../tests/support/keeperInline'))
const on = services()

class Killed extends Error {}

/** Every file of the data folder and what lies in it, archives unpacked, as text. */
async function everyByte(folder: string): Promise<string> {
  const parts: string[] = []
  for (const name of readdirSync(folder)) {
    const path = join(folder, name)
    // SQLite takes its own files away as a connection ends.
    if (!existsSync(path)) continue
    if (statSync(path).isDirectory()) parts.push(await everyByte(path))
    else if (name.endsWith('.zip')) {
      const zip = await yauzl.openPromise(path)
      for await (const entry of zip.eachEntry()) {
        const chunks: Buffer[] = []
        for await (const chunk of await zip.openReadStreamPromise(entry)) chunks.push(chunk as Buffer)
        parts.push(Buffer.concat(chunks).toString('latin1'))
      }
    } else parts.push(readFileSync(path, 'latin1'))
  }
  return parts.join('\n')
}

const FILE_STEPS = ['rm', 'rename', 'readdir', 'mkdir', 'stat', 'writeFile'] as const

/** From the given step on nothing reaches the disk or the database any more, as when the process was killed there. */
function killAt(step: number): { steps: () => number; revive: () => void } {
  let taken = 0
  const dies = () => {
    if (++taken > step) throw new Killed(`killed at step ${step}`)
  }
  const spies = [
    ...FILE_STEPS.map(name => {
      const real = fs[name] as (...given: unknown[]) => unknown
      return jest.spyOn(fs, name).mockImplementation((async (...given: unknown[]) => {
        dies()
        return real(...given)
      }) as never)
    }),
    ...(['prepare', 'exec'] as const).map(name => {
      const real = (Database.prototype as unknown as Record<string, (sql: string) => unknown>)[name]!
      return jest
        .spyOn(Database.prototype as unknown as Record<string, (sql: string) => unknown>, name)
        .mockImplementation(function (this: unknown, sql: string) {
          // The system ends what a dead process had begun.
          if (!/^ROLLBACK/.test(sql)) dies()
          return real.call(this, sql)
        })
    }),
  ]
  return { steps: () => taken, revive: () => spies.forEach(spy => spy.mockRestore()) }
}

describe('erasing that is broken off', () => {
  it('at whatever step: after the next start with room nobody’s byte is left, in the file and in the backups', async () => {
    const { backUp } = await import('./keeping')
    const { finishErasing } = await import('./erasing')
    const { troublesNow } = await import('./state')
    const folder = process.env.VARIETAS_DATA!
    await on.addFace(faceInput('Stays Here'))
    const { id } = await on.addFace(faceInput('Zyxkilled Person', { notes: 'zyxkilled notes' }))
    await backUp('asked')
    await on.closeDatabase()
    const before = mkdtempSync(join(tmpdir(), 'varietas-before-'))
    cpSync(folder, before, { recursive: true })

    // A tenth of the steps with each commit, and whatever comes after the last.
    const stride = dependingOn(1, 10)
    let broken = 0
    for (let step = dependingOn(0, OWN_SHARE), isThrough = false; !isThrough; step += stride) {
      rmSync(folder, { recursive: true, force: true })
      mkdirSync(folder)
      cpSync(before, folder, { recursive: true })
      await on.openDatabase()
      const kill = killAt(step)
      const answer = await on.forgetFace(id).catch((e: unknown) => e)
      kill.revive()
      isThrough = kill.steps() <= step
      const isConfirmed = !(answer instanceof Error)
      if (!isConfirmed || !(answer as { bytes: boolean }).bytes) broken++
      // Pending erasing shows in health until it is done.
      if (isConfirmed && !(answer as { bytes: boolean }).bytes) expect(troublesNow().join()).toContain('forgotten')
      await on.closeDatabase()
      await on.openDatabase()
      const begun = (await on.write(tx => tx.select().from(on.tables.erasures))).length > 0
      await finishErasing()
      await on.closeDatabase()
      const left = /zyxkilled/i.test(await everyByte(folder))
      // Either it had not begun, and all of it stands as it was, or nothing of it is left.
      expect({ step, left: left && (begun || isConfirmed) }).toEqual({ step, left: false })
      if (isThrough) expect({ isConfirmed, left }).toEqual({ isConfirmed: true, left: false })
      if (begun || isConfirmed) expect(troublesNow()).toEqual([])
    }
    expect(broken).toBeGreaterThan(dependingOn(40, 3))
    rmSync(before, { recursive: true, force: true })
    await on.openDatabase()
  })

  it('is not through while somebody still reads the log: the bytes are in it', async () => {
    const { rewriteFile } = await import('./erase')
    const database = join(process.env.VARIETAS_DATA!, 'varietas.db')
    await on.addFace(faceInput('Stays Here'))
    const reader = new Database(database)
    reader.exec('BEGIN')
    reader.prepare('SELECT count(*) FROM faces').all()
    await on.addFace(faceInput('Comes Later'))
    await expect(rewriteFile(database, Date.now())).rejects.toMatchObject({ code: 'SQLITE_BUSY' })
    reader.exec('COMMIT')
    reader.close()
    await expect(rewriteFile(database, Date.now())).resolves.toBeUndefined()
  })
})
