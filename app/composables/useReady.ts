import { proxy } from 'comlink'
import type { JobReady } from '#shared/records/ready'
import type { TimetableWork } from '~/workers/timetable.worker'
import type { ReadyCheck } from '~/words/ready'
import { api } from './api'
import { useLoaded } from './useLoaded'
import { useOwnWorker } from './useOwnWorker'
import { unlessStopped } from './useWorkerTask'

const make = () => new Worker(new URL('../workers/timetable.worker.ts', import.meta.url), { type: 'module' })
const LIMIT_MS = 3000

/** What stands between a job and its day; whether the morning fits is worked out in a worker. */
export function useReady(jobId: () => string) {
  const { value, problem, load } = useLoaded(() => api('get', '/api/jobs/:id/ready', { id: jobId() }))
  const solving = useOwnWorker<TimetableWork>(make)
  const morning = shallowRef<ReadyCheck | null>(null)
  /** Whether everything was looked at. */
  const whole = ref(false)

  async function lookAt({ day, notBefore }: JobReady['morning']): Promise<void> {
    morning.value = null
    whole.value = day.faces.length === 0
    if (whole.value) return
    const copy = JSON.parse(JSON.stringify(day)) as typeof day
    const plan = await unlessStopped(
      solving.run(work =>
        work.plan(
          copy,
          LIMIT_MS,
          proxy(() => undefined),
        ),
      ),
    )
    if (!plan) return
    const opens = notBefore ?? 0
    if (plan.start < opens)
      morning.value = {
        is: 'morning',
        lateBy: Math.ceil(opens - plan.start),
        proven: plan.proof.bound < opens,
        opens,
        start: plan.start,
      }
    whole.value = true
  }
  watch(value, now => now && void lookAt(now.morning))
  watch(jobId, () => void load(), { immediate: true })

  const checks = computed<ReadyCheck[]>(() => [
    ...(value.value?.checks ?? []),
    ...(morning.value ? [morning.value] : []),
  ])
  return { ready: value, checks, whole, problem, load }
}
