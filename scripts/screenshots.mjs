// npm run screenshots: one current picture of each main view from the demo data, into docs/screenshots/.
import { spawn } from 'node:child_process'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { browserArgs, browserPath, build, chromium as chromiumThere, install, root } from './install.mjs'

install()
chromiumThere()
build()
const { chromium } = await import('@playwright/test')
const { default: sharp } = await import('sharp')

const servers = []
/** A server with data of its own, once it answers. */
async function serve(name, port, more = {}) {
  const data = join(root, '.varietas', name)
  rmSync(data, { recursive: true, force: true })
  const env = { ...process.env, HOST: '127.0.0.1', PORT: String(port), VARIETAS_DATA: data, ...more }
  servers.push(spawn(process.execPath, [join(root, '.output/server/index.mjs')], { env, stdio: 'ignore' }))
  const at = `http://127.0.0.1:${port}`
  while (
    !(await fetch(`${at}/api/health`).then(
      r => r.ok,
      () => false,
    ))
  )
    await new Promise(resolve => setTimeout(resolve, 200))
  return at
}
try {
  const address = await serve('screenshots', 4291, { VARIETAS_DEMO: '1' })
  const browser = await chromium.launch({ executablePath: browserPath(), args: browserArgs })
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  const faces = (await (await fetch(`${address}/api/faces?limit=100`)).json()).lines
  const face = name => `/faces/${faces.find(f => f.name.startsWith(name)).id}`
  const settled = async () => {
    await page.waitForSelector('h1')
    await page.waitForFunction(() => !document.querySelector('.working, .waiting'))
    await page.waitForTimeout(500)
  }
  const shoot = async (name, path, before = async () => {}) => {
    await page.goto(address + path)
    await settled()
    await before()
    await settled()
    if (name) await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) })
  }
  // What the first page of an empty database shows of the answers, in both themes.
  const part = async (name, clip) =>
    sharp(await page.screenshot({ clip }))
      .resize(640, 400)
      .webp({ quality: 82 })
      .toFile(join(root, 'public/answers', `${name}-${theme}.webp`))
  const orla = face('Orla')
  const change = async more => {
    const settings = await (await fetch(`${address}/api/settings`)).json()
    await fetch(`${address}/api/settings`, {
      method: 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ ...settings, ...more }),
    })
  }
  let theme = 'day'
  for (theme of ['dark', 'day']) {
    await change({ theme: theme === 'dark' ? 'wings' : 'day' })
    await shoot(null, '/reach', () => page.locator('[data-skin="d5.5-golden"]').click())
    await part('reach', { x: 96, y: 44, width: 800, height: 500 })
    await shoot(null, orla)
    await part('match', { x: 96, y: 44, width: 800, height: 500 })
    await shoot(null, `${orla}/plan`)
    await part('plan', { x: 96, y: 44, width: 800, height: 500 })
  }
  await shoot('bench', '/')
  await shoot('faces', '/faces')
  await shoot('match', face('Orla'))
  await shoot('reading', `${face('Idris')}?read`, async () => {
    await page.getByRole('group', { name: 'Bottles' }).getByRole('button', { name: 'Brick Lane End' }).click()
    await page.getByRole('button', { name: 'a little lighter' }).click()
  })
  await shoot('ask', `${face('Juniper')}/ask`, () => page.locator('[data-area="lips"]').click())
  await shoot('look', `${face('Orla')}/look`)
  await shoot('plan', `${face('Ravindra')}/plan`, async () => {
    await page.getByRole('button', { name: /^Foundation/ }).click()
    await page.getByRole('button', { name: 'Barley', exact: true }).click()
    await page.getByText('held').first().waitFor()
    await page.getByRole('button', { name: /^Foundation/ }).click()
    await page.getByRole('button', { name: /^Primer/ }).click()
    await page.getByRole('button', { name: 'Slip Smooth', exact: true }).click()
    await page.getByText(/^Seam over/).waitFor()
    await page.getByRole('button', { name: /^Primer/ }).click()
    await page.evaluate(() => scrollTo(0, 0))
  })
  await shoot('card', `${face('Dagny')}/plan`, async () => {
    await page.getByRole('button', { name: 'Keep this plan' }).click()
    await page.getByText(/ of Dagny .* is kept\.$/).waitFor()
    await page.getByRole('button', { name: 'Close' }).click()
    await page.getByRole('link', { name: 'Card' }).click()
    await page.getByText('Print or save as PDF').waitFor()
  })
  await shoot('kit', '/kit', () => page.getByRole('button', { name: /^Keel/ }).click())
  const jobs = await (await fetch(`${address}/api/jobs`)).json()
  const ball = jobs.find(job => job.name.startsWith('Tidewater'))
  await shoot('job', `/jobs/${ball.id}`, async () => {
    await page.getByText(/things before it is ready/).waitFor({ timeout: 60_000 })
  })
  await shoot('bag', `/jobs/${ball.id}/bag`, async () => {
    await page.getByRole('button', { name: /Dense base brush$/ }).click({ timeout: 60_000 })
    await page.evaluate(() => scrollTo(0, 0))
  })
  const regatta = jobs.find(job => job.name.startsWith('Regatta'))
  await shoot('quote', `/jobs/${regatta.id}/quote`, async () => {
    await page.getByText(/came in;/).waitFor({ timeout: 60_000 })
  })
  const vows = jobs.find(job => job.name.startsWith('Vow'))
  await shoot('morning', `/jobs/${vows.id}/morning`, async () => {
    await page.getByText(/^Gains nothing/).waitFor({ timeout: 30_000 })
    await page.getByText('Trying what else').waitFor({ state: 'detached', timeout: 30_000 })
  })
  await shoot('keeping', '/keeping', async () => {
    await page.getByRole('button', { name: 'Back up now' }).click()
    await page.getByText('The backup is made.').waitFor()
    await page.getByRole('button', { name: 'Close' }).click()
    await fetch(`${address}/api/faces`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{"name":"Lucasta Bern-Idowu"}',
    })
    await page
      .getByRole('button', { name: /^Look at the backup/ })
      .first()
      .click()
    await page.getByTestId('preview').waitFor()
  })
  await shoot('reach', '/reach', () => page.locator('[data-skin="d5.5-golden"]').click())
  await shoot('buys', '/buys', () => page.waitForSelector('canvas'))
  await change({ theme: 'wings' })
  await page.setViewportSize({ width: 390, height: 844 })
  await page.getByRole('button', { name: 'At the chair' }).click()
  await shoot('day', `/jobs/${vows.id}/chair`, async () => {
    await page.getByText('sits down first').waitFor({ timeout: 30_000 })
    for (let layer = 0; layer < 8; layer++) await page.getByRole('button', { name: /; next$/ }).click()
    await page.evaluate(() => scrollTo(0, 0))
  })
  await shoot('chair', '/chair', async () => {
    for (let question = 0; question < 2; question++) await page.getByRole('button', { name: 'Next' }).click()
    await page.getByRole('button', { name: 'combination' }).click()
    await page.getByRole('button', { name: 'redness' }).click()
  })
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto(await serve('screenshots-empty', 4292))
  await settled()
  await page.screenshot({ path: join(root, 'docs/screenshots/start.png') })
  await browser.close()
} finally {
  for (const server of servers) server.kill()
}
