/** The application is stored on the device once its first page is there and everything it starts from. */
export default defineNuxtPlugin({
  name: 'offline',
  setup(nuxtApp) {
    if (import.meta.dev) return
    nuxtApp.hook('app:mounted', async () => {
      const along = useAlong()
      await useWorkspace().loaded()
      // Only once it is known what is kept: before that nothing is dropped.
      watch(
        () => along.jobs,
        jobs => dropOldTicks(jobs.map(j => j.id)),
      )
      await along.install()
      if (!along.able) dropOldTicks([])
      await useChairPictures().start()
      await lookAfterKept()
      watch(
        () => along.away,
        away => {
          if (!away) void lookAfterKept()
        },
      )
    })
  },
})
