import { api } from '~/asking/api'

/**
 * Acts on the bag of a job.
 * @param show shows the job anew
 */
export function jobPacking(show: (id: string) => Promise<void>) {
  const bring = (id: string) => api('post', '/api/jobs/:id/bring', { id })
  const takeOut = (id: string) => api('post', '/api/jobs/:id/out', { id })
  const lay = (id: string) => api('post', '/api/jobs/:id/lay', { id })
  const ease = (id: string) => api('post', '/api/jobs/:id/ease', { id })
  const buyLacking = (id: string) => api('post', '/api/jobs/:id/buy', { id })
  /** Some stay at home for this job. */
  async function leave(id: string, ids: readonly string[]): Promise<void> {
    await api('post', '/api/jobs/:id/leave', { id }, { body: { ids: [...ids] } })
    await show(id)
  }
  /** Small vessels in the place of some bottles. */
  async function decant(id: string, ids: readonly string[]): Promise<void> {
    await api('post', '/api/jobs/:id/decant', { id }, { body: { ids: [...ids] } })
    await show(id)
  }

  return {
    bring,
    takeOut,
    lay,
    ease,
    buyLacking,
    leave,
    decant,
  }
}
