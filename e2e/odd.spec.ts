import { expect } from '@playwright/test'
import { call, ready } from '../tests/served/server'
import { DEMO, newFolder, serve, test } from './ground'
import { walk } from './walk'

/* Sixty records as odd as may be accepted, on every page. */

const EXTREMES = [
  { L: 0, a: 0, b: 0 },
  { L: 100, a: 0, b: 0 },
  { L: 99.9, a: 0, b: 0.1 },
  { L: 2, a: 1, b: 0.5 },
  { L: 50, a: 90, b: 0 },
  { L: 80, a: -70, b: 70 },
  { L: 30, a: 20, b: -60 },
  { L: 58, a: 11, b: 19 },
] as const
const TEXTS = [
  'x',
  '…',
  '0',
  'null',
  'undefined',
  '-1',
  'W'.repeat(60),
  'م'.repeat(30),
  '\u200b\u200d!',
  '𝕳𝖊𝖗𝖔𝖓',
  '#',
  '%20',
  '\\',
  'a\nb\tc',
]
const KINDS = ['foundation', 'adjuster', 'concealer', 'mascara', 'powder', 'lip colour', 'medium', 'gloss'] as const
const DAYS = ['1900-01-01', '2199-12-31', '2024-02-29', '2026-12-05T23:59:59+14:00', null] as const

