import { expect, test, type Page } from '@playwright/test'

test.describe.configure({ mode: 'serial' })

const layer = (page: Page, name: string | RegExp) => page.getByRole('listitem').filter({ has: page.getByRole('button', { name }) })
const leftOut = (page: Page) => page.getByRole('region', { name: 'Left out' })

async function openPlan(page: Page, name: string): Promise<void> {
  await page.goto('/faces')
  await page.getByRole('link', { name }).click()
  await page.getByRole('navigation', { name }).getByRole('link', { name: 'Plan' }).click()
  await expect(page.getByTestId('summary')).toHaveText(/\d+ layers?, \d+ minutes/)
  const more = leftOut(page).getByRole('button', { name: /^\d+ more$/ })
  if (await more.count() > 0) await more.click()
}

test('an oily face: the dewy base loses, and the plan says why', async ({ page }) => {
  await openPlan(page, 'Malakai Fenestra')
  await expect(page.getByTestId('answer')).toHaveText(/oily skin/)
  await expect(leftOut(page)).toContainText(/Lantern Cream mixes.*dewy slides on an oily skin by noon/)
  await expect(layer(page, /^Foundation\b(?!,)/).first()).not.toContainText('dewy')
})

test('a two-tone face: two recipes', async ({ page }) => {
  await openPlan(page, 'Malakai Fenestra')
  const [jaw, chin] = [layer(page, /^Foundation(?!, chin)/), layer(page, /^Foundation, chin/)]
  await expect(chin).toContainText('Keel')
  await expect(jaw.first()).toContainText('Brick Lane End')
})

test('a mature dry face: a damp sponge, no matte, a lip liner', async ({ page }) => {
  await openPlan(page, 'Dagny Osei-Whitlock')
  await expect(page.getByTestId('answer')).toHaveText(/mature, dry skin/)
  await expect(layer(page, /^Foundation/)).toContainText('mist-damp sponge')
  await expect(layer(page, /^Lip liner/)).toBeVisible()
  await expect(leftOut(page)).toContainText('matte catches on a dry skin')
})

