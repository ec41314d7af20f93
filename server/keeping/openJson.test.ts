import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { readEverything, writeEverything } from './openJson'
import { columnsOf, quoted, recordTables, withFile } from './raw'

const MIGRATIONS = 'server/db/migrations'
const folder = mkdtempSync(join(tmpdir(), 'varietas-open-'))
afterAll(() => rmSync(folder, { recursive: true, force: true }))
const path = (name: string) => join(folder, name)
const AT = '2026-11-26T10:00:00.000Z'

/** Every row of every table, JSON by what it says. */
const contents = (file: string) =>
  withFile(file, async client => {
    const found: Record<string, unknown[]> = {}
    for (const table of await recordTables(client)) {
      const columns = (await columnsOf(client, table)).map(quoted).join()
      const { rows } = await client.execute(`SELECT ${columns} FROM ${quoted(table)} ORDER BY rowid`)
      found[table] = rows.map(row =>
        Object.fromEntries(
          Object.entries(row).map(([k, v]) => [
            k,
            v instanceof ArrayBuffer
              ? Buffer.from(v).toString('hex')
              : typeof v === 'string' && /^[[{]/.test(v)
                ? said(v)
                : v,
          ]),
        ),
      )
    }
    return found
  })
const said = (text: string): unknown => {
  try {
    return JSON.parse(text)
  } catch {
    return text
  }
}

/** The demo of before with everything in it, brought to today, and some of what hands leave behind. */
async function database(): Promise<string> {
  const file = path('data.db')
  writeFileSync(file, gunzipSync(readFileSync('tests/migration/demo-0006.db.gz')))
  await withFile(file, async client => {
    await migrate(drizzle(client), { migrationsFolder: MIGRATIONS })
    await client.execute("UPDATE products SET traits = '{' WHERE rowid = 1")
    await client.execute(`UPDATE products SET flag_fixes = '"said"', name = '{"not":"json"} […],' WHERE rowid = 2`)
    await client.execute('UPDATE faces SET notes = \'two\nlines, "quoted" ], é 🙂\' WHERE rowid = 1')
    await client.execute("UPDATE readings SET note = '], [' WHERE rowid = 1")
  })
  return file
}
const out = async (from: string, name: string) => {
  await writeEverything(from, path(name), '9.9.9', AT)
  return path(name)
}

describe('everything as open JSON', () => {
  let json: string
  let data: string
  beforeAll(async () => {
    data = await database()
    json = await out(data, 'out.json')
  })

  it('is one JSON document that says what it is, with pictures and without anything of the database’s own', () => {
    const whole = JSON.parse(readFileSync(json, 'utf8')) as { tables: Record<string, Record<string, unknown>[]> }
    expect(whole).toMatchObject({ format: 'varietas.everything', version: 1, app: '9.9.9', exportedAt: AT, schema: 18 })
    expect(whole.tables.pictures![0]!.bytes).toEqual({ base64: expect.stringMatching(/^[A-Za-z0-9+/]+=*$/) })
    expect(whole.tables.faces![3]!.consultation).toMatchObject({ siteWeights: expect.any(Object) })
    expect(Object.keys(whole.tables).filter(t => /drizzle|erasures|requests|sqlite/.test(t))).toEqual([])
  })

  it('comes back equal by content, picture bytes and odd values too', async () => {
    const { manifest, pictures } = await readEverything(json, path('back.db'), MIGRATIONS)
    expect(manifest).toEqual({ createdAt: AT, app: '9.9.9', reason: 'open file' })
    expect(pictures).toBe(1)
    expect(await contents(path('back.db'))).toEqual(await contents(data))
    expect(readFileSync(await out(path('back.db'), 'again.json'), 'utf8')).toBe(readFileSync(json, 'utf8'))
  })

  it('is taken in however it is set out', async () => {
    writeFileSync(path('pretty.json'), JSON.stringify(JSON.parse(readFileSync(json, 'utf8')), null, 2))
    await readEverything(path('pretty.json'), path('pretty.db'), MIGRATIONS)
    expect(await contents(path('pretty.db'))).toEqual(await contents(data))
  })

  it('of an older version is brought to today on the way in', async () => {
    const old = path('old.db')
    writeFileSync(old, gunzipSync(readFileSync('tests/migration/demo-0006.db.gz')))
    await readEverything(await out(old, 'old.json'), path('new.db'), MIGRATIONS)
    const { units, bookings } = await contents(path('new.db'))
    expect([units!.length, bookings!.length]).toEqual([102, 23])
  })

  type Whole = { format?: unknown; version?: unknown; schema?: unknown; tables?: Record<string, unknown> }
  it.each<[string, (whole: Whole) => unknown, RegExp]>([
    ['another format', w => ({ ...w, format: 'x' }), /does not say that it holds everything/],
    ['a newer version', w => ({ ...w, version: 2 }), /newer version/],
    ['a newer schema', w => ({ ...w, schema: 109 }), /newer version/],
    ['no tables', ({ tables: _none, ...w }) => w, /tables are missing/],
    ['a table nobody knows', w => ({ ...w, tables: { teapots: [{}] } }), /"teapots", which Varietas does not know/],
    ['a column nobody knows', w => ({ ...w, tables: { faces: [{ id: 'a', spout: 1 }] } }), /has "spout"/],
    ['a row without what it needs', w => ({ ...w, tables: { faces: [{ id: 'a' }] } }), /is not what such a row can be/],
    ['a row that is none', w => ({ ...w, tables: { faces: [7] } }), /a row of "faces" is none/],
    [
      'a row of somebody who is not there',
      w => ({ ...w, tables: { ...w.tables, faces: [] } }),
      /names another that is not there/,
    ],
  ])('with %s is refused with the reason, and nothing is left', async (_what, spoil, reason) => {
    writeFileSync(path('bad.json'), JSON.stringify(spoil(JSON.parse(readFileSync(json, 'utf8')) as Whole)))
    await expect(readEverything(path('bad.json'), path('bad.db'), MIGRATIONS)).rejects.toThrow(reason)
    expect(() => readFileSync(path('bad.db'))).toThrow()
  })

  it('cut short is refused, wherever it was cut', async () => {
    const text = readFileSync(json, 'utf8')
    for (const share of [0.1, 0.5, 0.9, 0.9999]) {
      writeFileSync(path('cut.json'), text.slice(0, Math.floor(text.length * share)))
      await expect(readEverything(path('cut.json'), path('cut.db'), MIGRATIONS)).rejects.toThrow(
        /cut short|read to its end|no row/,
      )
    }
  })
})
