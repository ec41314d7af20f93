import { createHash } from 'node:crypto'
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import Database from 'libsql'
import sharp from 'sharp'
import yazl from 'yazl'
import { services } from '../../tests/support/services'
import { drawnAnew } from '../services/people/pictureBytes'
import { Archive } from './archive'

jest.mock('./thread', () => jest.requireActual<object>('../../tests/support/keeperInline'))
services()

const zipOf = (files: Record<string, Buffer>) =>
  new Promise<Buffer>((resolve, reject) => {
    const zip = new yazl.ZipFile()
    for (const [name, bytes] of Object.entries(files)) zip.addBuffer(bytes, name)
    zip.end()
    const chunks: Buffer[] = []
    zip.outputStream
      .on('data', (c: Buffer) => chunks.push(c))
      .on('end', () => resolve(Buffer.concat(chunks)))
      .on('error', reject)
  })

const refused = async (bytes: Buffer) => {
  const { previewUpload } = await import('./keeping')
  const problem = await previewUpload(Readable.from([bytes])).catch((e: unknown) => e)
  const left = readdirSync(join(process.env.VARIETAS_DATA!, 'restoring'))
  expect(left.filter(name => name.includes('.db') || name.endsWith('.zip'))).toEqual([])
  return problem as Error & { status: number; message: string }
}
const asRefused = {
  status: 400,
  message: expect.stringMatching(/^This file cannot be used: .*Nothing was changed/) as string,
}

/** A backup as it is, in parts. */
async function parts() {
  const { backUp, backupPath } = await import('./keeping')
  const { name } = await backUp('asked')
  const work = mkdtempSync(join(tmpdir(), 'varietas-parts-'))
  const archive = await Archive.open(backupPath(name), ['manifest.json', 'varietas.db'])
  const manifest = JSON.parse(await archive.text('manifest.json', 1e7)) as Record<string, unknown> & {
    database: { bytes: number; sha256: string }
  }
  await archive.extract('varietas.db', join(work, 'db'), 1e9)
  archive.close()
  const database = readFileSync(join(work, 'db'))
  rmSync(work, { recursive: true })
  return { manifest, database }
}
/** A backup whose database is another, and which says so truly. */
async function backupOf(change: (database: Buffer) => Buffer): Promise<Buffer> {
  const { manifest, database } = await parts()
  const changed = change(Buffer.from(database))
  const sha256 = createHash('sha256').update(changed).digest('hex')
  const truth = { ...manifest, database: { bytes: changed.length, sha256 } }
  return zipOf({ 'varietas.db': changed, 'manifest.json': Buffer.from(JSON.stringify(truth)) })
}
const nested = (levels: number) => `${'['.repeat(levels)}${']'.repeat(levels)}`

