import { expect, type Page } from '@playwright/test'
import type { FaceLine } from '#shared/records/people/clientele'
import { facesFrom, test } from './ground'

/* A ceremony for six, from the enquiry to the wrap. */

const SLOW = { timeout: 60_000 }
const answer = (page: Page) => page.getByTestId('answer')
const ready = (page: Page) => page.getByTestId('ready')
const room = (page: Page, name: string) => page.getByRole('link', { name, exact: true }).click()

/** Whoever the kit of the demo has a base for. */
const MATCHED = ['Wilhelmina', 'Absalom', 'Pilar', 'Tove', 'Orla']

/** What of a job has a mend on its own first page, one after the other until nothing is left; what was ordered comes in between. */
async function mendAll(page: Page, id: string) {
  const before = page.getByRole('region', { name: /before it is ready|Ready/ })
  const acts = before.getByRole('button', {
    name: /^(Plan anew for this day|Lay it in the order of use|Bring all|Take out|Put it on the purchase list|Leave \d+ things? at home.*)$/,
  })
  /** What stands there once everything is looked through. */
  const settled = async (other = '') => {
    let said = ''
    await expect
      .poll(async () => {
        said = await before.innerText({ timeout: 1000 }).catch(() => '')
        return said !== '' && said !== other && !/Mending|Still looking/.test(said)
      }, SLOW)
      .toBe(true)
    return said
  }
  for (let turn = 0; turn < 20; turn++) {
    const said = await settled()
    if ((await ready(page).innerText()) === 'Ready.') return
    if ((await acts.count()) > 0) {
      await acts.first().click()
      await settled(said)
      continue
    }
    await page.goto('/buys')
    const received = page.getByRole('region', { name: 'Purchase lists' }).getByRole('button', { name: /^Received/ })
    await expect(answer(page)).toBeVisible(SLOW)
    // What comes later would move the list away under the press.
    await expect(page.getByRole('progressbar')).toHaveCount(0, SLOW)
    for (let left = await received.count(); left > 0; left = await received.count()) {
      await received.first().click()
      await expect.poll(() => received.count()).toBeLessThan(left)
    }
    await page.goto(`/jobs/${id}`)
    const then = await settled()
    // What nobody sells is done without.
    const without = before.getByRole('button', { name: 'Do without' })
    if ((await without.count()) > 0) {
      await without.click()
      await settled(then)
    }
  }
  await expect(ready(page)).toHaveText('Ready.')
}

