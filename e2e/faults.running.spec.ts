import { endlessMatch } from '../tests/support/heavyQuestions'
import { copyFileSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, truncateSync } from 'node:fs'
import { join } from 'node:path'
import { createClient } from '@libsql/client'
import { expect } from '@playwright/test'
import { call, facesOf, ready, stop } from '../tests/served/server'
import { test, DEMO, serve, newFolder, smallDisk, remount, filled, file, namesOf, started, fill } from './ground'

/* What goes wrong while it runs: the disk, the clock, a stop, a thread, too much to compute. */

test('a disk that fills while it runs: nothing is kept by halves, reading goes on, and room brings writing back', async () => {
  const disk = smallDisk(3)
  const served = await started(disk)
  fill(disk)
  const before = await namesOf(served)
  let refused: { status: number; body: { error: { code: string; message: string } } } | undefined
  for (let i = 0; i < 40 && !refused; i++) {
    const answer = await call<{ error: { code: string; message: string } }>(served.url, 'POST', '/api/faces', {
      name: `Room ${i}`,
      notes: 'x'.repeat(1000),
    })
    if (answer.status !== 200) refused = answer
    else before.push(`Room ${i}`)
  }
  expect(refused?.status).toBe(507)
  expect(refused?.body.error.message).toMatch(/no room left.*nothing was changed/i)
  expect((await namesOf(served)).sort()).toEqual(before.sort())
  rmSync(join(disk, 'ballast'))
  expect((await call(served.url, 'POST', '/api/faces', { name: 'Room again' })).status).toBe(200)
  await stop(served)
})

test('after a stop, and when idle, the one file is everything', async () => {
  const folder = newFolder()
  const served = await started(folder)
  await call(served.url, 'POST', '/api/faces', { name: 'Idle Ingram-Sato' })
  const alone = join(newFolder(), 'alone')
  const holds = (name: string) => {
    rmSync(alone, { recursive: true, force: true })
    mkdirSync(alone)
    copyFileSync(file(folder), file(alone))
    return readFileSync(file(alone), 'latin1').includes(name)
  }
  await expect.poll(() => holds('Idle Ingram-Sato'), { timeout: 10_000 }).toBe(true)
  await call(served.url, 'POST', '/api/faces', { name: 'Stopped Quill-Abara' })
  expect((await stop(served)).code).toBe(0)
  expect(holds('Stopped Quill-Abara')).toBe(true)
  const copy = await serve(alone)
  await ready(copy)
  expect(await namesOf(copy)).toEqual(expect.arrayContaining(['Idle Ingram-Sato', 'Stopped Quill-Abara']))
})

test('stopped in the middle of computing, it does not wait for that, and everything kept is there', async () => {
  const folder = newFolder()
  const served = await started(folder)
  const computing = [1, 2, 3].map(() =>
    call(served.url, 'POST', '/api/compute/match', endlessMatch(60_000)).catch(() => null),
  )
  await new Promise(resolve => setTimeout(resolve, 800))
  await call(served.url, 'POST', '/api/faces', { name: 'Written Lastly-Moe' })
  const { code } = await stop(served)
  expect(code).toBe(0)
  // It was gone before any of the three had an answer.
  expect((await Promise.all(computing)).map(answer => answer?.status)).not.toContain(200)
  const again = await serve(folder)
  await ready(again)
  expect(await namesOf(again)).toContain('Written Lastly-Moe')
})

test('a thread that runs out of memory: that computation breaks off, the next one and everything else go on', async () => {
  const served = await serve(newFolder(), { env: { ...DEMO, VARIETAS_COMPUTE_MB: '32' } })
  await ready(served)
  const { target } = endlessMatch(1)
  const flood = { pairs: Array.from({ length: 20_000 }, () => [target, target]) }
  const broken = await call<{ error: { code: string; message: string } }>(
    served.url,
    'POST',
    '/api/compute/difference',
    flood,
  )
  expect(broken.status).toBe(503)
  expect(broken.body.error).toMatchObject({ code: 'broke-off', message: expect.stringMatching(/nothing was changed/) })
  expect((await call(served.url, 'GET', '/api/kit')).status).toBe(200)
  const small = { ...endlessMatch(5000), products: endlessMatch(1).products.slice(0, 5) }
  expect((await call(served.url, 'POST', '/api/compute/match', small)).status).toBe(200)
})

test('four of the heaviest questions keep no plan waiting, and one that has no end is answered by its deadline', async () => {
  const served = await started(newFolder())
  const face = (await facesOf(served.url)).find(f => f.lab !== null)!
  const through: string[] = []
  const asked = (name: string, question: Promise<unknown>) => question.then(() => void through.push(name))
  const enough = new AbortController()
  const heavy = (timeLimitMs: number) =>
    fetch(`${served.url}/api/compute/match`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(endlessMatch(timeLimitMs)),
      signal: enough.signal,
    })
  const scripts = Array.from({ length: 4 }, () => asked('script', heavy(60_000)).catch(() => undefined))
  await expect.poll(async () => (await call<{ status: string }>(served.url, 'GET', '/api/health')).status).toBe(200)
  await asked('plan', call(served.url, 'POST', `/api/faces/${face.id}/plan`, {}))
  expect(through).toEqual(['plan'])
  enough.abort()
  await Promise.all(scripts)
  for (const limit of [500, 3000]) {
    const { status, body } = await call(served.url, 'POST', '/api/compute/match', endlessMatch(limit))
    // On a slow machine half a second is no time at all, and the answer says so.
    expect(body).toMatchObject(status === 200 ? { complete: false } : { error: { code: 'out-of-time' } })
  }
})

