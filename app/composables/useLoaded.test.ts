import { createPinia, setActivePinia } from 'pinia'
import { useUndo } from '~/stores/undo'
import { ApiProblem } from './api'
import { useLoaded } from './useLoaded'

/** A server whose answers come when the test lets them. */
function asked() {
  const open: { answer: (value: string) => void; refuse: (problem: unknown) => void }[] = []
  const ask = () => new Promise<string>((answer, refuse) => open.push({ answer, refuse }))
  return { open, loaded: useLoaded(ask) }
}
const settled = () => new Promise(setImmediate)

describe('what a page shows', () => {
  beforeEach(() => setActivePinia(createPinia()))

  it('is asked for anew after an act, and the answer from before it, coming late, changes nothing', async () => {
    const { open, loaded } = asked()
    void loaded.load()
    useUndo().acts++
    await settled()
    expect(open).toHaveLength(2)
    open[1]!.answer('after')
    await settled()
    open[0]!.answer('before')
    await settled()
    expect(loaded.value.value).toBe('after')
  })

  it('says why it could not be had; a refusal that comes late is not said', async () => {
    const { open, loaded } = asked()
    void loaded.load()
    open[0]!.refuse(new ApiProblem('The server does not answer.'))
    await settled()
    expect(loaded.problem.value).toBe('The server does not answer.')
    void loaded.load()
    void loaded.load()
    open[2]!.answer('there')
    open[1]!.refuse(new ApiProblem('late'))
    await settled()
    expect([loaded.value.value, loaded.problem.value]).toEqual(['there', ''])
  })
})
