/** Keeps a job on this device until its day is over: its list and its chair work there without the server. */
export function useKeptAlong(jobId: () => string) {
  const along = useAlong()
  const isKept = computed(() => along.jobs.some(j => j.id === jobId()))
  /** The artist chose not to keep it, on this page. */
  const refused = ref(false)
  const take = async () => {
    refused.value = false
    await along.keep(jobId())
  }
  async function letGo(): Promise<void> {
    refused.value = true
    await along.drop(jobId())
  }
  watch(
    () => [along.able, jobId()] as const,
    ([able]) => {
      if (able && !along.away && !refused.value) void take()
    },
    { immediate: true },
  )
  return { isKept, able: computed(() => along.able), take, letGo }
}
