/**
 * Asks for the data and starts a worker while the code of the page is still being read: before the router, which waits for that
 * code (nuxt.config.ts puts Pinia before it, too).
 */
export default defineNuxtPlugin({
  name: 'opening',
  order: -24,
  setup(nuxtApp) {
    void useWorkspace().load(new Promise<void>(resolve => nuxtApp.hook('app:mounted', () => resolve())))
    readyWorker()
    const [, face] = /^\/faces\/([^/]+)/.exec(location.pathname) ?? []
    if (face) void useFaces().open(face)
  },
})
