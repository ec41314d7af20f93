import type { AuditAnswer, AuditInput, StandardInput } from '#shared/records/kit/standards'
import { plain } from '#shared/checks/validate'
import { api } from '../asking/api'
import { useAsked } from '../asking/useAsked'

/** What the kit can do of a standard, asked anew when the kit changes. */
export function useAudit(wanted: { standardId: string; placeId: string | null }) {
  const ask = (input: AuditInput, signal?: AbortSignal): Promise<AuditAnswer> =>
    api('post', '/api/standards/audit', {}, { body: plain(input), signal })
  const {
    value: answer,
    state,
    problem,
    again,
  } = useAsked(
    () => [wanted.standardId, wanted.placeId],
    ([standardId, placeId], signal) => ask({ standardId, placeId }, signal),
  )
  const keep = (standard: StandardInput) => api('put', '/api/standards', {}, { body: plain(standard) })
  const drop = (id: string) => api('delete', '/api/standards/:id', { id })
  return { answer, state, problem, again, ask, keep, drop }
}
