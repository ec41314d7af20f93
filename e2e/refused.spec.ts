import { expect, type Page } from '@playwright/test'
import { test } from './ground'

/* What a refusal leaves as it was, and presses that go where they are meant to. */

const jobNamed = async (page: Page, name: string) =>
  ((await (await page.request.get('/api/jobs')).json()) as { id: string; name: string }[]).find(j =>
    j.name.startsWith(name),
  )!

for (const [how, refuse] of [
  [
    'the connection breaks',
    (page: Page, path: string) =>
      page.route(path, route => (route.request().method() === 'GET' ? route.fallback() : route.abort())),
  ],
  [
    'the disk is full',
    (page: Page, path: string) =>
      page.route(path, route =>
        route.request().method() === 'GET'
          ? route.fallback()
          : route.fulfill({
              status: 507,
              json: { error: { code: 'no-room', message: 'There is no room left on the disk.', issues: [] } },
            }),
      ),
  ],
] as const)
  test(`a wrap that is refused because ${how} stays as it was typed, and one more press says the same`, async ({
    page,
  }) => {
    const { id } = await jobNamed(page, 'Ferry')
    await page.goto(`/jobs/${id}/wrap`)
    const first = page.getByRole('region', { name: 'Who was made up' }).getByRole('checkbox').first()
    await first.uncheck()
    await page.getByLabel('What to know next time').fill('the second face cancelled')
    await refuse(page, '**/api/jobs/*/wrap')
    await page.getByRole('button', { name: 'Close the job' }).click()
    await expect(page.getByText(/does not answer|no room left/).first()).toBeVisible()
    await expect(first).not.toBeChecked()
    await expect(page.getByLabel('What to know next time')).toHaveValue('the second face cancelled')
    await expect(page.getByRole('button', { name: 'Close the job' })).toBeVisible()
    await page.reload()
    await expect(first).not.toBeChecked()
    await page.unroute('**/api/jobs/*/wrap')
    await page.getByRole('button', { name: 'Close the job' }).click()
    await expect(page.getByTestId('answer')).toHaveText(/^Closed/)
    const { wrap } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
      wrap: { notDone: string[]; notes: string }
    }
    expect(wrap.notDone).toHaveLength(1)
    expect(wrap.notes).toBe('the second face cancelled')
    await page.getByRole('button', { name: 'Undo' }).click()
    await expect(page.getByRole('button', { name: 'All as planned' })).toBeVisible()
  })

test('a quote that is refused keeps what was typed', async ({ page }) => {
  const { id } = await jobNamed(page, 'Ferry')
  await page.goto(`/jobs/${id}/quote`)
  await page.getByLabel('Client', { exact: true }).fill('The harbour office')
  await page.route('**/api/jobs/*/quote', route =>
    route.request().method() === 'PUT' ? route.abort() : route.fallback(),
  )
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('The server does not answer').first()).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Client', { exact: true })).toHaveValue('The harbour office')
})

test('a form whose answer was lost is sent again and made once', async ({ page }) => {
  await page.goto('/faces')
  await page.getByRole('button', { name: 'Add a face' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name').fill('Ilse Sent-Twice')
  // The server does it, and its answer is lost on the way.
  await page.route('**/api/faces', async route => {
    if (route.request().method() !== 'POST') return route.fallback()
    await route.fetch()
    await route.abort()
  })
  const save = dialog.getByRole('button', { name: /^Add|^Save|^Write/ })
  await save.click()
  await expect(page.getByText('The server does not answer').first()).toBeVisible()
  await page.unroute('**/api/faces')
  await save.click()
  await expect(dialog).toBeHidden()
  const { lines } = (await (await page.request.get('/api/faces?q=Sent-Twice')).json()) as { lines: unknown[] }
  expect(lines).toHaveLength(1)
})

/** Presses, in the page, in the very frame in which something can first be seen; says what it hit. */
const pressWhenSeen = (page: Page, selector: string) =>
  page.evaluate(
    wanted =>
      new Promise<string>(resolve => {
        const look = () => {
          const seen = [...document.querySelectorAll<HTMLElement>(wanted)].find(e => {
            const { width, height } = e.getBoundingClientRect()
            return width > 0 && height > 0 && getComputedStyle(e).visibility === 'visible'
          })
          if (!seen) return void requestAnimationFrame(look)
          const box = seen.getBoundingClientRect()
          const hit = document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2)
          resolve(hit && seen.contains(hit) ? 'it' : `${hit?.tagName} ${hit?.className}`)
        }
        look()
      }),
    selector,
  )

test('what has just opened takes a press in the first frame in which it can be seen', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' })
  const press = async (open: () => Promise<unknown>, selector: string) => {
    const hit = pressWhenSeen(page, selector)
    await open()
    expect(await hit).toBe('it')
    await page.keyboard.press('Escape')
    await expect(page.locator(selector).filter({ visible: true })).toHaveCount(0)
  }
  await page.goto('/kit')
  await press(() => page.getByRole('button', { name: 'More', exact: true }).click(), '.v-overlay__content .v-list-item')
  await page.goto('/jobs')
  await press(() => page.getByRole('button', { name: 'Add a job' }).click(), '.v-overlay__content input')
  const { id } = await jobNamed(page, 'Ferry')
  await page.goto(`/jobs/${id}/wrap`)
  await page.getByText('Something went wrong on somebody').click()
  await press(() => page.getByRole('combobox', { name: 'On whom' }).click({ force: true }), '[role=option]')
  await press(() => page.getByRole('combobox', { name: 'What of' }).click(), '[role=option]')
})
