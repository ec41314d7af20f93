import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import { Readable } from 'node:stream'
import { setImmediate as nextTurn } from 'node:timers/promises'
import yazl from 'yazl'
import { FaceInput } from '#shared/records/people/faces'
import { emptyDatabase } from '../../tests/support/database'

emptyDatabase()
jest.mock('./thread', () => jest.requireActual<object>('../../tests/support/keeperInline'))
const load = async () => ({
  ...(await import('../db/connection')),
  ...(await import('../services/people/faces')),
  ...(await import('./keeping')),
  ...(await import('./backup')),
  ...(await import('./restore')),
  ...(await import('./salvage')),
  ...(await import('./raw')),
  ...(await import('../base/config')),
  ...(await import('../db/schema')),
})
let on: Awaited<ReturnType<typeof load>>
beforeAll(async () => {
  on = await load()
  await on.migrateDatabase()
})
const face = (name: string) => on.addFace(Object.assign(new FaceInput(), { name }))
const names = async () => (await on.allFaces()).map(f => f.name)
const never = () => Promise.reject(new Error('the data were open all along'))

describe('backups', () => {
  it('hold a manifest that agrees with what is in them, and name nobody outside of the data', async () => {
    await face('Ilse Manifest')
    const { name } = await on.backUp('asked')
    const archive = await (
      await import('./archive')
    ).Archive.open(join(on.backupFolder(), name), ['varietas.db', 'manifest.json'])
    const text = await archive.text('manifest.json', 1e6)
    archive.close()
    expect(JSON.parse(text)).toMatchObject({
      format: 'varietas.backup',
      version: 1,
      reason: 'asked',
      rows: { faces: 1, products: 0 },
      pictures: [],
    })
    expect(text).not.toContain('Ilse')
  })

  it('the last ten are kept, and what a killed process left half-written is cleared away', async () => {
    writeFileSync(join(on.backupFolder(), '.varietas-x.zip.half'), 'half')
    for (let i = 0; i < 12; i++) await on.backUp('asked')
    const files = readdirSync(on.backupFolder())
    expect(files).toHaveLength(10)
    expect(files.every(on.isBackupName)).toBe(true)
  })

  it('what is no name of a backup leads nowhere', () => {
    for (const name of ['../varietas.db', 'varietas.db', '', 'varietas-2026-01-01T00-00-00-000Z.zip/..'])
      expect(() => on.backupPath(name)).toThrow('not here any more')
  })
})

