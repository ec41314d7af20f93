import { api, outcomeOf } from '~/asking/api'

/** The address of another Varietas on this computer. */
const addressAt = (port: number) => `${location.protocol}//${location.hostname}:${port}/`

/** The demo beside one's own kit: the way there and back. */
export function useDemo() {
  const keeping = useKeeping()
  const here = computed(() => keeping.state.demo)
  const back = computed(() => (here.value.back === null ? null : addressAt(here.value.back)))
  /** A proxy that makes https of it passes on one port alone. */
  const canOpen = computed(() => !here.value.isDemo && location.protocol === 'http:')

  const opening = ref(false)
  const refused = ref('')
  let wanted: AbortController | null = null
  async function open() {
    refused.value = ''
    opening.value = true
    wanted = new AbortController()
    const outcome = await outcomeOf(
      api('post', '/api/demo', {}, { signal: wanted.signal, quiet: true, mayRepeat: true }),
    )
    opening.value = false
    if (outcome.ok) location.assign(addressAt(outcome.value.port))
    else refused.value = outcome.refused?.message ?? ''
  }
  const stop = () => wanted?.abort()
  return { here, back, canOpen, opening, refused, open, stop }
}
