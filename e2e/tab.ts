import type { BrowserContext } from '@playwright/test'

const USUAL = { width: 1280, height: 800 }
/** What a page may leave on a device; its files, which are the same for every test, stay. */
const LEFT_BEHIND = 'cookies,local_storage,indexeddb,cache_storage'

/**
 * The tab of one spec file: its tests take it one after the other, since a new browser context reads and compiles the whole application
 * anew. Each finds it empty, as new: nothing stored, no listener, no route, no other tab, and of the usual size.
 */
export class Tab {
  private file = ''
  private context: BrowserContext | undefined

  async of(specFile: string, open: () => Promise<BrowserContext>): Promise<BrowserContext> {
    if (this.file !== specFile) await this.close()
    this.file = specFile
    return (this.context ??= await open())
  }

  async empty(): Promise<void> {
    const [page, ...others] = this.context?.pages() ?? []
    if (!this.context || !page) return this.close()
    page.removeAllListeners()
    await page.unrouteAll({ behavior: 'ignoreErrors' })
    for (const other of others) await other.close()
    const { origin } = new URL(page.url())
    // An empty page does not say where its test was before.
    if (origin === 'null') return this.close()
    // A file of the same site that is not the application: for an empty page the browser would begin another process.
    const isThere = await page.goto(`${origin}/icon.svg`).catch(() => null)
    if (!isThere) return this.close()
    const devtools = await this.context.newCDPSession(page)
    await devtools.send('Storage.clearDataForOrigin', { origin, storageTypes: LEFT_BEHIND })
    await devtools.detach()
    await page.emulateMedia({ media: null, reducedMotion: 'reduce' })
    await page.setViewportSize(USUAL)
  }

  async close(): Promise<void> {
    await this.context?.close()
    this.context = undefined
  }
}