describe('restoring', () => {
  it('shows first what would change, changes it as one, and keeps what was there as the newest backup', async () => {
    const { name } = await on.backUp('asked')
    const { id } = await face('Came Later')
    const first = (await on.allFaces()).find(f => f.name === 'Ilse Manifest')
    await on.changeFace(first!.id, Object.assign(new FaceInput(), { name: 'Another Name' }))
    const preview = await on.previewKept(name)
    expect(preview.differences).toEqual([
      { table: 'faces', here: 2, there: 1, onlyHere: 1, onlyThere: 0, changed: 1 },
      { table: 'changes', here: 3, there: 1, onlyHere: 2, onlyThere: 0, changed: 0 },
    ])
    expect(await names()).toContain('Came Later')
    const { before } = await on.restore(preview.id, never)
    expect(await names()).toEqual(['Ilse Manifest'])
    const back = await on.previewKept(before!.name)
    await on.restore(back.id, never)
    expect((await on.allFaces()).map(f => f.id)).toContain(id)
    await expect(on.restore(back.id, never)).rejects.toThrow('not here any more')
  })

  const zipOf = (entries: Record<string, Buffer>) =>
    new Promise<Buffer>(resolve => {
      const zip = new yazl.ZipFile()
      const chunks: Buffer[] = []
      zip.outputStream.on('data', (c: Buffer) => chunks.push(c))
      zip.outputStream.on('end', () => resolve(Buffer.concat(chunks)))
      for (const [entry, bytes] of Object.entries(entries)) zip.addBuffer(bytes, entry)
      zip.end()
    })
  const made = async () => {
    const { name } = await on.backUp('asked')
    const path = join(on.backupFolder(), name)
    const { Archive } = await import('./archive')
    const archive = await Archive.open(path, ['varietas.db', 'manifest.json'])
    const work = mkdtempSync(join(tmpdir(), 'varietas-zip-'))
    await archive.extract('varietas.db', join(work, 'db'), 1e9)
    const manifest = JSON.parse(await archive.text('manifest.json', 1e6)) as Record<string, unknown>
    archive.close()
    const database = readFileSync(join(work, 'db'))
    rmSync(work, { recursive: true })
    return { database, manifest }
  }
  it.each<[string, (of: Awaited<ReturnType<typeof made>>) => Promise<Buffer>]>([
    ['something else', () => Promise.resolve(Buffer.from('a letter'))],
    ['another archive', () => zipOf({ 'holiday.jpg': Buffer.from('x') })],
    [
      'one file too many',
      ({ database, manifest }) =>
        zipOf({
          'varietas.db': database,
          'manifest.json': Buffer.from(JSON.stringify(manifest)),
          'x': Buffer.from('x'),
        }),
    ],
    [
      'a manifest of something else',
      ({ database }) => zipOf({ 'varietas.db': database, 'manifest.json': Buffer.from('{"format":"other"}') }),
    ],
    [
      'a manifest that is no JSON',
      ({ database }) => zipOf({ 'varietas.db': database, 'manifest.json': Buffer.from('{') }),
    ],
    [
      'data that were changed',
      ({ database, manifest }) => {
        const changed = Buffer.from(database)
        changed[5000] = changed[5000]! ^ 1
        return zipOf({ 'varietas.db': changed, 'manifest.json': Buffer.from(JSON.stringify(manifest)) })
      },
    ],
    [
      'data of a newer version',
      async ({ manifest }) => {
        const work = mkdtempSync(join(tmpdir(), 'varietas-newer-'))
        const path = join(work, 'db')
        await on.withFile(on.databaseFile(), c => c.execute({ sql: 'VACUUM INTO ?', args: [path] }))
        await on.withFile(path, c =>
          c.execute("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('x', 9e15)"),
        )
        const database = readFileSync(path)
        const { checksumOf } = await import('./archive')
        const truth = { ...manifest, database: { bytes: database.length, sha256: await checksumOf(path) } }
        return zipOf({ 'varietas.db': database, 'manifest.json': Buffer.from(JSON.stringify(truth)) })
      },
    ],
  ])('refuses %s with nothing touched', async (_, build) => {
    const zip = await build(await made())
    const before = await names()
    await expect(on.previewUpload(Readable.from([zip]))).rejects.toThrow(/Nothing was changed/)
    expect(await names()).toEqual(before)
    expect(readdirSync(join(on.dataFolder(), 'restoring'))).toEqual([])
  })

  it('a backup of an older version is brought to today on the way', async () => {
    const { manifest } = await made()
    const path = join(mkdtempSync(join(tmpdir(), 'varietas-older-')), 'db')
    writeFileSync(path, gunzipSync(readFileSync('tests/migration/demo-0006.db.gz')))
    const { checksumOf } = await import('./archive')
    const older = readFileSync(path)
    const truth = { ...manifest, database: { bytes: older.length, sha256: await checksumOf(path) } }
    const zip = await zipOf({ 'varietas.db': older, 'manifest.json': Buffer.from(JSON.stringify(truth)) })
    const preview = await on.previewUpload(Readable.from([zip]))
    expect(preview.differences!.find(d => d.table === 'units')).toMatchObject({ there: 102 })
    expect(preview.differences!.find(d => d.table === 'bookings')).toMatchObject({ there: 23 })
  })
})

