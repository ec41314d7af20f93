import { expect } from '@playwright/test'
import AxeBuilder from '@axe-core/playwright'
import { layer, leftOut, openPlan } from './openPlan'
import { facesFrom, test } from './ground'

test.describe.configure({ mode: 'serial' })

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
  await expect(layer(page, /^Lip care(?!,)/)).not.toContainText('Cove Balm')
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
  await layer(page, /^Foundation/)
    .getByRole('button', { name: /^Foundation/ })
    .click()
  await layer(page, /^Foundation/)
    .getByRole('button', { name: /^Barley$/ })
    .click()
  await expect(layer(page, /^Foundation/)).toContainText('held')
  await layer(page, /^Primer/)
    .getByRole('button', { name: /^Primer/ })
    .click()
  await layer(page, /^Primer/)
    .getByRole('button', { name: 'Slip Smooth' })
    .click()
  await expect(page.getByText(/Seam over Slip Smooth:.*water over silicone may roll or separate/)).toBeVisible()
  await expect(page.getByTestId('summary')).toContainText('1 seam to mind')
})

test('burnt skin: disposables only, and no colour on it', async ({ page }) => {
  await openPlan(page, 'Mirela Stroud-Ito')
  await expect(layer(page, /^Foundation/)).toContainText('disposable sponge or bud, thrown away after')
  await expect(leftOut(page)).toContainText('cheeks are broken or sunburnt: the area is left bare')
  await expect(layer(page, /^Cheek/)).toHaveCount(0)
})

test('the "clear" powder would go grey on a deep face', async ({ page }) => {
  await openPlan(page, 'Nkechi Lindqvist')
  await expect(leftOut(page)).toContainText(/Clear Day.*turns (grey|pale) on this depth, by ΔE/)
  await expect(layer(page, /^Powder/)).toContainText('Deep Sand')
})

test('what is asked changes the plan; a plan is kept, used, and stands on the card', async ({ page }) => {
  await openPlan(page, 'Harumi Castellane')
  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Ask' }).click()
  await page.locator('[data-area="forehead"]').focus()
  await page.keyboard.press('ArrowDown')
  await expect(page.locator('[data-area="nose"]')).toBeFocused()
  await page.getByRole('button', { name: 'textured' }).click()
  await page.getByLabel('Reacts to').fill('cochineal')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/Rosehip.*stays? away/)).toBeVisible()
  await page.getByRole('button', { name: 'Keep these answers' }).click()
  await expect(page.getByRole('button', { name: 'All kept' })).toBeVisible()

  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Plan' }).click()
  await expect(page.getByTestId('answer')).toHaveText(/open pores/)
  await expect(layer(page, /^Primer/)).toContainText('fills pores')
  await expect(layer(page, /^Cheek/)).not.toContainText('Rosehip')
  await page.getByRole('button', { name: 'Keep this plan' }).click()
  await expect(page.getByText('The plan of Harumi Castellane is kept.')).toBeVisible()

  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Card' }).click()
  await page.getByRole('button', { name: 'It was used like this' }).click()
  await expect(page.getByTestId('answer')).toHaveText('Harumi Castellane: what was used.')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as JSON' }).click()
  expect((await download).suggestedFilename()).toBe('harumi-castellane-card.json')
  await page.getByLabel('What to change').fill('less at the lash line')
  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Look' }).click()
  await page.getByLabel('How they want to look').fill('soft, seen from the third row')
  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Card' }).click()
  await expect(page.getByLabel('What to change')).toHaveValue('less at the lash line')
  await page.reload()
  await expect(page.getByLabel('What to change')).toHaveValue('less at the lash line')
  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Look' }).click()
  await expect(page.getByLabel('How they want to look')).toHaveValue('soft, seen from the third row')
  await page.getByRole('navigation', { name: 'Harumi Castellane' }).getByRole('link', { name: 'Card' }).click()
  await page.getByRole('button', { name: 'for Harumi' }).click()
  await expect(page.getByTestId('answer')).toHaveText('Harumi, this is what was used on you.')
  await expect(page.getByRole('columnheader', { name: 'Why' })).toHaveCount(0)
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

