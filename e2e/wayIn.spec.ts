import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'
import { newFolder, serve, test } from './ground'
import { ready } from '../tests/served/server'

/* The way in: from an empty database to a first answer and a first plan, with as few acts as an artist has patience for. */

const axe = async (page: Page) => (await new AxeBuilder({ page }).analyze()).violations.map(v => v.id)

/** An empty database of this test's own, at its first page. */
async function emptyStart(page: Page): Promise<string> {
  const served = await serve(newFolder())
  await ready(served)
  await page.goto(served.url)
  await expect(page.locator('h1')).toHaveText('What is in your kit?')
  return served.url
}

const OWNED = `BASE
silicone skin tint 02 04 06 08 10 12, 30 ml each, 04 nearly empty
concealer light, medium, deep
powder translucent
PREP
moisturiser, oil free
make-up remover 200 ml
EYES
palette of browns, 6 pans
black mascara, brow pencil taupe
LIPS
3 nude lipsticks, lip balm
mascara wands x50, cotton buds, hand gel`

test('from an empty start to whom the kit matches in four acts, and to a planned face in seventeen', async ({
  page,
}) => {
  await emptyStart(page)
  const began = Date.now()
  let acts = 0
  const act = async (done: Promise<unknown>) => {
    acts++
    await done
  }
  const press = (name: string | RegExp) => act(page.getByRole('button', { name }).click())
  const go = (name: string) => act(page.getByRole('link', { name }).click())
  await press('Paste a list')
  await act(page.getByLabel('Your list').fill(OWNED))
  await press('Read it')
  await press(/^Put \d+ things in the kit$/)
  const answer = page.getByTestId('answer')
  await expect(answer).toHaveText(/^Your kit matches (\d+) of 92 skins\.$/)
  const first = Number(/\d+/.exec(await answer.innerText())![0])
  expect(first).toBeGreaterThan(5)
  expect(acts).toBeLessThanOrEqual(15)
  expect(Date.now() - began).toBeLessThan(180_000)

  // The deepest was laid too deep: it is put right, and those between follow.
  const next = page.getByRole('complementary', { name: 'The next step' })
  await expect(next).toContainText('6 foundations sit where a word or a guess puts them.')
  await press('Put them right')
  const shade = (name: string) => page.getByRole('slider', { name, exact: true })
  const before = Number(await shade('06').getAttribute('aria-valuenow'))
  await act(shade('12').press('PageDown'))
  expect(Number(await shade('06').getAttribute('aria-valuenow'))).toBeLessThan(before)
  await press('Save where they sit')
  await expect(page.getByText('6 bottles are changed.')).toBeVisible()
  await go('See whom it matches')
  await expect(answer).toHaveText(/^This kit matches \d+ of 92 skins\.$/)
  await go('Add a face')
  await act(page.getByLabel('Name').fill('Wren Okonjo-Falk'))
  await press('Add and read the skin')
  await act(page.getByRole('group', { name: 'Bottles' }).getByRole('button').nth(2).click())
  await press('same depth')
  await press('same hue')
  await press('Keep this reading')
  await expect(answer).toHaveText(/Wren can be matched/)
  await go('See the plan')
  await expect(page.getByText(/\d+ layers, /)).toBeVisible({ timeout: 30_000 })
  expect(acts).toBeLessThanOrEqual(17)
  expect(Date.now() - began).toBeLessThan(360_000)
  await expect(next).toContainText('The next job.')
  // No sum of hers is there that she did not say.
  await expect(page.getByRole('link', { name: /^Budget/ })).toHaveCount(0)
  await page.goto(new URL('/buys', page.url()).href)
  await expect(page.locator('h1')).toHaveText('How much may it cost?')
  await expect(page.getByLabel('Budget', { exact: true })).toHaveValue('')
})

test('a standard list is ticked, its shades are put where they sit, and what is missing follows from it', async ({
  page,
}) => {
  await emptyStart(page)
  expect(await axe(page)).toEqual([])
  await page.getByRole('button', { name: 'Ceremony kit' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('button', { name: 'Put 0 things in the kit' })).toBeDisabled()
  await dialog.getByRole('checkbox', { name: 'Golden foundation 30 ml' }).check()
  await dialog.getByLabel('Shades').fill('4')
  const strip = dialog.getByRole('group', { name: 'Depths of golden foundation 30 ml' })
  await expect(strip.getByRole('slider')).toHaveCount(4)
  await strip.getByRole('slider', { name: '4' }).press('PageDown')
  await expect(strip.getByRole('slider', { name: '4' })).toHaveAttribute('aria-valuenow', '10.5')
  await dialog.getByRole('region', { name: 'Lash' }).getByRole('button', { name: 'Tick all' }).click()
  await dialog.getByRole('button', { name: 'silicone' }).click()
  expect(await axe(page)).toEqual([])
  // What was ticked is there again after a reload.
  await page.reload()
  await page.getByRole('button', { name: 'Ceremony kit' }).click()
  await expect(dialog.getByRole('checkbox', { name: 'Golden foundation 30 ml' })).toBeChecked()
  await dialog.getByRole('button', { name: /^Put \d+ things in the kit$/ }).click()
  await expect(page.getByTestId('answer')).toHaveText(/^Your kit matches \d+ of 92 skins\.$/)
  await page.goto(new URL('/kit/gaps', page.url()).href)
  await page.getByRole('button', { name: 'Ceremony kit' }).click()
  const missing = page.getByRole('region', { name: 'Missing' })
  await expect(missing).toContainText('A lip that stays on')
  await expect(missing).not.toContainText('A mascara that holds through tears')
})

test('round the demo and back, and nothing of it is in her own kit', async ({ page }) => {
  const own = await emptyStart(page)
  await page.getByRole('button', { name: 'Open the demo' }).click()
  await expect(page.getByText('This is the demo.')).toBeVisible({ timeout: 60_000 })
  expect(new URL(page.url()).port).not.toBe(new URL(own).port)
  await expect(page.locator('h1')).toHaveText(/things? to decide/, { timeout: 30_000 })
  await page.getByRole('link', { name: 'Kit', exact: true }).click()
  await expect(page.locator('h1')).toHaveText(/^\d+ things in/)
  await page.getByRole('link', { name: 'Back to your own kit' }).click()
  await expect(page.locator('h1')).toHaveText('What is in your kit?')
  // There again it is at once, since it has not ended meanwhile.
  await page.getByRole('button', { name: 'Open the demo' }).click()
  await expect(page.getByText('This is the demo.')).toBeVisible()
  // The demo has no demo of its own.
  expect((await page.request.post(new URL('/api/demo', page.url()).href)).status()).toBe(409)
})
