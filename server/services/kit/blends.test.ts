import { difference } from '#core/colour/difference'
import { BlendInput, WeighInput, type OwnedProductInput } from '#shared/records/kit/kit'
import { GearInput, isCosmetic } from '#shared/records/kit/gear'
import { ListedInput, ListedThing } from '#shared/records/kit/listed'
import { bottleInput } from '../../../tests/support/inputs'
import { seeded } from '../../../tests/support/random'
import { services } from '../../../tests/support/services'

const on = services()

const powder = (shade: string, L: number, more: Partial<OwnedProductInput> = {}) =>
  on.addProduct(
    bottleInput(shade, {
      kind: 'eye colour',
      lab: { L, a: 8, b: 14 },
      sizeMl: 4,
      measure: 'g',
      traits: { texture: 'pressed powder', dispenser: 'pan', paoMonths: 24 },
      inci: 'Talc, Mica',
      ...more,
    }),
  )
const blendOf = (name: string, parts: { fillId: string; amount: number }[]) =>
  on.blend(Object.assign(new BlendInput(), { name, parts }))
const product = async (id: string) => (await on.kitThings()).find(p => p.id === id)!
const weighing = (more: Partial<WeighInput> = {}) => Object.assign(new WeighInput(), more)

describe('an own blend', () => {
  it('has the colour its parts make, all they hold, the shortest of their lives, and its recipe', async () => {
    const light = await powder('Oat', 70, { openedOn: '2026-01-10' })
    const dark = await powder('Bark', 30, {
      inci: 'Mica, Dimethicone',
      traits: { texture: 'loose powder', paoMonths: 12 },
    })
    const parts = [
      { fillId: light.units[0]!.fillId, amount: 1 },
      { fillId: dark.units[0]!.fillId, amount: 1 },
    ]
    const made = await blendOf('Oat and Bark', parts)
    if (!isCosmetic(made)) throw new Error('a blend goes on faces')
    expect(made).toMatchObject({
      colourSource: 'computed',
      brand: 'own blend',
      inci: 'Talc, Mica, Dimethicone',
      sizeMl: 2,
      level: 1,
      openedOn: '2026-01-10',
      notes: '1 g Oat + 1 g Bark',
      traits: { paoMonths: 12 },
    })
    expect(made.lab.L).toBeGreaterThan(30)
    expect(made.lab.L).toBeLessThan(70)
    expect(difference(made.lab, light.lab)).toBeGreaterThan(3)
    expect((await product(light.id)).level).toBeCloseTo(0.75)
    await on.undo((await on.history())[0]!.id)
    expect((await product(light.id)).level).toBe(1)
  })

  it('is refused for what must not be mixed, with the reason, and nothing is taken', async () => {
    const pan = await powder('Loam', 50)
    const other = async (shade: string, more: Partial<OwnedProductInput>) =>
      (await powder(shade, 60, more)).units[0]!.fillId
    const mine = { fillId: pan.units[0]!.fillId, amount: 1 }
    const cases: [string, RegExp, number?][] = [
      [await other('Tube', { kind: 'mascara', traits: { texture: 'cream' } }), /never blended/],
      [await other('Slick', { traits: { texture: 'cream' } }), /a powder and .* what melts/],
      [await other('Sun', { traits: { spf: 30 } }), /protects from the sun/],
      [await other('Drops', { measure: 'ml' }), /measured alike/],
      [await other('Little', {}), /not so much left/, 9],
    ]
    for (const [fillId, why, amount = 1] of cases)
      await expect(blendOf('No', [mine, { fillId, amount }])).rejects.toMatchObject({
        status: 400,
        issues: [{ message: expect.stringMatching(why) as string }],
      })
    expect((await product(pan.id)).level).toBe(1)
    expect((await on.allThings()).some(t => t.name === 'No')).toBe(false)
  })

  it('what has dried takes a little of its medium, twice and no more, and what is pressed is not decanted', async () => {
    const pot = { dispenser: 'pot', texture: 'gel' } as const
    const liner = await on.addProduct(bottleInput('Tar', { kind: 'liner', family: 'silicone', sizeMl: 4, traits: pot }))
    const medium = await on.addProduct(bottleInput('Thin', { kind: 'medium', family: 'silicone', sizeMl: 30 }))
    const mediumFillId = medium.units[0]!.fillId
    const revive = (amount: number) => on.reviveUnit(liner.units[0]!.id, { mediumFillId, amount })
    await expect(revive(1)).rejects.toMatchObject({ issues: [{ path: 'amount' }] })
    await revive(0.2)
    await revive(0.1)
    expect((await product(medium.id)).level).toBeCloseTo(1 - 0.3 / 30)
    await expect(revive(0.1)).rejects.toThrow(/2 times/)
    const pan = await powder('Pressed', 50)
    await expect(on.decantUnit(pan.units[0]!.id, { amount: 1, sizeMl: 5, count: 1, label: '' })).rejects.toThrow(
      /pressed/,
    )
  })

  it('a pan goes into another palette and stays the colour it is, and one undo brings it back', async () => {
    const things = ['Left', 'Right'].map(name =>
      Object.assign(new ListedThing(), {
        name,
        kind: 'eye colour',
        pans: 3,
        panNames: ['a', 'b', 'c'].map(n => name + n),
      }),
    )
    await on.addListed(Object.assign(new ListedInput(), { things }))
    const palette = async (name: string) => (await on.allThings()).find(t => t.name === name)!
    const [left, right] = [await palette('Left'), await palette('Right')]
    const [pan] = left.pans
    await on.movePan(pan!.fillId, { unitId: right.id })
    expect((await palette('Left')).pans.map(p => p.name)).toEqual(['Leftb', 'Leftc'])
    expect((await palette('Right')).pans.map(p => p.productId)).toEqual([
      ...right.pans.map(p => p.productId),
      pan!.productId,
    ])
    await expect(on.movePan(pan!.fillId, { unitId: right.id })).rejects.toThrow(/already/)
    await on.undo((await on.history())[0]!.id)
    // All as it was, but for the count of writes.
    const asItWas = (pans: typeof left.pans) => pans.map(p => ({ ...p, version: 0 }))
    expect(asItWas((await palette('Left')).pans)).toEqual(asItWas(left.pans))
    expect(asItWas((await palette('Right')).pans)).toEqual(asItWas(right.pans))
    const bottle = await powder('Lone', 50)
    await expect(on.movePan(pan!.fillId, { unitId: bottle.units[0]!.id })).rejects.toThrow(/Only a palette/)
  })

  it('an empty case takes pans, one that lay alone too, and is an empty case again without them', async () => {
    const kind = 'palette case' as const
    await on.addGear(Object.assign(new GearInput(), { kind, shade: 'Tin', sizeMl: 1, measure: 'piece' }))
    const named = async (name: string) => (await on.allThings()).find(t => t.name === name)
    const tin = (await named('Tin'))!
    expect(tin.kind).toBe(kind)
    const lone = await powder('Alone', 40)
    await on.movePan(lone.units[0]!.fillId, { unitId: tin.id })
    const [first] = (await named('Right'))!.pans
    await on.movePan(first!.fillId, { unitId: tin.id })
    expect((await named('Tin'))!.pans.map(p => p.name)).toEqual(['Alone', first!.name])
    // To a recipe it is the same colour, and it is nowhere twice.
    expect((await product(lone.id)).units.map(u => u.inside)).toEqual(['Tin'])
    expect(await named('Alone')).toBeUndefined()
    const right = (await named('Right'))!
    await on.movePan(first!.fillId, { unitId: right.id })
    await on.movePan((await named('Tin'))!.pans[0]!.fillId, { unitId: right.id })
    expect(await named('Tin')).toMatchObject({ kind, pans: [] })
    for (let i = 0; i < 4; i++) await on.undo((await on.history()).find(c => !c.undoneBy && c.undoes === null)!.id)
    expect(await named('Alone')).toBeDefined()
    expect(await named('Tin')).toMatchObject({ kind, pans: [] })
  })

  it('keeps the earliest day that is printed on a part, and its own when it is decanted', async () => {
    const [soon, late] = [
      await powder('Soon', 60, { expiresOn: '2027-02-28' }),
      await powder('Late', 40, { expiresOn: '2028-01-31' }),
    ]
    const made = await blendOf('Soon and Late', [
      { fillId: late.units[0]!.fillId, amount: 1 },
      { fillId: soon.units[0]!.fillId, amount: 1 },
    ])
    expect(made.units[0]!.expiresOn).toBe('2027-02-28')
    const again = await blendOf('Again', [
      { fillId: made.units[0]!.fillId, amount: 1 },
      { fillId: late.units[0]!.fillId, amount: 1 },
    ])
    expect(again.units[0]!.expiresOn).toBe('2027-02-28')
    const jar = { kind: 'moisturiser', traits: { dispenser: 'pot', texture: 'cream' } } as const
    const cream = await on.addProduct(bottleInput('Jar', { ...jar, sizeMl: 50, expiresOn: '2027-03-31' }))
    const decanted = await on.decantUnit(cream.units[0]!.id, { amount: 5, sizeMl: 5, count: 1, label: '' })
    expect(decanted.units.map(u => u.expiresOn)).toEqual(['2027-03-31', '2027-03-31'])
  })

  it('nothing is lost or made by decanting, using, moving, blending and taking back, in whatever order', async () => {
    const random = seeded(93)
    const begun = (await on.history())[0]!.id
    for (const L of [40, 50, 60]) await powder(`Clay ${L}`, L, { sizeMl: 20, traits: { dispenser: 'pot' } })
    const mine = async () => (await on.allThings()).filter(t => t.name.startsWith('Clay'))
    const grams = async () => (await mine()).reduce((sum, t) => sum + t.size * t.level, 0)
    const used = new Map<number, number>()
    const usedNow = () => [...used.values()].reduce((x, y) => x + y, 0)
    for (let i = 0; i < 90; i++) {
      const one = random.pick(await mine())
      const other = random.pick(await mine())
      const left = one.size * one.level
      const fill = async (id: string) => (await product(id)).units
      const dice = random.next()
      if (dice < 0.25 && left > 0.5) {
        const count = random.pick([1, 3])
        await on.decantUnit(one.id, { amount: (left * random.between(0.1, 1)) / count, sizeMl: 30, count, label: '' })
      } else if (dice < 0.45 && left > 0.5) {
        await on.setLevel(one.id, { level: one.level / 2 })
        used.set((await on.history())[0]!.id, left / 2)
      } else if (dice < 0.6)
        await on.move({ units: [{ id: one.id }], placeId: random.pick(['home', 'kit-case', null]) })
      else if (dice < 0.8 && one.id !== other.id && left > 0.5 && other.size * other.level > 0.5) {
        const of = async (t: typeof one) => (await fill(t.productId)).find(u => u.id === t.id)!.fillId
        await blendOf(`Clay ${i}`, [
          { fillId: await of(one), amount: left * 0.5 },
          { fillId: await of(other), amount: other.size * other.level * 0.3 },
        ])
      } else {
        const last = (await on.history()).find(c => c.id > begun + 3 && !c.undoneBy && c.undoes === null)
        if (
          last
          && (await on
            .undo(last.id)
            .then(() => true)
            .catch(() => false))
        )
          used.delete(last.id)
      }
      expect((await grams()) + usedNow()).toBeCloseTo(60, 6)
    }
  })
})