describe('what can be read of damaged data', () => {
  it('is saved row by row around the damage, and the damaged file kept as it was', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'varietas-salvage-'))
    const path = join(folder, 'varietas.db')
    await on.write(async tx => {
      for (let i = 0; i < 400; i++) {
        const name = `Salvage ${String(i).padStart(3, '0')} ${'x'.repeat(60)}`
        await tx.insert(on.faces).values({ ...new FaceInput(), id: `s${i}`, name, createdAt: '2026-11-26' })
      }
    })
    await on.checkpoint()
    await on.withFile(on.databaseFile(), c => c.execute({ sql: 'VACUUM INTO ?', args: [path] }))
    const bytes = readFileSync(path)
    const middle = bytes.indexOf('Salvage 200')
    bytes.fill(0x5a, Math.floor(middle / 4096) * 4096, Math.floor(middle / 4096) * 4096 + 4096)
    writeFileSync(path, bytes)
    const { rows, keptIn } = await on.salvage(folder, on.migrationsFolder(), '2026-11-26T00:00:00.000Z')
    expect(rows).toBeGreaterThan(350)
    expect(readFileSync(join(folder, keptIn, 'varietas.db')).equals(bytes)).toBe(true)
    await on.withFile(path, async c => {
      expect(await on.faultsOf(c)).toEqual([])
      const kept = (await c.execute('SELECT name FROM faces')).rows.map(r => String(r.name).slice(0, 11))
      // From both sides of the hole.
      expect(kept).toContain('Salvage 001')
      expect(kept).toContain('Salvage 399')
    })
    rmSync(folder, { recursive: true })
  })

  it('a swap that was killed half-way is finished by the next start, and no old log lies beside the new data', async () => {
    for (const state of [['varietas.db-wal', '.restored.db'], ['.salvaged.db'], ['varietas.db', '.restored.db']]) {
      const folder = mkdtempSync(join(tmpdir(), 'varietas-swap-'))
      for (const name of state) writeFileSync(join(folder, name), `was ${name}`)
      await on.finishSwap(folder, '2026-11-26T00:00:00.000Z')
      const [first] = state.filter(name => !name.endsWith('-wal'))
      expect(readFileSync(join(folder, 'varietas.db'), 'utf8')).toBe(`was ${first}`)
      expect(existsSync(join(folder, 'varietas.db-wal'))).toBe(false)
      rmSync(folder, { recursive: true })
    }
    const empty = mkdtempSync(join(tmpdir(), 'varietas-swap-'))
    await on.finishSwap(empty, '2026-11-26T00:00:00.000Z')
    expect(readdirSync(empty)).toEqual([])
    rmSync(empty, { recursive: true })
  })

  it('is nothing: then everything stays as it is', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'varietas-nothing-'))
    writeFileSync(join(folder, 'varietas.db'), 'a letter to somebody')
    await expect(on.salvage(folder, on.migrationsFolder(), '2026-11-26T00:00:00.000Z')).rejects.toThrow()
    expect(readFileSync(join(folder, 'varietas.db'), 'utf8')).toBe('a letter to somebody')
    expect(existsSync(join(folder, '.salvaged.db'))).toBe(false)
    rmSync(folder, { recursive: true })
  })
})

describe('everything as JSON', () => {
  it('is whole, also where copies beside the data are cleared away while it is written', async () => {
    await face('Osric Whole')
    const written = Promise.all(
      Array.from({ length: 6 }, async () => {
        const chunks: Buffer[] = []
        for await (const chunk of await on.everything()) chunks.push(chunk as Buffer)
        return Buffer.concat(chunks).toString()
      }),
    )
    // As soon as something is being written, it is cleared away.
    const folder = join(on.dataFolder(), 'restoring')
    let ended = false
    const end = () => {
      ended = true
    }
    void written.then(end, end)
    for (let cleared = 0; cleared < 3; cleared++) {
      while (!ended && (!existsSync(folder) || readdirSync(folder).length === 0)) await nextTurn()
      await on.clearWork()
    }
    for (const text of await written) {
      expect(text).toContain('Osric Whole')
      expect(() => JSON.parse(text) as unknown).not.toThrow()
    }
    expect(readdirSync(join(on.dataFolder(), 'restoring'))).toEqual([])
  })
})
