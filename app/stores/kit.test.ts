import { createPinia, setActivePinia } from 'pinia'
import { OwnedProductInput } from '#shared/records/kit/kit'
import { api, ApiProblem } from '~/asking/api'
import { ownedProduct } from '../../tests/support/owned'
import { useKit } from './kit'
import { useUndo } from './undo'

jest.mock('~/asking/api', () => ({
  ...jest.requireActual<object>('~/asking/api'),
  api: jest.fn(),
  onDone: jest.fn(),
}))
const server = api as unknown as jest.Mock
const input = Object.assign(new OwnedProductInput(), {
  kind: 'foundation',
  shade: 'Heron',
  lab: { L: 58, a: 11, b: 19 },
})
const bottle = ownedProduct(input, 'h')

beforeEach(() => {
  setActivePinia(createPinia())
  server.mockReset()
})

describe('the kit store', () => {
  it('changes something of several bottles in one request, and nothing else of them', async () => {
    const kit = useKit()
    const full = [bottle, { ...bottle, id: 'o', shade: 'Ouzel', notes: 'the second drawer' }]
    kit.put(full)
    server.mockImplementation(
      (method: string, _route: string, to: { id: string }, sent?: { body: { products: object[] } }) =>
        Promise.resolve(method === 'get' ? full.find(p => p.id === to.id) : sent!.body.products),
    )
    await kit.changeAll(full.map(({ id }) => ({ id, strength: 1.2 })))
    expect(kit.products.map(p => p.strength)).toEqual([1.2, 1.2])
    const written = server.mock.calls.filter(([method]) => method === 'put')
    expect(written).toHaveLength(1)
    expect(written[0]![1]).toBe('/api/kit')
    expect(written[0]![3].body.products[1]).toMatchObject({ shade: 'Ouzel', notes: 'the second drawer', strength: 1.2 })
  })

  it('adds a bottle and takes it out again', async () => {
    const kit = useKit()
    const shelf = (products: object[]) => ({
      products,
      apart: [],
      places: [],
      count: products.length,
      empty: 0,
      kinds: [],
    })
    server.mockResolvedValueOnce(bottle).mockResolvedValueOnce(shelf([bottle]))
    await kit.add(input)
    expect(kit.products.map(p => p.id)).toEqual(['h'])
    server.mockResolvedValueOnce({ id: 'h' }).mockResolvedValueOnce(shelf([]))
    await kit.remove('h')
    expect(server).toHaveBeenCalledWith('delete', '/api/kit/:id', { id: 'h' })
    expect(kit.products).toEqual([])
    expect(kit.count).toBe(0)
  })

  it('keeps of what changed only what is mixed', () => {
    const kit = useKit()
    kit.put([bottle, { ...bottle, id: 'b', kind: 'blush' }])
    expect(kit.products.map(p => p.id)).toEqual(['h'])
    kit.put([{ ...bottle, kind: 'blush' }])
    expect(kit.products).toEqual([])
  })

  it('a refusal is told and nothing changes', async () => {
    const kit = useKit()
    const undo = useUndo()
    kit.put([bottle])
    server.mockRejectedValueOnce(new ApiProblem('This bottle is not here any more: reload the page.'))
    expect(await undo.attempt(() => kit.remove('h'))).toBe(false)
    expect(kit.products).toHaveLength(1)
    expect(undo.message).toContain('reload')
    expect(undo.canUndo).toBe(false)
  })

  it('the shelf holds what can go on a face, and who must stay apart', () => {
    const kit = useKit()
    kit.put([
      bottle,
      { ...bottle, id: 'empty', level: 0 },
      { ...bottle, id: 'old', retiredAt: '2026-01-01' },
      { ...bottle, id: 'clear', colourSource: 'clear' },
      { ...bottle, id: 'lift', kind: 'adjuster' },
    ])
    kit.apart = [{ brand: 'A', range: 'B' }]
    expect(kit.shelf.products.map(p => [p.id, p.isBase])).toEqual([
      ['h', true],
      ['lift', false],
    ])
    expect([...kit.shelf.rules.apart!]).toEqual(['A / B'])
  })
})
