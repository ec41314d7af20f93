import { createPinia, setActivePinia } from 'pinia'
import { FaceInput, type Face, type FaceReading } from '#shared/records/faces'
import { Consultation } from '#shared/records/consultation'
import { api } from '~/composables/api'
import { useFaces } from './faces'
import { useUndo } from './undo'

jest.mock('~/composables/api', () => ({ api: jest.fn(), ApiProblem: class extends Error {} }))
const server = api as jest.MockedFunction<typeof api>

const face = (id: string, name: string): Face => ({
  ...Object.assign(new FaceInput(), { name }),
  id,
  createdAt: '',
  consultation: new Consultation(),
  history: [],
  plans: [],
  own: [],
  pictures: [],
  readings: [],
  recipes: [],
  seen: [],
})
const reading = (id: string): FaceReading => ({
  id,
  source: 'typed',
  lab: { L: 58, a: 11, b: 19 },
  covariance: [1, 0, 0, 1, 0, 1],
  note: '',
  site: 'jaw',
  tanned: false,
  takenAt: '',
})

beforeEach(() => {
  setActivePinia(createPinia())
  server.mockReset()
})

async function withFaces(...list: Face[]) {
  const faces = useFaces()
  server.mockResolvedValueOnce(list)
  await faces.load()
  return faces
}

describe('the faces store', () => {
  it('keeps faces in order of their names', async () => {
    const faces = await withFaces(face('1', 'Amahle'), face('2', 'Tove'))
    server.mockResolvedValueOnce(face('3', 'Orla'))
    await faces.add(Object.assign(new FaceInput(), { name: 'Orla' }))
    expect(faces.faces.map(f => f.name)).toEqual(['Amahle', 'Orla', 'Tove'])
  })

  it('the newest reading comes first and counts', async () => {
    const faces = await withFaces({ ...face('1', 'Amahle'), readings: [reading('old')] })
    server.mockResolvedValueOnce(reading('new'))
    await faces.addReading('1', reading('new'))
    expect(faces.byId.get('1')!.readings.map(r => r.id)).toEqual(['new', 'old'])
  })

  it('a deleted face is no longer the current one, and undo brings it back', async () => {
    const faces = await withFaces(face('1', 'Amahle'))
    faces.currentId = '1'
    expect(faces.current?.name).toBe('Amahle')
    server.mockResolvedValueOnce(face('1', 'Amahle'))
    await faces.remove('1')
    expect(faces.current).toBeNull()
    server.mockResolvedValueOnce(face('1', 'Amahle'))
    await useUndo().run()
    expect(faces.faces).toHaveLength(1)
  })

  it('what was seen is told and can be taken back', async () => {
    const faces = await withFaces(face('1', 'Amahle'))
    const seen = { drops: [{ id: 'dune', count: 1 }], seen: 'too light' as const, degree: 'a touch' as const }
    server.mockResolvedValueOnce({ ...seen, id: 's', seenAt: '' })
    await faces.keepSeen('1', seen)
    expect(useUndo().message).toBe('Noted: a touch too light.')
    expect(faces.byId.get('1')!.seen).toHaveLength(1)
    server.mockResolvedValueOnce({})
    await useUndo().run()
    expect(server).toHaveBeenLastCalledWith('seen/s', { method: 'DELETE' })
    expect(faces.byId.get('1')!.seen).toEqual([])
  })

  it('a deleted reading comes back in its place', async () => {
    const faces = await withFaces({ ...face('1', 'Amahle'), readings: [reading('b'), reading('a')] })
    server.mockResolvedValueOnce({})
    await faces.removeReading('1', 'b')
    expect(faces.byId.get('1')!.readings.map(r => r.id)).toEqual(['a'])
    server.mockResolvedValueOnce({})
    await useUndo().run()
    expect(faces.byId.get('1')!.readings.map(r => r.id)).toEqual(['b', 'a'])
  })
})
