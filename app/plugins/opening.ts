/**
 * Asks for the data while the code of the page is still being read: before the router, which waits for that code (nuxt.config.ts puts
 * Pinia before it, too). A worker is made ready once everything is here: it would only stand in the way of what is drawn first.
 */
export default defineNuxtPlugin({
  name: 'opening',
  order: -24,
  setup(nuxtApp) {
    const workspace = useWorkspace()
    void workspace.load(new Promise<void>(resolve => nuxtApp.hook('app:mounted', () => resolve())))
    const [, face, room] = /^\/faces\/([^/]+)(\/.+)?/.exec(location.pathname) ?? []
    const faces = useFaces()
    const askBases = (id: string) => {
      if (!room && faces.byId.get(id)?.readings.length) usePlans().askEarly(id)
    }
    if (face) void faces.open(face).then(() => askBases(face))
    if (location.pathname === '/kit') void useBoard().openEarly()
    nuxtApp.hook('app:mounted', async () => {
      await workspace.loaded()
      if (workspace.canMix) readyWorker(plainShelf(useKit().shelf).products)
    })
  },
})
