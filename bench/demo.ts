import { rmSync } from 'node:fs'
import { chromium, type Page } from '@playwright/test'
import type { FacePage } from '#shared/records/people/clientele'
import { ready, start, stop, temporaryFolder } from '../tests/served/server'
import { linesOfLists } from '../tests/support/wholeLists'
import { BROWSER } from '../tests/support/browser'
import { endlessMatch, thirtyOffers } from '../tests/support/heavyQuestions'

/* The demo as an artist has it before her: how long a match and a plan take, asked from a page in the browser. */

const BOUND_MS = 150
// Two of sixty a second: one may fall out where something else takes the processor.
const LONGEST_FRAME_MS = 34
const LONGEST_SHOWN_MS = 300
const ROUNDS = 5

const folder = temporaryFolder()
const served = await start(folder, { env: { VARIETAS_DEMO: '1' }, frugal: true })
await ready(served, 120_000)
const browser = await chromium.launch(BROWSER)
try {
  const page = await browser.newPage()
  await page.goto(`${served.url}/faces`)
  const { lines } = (await (await fetch(`${served.url}/api/faces?limit=100`)).json()) as FacePage
  const ids = lines.filter(f => f.lab !== null).map(f => f.id)
  const timesOf = (what: 'bases' | 'plan') =>
    page.evaluate(
      async ({ what, ids, rounds }) => {
        const times: number[] = []
        for (let round = 0; round <= rounds; round++)
          for (const id of ids) {
            const from = performance.now()
            const answer = await fetch(`/api/faces/${id}/${what}`, {
              method: 'POST',
              headers: { 'content-type': 'application/json' },
              body: '{}',
            })
            await answer.json()
            // The first round is that of the morning.
            if (round > 0) times.push(performance.now() - from)
          }
        return times.sort((x, y) => x - y)
      },
      { what, ids, rounds: ROUNDS },
    )
  for (const [name, what] of [
    ['match', 'bases'],
    ['plan', 'plan'],
  ] as const) {
    const times = await timesOf(what)
    const p95 = times[Math.ceil(times.length * 0.95) - 1]!
    const median = times[Math.floor(times.length / 2)]!
    console.log(
      `Demo, ${name}: median ${median.toFixed(0)} ms, 95 of 100 below ${p95.toFixed(0)} ms (promised ${BOUND_MS}${p95 > BOUND_MS ? ': MISSED' : ''}), ${times.length} asked from a page.`,
    )
  }
  const asked = async (path: string, body: object) => {
    const from = performance.now()
    await (
      await fetch(`${served.url}${path}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      })
    ).arrayBuffer()
    return performance.now() - from
  }
  const say = (what: string, ms: number, bound: number) =>
    console.log(`Demo, ${what}: ${ms.toFixed(0)} ms (promised ${bound}${ms > bound ? ': MISSED' : ''}).`)
  const list = (many: number) => asked('/api/compute/list', { lines: linesOfLists(many) })
  console.log(`Demo, the first list of 150 lines after a start: ${(await list(150)).toFixed(0)} ms.`)
  say('a list of 150 lines', await list(150), 200)
  say('a list of 2 000 lines', await list(2000), 2000)
  const frames = await framesWhileReading(
    await browser.newPage({ serviceWorkers: 'block' }),
    served.url,
    linesOfLists(2000).join('\n'),
  )
  say('95 of 100 frames of a page that reads 2 000 lines', frames.whileReading, LONGEST_FRAME_MS)
  say('the longest frame when they are shown', frames.whenShown, LONGEST_SHOWN_MS)
  say('30 offers proven', await asked('/api/compute/buy', thirtyOffers(20_000)), 3000)
  const scripts = Array.from({ length: 4 }, () => asked('/api/compute/match', endlessMatch(4000)))
  say('a plan while four of the heaviest questions are under way', await asked(`/api/faces/${ids[0]}/plan`, {}), 2500)
  await Promise.all(scripts)
  say('a question with 2 s of time', await asked('/api/compute/match', endlessMatch(2000)), 2500)
} finally {
  await browser.close()
  await stop(served)
  rmSync(folder, { recursive: true, force: true })
}

/** How long the page stood still between two frames: while a list is read beside it, and when what was read is shown. */
async function framesWhileReading(page: Page, url: string, text: string) {
  await page.goto(`${url}/kit`, { waitUntil: 'networkidle' })
  await page.getByRole('button', { name: 'Paste a list' }).click()
  // Set as a paste does; typed by the driver it takes the browser half a minute.
  await page.getByLabel('Your list').evaluate((field, text) => {
    const area = field as HTMLTextAreaElement
    area.value = text
    area.dispatchEvent(new Event('input', { bubbles: true }))
  }, text)
  await page.evaluate(() => {
    const seen = { frames: [] as number[], began: 0, ended: 0 }
    const next = (at: number) => {
      seen.frames.push(at)
      requestAnimationFrame(next)
    }
    requestAnimationFrame(next)
    new MutationObserver(() => {
      const isReading = document.querySelector('.working') !== null
      if (isReading && seen.began === 0) seen.began = performance.now()
      if (!isReading && seen.began > 0 && seen.ended === 0) seen.ended = performance.now()
    }).observe(document.body, { subtree: true, childList: true })
    Object.assign(window, { seen })
  })
  await page.getByRole('button', { name: 'Read it' }).click()
  await page.getByRole('heading', { name: /things read/ }).waitFor()
  const { frames, began, ended } = await page.evaluate(async () => {
    // The frame that shows them, and the one after it.
    await new Promise(done => requestAnimationFrame(() => requestAnimationFrame(done)))
    return (window as unknown as { seen: { frames: number[]; began: number; ended: number } }).seen
  })
  const gaps = frames.slice(1).map((at, i) => ({ from: frames[i]!, to: at, ms: at - frames[i]! }))
  const p95 = (own: readonly number[]) => [...own].sort((x, y) => x - y)[Math.ceil(own.length * 0.95) - 1] ?? 0
  return {
    whileReading: p95(gaps.filter(g => g.from > began && g.to < ended).map(g => g.ms)),
    whenShown: Math.max(...gaps.filter(g => g.to >= ended).map(g => g.ms)),
  }
}
