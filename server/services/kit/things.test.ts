import { eq } from 'drizzle-orm'
import { readList } from '#core/stock/list'
import { listedFrom, ListedInput, ListedThing } from '#shared/records/kit/listed'
import { PlaceInput, ThingQuery } from '#shared/records/kit/things'
import { GearInput } from '#shared/records/kit/gear'
import { check, plain } from '#shared/checks/validate'
import { bottleInput } from '../../../tests/support/inputs'
import { seeded } from '../../../tests/support/random'
import { services } from '../../../tests/support/services'

const on = services()

const TODAY = '2026-11-27'
const gearInput = (shade: string, more: Partial<GearInput> = {}) =>
  Object.assign(new GearInput(), { kind: 'brush', shade, ...more })
const placeInput = (name: string, more: Partial<PlaceInput> = {}) =>
  Object.assign(new PlaceInput(), { name, parentId: 'kit-case', ...more })
/** A list as the dialogue sends it when nothing was put right. */
const listed = (text: string, more: Partial<ListedInput> = {}): ListedInput => {
  const things = readList(text.split('\n'), TODAY).things.map(t => plain(listedFrom(t, t.kind ?? 'unknown')))
  const checked = check(ListedInput, { things, ...more })
  if (!checked.ok) throw new Error(JSON.stringify(checked.issues))
  return checked.value
}
const asked = (more: Partial<ThingQuery> = {}) => Object.assign(new ThingQuery(), { limit: 200, ...more })
const named = async (name: string) => (await on.allThings()).filter(t => t.name === name && t.retiredAt === null)
const lastUndo = async () => on.undo((await on.history())[0]!.id)

describe('a list that enters the kit', () => {
  it('a palette costs what was paid for it, and each of its pans a share', async () => {
    await on.addListed(listed('nude palette 9 pans 81.00'))
    const palette = (await on.allThings()).find(t => t.name.startsWith('nude palette'))!
    expect(palette.pans).toHaveLength(9)
    expect(palette.priceMinor).toBe(8100)
    const pan = (await on.kitProducts()).find(p => p.id === palette.pans[0]!.productId)!
    expect(pan.priceMinor).toBe(900)
    await lastUndo()
  })

  it('becomes things with all that it said, each in the pouch of its kind, and goes again as one', async () => {
    const before = await on.allThings()
    await on.addListed(
      listed(
        [
          '3x angled brow brush',
          'white adjuster silicone 15ml half full',
          'HD powder translucent (loose) 8g opened March',
          'nude lip palette 6 pans',
          '95% alcohol spray 500 ml',
          'wooly thing',
          '2 foundation medium neutral silicone',
          '100 cotton rounds',
          '5 lashes',
        ].join('\n'),
        { intoPouches: true },
      ),
    )
    const all = (await on.allThings()).filter(t => !before.includes(t))
    const places = new Map((await on.placesNow()).map(p => [p.id, p.name]))
    const told = all.map(t => `${t.count} ${t.kind} ${t.size} ${t.measure} ${t.level} ${places.get(t.placeId!)}`)
    expect(told).toEqual([
      '1 foundation 30 ml 1 Base',
      '1 foundation 30 ml 1 Base',
      '1 adjuster 15 ml 0.5 Base',
      '1 powder 8 g 1 Base',
      '1 lashes 5 pair 1 Eyes',
      '1 lip colour 4 g 1 Cheeks and lips',
      '3 brush 1 piece 1 Brushes and tools',
      '1 cotton rounds 100 piece 1 Clean and spare',
      '1 alcohol 500 ml 1 Clean and spare',
      '1 unknown 1 piece 1 Clean and spare',
    ])
    const [foundation, , adjuster, powder, , palette, brush, , alcohol] = all
    expect(foundation!.lab!.L).toBeCloseTo(54, 0)
    expect(adjuster!.lab!.L).toBeGreaterThan(90)
    expect(powder).toMatchObject({ openedOn: '2026-03-01', colourMissing: false })
    expect(palette!.pans).toHaveLength(6)
    expect(brush).toMatchObject({ shape: 'angled brush' })
    expect(alcohol).toMatchObject({ percent: 95 })
    // Two bottles of one line are one product: one colour to every recipe.
    expect(new Set(all.slice(0, 2).map(t => t.productId)).size).toBe(1)
    await lastUndo()
    expect((await on.allThings()).map(t => t.id)).toEqual(before.map(t => t.id))
  })

  it('what is said in the same words is another of the same; what differs is not', async () => {
    await on.addListed(listed('angled brow brush\nmatte primer silicone\nmatte primer water'))
    await on.addListed(listed('2 angled brow brush\nmatte primer silicone'))
    expect(new Set((await named('angled brow brush')).map(t => t.productId)).size).toBe(1)
    const primers = (await on.allThings()).filter(t => t.kind === 'primer')
    expect(primers).toHaveLength(3)
    expect(new Set(primers.map(t => t.productId)).size).toBe(2)
  })

  it('a colour nobody told is no colour to match with: it is asked for', async () => {
    await on.addListed(listed('foundation bottle of mine'))
    const [thing] = await named('foundation bottle of mine')
    expect(thing).toMatchObject({ kind: 'foundation', lab: null, colourMissing: true })
    expect((await on.usableKit()).find(p => p.id === thing!.productId)).toMatchObject({ colourSource: 'unknown' })
    expect((await on.thingList(asked({ state: 'to be told' }))).lines.map(t => t.id)).toContain(thing!.id)
    expect((await on.board()).notices.find(n => n.what === 'colour not told')!.units).toContain(thing!.id)
  })

  it('is refused as a whole where one of it cannot be', async () => {
    const before = (await on.allThings()).length
    const input = listed('two thin brushes\nlip brush')
    input.things[1]!.placeId = 'no such place'
    await expect(on.addListed(input)).rejects.toMatchObject({ status: 400, issues: [{ path: 'placeId' }] })
    expect(await on.allThings()).toHaveLength(before)
    for (const [field, value] of [
      ['name', ''],
      ['count', 0],
      ['size', -1],
      ['openedOn', 'in March'],
      ['kind', 'wand of wonder'],
    ] as const)
      expect(check(ListedThing, { kind: 'brush', name: 'x', [field]: value })).toMatchObject({ ok: false })
  })
})