test('a declared lanolin allergy removes the balm; only a kept reason brings it back', async ({ page }) => {
  await openPlan(page, 'Juniper Okonkwo-Hale')
  await expect(leftOut(page)).toContainText(/Cove Balm.*holds lanolin; lanolin was declared/)
  await expect(layer(page, /^Lip care/)).not.toContainText('Cove Balm')
  await page.getByRole('button', { name: /Use all the same:.*Cove Balm/ }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Cove Balm' }).click()
  await expect(dialog.getByRole('button', { name: 'Use it', exact: true })).toBeDisabled()
  await dialog.getByLabel('Why it is used all the same').fill('patch tested on Monday, she asks for it')
  await dialog.getByRole('button', { name: 'Use it', exact: true }).click()
  await expect(page.getByText('1 choice of yours held.')).toBeVisible()
  await expect(leftOut(page)).not.toContainText(/Cove Balm.*holds lanolin/)
  await page.getByRole('button', { name: 'Let everything go' }).click()
  await expect(leftOut(page)).toContainText('Cove Balm')
})

test('flash and a mineral SPF 30 base: vetoed, and free again when there is no flash', async ({ page }) => {
  await openPlan(page, 'Wilhelmina Sato-Reyes')
  await expect(leftOut(page)).toContainText(/Day Shield Medium.*mineral filter with SPF 30: pale in flash photographs/)
  await page.getByRole('button', { name: 'Change the day' }).click()
  await page.getByLabel('flash photographs').uncheck()
  await expect(leftOut(page)).not.toContainText('pale in flash')
  await page.getByLabel('flash photographs').check()
  await expect(leftOut(page)).toContainText('pale in flash')
})

test('a silicone primer held under a water base is flagged at the seam', async ({ page }) => {
  await openPlan(page, 'Ravindra Tolliver')
  await layer(page, /^Foundation/).getByRole('button', { name: /^Foundation/ }).click()
  await layer(page, /^Foundation/).getByRole('button', { name: /^Barley$/ }).click()
  await expect(layer(page, /^Foundation/)).toContainText('held')
  await layer(page, /^Primer/).getByRole('button', { name: /^Primer/ }).click()
  await layer(page, /^Primer/).getByRole('button', { name: 'Slip Smooth' }).click()
  await expect(page.getByText(/Seam over Slip Smooth:.*water over silicone may roll or separate/)).toBeVisible()
  await expect(page.getByTestId('summary')).toContainText('1 seam to mind')
})

test('burnt skin: disposables only, and sticks and wands stay away', async ({ page }) => {
  await openPlan(page, 'Mirela Stroud-Ito')
  await expect(layer(page, /^Foundation/)).toContainText('disposable sponge or bud, thrown away after')
  await expect(leftOut(page)).toContainText('goes on straight from a pack that others share')
})

test('the "clear" powder would go grey on a deep face', async ({ page }) => {
  await openPlan(page, 'Nkechi Lindqvist')
  await expect(leftOut(page)).toContainText(/Clear Day.*turns (grey|pale) on this depth, by ΔE/)
  await expect(layer(page, /^Powder/)).toContainText('Deep Sand')
})

test('what is asked changes the plan; a plan is kept, used, and stands on the card', async ({ page }) => {
  await openPlan(page, 'Harumi Castellane')
  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Ask' }).click()
  await page.locator('[data-zone="forehead"]').focus()
  await page.keyboard.press('ArrowDown')
  await expect(page.locator('[data-zone="nose"]')).toBeFocused()
  await page.getByRole('button', { name: 'textured' }).click()
  await page.getByLabel('Reacts to').fill('cochineal')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/Rosehip.*they stay away/)).toBeVisible()
  await page.getByRole('button', { name: 'Keep these answers' }).click()
  await expect(page.getByRole('button', { name: 'All kept' })).toBeVisible()

  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Plan' }).click()
  await expect(page.getByTestId('answer')).toHaveText(/open pores/)
  await expect(layer(page, /^Primer/)).toContainText('fills pores')
  await expect(layer(page, /^Cheek/)).not.toContainText('Rosehip')
  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await expect(page.getByText('The plan is kept.')).toBeVisible()

  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Card' }).click()
  await page.getByRole('button', { name: 'It was used like this' }).click()
  await expect(page.getByTestId('answer')).toHaveText('Harumi Castellane: what was used.')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as JSON' }).click()
  expect((await download).suggestedFilename()).toBe('harumi-castellane-card.json')
  await page.getByRole('button', { name: 'for Harumi' }).click()
  await expect(page.getByTestId('answer')).toHaveText('Harumi, this is what was used on you.')
  await expect(page.getByRole('columnheader', { name: 'Why' })).toHaveCount(0)
})

