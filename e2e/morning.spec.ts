import { expect, type APIRequestContext, type Page } from '@playwright/test'
import { test } from './ground'

const jobNamed = async (request: APIRequestContext, name: string) => {
  const jobs = (await (await request.get('/api/jobs')).json()) as { id: string; name: string }[]
  return `/jobs/${jobs.find(j => j.name.startsWith(name))!.id}`
}
/** Planned to the end. */
const planned = (page: Page) =>
  expect(page.getByRole('heading', { name: /If it runs late|It begins too late/ })).toBeVisible()
const answer = (page: Page) => page.getByTestId('answer')

test('an impossible morning says what it lacks and what helps; with a second artist it fits, and undone it does not', async ({
  page,
  request,
}) => {
  await page.goto(await jobNamed(request, 'Tidewater'))
  await page.getByRole('link', { name: 'Morning' }).click()
  await planned(page)
  await expect(answer(page)).toContainText('It does not fit')
  await page.getByRole('button', { name: 'What would have to go?' }).click()
  const late = page.getByRole('region', { name: 'It begins too late' })
  await expect(late).toContainText(/Cut, in this order of what is missed least: .*somebody is still ready/)
  const hands = page.getByRole('listitem').filter({ hasText: 'A second pair of hands' })
  await expect(hands).toContainText(/\d+ minutes later: begin at \d/)
  await hands.getByRole('button', { name: 'Say who' }).click()
  await page.getByRole('combobox', { name: 'Who works with you' }).fill('Ottoline')
  await page.getByRole('combobox', { name: 'Who works with you' }).press('Enter')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(answer(page)).toContainText('Begin at')
  await expect(page.getByRole('table')).toContainText('with Ottoline')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(answer(page)).toContainText('It does not fit')
})

test('another order is tried by key, says what it costs, and any order is one tap away', async ({ page, request }) => {
  await page.goto(`${await jobNamed(request, 'Vow')}/morning`)
  await planned(page)
  await expect(page.getByText('Proven: no order lets you begin later.')).toBeVisible()
  const best = await answer(page).textContent()
  expect(best).toMatch(/^Begin at \d+:\d\d and the last is ready at 11:40\.$/)
  // Whoever the day is for sits last but one, and is looked at once more when everybody is done.
  const rows = page.getByRole('group', { name: /^The morning/ }).getByRole('listitem')
  await expect(rows.nth(2)).toContainText('Wilhelmina')
  await expect(page.getByRole('table').getByRole('row').nth(-2)).toContainText('a look before leaving')
  const earlier = rows.last().getByRole('button', { name: /earlier$/ })
  await earlier.focus()
  await earlier.press('Enter')
  await expect(page.getByText('In your order.')).toBeVisible()
  await planned(page)
  await expect(rows.nth(3)).toContainText('Wilhelmina')
  await expect(page.getByText(/any other order|Any other order/)).toBeVisible()
  await page.getByRole('button', { name: 'Any order' }).click()
  await expect(page.getByText('In your order.')).toHaveCount(0)
  await expect(answer(page)).toHaveText(best!)
})

test('a face has a time and hair of its own, and what is left out on it shortens the morning', async ({
  page,
  request,
}) => {
  await page.goto(`${await jobNamed(request, 'Vow')}/morning`)
  await planned(page)
  const before = await answer(page).textContent()
  await page.getByRole('button', { name: 'Absalom Reyes', exact: true }).click()
  await page.getByLabel('Ready by').fill('08:00')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Absalom Reyes' }).first()).toContainText('8:00')
  await planned(page)
  await expect(answer(page)).not.toHaveText(before!)
  const cuts = async () => {
    const jobs = (await (await request.get('/api/jobs')).json()) as { id: string; name: string }[]
    const id = jobs.find(j => j.name.startsWith('Vow'))!.id
    const { day } = (await (await request.get(`/api/jobs/${id}/morning`)).json()) as {
      day: { faces: { id: string; chair: { cuts: { slot: string }[] }; cut: string[] }[] }
    }
    return { id, faces: day.faces }
  }
  const { id, faces } = await cuts()
  const able = faces.find(f => f.chair.cuts.length > 0)!
  const slot = able.chair.cuts[0]!.slot
  const sent = await request.post(`/api/jobs/${id}/cuts`, { data: { cuts: [{ bookingId: able.id, slot }] } })
  expect(sent.ok()).toBe(true)
  await page.reload()
  await planned(page)
  await page.getByRole('region', { name: 'Left out' }).getByRole('button', { name: 'Put it back' }).click()
  await expect(page.getByRole('region', { name: 'Left out' })).toHaveCount(0)
  expect((await cuts()).faces.every(f => f.cut.length === 0)).toBe(true)
})