describe('tools and supplies', () => {
  it('are changed, counted and retired, and never reach a plan', async () => {
    const made = await on.addGear(gearInput('Fan brush', { shape: 'small soft brush', count: 4 }))
    expect(made).toMatchObject({ sort: 'tool', count: 4, shape: 'small soft brush' })
    const changed = await on.changeGear(made.id, { ...gearInput('Fan brush', { count: 3 }), version: made.version })
    expect(changed).toMatchObject({ count: 3, shape: '' })
    await expect(on.changeGear(made.id, { ...gearInput('Fan brush'), version: made.version })).rejects.toMatchObject({
      status: 409,
    })
    expect((await on.kitProducts()).some(p => p.id === made.id)).toBe(false)
    expect((await on.usableKit()).some(p => p.id === made.id)).toBe(false)
    const [unit] = await named('Fan brush')
    await on.retireUnits({ ids: [unit!.id], retired: true, why: 'shed its hair' })
    expect(await named('Fan brush')).toEqual([])
    expect((await on.thingList(asked({ state: 'retired' }))).lines.map(t => t.name)).toContain('Fan brush')
    await lastUndo()
    expect(await named('Fan brush')).toHaveLength(1)
  })

  it('an odd row of them is set aside and nothing else', async () => {
    const made = await on.addGear(gearInput('Odd spatula', { kind: 'spatula' }))
    await on.write(tx =>
      tx
        .update(on.tables.products)
        .set({ kind: 'nonsense' as 'spatula' })
        .where(eq(on.tables.products.id, made.id)),
    )
    expect(await named('Odd spatula')).toEqual([])
    const aside = (await on.allSetAside()).find(a => a.id === made.id)!
    expect(aside).toMatchObject({ sort: 'gear', name: 'The thing Odd spatula' })
    await on.mend('gear', made.id)
    // It is no product that goes on a face, even if a request calls it one.
    await on.putBack('product', made.id)
    expect((await on.allSetAside()).some(a => a.id === made.id)).toBe(false)
    expect(await named('Odd spatula')).toMatchObject([{ kind: 'unknown' }])
  })
})

