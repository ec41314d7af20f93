import AxeBuilder from '@axe-core/playwright'
import { expect } from '@playwright/test'
import { test } from './ground'

test('the kit shows what is wrong with it where an artist looks', async ({ page }) => {
  await page.goto('/kit')
  await expect(page.locator('h1')).toHaveText(/^\d+ things in 5 places; one is past its day\.$/)
  const words = page.getByRole('region', { name: 'Needs a word' })
  const line = (name: string) => words.getByRole('listitem').filter({ hasText: name })
  await expect(line('Reed black')).toContainText('past its last day')
  await expect(line('Toffee Tin')).toContainText('empty; no other is owned')
  await expect(line('Wheeled case')).toContainText(/where 9\.5 kg is the limit: 3\.\d kg too much/)
  await expect(line('Strong alcohol spray')).toContainText('95 % evaporates before it disinfects')
  await words.getByRole('button', { name: '1 more' }).click()
  await expect(line('Almond')).toContainText('one colour three times')
  await expect(page.getByRole('region', { name: 'Brushes and tools' })).toContainText('fine liner brush 2')
  await expect(page.getByRole('button', { name: /^Carnival palette/ })).toBeVisible()

  await line('Reed black').getByRole('button', { name: 'Retire it' }).click()
  await expect(page.locator('h1')).toHaveText(/^\d+ things in 5 places\.$/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('h1')).toHaveText(/past its day/)
})

test('what runs out is brought from home before it is bought', async ({ page }) => {
  await page.goto('/kit')
  const words = page.getByRole('region', { name: 'Needs a word' })
  const cotton = words.getByRole('listitem').filter({ hasText: 'Cotton rounds' })
  await expect(cotton).toContainText('nearly empty; Home has one to take its place')
  await cotton.getByRole('button', { name: 'Bring it here' }).click()
  await expect(page.getByText('Cotton rounds is in Clean and spare now.')).toBeVisible()
  await expect(cotton).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(cotton).toHaveCount(1)
})

test('things are moved by hand, by the panel beside and by drag, and go back', async ({ page }) => {
  await page.goto('/kit')
  const hip = page.getByRole('region', { name: 'Hip bag' })
  const brushes = page.getByRole('region', { name: 'Brushes and tools' })
  await brushes.getByRole('button', { name: /^Blending brush/ }).click()
  const panel = page.getByRole('region', { name: 'Blending brush, goat' })
  await panel.getByLabel('How many').fill('2')
  await panel.getByRole('combobox', { name: 'Stands in' }).press('ArrowDown')
  await page.getByRole('option', { name: 'Hip bag' }).click()
  await expect(page.getByText('Blending brush, goat is in Hip bag now.')).toBeVisible()
  await expect(hip).toContainText('blending brush 2')
  await expect(brushes).toContainText('blending brush 4')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(brushes).toContainText('blending brush 6')

  const gloss = hip.getByRole('button', { name: /^Wet Stone/ })
  const skin = page.getByRole('region', { name: 'Skin' })
  // Both in sight, as a hand that drags has them.
  const reserve = page.getByRole('region', { name: 'Reserve case' }).getByRole('list')
  await reserve.evaluate(list => list.scrollIntoView({ block: 'end' }))
  await gloss.dragTo(reserve, { targetPosition: { x: 40, y: 20 } })
  await expect(page.getByText('Wet Stone is in Reserve case now.')).toBeVisible()
  await expect(
    page.getByRole('region', { name: 'Reserve case' }).getByRole('button', { name: /^Wet Stone/ }),
  ).toHaveCount(1)
  await expect(gloss).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(gloss).toHaveCount(1)
  await expect(skin.getByRole('button', { name: /^Wet Stone/ })).toHaveCount(0)
})

test('how full a bottle is, is a tap', async ({ page }) => {
  await page.goto('/kit')
  await page.getByRole('button', { name: /^Shell Grit/ }).click()
  const panel = page.getByRole('region', { name: 'Shell Grit' })
  await expect(panel).toContainText('depth 1.5')
  await panel.getByRole('button', { name: '¼' }).click()
  await expect(page.getByText('Shell Grit is 25 % full.')).toBeVisible()
  await expect(panel).toContainText('25 %')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(panel).toContainText('90 %')
})

