import { proxy } from 'comlink'
import type { MorningDay } from '#core/schedule/faces'
import type { Bent, Shorter } from '#core/schedule/shorter'
import type { Timetable } from '#core/schedule/timetable'
import type { JobMorning } from '#shared/records/mornings'
import type { TimetableWork } from '~/workers/timetable.worker'
import { api, ApiProblem } from './api'
import { useOwnWorker } from './useOwnWorker'
import { unlessStopped } from './useWorkerTask'

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
  const undo = useUndo()
  const morning = shallowRef<JobMorning | null>(null)
  const plan = shallowRef<Timetable | null>(null)
  /** Planned to the end, or stopped. */
  const ready = ref(false)
  const bent = shallowRef<Bent[]>([])
  const late = shallowRef<Shorter | null>(null)
  const problem = ref('')
  const planning = useOwnWorker<TimetableWork>(make)
  const bending = useOwnWorker<TimetableWork>(make)
  const cutting = useOwnWorker<TimetableWork>(make)
  let turn = 0

  async function load(): Promise<void> {
    const mine = ++turn
    problem.value = ''
    try {
      const asked = await api('get', '/api/jobs/:id/morning', { id: jobId() })
      if (mine !== turn) return
      morning.value = asked
    } catch (refused) {
      if (!(refused instanceof ApiProblem)) throw refused
      problem.value = refused.message
      return
    }
    await solve(mine)
  }

  async function solve(mine: number): Promise<void> {
    const { day } = morning.value!
    plan.value = null
    bent.value = []
    late.value = null
    ready.value = day.faces.length === 0
    if (day.faces.length === 0) return
    const limit = day.faces.length > LARGE ? LARGE_LIMIT_MS : LIMIT_MS
    const found = await unlessStopped(
      planning.run(work =>
        work.plan(
          copyOf(day),
          limit,
          proxy(better => {
            if (mine === turn) plan.value = better
          }),
        ),
      ),
    )
    if (mine !== turn) return
    if (found) plan.value = found
    ready.value = true
    if (running) return
    await unlessStopped(
      bending.run(work =>
        work.bends(
          copyOf(day),
          EACH_MS,
          proxy(one => {
            if (mine === turn) bent.value = [...bent.value, one]
          }),
        ),
      ),
    )
  }

  /** What to cut so that the day can begin as late as this. */
  async function startAt(notBefore: number): Promise<void> {
    const { day } = morning.value!
    late.value = null
    late.value = (await unlessStopped(cutting.run(work => work.shorter(copyOf(day), notBefore, EACH_MS)))) ?? null
  }

  watch(jobId, () => void load(), { immediate: true })
  watch(
    () => undo.acts,
    () => void load(),
  )
  return {
    morning,
    plan,
    ready,
    bent,
    late,
    problem,
    load,
    startAt,
    stop: planning.stop,
    planning: planning.busy,
    bending: bending.busy,
    cutting: cutting.busy,
  }
}
