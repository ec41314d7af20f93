import type { AuditAnswer, AuditInput, StandardInput } from '#shared/records/standards'
import { plain } from '#shared/validate'
import { api, ApiProblem } from './api'

/** What the kit can do of a standard, asked anew when the kit changes; the last question wins. */
export function useAudit(asked: { standardId: string; placeId: string | null }) {
  const answer = shallowRef<AuditAnswer | null>(null)
  const state = ref<'working' | 'ready' | 'failed'>('working')
  const problem = ref('')
  const undo = useUndo()
  let turn = 0

  const ask = (input: AuditInput): Promise<AuditAnswer> =>
    api('post', '/api/standards/audit', {}, { body: plain(input) })

  async function load(): Promise<void> {
    const mine = ++turn
    state.value = 'working'
    try {
      const found = await ask({ ...asked })
      if (mine !== turn) return
      answer.value = found
      state.value = 'ready'
    } catch (refused) {
      if (!(refused instanceof ApiProblem)) throw refused
      if (mine !== turn) return
      problem.value = refused.message
      state.value = 'failed'
    }
  }
  watch([() => asked.standardId, () => asked.placeId, () => undo.acts], () => void load(), { immediate: true })

  const keep = (standard: StandardInput) => api('put', '/api/standards', {}, { body: plain(standard) })
  const drop = (id: string) => api('delete', '/api/standards/:id', { id })
  return { answer, state, problem, load, ask, keep, drop }
}
