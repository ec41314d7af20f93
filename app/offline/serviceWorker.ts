import { clientsClaim } from 'workbox-core'
import { cleanupOutdatedCaches, matchPrecache, precache } from 'workbox-precaching'
import { registerRoute } from 'workbox-routing'
import { endOf, isKeepable, type Along, type Asked } from '#shared/asked/along'
import { answer, drop, dropAll, keep, list, tend } from './kept'

/*
 * Stands between the pages and the server: with the server in reach it hands everything through; without it the application comes from
 * what was stored with this version of it, and a job that was taken along from what was last answered. A newer version waits until all
 * pages of this one are closed, or somebody asks for it: nothing that is being written is ever interrupted.
 */

interface Scope {
  /** Files of the application with their version; put here when it is built, see modules/offline.ts. */
  readonly ASSETS: { url: string; revision: string | null }[]
  readonly clients: { matchAll(): Promise<{ postMessage(told: Along[]): void }[]> }
  skipWaiting(): Promise<void>
  addEventListener(type: 'message', listener: (event: Asking) => void): void
}
interface Asking extends MessageEvent<Asked> {
  waitUntil(work: Promise<unknown>): void
}
declare const self: Scope

const SHELL = '/'
/** A server that is out of reach often does not say so, but nothing. */
const SHELL_AFTER_MS = 5000

precache(self.ASSETS)
cleanupOutdatedCaches()
// The page that is open when it is stored for the first time is served by it at once; later versions take nobody over unasked.
clientsClaim()

const after = (ms: number) => new Promise<undefined>(resolve => setTimeout(() => resolve(undefined), ms))

registerRoute(
  ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api/'),
  async ({ request }) => {
    const live = fetch(request).catch(() => undefined)
    const shell = await matchPrecache(SHELL)
    return (await (shell ? Promise.race([live, after(SHELL_AFTER_MS)]) : live)) ?? shell ?? Response.error()
  },
)
registerRoute(
  ({ request, url, sameOrigin }) => sameOrigin && request.mode !== 'navigate' && !url.pathname.startsWith('/api/'),
  async ({ request }) => (await matchPrecache(request)) ?? fetch(request),
)
registerRoute(
  ({ sameOrigin, url }) => sameOrigin && url.search === '' && isKeepable(url.pathname),
  ({ request, url }) => answer(request, url.pathname),
)
for (const method of ['POST', 'DELETE'] as const)
  registerRoute(
    ({ sameOrigin, url }) => sameOrigin && endOf(method, url.pathname) !== null,
    async ({ request, url }) => {
      const done = await fetch(request)
      const end = endOf(method, url.pathname)
      if (done.ok && end) {
        await (end === 'all' ? dropAll() : drop(end.jobId))
        const left = await list()
        for (const page of await self.clients.matchAll()) page.postMessage(left)
      }
      return done
    },
    method,
  )

self.addEventListener('message', event => {
  const asked = event.data
  const [port] = event.ports
  const work = async () => {
    if (asked === 'turn') await self.skipWaiting()
    else if (asked === 'tend') await tend()
    else if (asked !== 'list' && 'keep' in asked) return keep(asked.keep)
    else if (asked !== 'list') await drop(asked.drop)
    return list()
  }
  event.waitUntil(
    work().then(
      told => port?.postMessage(told),
      () => port?.postMessage(null),
    ),
  )
})
