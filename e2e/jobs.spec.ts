import { expect, type Page } from '@playwright/test'
import { test } from './ground'

const row = (page: Page, name: string) => page.getByRole('listitem').filter({ hasText: name })

test('a job is written down with what it asks; a face is put on it, moved, and the plan follows', async ({ page }) => {
  await page.goto('/jobs')
  await expect(page.getByTestId('answer')).toHaveText(/^Next: Tidewater Ballroom Championships/)
  await page.getByRole('button', { name: 'Add a job' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('button', { name: 'Write it down' }).click()
  await expect(dialog.getByRole('alert').first()).toContainText('Not saved yet')
  await dialog.getByLabel('Name').fill('Lantern parade')
  await dialog.getByLabel('Day', { exact: true }).fill('2199-06-24')
  await dialog.getByLabel('Place').fill('The quay')
  await dialog.getByRole('button', { name: 'Ask the simulated forecast' }).click()
  await expect(dialog.getByText(/\d °C, \d+ % humid, (rain|dry), by the simulated forecast\./)).toBeVisible()
  await dialog.getByLabel('humid').check()
  await dialog.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByTestId('answer')).toHaveText(/^Lantern parade, Mon 24 Jun/)
  await expect(page.getByText('Nobody is booked yet')).toBeVisible()

  await page.getByRole('combobox', { name: 'Add a face' }).fill('Gwendolen')
  await page.getByRole('option', { name: 'Gwendolen Park-Osman' }).click()
  await page.getByRole('button', { name: 'Put on the job' }).click()
  await expect(row(page, 'Gwendolen Park-Osman')).toBeVisible()
  await page.getByRole('link', { name: 'Gwendolen Park-Osman' }).click()
  await expect(page.getByTestId('answer')).toHaveText(/^Gwendolen, Mon 24 Jun/)
  await expect(page.getByTestId('summary')).toContainText('humid')

  await page.getByRole('link', { name: 'For Lantern parade' }).click()
  await page.getByRole('button', { name: 'Move Gwendolen Park-Osman to another job' }).click()
  await page
    .getByRole('listitem', { name: /Talk at the aquarium/ })
    .or(page.getByText(/^Talk at the aquarium/))
    .first()
    .click()
  await expect(page.getByText('Nobody is booked yet')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(row(page, 'Gwendolen Park-Osman')).toBeVisible()
  await page.getByRole('button', { name: 'Take Gwendolen Park-Osman off the job' }).click()
  await expect(page.getByText('Nobody is booked yet')).toBeVisible()
})

test('what differs that day is for one face alone, and can be as the job again', async ({ page }) => {
  await page.goto('/faces')
  await page.getByRole('link', { name: 'Bosun Ines Halloran' }).click()
  await page.getByRole('navigation', { name: 'Bosun Ines Halloran' }).getByRole('link', { name: 'Plan' }).click()
  await page.getByRole('button', { name: 'Change the day' }).click()
  await page.getByLabel('flash photographs').check()
  await expect(page.getByText(/it is so for Bosun Ines Halloran alone/)).toBeVisible()
  await expect(page.getByTestId('summary')).toContainText('flash')
  await page.getByRole('button', { name: 'As the job' }).click()
  await expect(page.getByTestId('summary')).not.toContainText('flash')
})

test('the history tells what was changed, and takes it back after a reload too', async ({ page }) => {
  await page.goto('/kit?view=table')
  await page.getByRole('button', { name: 'Retire Dune', exact: true }).click()
  await expect(page.getByText('Dune is retired.')).toBeVisible()
  await page.reload()
  await expect(page.getByRole('button', { name: 'Edit Shell Grit' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Edit Dune' })).toHaveCount(0)
  await page.getByRole('button', { name: 'History' }).click()
  const acts = page.getByRole('dialog').getByRole('listitem')
  await expect(acts.first()).toContainText('Dune is retired.')
  await expect(acts.first()).toContainText('Undo: Puts back in use Dune.')
  await acts.first().getByRole('button', { name: /^Undo/ }).click()
  await expect(acts.nth(1)).toContainText('taken back')
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
  await expect(page.getByRole('button', { name: 'Edit Dune' })).toBeVisible()
})

test('two tabs: what was changed in the other is shown beside what was typed here, and nothing is lost', async ({
  page,
  context,
}) => {
  await page.goto('/kit?view=table')
  await page.getByRole('button', { name: 'Edit Reed' }).first().click()
  const here = page.getByRole('dialog')
  // The first field takes the focus once it is in sight.
  const first = (dialog: typeof here) => dialog.locator('input:focus')
  await expect(first(here)).toBeVisible()
  await here.getByLabel('Notes').fill('typed here')

  const other = await context.newPage()
  await other.goto('/kit?view=table')
  await other.getByRole('button', { name: 'Edit Reed' }).first().click()
  await expect(first(other.getByRole('dialog'))).toBeVisible()
  await other.getByRole('dialog').getByLabel('Notes').fill('typed in the other tab')
  await other.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(other.getByText('Reed is changed.')).toBeVisible()

  await here.getByRole('button', { name: 'Save' }).click()
  const clash = here.getByRole('region', { name: 'Changed elsewhere' })
  await expect(clash).toContainText('typed here')
  await expect(clash).toContainText('typed in the other tab')
  await expect(here.getByLabel('Notes')).toHaveValue('typed here')
  await clash.getByRole('button', { name: 'Keep yours' }).click()
  await expect(page.getByText('Reed is changed.')).toBeVisible()
  await page.reload()
  await page.getByRole('button', { name: 'Edit Reed' }).first().click()
  await expect(page.getByRole('dialog').getByLabel('Notes')).toHaveValue('typed here')
})
