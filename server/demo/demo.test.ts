import { services } from '../../tests/support/services'

const on = services(async on => {
  await on.stockSimulatedSuppliers()
  await on.loadDemo()
})

describe('the demo in the database', () => {
  it('is loaded once: a second start changes nothing', async () => {
    const before = (await on.allFaces()).map(f => f.id)
    await on.loadDemo()
    expect((await on.allFaces()).map(f => f.id)).toEqual(before)
    expect(before).toHaveLength(24)
  })

  it('has recipes on record whose bottles are in the kit, with a chance', async () => {
    const ids = new Set((await on.kitProducts()).map(p => p.id))
    const recipes = (await on.allFaces()).flatMap(f => f.recipes)
    expect(recipes.length).toBeGreaterThanOrEqual(4)
    for (const recipe of recipes) {
      expect(recipe.drops.every(d => ids.has(d.id) && recipe.names[d.id])).toBe(true)
      expect(recipe.chance).toBeGreaterThan(0.3)
    }
  })
})

describe('buying in the database', () => {
  it('the simulated suppliers come once', async () => {
    const before = await on.catalogue()
    await on.stockSimulatedSuppliers()
    expect(await on.catalogue()).toEqual(before)
    expect(before.suppliers).toHaveLength(4)
  })

  it('an accepted plan becomes a list; received lines become bottles; undo takes them out', async () => {
    const { offers } = await on.catalogue()
    const [x, y] = offers.filter(o => !o.shade.startsWith('Toffee'))
    const purchase = await on.accept({
      lines: [
        { offerId: x!.id, reason: 'olive' },
        { offerId: y!.id, reason: '' },
      ],
      budgetMinor: 9000,
    })
    expect(purchase.lines.map(l => l.priceMinor).sort()).toEqual([x!.priceMinor, y!.priceMinor].sort())
    const line = purchase.lines.find(l => l.offer.id === x!.id)!

    const { product, line: received } = await on.receive(line.id)
    expect(product).toMatchObject({
      shade: x!.shade,
      lab: x!.lab,
      level: 1,
      priceMinor: x!.priceMinor,
      retiredAt: null,
    })
    expect(received.unitId).toBe(product.units[0]!.id)
    expect((await on.kitProducts()).some(p => p.id === product.id)).toBe(true)
    await expect(on.receive(line.id)).rejects.toMatchObject({ status: 409 })

    await on.undo()
    const again = (await on.allPurchases()).flatMap(p => p.lines).find(l => l.id === line.id)
    expect(again).toMatchObject({ receivedAt: null, unitId: null })
    expect((await on.kitProducts()).find(p => p.id === product.id)?.units ?? []).toHaveLength(product.units.length - 1)
  })

  it('a line can be taken off and put back; an empty list disappears', async () => {
    const { offers } = await on.catalogue()
    const { id, lines } = await on.accept({ lines: [{ offerId: offers[2]!.id, reason: '' }], budgetMinor: 5000 })
    const lists = async () => (await on.allPurchases()).some(p => p.id === id)
    await on.removeLine(lines[0]!.id)
    expect(await lists()).toBe(false)
    await expect(on.removeLine(lines[0]!.id)).rejects.toThrow('This line')
    await on.undo()
    expect(await lists()).toBe(true)
  })

  it('refuses what nobody offers, and writes nothing', async () => {
    const before = (await on.allPurchases()).length
    await expect(on.accept({ lines: [{ offerId: 'none', reason: '' }], budgetMinor: 1 })).rejects.toMatchObject({
      status: 400,
      issues: [{ path: 'lines[0].offerId' }],
    })
    expect(await on.allPurchases()).toHaveLength(before)
  })
})

describe('the simulated meter', () => {
  it('wants its tile first, then reads the face near its skin', async () => {
    const piet = (await on.allFaces()).find(f => f.name === 'Piet Aroha')!
    expect(await on.meterState(piet.id)).toEqual({ calibratedUntil: null, knowsFace: true })
    await expect(on.readShot(piet.id)).rejects.toMatchObject({ status: 409 })
    on.calibrate()
    const shot = await on.readShot(piet.id)
    // Depth 6.2 is L* 53.2; five standard deviations of one shot.
    expect(Math.abs(shot.L - 53.2)).toBeLessThan(3)
  })

  it('asks what to see for a face it does not know, and keeps it', async () => {
    const { id } = await on.addFace(
      Object.assign(new (await import('#shared/records/people/faces')).FaceInput(), { name: 'Walk-up' }),
    )
    await expect(on.readShot(id)).rejects.toMatchObject({
      status: 409,
      message: expect.stringContaining('choose what it should see'),
    })
    expect(Math.abs((await on.readShot(id, { L: 40, a: 10, b: 14 })).L - 40)).toBeLessThan(3)
    expect(await on.meterState(id)).toMatchObject({ knowsFace: true })
    await expect(on.readShot('none', { L: 40, a: 10, b: 14 })).rejects.toThrow('This face')
  })
})
