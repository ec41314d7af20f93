/** The application is stored on the device once its first page is there and everything it starts from. */
export default defineNuxtPlugin({
  name: 'offline',
  setup(nuxtApp) {
    if (import.meta.dev) return
    nuxtApp.hook('app:mounted', async () => {
      const along = useAlong()
      await useWorkspace().loaded()
      // Only once it is known what is kept: before that nothing is let go of.
      watch(
        () => along.jobs,
        jobs => letGoOfTicks(jobs.map(j => j.id)),
      )
      await along.install()
      if (!along.able) letGoOfTicks([])
      await useChairPictures().start()
    })
  },
})
