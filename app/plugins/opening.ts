/** Asks for the data and starts a worker while the code of the page is still being read. */
export default defineNuxtPlugin(() => {
  void useWorkspace().load()
  readyWorker()
  const { matched, params } = useRouter().resolve(location.pathname)
  if (matched.some(({ path }) => path.startsWith('/faces/:id'))) void useFaces().open(String(params.id))
})