test('a house rule and a rule switched off change the plan; both are kept with the methods', async ({
  page,
  request,
}) => {
  const before = (await (await request.get('/api/settings')).json()) as object
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
  await expect(page.getByText('Your methods are changed.')).toBeVisible()
  await openPlan(page, 'Dagny Osei-Whitlock')
  await expect(layer(page, /^Set/)).toContainText('Fog Line')
  await expect(layer(page, /^Set/)).toContainText('the agency mists everyone with it')
  await expect(leftOut(page)).not.toContainText('on this depth, by ΔE')
  expect((await request.put('/api/settings', { data: { ...before, version: undefined } })).ok()).toBe(true)
})

test('a preview is kept and the day begins as it was; the card prints', async ({ page }) => {
  await openPlan(page, 'Absalom Reyes')
  await page.getByRole('button', { name: 'Keep as preview' }).click()
  await expect(page.getByText(/The preview of .* is kept\./)).toBeVisible()
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

test('at the chair: a walk-up in five questions, read, and the plan one layer at a time on a phone', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto('/faces')
  await page.getByRole('link', { name: 'A walk-up' }).click()
  await page.getByRole('button', { name: 'At the chair' }).click()
  await page.getByRole('button', { name: 'as if nothing were there' }).click()
  await page.getByRole('button', { name: 'Next' }).click()
  await expect(page.getByTestId('answer')).toBeFocused()
  await page.getByRole('combobox', { name: /Reacts to/ }).fill('lanolin')
  await page.getByRole('combobox', { name: /Reacts to/ }).press('Enter')
  // A phone put away in between forgets nothing.
  await page.reload()
  await page.getByRole('button', { name: 'Next' }).click()
  await expect(page.getByText('lanolin', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Next' }).click()
  await page.getByRole('button', { name: 'oily' }).click()
  await page.getByRole('button', { name: 'broken' }).click()
  await expect(page.getByText(/Disposables only, and keep off the sore places/)).toBeVisible()
  await page.getByRole('button', { name: 'Next' }).click()
  await page.getByRole('button', { name: 'Next' }).click()
  await page.getByRole('button', { name: 'Read the skin' }).click()
  await page.getByRole('button', { name: 'typed' }).click()
  await page.getByLabel('L*').fill('60')
  await page.getByLabel('a*').fill('11')
  await page.getByLabel('b*').fill('18')
  await page.getByRole('button', { name: 'Keep this reading' }).click()
  await expect(page.getByTestId('answer')).toHaveText(/Walk-up can be matched/)
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  const step = page.getByTestId('step')
  await expect(step).toBeVisible()
  const first = await step.innerText()
  await page.getByRole('button', { name: /^(It is on|Done); next$/ }).click()
  await expect(step).toBeFocused()
  expect(await step.innerText()).not.toBe(first)
  await page.reload()
  await expect(step).not.toHaveText(first)
  await page.getByRole('button', { name: 'Back' }).click()
  await expect(step).toHaveText(first)
  const onward = page.getByRole('button', { name: /^(It is on|Done); next$/ })
  for (let i = 0; i < 40 && (await onward.count()) > 0; i++) await onward.click()
  await expect(step).toHaveText('Everything is on.')
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
  const plain = await new AxeBuilder({ page }).analyze()
  expect(plain.violations).toEqual([])
})

test('what a plan misses is bought where it suits this face', async ({ page, request }) => {
  const nkechi = (await facesFrom(request)).find(f => f.name.startsWith('Nkechi'))!
  const { bookings } = (await (await request.get(`/api/faces/${nkechi.id}`)).json()) as {
    bookings: { id: string; version: number }[]
  }
  const data = { ...bookings[0]!, differs: { limbs: 2 } }
  expect((await request.put(`/api/bookings/${bookings[0]!.id}`, { data })).ok()).toBe(true)
  await openPlan(page, nkechi.name)
  const missing = page.getByRole('region', { name: 'Missing' })
  await expect(missing).toHaveText(/Body.*2 limbs to be made up/)
  await missing.getByRole('button', { name: /^List Shore Deep, 29\.00/ }).click()
  await expect(missing.getByText('Shore Deep is on its way.')).toBeVisible()
  await page.goto('/buys')
  await expect(page.getByText(/For Nkechi.*2 limbs to be made up/)).toBeVisible()
})