test('what was seen of bottles names the one that is not what it says, and asks for the look that tells most', async ({ page, request }) => {
  const faces = await (await request.get('/api/faces')).json() as { id: string, readings: { lab: { L: number } }[] }[]
  const { products } = await (await request.get('/api/kit')).json() as { products: { id: string, shade: string, lab: { L: number, a: number, b: number } }[] }
  const keel = products.find(p => p.shade === 'Keel')!
  const near = faces.filter(f => f.readings[0]).sort((x, y) => Math.abs(x.readings[0]!.lab.L - keel.lab.L) - Math.abs(y.readings[0]!.lab.L - keel.lab.L)).slice(0, 3)
  for (const { id } of [...near, ...near, ...near]) await request.post(`/api/faces/${id}/seen`, { data: { drops: [{ id: keel.id, count: 1 }], seen: 'too light', degree: 'clearly' } })
  await page.goto('/kit')
  await page.getByText('Is every bottle the colour it is thought to be?').click()
  await expect(page.getByTestId('suspect')).toHaveText(/Keel is likely .*lighter.* than thought/, { timeout: 30_000 })
  await expect(page.getByText(/What would tell most: hold/)).toBeVisible()
  await page.getByRole('button', { name: 'Take its new colour' }).click()
  await expect(page.getByText('Keel is changed.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('what was seen on the skin moves the reading, when it is kept', async ({ page }) => {
  await page.goto('/faces')
  await page.getByRole('link', { name: 'Kaisa Mbeki-Lund' }).click()
  await expect(page.getByTestId('answer')).toHaveText(/Kaisa can be matched/)
  for (let i = 0; i < 3; i++) {
    const kept = page.waitForResponse(r => r.url().endsWith('/seen') && r.ok())
    await page.getByRole('button', { name: 'a touch too light' }).click()
    await kept
  }
  await expect(page.getByText(/What you saw puts the skin elsewhere: deeper/)).toBeVisible()
  await page.getByRole('button', { name: 'Keep it as a reading' }).click()
  await expect(page.getByText(/Reads at .*verdicts at the jaw/)).toBeVisible()
  await expect(page.getByText(/What you saw puts the skin elsewhere/)).toHaveCount(0)
})

test('the look: a colour placed by keyboard, a picture kept without its location', async ({ page, request }) => {
  await openPlan(page, 'Nkechi Lindqvist')
  await page.getByRole('navigation', { name: 'Nkechi Lindqvist' }).getByRole('link', { name: 'Look' }).click()
  await page.locator('[data-area="lid"]').focus()
  await page.keyboard.press('ArrowDown')
  await expect(page.locator('[data-area="crease"]')).toBeFocused()
  await page.getByRole('group', { name: 'Colours for the crease' }).getByRole('button', { name: 'Rosewood' }).click()
  await expect(page.getByTestId('answer')).toHaveText('Nkechi: Rosewood on the crease.')
  const jpeg = Buffer.from([0xff, 0xd8, 0xff, 0xe1, 0, 18, ...Buffer.from('Exif\0\0GPS 54.1N'), 0xff, 0xda, 0, 2, 1, 0xff, 0xd9])
  jpeg.writeUInt16BE(2 + 'Exif\0\0GPS 54.1N'.length, 4)
  await page.getByLabel('Add pictures').setInputFiles({ name: 'reference.jpg', mimeType: 'image/jpeg', buffer: jpeg })
  const picture = page.getByRole('img', { name: 'Reference picture 1' })
  await expect(picture).toHaveCount(1)
  const kept = await (await request.get((await picture.getAttribute('src'))!)).body()
  expect(kept.toString('latin1')).not.toContain('GPS')
  await page.getByLabel('Add pictures').setInputFiles({ name: 'words.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('not a picture') })
  await expect(page.getByText('This is no JPEG, PNG or WebP picture.')).toBeVisible()
})

test('forgetting a person asks first, and then they are gone', async ({ page, request }) => {
  await request.post('/api/faces', { data: { name: 'Ottoline Farrow-Diaz' } })
  await page.goto('/faces')
  await page.getByRole('link', { name: 'Ottoline Farrow-Diaz' }).click()
  await page.getByRole('navigation', { name: 'Ottoline Farrow-Diaz' }).getByRole('link', { name: 'Ask' }).click()
  await page.getByRole('button', { name: 'Forget this person' }).click()
  await page.getByRole('button', { name: 'Keep the record' }).click()
  await page.getByRole('button', { name: 'Forget this person' }).click()
  await page.getByRole('button', { name: 'Erase everything' }).click()
  await expect(page).toHaveURL(/\/faces$/)
  await expect(page.getByRole('link', { name: 'Ottoline Farrow-Diaz' })).toHaveCount(0)
  expect(JSON.stringify(await (await request.get('/api/faces')).json())).not.toContain('Ottoline')
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
  const file = (text: string) => page.getByLabel('CGATS text or CSV').setInputFiles({ name: 'skin.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
  await file('name;L;a;b\njaw;69,1;7;x')
  await expect(page.getByRole('alert')).toContainText('Line 2: "x" under b is not a number.')
  await file('name;L;a;b\nneck one;66,1;8;15\nneck two;66,4;8;15')
  await page.getByRole('button', { name: 'neck', exact: true }).click()
  await page.getByRole('button', { name: 'Keep this reading' }).click()
  await page.getByText('Earlier readings and what was seen').click()
  await expect(page.getByRole('table', { name: 'Readings over time' })).toContainText('neck')
})

test('a list pasted on a product is read at once, and put right by hand', async ({ page }) => {
  await page.goto('/kit?add')
  const kind = page.getByRole('dialog').getByLabel('Kind')
  await kind.click()
  await kind.fill('primer')
  await page.getByRole('option', { name: 'primer', exact: true }).click()
  await page.getByLabel('Name on the bottle').fill('Tide Table')
  await page.getByRole('button', { name: 'Sharpen' }).click()
  await page.getByLabel('Ingredient list, as on the pack').fill('Wasser, Glycerin, Dimethicone, Parfum (Fragrance), Lanolin')
  await expect(page.getByText('Reads as a silicone base.')).toBeVisible()
  await expect(page.getByText('Read from the list you gave; check the pack.')).toBeVisible()
  await expect(page.getByLabel(/lanolin/)).toBeChecked()
  await page.getByLabel(/^lanolin/).uncheck()
  await page.getByRole('button', { name: 'Put it in the kit' }).click()
  await expect(page.getByText('Tide Table is in the kit.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
})

test('when it went wrong: steps with what is in the kit and may go on this face', async ({ page }) => {
  await openPlan(page, 'Lucian Vantongeren')
  await page.getByRole('button', { name: 'It went wrong' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'too much powder' }).click()
  await expect(dialog.getByRole('listitem')).toHaveCount(3)
  // The dewy mist of the kit would slide on this oily skin: the plain toner is taken.
  await expect(dialog).toContainText('Mist Cool Rinse')
  await dialog.getByRole('button', { name: 'a lash lifted' }).click()
  await expect(dialog).toContainText('never pull')
})

test('a house rule and a rule switched off change the plan; both are kept with the methods', async ({ page, request }) => {
  const before = await (await request.get('/api/settings')).json() as object
  await page.goto('/methods')
  await page.getByText('House rules').click()
  await page.locator('.v-select', { hasText: 'This place' }).click()
  await page.getByRole('option', { name: 'Set', exact: true }).click()
  await page.getByLabel('is done with').fill('Fog')
  await page.getByRole('option', { name: 'Fog Line' }).click()
  await page.getByLabel('because').fill('the agency mists everyone with it')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await page.getByText(/What the plan looks at/).click()
  await page.getByRole('textbox', { name: 'Search the rules' }).fill('pale cast')
  await page.getByRole('group', { name: 'pale cast' }).getByRole('button', { name: 'off' }).click()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Your methods are saved.')).toBeVisible()
  await openPlan(page, 'Dagny Osei-Whitlock')
  await expect(layer(page, /^Set/)).toContainText('Fog Line')
  await expect(layer(page, /^Set/)).toContainText('the agency mists everyone with it')
  await expect(leftOut(page)).not.toContainText('on this depth, by ΔE')
  expect((await request.put('/api/settings', { data: before })).ok()).toBe(true)
})

test('a preview is kept and the day begins as it was; the card prints', async ({ page }) => {
  await openPlan(page, 'Absalom Reyes')
  await page.getByRole('button', { name: 'Keep as preview' }).click()
  await expect(page.getByText('The preview is kept.')).toBeVisible()
  await page.getByRole('button', { name: 'As at the preview' }).click()
  await expect(page.getByText(/\d+ choices of yours held/)).toBeVisible()
  await page.getByRole('navigation', { name: 'Absalom Reyes' }).getByRole('link', { name: 'Card' }).click()
  await page.getByLabel('What to change').fill('less lip')
  await page.getByRole('button', { name: 'Keep these notes' }).click()
  await expect(page.getByRole('button', { name: 'Kept' })).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('button', { name: 'Print or save as PDF' })).toBeHidden()
  await expect(page.getByRole('table')).toBeVisible()
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
})

test('the question sheet is a PDF with fields', async ({ request }) => {
  const answer = await request.get('/api/question-sheet.pdf')
  expect(answer.headers()['content-type']).toBe('application/pdf')
  const body = (await answer.body()).toString('latin1')
  expect(body.startsWith('%PDF-')).toBe(true)
})
