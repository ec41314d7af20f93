import { proxy } from 'comlink'
import type { TimetableWork } from '~/workers/timetable.worker'
import type { ReadyCheck } from '~/words/ready'
import { api } from '../asking/api'
import { useAsked } from '../asking/useAsked'
import { useWorker } from '../asking/useWorker'

const make = () => new Worker(new URL('../workers/timetable.worker.ts', import.meta.url), { type: 'module' })
const LIMIT_MS = 3000

/** What is still open before the day of a job; whether the morning fits is worked out in a worker. */
export function useReady(jobId: () => string) {
  const {
    value: ready,
    problem,
    again,
  } = useAsked(jobId, (id, signal) => api('get', '/api/jobs/:id/ready', { id }, { signal }))
  const worker = useWorker<TimetableWork>(make)
  const planned = useAsked(
    () => (ready.value && ready.value.morning.day.faces.length > 0 ? ready.value.morning.day : null),
    (day, signal) =>
      worker.run(
        work =>
          work.plan(
            JSON.parse(JSON.stringify(day)) as typeof day,
            LIMIT_MS,
            proxy(() => undefined),
          ),
        signal,
      ),
    { afterActs: false, fresh: true },
  )
  /** Whether everything was looked at. */
  const whole = computed(() => ready.value !== null && ['idle', 'ready'].includes(planned.state.value))

  const tooLate = computed((): ReadyCheck[] => {
    const { value: plan } = planned.value
    const opens = ready.value?.morning.notBefore ?? 0
    if (!plan || plan.start >= opens) return []
    const lateBy = Math.ceil(opens - plan.start)
    return [{ is: 'morning', lateBy, proven: plan.proof.bound < opens, opens, start: plan.start }]
  })
  const checks = computed<ReadyCheck[]>(() => [...(ready.value?.checks ?? []), ...tooLate.value])
  return { ready, checks, whole, problem, again }
}
