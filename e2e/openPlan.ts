import { expect, type Locator, type Page } from '@playwright/test'

export const layer = (page: Page, name: string | RegExp) =>
  page.getByRole('listitem').filter({ has: page.getByRole('button', { name }) })
export const leftOut = (page: Page) => page.getByRole('region', { name: 'Left out' })

/** Goes to the plan of a face and unfolds everything that was left out. */
export async function openPlan(page: Page, name: string): Promise<void> {
  await page.goto('/faces')
  await page.getByRole('link', { name }).click()
  await page.getByRole('navigation', { name }).getByRole('link', { name: 'Plan' }).click()
  await expect(page.getByTestId('summary')).toHaveText(/\d+ layers?, \d+ minutes/)
  const more = leftOut(page).getByRole('button', { name: /^\d+ more$/ })
  if ((await more.count()) > 0) await more.click()
}

/** Takes one of a list. On a busy machine a list that is only just open lets a click pass now and then: it is clicked again. */
export async function pick(field: Locator, option: Locator, typed = ''): Promise<void> {
  await expect(async () => {
    if (!(await option.isVisible())) {
      await field.click()
      if (typed) await field.fill(typed)
    }
    await option.click({ timeout: 2000 })
    await expect(option).toBeHidden({ timeout: 2000 })
  }).toPass()
}
