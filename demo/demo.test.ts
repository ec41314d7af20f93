import { buy } from '#core/buy/buy'
import { doubles } from '#core/complexion/bottles/doubles'
import { mixingRules } from '#core/complexion/bottles/mixable'
import { everyone, populationOf } from '#core/complexion/skins/population'
import { reach } from '#core/complexion/reach'
import { skinAt, skinPlace, UNDERTONES } from '#core/complexion/skins/skin'
import { FaceInput } from '#shared/records/people/faces'
import { JobInput } from '#shared/records/days/jobs'
import { QuoteInput } from '#shared/records/days/quotes'
import { WrapInput } from '#shared/records/days/wraps'
import { OwnedProductInput, ProductFields, type OwnedProduct, type Shelf } from '#shared/records/kit/kit'
import { complexionOf, isMixed, isUsable, mixingFacts, usablePigments } from '#shared/asked/kitPigments'
import { check } from '#shared/checks/validate'
import { SIMULATED_OFFERS, SIMULATED_SUPPLIERS } from '../server/devices/simulatedSuppliers'
import { DEMO_FACES } from './faces'
import { DEMO_JOBS } from './jobs'
import { DEMO_KIT } from './kit'
import { ownedProduct } from '../tests/support/owned'

const owned: OwnedProduct[] = DEMO_KIT.map(({ product }, i) => ownedProduct(product, `k${i}`))
const mixing = (apart: Shelf['apart'] = []) => mixingFacts(apart, [], { mixing: 'strict' })
const foundations = owned.filter(p => p.kind === 'foundation')
const faces = DEMO_FACES.filter(f => f.known !== 'nothing')
const skins = populationOf(faces.map(f => ({ id: f.face.name, lab: skinAt(...f.skin), weight: 1 })))
const unmatched = reach(usablePigments(owned, mixing()), skins).skins.filter(s => s.nearest!.deltaE > 2)

describe('the demo story', () => {
  it('keeps to the rules of the forms', () => {
    for (const product of owned) expect(check(OwnedProductInput, product)).toMatchObject({ ok: true })
    for (const offer of SIMULATED_OFFERS) expect(check(ProductFields, offer)).toMatchObject({ ok: true })
    for (const { face } of DEMO_FACES) expect(check(FaceInput, face)).toMatchObject({ ok: true })
    for (const { inDays: _, quote, closed, ...job } of DEMO_JOBS) {
      expect(check(JobInput, job)).toMatchObject({ ok: true })
      if (quote) expect(check(QuoteInput, quote)).toMatchObject({ ok: true })
      if (closed) expect(check(WrapInput, closed.wrap)).toMatchObject({ ok: true })
      for (const name of closed?.people ?? []) expect(DEMO_FACES.map(f => f.face.name)).toContain(name)
    }
    // The season has seven days; three before it are closed.
    expect(new Set(DEMO_JOBS.map(j => j.name)).size).toBe(10)
    expect(DEMO_JOBS.filter(j => j.closed && j.inDays < 0)).toHaveLength(3)
    for (const { job } of DEMO_FACES) if (job) expect(DEMO_JOBS.map(j => j.name)).toContain(job)
  })

  it('has 24 faces of every undertone from fair to deep and four suppliers with offers of their own', () => {
    expect(DEMO_FACES).toHaveLength(24)
    const places = DEMO_FACES.map(f => skinPlace(skinAt(...f.skin)))
    expect(new Set(places.map(p => p.undertone)).size).toBe(UNDERTONES.length)
    expect(Math.min(...places.map(p => p.depth))).toBeLessThan(1.6)
    expect(Math.max(...places.map(p => p.depth))).toBeGreaterThan(11)
    expect(new Set(DEMO_FACES.map(f => f.face.skinType)).size).toBe(4)
    expect(SIMULATED_SUPPLIERS).toHaveLength(4)
    for (const { id, name } of SIMULATED_SUPPLIERS) {
      expect(name).toContain('simulated')
      expect(SIMULATED_OFFERS.some(o => o.supplierId === id)).toBe(true)
    }
    expect(new Set(SIMULATED_OFFERS.map(o => o.id)).size).toBe(SIMULATED_OFFERS.length)
  })

  it('has its deliberate flaws', () => {
    expect(Math.max(...foundations.map(p => skinPlace(p.lab).depth))).toBeLessThanOrEqual(10)
    expect(foundations.some(p => skinPlace(p.lab).undertone === 'olive')).toBe(false)
    expect(doubles(owned.filter(isUsable).map(complexionOf)).map(g => g.length)).toEqual([3])
    expect(owned.filter(p => p.level === 0).map(p => p.shade)).toEqual(['Toffee Tin'])
    expect(unmatched.map(s => s.id)).toContain('Amahle Rosqvist')
  })

  it('and money mends them: within 140.00 every face that is out of reach can be matched', () => {
    const answer = buy({
      owned: owned.filter(isUsable).map(complexionOf),
      rules: mixingRules(mixing()),
      population: everyone(),
      budget: 14_000,
      offers: SIMULATED_OFFERS.filter(isMixed).map(o => ({ id: o.id, price: o.priceMinor, product: complexionOf(o) })),
      mustReach: unmatched.map(s => s.lab),
    })
    expect(answer.unmet).toEqual([])
    expect(answer.reach.after).toBeGreaterThan(answer.reach.before + 0.2)
  })
})

describe('the kit as the model sees it', () => {
  it('adjusters are no base, concealers and empty or retired bottles are not for mixing', () => {
    expect(complexionOf(owned.find(p => p.kind === 'adjuster')!).isBase).toBe(false)
    const [sound] = foundations
    expect(isUsable(sound!)).toBe(true)
    expect(isUsable({ ...sound!, level: 0 })).toBe(false)
    expect(isUsable({ ...sound!, retiredAt: '2026-01-01' })).toBe(false)
    expect(isUsable({ ...sound!, kind: 'concealer' })).toBe(false)
  })
  it('a range told apart no longer mixes with itself', () => {
    const two = foundations.filter(p => p.range === 'Tideline Fluid').slice(0, 2)
    expect(usablePigments(two, mixing()).mixable[1]).toBe(1)
    expect(usablePigments(two, mixing([{ brand: 'Marrowmere', range: 'Tideline Fluid' }])).mixable[1]).toBe(0)
  })
})
