import { createPinia, setActivePinia } from 'pinia'
import type { Board } from '#shared/records/kit/things'
import { thing } from '../../tests/support/thing'
import { api, ApiProblem } from '~/asking/api'
import { useBoard } from './board'

jest.mock('~/asking/api', () => ({
  ...jest.requireActual<object>('~/asking/api'),
  api: jest.fn(),
  onDone: jest.fn(),
}))
const server = api as unknown as jest.Mock
const NOTHING = { count: 0, massG: 0, roomMl: 0, worthMinor: 0 }
const brush = thing({ id: 'brush', placeId: 'case' })
const place = (id: string, parentId: string | null, things: (typeof brush)[]) => ({
  ...{ id, parentId, sort: 'pouch', name: `The ${id}`, position: 0, version: 1, depth: parentId ? 1 : 0 },
  ...{ own: {}, limits: {}, here: NOTHING, within: NOTHING, things },
})
const standing = (count: number): Board =>
  ({
    places: [place('case', null, [brush]), place('pouch', 'case', [])],
    nowhere: { here: NOTHING, things: [] },
    ...{ count, placesUsed: 1, retired: 0, past: 0, notices: [] },
  }) as unknown as Board

beforeEach(() => {
  setActivePinia(createPinia())
  server.mockReset()
})

describe('the board', () => {
  it('that was asked for early is not asked for again by the page, but whenever the page is opened after', async () => {
    const board = useBoard()
    server.mockResolvedValueOnce(standing(1)).mockResolvedValueOnce(standing(2))
    void board.openEarly()
    await board.open()
    expect([server.mock.calls.length, board.board.count, board.state]).toEqual([1, 1, 'ready'])
    await board.open()
    expect([server.mock.calls.length, board.board.count]).toEqual([2, 2])
  })
  it('that was asked for early is asked for again where that failed, or is long past', async () => {
    const board = useBoard()
    server.mockRejectedValueOnce(new ApiProblem('Away.')).mockResolvedValueOnce(standing(1))
    await board.openEarly()
    expect(board.state).toBe('failed')
    await board.open()
    expect([board.state, board.board.count]).toEqual(['ready', 1])
    server.mockResolvedValueOnce(standing(2)).mockResolvedValueOnce(standing(3))
    await board.openEarly()
    const now = jest.spyOn(Date, 'now').mockReturnValue(Date.now() + 60_000)
    await board.open()
    now.mockRestore()
    expect(board.board.count).toBe(3)
  })
  it('tells why it cannot be had, and can be asked again', async () => {
    const board = useBoard()
    server.mockRejectedValueOnce(new ApiProblem('The server does not answer.')).mockResolvedValueOnce(standing(1))
    await board.open()
    expect([board.state, board.problem]).toEqual(['failed', 'The server does not answer.'])
    await board.load()
    expect(board.state).toBe('ready')
  })
  it('shows a thing where it is let go before anybody has answered, and then as the server has it', async () => {
    const board = useBoard()
    server.mockResolvedValueOnce(standing(1))
    await board.open()
    expect(board.pathOf('pouch')).toEqual(['The case', 'The pouch'])
    let answer!: (done: object) => void
    server.mockReturnValueOnce(new Promise(resolve => (answer = resolve))).mockResolvedValueOnce(standing(3))
    const moved = board.move([{ id: 'brush' }], 'pouch')
    expect(board.placeById.get('pouch')!.things.map(t => t.id)).toEqual(['brush'])
    expect(board.placeById.get('case')!.things).toEqual([])
    answer({})
    await moved
    expect(board.board.count).toBe(3)
    expect(board.placeById.get('case')!.things.map(t => t.id)).toEqual(['brush'])
  })
})
