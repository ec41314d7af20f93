import { createServer, type Server } from 'node:http'
import { chromium, expect } from '@playwright/test'
import { call, facesOf, ready, type Served } from '../tests/served/server'
import { BROWSER } from '../tests/support/browser'
import { DEMO, newFolder, serve, test } from './ground'
import { walk } from './walk'

/* What other sites, other hosts and hostile words can do through the browser of the artist: nothing. See docs/security.md. */

/** A page of somebody else's, on another port. */
async function otherSite(html: string): Promise<{ url: string; close: () => void }> {
  const server: Server = createServer((_request, answer) => {
    answer.setHeader('content-type', 'text/html')
    answer.end(html)
  })
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  return { url: `http://127.0.0.1:${(server.address() as { port: number }).port}`, close: () => server.close() }
}
const names = async (served: Served) => (await facesOf(served.url)).map(f => f.name)

test('a page on another port can neither write nor read: form, text, JSON, picture, frame', async ({ page }) => {
  const served = await serve(newFolder(), { env: DEMO })
  await ready(served)
  const before = await names(served)
  const target = served.url
  for (const [what, html] of Object.entries({
    'form': `<form id=f method=post enctype="text/plain" action="${target}/api/faces"><input name='{"name":"By form","notes":"' value='"}'></form><script>f.submit()</script>`,
    'form as usual': `<form id=f method=post action="${target}/api/faces"><input name=name value="By form"></form><script>f.submit()</script>`,
    'form that deletes': `<form id=f method=post action="${target}/api/keeping/backups"></form><script>f.submit()</script>`,
  })) {
    const site = await otherSite(html)
    const answered = page.waitForResponse(r => r.url().startsWith(target))
    await page.goto(site.url)
    expect((await answered).status(), what).toBeGreaterThanOrEqual(400)
    site.close()
  }
  const site = await otherSite('<h1>Somebody else</h1><iframe id=frame></iframe>')
  await page.goto(site.url)
  const tried = await page.evaluate(async url => {
    const attempt = (path: string, options: RequestInit) =>
      fetch(url + path, options).then(
        async r => `${r.type} ${r.status} ${(await r.text()).slice(0, 40)}`,
        () => 'refused',
      )
    const picture = await new Promise(resolve => {
      const img = new Image()
      img.onload = () => resolve('shown')
      img.onerror = () => resolve('refused')
      img.src = `${url}/icon.svg`
    })
    const post = { method: 'POST', body: '{"name":"By fetch"}' }
    return {
      read: await attempt('/api/faces', {}),
      text: await attempt('/api/faces', { ...post, headers: { 'content-type': 'text/plain' } }),
      noCors: await attempt('/api/faces', { ...post, mode: 'no-cors' }),
      json: await attempt('/api/faces', { ...post, headers: { 'content-type': 'application/json' } }),
      put: await attempt('/api/settings', { method: 'PUT', body: '{}' }),
      erase: await attempt('/api/faces/x', { method: 'DELETE' }),
      picture,
    }
  }, target)
  expect(tried).toEqual({
    read: 'refused',
    text: 'refused',
    noCors: expect.stringMatching(/^(?:refused|opaque 0 )/),
    json: 'refused',
    put: 'refused',
    erase: 'refused',
    picture: 'refused',
  })
  // A frame that is refused loads, too: a page that says so.
  await page.evaluate(
    url =>
      new Promise(resolve => {
        const frame = document.getElementById('frame') as HTMLIFrameElement
        frame.onload = resolve
        frame.src = url
      }),
    target,
  )
  const framed = page.frames().find(f => f.url().startsWith(target))
  expect(framed ? await framed.locator('h1').count() : 0).toBe(0)
  site.close()
  expect(await names(served)).toEqual(before)
})

