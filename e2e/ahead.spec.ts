import { expect } from '@playwright/test'
import { test } from './ground'

test('what runs out is ordered, what is past its day retired, and what is open since nobody knows when is asked for', async ({
  page,
  request,
}) => {
  await page.goto('/kit')
  await page.getByRole('link', { name: 'What ends' }).click()
  const out = page.getByRole('region', { name: 'Runs out' })
  const tin = out.getByRole('listitem').filter({ hasText: 'Toffee Tin' })
  await expect(tin).toContainText('order now')
  await tin.getByRole('button', { name: 'Put Toffee Tin on the purchase list' }).click()
  await expect(tin).toContainText('On the purchase list')
  const ends = page.getByRole('region', { name: 'Ends' })
  await ends.getByRole('button', { name: 'Retire Reed black' }).click()
  await expect(ends.getByRole('listitem').filter({ hasText: 'Reed black' })).toHaveCount(0)

  const things = [{ line: 'mascara midnight half full', kind: 'mascara', name: 'Midnight', level: 0.5, count: 1 }]
  expect((await request.post('/api/things/list', { data: { things } })).ok()).toBe(true)
  await page.reload()
  const worth = page.getByRole('region', { name: 'Worth knowing' })
  await expect(worth).toContainText('Midnight')
  await worth.getByRole('button', { name: 'Midnight: opened 6 months ago' }).click()
  await expect(worth).not.toContainText('Midnight')
  await expect(ends.getByRole('listitem').filter({ hasText: 'Midnight' })).toContainText('past since')
})

test('what nobody has told is asked for only where a plan would change, and telling it is one tap', async ({
  page,
  request,
}) => {
  const dune = ((await (await request.get('/api/kit?q=Barley&kind=foundation')).json()) as { lines: { id: string }[] })
    .lines[0]!
  const before = (await (await request.get(`/api/kit/${dune.id}`)).json()) as { version: number; traits: object }
  const unknown = { ...before, traits: { ...before.traits, wearHours: null } }
  expect((await request.put(`/api/kit/${dune.id}`, { data: unknown })).ok()).toBe(true)
  await page.goto('/kit/ahead')
  const worth = page.getByRole('region', { name: 'Worth knowing' })
  await worth.getByRole('button', { name: 'What would change a plan' }).click()
  await expect(worth.getByRole('button', { name: 'Stop' })).toBeVisible()
  await expect(worth).toContainText(/faces? looked at/, { timeout: 90_000 })
  await expect(worth.getByRole('button', { name: 'Look again' })).toBeVisible({ timeout: 90_000 })
  const answer = worth.getByRole('button', { name: /how long it lasts: 8 hours/ }).first()
  await answer.click()
  await expect(page.getByText(/is changed/).first()).toBeVisible()
})

test('a core kit, a variant of it, and packing by it', async ({ page }) => {
  await page.goto('/kit/lists')
  await page.getByRole('button', { name: 'What is along now is the core' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Core kit')
  await page.getByRole('button', { name: 'A variant of the core' }).click()
  await page.getByLabel('Called').fill('Screen day')
  await page.getByRole('button', { name: 'Make it' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Screen day')
  await page.getByRole('button', { name: 'One Keel fewer' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('along for nothing')
  await page.getByLabel('Add to the list').fill('Ring')
  await page.getByRole('option', { name: /Ring light/ }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Ring light' })).toContainText('more than the core')
  await page.getByRole('button', { name: 'Pack by it' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('packed as it should be')
  await page.getByRole('button', { name: 'Core kit', exact: true }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Keel' })).toContainText('to come')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'Keel' })).not.toContainText('to come')
})

test('some is decanted with its label, a dried pot is revived, and several things are changed at once', async ({
  page,
}) => {
  await page.goto('/kit?view=table')
  await page.getByRole('textbox', { name: 'Search the kit' }).fill('Harbour Cream')
  await page.getByRole('link', { name: 'Harbour Cream' }).click()
  await page.getByRole('button', { name: 'Decant', exact: true }).click()
  const form = page.getByRole('dialog', { name: 'Decant' })
  await form.getByLabel('How many vessels').fill('2')
  await form.getByLabel(/Into each/).fill('5')
  await expect(form).toContainText('stay where they are')
  await form.getByRole('button', { name: 'Decant and label' }).click()
  await expect(page.getByRole('dialog', { name: 'Labels' })).toContainText('2')
  await page.keyboard.press('Escape')

  await page.goto('/kit?view=table')
  await page.getByRole('textbox', { name: 'Search the kit' }).fill('Rope Line black')
  await page.getByRole('link', { name: 'Rope Line black' }).click()
  const dried = page.getByRole('region', { name: 'If it has dried' })
  await dried.getByRole('button', { name: 'Rope Line black is revived' }).click()
  await expect(dried).toContainText('it was revived once')
  await expect(dried).toContainText('This is the last time')

  await page.goto('/kit?view=table')
  await page.getByRole('textbox', { name: 'Search the kit' }).fill('Last Bell')
  await page.getByLabel('Choose Last Bell Brick').check()
  await page.getByRole('button', { name: 'Change', exact: true }).click()
  await page.getByRole('checkbox', { name: 'Limited or discontinued' }).check()
  await page.getByRole('button', { name: 'Change them' }).click()
  await expect(page.getByText('One thing is changed together.')).toBeVisible()
  await page.getByRole('link', { name: 'Last Bell Brick' }).click()
  await expect(page.getByRole('region', { name: 'How long it lasts' })).toContainText('nearest to it')
})
