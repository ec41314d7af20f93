import type { Datum } from '#core/plan/worthKnowing'
import type { BookedFace } from '#shared/records/ahead'
import { PlanInput } from '#shared/records/plans'
import { plain } from '#shared/validate'
import { api, ApiProblem } from './api'

/** One datum of one product, and the faces whose plan it would change. */
export interface Asked {
  id: string
  name: string
  datum: Datum
  /** The answers that change something, each with what it changes on whom. */
  changes: { value: string; words: string; face: string }[]
}

/** Looks face by face at what nobody has told of the kit and would change their plan; stopped at any time. */
export function useWorthKnowing() {
  const asked = shallowRef<Asked[]>([])
  const done = ref(0)
  const of = ref(0)
  const state = ref<'idle' | 'working' | 'ready'>('idle')
  const problem = ref('')
  /** Faces that could not be looked at, or not to the end. */
  const partly = ref<string[]>([])
  let turn = 0

  async function look(booked: readonly BookedFace[]): Promise<void> {
    const mine = ++turn
    asked.value = []
    partly.value = []
    problem.value = ''
    done.value = 0
    of.value = booked.length
    state.value = 'working'
    for (const { faceId, bookingId, name } of booked) {
      try {
        const body = plain({ ...new PlanInput(), bookingId })
        const { found, whole } = await api('post', '/api/faces/:id/worth-knowing', { id: faceId }, { body })
        if (mine !== turn) return
        if (!whole) partly.value = [...partly.value, name]
        for (const one of found) add(one, name)
      } catch (refused) {
        if (!(refused instanceof ApiProblem)) throw refused
        if (mine !== turn) return
        partly.value = [...partly.value, name]
        problem.value = refused.message
      }
      done.value++
    }
    state.value = 'ready'
  }
  function add(
    one: { id: string; name: string; datum: Datum; changes: { value: string; words: string }[] },
    face: string,
  ) {
    const known = asked.value.find(a => a.id === one.id && a.datum === one.datum)
    const changes = one.changes.map(c => ({ ...c, face }))
    asked.value = known
      ? asked.value.map(a => (a === known ? { ...a, changes: [...a.changes, ...changes] } : a))
      : [...asked.value, { ...one, changes }]
  }
  function stop() {
    turn++
    state.value = 'ready'
  }
  const told = (one: Asked) => {
    asked.value = asked.value.filter(a => a !== one)
  }
  onScopeDispose(() => void turn++)
  return { asked, done, of, state, problem, partly, look, stop, told }
}