test('a host name that leads here is not answered under: neither page nor data, reading nor writing', async () => {
  const served = await serve(newFolder(), { env: DEMO })
  await ready(served)
  const before = await names(served)
  const port = new URL(served.url).port
  // What rebinding comes to: the browser holds evil.example for this computer.
  const browser = await chromium.launch({
    ...BROWSER,
    args: [...BROWSER.args, '--host-resolver-rules=MAP evil.example 127.0.0.1'],
  })
  try {
    const page = await browser.newPage()
    const opened = await page.goto(`http://evil.example:${port}/`)
    expect(opened!.status()).toBe(421)
    const tried = await page.evaluate(async () => {
      const say = async (r: Response) => `${r.status} ${(await r.text()).slice(0, 200)}`
      return {
        read: await say(await fetch('/api/faces')),
        write: await say(
          await fetch('/api/faces', {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: '{"name":"By rebinding"}',
          }),
        ),
      }
    })
    expect(tried.read).toMatch(/^421 .*VARIETAS_HOSTS/)
    expect(tried.write).toMatch(/^421 /)
  } finally {
    await browser.close()
  }
  expect(await names(served)).toEqual(before)
})

test('a name of the home network is answered under once it is named, and still takes no writes of others', async () => {
  const served = await serve(newFolder(), { env: { ...DEMO, VARIETAS_HOSTS: 'kit.lan, other.lan' } })
  await ready(served)
  const port = new URL(served.url).port
  const browser = await chromium.launch({
    ...BROWSER,
    args: [...BROWSER.args, '--host-resolver-rules=MAP *.lan 127.0.0.1'],
  })
  try {
    const page = await browser.newPage()
    await page.goto(`http://kit.lan:${port}/`)
    await expect(page.getByTestId('answer')).toHaveText(/to decide/, { timeout: 30_000 })
    // Another site of the same network, also one that is allowed as a host.
    const site = await otherSite(
      `<form id=f method=post enctype="text/plain" action="http://kit.lan:${port}/api/faces"><input name='{"name":"By LAN","notes":"' value='"}'></form><script>f.submit()</script>`,
    )
    const answered = page.waitForResponse(r => r.url().includes('kit.lan') && r.request().method() === 'POST')
    await page.goto(site.url.replace('127.0.0.1', 'other.lan'))
    expect((await answered).status()).toBeGreaterThanOrEqual(400)
    site.close()
  } finally {
    await browser.close()
  }
  expect(await names(served)).not.toContain('By LAN')
})

test('every answer is told to stay where it is, and personal data are not kept by a browser', async ({ request }) => {
  const served = await serve(newFolder(), { env: DEMO })
  await ready(served)
  for (const path of ['/', '/api/faces', '/api/kit', '/api/nowhere', '/icon.svg', '/api/health']) {
    const { headers: of } = { headers: (await request.get(`${served.url}${path}`)).headers() }
    expect(of['x-content-type-options'], path).toBe('nosniff')
    expect(of['x-frame-options'], path).toBe('DENY')
    expect(of['referrer-policy'], path).toBe('no-referrer')
    expect(of['cross-origin-resource-policy'], path).toBe('same-origin')
    if (path.startsWith('/api')) {
      expect(of['cache-control'], path).toBe('no-store')
      expect(of['content-security-policy'], path).toContain("default-src 'none'")
    }
  }
  const page = (await request.get(served.url)).headers()['content-security-policy']!
  expect(page).toContain("frame-ancestors 'none'")
  expect(page).toMatch(/script-src 'self' 'nonce-[^']+'/)
  expect(page).not.toMatch(/script-src[^;]*unsafe/)
})

/** A name in every field that takes words, as hostile as a person could make it. */
const HOSTILE = [
  '<img src=x onerror="window.hit=1">',
  '</script><script>window.hit=2</script>',
  '{{constructor.constructor("window.hit=3")()}}',
  '\u202etxet desrever',
  '🙂'.repeat(20),
] as const