test('sixty odd but accepted records blank no page', async ({ page }) => {
  test.setTimeout(300_000)
  const served = await serve(newFolder(), { env: DEMO })
  await ready(served)
  const { url } = served
  let accepted = 0
  const send = async <T = { id: string }>(method: string, path: string, body: unknown): Promise<T> => {
    const answer = await call<T>(url, method, path, body)
    expect(answer.status, `${path} ${JSON.stringify(answer.body).slice(0, 300)}`).toBe(200)
    accepted++
    return answer.body
  }
  const bottles: string[] = []
  for (let i = 0; i < 24; i++) {
    const { id } = await send('POST', '/api/kit', {
      kind: KINDS[i % KINDS.length],
      shade: TEXTS[i % TEXTS.length],
      brand: i % 3 ? TEXTS[(i + 3) % TEXTS.length]!.slice(0, 60) : '',
      range: i % 2 ? ' ' : TEXTS[(i + 5) % TEXTS.length]!.slice(0, 60),
      lab: EXTREMES[i % EXTREMES.length],
      colourSource: ['clear', 'given colour', 'verdicts'][i % 3],
      coverage: ['sheer', 'full'][i % 2],
      family: ['unknown', 'alcohol', 'powder'][i % 3],
      sizeMl: [0.1, 1000][i % 2],
      strength: [0.25, 4][i % 2],
      level: [0, 1e-9, 1][i % 3],
      priceMinor: [0, 100_000_000, null][i % 3],
      openedOn: DAYS[i % DAYS.length],
      inci: ['', ',,,;;;', '(((', '1,2,3', 'Aqua '.repeat(300), 'may contain: +/-'][i % 6],
    })
    bottles.push(id)
  }
  for (let i = 0; i < 8; i++) {
    const place = await send('POST', '/api/places', {
      name: TEXTS[i % TEXTS.length]!.slice(0, 60),
      position: i,
      limitG: 1,
    })
    await send('POST', '/api/gear', {
      kind: (['brush', 'unknown', 'alcohol', 'tissues'] as const)[i % 4],
      shade: TEXTS[(i + 2) % TEXTS.length],
      count: [1, 10_000][i % 2],
      sizeMl: [0.1, 10_000][i % 2],
      level: [0, 1e-9, 1][i % 3],
      percent: [0, 100, null][i % 3],
      placeId: place.id,
    })
    const named = { name: TEXTS[(i + 4) % TEXTS.length], count: 1, kind: 'eye colour', pans: 2 + i * 15 }
    await send('POST', '/api/things/list', { things: [named], intoPouches: i % 2 === 0 })
  }
  const faces: string[] = []
  for (let i = 0; i < 12; i++) {
    const { id } = await send('POST', '/api/faces', {
      name: TEXTS[i % TEXTS.length],
      booking: {
        job: {
          name: TEXTS[(i + 1) % TEXTS.length],
          day: DAYS[i % DAYS.length]?.slice(0, 10) ?? null,
          place: TEXTS[(i + 2) % TEXTS.length],
          conditions: { hours: [0.5, 48][i % 2], limbs: 4, light: 'A' },
        },
      },
      wishes: '\n\n\n',
    })
    faces.push(id)
    const covariance = [
      [0, 0, 0, 0, 0, 0],
      [1e4, 1e4, -1e4, 1e4, 0, 1e4],
      [1, 5, 5, 1, 5, 1],
    ][i % 3]
    await send('POST', `/api/faces/${id}/readings`, {
      source: 'typed',
      site: ['jaw', 'forehead', 'neck'][i % 3],
      lab: EXTREMES[i % EXTREMES.length],
      covariance,
      tanned: i % 2 === 0,
    })
    await send('PUT', `/api/faces/${id}/consultation`, {
      sensitivities: ["St John's wort", 'AHA & BHA', '(', 'latex!'].slice(0, i % 5),
      siteWeights: i % 2 ? {} : { jaw: 0, neck: 0 },
      chart: [{ area: 'lips', lab: EXTREMES[(i + 1) % EXTREMES.length], productId: 'gone' }],
      secondTone: i % 2 ? null : { zone: 'chin', lab: EXTREMES[(i + 2) % EXTREMES.length] },
    })
  }
  await send('POST', `/api/faces/${faces[0]}/recipes`, {
    drops: [{ id: 'never was', count: 48 }].map(d => ({ ...d, id: bottles[0] })),
    lab: EXTREMES[0],
    deltaE: 100,
    chance: 0,
  })
  await send('POST', `/api/faces/${faces[1]}/seen`, { drops: [{ id: 'never was', count: 1 }], seen: 'ashy' })
  await send('POST', '/api/tests/mixes', { drops: [{ id: bottles[0], count: 48 }], lab: EXTREMES[3] })
  await send('POST', '/api/tests/palette', { a: '/', b: '/', result: 'separated', after: '' })
  await send('PUT', '/api/kit/ranges', { brand: '', range: '…', mixes: false })
  expect(accepted).toBeGreaterThanOrEqual(60)
  expect((await call<unknown[]>(url, 'GET', '/api/set-aside')).body).toEqual([])

  const problems = await walk(page, url, [
    ...[
      '/',
      '/faces',
      '/jobs',
      '/kit',
      '/kit?view=table',
      '/kit/gaps',
      '/kit/ahead',
      '/kit/lists',
      '/reach',
      '/buys',
      '/methods',
      '/keeping',
    ],
    ...['/chair', '/faces/none'],
    ...(await call<{ id: string }[]>(url, 'GET', '/api/jobs')).body
      .slice(-8)
      .map((job, i) => `/jobs/${job.id}${i % 2 ? '/morning' : ''}`),
    // Each has its plan, and one room of the others in turn: twelve odd faces are in every room three times.
    ...faces.flatMap((id, i) => [`/faces/${id}/plan`, `/faces/${id}${['', '/ask', '/look', '/card'][i % 4]}`]),
    // Last, since no page follows on the one that says so.
    '/nowhere',
  ])
  expect(problems).toEqual([])
})