test('a clock that ran ahead and was put right: the newest reading is the one taken last', async ({ page }) => {
  const folder = newFolder()
  const first = await started(folder)
  const { id } = (await call<{ id: string }>(first.url, 'POST', '/api/faces', { name: 'Clockwise Imani' })).body
  const reading = (L: number) => ({ source: 'typed', lab: { L, a: 11, b: 18 }, covariance: [1, 0, 0, 1, 0, 1] })
  await call(first.url, 'POST', `/api/faces/${id}/readings`, reading(50))
  await stop(first)
  const ahead = await serve(folder, { env: { SOAK_CLOCK_MS: String(9 * 365 * 86_400_000) } })
  await ready(ahead)
  await call(ahead.url, 'POST', `/api/faces/${id}/readings`, reading(55))
  await call(ahead.url, 'POST', '/api/keeping/backups')
  await stop(ahead)
  const right = await serve(folder)
  await ready(right)
  await call(right.url, 'POST', `/api/faces/${id}/readings`, reading(60))
  const face = (await call<{ readings: { lab: { L: number } }[] }>(right.url, 'GET', `/api/faces/${id}`)).body
  expect(face.readings.map(r => r.lab.L)).toEqual([60, 55, 50])
  // A backup dated years ahead does not stand for the one of today.
  await expect
    .poll(async () => (await call<{ backups: object[] }>(right.url, 'GET', '/api/keeping')).body.backups.length)
    .toBeGreaterThan(1)
  await page.goto(`${right.url}/faces/${id}`)
  await expect(page.getByTestId('answer')).toBeVisible()
  await page.goto(right.url)
  await expect(page.getByText(/Last backup/)).toBeVisible()
})

test('no room to write the file anew: the person is gone at once, the traces at the next start with room', async ({
  page,
}) => {
  const disk = smallDisk(4)
  const served = await started(disk)
  const { id } = (
    await call<{ id: string }>(served.url, 'POST', '/api/faces', { name: 'Zyxabel Erasemark', notes: 'zyxnotes' })
  ).body
  rmSync(join(disk, 'backups'), { recursive: true, force: true })
  fill(disk)
  // Not even room to mark them: nothing was changed, and that is what is said.
  const refused = await call<{ error: { message: string } }>(served.url, 'POST', `/api/faces/${id}/forget`)
  expect(refused.status).toBe(507)
  expect(refused.body.error.message).toMatch(/nothing was changed/)
  expect(await namesOf(served)).toContain('Zyxabel Erasemark')
  // Room for the rows, none for the file.
  const ballast = join(disk, 'ballast')
  truncateSync(ballast, statSync(ballast).size - 250_000)
  const told = await call<{ rows: boolean; bytes: boolean; sentence: string }>(
    served.url,
    'POST',
    `/api/faces/${id}/forget`,
  )
  expect(told.status).toBe(200)
  expect(told.body).toMatchObject({ rows: true, bytes: false })
  expect(told.body.sentence).toMatch(/record is deleted, but there is no room.*again every minute and at each start/)
  expect(await namesOf(served)).not.toContain('Zyxabel Erasemark')
  expect((await ready(served)).problems.join()).toMatch(/again every minute and at each start/)
  await page.goto(served.url)
  await expect(page.getByText(/again every minute and at each start/)).toBeVisible()
  await stop(served)
  remount(disk, 'size=64m')
  rmSync(ballast)
  const again = await serve(disk)
  expect((await ready(again)).status).toBe('ok')
  const bytes = readdirSync(disk, { withFileTypes: true })
    .filter(entry => entry.isFile())
    .map(entry => readFileSync(join(disk, entry.name), 'latin1'))
    .join('')
  expect(bytes).not.toContain('Zyxabel')
  expect(bytes).not.toContain(id)
})

test('2 000 bottles in use: the server starts, and no page hangs on them', async ({ page }) => {
  const folder = await filled()
  const db = createClient({ url: `file:${file(folder)}` })
  const { rows } = await db.execute("SELECT * FROM products WHERE kind = 'foundation' AND deleted_at IS NULL LIMIT 1")
  const columns = Object.keys(rows[0]!)
  await db.batch(
    Array.from({ length: 2000 }, (_, i) => ({
      sql: `INSERT INTO products (${columns.join()}) VALUES (${columns.map(() => '?').join()})`,
      args: columns.map(c =>
        c === 'id' ? `many-${i}` : c === 'l' ? 30 + (i % 50) : c === 'shade' ? `Many ${i}` : (rows[0]![c] ?? null),
      ),
    })),
    'write',
  )
  db.close()
  const served = await serve(folder)
  await ready(served)
  const faces = await facesOf(served.url)
  const plan = await call(served.url, 'POST', `/api/faces/${faces.find(f => f.lab !== null)!.id}/plan`, {})
  expect([200, 503]).toContain(plan.status)
  await page.goto(`${served.url}/kit`)
  await expect(page.locator('h1')).toContainText('things in')
})
