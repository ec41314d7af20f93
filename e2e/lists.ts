import { expect, type Locator } from '@playwright/test'

/** Takes one of an open list. On a busy machine a list that is only just open lets a click pass now and then: it is clicked again. */
export async function take(option: Locator): Promise<void> {
  await expect(option).toBeVisible()
  await expect(async () => {
    if (await option.isVisible()) await option.click({ timeout: 2000 })
    await expect(option).toBeHidden({ timeout: 2000 })
  }).toPass()
}

/** Opens the list of a field and takes one of it. */
export async function pick(field: Locator, option: Locator, typed = ''): Promise<void> {
  await field.click()
  if (typed) await field.fill(typed)
  await take(option)
}
