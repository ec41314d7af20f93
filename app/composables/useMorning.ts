import { proxy } from 'comlink'
import type { MorningDay } from '#core/schedule/faces'
import type { Bent, Shorter } from '#core/schedule/shorter'
import type { Timetable } from '#core/schedule/timetable'
import type { TimetableWork } from '~/workers/timetable.worker'
import { api, outcomeOf } from '../asking/api'
import { useAsked, type Asked } from '../asking/useAsked'
import { useWorker } from '../asking/useWorker'

const make = () => new Worker(new URL('../workers/timetable.worker.ts', import.meta.url), { type: 'module' })
// A large party is looked at longer.
const LIMIT_MS = 3000
const LARGE_LIMIT_MS = 9000
const LARGE = 14
const EACH_MS = 700

/** What is worked out of a plain copy: a worker takes no reactive one. */
const copyOf = (day: MorningDay): MorningDay => JSON.parse(JSON.stringify(day)) as MorningDay

/**
 * The morning of a job: asked for, planned in a worker, and what each of its rules costs.
 * @param running the plan alone: what the rules cost is not asked while the day runs
 */
export function useMorning(jobId: () => string, running = false) {
  const asked = useAsked(jobId, (id, signal) => api('get', '/api/jobs/:id/morning', { id }, { signal }))
  const { value: morning } = asked
  const day = () => (morning.value && morning.value.day.faces.length > 0 ? morning.value.day : null)

  const planner = useWorker<TimetableWork>(make)
  const planned: Asked<Timetable> = useAsked(
    day,
    (now, signal) => {
      // The best found so far is shown at once.
      const show = (better: Timetable) => {
        if (!signal.aborted) planned.value.value = better
      }
      const limitMs = now.faces.length > LARGE ? LARGE_LIMIT_MS : LIMIT_MS
      return planner.run(work => work.plan(copyOf(now), limitMs, proxy(show)), signal)
    },
    { afterActs: false, fresh: true },
  )
  /** Planned to the end, or stopped. */
  const ready = computed(() => morning.value !== null && planned.state.value !== 'working')

  const bender = useWorker<TimetableWork>(make)
  const bending: Asked<Bent[]> = useAsked(
    () => (ready.value && !running ? day() : null),
    async (now, signal) => {
      const add = (one: Bent) => {
        if (!signal.aborted) bending.value.value = [...(bending.value.value ?? []), one]
      }
      await bender.run(work => work.bends(copyOf(now), EACH_MS, proxy(add)), signal)
      return bending.value.value ?? []
    },
    { afterActs: false, fresh: true },
  )

  const cutter = useWorker<TimetableWork>(make)
  const late = shallowRef<Shorter | null>(null)
  watch(morning, () => {
    late.value = null
  })
  /** What to cut so that the day can begin as late as this. */
  async function startAt(notBefore: number): Promise<void> {
    const now = morning.value!.day
    late.value = null
    const cut = await outcomeOf(cutter.run(work => work.shorter(copyOf(now), notBefore, EACH_MS)))
    if (cut.ok && morning.value?.day === now) late.value = cut.value
  }

  return {
    asked,
    morning,
    plan: planned.value,
    ready,
    bent: computed(() => bending.value.value ?? []),
    late,
    startAt,
    stop: planned.stop,
    planning: computed(() => planned.state.value === 'working'),
    bending: computed(() => bending.state.value === 'working'),
    cutting: cutter.busy,
  }
}