describe('the simulated scale', () => {
  it('says how full something is within what its vessel may weigh, in grams and ounces', async () => {
    const bottle = await on.addProduct(bottleInput('Weighed', { sizeMl: 50, level: 0.5 }))
    for (const unit of ['g', 'oz'] as const) {
      const found = await on.weigh(bottle.units[0]!.id, weighing({ unit }))
      expect(found.level).toBeCloseTo(0.5, 1)
    }
    await expect(on.weigh(bottle.units[0]!.id, weighing({ emptyG: 4000 }))).rejects.toMatchObject({
      issues: [{ message: expect.stringContaining('less than its empty vessel') as string }],
    })
    await expect(on.weigh('nothing', weighing())).rejects.toMatchObject({ status: 404 })
  })
  it('knows that a decant stands in a light vessel, and not in the pack it came from', async () => {
    const heavy = { kind: 'foundation', sizeMl: 30, traits: { dispenser: 'pump' } } as const
    const bottle = await on.addProduct(bottleInput('Pump', heavy))
    const made = await on.decantUnit(bottle.units[0]!.id, { amount: 6, sizeMl: 10, count: 1, label: '' })
    const vessel = made.units.find(u => u.container === 'decant')!
    const { level, emptyG } = await on.weigh(vessel.id, weighing())
    expect(level).toBeCloseTo(0.6, 1)
    expect(emptyG).toBeLessThan(20)
  })
})