test('a ceremony for six: asked for, quoted, planned, packed, worked and closed', async ({ page, request }) => {
  test.setTimeout(480_000)
  const day = new Date(Date.now() + 9 * 86_400_000).toISOString().slice(0, 10)

  // Somebody asks.
  await page.goto('/jobs')
  await page.getByRole('button', { name: 'Add a job' }).click()
  const form = page.getByRole('dialog')
  await expect(form.locator('input:focus')).toBeVisible()
  await form.getByLabel('Name').fill('Quarry garden ceremony')
  await form.getByLabel('Day', { exact: true }).fill(day)
  await form.getByLabel('Place').fill('The quarry garden')
  await form.getByRole('combobox', { name: 'Job', exact: true }).click({ force: true })
  await page.getByRole('option', { name: 'ceremony party' }).click()
  await form.getByRole('button', { name: 'Write it down' }).click()
  await expect(answer(page)).toHaveText(/^Quarry garden ceremony/)
  const id = /jobs\/([^/?]+)/.exec(page.url())![1]!

  // Five that are known, and one that is new and read on the spot.
  const known = await facesFrom(request)
  const picked = MATCHED.map(first => known.find((f: FaceLine) => f.name.includes(first))!.name)
  for (const name of picked) {
    await page.getByRole('combobox', { name: 'Add a face' }).fill(name)
    await page.getByRole('option', { name }).click()
    await page.getByRole('button', { name: 'Put on the job' }).click()
    await expect(page.getByRole('link', { name, exact: true })).toBeVisible()
  }
  const made = (await (
    await request.post('/api/faces', { data: { name: 'Juna Halloran-Bek', booking: { jobId: id } } })
  ).json()) as { id: string }
  await page.reload()
  await page.getByRole('link', { name: 'Read Juna Halloran-Bek' }).click(SLOW)
  await request.post(`/api/faces/${made.id}/readings`, {
    data: { source: 'typed', lab: { L: 63, a: 10, b: 17 }, covariance: [1, 0, 0, 1, 0, 1] },
  })

  // What it is worth taking for.
  await page.goto(`/jobs/${id}/quote`)
  await expect(answer(page)).toHaveText(/^Not below \d+\.\d\d\sEUR\.$/, SLOW)
  const least = Number.parseFloat(await page.getByTestId('least').innerText())
  await page.getByRole('textbox', { name: 'Client' }).fill('The Bek family')
  await page.getByLabel('Km, there and back').fill('40')
  await page.getByLabel('Fee asked').fill(String(Math.ceil(least * 1.2 + 50)))
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(answer(page)).toHaveText(/above the least worth taking\.$/, SLOW)
  for (const sort of ['quote', 'agreement'])
    expect((await page.request.get(`/api/jobs/${id}/${sort}.pdf`)).headers()['content-type']).toBe('application/pdf')

  // The morning: everybody ready by two, the one it is for last but one.
  await room(page, 'Morning')
  await page.getByRole('button', { name: 'Times and people' }).click(SLOW)
  await page.getByLabel('Everybody ready by').fill('14:00')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(answer(page)).toHaveText(/^Begin at \d+:\d\d and the last is ready at 14:00\.$/, SLOW)

  await room(page, 'Who and what')
  await mendAll(page, id)

  // Packed, thing by thing.
  await room(page, 'Pack')
  await expect(answer(page)).toHaveText(/^0 of \d+ are in\.$/, SLOW)
  const boxes = page.getByRole('listitem').getByRole('checkbox')
  const count = await boxes.count()
  for (let i = 0; i < count; i++) await boxes.nth(i).check()
  await expect(answer(page)).toHaveText('Everything is in.')

  // Worked: the first face layer by layer, the others as they come.
  await room(page, 'Chair')
  await expect(answer(page)).toHaveText(/sits down first/, SLOW)
  const next = page.getByRole('button', { name: /; next$/ })
  const strip = page.getByRole('list', { name: 'Today’s faces' }).getByRole('button')
  const first = await strip.first().innerText()
  for (let i = 0; (await next.count()) > 0 && i < 40; i++) {
    await next.click()
    if ((await strip.first().innerText()).includes('done')) break
  }
  await expect(strip.first()).toContainText('done')
  await strip.first().click()
  await expect(page.getByRole('heading', { name: 'Before the next sits down' })).toBeVisible()
  await page.getByLabel('Done, all of it').check()
  expect(first).not.toContain('done')
  for (let i = 1; i < 6; i++) {
    await strip.nth(i).click()
    const looked = page.getByRole('button', { name: 'Looked; they may go' })
    await page.getByRole('button', { name: 'All on' }).or(looked).click()
    if ((await looked.count()) > 0) await looked.click()
  }
  await expect(answer(page)).toHaveText('Everybody is done.')

  // Closed in one tap, and what is to be washed is said.
  await room(page, 'Wrap')
  await expect(answer(page)).toHaveText(/^6 faces as planned, \d+ things used: close it\?$/, SLOW)
  await page.getByRole('button', { name: 'All as planned' }).click()
  await expect(answer(page)).toHaveText(/^Closed: \d+ to wash/, SLOW)
  await page.getByLabel('Paid', { exact: true }).fill('640')
  await page.getByRole('button', { name: 'Save' }).click()
  await page.getByRole('link', { name: 'Planned and real' }).click()
  await expect(answer(page)).toHaveText(/^640\.00\sEUR came in; /, SLOW)
})
