import { whenever } from '@vueuse/core'

/**
 * Asks for the data and makes a worker ready while the code of the page is still being read: before the router, which waits for that
 * code (nuxt.config.ts puts Pinia before it, too).
 */
export default defineNuxtPlugin({
  name: 'opening',
  order: -24,
  setup(nuxtApp) {
    const workspace = useWorkspace()
    void workspace.load(new Promise<void>(resolve => nuxtApp.hook('app:mounted', () => resolve())))
    readyWorker()
    whenever(
      () => workspace.canMix,
      () => prepareWorker(plainShelf(useKit().shelf).products),
      { once: true },
    )
    const [, face] = /^\/faces\/([^/]+)/.exec(location.pathname) ?? []
    if (face) void useFaces().open(face)
  },
})
