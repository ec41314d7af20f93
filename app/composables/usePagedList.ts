import { computed } from 'vue'
import { useDebounce } from '@vueuse/core'
import { outcomeOf } from '../asking/api'
import { useAsked } from '../asking/useAsked'

const WHILE_TYPING_MS = 200

interface Page<Line> {
  lines: Line[]
  next: string | null
  count: number
}

/**
 * A list a page at a time, as it is looked for; follows whatever is written.
 * @param sought what is looked for, with the words typed in `q`
 */
export function usePagedList<Line, Sought extends { q: string }>(
  sought: Sought,
  fetch: (sought: Sought & { cursor: string }, signal?: AbortSignal) => Promise<Page<Line>>,
) {
  const typed = useDebounce(
    computed(() => sought.q ?? ''),
    WHILE_TYPING_MS,
  )
  const others = () =>
    Object.entries(sought)
      .flatMap(([k, v]) => (k === 'q' ? [] : [`${k} ${String(v)}`]))
      .join()
  const list = useAsked(
    () => [typed.value, others()],
    ([q], signal) => fetch({ ...sought, q, cursor: '' }, signal),
  )
  const page = computed((): Page<Line> => list.value.value ?? { lines: [], next: null, count: 0 })
  async function more(): Promise<void> {
    const before = list.value.value
    if (!before?.next) return
    list.state.value = 'working'
    const answer = await outcomeOf(fetch({ ...sought, q: typed.value, cursor: before.next }))
    // Looked for anew meanwhile: the pages of that list are others.
    if (list.value.value !== before) return
    list.refused.value = answer.ok ? null : answer.refused
    list.state.value = answer.ok ? 'ready' : 'failed'
    if (answer.ok) list.value.value = { ...answer.value, lines: [...before.lines, ...answer.value.lines] }
  }
  return { asked: sought, page, state: list.state, problem: list.problem, again: list.again, more }
}
