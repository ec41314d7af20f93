import { expect, type APIRequestContext, type Page } from '@playwright/test'

/**
 * Goes to a view as a link in the application does, which takes a tenth of what opening it anew takes; the first is opened.
 * @param view its path with what follows
 */
export async function goTo(page: Page, url: string, view: string): Promise<void> {
  if (!page.url().startsWith(`${url}/`)) return void (await page.goto(`${url}${view}`))
  await page.evaluate(async to => {
    type App = { config: { globalProperties: { $router: { push: (to: string) => Promise<unknown> } } } }
    const root = document.querySelector('#__nuxt') as Element & { __vue_app__: App }
    await root.__vue_app__.config.globalProperties.$router.push(to)
  }, view)
}

/** Goes to every view and tells what is wrong with any: nothing drawn, an error, a script that ran, a page that scrolls sideways. */
export async function walk(page: Page, url: string, views: readonly string[]): Promise<string[]> {
  const problems: string[] = []
  let view = ''
  page.on('pageerror', e => problems.push(`${view}: ${e.message}`))
  page.on('console', m => {
    // What is asked for and not there is no fault of the page that says so.
    const isGone = view.endsWith('/none') && m.text().includes('404')
    if ((m.type() === 'error' || m.type() === 'warning') && !isGone) problems.push(`${view}: ${m.text()}`)
  })
  page.on('dialog', d => {
    problems.push(`${view}: a dialog`)
    void d.dismiss()
  })
  for (view of views) {
    await goTo(page, url, view)
    await expect(page.locator('h1').first(), view).toBeVisible()
    await expect(page.getByRole('progressbar'), view).toHaveCount(0, { timeout: 30_000 })
    if ((await page.evaluate(() => (window as { hit?: number }).hit)) !== undefined)
      problems.push(`${view}: a script ran`)
    if (await page.getByText(/cannot be shown|could not be computed/).count())
      problems.push(`${view}: a part cannot be shown`)
    const wide = await page.evaluate(() => document.documentElement.scrollWidth)
    if (wide > 1280) problems.push(`${view}: ${wide} wide`)
  }
  return problems
}

/** The main views, without a face or a job. */
export const VIEWS = [
  '/',
  '/faces',
  '/jobs',
  '/jobs?add',
  '/jobs/year',
  '/kit',
  '/kit?view=table',
  '/kit/gaps',
  '/kit/ahead',
  '/kit/lists',
  '/kit?add',
  '/kit?paste',
  '/reach',
  '/buys',
  '/methods',
  '/keeping',
  '/chair',
] as const

/** The rooms of the job that comes next. */
export async function firstJob(request: APIRequestContext): Promise<string[]> {
  const [job] = (await (await request.get('/api/jobs')).json()) as { id: string }[]
  return ['', '/quote', '/morning', '/together', '/bag', '/list', '/chair', '/wrap'].map(
    room => `/jobs/${job!.id}${room}`,
  )
}
