import { createServer, request, type IncomingMessage, type ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'
import { expect, type Page } from '@playwright/test'
import sharp from 'sharp'
import type { JobChair } from '#shared/records/people/chairs'
import type { JobLine } from '#shared/records/days/jobs'
import { call, ready, stop, type Served } from '../tests/served/server'
import { DEMO, filled, serve, test } from './ground'

/* The server goes away in the middle of a day, and comes back. */

test.use({ serviceWorkers: 'allow' })
const SLOW = { timeout: 60_000 }
// A server that is stopped is waited for and begun anew more than once in a test.
test.describe.configure({ timeout: 300_000 })

const jobNamed = async ({ url }: Served, name: string) =>
  ((await call<JobLine[]>(url, 'GET', '/api/jobs')).body ?? []).find(j => j.name.startsWith(name))!.id
/** A server with a day to take along. */
async function vows() {
  const served = await serve(await filled(), { env: DEMO })
  await ready(served)
  return { served, id: await jobNamed(served, 'Vow') }
}
const answer = (page: Page) => page.getByTestId('answer')
const kept = (page: Page) => page.getByText('Kept on this device until the job is closed')

/** The same data served again where they were before. */
async function again(served: Served): Promise<Served> {
  const back = await serve(served.folder, { env: DEMO, port: Number(new URL(served.url).port) })
  await ready(back)
  return back
}

/** Stands in front of a server and hands everything through, the service worker as a later version has it. */
async function front({ url }: Served, changed: (body: string) => string) {
  const to = new URL(url)
  const server = createServer((asked, answered) => {
    const passed = request(
      { host: to.hostname, port: to.port, path: asked.url, method: asked.method, headers: asked.headers },
      live => {
        if (asked.url === '/sw.js') void handed(live, answered)
        else live.pipe(answered.writeHead(live.statusCode!, live.headers))
      },
    )
    passed.on('error', () => answered.destroy())
    asked.pipe(passed)
  })
  async function handed(live: IncomingMessage, answered: ServerResponse) {
    let body = ''
    for await (const piece of live) body += String(piece)
    answered.writeHead(200, { 'content-type': 'text/javascript' }).end(changed(body))
  }
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    close: () => {
      server.closeAllConnections()
      server.close()
    },
  }
}

test('list and chair go on without the server through a reload, and no tick of either side is lost', async ({
  page,
}) => {
  const { served, id } = await vows()
  await page.goto(`${served.url}/jobs/${id}/list`)
  await expect(kept(page)).toBeVisible(SLOW)
  await page.getByRole('checkbox').nth(1).check()
  await expect(answer(page)).toHaveText(/^1 of \d+ are in\.$/)

  await stop(served, 'SIGKILL')
  await page.getByRole('checkbox').nth(2).check()
  await expect(page.getByText(/\d ticks? kept here until it does/)).toBeVisible()
  await page.reload()
  await expect(answer(page)).toHaveText(/^2 of \d+ are in\.$/, SLOW)
  await expect(page.getByText('The server does not answer: this is as it stood')).toBeVisible()

  // The chair, from the list and by its own address, with a layer put on.
  await page.getByRole('link', { name: 'Chair' }).click()
  await expect(answer(page)).toHaveText(/sits down/, SLOW)
  await expect(page.getByTestId('step')).toBeVisible()
  const [first] = await page.getByTestId('step').allTextContents()
  await page.getByRole('button', { name: 'It is on; next' }).click()
  await expect(page.getByTestId('step')).not.toHaveText(first!)
  await page.reload()
  await expect(page.getByRole('button', { name: `${first!.trim()}, is done` })).toBeVisible(SLOW)

  // What was never taken along says so, and leads back to what was.
  await page.goto(`${served.url}/kit`)
  await expect(page.getByRole('heading', { name: 'The kit could not be opened' })).toBeVisible(SLOW)
  await page.getByRole('link', { name: 'Pack for Vow renewal at the lock' }).click()
  await expect(answer(page)).toHaveText(/^2 of/, SLOW)

  const back = await again(served)
  // Meanwhile somebody else has ticked another thing.
  const { body: bag } = await call<{ goes: { unitId: string }[] }>(back.url, 'GET', `/api/jobs/${id}/bag`)
  const { body: before } = await call<{ key: string }[]>(back.url, 'GET', `/api/jobs/${id}/ticks`)
  const theirs = bag.goes.map(g => `unit ${g.unitId}`).find(key => !before.some(t => t.key === key))!
  const last = bag.goes
    .map(g => `unit ${g.unitId}`)
    .reverse()
    .find(key => !before.some(t => t.key === key))!
  expect(theirs).not.toBe(last)
  await call(back.url, 'POST', `/api/jobs/${id}/ticks`, {
    ticks: [{ key: last, done: true, at: new Date().toISOString() }],
  })
  await page.reload()
  await expect(answer(page)).toHaveText(/^3 of/, SLOW)
  await expect(page.getByText('The server does not answer')).toHaveCount(0)
  await expect
    .poll(async () => (await call<{ key: string }[]>(back.url, 'GET', `/api/jobs/${id}/ticks`)).body!.map(t => t.key))
    .toEqual(expect.arrayContaining([expect.stringMatching(/^on /)]))
})

