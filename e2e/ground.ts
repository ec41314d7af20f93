import { execFileSync } from 'node:child_process'
import { appendFileSync, cpSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { test as base, type APIRequestContext, type Browser, type BrowserContext } from '@playwright/test'
import type { FaceLine } from '#shared/records/people/clientele'
import { Tab } from './tab'
import { call, facesOf, ready, start, stop, temporaryFolder, type Served } from '../tests/served/server'

/*
 * Servers as processes of their own, some on small disks made for a test, which takes the rights to mount one. Whatever a test began
 * ends with it.
 */

export const DEMO = { VARIETAS_DEMO: '1' }
const running = new Set<Served>()
const folders = new Set<string>()
const mounts = new Set<string>()

export async function serve(folder: string, options: Parameters<typeof start>[1] = {}): Promise<Served> {
  const served = await start(folder, options)
  running.add(served)
  return served
}
export const newFolder = () => {
  const folder = temporaryFolder()
  folders.add(folder)
  return folder
}
/** A disk of its own, so small that it fills. */
export function smallDisk(megabytes: number): string {
  const folder = newFolder()
  execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m`, 'tmpfs', folder])
  mounts.add(folder)
  return folder
}
export const remount = (folder: string, how: string) => execFileSync('mount', ['-o', `remount,${how}`, folder])

async function tidyUp(): Promise<void> {
  for (const served of running) if (served.process.exitCode === null) await stop(served, 'SIGKILL')
  running.clear()
  for (const folder of mounts) execFileSync('umount', ['-l', folder])
  mounts.clear()
  for (const folder of folders) rmSync(folder, { recursive: true, force: true })
  folders.clear()
}

/** Data as a server left them that was stopped at once, made once: what starts from them starts from a copy. */
class Made {
  private folder: Promise<string> | undefined
  constructor(private readonly fill: (served: Served) => Promise<unknown>) {}

  async copy(to: string): Promise<void> {
    this.folder ??= this.make()
    cpSync(await this.folder, to, { recursive: true })
  }
  private async make(): Promise<string> {
    const served = await start(temporaryFolder(), { env: DEMO })
    await ready(served)
    await this.fill(served)
    await stop(served)
    process.on('exit', () => rmSync(served.folder, { recursive: true, force: true }))
    return served.folder
  }
}
const demo = new Made(async () => {})
const addTamsin = (served: Served) => call(served.url, 'POST', '/api/faces', { name: 'Tamsin Okafor-Vale' })
const withTamsin = new Made(addTamsin)
let whole: unknown[] = []
const backedUp = new Made(async served => {
  await addTamsin(served)
  await call(served.url, 'POST', '/api/keeping/backups')
  whole = await contents(served)
})

/** The demo as one spec file has it to itself, from its first test to its last. */
class OfOneFile {
  private file = ''
  private served: Served | undefined

  async urlFor(specFile: string): Promise<string> {
    if (this.served && this.file === specFile) return this.served.url
    await this.close()
    this.file = specFile
    const folder = temporaryFolder()
    await demo.copy(folder)
    this.served = await start(folder, { env: DEMO })
    await ready(this.served)
    return this.served.url
  }
  async close(): Promise<void> {
    if (!this.served) return
    await stop(this.served, 'SIGKILL')
    rmSync(this.served.folder, { recursive: true, force: true })
    this.served = undefined
  }
}

async function newContext(browser: Browser, serviceWorkers?: string): Promise<BrowserContext> {
  const context = await browser.newContext()
  // Where no worker is to stand between page and server, the page has none to ask for: a blocked one would be an error on its console.
  if (serviceWorkers !== 'allow')
    await context.addInitScript(() => void Reflect.deleteProperty(Navigator.prototype, 'serviceWorker'))
  return context
}

/**
 * Tests of the application. Each spec file has a server with a fresh copy of the demo, begun when one of its tests first asks for a page
 * or a request; servers and disks that a test makes itself end with that test.
 */
export const test = base.extend<{ ground: null; ownTab: boolean }, { ofOneFile: OfOneFile; tab: Tab }>({
  // For tests of a clock or a worker, and of what runs before a page: that stays with a tab as long as it lives.
  ownTab: [false, { option: true }],
  tab: [
    // eslint-disable-next-line no-empty-pattern -- see below
    async ({}, use) => {
      const tab = new Tab()
      await use(tab)
      await tab.close()
    },
    { scope: 'worker' },
  ],
  ofOneFile: [
    // eslint-disable-next-line no-empty-pattern -- Playwright reads what a fixture needs off its first parameter
    async ({}, use) => {
      const ofOneFile = new OfOneFile()
      await use(ofOneFile)
      await ofOneFile.close()
    },
    { scope: 'worker' },
  ],
  baseURL: async ({ ofOneFile }, use, info) => use(await ofOneFile.urlFor(info.file)),
  context: async ({ browser, tab, ownTab, serviceWorkers }, use, info) => {
    const isOwn = ownTab || serviceWorkers === 'allow'
    const context = isOwn
      ? await newContext(browser, serviceWorkers)
      : await tab.of(info.file, () => newContext(browser))
    await use(context)
    if (isOwn) await context.close()
    else if (info.status === info.expectedStatus) await tab.empty()
    else await tab.close()
  },
  page: async ({ context }, use) => use(context.pages()[0] ?? (await context.newPage())),
  // A connection kept open is closed by the server after some idle seconds, now and then just as the next request leaves.
  request: async ({ playwright, baseURL }, use) => {
    const context = await playwright.request.newContext({ baseURL, extraHTTPHeaders: { connection: 'close' } })
    await use(context)
    await context.dispose()
  },
  ground: [
    // eslint-disable-next-line no-empty-pattern -- see above
    async ({}, use) => {
      await use(null)
      await tidyUp()
    },
    { auto: true },
  ],
})

/** Data of the demo with a person in them, stopped cleanly. */
export async function filled(): Promise<string> {
  const folder = newFolder()
  await withTamsin.copy(folder)
  return folder
}
/** The same with a backup of them, and what the screens showed then. */
export async function filledAndBackedUp(): Promise<{ folder: string; whole: unknown[] }> {
  const folder = newFolder()
  await backedUp.copy(folder)
  return { folder, whole }
}
export const file = (folder: string) => join(folder, 'varietas.db')
export const namesOf = async (served: Served) => (await facesOf(served.url)).map(f => f.name)
/** Everything the screens could show: the lists, and every face whole. */
export async function contents(served: Served): Promise<unknown[]> {
  const get = async (path: string) => (await call(served.url, 'GET', `/api/${path}`)).body
  const faces = await facesOf(served.url)
  return Promise.all([
    ...['kit?limit=100', 'kit/shelf', 'purchases', 'tests', 'settings', 'catalogue', 'jobs'].map(get),
    ...faces
      .map(f => f.id)
      .sort()
      .map(id => get(`faces/${id}`)),
  ])
}

/** Faces as a list has them, by way of a browser's request. */
export const facesFrom = async (request: APIRequestContext): Promise<FaceLine[]> =>
  ((await (await request.get('/api/faces?limit=100')).json()) as { lines: FaceLine[] }).lines

export async function started(folder: string): Promise<Served> {
  const served = await serve(folder, { env: DEMO })
  await ready(served)
  return served
}
/** Fills a disk to its last page. */
export function fill(folder: string): void {
  const ballast = join(folder, 'ballast')
  for (const size of [65_536, 4096, 512]) {
    try {
      for (let i = 0; i < 100_000; i++) appendFileSync(ballast, Buffer.alloc(size))
    } catch {
      // Full for pieces of this size: smaller ones next.
    }
  }
}
