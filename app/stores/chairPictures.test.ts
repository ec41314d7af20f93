import { createPinia, setActivePinia } from 'pinia'
import { api, ApiProblem } from '~/asking/api'
import { useChairPictures } from './chairPictures'

const device = new Map<string, unknown>()
jest.mock('idb-keyval', () => ({
  createStore: () => null,
  entries: () => Promise.resolve([...device]),
  get: (id: string) => Promise.resolve(device.get(id)),
  set: (id: string, kept: unknown) => Promise.resolve(void device.set(id, kept)),
  del: (id: string) => Promise.resolve(void device.delete(id)),
}))
jest.mock('~/asking/api', () => ({
  ...jest.requireActual<object>('~/asking/api'),
  api: jest.fn(),
  onDone: jest.fn(),
}))
const server = api as unknown as jest.Mock

const picture = new Blob(['x'])
const away = () => new ApiProblem('The server does not answer.')
beforeEach(() => {
  setActivePinia(createPinia())
  device.clear()
  server.mockReset()
  URL.createObjectURL = () => 'blob:x'
  URL.revokeObjectURL = () => undefined
  globalThis.window ??= { addEventListener: () => undefined } as unknown as typeof window
  jest.useFakeTimers()
})
afterEach(() => jest.useRealTimers())

describe('a picture taken at the chair', () => {
  it('lies on the device until the server has it, and is found there again by the next page', async () => {
    server.mockRejectedValue(away())
    const pictures = useChairPictures()
    await pictures.take('job', 'face', picture)
    expect([pictures.waiting.length, device.size]).toEqual([1, 1])

    setActivePinia(createPinia())
    const later = useChairPictures()
    await later.start()
    expect(later.waiting).toHaveLength(1)
    server.mockReset().mockResolvedValue({ id: 'p' })
    await jest.advanceTimersByTimeAsync(15_000)
    expect(server).toHaveBeenCalledWith('post', '/api/faces/:id/pictures', { id: 'face' }, { body: picture })
    expect([later.waiting.length, device.size]).toEqual([0, 0])
    // Neither page asks any more, the one it was taken on included.
    await jest.advanceTimersByTimeAsync(60_000)
    expect(server).toHaveBeenCalledTimes(1)
    expect(pictures.waiting).toHaveLength(0)
  })

  it('is forgotten with whoever it is of, and told about where it is refused', async () => {
    const pictures = useChairPictures()
    server.mockRejectedValueOnce(new ApiProblem('This face is not here any more', [], null, 404))
    await pictures.take('job', 'gone', picture)
    expect([pictures.waiting.length, device.size]).toEqual([0, 0])
    server.mockRejectedValueOnce(new ApiProblem('This picture cannot be read.', [], null, 400))
    await pictures.take('job', 'face', picture)
    expect(pictures.waiting).toMatchObject([{ refused: 'This picture cannot be read.' }])
    await jest.advanceTimersByTimeAsync(60_000)
    expect(server).toHaveBeenCalledTimes(2)
    await pictures.letGo(pictures.waiting[0]!.id)
    expect([pictures.waiting.length, device.size]).toEqual([0, 0])
  })
})