test('the compute API plans a morning and packs a bag, and refuses what cannot be asked', async ({ request }) => {
  const morning = {
    artists: ['a', 'b'],
    hairStations: 1,
    setUp: 20,
    changeover: 4,
    faces: [
      { id: 'x', readyBy: 600, blocks: [{ minutes: 10, gap: { least: 5, most: 30 } }, { minutes: 30 }] },
      { id: 'y', readyBy: 600, blocks: [{ minutes: 30 }], hair: { minutes: 20, order: 'before' }, artists: ['b'] },
    ],
  }
  const plan = await request.post('/api/compute/timetable', { data: morning })
  expect(await plan.json()).toMatchObject({ feasible: true, start: 530, proof: { optimal: true, bound: 530 } })
  const early = { ...morning, faces: morning.faces.map(f => ({ ...f, readyBy: 40 })) }
  expect(await (await request.post('/api/compute/timetable', { data: early })).json()).toMatchObject({
    feasible: false,
    missing: 30,
  })
  const refused = async (task: string, data: object, path: string) => {
    const answered = await request.post(`/api/compute/${task}`, { data })
    expect(answered.status()).toBe(400)
    const { error } = (await answered.json()) as { error: { issues: { path: string }[] } }
    expect(error.issues.map(i => i.path)).toContain(path)
  }
  await refused('timetable', { ...morning, hairStations: 0 }, 'faces')
  await refused('timetable', { ...morning, artists: ['a'] }, 'faces')
  await refused('timetable', { ...morning, artists: [] }, 'artists')
  await refused('timetable', { ...morning, faces: [] }, 'faces')
  await refused('timetable', { ...morning, faces: [morning.faces[0], morning.faces[0]] }, 'faces')
  await refused('timetable', { ...morning, faces: morning.faces.map(f => ({ ...f, lead: true })) }, 'faces')
  const gap = { least: 9, most: 3 }
  const odd = [{ id: 'x', readyBy: 600, blocks: [{ minutes: 0, gap }] }]
  await refused('timetable', { ...morning, faces: odd }, 'faces[0].blocks[0].minutes')
  await refused('timetable', { ...morning, faces: odd }, 'faces[0].blocks[0].gap.most')

  const bag = { id: 'b', volumeMl: 100, limitG: 100 }
  const things = [
    { id: 'glue', volumeMl: 20, massG: 30, worth: 5 },
    { id: 'lashes', volumeMl: 30, massG: 20, worth: 4, needs: ['glue'] },
    { id: 'fan', volumeMl: 90, massG: 80, worth: 8 },
  ]
  const packed = await request.post('/api/compute/pack', { data: { things, bags: [bag] } })
  expect(await packed.json()).toMatchObject({ feasible: true, left: ['fan'], worth: 9, proof: { optimal: true } })
  const must = { things: [{ ...things[2], must: true, massG: 150 }], bags: [bag] }
  expect(await (await request.post('/api/compute/pack', { data: must })).json()).toMatchObject({
    feasible: false,
    placed: [],
    missing: { volumeMl: 0, massG: 50 },
  })
  await refused('pack', { things: [{ ...things[1], needs: ['gone'] }], bags: [bag] }, 'things')
  await refused('pack', { things: [{ ...things[0], bag: ['gone'] }], bags: [bag] }, 'things')
  await refused('pack', { things: [{ ...things[0], massG: -1 }], bags: [bag] }, 'things[0].massG')
})

