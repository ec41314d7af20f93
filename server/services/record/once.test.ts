import { ListedThing } from '#shared/records/kit/listed'
import { faceInput } from '../../../tests/support/inputs'
import { services } from '../../../tests/support/services'

jest.mock('../../keeping/thread', () => jest.requireActual<object>('../../../tests/support/keeperInline'))
const on = services()

/** A request as a route does it. */
async function send(key: string | undefined, name: string) {
  const { digestOf, once } = await import('./once')
  const asked = digestOf('POST /api/faces', { name })
  const request = key === undefined ? {} : { request: { key, asked } }
  return once(
    key,
    asked,
    () => on.asker.run({ device: 'd', done: [], ...request }, () => on.addFace(faceInput(name))),
    () => true,
  )
}
const named = async (name: string) => (await on.allFaces()).filter(f => f.name === name).length

describe('a request that is sent again', () => {
  it('is done once and answered alike, also where both are under way at once', async () => {
    const [first, second] = await Promise.all([send('k1', 'Ada Once'), send('k1', 'Ada Once')])
    expect(second).toEqual(first)
    expect(await send('k1', 'Ada Once')).toEqual(first)
    expect(await named('Ada Once')).toBe(1)
  })

  it('after a restart is known from the data, and said to be done', async () => {
    const { forgetAnswers } = await import('./once')
    await send('k2', 'Bea Once')
    forgetAnswers()
    await expect(send('k2', 'Bea Once')).rejects.toMatchObject({ status: 409, code: 'done-already' })
    expect(await named('Bea Once')).toBe(1)
  })

  it('with something else in it is not taken for what was done, and not done unseen', async () => {
    await send('k3', 'Cleo Once')
    await expect(send('k3', 'Cleo Once, corrected')).rejects.toMatchObject({ code: 'done-already' })
    expect(await named('Cleo Once, corrected')).toBe(0)
    await send('k4', 'Cleo Once, corrected')
    expect(await named('Cleo Once, corrected')).toBe(1)
  })

  it('that was refused, or carries no key, is done anew', async () => {
    const { once } = await import('./once')
    let tries = 0
    const work = () => (++tries === 1 ? Promise.reject(new Error('refused')) : Promise.resolve('done'))
    await expect(once('k5', 'a', work, () => true)).rejects.toThrow('refused')
    expect(await once('k5', 'a', work, () => true)).toBe('done')
    await send(undefined, 'Dora Twice')
    await send(undefined, 'Dora Twice')
    expect(await named('Dora Twice')).toBe(2)
  })

  it('is kept for a day, and not beyond somebody who is forgotten', async () => {
    await send('k6', 'Zyxonce Person')
    const keys = () => on.write(tx => tx.select().from(on.tables.requests))
    expect((await keys()).map(r => r.key)).toContain('k6')
    await on.write(tx => tx.update(on.tables.requests).set({ at: '2020-01-01T00:00:00.000Z' }))
    await send('k7', 'Eve Once')
    expect((await keys()).map(r => r.key)).toEqual(['k7'])
    await on.forgetFace((await on.allFaces()).find(f => f.name === 'Zyxonce Person')!.id)
    expect(await keys()).toEqual([])
  })
})

describe('what is written from an older state', () => {
  it('an order, a level and a standard are refused with what stands there now', async () => {
    const face = await on.addFace(faceInput('Fay Order'))
    const other = await on.addFace(faceInput('Gus Order'))
    const { JobInput, orderVersion } = await import('#shared/records/days/jobs')
    const job = await on.addJob(Object.assign(new JobInput(), { name: 'Two' }))
    for (const { id } of [face, other]) await on.addBookingFor(id, { jobId: job.id, job: null })
    const now = await on.jobById(job.id)
    const ids = now.bookings.map(b => b.id).reverse()
    const version = orderVersion(now)
    await on.orderBookings(job.id, { ids, version })
    await expect(on.orderBookings(job.id, { ids, version })).rejects.toMatchObject({
      status: 409,
      today: { id: job.id },
    })

    await on.addListed({
      things: [Object.assign(new ListedThing(), { kind: 'foundation', name: 'Level' })],
      intoPouches: false,
    })
    const [thing] = await on.allThings()
    const after = await on.setLevel(thing!.id, { level: 0.5, version: thing!.version })
    await expect(on.setLevel(thing!.id, { level: 0.2, version: thing!.version })).rejects.toMatchObject({ status: 409 })
    expect((await on.setLevel(thing!.id, { level: 0.2, version: after.version })).version).toBeGreaterThan(
      after.version,
    )
    expect((await on.allThings())[0]).toMatchObject({ level: 0.2 })

    const file = await on.standardFile((await on.allStandards())[0]!.id)
    await on.keepStandard({ ...file, name: 'Mine' })
    const mine = await on.standardFile(file.id)
    await on.keepStandard({ ...mine, name: 'Mine, changed' })
    await expect(on.keepStandard({ ...mine, name: 'Mine, too' })).rejects.toMatchObject({ status: 409 })
  })
})
