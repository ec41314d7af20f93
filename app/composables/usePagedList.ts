import { watchDebounced } from '@vueuse/core'
import { ApiProblem } from './api'

const WHILE_TYPING_MS = 200

interface Page<Line> {
  lines: Line[]
  next: string | null
  count: number
}

/**
 * A list a page at a time, as it is asked for; follows whatever is written.
 * @param asked what is looked for, with the words typed in `q`
 */
export function usePagedList<Line, Asked extends { q: string }>(
  asked: Asked,
  fetch: (asked: Asked & { cursor: string }) => Promise<Page<Line>>,
) {
  const page = shallowRef<Page<Line>>({ lines: [], next: null, count: 0 })
  const state = ref<'loading' | 'ready' | 'failed'>('loading')
  const problem = ref('')
  const undo = useUndo()
  let turn = 0

  async function ask(cursor: string): Promise<Page<Line> | undefined> {
    const mine = ++turn
    state.value = 'loading'
    try {
      const answer = await fetch({ ...asked, q: asked.q ?? '', cursor })
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
  watchDebounced(() => asked.q, load, { debounce: WHILE_TYPING_MS })
  const others = () =>
    Object.entries(asked)
      .flatMap(([k, v]) => (k === 'q' ? [] : [`${k} ${String(v)}`]))
      .join()
  watch([others, () => undo.acts], () => void load(), { immediate: true })
  return { asked, page, state, problem, load, more }
}