const LIST = `
3x wibble stick
2 wibble stick mini
matte primer silicone 30 ml half full
nude lip palette 6 pans
nitrile gloves 50
medium neutral foundation, silicone, ¾
12 lip brushes
`

test('a list is read, looked through, put right and saved as one', async ({ page }) => {
  await page.goto('/kit')
  const before = await page.locator('h1').innerText()
  await page.getByRole('button', { name: 'Paste a list' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Your list').fill(LIST)
  await dialog.getByRole('button', { name: 'Read it' }).click()
  await expect(dialog.getByRole('heading')).toHaveText(/things read\. Are they right\?$/)
  await expect(dialog.getByText(/^2 things to look at/)).toBeVisible()
  const wibble = dialog.getByRole('listitem').filter({ hasText: 'wibble stick' })
  await expect(wibble.first()).toContainText('something else')
  await wibble.first().getByRole('combobox', { name: 'Kind' }).fill('spatula')
  await page.getByRole('option', { name: 'spatula', exact: true }).click()
  await dialog.getByRole('button', { name: 'Same for 1 more like it: spatula' }).click()
  await expect(dialog.getByText('Nothing is doubtful.')).toBeVisible()
  await expect(dialog.getByRole('listitem').filter({ hasText: 'primer' })).toContainText(
    '30 ml · 50 % · silicone · matte',
  )
  expect((await new AxeBuilder({ page }).include('.v-dialog').analyze()).violations.map(v => v.id)).toEqual([])
  await dialog.getByRole('button', { name: /^Put \d+ things in the kit$/ }).click()
  await expect(page.getByRole('button', { name: /^nude lip palette/ })).toBeVisible()
  await expect(
    page.getByRole('region', { name: 'Brushes and tools' }).getByRole('button', { name: /^wibble stick/ }),
  ).toHaveCount(2)
  await expect(
    page.getByRole('region', { name: 'Base' }).getByRole('button', { name: /^medium neutral foundation/ }),
  ).toHaveCount(1)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('h1')).toHaveText(before)
})

test('what was typed of a list is there after a reload, and nothing was saved', async ({ page }) => {
  await page.goto('/kit?paste')
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Your list').fill('3 fan brushes')
  await page.waitForFunction(() => localStorage.getItem('varietas.drafts')?.includes('3 fan brushes'))
  await page.reload()
  await expect(dialog.getByLabel('Your list')).toHaveValue('3 fan brushes')
  await dialog.getByRole('button', { name: 'Begin anew' }).click()
  await expect(dialog.getByLabel('Your list')).toHaveValue('')
})

test('a place is made, measured and taken away; a tool is added and changed', async ({ page }) => {
  await page.goto('/kit')
  await page.getByRole('button', { name: 'Another place' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Make it' }).click()
  await expect(dialog.getByText('Not saved yet')).toBeVisible()
  await dialog.getByLabel('Name').fill('Lash pouch')
  await dialog.getByLabel('Takes, kg').fill('0,5')
  await dialog.getByRole('button', { name: 'Make it' }).click()
  const pouch = page.getByRole('region', { name: 'Lash pouch' })
  await expect(pouch).toContainText('of 500 g')

  await page.getByRole('button', { name: 'Add a tool' }).click()
  // A dialogue that is still opening takes the focus to itself once more, and a list that was open closes.
  await expect(async () => {
    await dialog.getByLabel('Kind').fill('tweez')
    await page.getByRole('option', { name: 'tweezers' }).click({ timeout: 2000 })
  }).toPass()
  await dialog.getByLabel('Name').fill('Bent tweezers')
  await dialog.getByRole('combobox', { name: 'Stands in' }).press('ArrowDown')
  await page.getByRole('option', { name: 'Lash pouch' }).click()
  await dialog.getByRole('button', { name: 'Put it in the kit' }).click()
  await pouch.getByRole('button', { name: /^Bent tweezers/ }).click()
  await page.getByRole('region', { name: 'Bent tweezers' }).getByRole('button', { name: 'Edit' }).click()
  await dialog.getByLabel('How many').fill('2')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(pouch).toContainText('Bent tweezers ×2')

  await page.getByRole('button', { name: 'Change Lash pouch' }).click()
  await dialog.getByRole('button', { name: 'Take it away' }).click()
  await expect(pouch).toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Loose in it' })).toContainText('Bent tweezers ×2')
  await page.getByRole('button', { name: /^Bent tweezers/ }).click()
  await page.getByRole('region', { name: 'Bent tweezers' }).getByRole('button', { name: 'Retire' }).click()
  await page.getByLabel('broken or lost').check()
  await page.getByRole('dialog').getByRole('button', { name: 'Retire' }).click()
})

test('several things of the table are moved and retired at once', async ({ page }) => {
  await page.goto('/kit')
  await page.getByRole('textbox', { name: 'Search the kit' }).fill('tideline almond')
  await expect(page.getByRole('row')).toHaveCount(4)
  for (const name of ['Almond Lane', 'Almond Court']) await page.getByLabel(`Choose ${name}`).check()
  await page.getByRole('combobox', { name: 'Move to' }).press('ArrowDown')
  await page.getByRole('option', { name: 'Hip bag' }).click()
  await expect(page.getByText('2 things are in Hip bag now.')).toBeVisible()
  await expect(page.getByRole('row').filter({ hasText: 'Hip bag' })).toHaveCount(2)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('row').filter({ hasText: 'Hip bag' })).toHaveCount(0)
  await page.getByRole('button', { name: 'As it stands' }).click()
  await expect(page.getByRole('region', { name: 'Hip bag' })).toBeVisible()
})

test('a filter is kept, found again after a reload, and forgotten', async ({ page }) => {
  await page.goto('/kit?view=table')
  await page.getByRole('combobox', { name: 'For' }).press('ArrowDown')
  await page.getByRole('option', { name: 'lip', exact: true }).click()
  await page.getByRole('button', { name: 'Keep this filter' }).click()
  await page.reload()
  const kept = page.getByRole('button', { name: 'lip, in use' })
  await expect(kept).toHaveAttribute('aria-pressed', 'false')
  await kept.click()
  await expect(kept).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Forget this filter' }).click()
  await expect(kept).toHaveCount(0)
})

test('on a phone nothing is wider than the screen, and the panel lies at the thumb', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  for (const view of ['/kit', '/kit?view=table', '/kit?paste']) {
    await page.goto(view)
    await expect(page.locator('h1')).toContainText('things in')
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  }
  await page.goto('/kit')
  await page.getByRole('button', { name: /^Keel/ }).click()
  const panel = page.getByRole('region', { name: 'Keel' })
  await expect(panel).toBeInViewport()
  expect((await new AxeBuilder({ page }).analyze()).violations.map(v => v.id)).toEqual([])
  await panel.getByRole('button', { name: 'Close' }).click()
  await expect(panel).toHaveCount(0)
})

test('what the kit lacks, what hangs on one thing, and what can stay at home without a loss', async ({ page }) => {
  await page.goto('/kit')
  await page.getByRole('link', { name: 'Gaps and weight' }).click()
  await expect(page.locator('h1')).toHaveText(/^\d+ of \d+ abilities are missing; \d+ hang on one thing\.$/)
  const missing = page.getByRole('region', { name: 'Missing' })
  const ability = (name: string) => missing.getByRole('listitem').filter({ hasText: name })
  await expect(ability('A base for nearly everybody')).toContainText(/olive at depth 1–\d/)
  await expect(ability('A clean brush of every shape')).toContainText('fine liner brush: 2 of 8')
  await expect(ability('Alcohol that disinfects')).toContainText('alcohol of 60 to 80 %')
  await expect(page.getByRole('region', { name: 'One failure away' })).toContainText('Hangs on Steel mixing palette')
  expect((await new AxeBuilder({ page }).analyze()).violations.map(v => v.id)).toEqual([])

  await page.getByRole('button', { name: 'What can stay?' }).click()
  // The plans of everybody booked are made for it.
  await expect(page.getByText(/[\d.]+ k?g can stay at home\./)).toBeVisible({ timeout: 60_000 })
  await expect(page.getByText(/could go, and no more: proven/)).toBeVisible()
  await page.getByRole('button', { name: 'Leave them at Home' }).click()
  await expect(page.getByText(/things are in Home now\./)).toBeVisible()
  await page.getByRole('link', { name: 'The kit as it stands' }).click()
  // No more can go while everybody booked is made up as planned.
  const word = page.getByRole('region', { name: 'Needs a word' })
  await expect(word).toContainText(/ 0\.\d kg too much/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(word).toContainText(/ 3\.\d kg too much/)
})

test('a changed standard is another audit, without any code', async ({ page, request }) => {
  await page.goto('/kit/gaps')
  const missing = page.getByRole('region', { name: 'Missing' })
  await expect(missing).toContainText('Alcohol that disinfects')
  const standard = (await (await request.get('/api/standards/working')).json()) as {
    abilities: { id: string; percentTo?: number }[]
  }
  standard.abilities.find(a => a.id === 'disinfect')!.percentTo = 96
  const file = page.getByLabel('A standard as JSON')
  await file.setInputFiles({ name: 'odd.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"odd"}') })
  await expect(page.getByRole('alert')).toContainText('Nothing was changed')
  await file.setInputFiles({
    name: 'mine.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(standard)),
  })
  await expect(page.getByText('Working kit is kept.')).toBeVisible()
  await expect(missing).not.toContainText('Alcohol that disinfects')
  await page.getByRole('button', { name: 'As it came' }).click()
  await expect(missing).toContainText('Alcohol that disinfects')
})

test('a thing turns out to be something else, is opened today, and is used up, each with one tap and its way back', async ({
  page,
}) => {
  await page.goto('/kit')
  const quick = page.getByLabel(/^Add one thing/)
  await quick.fill('wibbleflick coral 4 g')
  await quick.press('Enter')
  await expect(page.getByText('look here')).toBeVisible()
  await quick.press('Enter')
  await expect(page.getByText('wibbleflick coral is in the kit.')).toBeVisible()
  await page.getByRole('button', { name: /^wibbleflick coral/ }).click()
  const panel = page.getByRole('region', { name: 'wibbleflick coral', exact: true })
  await panel.getByRole('button', { name: 'It is something else' }).click()
  await panel.getByRole('combobox', { name: 'Kind' }).fill('blush')
  await page.getByRole('option', { name: 'blush', exact: true }).click()
  await expect(page.getByText('wibbleflick coral is known as blush now.')).toBeVisible()
  await expect(panel.getByText(/^blush/)).toBeVisible()
  await panel.getByRole('button', { name: 'Opened today' }).click()
  await expect(panel.getByText(/^good until/)).toBeVisible()
  await panel.getByRole('button', { name: 'It is something else' }).click()
  await panel.getByRole('combobox', { name: 'Kind' }).fill('tissues')
  await page.getByRole('option', { name: 'tissues', exact: true }).click()
  await expect(page.getByText('wibbleflick coral is known as tissues now.')).toBeVisible()
  await panel.getByRole('button', { name: 'Used up and gone' }).click()
  await expect(page.getByRole('button', { name: /^wibbleflick coral/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('button', { name: /^wibbleflick coral/ })).toBeVisible()
})

test('a pan is a quarter full with one tap, on the page that its label leads to, on a phone', async ({
  page,
  request,
}) => {
  const { lines } = (await (await request.get('/api/things?limit=200')).json()) as {
    lines: { id: string; pans: { fillId: string; name: string; level: number }[] }[]
  }
  const palette = lines.find(t => t.pans.length > 2)!
  const pan = palette.pans[1]!
  const levelNow = async () => {
    const now = (await (await request.get('/api/things?limit=200')).json()) as { lines: typeof lines }
    return now.lines.find(t => t.id === palette.id)!.pans.find(p => p.fillId === pan.fillId)!.level
  }
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`/t/${palette.id}`)
  await page
    .getByRole('group', { name: `What is left of ${pan.name}` })
    .getByRole('button', { name: '¼' })
    .click()
  await expect.poll(levelNow).toBe(0.25)
  expect((await new AxeBuilder({ page }).analyze()).violations.map(v => v.id)).toEqual([])
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(levelNow).toBe(pan.level)
})
