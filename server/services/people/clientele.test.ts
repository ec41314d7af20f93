import sharp from 'sharp'
import { FacesQuery } from '#shared/records/people/clientele'
import { Consultation } from '#shared/records/method/consultation'
import { NewFaceInput } from '#shared/records/people/faces'
import { JobInput } from '#shared/records/days/jobs'
import { targetReading } from '#shared/asked/faceFacts'
import { bottleInput, typedReading } from '../../../tests/support/inputs'
import { seeded } from '../../../tests/support/random'
import { services } from '../../../tests/support/services'

const on = services()

const read = (id: string, L: number, more: object = {}) =>
  on.addReading(id, { ...typedReading({ L, a: 11, b: 19 }), ...more })
const add = (name: string, day?: string, more: Partial<NewFaceInput> = {}) =>
  on.addFace(
    Object.assign(new NewFaceInput(), {
      name,
      ...(day ? { booking: { jobId: null, job: Object.assign(new JobInput(), { name: `Job of ${day}`, day }) } } : {}),
      ...more,
    }),
  )
const ask = (more: Partial<FacesQuery> = {}) => on.faceList(Object.assign(new FacesQuery(), more))

describe('faces a page at a time', () => {
  it('come whole and once, whatever the order and the size of a page, also when one is added between two pages', async () => {
    const random = seeded(1)
    for (let i = 0; i < 23; i++) {
      const day = random.pick([undefined, '2199-01-01', '2199-02-01', '2020-01-01'])
      const { id } = await add(`Face ${String(i % 7)} same name`, day)
      if (i % 3) await read(id, 30 + i)
    }
    for (const order of ['booked', 'name', 'depth'] as const) {
      for (const limit of [1, 4, 100]) {
        const ids: string[] = []
        let cursor = ''
        do {
          const page = await ask({ order, limit, cursor })
          ids.push(...page.lines.map(l => l.id))
          expect(page.count).toBe((await on.allFaces()).length)
          cursor = page.next ?? ''
        } while (cursor)
        expect(new Set(ids).size).toBe(ids.length)
        expect(ids).toHaveLength((await on.allFaces()).length)
      }
    }
    const first = await ask({ order: 'name', limit: 5 })
    await add('Aaa before everybody')
    const second = await ask({ order: 'name', limit: 100, cursor: first.next! })
    expect(second.lines.some(l => first.lines.some(f => f.id === l.id))).toBe(false)
    await expect(ask({ cursor: 'nonsense' })).rejects.toMatchObject({ issues: [{ path: 'cursor' }] })
  }, 30_000)

  it('are in the order asked for: soonest booked, by name, lightest', async () => {
    const booked = (await ask({ limit: 100 })).lines.map(l => l.booking?.day ?? '9')
    const coming = booked.map(day => (day < '2026-11-26' ? '9' : day))
    expect(coming).toEqual([...coming].sort())
    const names = (await ask({ order: 'name', limit: 100 })).lines.map(l => l.name)
    expect(names).toEqual([...names].sort())
    const depths = (await ask({ order: 'depth', limit: 100 })).lines.flatMap(l => l.lab?.L ?? [])
    expect(depths).toEqual([...depths].sort((x, y) => y - x))
  })

  it('are found by every word, in name, wishes or job, letters beyond ASCII too, and signs of the database are none', async () => {
    await add('Ørjan Ålesund', '2199-03-01', { wishes: 'gold_lid 100%' })
    const names = async (q: string) => (await ask({ q })).lines.map(l => l.name)
    for (const q of ['ørjan', 'ÅLESUND', 'ørjan 2199-03', 'gold_lid', '100%'])
      expect(await names(q)).toEqual(['Ørjan Ålesund'])
    for (const q of ['gold-lid', 'g_ld', '%%', 'ørjan nobody']) expect(await names(q)).toEqual([])
    expect((await ask({ q: 'ørjan', skin: 'oily' })).count).toBe(0)
    const spelt = ['Élodée', 'ÉLODÉE', 'élodée'].sort()
    for (const name of [...spelt, 'LaÉté']) await add(name)
    for (const q of spelt) expect((await names(q)).sort()).toEqual(spelt)
    expect(await names('LaÉté')).toEqual(['LaÉté'])
  })
})

