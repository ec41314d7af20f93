import { USUAL_CHAIR } from '#core/plan/layers/chair'
import { BookingInput, ChairInput, JobInput, MorningInput, NewBookingInput } from '#shared/records/days/jobs'
import { bottleInput, faceInput, MID_SKIN, typedReading } from '../../../tests/support/inputs'
import { services } from '../../../tests/support/services'

jest.mock('../../compute/pool', () => jest.requireActual<object>('../../../tests/support/plansInline'))
const on = services()
const asking = { caller: 'test', signal: new AbortController().signal }

const job = (more: Partial<JobInput> = {}, morning: Partial<MorningInput> = {}) =>
  on.addJob(
    Object.assign(new JobInput(), {
      name: 'Vows',
      day: '2026-03-29',
      timeZone: 'Europe/Paris',
      morning: { ...new MorningInput(), ...morning },
      ...more,
    }),
  )
const book = async (jobId: string, name: string, chair: Partial<ChairInput> = {}, readyBy?: string) => {
  const { id: faceId } = await on.addFace(faceInput(name))
  const input = { jobId, faceId, chair: { ...new ChairInput(), ...chair }, readyBy }
  return on.addBooking(Object.assign(new NewBookingInput(), input))
}

describe('the morning of a job', () => {
  it('takes of each face what its plan takes, and a usual time where the skin is not read', async () => {
    const { id } = await job({}, { readyBy: '11:40', notBefore: '07:00', others: ['Bo'], hairStations: 1 })
    const read = await book(id, 'Wilma', { lead: true, hair: { minutes: 40, order: 'before' } }, '11:00')
    await book(id, 'Tove')
    await on.addReading(read.faceId, typedReading(MID_SKIN))
    await on.addProduct(bottleInput('Heron'))
    const { day, notBefore, timed } = await on.morningFor(id, asking)
    // Summer time began that night: an hour fewer has passed.
    expect({ begins: day.begins, notBefore, timed, artists: day.artists }).toEqual({
      begins: 10 * 60 + 40,
      notBefore: 6 * 60,
      timed: true,
      artists: ['you', 'Bo'],
    })
    const [wilma, tove] = day.faces
    expect(wilma).toMatchObject({ name: 'Wilma', lead: true, readyBy: 600, guessed: null, skin: MID_SKIN })
    expect(wilma!.chair.after).toBeGreaterThan(5)
    expect(tove).toMatchObject({ readyBy: null, chair: USUAL_CHAIR, skin: null })
    expect(tove!.guessed).toContain('has not been read')
  })
  it('of a job that says nothing is at noon, alone and without hair', async () => {
    const { id } = await job({ day: null })
    expect(await on.morningFor(id, asking)).toEqual({
      day: {
        artists: ['you'],
        hairStations: 0,
        setUp: 25,
        changeover: 4,
        begins: 720,
        faces: [],
        keepOrder: false,
      },
      notBefore: null,
      timed: false,
      packDown: 20,
    })
    await expect(on.morningFor('nothing', asking)).rejects.toThrow('not here any more')
  })
  it('is kept in an order, or shortened, by one act that is taken back as one', async () => {
    const { id } = await job()
    const [a, b] = [await book(id, 'Ana'), await book(id, 'Bea')]
    await on.orderBookings(id, { ids: [b.id, a.id], keep: true })
    const kept = await on.morningFor(id, asking)
    expect([kept.day.keepOrder, kept.day.faces.map(f => f.name)]).toEqual([true, ['Bea', 'Ana']])
    await on.cutOn(id, {
      cuts: [
        { bookingId: a.id, slot: 'lashes' },
        { bookingId: a.id, slot: 'mask' },
        { bookingId: b.id, slot: 'mask' },
      ],
    })
    await on.cutOn(id, { cuts: [{ bookingId: b.id, slot: 'mask' }] })
    const cut = async () => (await on.jobById(id)).bookings.map(x => x.chair.cut)
    expect(await cut()).toEqual([['mask'], ['lashes', 'mask']])
    await on.undo()
    await on.undo()
    expect(await cut()).toEqual([[], []])
    await expect(on.cutOn(id, { cuts: [{ bookingId: 'other', slot: 'mask' }] })).rejects.toThrow()
    // What is changed of a booking leaves its place in the morning as it is said there.
    const [first] = (await on.jobById(id)).bookings
    const { faceId: _face, id: bookingId, faceName: _name, ...rest } = first!
    await on.changeBooking(bookingId, Object.assign(new BookingInput(), { ...rest, readyBy: '10:15' }))
    expect((await on.morningFor(id, asking)).day.faces[0]).toMatchObject({ readyBy: 9 * 60 + 15 })
  })
})

describe('all faces of a job together', () => {
  it('share the kit; whoever is not read is named, and counts for nothing', async () => {
    const { id } = await job()
    const read = await book(id, 'Ines')
    const unread = await book(id, 'Otto')
    await on.addReading(read.faceId, typedReading(MID_SKIN))
    const all = await on.togetherOn(id, asking)
    expect(all.faces.map(f => f.name)).toEqual(['Ines', 'Otto'])
    expect(all.unplanned).toEqual([unread.faceId])
    expect(all.bottles.every(b => b.faces.length === 1 && b.faces[0] === read.faceId)).toBe(true)
    expect(all.counts.find(c => c.kind === 'tissues')).toMatchObject({ need: 6, along: 0, elsewhere: 0 })
    expect(await on.togetherOn((await job()).id, asking)).toMatchObject({ faces: [], bottles: [], counts: [] })
  })
})
