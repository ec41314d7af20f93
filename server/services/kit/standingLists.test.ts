import { ChangeThingsInput } from '#shared/records/kit/things'
import { StandingListInput } from '#shared/records/kit/standingLists'
import { services } from '../../../tests/support/services'

const on = services()
const list = async (id: string) => (await on.allStandingLists()).find(l => l.id === id)!
const newest = async () => (await on.history())[0]!.id
const where = async () => (await on.allThings()).map(t => `${t.name} ${t.placeId} ${t.count}`).sort()

describe('standing lists', () => {
  beforeAll(async () => {
    await on.stockSimulatedSuppliers()
    await on.loadDemo()
  })
  it('what is along becomes the core, and nothing of it is lacking or over', async () => {
    await on.coreFromCarried()
    const core = await list('core')
    expect(core.lines.length).toBeGreaterThan(60)
    expect(core.lines.every(l => l.lacking === 0 && l.bring.length === 0)).toBe(true)
    // What is empty or past its day is along for nothing.
    expect(core.surplus.map(s => s.name)).toEqual(expect.arrayContaining(['Reed black', 'Toffee Tin']))
  })
  it('packs by a list: what was left at home comes back, what is on no list goes home, and one undo takes it back', async () => {
    const before = await where()
    const keel = (await on.allThings()).find(t => t.name === 'Keel')!
    await on.move({ units: [{ id: keel.id }], placeId: 'home' })
    const moving = await newest()
    const moved = await where()
    expect((await list('core')).lines.find(l => l.name === 'Keel')).toMatchObject({ along: 0, lacking: 0 })
    const done = await on.packByList('core')
    expect(done.brought).toBe(1)
    const core = await list('core')
    expect(core.lines.every(l => l.bring.length === 0)).toBe(true)
    expect(core.surplus).toEqual([])
    await on.undo(await newest())
    expect(await where()).toEqual(moved)
    await on.undo(moving)
    expect(await where()).toEqual(before)
  })
  it('a variant is the core with its changes, and goes on being so when the core changes', async () => {
    const [first] = (await list('core')).lines
    const input = Object.assign(new StandingListInput(), {
      id: 'ceremony',
      name: 'Ceremony',
      lines: [{ productId: first!.productId, count: 2 }],
    })
    await on.keepStandingList(input)
    expect((await list('ceremony')).lines.find(l => l.productId === first!.productId)!.wanted).toBe(first!.wanted + 2)
    await expect(on.dropStandingList('core')).rejects.toThrow(/variants/)
    await expect(on.keepStandingList({ ...input, version: 99 })).rejects.toThrow()
    await on.dropStandingList('ceremony')
    expect(await list('ceremony')).toBeUndefined()
  })
})

describe('what ends and what runs out', () => {
  it('is told of the story: what is empty is to be ordered now, with who sells it; what is past its day stands first', async () => {
    const { runsOut, ends, booked } = await on.ahead()
    expect(runsOut[0]).toMatchObject({ lasting: { left: 0, faces: 0 } })
    expect(runsOut.find(l => l.name === 'Toffee Tin')).toMatchObject({ offer: { priceMinor: 3200 }, limited: false })
    expect(ends[0]!.name).toBe('Reed black')
    expect(booked.map(b => b.day)).toEqual(booked.map(b => b.day).sort())
  })
  it('a printed expiry before the rest counts, and what is limited has stand-ins instead of an offer', async () => {
    const dune = (await on.kitProducts()).find(p => p.shade === 'Toffee Tin')!
    await on.changeProduct(dune.id, {
      ...dune,
      level: 0.05,
      expiresOn: '2026-12-24',
      traits: { ...dune.traits, limited: true },
    })
    const { ends, runsOut } = await on.ahead()
    expect(ends.find(l => l.name === 'Toffee Tin')!.useBy).toBe('2026-12-24')
    const line = runsOut.find(l => l.name === 'Toffee Tin')!
    expect(line).toMatchObject({ offer: null, limited: true })
    expect(line.standIns.length).toBeGreaterThan(0)
  })
})

describe('several things, changed together', () => {
  it('are as it was said, palettes in every pan, and one undo brings all of it back', async () => {
    const some = (await on.allThings()).filter(t => ['Dune', 'Keel'].includes(t.name) || t.pans.length > 0)
    const before = await on.kitFile()
    const set = { level: 0.25, expiresOn: '2027-05-01', family: 'oil', limited: true, brand: 'Fenwick Tarn' } as const
    await on.changeThings(Object.assign(new ChangeThingsInput(), { ids: some.map(t => t.id), ...set }))
    const after = (await on.allThings()).filter(t => some.some(s => s.id === t.id))
    expect(after.every(t => t.level === 0.25 && t.expiresOn === '2027-05-01' && t.brand === 'Fenwick Tarn')).toBe(true)
    expect((await on.kitProducts()).find(p => p.shade === 'Keel')).toMatchObject({
      family: 'oil',
      traits: { limited: true },
    })
    await on.undo((await on.history())[0]!.id)
    expect((await on.kitFile()).things).toEqual(before.things)
  })
})