describe('whom the kit is for', () => {
  it('follows every reading, weight and tan as the face itself does', async () => {
    const { id } = await add('Tansy')
    const inList = async () => (await on.clientele()).faces.find(f => f.id === id)!.lab
    expect(await inList()).toBeNull()
    const agree = async () => {
      const face = await on.faceById(id)
      expect(await inList()).toEqual(targetReading(face)?.mean ?? null)
    }
    const first = await read(id, 60)
    await agree()
    await read(id, 50, { site: 'neck' })
    await agree()
    await on.changeConsultation(id, { ...new Consultation(), siteWeights: { neck: 3, jaw: 1 } })
    await agree()
    await read(id, 40, { tanned: true })
    await on.changeConsultation(id, { ...new Consultation(), tanOn: true })
    await agree()
    const seen = new Set<number>()
    for (const tanOn of [false, true, null]) {
      await on.changeConsultation(id, { ...new Consultation(), tanOn })
      await agree()
      seen.add((await inList())!.L)
    }
    expect(seen.size).toBeGreaterThan(1)
    await on.changeConsultation(id, { ...new Consultation(), tanOn: true })
    await on.deleteFromFace('readings', first.id, 'reading')
    await agree()
    // It is reckoned once, until something is written.
    const kept = async () => (await on.targetsOf([id])).get(id)
    const before = await kept()
    expect(await kept()).toBe(before)
    await read(id, 45, { tanned: true })
    expect(await kept()).not.toEqual(before)
  })

  it('counts all, the unread, and in how many recipes a product is; skins of nearly one colour are one', async () => {
    const before = await on.clientele()
    const bottle = await on.addProduct(bottleInput('Heron', { kind: 'foundation', lab: { L: 58, a: 11, b: 19 } }))
    const [a, b] = [await add('Twin one', '2199-01-02'), await add('Twin two')]
    for (const { id } of [a, b]) {
      await read(id, 77.7)
      for (let i = 0; i < 2; i++)
        await on.saveRecipe(id, {
          drops: [{ id: bottle.id, count: 1 }],
          lab: { L: 58, a: 11, b: 19 },
          deltaE: 1,
          chance: 1,
          note: '',
        })
    }
    const after = await on.clientele()
    expect([after.all - before.all, after.unread - before.unread]).toEqual([2, 0])
    expect(after.inRecipes[bottle.id]).toBe(2)
    expect(after.skins.find(s => Math.abs(s.lab.L - 77.7) < 0.5)?.weight).toBe(2)
    expect(after.skins.reduce((sum, s) => sum + s.weight, 0)).toBe(after.all - after.unread)
    // Who comes soonest stands first.
    expect(after.faces.findIndex(f => f.id === a.id)).toBeLessThan(after.faces.findIndex(f => f.id === b.id))
    await on.removeFace(a.id)
    expect((await on.clientele()).inRecipes[bottle.id]).toBe(1)
  })
})

describe('one person’s record', () => {
  it('holds everything that is kept of them, pictures too, and names what it names', async () => {
    const bottle = await on.addProduct(bottleInput('Reed Black', { kind: 'mascara', lab: { L: 8, a: 0, b: 0 } }))
    const { id } = await add('Wren Osei', '2199-05-01', { wishes: 'as at the sea' })
    await read(id, 55)
    await on.addHistory(id, { productId: bottle.id, what: 'reaction', note: 'it stung' })
    await on.addOwnProduct(id, bottleInput('Her balm', { kind: 'lip care', lab: { L: 90, a: 0, b: 2 } }))
    const png = await sharp({ create: { width: 4, height: 4, channels: 3, background: '#864' } })
      .png()
      .toBuffer()
    await on.addPicture(id, png)
    const record = await on.personRecord(id)
    expect(record).toMatchObject({
      format: 'varietas.person',
      version: 1,
      person: { name: 'Wren Osei', wishes: 'as at the sea' },
      readings: [{ lab: { L: 55 } }],
      history: [{ what: 'reaction', note: 'it stung' }],
      bookings: [{ job: { name: 'Job of 2199-05-01' } }],
      brings: [{ name: 'Her balm' }],
      products: { [bottle.id]: 'Reed Black' },
    })
    expect(Buffer.from(record.pictures[0]!.base64, 'base64').subarray(1, 4).toString()).toBe('PNG')
    expect(JSON.parse(JSON.stringify(record))).toEqual(record)
    await expect(on.personRecord('nobody')).rejects.toMatchObject({ status: 404 })
  })
})
