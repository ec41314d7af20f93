import { effectScope, nextTick, ref, shallowRef } from 'vue'
import { acts, ApiProblem, Stopped } from './api'
import { useAsked } from './useAsked'

/** Whoever answers when the test lets them. */
function answers() {
  const open: { answer: (value: string) => void; refuse: (problem: unknown) => void; signal: AbortSignal }[] = []
  const ask = (_key: unknown, signal: AbortSignal) =>
    new Promise<string>((answer, refuse) => open.push({ answer, refuse, signal }))
  return { open, ask }
}
const settled = () => new Promise(setImmediate)
const scope = effectScope()
afterAll(() => scope.stop())
/** A question as a view asks it, which ends with the view. */
const asked = <T>(make: () => T): T => scope.run(make)!

describe('what a view shows', () => {
  it('is asked when the view opens, and anew when its key changes', async () => {
    const { open, ask } = answers()
    const id = ref('a')
    const { value, state } = asked(() => useAsked(() => id.value, ask))
    expect(state.value).toBe('working')
    open[0]!.answer('of a')
    await settled()
    expect([value.value, state.value]).toEqual(['of a', 'ready'])
    id.value = 'b'
    await nextTick()
    expect(value.value).toBe('of a')
    expect(state.value).toBe('working')
    open[1]!.answer('of b')
    await settled()
    expect(value.value).toBe('of b')
  })

  it('is asked for anew after an act, and the answer from before it, coming late, changes nothing', async () => {
    const { open, ask } = answers()
    const { value } = asked(() => useAsked(() => 'a', ask))
    acts.value++
    await settled()
    expect(open).toHaveLength(2)
    expect(open[0]!.signal.aborted).toBe(true)
    open[1]!.answer('after')
    await settled()
    open[0]!.answer('before')
    await settled()
    expect(value.value).toBe('after')
  })

  it('is not asked for anew where no part of its key is another, though the list of them is', async () => {
    const { open, ask } = answers()
    const [shelf, other] = [shallowRef({}), ref(0)]
    asked(() => useAsked(() => [shelf.value, Math.min(other.value, 1)], ask, { afterActs: false }))
    acts.value++
    other.value = 1
    await nextTick()
    expect(open).toHaveLength(2)
    other.value = 2
    await nextTick()
    expect(open).toHaveLength(2)
    shelf.value = {}
    await nextTick()
    expect(open).toHaveLength(3)
  })

  it('goes when there is nothing to ask any more; a fresh one goes with its key', async () => {
    const { open, ask } = answers()
    const id = ref<string | null>(null)
    const { value, state } = asked(() => useAsked(() => id.value, ask, { fresh: true }))
    expect([open.length, state.value]).toEqual([0, 'idle'])
    id.value = 'a'
    await nextTick()
    open[0]!.answer('of a')
    await settled()
    id.value = 'b'
    await nextTick()
    expect([value.value, state.value]).toEqual([null, 'working'])
    id.value = null
    await nextTick()
    expect(state.value).toBe('idle')
    open[1]!.answer('late')
    await settled()
    expect(value.value).toBeNull()
  })

  it('says why it could not be had; a refusal that comes late is not said', async () => {
    const { open, ask } = answers()
    const { value, state, refused, problem, again } = asked(() => useAsked(() => 'a', ask))
    open[0]!.refuse(new ApiProblem('The server does not answer.', [], null, 503))
    await settled()
    expect([problem.value, state.value, refused.value?.status]).toEqual(['The server does not answer.', 'failed', 503])
    void again()
    void again()
    open[2]!.answer('there')
    open[1]!.refuse(new ApiProblem('late'))
    await settled()
    expect([value.value, problem.value]).toEqual(['there', ''])
  })

  it('is stopped by the artist or by the worker, and asked again when she wants', async () => {
    const { open, ask } = answers()
    const { value, state, stop, again } = asked(() => useAsked(() => 'a', ask))
    stop()
    expect([state.value, open[0]!.signal.aborted]).toEqual(['stopped', true])
    open[0]!.answer('late')
    await settled()
    expect(value.value).toBeNull()
    const second = again()
    open[1]!.refuse(new Stopped())
    await second
    expect(state.value).toBe('stopped')
    const third = again()
    open[2]!.answer('there')
    await third
    expect([value.value, state.value]).toEqual(['there', 'ready'])
  })

  it('a fault of the program is no refusal: it is thrown on, and the view does not wait for ever', async () => {
    const { open, ask } = answers()
    const { state, first } = asked(() => useAsked(() => 'a', ask))
    const thrown = expect(first).rejects.toThrow('not a function')
    open[0]!.refuse(new TypeError('not a function'))
    await thrown
    expect(state.value).toBe('failed')
  })

  it('ends with its view', async () => {
    const { open, ask } = answers()
    const view = effectScope()
    view.run(() => useAsked(() => 'a', ask))
    view.stop()
    expect(open[0]!.signal.aborted).toBe(true)
    acts.value++
    await settled()
    expect(open).toHaveLength(1)
  })
})
