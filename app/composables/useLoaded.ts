import { ApiProblem } from './api'

/** What a page shows, asked for when it opens and again after every act; why it could not be had, and a way to try again. */
export function useLoaded<T>(ask: () => Promise<T>) {
  const undo = useUndo()
  const value = shallowRef<T | null>(null)
  const problem = ref('')
  async function load(): Promise<void> {
    problem.value = ''
    try {
      value.value = await ask()
    } catch (refused) {
      if (!(refused instanceof ApiProblem)) throw refused
      problem.value = refused.message
    }
  }
  watch(
    () => undo.acts,
    () => void load(),
  )
  return { value, problem, load }
}
