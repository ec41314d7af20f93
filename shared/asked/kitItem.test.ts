import { USUAL_BY_KIND } from '#core/stock/things/usual'
import { DEMO_FACES } from '../../demo/faces'
import { demoFace } from '../../tests/support/demo'
import { ownedProduct } from '../../tests/support/owned'
import { factsOf, targetReading } from './faceFacts'
import { flagsOf, itemOf } from './kitItem'
import type { OwnedProduct } from '../records/kit/kit'

const product = (more: Partial<OwnedProduct> = {}): OwnedProduct =>
  ownedProduct(
    {
      kind: 'lip care',
      brand: 'Sable Quarter',
      range: 'Cove',
      shade: 'Cove Balm',
      lab: { L: 96, a: 0, b: 2 },
      colourSource: 'clear',
      coverage: 'sheer',
      family: 'oil',
      finish: 'natural',
      sizeMl: 10,
      inci: 'Petrolatum, Lanolin, Cera Alba',
      flagFixes: {},
      strength: 1,
      level: 0.5,
      priceMinor: 700,
      openedOn: '2026-01-31',
      notes: '',
    },
    'p',
    more,
  )

describe('a product as the rules see it', () => {
  it('has its list read, its last day counted, and no colour when it is clear', () => {
    expect(itemOf(product())).toMatchObject({
      name: 'Cove Balm',
      range: 'Sable Quarter / Cove',
      lab: null,
      ingredients: ['petrolatum', 'lanolin', 'cera alba'],
      flags: ['lanolin', 'beeswax'],
      useBy: '2027-01-31',
      own: false,
      priceMinor: 700,
    })
    expect(itemOf(product({ colourSource: 'given colour' })).lab).toEqual({ L: 96, a: 0, b: 2 })
    expect(itemOf(product({ ownerFaceId: 'f', openedOn: null }))).toMatchObject({ own: true, useBy: null })
  })
  it('without a list knows nothing of ingredients, which is not the same as none', () => {
    expect(itemOf(product({ inci: '  ' })).ingredients).toBeNull()
    expect(itemOf(product({ inci: '' })).flags).toEqual([])
  })
  it('takes what the artist put right by hand over what the list says', () => {
    expect(flagsOf(product({ flagFixes: { lanolin: false, latex: true } }))).toEqual(['beeswax', 'latex'])
  })
  it('a sun factor said stands over one read from the list', () => {
    const list = 'SPF 20. Aqua, Zinc Oxide [nano]'
    const traits = USUAL_BY_KIND['sun protection'].traits
    expect(itemOf(product({ inci: list, traits })).spf).toBe(20)
    expect(itemOf(product({ inci: list, traits: { ...traits, spf: 30 } })).spf).toBe(30)
  })
})

describe('a face as the rules see it', () => {
  const orla = demoFace(DEMO_FACES.find(f => f.face.name.startsWith('Orla'))!)
  it('carries what was asked, seen and remembered', () => {
    const facts = factsOf(orla)!
    expect(facts).toMatchObject({
      skinType: 'oily',
      noScent: true,
      wantsLashes: 'full',
      secondTone: null,
      recipes: [],
      hairColour: 'dark brown',
    })
    expect(facts.zones.nose).toMatchObject({ states: ['textured'] })
    expect(facts.history).toEqual([expect.objectContaining({ what: 'liked', times: 1 })])
  })
  it('counts the times a product was used', () => {
    const used = { ...orla.history[0]!, what: 'used' as const }
    expect(factsOf({ ...orla, history: [used, { ...used, id: '2' }, ...orla.history] })!.history).toContainEqual({
      itemId: used.productId,
      what: 'used',
      times: 2,
    })
  })
  it('is nothing before the skin is read', () => {
    expect(factsOf({ ...orla, readings: [] })).toBeNull()
    expect(targetReading({ ...orla, readings: [] })).toBeNull()
  })
  it('matches the sites that count and lies on the cheek', () => {
    const [jaw] = orla.readings
    const readings = [jaw!, { ...jaw!, id: 'c', site: 'cheek' as const, lab: { ...jaw!.lab, a: jaw!.lab.a + 4 } }]
    const facts = factsOf({ ...orla, readings })!
    expect(facts.skin).toEqual(jaw!.lab)
    expect(facts.bare.a).toBe(jaw!.lab.a + 4)
  })
  it('with a fake tan on is matched and made up as a deeper skin, until it is read like that', () => {
    const tanned = { ...orla, consultation: { ...orla.consultation, tanOn: true } }
    expect(targetReading(tanned)!.reckoned).toBe(true)
    expect(factsOf(tanned)!.skin.L).toBeLessThan(factsOf(orla)!.skin.L - 3)
    const read = {
      ...tanned,
      readings: [{ ...orla.readings[0]!, tanned: true, lab: { L: 50, a: 14, b: 22 } }, ...orla.readings],
    }
    expect(factsOf(read)).toMatchObject({ skin: { L: 50 }, bare: { L: 50 } })
    expect(factsOf({ ...read, consultation: orla.consultation })!.skin.L).toBe(50)
    expect(factsOf({ ...read, consultation: { ...orla.consultation, tanOn: false } })!.skin).toEqual(
      factsOf(orla)!.skin,
    )
  })
})
