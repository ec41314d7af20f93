import { AuditInput, type AuditAnswer, type StandardInput } from '#shared/records/kit/standards'
import { plain } from '#shared/checks/validate'
import { api } from '../asking/api'
import { useAsked } from '../asking/useAsked'

/** What the kit can do of a standard, asked anew when the kit changes. */
export function useAudit(wanted: Pick<AuditInput, 'standardId' | 'placeId' | 'atHomeToo'>) {
  const ask = (more: Partial<AuditInput>, signal?: AbortSignal): Promise<AuditAnswer> =>
    api('post', '/api/standards/audit', {}, { body: plain({ ...new AuditInput(), ...more }), signal })
  const {
    value: answer,
    state,
    problem,
    again,
  } = useAsked(
    () => [wanted.standardId, wanted.placeId, wanted.atHomeToo] as const,
    ([standardId, placeId, atHomeToo], signal) => ask({ standardId, placeId, atHomeToo }, signal),
  )
  const keep = (standard: StandardInput) => api('put', '/api/standards', {}, { body: plain(standard) })
  const drop = (id: string) => api('delete', '/api/standards/:id', { id })
  return { answer, state, problem, again, ask, keep, drop }
}