test('everybody together: whom no base matches, which brushes are too few, and how strong alcohol becomes right', async ({
  page,
  request,
}) => {
  await page.goto(await jobNamed(request, 'Tidewater'))
  await page.getByRole('link', { name: 'Together' }).click()
  await expect(answer(page)).toContainText('No base matches Amahle')
  const short = page.getByRole('region', { name: 'Not enough' })
  await expect(short.getByRole('listitem').filter({ hasText: 'Fine liner brush' })).toContainText(
    '5 faces, 2 owned: buy 3, or wash between faces',
  )
  await expect(short.getByRole('listitem').filter({ hasText: 'Alcohol' })).toContainText('of the 95 % filled up with')
  await expect(page.getByRole('region', { name: 'To bring along' })).toContainText('Cotton rounds')
  const table = page.getByRole('table')
  await expect(table.getByRole('row').filter({ hasText: 'Breaker waterproof' })).toContainText('5 ml')
  const rows = await table.getByRole('row').count()
  await page.getByRole('button', { name: 'Show all' }).click()
  expect(await table.getByRole('row').count()).toBeGreaterThan(rows)
})

test('days come in from a calendar as one act, and a day goes out to one', async ({ page, request }) => {
  const stamp = (days: number) =>
    new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10).replaceAll('-', '')
  const events = [
    ['Harbour regatta', `DTSTART;TZID=Europe/Paris:${stamp(40)}T070000`, `DTEND;TZID=Europe/Paris:${stamp(40)}T113000`],
    ['Quay market', `DTSTART;VALUE=DATE:${stamp(41)}`],
    ['Long gone', `DTSTART:${stamp(-9)}T070000`],
  ]
  const text = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    ...events.flatMap(([name, ...lines], i) => ['BEGIN:VEVENT', `UID:${i}`, `SUMMARY:${name}`, ...lines, 'END:VEVENT']),
    'END:VCALENDAR',
    '',
  ].join('\r\n')
  await page.goto('/jobs')
  await page.getByRole('button', { name: 'From a calendar' }).click()
  const file = (name: string, body: string) => ({ name, mimeType: 'text/calendar', buffer: Buffer.from(body) })
  await page.locator('input[type=file]').setInputFiles(file('notes.ics', 'no calendar'))
  await expect(page.getByRole('alert').filter({ hasText: 'This is no calendar' })).toBeVisible()
  await page.locator('input[type=file]').setInputFiles(file('days.ics', text))
  const group = page.getByRole('group', { name: '2 days ahead' })
  await expect(group).not.toContainText('Long gone')
  await group.getByLabel('Harbour regatta').check()
  await group.getByLabel('Quay market').check()
  await page.getByRole('button', { name: 'Write down 2 days' }).click()
  await expect(page.getByRole('link', { name: 'Harbour regatta' })).toBeVisible()
  const id = (await jobNamed(request, 'Harbour regatta')).split('/').at(-1)!
  expect(await (await request.get(`/api/jobs/${id}`)).json()).toMatchObject({
    timeZone: 'Europe/Paris',
    morning: { notBefore: '07:00', readyBy: '11:30' },
  })
  await page.getByRole('button', { name: 'From a calendar' }).click()
  await page.locator('input[type=file]').setInputFiles(file('days.ics', text))
  await expect(group).toContainText('here already')
  await page.getByRole('button', { name: 'Cancel' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'Harbour regatta' })).toHaveCount(0)
  await expect(page.getByRole('link', { name: 'Quay market' })).toHaveCount(0)

  await page.goto(`${await jobNamed(request, 'Vow')}/morning`)
  await planned(page)
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'To the calendar' }).click()
  const saved = await download
  expect(saved.suggestedFilename()).toMatch(/^Vow renewal at the lock.*\.ics$/)
  const { readFile } = await import('node:fs/promises')
  const ics = (await readFile((await saved.path())!, 'utf8')).replaceAll('\r\n ', '')
  expect(ics).toMatch(/SUMMARY:Vow renewal at the lock/)
  expect(ics).toMatch(/DESCRIPTION:\d+:\d\d set up\\n.*Wilhelmina Sato-Reyes: hair/)
})
