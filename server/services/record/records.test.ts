import { eq } from 'drizzle-orm'
import { spherical } from '#core/reading/reading'
import { Settings } from '#shared/records/method/settings'
import { bottleInput, faceInput, MID_SKIN, typedReading } from '../../../tests/support/inputs'
import { services } from '../../../tests/support/services'

const on = services()

const lab = MID_SKIN

describe('the kit in the database', () => {
  it('starts empty', async () =>
    expect(await on.shelf()).toMatchObject({
      products: [],
      count: 0,
      apart: [],
      places: [{ name: 'Kit case' }, { name: 'Home' }],
    }))

  it('keeps every field of a bottle', async () => {
    const input = bottleInput('Heron', {
      brand: 'Marrowmere',
      range: 'Tideline Fluid',
      priceMinor: 3250,
      openedOn: '2026-05-01',
      level: 0.5,
      notes: 'from home',
    })
    const added = await on.addProduct(input)
    expect(added).toMatchObject({ ...input, retiredAt: null })
    expect(await on.kitProducts()).toEqual([added])
  })

  it('is what a supplier sells where it is typed in under those names, in whatever case', async () => {
    await on.stockSimulatedSuppliers()
    const [offer] = (await on.catalogue()).offers.filter(o => o.kind === 'foundation')
    const { id: _id, supplierId: _supplier, productId, sizeMl, priceMinor: _price, inStock: _stock, ...fields } = offer!
    await on.write(tx =>
      tx.update(on.tables.products).set({ shade: 'Écume' }).where(eq(on.tables.products.id, productId)),
    )
    const typed = { ...fields, brand: offer!.brand.toUpperCase(), range: ` ${offer!.range}`, shade: 'éCUME', sizeMl }
    const typedIn = (more: object = {}) => on.addProduct(bottleInput('éCUME', { ...typed, ...more }))
    expect((await typedIn({ kind: 'medium' })).id).not.toBe(productId)
    expect((await typedIn({ range: '' })).id).not.toBe(productId)
    expect((await typedIn()).id).toBe(productId)
    // The second time it is owned already: two bottles entered are two.
    expect((await typedIn()).id).not.toBe(productId)
  })

  it('changes, deletes and brings back', async () => {
    const { id } = await on.addProduct(bottleInput('Mudlark'))
    expect(await on.changeProduct(id, bottleInput('Mudlark', { level: 0.25 }))).toMatchObject({
      id,
      level: 0.25,
      priceMinor: null,
    })
    await on.removeThing(id)
    expect((await on.kitProducts()).some(p => p.id === id)).toBe(false)
    await expect(on.removeThing(id)).rejects.toThrow('not here any more')
    await expect(on.changeProduct(id, bottleInput('Mudlark'))).rejects.toThrow('not here any more')
    await on.undo()
    expect((await on.kitProducts()).find(p => p.id === id)).toMatchObject({ shade: 'Mudlark', level: 0.25 })
  })

  it('retires all or none', async () => {
    const [x, y] = [await on.addProduct(bottleInput('One')), await on.addProduct(bottleInput('Two'))]
    const stateOf = async (id: string) => (await on.kitProducts()).find(p => p.id === id)?.retiredAt
    await expect(on.retire({ ids: [x.id, 'gone'], retired: true })).rejects.toThrow('not here any more')
    expect(await stateOf(x.id)).toBeNull()
    await on.retire({ ids: [x.id, y.id], retired: true })
    expect(await stateOf(x.id)).toMatch(/^\d{4}-\d\d-\d\dT.*Z$/)
    await on.retire({ ids: [x.id, y.id], retired: false })
    expect(await stateOf(y.id)).toBeNull()
  })

  it('remembers a range that separates, once, and forgets it again', async () => {
    const range = { brand: 'Tansyhall', range: 'Still Water' }
    await on.setRange({ ...range, mixes: false })
    expect(await on.setRange({ ...range, mixes: false })).toEqual([range])
    expect(await on.setRange({ ...range, mixes: true })).toEqual([])
  })

  it('takes many writes at once, one after the other', async () => {
    const before = (await on.kitProducts()).length
    await Promise.all(Array.from({ length: 25 }, (_, i) => on.addProduct(bottleInput(`Row ${i}`))))
    expect(await on.kitProducts()).toHaveLength(before + 25)
  })

  it('a failed write leaves nothing behind and the next one works', async () => {
    const before = (await on.kitProducts()).length
    await expect(
      on.write(async () => {
        throw new Error('half way')
      }),
    ).rejects.toThrow('half way')
    await on.addProduct(bottleInput('After'))
    expect(await on.kitProducts()).toHaveLength(before + 1)
  })
})

