import { expect } from '@playwright/test'
import AxeBuilder from '@axe-core/playwright'
import { facesFrom, test } from './ground'

test.describe.configure({ mode: 'serial' })

test('what was seen of bottles names the one that is not what it says, and asks for the look that tells most', async ({
  page,
  request,
}) => {
  const faces = await facesFrom(request)
  const { products } = (await (await request.get('/api/kit/shelf')).json()) as {
    products: { id: string; shade: string; lab: { L: number; a: number; b: number } }[]
  }
  const keel = products.find(p => p.shade === 'Keel')!
  const near = faces
    .filter(f => f.lab)
    .sort((x, y) => Math.abs(x.lab!.L - keel.lab.L) - Math.abs(y.lab!.L - keel.lab.L))
    .slice(0, 6)
  for (const { id } of near)
    await request.post(`/api/faces/${id}/seen`, {
      data: { drops: [{ id: keel.id, count: 1 }], seen: 'too light', degree: 'clearly' },
    })
  await page.goto('/kit')
  await page.getByText('Is every bottle the colour it is thought to be?').click()
  await expect(page.getByTestId('suspect')).toHaveText(/Keel is likely .*lighter.* than thought/, { timeout: 30_000 })
  const question = page.getByText(/What would tell most: hold/)
  await question.waitFor()
  await page.getByRole('button', { name: 'a touch too light' }).press('Enter')
  await expect(question).toBeFocused({ timeout: 30_000 })
  expect((await new AxeBuilder({ page }).analyze()).violations.map(v => v.id)).toEqual([])
  await page.getByRole('button', { name: 'Take its new colour' }).click()
  await expect(page.getByText('Keel is changed.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('what was seen on the skin moves the reading, when it is kept', async ({ page }) => {
  await page.goto('/faces')
  await page.getByRole('link', { name: 'Kaisa Mbeki-Lund' }).click()
  await expect(page.getByTestId('answer')).toHaveText(/Kaisa can be matched/)
  // The first word is taken back by the second: of one look only the last counts.
  const rows = page.getByRole('list', { name: 'Recipes from this kit' }).getByRole('button')
  const look = async (recipe: number, word: string) => {
    await rows.nth(recipe).click()
    const kept = page.waitForResponse(r => r.url().endsWith('/seen') && r.ok())
    await page.getByRole('button', { name: word }).click()
    await kept
  }
  await look(0, 'clearly too deep')
  await look(0, 'clearly too light')
  await look(1, 'clearly too light')
  await page.getByRole('button', { name: 'By colour alone' }).click()
  await expect(page.getByRole('heading', { name: 'Best all told, and what gives way' })).toHaveCount(0)
  await look((await rows.count()) - 1, 'a touch too light')
  await expect(page.getByText(/What you saw puts the skin elsewhere: deeper/)).toBeVisible()
  await page.getByRole('button', { name: 'Keep it as a reading' }).click()
  await expect(page.getByText(/Reads at .*verdicts at the jaw/)).toBeVisible()
  await expect(page.getByText(/What you saw puts the skin elsewhere/)).toHaveCount(0)
})

test('a skin is read by eye and from a file, at another site', async ({ page }) => {
  await page.goto('/faces')
  await page.getByRole('link', { name: 'Gwendolen Park-Osman' }).click()
  await page.getByRole('button', { name: 'Read again' }).click()
  await page.getByRole('button', { name: 'eye test' }).click()
  await expect(page.getByRole('button', { name: 'Keep this reading' })).toBeDisabled()
  for (let i = 0; i < 8; i++) await page.getByRole('button', { name: i % 2 ? 'Right' : 'Left', exact: true }).click()
  await expect(page.getByText('8 choices: enough.')).toBeVisible()
  await page.getByRole('button', { name: 'file', exact: true }).click()
  const file = (text: string) =>
    page
      .getByLabel('CGATS text or CSV')
      .setInputFiles({ name: 'skin.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await file('name;L;a;b\njaw;69,1;7;x')
  await expect(page.getByRole('alert')).toContainText('Line 2: "x" under b is not a number.')
  await file('name;L;a;b\nneck one;66,1;8;15\nneck two;66,4;8;15')
  await page.getByRole('button', { name: 'neck', exact: true }).click()
  await page.getByRole('button', { name: 'Keep this reading' }).click()
  await page.getByText('Earlier readings and what was seen').click()
  await expect(page.getByRole('table', { name: 'Readings over time' })).toContainText('neck')
})

test('the sites a base has to agree with are weighed for each face', async ({ page }) => {
  await page.goto('/faces')
  await page.getByRole('link', { name: 'Kaisa Mbeki-Lund' }).click()
  await page.getByText('Earlier readings and what was seen').click()
  await expect(page.getByText('The base has to agree with jaw', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Read again' }).click()
  await page.getByRole('group', { name: 'Where on them' }).getByRole('button', { name: 'neck' }).click()
  await page.getByRole('button', { name: 'typed' }).click()
  for (const [axis, value] of [
    ['L*', '66'],
    ['a*', '10'],
    ['b*', '17'],
  ] as const)
    await page.getByLabel(axis).fill(value)
  await page.getByRole('button', { name: 'Keep this reading' }).click()
  await page.getByText('Earlier readings and what was seen').click()
  await page.getByRole('group', { name: 'neck counts' }).getByRole('button', { name: '3 ×' }).click()
  await expect(page.getByText('The base has to agree with jaw 25 % and neck 75 %')).toBeVisible()
  const depth = async () => Number(/depth ([\d.]+)/.exec(await page.getByText(/^(Reads|Reckoned) at/).innerText())![1])
  const bare = await depth()
  await page.getByRole('group', { name: 'They come' }).getByRole('button', { name: 'with a fake tan on' }).click()
  await expect(page.getByText(/Reckoned at .* with a fake tan on, from the reading without it/)).toBeVisible()
  expect(await depth()).toBeGreaterThan(bare + 1)
  await page.getByRole('group', { name: 'They come' }).getByRole('button', { name: 'as last read' }).click()
  await expect(page.getByText(/^Reads at/)).toBeVisible()
})

test('a mix is measured; measured mixes teach how strongly the bottles pull, and undo takes it back', async ({
  page,
}) => {
  await page.goto('/faces')
  await page.getByRole('link', { name: 'Orla Ndiaye-Brandt' }).click()
  await page.getByText('Did the mix come out like that?').click()
  await page.getByRole('button', { name: 'Calibrate the simulated meter, three shots' }).click()
  await expect(page.getByText(/as measured, ΔE/)).toBeVisible()
  await page.getByRole('button', { name: 'Keep this measured mix' }).click()
  await expect(page.getByText('The measured mix is kept.')).toBeVisible()

  await page.goto('/kit')
  await page.getByText('Do the mixes come out as predicted?').click()
  const lesson = page.getByTestId('lesson')
  await expect(lesson).toContainText(/Keel pulls less strongly than thought \([\d.]+ times\)/)
  await expect(lesson).toContainText(/mixes that were held out come [\d.]+ ΔE .* instead of [\d.]+/)
  await expect(page.getByRole('button', { name: /^Forget the mix/ })).toHaveCount(7)
  const plain = await new AxeBuilder({ page }).analyze()
  expect(plain.violations).toEqual([])
  await page.getByRole('button', { name: 'Take what they teach' }).click()
  await expect(page.getByText(/^\d+ bottles pull as they were measured to\.$/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take what they teach' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(lesson).toContainText(/Keel pulls/)
})

test('a skin that has moved says so at its saved recipe, with the touch that brings it back', async ({
  page,
  request,
}) => {
  const { products } = (await (await request.get('/api/kit/shelf')).json()) as {
    products: { id: string; shade: string; lab: object }[]
  }
  const named = (shade: string) => products.find(p => p.shade === shade)!
  const { id } = (await (await request.post('/api/faces', { data: { name: 'Tamsin Quillfeather' } })).json()) as {
    id: string
  }
  const drops = ['Almond Row', 'Keel'].map(shade => ({ id: named(shade).id, count: 1 }))
  const lab = named('Almond Row').lab
  const sent = [
    await request.post(`/api/faces/${id}/recipes`, { data: { drops, lab, deltaE: 0.5, chance: 0.9 } }),
    await request.post(`/api/faces/${id}/readings`, {
      data: { source: 'typed', lab, covariance: [0.3, 0, 0, 0.2, 0, 0.2] },
    }),
  ]
  for (const answer of sent) expect(answer.ok()).toBe(true)
  await page.goto(`/faces/${id}`)
  const told = page.getByRole('status').filter({ hasText: 'It no longer fits:' })
  await expect(told).toContainText(/beside it the skin is lighter.* drops? of .* brings it to ΔE [\d.]+/i)
  await told.getByRole('button', { name: 'Take it' }).click()
  await expect(page.getByText('your touch')).toBeVisible()
  await request.delete(`/api/faces/${id}`)
})