describe('a file made to hurt', () => {
  it.each([
    ['cut short', (db: Buffer) => db.subarray(0, 9000)],
    ['with a page of rubbish', (db: Buffer) => Buffer.from(db).fill(0x5a, 8192, 12_288)],
    ['with rubbish for a schema', (db: Buffer) => Buffer.from(db).fill(0x5a, 100, 4096)],
    ['that is no database', () => Buffer.from('a letter to somebody'.repeat(400))],
  ])('a copy %s is told as damaged, and never her own data', async (_, change) => {
    expect(await refused(await backupOf(change))).toMatchObject(asRefused)
  })

  it('a copy in which a table is missing is refused before anything is compared with it', async () => {
    const work = mkdtempSync(join(tmpdir(), 'varietas-missing-'))
    const path = join(work, 'db')
    const zip = await backupOf(database => {
      writeFileSync(path, database)
      const db = new Database(path)
      db.exec('PRAGMA journal_mode = DELETE; DROP TABLE ticks')
      db.close()
      return readFileSync(path)
    })
    expect(await refused(zip)).toMatchObject(asRefused)
    rmSync(work, { recursive: true })
  })

  it.each([
    [
      'in one line',
      (deep: string) =>
        `{"format": "varietas.everything", "version": 1, "app": "x", "exportedAt": "2026-12-01T00:00:00Z", "schema": 17, "tables": {"faces": [{"id": ${deep}}]}}`,
    ],
    [
      'a row a line',
      (deep: string) =>
        `{"format": "varietas.everything", "version": 1, "app": "x", "exportedAt": "2026-12-01T00:00:00Z", "schema": 17, "tables": {\n"faces": [\n{"id": "x", "consultation": ${deep}}]\n}}\n`,
    ],
    [
      'in its head',
      (deep: string) =>
        `{"format": "varietas.everything", "version": 1, "odd": ${deep}, "tables": {\n"faces": []\n}}\n`,
    ],
  ])('open JSON that nests without end, %s, is refused before it is built', async (_, text) => {
    const parse = jest.spyOn(JSON, 'parse')
    expect(await refused(Buffer.from(text(nested(50_000))))).toMatchObject(asRefused)
    expect(parse.mock.calls.some(([said]) => said.length > 50_000)).toBe(false)
    parse.mockRestore()
  })

  it('a line without end is given up where no row is as long', async () => {
    const head =
      '{"format": "varietas.everything", "version": 1, "app": "x", "exportedAt": "2026-12-01T00:00:00Z", "schema": 17, "tables": {\n"faces": [\n'
    const { previewUpload } = await import('./keeping')
    let sent = 0
    const endless = Readable.from(
      (function* () {
        yield Buffer.from(head)
        for (; sent < 120; sent++) yield Buffer.alloc(1_000_000, 0x20)
      })(),
    )
    await expect(previewUpload(endless)).rejects.toMatchObject(asRefused)
  })

  it('a manifest that nests or floods is not built', async () => {
    const { manifest, database } = await parts()
    const parse = jest.spyOn(JSON, 'parse')
    for (const odd of [`{"odd":${nested(100_000)}}`, `{"pictures":[${'0,'.repeat(2_000_000)}0]}`]) {
      const text = JSON.stringify(manifest).replace(/\}$/, `,${odd.slice(1)}`)
      expect(await refused(await zipOf({ 'varietas.db': database, 'manifest.json': Buffer.from(text) }))).toMatchObject(
        asRefused,
      )
    }
    expect(parse.mock.calls.some(([said]) => said.length > 100_000)).toBe(false)
    parse.mockRestore()
  })

  it('an archive that unfolds to far more than it says, or than any does, is refused before it is unpacked', async () => {
    const { manifest } = await parts()
    const extract = jest.spyOn(Archive.prototype, 'extract')
    const zeros = Buffer.alloc(60_000_000)
    for (const bytes of [4096, zeros.length]) {
      const truth = { ...manifest, database: { ...manifest.database, bytes } }
      expect(
        await refused(await zipOf({ 'varietas.db': zeros, 'manifest.json': Buffer.from(JSON.stringify(truth)) })),
      ).toMatchObject(asRefused)
    }
    expect(
      await Promise.all(extract.mock.results.map(r => (r.value as Promise<string>).catch(() => 'refused'))),
    ).toEqual(['refused'])
    extract.mockRestore()
  })

  it('a picture that is a stripe without end is refused by its sides', async () => {
    const stripe = await sharp({ create: { width: 60_000, height: 1, channels: 3, background: '#a87' } })
      .png()
      .toBuffer()
    await expect(drawnAnew(stripe)).rejects.toThrow('60000 × 1 pixels')
    const long = await sharp({ create: { width: 29_000, height: 2, channels: 3, background: '#a87' } })
      .png()
      .toBuffer()
    expect((await drawnAnew(long)).type).toBe('image/png')
  })

  it('her data are as they were, and a sound backup is still taken in', async () => {
    const preview = await (await import('./keeping')).previewUpload(Readable.from([await backupOf(db => db)]))
    expect(preview.differences).toEqual([])
  })
})
