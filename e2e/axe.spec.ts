import { expect } from '@playwright/test'
import AxeBuilder from '@axe-core/playwright'
import { facesFrom, test } from './ground'
import { firstJob, VIEWS } from './walk'

async function themed(request: import('@playwright/test').APIRequestContext, theme: 'day' | 'wings') {
  const settings = (await (await request.get('/api/settings')).json()) as object
  expect((await request.put('/api/settings', { data: { ...settings, theme } })).ok()).toBe(true)
}

for (const theme of ['day', 'wings'] as const) {
  test(`axe finds nothing serious on any main view, ${theme}`, async ({ page, request }) => {
    test.setTimeout(240_000)
    await themed(request, theme)
    const faces = await facesFrom(request)
    const orla = faces.find(f => f.name.startsWith('Orla'))!
    for (const view of [
      ...VIEWS,
      `/faces/${orla.id}`,
      `/faces/${orla.id}?read`,
      `/faces/${orla.id}/ask`,
      `/faces/${orla.id}/look`,
      `/faces/${orla.id}/plan`,
      `/faces/${orla.id}/card`,
      ...(await firstJob(request)),
    ]) {
      await page.goto(view)
      await expect(page.locator('h1').first()).toBeVisible()
      await expect(page.getByRole('progressbar')).toHaveCount(0)
      // Vuetify fades dialogs in; contrast is only right once they stand.
      await page.waitForFunction(() =>
        document
          .getAnimations()
          .every(a => a.playState !== 'running' || !Number.isFinite(a.effect?.getComputedTiming().endTime)),
      )
      // What a dialog dims behind itself is not there to be read.
      const axe = new AxeBuilder({ page })
      if (view.endsWith('?add')) axe.include('.v-overlay--active')
      const { violations } = await axe.analyze()
      const grave = violations.filter(v => v.impact === 'serious' || v.impact === 'critical')
      expect(grave.map(v => `${view} ${v.id}: ${v.nodes.map(n => n.html.slice(0, 160)).join(' | ')}`)).toEqual([])
    }
    await themed(request, 'day')
  })
}
