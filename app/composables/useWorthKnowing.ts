import { typicalSkin, UNDERTONES } from '#core/complexion/skins/skin'
import type { Skin } from '#core/complexion/skins/population'
import type { ComplexionProduct } from '#core/complexion/bottles/product'
import type { Datum } from '#core/plan/worthKnowing'
import type { BookedFace } from '#shared/records/kit/ahead'
import { PlanInput } from '#shared/records/people/plans'
import { plain } from '#shared/checks/validate'
import { api, outcomeOf } from '../asking/api'
import { plainShelf } from '../asking/plainShelf'
import { useComplexionWorker } from '../asking/useWorker'

// Each is reach reckoned anew three times.
const MOST_BOTTLES = 4
/** A skin of every depth and undertone. */
const SKINS: Skin[] = Array.from({ length: 12 }, (_, i) => i + 1).flatMap(depth =>
  UNDERTONES.map(undertone => ({
    id: `${depth} ${undertone}`,
    depth,
    undertone,
    lab: typicalSkin(depth, undertone),
    weight: 1,
  })),
)

/** One datum of one product, and the faces whose plan it would change. */
export interface OpenDatum {
  id: string
  name: string
  datum: Datum
  /** The answers that change something, each with what it changes on whom; on nobody in particular where it is what the kit matches. */
  changes: { value: string; words: string; face: string | null }[]
}

/** Looks face by face for missing data of the kit that would change their plan; can be stopped at any time. */
export function useWorthKnowing() {
  const asked = shallowRef<OpenDatum[]>([])
  const done = ref(0)
  const of = ref(0)
  const state = ref<'idle' | 'working' | 'ready'>('idle')
  const problem = ref('')
  /** Faces that could not be looked at, or not to the end. */
  const partly = ref<string[]>([])
  let turn = 0
  const kit = useKit()
  const settings = useSettings()
  const { run, stop: stopReach } = useComplexionWorker()

  async function look(booked: readonly BookedFace[]): Promise<void> {
    const mine = ++turn
    asked.value = []
    partly.value = []
    problem.value = ''
    done.value = 0
    of.value = booked.length
    state.value = 'working'
    for (const { faceId, bookingId, name } of booked) {
      const body = plain({ ...new PlanInput(), bookingId })
      const looked = await outcomeOf(api('post', '/api/faces/:id/worth-knowing', { id: faceId }, { body }))
      if (mine !== turn) return
      if (!looked.ok || !looked.value.whole) partly.value = [...partly.value, name]
      if (looked.ok) for (const one of looked.value.found) add(one, name)
      else problem.value = looked.refused?.message ?? ''
      done.value++
    }
    await lookAtReach(mine)
    if (mine === turn) state.value = 'ready'
  }

  /** A bottle of unknown base mixes only with its own range: once its base is known, the kit may match more. */
  async function lookAtReach(mine: number): Promise<void> {
    const { products, rules } = plainShelf(kit.shelf)
    const unknown = products.filter(p => p.family === 'unknown').slice(0, MOST_BOTTLES)
    if (unknown.length === 0) return
    const matched = async (kitThen: ComplexionProduct[]) => {
      const found = await outcomeOf(
        run((work, report) => work.reach({ products: kitThen, rules }, SKINS, { ...settings.options }, report)),
      )
      return found.ok ? Math.round(found.value.share.withinTolerance * SKINS.length) : null
    }
    const now = await matched(products)
    for (const bottle of unknown) {
      const changes: OpenDatum['changes'] = []
      for (const family of ['silicone', 'water', 'oil'] as const) {
        const then = await matched(products.map(p => (p.id === bottle.id ? { ...p, family } : p)))
        if (mine !== turn || now === null || then === null) return
        const more = then - now
        const words = `the kit matches ${plural(Math.abs(more), 'skin')} ${more > 0 ? 'more' : 'fewer'} of ${SKINS.length}`
        if (more !== 0) changes.push({ value: family, words, face: null })
      }
      const name = kit.byId.get(bottle.id)?.shade ?? ''
      if (changes.length > 0) put({ id: bottle.id, name, datum: 'base', changes })
    }
  }

  function add(
    one: { id: string; name: string; datum: Datum; changes: { value: string; words: string }[] },
    face: string,
  ) {
    put({ ...one, changes: one.changes.map(c => ({ ...c, face })) })
  }
  function put(one: OpenDatum) {
    const known = asked.value.find(a => a.id === one.id && a.datum === one.datum)
    asked.value = known
      ? asked.value.map(a => (a === known ? { ...a, changes: [...a.changes, ...one.changes] } : a))
      : [...asked.value, one]
  }
  function stop() {
    turn++
    stopReach()
    state.value = 'ready'
  }
  const told = (one: OpenDatum) => {
    asked.value = asked.value.filter(a => a !== one)
  }
  onScopeDispose(() => void turn++)
  return { asked, done, of, state, problem, partly, look, stop, told }
}
