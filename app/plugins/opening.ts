import { useTimeoutFn } from '@vueuse/core'

// What is drawn is looked at first; only then is something done with it that a worker is asked for.
const WHILE_READ_MS = 3000

/**
 * Asks for the data while the code of the page is still being read: before the router, which waits for that code (nuxt.config.ts puts
 * Pinia before it, too). A worker is made ready later: it would only stand in the way of the first answer.
 */
export default defineNuxtPlugin({
  name: 'opening',
  order: -24,
  setup(nuxtApp) {
    const workspace = useWorkspace()
    void workspace.load(new Promise<void>(resolve => nuxtApp.hook('app:mounted', () => resolve())))
    const [, face] = /^\/faces\/([^/]+)/.exec(location.pathname) ?? []
    if (face) void useFaces().open(face)
    if (location.pathname === '/kit') void useBoard().openEarly()
    nuxtApp.hook('app:mounted', async () => {
      await workspace.loaded()
      useTimeoutFn(() => {
        if (workspace.canMix) readyWorker(plainShelf(useKit().shelf).products)
      }, WHILE_READ_MS)
    })
  },
})
