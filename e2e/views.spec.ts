import { expect } from '@playwright/test'
import AxeBuilder from '@axe-core/playwright'
import { test } from './ground'

const VIEWS = ['/', '/faces', '/kit', '/kit?add', '/reach', '/buys', '/methods', '/keeping', '/chair'] as const

async function themed(request: import('@playwright/test').APIRequestContext, theme: 'day' | 'wings') {
  const settings = (await (await request.get('/api/settings')).json()) as object
  expect((await request.put('/api/settings', { data: { ...settings, theme } })).ok()).toBe(true)
}

for (const theme of ['day', 'wings'] as const) {
  test(`axe finds nothing serious on any main view, ${theme}`, async ({ page, request }) => {
    test.setTimeout(240_000)
    await themed(request, theme)
    const faces = (await (await request.get('/api/faces')).json()) as { id: string; name: string }[]
    const orla = faces.find(f => f.name.startsWith('Orla'))!
    for (const view of [
      ...VIEWS,
      `/faces/${orla.id}`,
      `/faces/${orla.id}?read`,
      `/faces/${orla.id}/ask`,
      `/faces/${orla.id}/look`,
      `/faces/${orla.id}/plan`,
      `/faces/${orla.id}/card`,
    ]) {
      await page.goto(view)
      await expect(page.locator('h1').first()).toBeVisible()
      await expect(page.getByRole('progressbar')).toHaveCount(0)
      // Vuetify fades dialogs in; contrast is only right once they stand.
      await page.waitForTimeout(400)
      // What a dialog dims behind itself is not there to be read.
      const axe = new AxeBuilder({ page })
      if (view === '/kit?add') axe.include('.v-overlay--active')
      const { violations } = await axe.analyze()
      const grave = violations.filter(v => v.impact === 'serious' || v.impact === 'critical')
      expect(grave.map(v => `${view} ${v.id}: ${v.nodes.map(n => n.html.slice(0, 160)).join(' | ')}`)).toEqual([])
    }
    await themed(request, 'day')
  })
}

for (const [width, height, where] of [
  [1280, 800, 'desk'],
  [390, 844, 'desk'],
  [390, 844, 'chair'],
] as const) {
  test(`no view scrolls sideways at ${width}×${height}, at the ${where}`, async ({ page, request }) => {
    if (where === 'chair') await page.addInitScript(() => localStorage.setItem('varietas.chairside', '{"on":true}'))
    await page.setViewportSize({ width, height })
    const [face] = (await (await request.get('/api/faces')).json()) as { id: string }[]
    for (const view of [
      ...VIEWS,
      ...['', '/ask', '/look', '/plan', '/card'].map(room => `/faces/${face!.id}${room}`),
    ]) {
      await page.goto(view)
      await expect(page.locator('h1').first()).toBeVisible()
      await expect(page.getByRole('progressbar')).toHaveCount(0)
      expect(await page.evaluate(() => document.documentElement.classList.contains('chairside'))).toBe(
        where === 'chair',
      )
      expect(await page.evaluate(() => document.documentElement.scrollWidth), view).toBeLessThanOrEqual(width)
    }
  })
}

test('nothing is fetched from outside and the console stays clean', async ({ page }) => {
  const outside: string[] = []
  const problems: string[] = []
  page.on('request', r => {
    if (!/^(http:\/\/127\.0\.0\.1|data:|blob:)/.test(r.url())) outside.push(r.url())
  })
  page.on('console', m => {
    if (['error', 'warning'].includes(m.type())) problems.push(m.text())
  })
  page.on('pageerror', e => problems.push(e.message))
  for (const view of VIEWS) {
    await page.goto(view)
    await expect(page.getByRole('progressbar')).toHaveCount(0)
  }
  expect(outside).toEqual([])
  expect(problems).toEqual([])
})

test('when the server does not answer the page says so and offers to try again', async ({ page }) => {
  await page.route('**/api/kit', route => route.abort())
  await page.goto('/kit')
  await expect(page.getByRole('alert')).toContainText('The kit could not be opened')
  await page.unroute('**/api/kit')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.locator('h1')).toContainText('bottles to work with')
})
