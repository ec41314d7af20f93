import { expect } from '@playwright/test'
import { test } from './ground'

test.use({ ownTab: true })

test('an answer that does not come is named after a while, asking again opens the page, and the late answer changes nothing', async ({
  page,
}) => {
  let held = 0
  const waiting: (() => Promise<void>)[] = []
  await page.clock.install()
  await page.route('**/api/jobs', route => {
    if (held++ > 0) return route.continue()
    return new Promise<void>(resolve => {
      waiting.push(async () => {
        await route.fulfill({ status: 503, json: { error: { code: 'busy', message: 'too late', issues: [] } } })
        resolve()
      })
    })
  })
  await page.goto('/jobs')
  await expect(page.getByText('Opening the kit …')).toBeVisible()
  // Everything else has come.
  await expect.poll(() => waiting.length).toBe(1)
  await page.clock.runFor(6000)
  await expect(page.getByText('The server has not answered yet about the jobs.')).toBeVisible()
  await page.getByRole('button', { name: 'Try again' }).click()
  await page.clock.runFor(2000)
  await expect(page.getByTestId('answer')).toHaveText(/^Next:/)
  await waiting[0]!()
  await page.clock.runFor(2000)
  await expect(page.getByTestId('answer')).toHaveText(/^Next:/)
})
