import { spherical } from '#core/reading/reading'
import { FaceInput } from '#shared/records/faces'
import { OwnedProductInput } from '#shared/records/kit'
import { Settings } from '#shared/records/settings'
import { emptyDatabase } from '../../tests/support/database'

emptyDatabase()
/* The connection opens when it is imported, so everything on it comes after the folder is set. */
const load = async () => ({
  ...(await import('../db/connection')),
  ...(await import('./kit')),
  ...(await import('./owned')),
  ...(await import('./kitList')),
  ...(await import('./faces')),
  ...(await import('./settings')),
  ...(await import('./changes')),
})
let on: Awaited<ReturnType<typeof load>>
beforeAll(async () => {
  on = await load()
  await on.migrateDatabase()
})

const lab = { L: 58, a: 11, b: 19 }
const bottle = (shade: string, more: Partial<OwnedProductInput> = {}) =>
  Object.assign(new OwnedProductInput(), { kind: 'foundation', shade, lab, ...more })
const face = (name: string) => Object.assign(new FaceInput(), { name })

describe('the kit in the database', () => {
  it('starts empty', async () =>
    expect(await on.shelf()).toMatchObject({
      products: [],
      count: 0,
      apart: [],
      places: [{ name: 'Home' }, { name: 'Kit case' }],
    }))

  it('keeps every field of a bottle', async () => {
    const input = bottle('Heron', {
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

  it('changes, deletes and brings back', async () => {
    const { id } = await on.addProduct(bottle('Mudlark'))
    expect(await on.changeProduct(id, bottle('Mudlark', { level: 0.25 }))).toMatchObject({
      id,
      level: 0.25,
      priceMinor: null,
    })
    await on.removeProduct(id)
    expect((await on.kitProducts()).some(p => p.id === id)).toBe(false)
    await expect(on.removeProduct(id)).rejects.toThrow('not here any more')
    await expect(on.changeProduct(id, bottle('Mudlark'))).rejects.toThrow('not here any more')
    await on.undo()
    expect((await on.kitProducts()).find(p => p.id === id)).toMatchObject({ shade: 'Mudlark', level: 0.25 })
  })

  it('retires all or none', async () => {
    const [x, y] = [await on.addProduct(bottle('One')), await on.addProduct(bottle('Two'))]
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
    await Promise.all(Array.from({ length: 25 }, (_, i) => on.addProduct(bottle(`Row ${i}`))))
    expect(await on.kitProducts()).toHaveLength(before + 25)
  })

  it('a failed write leaves nothing behind and the next one works', async () => {
    const before = (await on.kitProducts()).length
    await expect(
      on.write(async () => {
        throw new Error('half way')
      }),
    ).rejects.toThrow('half way')
    await on.addProduct(bottle('After'))
    expect(await on.kitProducts()).toHaveLength(before + 1)
  })
})

describe('faces in the database', () => {
  it('keeps readings newest first, recipes with their verdict and names, and what was seen', async () => {
    const { id } = await on.addFace(face('Orla'))
    const first = await on.addReading(id, {
      source: 'typed',
      lab,
      covariance: [...spherical(1, 1, 1)],
      note: '',
      site: 'jaw',
      tanned: false,
    })
    await new Promise(resolve => setTimeout(resolve, 5))
    const second = await on.addReading(id, {
      source: 'between bottles',
      lab: { ...lab, L: 60 },
      covariance: [...spherical(2, 1, 1)],
      note: 'deeper than Heron',
      site: 'jaw',
      tanned: false,
    })
    const { id: heron } = await on.addProduct(bottle('Heron Two'))
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
    const { id } = await on.addFace(face('Piet'))
    await expect(
      on.saveRecipe(id, { drops: [{ id: 'none', count: 1 }], lab, deltaE: 1, chance: 1, note: '' }),
    ).rejects.toMatchObject({ status: 400, issues: [{ path: 'drops[0].id' }] })
  })

  it('deletes and brings back a face, a reading, a recipe', async () => {
    const { id } = await on.addFace(face('Tove'))
    const reading = await on.addReading(id, {
      source: 'typed',
      lab,
      covariance: [...spherical(1, 1, 1)],
      note: '',
      site: 'jaw',
      tanned: false,
    })
    await on.putAway('readings', reading.id, 'reading')
    const readings = async () => (await on.allFaces()).find(f => f.id === id)?.readings.length
    expect(await readings()).toBe(0)
    await on.undo()
    expect(await readings()).toBe(1)
    await on.removeFace(id)
    await expect(
      on.addReading(id, {
        source: 'typed',
        lab,
        covariance: [...spherical(1, 1, 1)],
        note: '',
        site: 'jaw',
        tanned: false,
      }),
    ).rejects.toThrow('This face is not here')
    expect(await readings()).toBeUndefined()
    await on.undo()
    expect(await readings()).toBe(1)
    await expect(on.putAway('recipes', 'none', 'recipe')).rejects.toThrow('This recipe')
    await expect(on.changeFace('none', face('Nobody'))).rejects.toThrow('This face')
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