test('what is noticed and photographed without the server is there through a reload, and with the face once it is back', async ({
  page,
}) => {
  const { served, id } = await vows()
  await page.goto(`${served.url}/jobs/${id}/chair`)
  await expect(kept(page)).toBeVisible(SLOW)
  await stop(served, 'SIGKILL')
  const noticed = page.getByRole('region', { name: /^Notes about / })
  await noticed.getByLabel(/^What to remember of/).fill('The left lid creases first')
  await noticed.getByRole('button', { name: 'Keep it' }).click()
  const picture = await sharp({ create: { width: 3000, height: 40, channels: 3, background: '#a87' } })
    .jpeg()
    .withExif({ IFD0: { ImageDescription: 'where it was taken' } })
    .toBuffer()
  const input = noticed.getByLabel(/^Take a picture of/)
  await input.setInputFiles({ name: 'no picture.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') })
  await expect(noticed.getByRole('alert')).toContainText('cannot be read as a picture')
  await input.setInputFiles({ name: 'finished.jpg', mimeType: 'image/jpeg', buffer: picture })
  await expect(noticed.getByText('kept on this device until the server answers')).toBeVisible()
  await page.reload()
  await expect(noticed.getByText('The left lid creases first')).toBeVisible(SLOW)
  await expect(noticed.getByRole('img')).toBeVisible()

  const back = await again(served)
  const { body: chair } = await call<JobChair>(back.url, 'GET', `/api/jobs/${id}/chair`)
  const name = (await noticed.getAttribute('aria-label'))!.replace('Notes about ', '')
  const { faceId } = chair.faces.find(f => f.name.startsWith(name))!
  await expect(noticed.getByRole('img')).toHaveCount(0, SLOW)
  const pictures = (await call<{ pictures: { id: string }[] }>(back.url, 'GET', `/api/faces/${faceId}`)).body.pictures
  expect(pictures).toHaveLength(1)
  const bytes = Buffer.from(await (await fetch(`${back.url}/api/pictures/${pictures[0]!.id}`)).arrayBuffer())
  expect((await sharp(bytes).metadata()).width).toBe(2048)
  await expect
    .poll(async () => (await call<{ text: string }[]>(back.url, 'GET', `/api/jobs/${id}/ticks`)).body.map(t => t.text))
    .toContain('The left lid creases first')
  await page.goto(`${back.url}/jobs/${id}/wrap`)
  await expect(page.getByText('Noted at the chair: The left lid creases first')).toBeVisible(SLOW)
})

