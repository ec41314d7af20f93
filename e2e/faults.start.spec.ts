import { readdirSync, readFileSync, rmSync, statSync, truncateSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createClient } from '@libsql/client'
import { expect } from '@playwright/test'
import { call, ready, stop, type start } from '../tests/served/server'
import { holdElsewhere } from '../tests/support/otherProgram'
import {
  test,
  DEMO,
  serve,
  newFolder,
  smallDisk,
  remount,
  filled,
  filledAndBackedUp,
  file,
  namesOf,
  contents,
  started,
  fill,
} from './ground'

/* What keeps Varietas from starting, or its data from being used, and the sentence the person at the screen or terminal reads. */

test.describe('what ends a start, with one sentence', () => {
  async function ended(folder: string, options: Parameters<typeof start>[1] = {}) {
    const served = await serve(folder, options)
    const { code } = await served.exited
    const lines = served.said().trim().split('\n')
    expect(lines, served.said()).toHaveLength(1)
    expect(lines[0]).toContain('Nothing was changed.')
    expect(lines[0]).not.toMatch(/ at [\w.]+ \(|node:|\.mjs/)
    expect(code).not.toBe(0)
    return lines[0]!
  }

  test('a port that is taken', async () => {
    const first = await serve(newFolder(), { env: DEMO })
    await ready(first)
    const port = Number(new URL(first.url).port)
    expect(await ended(newFolder(), { port })).toMatch(/served at .*already.*choose another PORT/i)
    expect((await ready(first)).status).toBe('ok')
  })

  test('a second process on the same data', async () => {
    const folder = newFolder()
    const first = await serve(folder, { env: DEMO })
    await ready(first)
    expect(await ended(folder)).toMatch(/running on these data already/)
    expect(await namesOf(first)).toContain('Orla Ndiaye-Brandt')
    // And once the first is gone, however it went, the next may come.
    await stop(first, 'SIGKILL')
    expect((await ready(await serve(folder))).status).toBe('ok')
  })

  test('a folder that cannot be written to', async () => {
    const disk = smallDisk(8)
    await stop(await started(disk))
    remount(disk, 'ro')
    expect(await ended(disk)).toMatch(/cannot be written to.*VARIETAS_DATA/)
  })

  test('a full disk', async () => {
    const disk = smallDisk(3)
    await stop(await started(disk))
    fill(disk)
    expect(await ended(disk)).toMatch(/no room left.*Free some room/)
  })

  test('a file where the folder should be', async () => {
    const path = join(newFolder(), 'data')
    writeFileSync(path, 'a file')
    expect(await ended(path)).toMatch(/names a file, not a folder/)
  })

  test('another program that holds the data for longer than a start waits', async () => {
    const folder = newFolder()
    await stop(await started(folder))
    const other = await holdElsewhere(join(folder, 'varietas.db'))
    expect(await ended(folder, { env: DEMO })).toMatch(/^Another program .*is writing to varietas.db.*start again/)
    await other.letGo()
    expect(await namesOf(await started(folder))).toContain('Orla Ndiaye-Brandt')
  })

  for (const url of ['ftp://somewhere', 'nonsense', 'libsql://', 'http://127.0.0.1:9']) {
    test(`DATABASE_URL=${url}`, async () => {
      expect(await ended(newFolder(), { env: { DATABASE_URL: url } })).toMatch(/DATABASE_URL/)
    })
  }
})

test.describe('data that cannot be used', () => {
  const DAMAGE: readonly (readonly [string, (folder: string) => void])[] = [
    ['a header written over', folder => overwrite(folder, 0, Buffer.from('a letter to somebody'))],
    ['a file cut short', folder => truncateSync(file(folder), Math.floor(statSync(file(folder)).size * 0.6))],
    ['pages in the middle written over', folder => overwrite(folder, 4096 * 3, Buffer.alloc(4096 * 12, 0x5a))],
    ['an empty page where the schema is', folder => overwrite(folder, 100, Buffer.alloc(3000))],
  ]
  const overwrite = (folder: string, at: number, bytes: Buffer) => {
    const all = readFileSync(file(folder))
    bytes.copy(all, at)
    writeFileSync(file(folder), all)
  }

  for (const [what, damage] of DAMAGE) {
    test(`${what}: the safe page serves copies and brings the last backup back`, async ({ page }) => {
      const { folder, whole } = await filledAndBackedUp()
      damage(folder)
      const damaged = readFileSync(file(folder))

      const safe = await serve(folder)
      expect((await ready(safe)).status).toBe('unusable')
      expect(safe.said().trim()).toMatch(/Nothing was changed/)
      expect((await call(safe.url, 'GET', '/api/faces')).status).toBe(503)
      await page.goto(`${safe.url}/kit`)
      await expect(page.getByRole('heading', { level: 1 })).toHaveText('The data cannot be opened.')
      await expect(page.getByText('Nothing was changed, the files are as they were.')).toBeVisible()
      const [copy] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'Download the data files' }).click(),
      ])
      expect(copy.suggestedFilename()).toBe('varietas-as-it-is.zip')
      expect(readFileSync(file(folder)).equals(damaged)).toBe(true)
      await page.getByRole('button', { name: 'Restore this one' }).first().click()
      await expect(page.getByTestId('answer')).toBeVisible({ timeout: 60_000 })
      expect(await contents(safe)).toEqual(whole)
      const aside = readdirSync(folder).find(name => name.startsWith('set-aside-'))!
      expect(readFileSync(join(folder, aside, 'varietas.db')).equals(damaged)).toBe(true)
      expect((await stop(safe)).code).toBe(0)
    })
  }

  test('left as it is, the process does not end as if all were well', async () => {
    const folder = await filled()
    overwrite(folder, 0, Buffer.from('a letter to somebody'))
    const safe = await serve(folder)
    expect((await ready(safe)).status).toBe('unusable')
    expect((await stop(safe)).code).not.toBe(0)
  })

  test('no backup: what can be read is saved into a sound file, the damaged one is kept', async ({ page }) => {
    const folder = await filled()
    rmSync(join(folder, 'backups'), { recursive: true, force: true })
    // One table's pages are lost; the others can be read.
    const db = createClient({ url: `file:${file(folder)}` })
    const { rows } = await db.execute("SELECT rootpage FROM sqlite_master WHERE name = 'offers'")
    db.close()
    overwrite(folder, (Number(rows[0]!.rootpage) - 1) * 4096, Buffer.alloc(4096, 0x5a))
    const safe = await serve(folder)
    expect((await ready(safe)).status).toBe('unusable')
    const readable = (await call<{ tables: { faces: { name: string }[] } }>(safe.url, 'GET', '/api/keeping/readable'))
      .body
    expect(readable.tables.faces.map(f => f.name)).toContain('Tamsin Okafor-Vale')
    await page.goto(safe.url)
    await page.getByRole('button', { name: 'Save what can be read' }).click()
    await expect(page.getByTestId('answer')).toBeVisible({ timeout: 60_000 })
    expect(await namesOf(safe)).toContain('Tamsin Okafor-Vale')
    expect(readdirSync(folder).some(name => name.startsWith('set-aside-'))).toBe(true)
  })

  test('data of a newer version are not touched', async ({ page }) => {
    const folder = await filled()
    const db = createClient({ url: `file:${file(folder)}` })
    await db.execute("INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('of tomorrow', 9999999999999)")
    await db.execute('PRAGMA wal_checkpoint(TRUNCATE)')
    db.close()
    const before = readFileSync(file(folder))
    const safe = await serve(folder)
    expect((await ready(safe)).status).toBe('unusable')
    await page.goto(safe.url)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('These data belong to a newer Varietas.')
    await expect(page.getByRole('button', { name: 'Save what can be read' })).toHaveCount(0)
    await stop(safe)
    expect(readFileSync(file(folder)).equals(before)).toBe(true)
  })

  test('a log that cannot be read: it starts, says what may be missing, and keeps the log', async ({ page }) => {
    const folder = await filled()
    writeFileSync(`${file(folder)}-wal`, Buffer.alloc(40_000, 0x2a))
    const served = await serve(folder)
    const health = await ready(served)
    expect(health.status).toBe('limited')
    expect(health.problems[0]).toMatch(/log of the last changes could not be read/)
    expect(await namesOf(served)).toContain('Tamsin Okafor-Vale')
    expect(readdirSync(folder).some(name => name.includes('db-wal.unreadable-'))).toBe(true)
    await page.goto(served.url)
    await expect(page.getByText(/log of the last changes could not be read/)).toBeVisible()
    await stop(served)
  })
})
