import { createPinia, setActivePinia } from 'pinia'
import { nextTick } from 'vue'
import type { Skin } from '#core/complexion/skins/population'
import type { ReachedSkin } from '#core/complexion/reach'
import { bottleInput } from '../../tests/support/inputs'
import { ownedProduct } from '../../tests/support/owned'
import { ApiProblem, Stopped } from '~/asking/api'
import { useClientele } from './clientele'
import { useKit } from './kit'
import { useReach } from './reach'
import { useSettings } from './settings'

jest.mock('~/asking/api', () => ({
  ...jest.requireActual<object>('~/asking/api'),
  api: jest.fn(),
  onDone: jest.fn(),
}))
const run = jest.fn()
const progress = { value: null }
const busy = { value: false }
jest.mock('~/asking/useWorker', () => ({
  useComplexionWorker: () => ({ run, progress, busy, stop: jest.fn() }),
}))

const skin = (id: string, deltaE: number | null) =>
  ({ id, nearest: deltaE === null ? null : { deltaE } }) as unknown as ReachedSkin
const work = { reach: jest.fn<Promise<unknown>, [unknown, Skin[]]>(), byFamily: jest.fn() }
const settle = async () => {
  for (let i = 0; i < 5; i++) await nextTick()
}

beforeEach(() => {
  setActivePinia(createPinia())
  jest.resetAllMocks()
  busy.value = false
  work.reach.mockResolvedValue({ skins: [skin('1 neutral', 1), skin('face:anna', 2.4), skin('face:bert', null)] })
  work.byFamily.mockResolvedValue(new Map([['silicone', { matched: 1, total: 2 }]]))
  run.mockImplementation((call: (w: typeof work, report: () => void) => unknown) => call(work, () => undefined))
})

describe('whom the kit can match', () => {
  it('is not computed until a page wants it; faces count beside the skins of everyone, without weight', async () => {
    const reach = useReach()
    await settle()
    expect(run).not.toHaveBeenCalled()
    reach.keep()
    await settle()
    expect(reach.state).toBe('ready')
    expect(reach.skins.map(s => s.id)).toEqual(['1 neutral'])
    expect([...reach.faceSkins.keys()]).toEqual(['anna', 'bert'])
    expect(reach.byFamily.get('silicone')).toEqual({ matched: 1, total: 2 })
  })

  it('a skin is reached within the tolerance that is set, one without any mix never', () => {
    const reach = useReach()
    expect([2, 2.01, null].map(dE => reach.isReached(skin('x', dE)))).toEqual([true, false, false])
    useSettings().value.tolerance = 3
    expect(reach.isReached(skin('x', 2.01))).toBe(true)
  })

  it('faces that were read go to the worker, those that were not do not', async () => {
    useClientele().value.faces = [
      { id: 'anna', lab: { L: 58, a: 11, b: 19 } },
      { id: 'unread', lab: null },
    ] as never
    await useReach().refresh()
    const [, population] = work.reach.mock.calls[0]!
    const faces = population.filter(s => s.id.startsWith('face:'))
    expect(faces).toMatchObject([{ id: 'face:anna', weight: 0, undertone: expect.any(String) }])
    expect(population.length).toBeGreaterThan(50)
  })

  it('is computed anew when a bottle comes, not when a note is written', async () => {
    const reach = useReach()
    reach.keep()
    await settle()
    const bottle = ownedProduct(bottleInput('Heron'), 'heron')
    useKit().put([bottle])
    await settle()
    expect(work.reach).toHaveBeenCalledTimes(2)
    useKit().put([{ ...bottle, notes: 'the second drawer' }])
    await settle()
    expect(work.reach).toHaveBeenCalledTimes(2)
  })

  it('says when it was stopped and when it broke off; a newer run takes over from a stopped one', async () => {
    const reach = useReach()
    run.mockRejectedValueOnce(new Stopped())
    await reach.refresh()
    expect(reach.state).toBe('stopped')
    run.mockRejectedValueOnce(new ApiProblem('out of memory'))
    await reach.refresh()
    expect(reach.state).toBe('failed')
    busy.value = true
    run.mockRejectedValueOnce(new Stopped())
    await reach.refresh()
    expect(reach.state).toBe('working')
  })
})
