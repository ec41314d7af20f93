import { FacesQuery, type FacePage } from '#shared/records/clientele'
import { api, ApiProblem } from './api'

const WHILE_TYPING_MS = 200

/** Faces a page at a time, as they are asked for; follows whatever is written. */
export function useFaceList() {
  const asked = reactive(new FacesQuery())
  const page = shallowRef<FacePage>({ lines: [], next: null, count: 0 })
  const state = ref<'loading' | 'ready' | 'failed'>('loading')
  const problem = ref('')
  const undo = useUndo()
  let turn = 0

  async function ask(cursor: string): Promise<FacePage | undefined> {
    const mine = ++turn
    state.value = 'loading'
    const { q, skin, order, limit } = asked
    try {
      const answer = await api('get', '/api/faces', { q: q ?? '', skin: skin ?? undefined, order, cursor, limit })
      if (mine !== turn) return undefined
      state.value = 'ready'
      return answer
    } catch (refused) {
      if (!(refused instanceof ApiProblem)) throw refused
      if (mine === turn) {
        problem.value = refused.message
        state.value = 'failed'
      }
      return undefined
    }
  }
  async function load(): Promise<void> {
    const answer = await ask('')
    if (answer) page.value = answer
  }
  async function more(): Promise<void> {
    if (!page.value.next) return
    const answer = await ask(page.value.next)
    if (answer) page.value = { ...answer, lines: [...page.value.lines, ...answer.lines] }
  }
  let soon: ReturnType<typeof setTimeout> | undefined
  onScopeDispose(() => clearTimeout(soon))
  watch(
    () => asked.q,
    () => {
      clearTimeout(soon)
      soon = setTimeout(() => void load(), WHILE_TYPING_MS)
    },
  )
  watch([() => asked.skin, () => asked.order, () => undo.acts], () => void load(), { immediate: true })
  return { asked, page, state, problem, load, more }
}
