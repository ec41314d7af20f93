import { expect, type Page } from '@playwright/test'
import { test } from './ground'

/* A job from what is wrong with it until it is ready, packed, and closed. */

const SLOW = { timeout: 60_000 }
const ready = (page: Page) => page.getByTestId('ready')

async function open(page: Page, name: string, room = '') {
  const jobs = (await (await page.request.get('/api/jobs')).json()) as { id: string; name: string }[]
  const { id } = jobs.find(j => j.name.startsWith(name))!
  await page.goto(`/jobs/${id}${room}`)
  return id
}
const check = (page: Page, text: RegExp | string) =>
  page
    .getByRole('region', { name: /before it is ready|Before the day|Ready/ })
    .getByRole('listitem')
    .filter({ hasText: text })

/** Takes what is on its way into the kit. */
async function receiveAll(page: Page) {
  const received = page.getByRole('region', { name: 'Purchase lists' }).getByRole('button', { name: /^Received/ })
  await expect(received.first()).toBeVisible()
  for (;;) {
    const left = await received.count()
    if (left === 0) return
    await received.first().click()
    await expect.poll(() => received.count()).toBeLessThan(left)
  }
}

test('ticks of the packing list are kept while the server is out of reach, and no side loses any', async ({ page }) => {
  const id = await open(page, 'Ferry', '/list')
  const answer = page.getByTestId('answer')
  await expect(answer).toHaveText(/^0 of \d+ are in\.$/, SLOW)
  await page.getByLabel('Eye patches').check()
  await expect(answer).toHaveText(/^1 of/)
  await page.route('**/api/jobs/*/ticks', route => route.abort())
  await page.getByLabel('Plain Basin gel').check()
  await page.getByLabel('Harbour Cream').check()
  await expect(page.getByText('2 ticks kept here until it does')).toBeVisible()
  // Meanwhile somebody else ticks another, and takes back an hour ago what was ticked here now.
  const known = (await (await page.request.get(`/api/jobs/${id}/ticks`)).json()) as { key: string }[]
  const bag = (await (await page.request.get(`/api/jobs/${id}/bag`)).json()) as {
    goes: { unitId: string; name: string }[]
  }
  const keyOf = (name: string) => `unit ${bag.goes.find(g => g.name === name)!.unitId}`
  const at = (hours: number) => new Date(Date.now() + hours * 3_600_000).toISOString()
  const theirs = [
    { key: keyOf('Dense base brush'), done: true, at: at(0) },
    { key: keyOf('Harbour Cream'), done: false, at: at(-1) },
  ]
  expect((await page.request.post(`/api/jobs/${id}/ticks`, { data: { ticks: theirs } })).ok()).toBe(true)
  expect(known).toHaveLength(1)
  await page.unroute('**/api/jobs/*/ticks')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(answer).toHaveText(/^4 of/)
  await page.reload()
  await expect(answer).toHaveText(/^4 of/, SLOW)
  await expect(page.getByLabel('Harbour Cream')).toBeChecked()
})

test('each thing of the bag says what breaks without it; how much to carry changes what goes', async ({ page }) => {
  await open(page, 'Ferry', '/bag')
  const answer = page.getByTestId('answer')
  await expect(answer).toHaveText(/^\d+ things, [\d.]+ kg: /, SLOW)
  const all = Number(/^\d+/.exec(await answer.innerText())![0])
  await page.getByRole('button', { name: /Dense base brush$/ }).click()
  const one = page.getByRole('complementary').locator('section').first()
  await expect(one).toContainText('Somebody’s plan takes it')
  await expect(one).toContainText(/go(es)? without: foundation brush\./)
  await page.getByRole('button', { name: 'Carnival palette' }).click()
  await expect(one).toContainText('Nothing breaks.')

  await page.getByRole('button', { name: 'Lean', exact: true }).click()
  await expect.poll(async () => Number(/^\d+/.exec(await answer.innerText())![0]), SLOW).toBeLessThan(all)
  await expect(page.getByRole('button', { name: 'Carnival palette' })).toHaveCount(0)
  await page.getByLabel('By air, in the cabin').click()
  await expect(page.getByText(/Liquids in small vessels come to/)).toBeVisible(SLOW)
})

