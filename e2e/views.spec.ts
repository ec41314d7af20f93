import { expect } from '@playwright/test'
import { facesFrom, test } from './ground'
import { firstJob, VIEWS } from './walk'

for (const [width, height, where] of [
  [1280, 800, 'desk'],
  [390, 844, 'desk'],
  [390, 844, 'chair'],
] as const) {
  test(`no view scrolls sideways at ${width}×${height}, at the ${where}`, async ({ page, request }) => {
    test.setTimeout(120_000)
    if (where === 'chair') await page.addInitScript(() => localStorage.setItem('varietas.chairside', '{"on":true}'))
    await page.setViewportSize({ width, height })
    const [face] = await facesFrom(request)
    for (const view of [
      ...VIEWS,
      ...['', '/ask', '/look', '/plan', '/card'].map(room => `/faces/${face!.id}${room}`),
      ...(await firstJob(request)),
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

test('no two words run together on any main view', async ({ page, request }) => {
  test.setTimeout(120_000)
  const faces = await facesFrom(request)
  const orla = faces.find(f => f.name.startsWith('Orla'))!
  // A test that cannot fail is none.
  await page.setContent('<p><b>Net</b><span>foundation</span> <i>Black</i> <b>Oak</b></p>')
  expect(await page.evaluate(touchingWords)).toEqual(['Net|foundation'])
  const rooms = ['', '?read', '/ask', '/look', '/plan', '/card'].map(room => `/faces/${orla.id}${room}`)
  for (const view of [...VIEWS, ...rooms, ...(await firstJob(request))]) {
    await page.goto(view)
    await expect(page.locator('h1').first()).toBeVisible()
    await expect(page.getByRole('progressbar')).toHaveCount(0)
    expect(await page.evaluate(touchingWords), view).toEqual([])
  }
})

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
  await page.route('**/api/kit/shelf', route => route.abort())
  await page.goto('/kit')
  await expect(page.getByRole('alert')).toContainText('The kit could not be opened')
  await page.unroute('**/api/kit/shelf')
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.locator('h1')).toContainText('things in')
})
