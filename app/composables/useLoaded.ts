import { ref, shallowRef, watch } from 'vue'
import { useUndo } from '~/stores/undo'
import { ApiProblem } from './api'

/**
 * What a page shows, asked for when it opens and again after every act; why it could not be had, and a way to try again. What was asked
 * last counts: an earlier answer that comes later is of a moment that is over.
 */
export function useLoaded<T>(ask: () => Promise<T>) {
  const undo = useUndo()
  const value = shallowRef<T | null>(null)
  const problem = ref('')
  let asked = 0
  async function load(): Promise<void> {
    const own = ++asked
    problem.value = ''
    try {
      const answer = await ask()
      if (own === asked) value.value = answer
    } catch (refused) {
      if (!(refused instanceof ApiProblem)) throw refused
      if (own === asked) problem.value = refused.message
    }
  }
  watch(
    () => undo.acts,
    () => void load(),
  )
  return { value, problem, load }
}