test('rows broken by hand are set aside by name, mended with a touch, and blank nothing', async ({ page }) => {
  test.setTimeout(240_000)
  const { createClient } = await import('@libsql/client')
  const folder = newFolder()
  const first = await serve(folder, { env: DEMO })
  await ready(first)
  first.process.kill()
  await first.exited
  const db = createClient({ url: `file:${folder}/varietas.db` })
  const rows = async (sql: string) => (await db.execute(sql)).rows
  const [slip, kind, traits] = await rows(
    "SELECT p.id, p.name AS shade FROM products p JOIN units u ON u.product_id = p.id WHERE kind = 'foundation' LIMIT 3",
  )
  const [asked] = await rows('SELECT id, name FROM faces ORDER BY name LIMIT 1')
  const [day] = await rows(
    `SELECT id AS booking, face_id AS id FROM bookings WHERE face_id <> '${String(asked!.id)}' LIMIT 1`,
  )
  await db.execute({ sql: 'UPDATE products SET l = 6.2, a = 11, b = 19 WHERE id = ?', args: [slip!.id!] })
  await db.execute({ sql: "UPDATE products SET kind = 'teapot' WHERE id = ?", args: [kind!.id!] })
  await db.execute({ sql: "UPDATE products SET traits = '{' WHERE id = ?", args: [traits!.id!] })
  await db.execute({ sql: "UPDATE fills SET level = 'half' WHERE product_id = ?", args: [traits!.id!] })
  await db.execute({ sql: "UPDATE bookings SET ready_by = '2026-W10' WHERE id = ?", args: [day!.booking!] })
  await db.execute({ sql: "UPDATE faces SET consultation = '[1,' WHERE id = ?", args: [asked!.id!] })
  const [far, when] = await rows(`SELECT id FROM readings WHERE face_id NOT IN ('${day!.id}', '${asked!.id}') LIMIT 2`)
  await db.execute({ sql: 'UPDATE readings SET l = 9e999 WHERE id = ?', args: [far!.id!] })
  await db.execute({ sql: "UPDATE readings SET taken_at = 'yesterday' WHERE id = ?", args: [when!.id!] })
  await db.execute("UPDATE offers SET measure = 'x' WHERE id = (SELECT id FROM offers LIMIT 1)")
  await db.execute("UPDATE settings SET value = 'nonsense'")
  await db.execute("UPDATE measured_mixes SET drops = '7' WHERE id = (SELECT id FROM measured_mixes LIMIT 1)")
  db.close()

  const served = await serve(folder)
  expect((await ready(served)).status).toBe('ok')
  const { url } = served
  const problems = await walk(page, url, ['/', '/faces', '/kit', '/reach', '/buys', '/methods', '/keeping'])
  expect(problems).toEqual([])
  await page.goto(url)
  const aside = page.getByTestId('set-aside')
  await expect(aside.getByText(`The bottle ${String(slip!.shade)} is set aside`)).toBeVisible()
  await expect(aside.getByText(/was L\* 62 meant\?/)).toBeVisible()
  const count = 10
  // The server looks through everything in its own time after the start.
  await expect(async () => {
    await page.reload()
    await expect(aside.getByRole('listitem')).toHaveCount(count, { timeout: 2000 })
  }).toPass()
  const one = aside.getByRole('listitem').filter({ hasText: String(slip!.shade) })
  await one.getByRole('button', { name: 'Put it right so' }).click()
  await expect(page.getByText(`The bottle ${String(slip!.shade)} can be used again.`)).toBeVisible()
  const kit = (await call<{ products: { id: string; lab: object }[] }>(url, 'GET', '/api/kit/shelf')).body.products
  expect(kit.find(p => p.id === slip!.id)!.lab).toEqual({ L: 62, a: 11, b: 19 })
  // By hand: the form is open with what can be read, and saving it is enough.
  await aside
    .getByRole('listitem')
    .filter({ hasText: String(kind!.shade) })
    .getByRole('link', { name: /by hand/ })
    .click()
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.goto(url)
  // All the others, one after the other.
  for (let left = count - 2; left > 0; left--) {
    await expect(aside.getByRole('listitem')).toHaveCount(left)
    const first = aside.getByRole('listitem').first()
    const right = first.getByRole('button', { name: 'Put it right so' })
    if (await right.count()) await right.click()
    else await first.getByRole('button', { name: /^Put .* away$/ }).click()
  }
  await expect(aside).toHaveCount(0)
  expect((await call<unknown[]>(url, 'GET', '/api/set-aside')).body).toEqual([])
})