describe('faces in the database', () => {
  it('keeps readings newest first, recipes with their verdict and names, and what was seen', async () => {
    const { id } = await on.addFace(faceInput('Orla'))
    const first = await on.addReading(id, typedReading(lab))
    await new Promise(resolve => setTimeout(resolve, 5))
    const second = await on.addReading(id, {
      source: 'between bottles',
      lab: { ...lab, L: 60 },
      covariance: [...spherical(2, 1, 1)],
      note: 'deeper than Heron',
      site: 'jaw',
      tanned: false,
    })
    const { id: heron } = await on.addProduct(bottleInput('Heron Two'))
    const recipe = await on.saveRecipe(id, {
      drops: [{ id: heron, count: 1 }],
      lab,
      deltaE: 1.5,
      chance: 0.8,
      note: '',
    })
    expect(recipe).toMatchObject({ verdict: 'match', names: { [heron]: 'Heron Two' } })
    await on.addSeen(id, { drops: [{ id: heron, count: 1 }], seen: 'too deep', degree: 'clearly' })
    const mistaken = await on.addSeen(id, { drops: [{ id: heron, count: 1 }], seen: 'ashy' })
    await on.dropSeen(mistaken.id)
    await expect(on.dropSeen(mistaken.id)).rejects.toMatchObject({ status: 404 })

    const [orla] = await on.allFaces()
    expect(orla!.readings.map(r => r.id)).toEqual([second.id, first.id])
    expect(orla!.recipes).toEqual([recipe])
    expect(orla!.seen).toMatchObject([{ seen: 'too deep', degree: 'clearly' }])
  })

  it('a recipe of a bottle that is none is refused at its field', async () => {
    const { id } = await on.addFace(faceInput('Piet'))
    await expect(
      on.saveRecipe(id, { drops: [{ id: 'none', count: 1 }], lab, deltaE: 1, chance: 1, note: '' }),
    ).rejects.toMatchObject({ status: 400, issues: [{ path: 'drops[0].id' }] })
  })

  it('deletes and brings back a face, a reading, a recipe', async () => {
    const { id } = await on.addFace(faceInput('Tove'))
    const reading = await on.addReading(id, typedReading(lab))
    await on.deleteFromFace('readings', reading.id, 'reading')
    const readings = async () => (await on.allFaces()).find(f => f.id === id)?.readings.length
    expect(await readings()).toBe(0)
    await on.undo()
    expect(await readings()).toBe(1)
    await on.removeFace(id)
    await expect(on.addReading(id, typedReading(lab))).rejects.toThrow('This face is not here')
    expect(await readings()).toBeUndefined()
    await on.undo()
    expect(await readings()).toBe(1)
    await expect(on.deleteFromFace('recipes', 'none', 'recipe')).rejects.toThrow('This recipe')
    await expect(on.changeFace('none', faceInput('Nobody'))).rejects.toThrow('This face')
  })
})

describe('settings in the database', () => {
  it('has defaults until something is chosen, and keeps what is', async () => {
    expect(await on.settings()).toEqual({ ...new Settings(), version: 0 })
    await on.changeSettings({ ...new Settings(), tolerance: 3 })
    await on.changeSettings({ ...new Settings(), tolerance: 2.5, theme: 'wings' })
    expect(await on.settings()).toMatchObject({ tolerance: 2.5, theme: 'wings', maxDrops: 8 })
  })
})