test('it installs: a manifest with icons that are there, and a service worker in charge of the page', async ({
  page,
}) => {
  const served = await serve(await filled(), { env: DEMO })
  await ready(served)
  await page.goto(served.url)
  const href = (await page.locator('link[rel=manifest]').getAttribute('href'))!
  const manifest = (await (await page.request.get(served.url + href)).json()) as {
    start_url: string
    display: string
    icons: { src: string; sizes: string }[]
  }
  expect(manifest).toMatchObject({ start_url: '/', display: 'standalone' })
  // Each icon as large as it says.
  const drawn = await page.evaluate(
    icons =>
      Promise.all(
        icons.map(async ({ src }) => {
          const icon = new Image()
          icon.src = src
          await icon.decode()
          return `${icon.naturalWidth}x${icon.naturalHeight}`
        }),
      ),
    manifest.icons,
  )
  for (const [i, { sizes }] of manifest.icons.entries()) if (sizes !== 'any') expect(drawn[i]).toBe(sizes)
  expect(drawn).toEqual(expect.arrayContaining(['192x192', '512x512']))
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller?.scriptURL ?? ''), SLOW)
    .toBe(`${served.url}/sw.js`)
  // As Chromium reads it.
  const devtools = await page.context().newCDPSession(page)
  expect((await devtools.send('Page.getAppManifest')).errors).toEqual([])
})

test('a newer version waits while something is being written, and is taken up when asked', async ({ page }) => {
  const served = await serve(await filled(), { env: DEMO })
  await ready(served)
  // A newer version is the same in another file.
  let newer = false
  const between = await front(served, body => (newer ? `${body}\n// newer` : body))
  await page.goto(`${between.url}/jobs`)
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null), SLOW).toBe(true)
  await page.getByRole('button', { name: 'Add a job' }).click()
  await expect(page.getByRole('dialog').locator('input:focus')).toBeVisible()
  await page.getByLabel('Name').fill('Half a name')
  newer = true
  await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())!.update())
  await expect(page.getByText('A newer Varietas is stored here')).toBeVisible(SLOW)
  await expect(page.getByLabel('Name')).toHaveValue('Half a name')
  await page
    .getByRole('button', { name: /^(Cancel|Close|Not now)$/ })
    .first()
    .click()
  await Promise.all([page.waitForEvent('load'), page.getByRole('button', { name: 'Take it up now' }).click()])
  await expect(page.getByText('A newer Varietas is stored here')).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Add a job' })).toBeVisible(SLOW)
  between.close()
})

test('what is erased or closed is kept on no device, and nothing that was not taken along is', async ({ page }) => {
  const { served, id } = await vows()
  const stored = () =>
    page.evaluate(async () => {
      const cache = await caches.open('varietas-along')
      return (await cache.keys()).map(r => new URL(r.url).pathname)
    })
  await page.goto(`${served.url}/faces`)
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null), SLOW).toBe(true)
  await page.goto(`${served.url}/jobs/${id}`)
  await expect(answer(page)).toBeVisible(SLOW)
  expect(await stored()).toEqual([])
  await page.goto(`${served.url}/jobs/${id}/chair`)
  await expect(kept(page)).toBeVisible(SLOW)
  expect((await stored()).every(path => path === '/api/settings' || path.startsWith(`/api/jobs/${id}`))).toBe(true)
  const { body: job } = await call<{ bookings: { faceId: string }[] }>(served.url, 'GET', `/api/jobs/${id}`)
  await page.evaluate(async face => {
    await fetch(`/api/faces/${face}/forget`, { method: 'POST' })
  }, job.bookings[0]!.faceId)
  expect(await stored()).toEqual([])
  await page.getByRole('button', { name: 'Keep it here', exact: true }).click()
  await expect(kept(page)).toBeVisible(SLOW)
  await page.getByRole('button', { name: 'Do not keep it here' }).click()
  await expect(page.getByText('Not kept on this device')).toBeVisible()
  expect((await stored()).filter(path => path.includes(id))).toEqual([])
})
