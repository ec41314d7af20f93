import AxeBuilder from '@axe-core/playwright'
import { expect, type APIRequestContext, type Page } from '@playwright/test'
import { aThirdOf } from '../tests/support/share'
import { facesFrom, test } from './ground'
import { firstJob, VIEWS } from './walk'

test.use({ ownTab: true })

/** The main views in three parts, so that none takes longer than a test should; of each, a third with every commit. */
const PARTS: Record<string, (request: APIRequestContext) => readonly string[] | Promise<string[]>> = {
  'the kit': () => VIEWS.filter(view => view.startsWith('/kit')),
  'faces and jobs': async request => {
    const orla = (await facesFrom(request)).find(f => f.name.startsWith('Orla'))!
    return [
      ...['', '?read', '/ask', '/look', '/plan', '/card'].map(room => `/faces/${orla.id}${room}`),
      ...(await firstJob(request)),
    ]
  },
  'all others': () => VIEWS.filter(view => !view.startsWith('/kit')),
}

/** Turns the view that stands to the wings and the chair, as the switches do, without opening it anew. */
async function turn(page: Page): Promise<void> {
  await page.evaluate(() => {
    type App = { _context: { provides: Record<symbol, { change: (name: string) => void }> } }
    const root = document.querySelector('#__nuxt') as Element & { __vue_app__: App }
    root.__vue_app__._context.provides[Symbol.for('vuetify:theme')]!.change('wings')
    const bar = [...document.querySelectorAll('button')]
    bar.find(b => b.textContent?.trim() === 'At the chair')!.click()
  })
  await expect(page.locator('html.chairside .v-theme--wings').first()).toBeAttached()
  await settled(page)
}
async function open(page: Page, view: string) {
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto(view)
  await expect(page.locator('h1').first()).toBeVisible()
  await expect(page.getByRole('progressbar')).toHaveCount(0)
  await settled(page)
}

/** Vuetify fades dialogs in; contrast is only right once they stand. That of the wings is tried on the colours alone, app/theme/contrast.test.ts. */
const settled = (page: Page) =>
  page.waitForFunction(() =>
    document
      .getAnimations()
      .every(a => a.playState !== 'running' || !Number.isFinite(a.effect?.getComputedTiming().endTime)),
  )

/** What axe finds grave, with its place. What a dialog dims behind itself is not there to be read. */
async function grave(page: Page, view: string): Promise<string[]> {
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] })
  if (view.endsWith('?add')) axe.include('.v-overlay--active')
  const { violations } = await axe.analyze()
  return violations
    .filter(v => v.impact === 'serious' || v.impact === 'critical')
    .map(v => `${view} ${v.id}: ${v.nodes.map(n => n.html.slice(0, 160)).join(' | ')}`)
}

/** How much wider than the screen a view is at some width. */
async function tooWide(page: Page, width: number): Promise<number> {
  await page.setViewportSize({ width, height: 844 })
  return page.evaluate(
    () =>
      new Promise<number>(resolve =>
        requestAnimationFrame(() =>
          requestAnimationFrame(() => resolve(Math.max(0, document.documentElement.scrollWidth - innerWidth))),
        ),
      ),
  )
}

/** Pairs of words of two elements that stand in one line with nothing between them: "Netfoundation". */
function touchingWords(): string[] {
  const found: string[] = []
  const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
  let last: { text: string; box: DOMRect } | undefined
  const boxOf = (node: Node, from: number, to: number) => {
    const range = document.createRange()
    range.setStart(node, from)
    range.setEnd(node, to)
    return range.getBoundingClientRect()
  }
  for (let node = texts.nextNode(); node; node = texts.nextNode()) {
    const text = node.textContent ?? ''
    const words = text.trim()
    if (!words || node.parentElement?.closest('script, style, noscript')) continue
    const start = text.indexOf(words[0]!)
    const end = text.trimEnd().length
    const [head, tail] = [boxOf(node, start, start + 1), boxOf(node, end - 1, end)]
    // What is not drawn, or only for those who listen, stands in no line.
    if (head.width === 0 || head.height < 4) continue
    const isWord = (sign: string) => /[\p{L}\p{N}]/u.test(sign)
    if (last && isWord(last.text.at(-1)!) && isWord(words[0]!)) {
      const sameLine = head.top < last.box.bottom - 2 && last.box.top < head.bottom - 2
      const gap = head.left - last.box.right
      if (sameLine && gap > -2 && gap < 2) found.push(`${last.text.slice(-20)}|${words.slice(0, 20)}`)
    }
    last = { text: words, box: tail }
  }
  return found
}

test('a test of words that run together can fail', async ({ page }) => {
  await page.setContent('<p><b>Net</b><span>foundation</span> <i>Black</i> <b>Oak</b></p>')
  expect(await page.evaluate(touchingWords)).toEqual(['Net|foundation'])
})

for (const [part, viewsOf] of Object.entries(PARTS)) {
  test(`axe finds nothing, no words touch, nothing scrolls sideways or is fetched from outside, by day and in the wings: ${part}`, async ({
    page,
    request,
  }) => {
    test.setTimeout(300_000)
    const problems: string[] = []
    page.on('request', r => {
      if (!/^(http:\/\/127\.0\.0\.1|data:|blob:)/.test(r.url())) problems.push(r.url())
    })
    page.on('console', m => {
      if (['error', 'warning'].includes(m.type())) problems.push(m.text())
    })
    page.on('pageerror', e => problems.push(e.message))
    await page.addInitScript(() => localStorage.removeItem('varietas.chairside'))
    for (const view of aThirdOf(await viewsOf(request))) {
      await open(page, view)
      expect(await grave(page, view)).toEqual([])
      expect(await page.evaluate(touchingWords), view).toEqual([])
      for (const width of [1280, 390]) expect(await tooWide(page, width), `${view} at ${width}`).toBe(0)
      await page.setViewportSize({ width: 1280, height: 800 })
      await turn(page)
      expect(await tooWide(page, 390), `${view} at the chair`).toBe(0)
      expect(problems, view).toEqual([])
    }
  })
}

test('the wings are kept with the methods, the chair with the device', async ({ page, request }) => {
  const settings = (await (await request.get('/api/settings')).json()) as object
  expect((await request.put('/api/settings', { data: { ...settings, theme: 'wings' } })).ok()).toBe(true)
  await page.addInitScript(() => localStorage.setItem('varietas.chairside', '{"on":true}'))
  await open(page, '/faces')
  await expect(page.locator('html.chairside .v-theme--wings').first()).toBeAttached()
  expect((await request.put('/api/settings', { data: { ...settings, version: undefined } })).ok()).toBe(true)
})

test('when the server does not answer the page says so and offers to try again', async ({ page }) => {
  await page.route('**/api/kit/shelf', route => route.abort())
  await page.goto('/kit')
  await expect(page.getByRole('alert')).toContainText('The kit could not be opened')
  await page.unroute('**/api/kit/shelf')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.locator('h1')).toContainText('things in')
})
