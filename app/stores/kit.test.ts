import { createPinia, setActivePinia } from 'pinia'
import { USUAL_BY_KIND } from '#core/stock/usual'
import { OwnedProductInput } from '#shared/records/kit'
import { api, ApiProblem } from '~/composables/api'
import { useKit } from './kit'
import { useUndo } from './undo'

jest.mock('~/composables/api', () => {
  class ApiProblem extends Error {}
  return { api: jest.fn(), ApiProblem }
})
const server = api as jest.MockedFunction<typeof api>
const input = Object.assign(new OwnedProductInput(), {
  kind: 'foundation',
  shade: 'Heron',
  lab: { L: 58, a: 11, b: 19 },
})
const bottle = {
  ...input,
  traits: USUAL_BY_KIND.foundation.traits,
  ownerFaceId: null,
  id: 'h',
  retiredAt: null,
  createdAt: '2026-11-24T00:00:00Z',
}

beforeEach(() => {
  setActivePinia(createPinia())
  server.mockReset()
})

describe('the kit store', () => {
  it('changes several bottles with one undo', async () => {
    const kit = useKit()
    const other = { ...bottle, id: 'o', shade: 'Ouzel' }
    kit.put([bottle, other])
    server.mockImplementation((path, options) =>
      Promise.resolve({ ...(options!.body as object), id: String(path).split('/')[1] }),
    )
    await kit.changeAll(
      [bottle, other].map(p => ({ ...p, strength: 1.2 })),
      'They pull as measured.',
    )
    expect(kit.products.map(p => p.strength)).toEqual([1.2, 1.2])
    expect(useUndo().message).toBe('They pull as measured.')
    await useUndo().run()
    expect(kit.products.map(p => p.strength)).toEqual([1, 1])
  })
  it('adds a bottle and undo takes it out again', async () => {
    const kit = useKit()
    server.mockResolvedValueOnce(bottle)
    await kit.add(input)
    expect(kit.products.map(p => p.id)).toEqual(['h'])
    server.mockResolvedValueOnce({ id: 'h' })
    await useUndo().run()
    expect(server).toHaveBeenLastCalledWith('kit/h', { method: 'DELETE' })
    expect(kit.products).toEqual([])
  })

  it('deletes a bottle and undo brings it back', async () => {
    const kit = useKit()
    kit.put([bottle])
    server.mockResolvedValueOnce({ id: 'h' })
    await kit.remove('h')
    expect(kit.products).toEqual([])
    expect(useUndo().message).toBe('Heron is deleted.')
    server.mockResolvedValueOnce(bottle)
    await useUndo().run()
    expect(kit.byId.get('h')?.shade).toBe('Heron')
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
      { ...bottle, id: 'lift', kind: 'adjuster' },
    ])
    expect(kit.shelf.products.map(p => [p.id, p.isBase])).toEqual([
      ['h', true],
      ['lift', false],
    ])
  })
})
