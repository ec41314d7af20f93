import type { Locator } from '@playwright/test'

/** Opens the list of a field and takes one of it. */
export async function pick(field: Locator, option: Locator, typed = ''): Promise<void> {
  await field.click()
  if (typed) await field.fill(typed)
  await option.click()
}
