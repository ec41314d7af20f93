import { expect, type Page } from '@playwright/test'

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