describe('places', () => {
  it('are made, moved into one another and taken away; what stood in them stands where they stood', async () => {
    const outer = await on.addPlace(placeInput('Outer'))
    const inner = await on.addPlace(placeInput('Inner', { parentId: outer.id }))
    await expect(on.changePlace(outer.id, placeInput('Outer', { parentId: inner.id }))).rejects.toMatchObject({
      issues: [{ path: 'parentId', message: expect.stringContaining('in itself') as string }],
    })
    await on.addGear(gearInput('Tail comb', { kind: 'comb', placeId: inner.id }))
    await on.removePlace(inner.id)
    expect((await named('Tail comb'))[0]!.placeId).toBe(outer.id)
    await lastUndo()
    expect((await named('Tail comb'))[0]!.placeId).toBe(inner.id)
    await expect(on.removePlace('kit-case')).rejects.toMatchObject({ status: 409 })
    expect((await on.thingList(asked({ place: outer.id }))).lines.map(t => t.name)).toEqual(['Tail comb'])
    const drawn = (await on.board()).places.find(p => p.id === outer.id)!
    expect([drawn.here.count, drawn.within.count]).toEqual([0, 1])
  })

  it('a place whose row is odd is set aside; what stands in it is placed nowhere until it is put right', async () => {
    const odd = await on.addPlace(placeInput('Odd pouch'))
    await on.addGear(gearInput('Lost comb', { kind: 'comb', placeId: odd.id }))
    await on.write(tx =>
      tx
        .update(on.tables.places)
        .set({ sort: 'sack' as 'bag' })
        .where(eq(on.tables.places.id, odd.id)),
    )
    expect((await on.board()).nowhere.things.map(t => t.name)).toContain('Lost comb')
    expect((await on.allSetAside()).find(a => a.id === odd.id)).toMatchObject({
      sort: 'place',
      name: 'The place Odd pouch',
    })
    await on.mend('place', odd.id)
    expect((await on.board()).places.find(p => p.id === odd.id)).toMatchObject({ sort: 'pouch', here: { count: 1 } })
  })

  it('things are found by what they are called, for, where and how they are', async () => {
    await on.addProduct(bottleInput('Wick Pond', { notes: 'for weddings', level: 0.1 }))
    const found = async (q: Partial<ThingQuery>) => (await on.thingList(asked(q))).lines.map(t => t.name)
    expect(await found({ q: 'WICK wedd' })).toEqual(['Wick Pond'])
    expect(await found({ q: 'wick', purpose: 'lip' })).toEqual([])
    expect(await found({ q: 'wick', state: 'low or empty' })).toEqual(['Wick Pond'])
    expect(await found({ q: 'wick', place: 'home' })).toEqual([])
    for (const order of ['use', 'name', 'place', 'count', 'level', 'useBy', 'mass', 'price', 'colour'] as const) {
      const whole = (await on.thingList(asked({ order }))).lines.map(t => t.id)
      const pages: string[] = []
      for (let cursor = ''; ;) {
        const page = await on.thingList(asked({ order, cursor, limit: 3 }))
        pages.push(...page.lines.map(t => t.id))
        if (!page.next) break
        cursor = page.next
      }
      expect(pages).toEqual(whole)
      expect((await on.thingList(asked({ order, way: 'down' }))).lines.map(t => t.id)).toEqual([...whole].reverse())
    }
  })

  it('nothing is lost or made by moving, decanting and taking back, in whatever order', async () => {
    const random = seeded(20261127)
    const place = await on.addPlace(placeInput('Side pouch'))
    const set = await on.addGear(gearInput('Counted brush', { count: 9 }))
    const bottle = await on.addProduct(bottleInput('Poured', { sizeMl: 50, level: 0.8 }))
    const held = async () => {
      const all = (await on.allThings()).filter(t => t.productId === set.id || t.productId === bottle.id)
      return {
        brushes: all.filter(t => t.productId === set.id).reduce((sum, t) => sum + t.count, 0),
        ml: all.filter(t => t.productId === bottle.id).reduce((sum, t) => sum + t.size * t.level, 0),
      }
    }
    const spots = ['home', 'kit-case', place.id, null]
    // What is taken back first is this, and not that there is something.
    await on.move({ units: [{ id: bottle.units[0]!.id }], placeId: place.id })
    for (let i = 0; i < 120; i++) {
      const all = (await on.allThings()).filter(t => t.productId === set.id || t.productId === bottle.id)
      const one = random.pick(all)
      const some = one.sort === 'tool' ? { count: 1 + Math.floor(random.next() * one.count) } : {}
      const dice = random.next()
      if (dice < 0.55) await on.move({ units: [{ id: one.id, ...some }], placeId: random.pick(spots) })
      else if (dice < 0.75 && one.sort !== 'tool' && one.level * one.size > 0.5)
        await on.decantUnit(one.id, {
          amount: one.level * one.size * random.between(0.1, 1),
          sizeMl: 50,
          count: 1,
          label: '',
        })
      else if (dice < 0.95) await lastUndo().catch(() => undefined)
      const now = await held()
      expect(now.brushes).toBe(9)
      expect(now.ml).toBeCloseTo(40, 6)
    }
    await expect(
      on.move({ units: [{ id: (await named('Counted brush'))[0]!.id, count: 10 }], placeId: 'home' }),
    ).rejects.toMatchObject({ status: 400 })
  })

  it('a palette is one thing: its pans empty one by one, and it goes and comes as a whole', async () => {
    await on.addListed(listed('eye palette 4 pans'))
    const palette = (await on.allThings()).find(t => t.pans.length === 4)!
    await on.setLevel(palette.id, { level: 0, fillId: palette.pans[1]!.fillId })
    expect((await on.allThings()).find(t => t.id === palette.id)).toMatchObject({ level: 0.75 })
    await expect(on.retire({ ids: [palette.pans[0]!.productId], retired: true })).rejects.toMatchObject({ status: 409 })
    await on.move({ units: [{ id: palette.id }], placeId: 'home' })
    await on.retireUnits({ ids: [palette.id], retired: true, why: '' })
    const gone = (await on.allThings()).find(t => t.id === palette.id)!
    expect([gone.placeId, gone.retiredAt === null]).toEqual(['home', false])
    const kit = await on.usableKit()
    expect(palette.pans.some(pan => kit.some(p => p.id === pan.productId))).toBe(false)
  })
})