test('hostile words in every field stand on every page as words', async ({ page }) => {
  test.setTimeout(240_000)
  const served = await serve(newFolder(), { env: DEMO })
  await ready(served)
  const { url } = served
  const word = (i: number, most = 60) => [...HOSTILE[i % HOSTILE.length]!].slice(0, most).join('')
  const long = (i: number) => `${word(i, 200)} ${'🙂'.repeat(400)}`
  const lab = { L: 58, a: 11, b: 19 }
  const faces: string[] = []
  for (let i = 0; i < HOSTILE.length; i++) {
    const face = await call<{ id: string }>(url, 'POST', '/api/faces', {
      name: word(i),
      wishes: word(i, 300),
      booking: { job: { name: word(i, 120), day: '2026-12-05', place: word(i), notes: long(i) } },
      notes: i === 4 ? '🙂'.repeat(1000) : long(i),
    })
    expect(face.status, word(i)).toBe(200)
    faces.push(face.body.id)
    const bottle = await call<{ id: string }>(url, 'POST', '/api/kit', {
      kind: 'foundation',
      brand: word(i),
      range: word(i + 1),
      shade: word(i),
      lab: { ...lab, L: 58 + i },
      notes: [...long(i)].slice(0, 400).join(''),
      inci: `Aqua, ${word(i)}, Parfum`,
    })
    expect(bottle.status, word(i)).toBe(200)
    const id = face.body.id
    const reading = { source: 'typed', lab, covariance: [1, 0, 0, 1, 0, 1], note: word(i, 200) }
    expect((await call(url, 'POST', `/api/faces/${id}/readings`, reading)).status).toBe(200)
    const asked = await call(url, 'PUT', `/api/faces/${id}/consultation`, {
      normallyWears: word(i),
      sensitivities: [word(i)],
      hairColour: word(i, 40),
      eyeColour: word(i, 40),
      browColour: word(i, 40),
      look: long(i),
      chart: [{ area: 'lips', lab, note: word(i) }],
      keepRecord: 'agreed',
    })
    expect(asked.status, JSON.stringify(asked.body)).toBe(200)
    const drops = [{ id: bottle.body.id, count: 1 }]
    await call(url, 'POST', `/api/faces/${id}/recipes`, { drops, lab, deltaE: 1, chance: 0.5, note: word(i) })
    await call(url, 'POST', `/api/faces/${id}/history`, { productId: bottle.body.id, what: 'reaction', note: word(i) })
    await call(url, 'POST', `/api/faces/${id}/own`, { kind: 'mascara', shade: word(i), lab })
    const kept = await call<{ id: string }>(url, 'POST', `/api/faces/${id}/plans`, { agreed: long(i), change: word(i) })
    expect(kept.status).toBe(200)
    const range = `${word(i)} / ${word(i + 1)}`
    await call(url, 'POST', '/api/tests/palette', { a: range, b: range, result: 'held', after: word(i) })
    await call(url, 'POST', '/api/tests/flash', { itemIds: [bottle.body.id], result: 'good', note: word(i) })
  }
  const settings = (await call<object>(url, 'GET', '/api/settings')).body
  const houseRules = [{ slot: 'foundation', itemId: 'x', sentence: word(0) }]
  expect((await call(url, 'PUT', '/api/settings', { ...settings, currency: '<b>', houseRules })).status).toBe(200)

  const problems = await walk(page, url, [
    ...['/', '/faces', '/jobs', '/kit', '/kit/ahead', '/reach', '/buys', '/methods', '/keeping', '/chair'],
    ...(await call<{ id: string; name: string }[]>(url, 'GET', '/api/jobs')).body
      .filter(job => HOSTILE.some(words => job.name.startsWith(words.slice(0, 10))))
      .map(job => `/jobs/${job.id}`),
    // What was typed of a face stands in its rooms; the plan and the card of each say all of it again.
    ...faces.flatMap((id, i) =>
      ['', '/ask', '/look', '/plan', '/card'].filter((_, k) => (i + k) % 2 === 0).map(room => `/faces/${id}${room}`),
    ),
  ])
  expect(problems).toEqual([])
  await page.goto(`${url}/faces`)
  await expect(page.getByText(HOSTILE[0], { exact: true }).first()).toBeVisible()
  // The one sheet that goes out as PDF names nobody.
  const sheet = await (await fetch(`${url}/api/question-sheet.pdf`)).text()
  for (const words of HOSTILE) expect(sheet).not.toContain(words)
})
