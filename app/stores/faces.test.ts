import { createPinia, setActivePinia } from 'pinia'
import { FaceInput, type Face, type FaceReading } from '#shared/records/people/faces'
import { Consultation } from '#shared/records/method/consultation'
import { api, ApiProblem } from '~/asking/api'
import { useFaces } from './faces'

jest.mock('~/asking/api', () => ({
  ...jest.requireActual<object>('~/asking/api'),
  api: jest.fn(),
  onDone: jest.fn(),
}))
const server = api as unknown as jest.Mock

const face = (id: string, name: string): Face => ({
  ...Object.assign(new FaceInput(), { name }),
  id,
  version: 1,
  bookings: [],
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

function withFaces(...list: Face[]) {
  const faces = useFaces()
  for (const one of list) faces.put(one)
  return faces
}

describe('the faces store', () => {
  it('the newest reading comes first and counts', async () => {
    const faces = withFaces({ ...face('1', 'Amahle'), readings: [reading('old')] })
    server.mockResolvedValueOnce(reading('new'))
    await faces.addReading('1', reading('new'))
    expect(faces.byId.get('1')!.readings.map(r => r.id)).toEqual(['new', 'old'])
  })

  it('a deleted face is no longer the current one', async () => {
    const faces = withFaces(face('1', 'Amahle'))
    faces.currentId = '1'
    expect(faces.current?.name).toBe('Amahle')
    server.mockResolvedValueOnce({ id: '1' })
    await faces.remove('1')
    expect(faces.current).toBeNull()
  })

  it('is loaded anew one by one, and gone where the server has it no more', async () => {
    const faces = withFaces(face('1', 'Amahle'))
    server.mockResolvedValueOnce({ ...face('1', 'Amahle'), readings: [reading('b'), reading('a')] })
    await faces.reload('1')
    expect(faces.byId.get('1')!.readings.map(r => r.id)).toEqual(['b', 'a'])
    server.mockRejectedValueOnce(new ApiProblem('This face is not here any more'))
    await faces.reload('1')
    expect(faces.byId.size).toBe(0)
  })

  it('read before a change that is shown already, and answered after it, is not shown', async () => {
    const faces = withFaces(face('1', 'Amahle'))
    let answer!: (face: Face) => void
    server.mockReturnValueOnce(new Promise<Face>(resolve => (answer = resolve)))
    const read = faces.reload('1')
    server.mockResolvedValueOnce(face('1', 'Amahle Renamed'))
    await faces.change('1', { ...face('1', 'Amahle Renamed') })
    answer(face('1', 'Amahle'))
    await read
    expect(faces.byId.get('1')!.name).toBe('Amahle Renamed')
  })

  describe('answers that were given in two places', () => {
    const stale = (today: Face) => new ApiProblem('changed elsewhere', [], today)
    it('are both kept where they are different ones', async () => {
      const faces = withFaces(face('1', 'Amahle'))
      const today = { ...face('1', 'Amahle'), version: 2, consultation: { ...new Consultation(), look: 'gold lid' } }
      server.mockRejectedValueOnce(stale(today))
      server.mockImplementationOnce((_m, _r, _to, { body }: { body: object }) =>
        Promise.resolve({ ...today, version: 3, consultation: body }),
      )
      await faces.answer('1', { noScent: true })
      expect(server.mock.lastCall![3].body).toMatchObject({ version: 2, noScent: true, look: 'gold lid' })
      expect(faces.byId.get('1')!.version).toBe(3)
    })
    it('are refused where they are the same one, and what stands there is shown', async () => {
      const faces = withFaces(face('1', 'Amahle'))
      const today = { ...face('1', 'Amahle'), version: 2, consultation: { ...new Consultation(), look: 'gold lid' } }
      server.mockRejectedValueOnce(stale(today))
      await expect(faces.answer('1', { look: 'red lip' })).rejects.toThrow('changed elsewhere')
      expect(faces.byId.get('1')!.consultation.look).toBe('gold lid')
    })
  })
})