test('a pouch that does not close is eased, and what is large goes in a small vessel; undone, all is as it was', async ({
  page,
}) => {
  await open(page, 'Tidewater', '/bag')
  const full = page.getByRole('heading', { name: 'Clean and spare does not close' })
  await expect(full).toBeVisible(SLOW)
  await page.getByRole('button', { name: 'Lay them there' }).click()
  await expect(page.getByText(/lies? elsewhere\.$/)).toBeVisible()
  await expect(full).toBeHidden(SLOW)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(full).toBeVisible(SLOW)

  const vessels = page.getByRole('region', { name: 'In small vessels' })
  await expect(vessels.getByText('Plain Basin gel')).toBeVisible()
  await expect(vessels.getByText(/20\sml in one of 20, \d+ g lighter/)).toBeVisible()
  await vessels.getByRole('button', { name: 'Plain Basin gel is decanted' }).click()
  await expect(page.getByText('Some Plain Basin gel is decanted.')).toBeVisible(SLOW)
  await expect(vessels.getByText('Plain Basin gel')).toBeHidden(SLOW)
  const stays = page.getByRole('region', { name: 'Stays at home this time' })
  await expect(stays.getByText('Plain Basin gel')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Plain Basin gel', exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(vessels.getByText('Plain Basin gel')).toBeVisible(SLOW)
})

test('a championship is mended one by one until it is ready', async ({ page }) => {
  test.setTimeout(400_000)
  const id = await open(page, 'Tidewater')
  await expect(ready(page)).toHaveText('8 things before it is ready.', SLOW)
  await expect(check(page, 'No base for Amahle')).toBeVisible()
  await expect(check(page, 'too few')).toContainText('liner brush')
  await expect(check(page, 'too heavy')).toContainText(/3\.\d kg too heavy/)
  await expect(check(page, 'lies at the bottom')).toContainText(/loose in Wheeled case, under 5 pouches/)
  await expect(check(page, 'Orla: Day Shield Medium')).toContainText('pale in flash photographs')
  await expect(check(page, 'The morning is too short')).toContainText(/begin at 5:\d\d/)

  await check(page, 'Orla: Day Shield').getByRole('button', { name: 'Plan anew for this day' }).click()
  await expect(ready(page)).toHaveText('7 things before it is ready.', SLOW)
  await check(page, 'lies at the bottom').getByRole('button', { name: 'Lay it in the order of use' }).click()
  await expect(ready(page)).toHaveText('6 things before it is ready.', SLOW)
  await check(page, 'to bring from home').getByRole('button', { name: 'Bring all' }).click()
  await expect(ready(page)).toHaveText('5 things before it is ready.', SLOW)
  await check(page, 'for nothing').getByRole('button', { name: 'Take out' }).click()
  await expect(ready(page)).toHaveText('4 things before it is ready.', SLOW)

  await check(page, 'too few').getByRole('button', { name: 'Put it on the purchase list' }).click()
  await expect(check(page, 'too few')).toContainText('On the purchase list', SLOW)
  await check(page, 'No base for Amahle').getByRole('link', { name: 'What matches Amahle Rosqvist' }).click()
  const put = page.getByRole('button', { name: 'Put these on the purchase list' })
  await put.click(SLOW)
  await expect(put).toHaveCount(0)
  await receiveAll(page)

  await page.goto(`/jobs/${id}/morning`)
  await page.getByRole('button', { name: 'Times and people' }).click()
  await page.getByLabel('Who works with you').fill('Oona')
  await page.keyboard.press('Enter')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(page.getByTestId('answer')).toHaveText(/^Begin at/, SLOW)

  await page.goto(`/jobs/${id}`)
  await expect(ready(page)).toHaveText(/^\d things? before it is ready\.$/, SLOW)
  // What was bought is in the case now: what it weighs too much stays at home.
  const heavy = check(page, 'too heavy')
  await heavy.getByRole('button', { name: /^Leave \d+ things at home/ }).click()
  await expect(heavy).toHaveCount(0, SLOW)
  await expect(ready(page)).toHaveText('Ready.', SLOW)
})

test('a quote says the least that is worth taking, is asked for, handed over, and after the wrap held against what it was', async ({
  page,
}) => {
  test.setTimeout(240_000)
  const id = await open(page, 'Vow', '/quote')
  const answer = page.getByTestId('answer')
  await expect(answer).toHaveText(/^Not below \d+\.\d\d\sEUR\.$/, SLOW)
  const least = Number.parseFloat(await page.getByTestId('least').innerText())
  await page.getByRole('textbox', { name: 'Client' }).fill('The lock-keepers')
  await page.getByLabel('Km, there and back').fill('25')
  await page.getByLabel('Fee asked').fill(String(Math.ceil(least + 60)))
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(answer).toHaveText(/asked: \d+\.\d\d\sEUR above the least worth taking\.$/, SLOW)
  const client = page.getByRole('region', { name: 'What the client reads' })
  const parts = await client.getByRole('row').filter({ hasNotText: 'Together' }).getByRole('cell').allInnerTexts()
  const cents = (text: string) => Math.round(Number.parseFloat(text) * 100)
  expect(parts.reduce((all, t) => all + cents(t), 0)).toBe(cents(await page.getByTestId('fee').innerText()))
  for (const sort of ['quote', 'agreement']) {
    const paper = await page.request.get(`/api/jobs/${id}/${sort}.pdf`)
    expect(paper.headers()['content-type']).toBe('application/pdf')
    expect((await paper.body()).subarray(0, 5).toString()).toBe('%PDF-')
  }

  await page.getByRole('link', { name: 'Wrap', exact: true }).click()
  await expect(answer).toHaveText(/^4 faces as planned, \d+ things used: close it\?$/, SLOW)
  await page.getByLabel('Paid', { exact: true }).fill('500')
  await page.getByRole('combobox', { name: 'Which thing' }).fill('Feather')
  await page.getByRole('option', { name: 'Feather glue' }).click()
  await page.getByRole('button', { name: 'Ran out' }).click()
  await page.getByRole('button', { name: 'Close the job' }).click()
  await expect(answer).toHaveText(/^Closed: \d+ to wash/, SLOW)
  await expect(page.getByRole('region', { name: 'To refill' })).toContainText('Feather glue')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(answer).toHaveText(/close it\?$/, SLOW)
  await page.getByRole('button', { name: 'All as planned' }).click()
  await expect(answer).toHaveText(/^Closed: \d+ to wash/, SLOW)
  await page.getByLabel('Paid', { exact: true }).fill('500')
  await page.getByRole('button', { name: 'Save' }).click()
  await page.getByRole('link', { name: 'Planned and real' }).click()
  await expect(answer).toHaveText(/^500\.00\sEUR came in; /, SLOW)
})
