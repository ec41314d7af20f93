import { seeded } from '../tests/support/random'
import { buy } from './buy/buy'
import { matchPacked, matchWithin } from './complexion/match'
import { packPigments } from './complexion/bottles/pigments'
import { everyone } from './complexion/skins/population'
import type { ComplexionProduct } from './complexion/bottles/product'
import { reach } from './complexion/reach'
import { dueAfter, OutOfTime } from './due'

const { between } = seeded(12)
const shelf = (n: number): ComplexionProduct[] =>
  Array.from({ length: n }, (_, i) => ({
    id: `p${i}`,
    lab: { L: between(25, 80), a: between(7, 15), b: between(12, 24) },
    coverage: 'medium',
    family: 'silicone',
  }))
const skin = { L: 55.3, a: 11.2, b: 18.7 }
/** Over at the n-th look at the clock: where a search is cut does not depend on how fast the machine is. */
const overAtLook = (n: number) => () => --n < 0

describe('searches that have to end', () => {
  it('an hour changes nothing', () => {
    const pigments = packPigments(shelf(25))
    expect(matchWithin(skin, pigments, {}, { due: dueAfter(3_600_000) })).toEqual({
      recipes: matchPacked(skin, pigments),
      complete: true,
    })
  })

  it('a match that was cut says so and is no worse than its pairs', () => {
    const pigments = packPigments(shelf(60))
    const pairs = matchPacked(skin, pigments, { maxProducts: 2 })
    let looks = 0
    matchWithin(skin, pigments, { maxProducts: 2 }, { due: () => (looks++, false) })
    const { recipes, complete } = matchWithin(skin, pigments, {}, { due: overAtLook(looks + 3) })
    expect(complete).toBe(false)
    expect(Math.min(...recipes.map(r => r.deltaE))).toBeLessThanOrEqual(Math.min(...pairs.map(r => r.deltaE)))
    expect(recipes.length).toBeGreaterThanOrEqual(5)
    expect(new Set(recipes.map(r => JSON.stringify(r.drops))).size).toBe(recipes.length)
  })

  it('nothing tried, nothing claimed', () =>
    expect(matchWithin(skin, packPigments(shelf(600)), {}, { due: () => true })).toMatchObject({ complete: false }))

  it('reach gives no answer rather than a false one', () =>
    expect(() => reach(packPigments(shelf(60)), everyone(), {}, undefined, overAtLook(1))).toThrow(OutOfTime))

  it('a plan to buy that was cut claims no proof, and its bound holds', () => {
    const products = shelf(40)
    const question = {
      owned: products.slice(0, 3),
      offers: products.slice(3).map((product, i) => ({ id: product.id, product, price: 20 + (i % 7) })),
      population: everyone(),
      budget: 90,
    }
    const whole = buy(question)
    const cut = buy({ ...question, timeLimitMs: 1 })
    expect(whole.proof.optimal).toBe(true)
    expect(cut.proof.optimal).toBe(false)
    expect(cut.proof.upperBound).toBeGreaterThanOrEqual(whole.reach.after)
    expect(cut.reach.after).toBeLessThanOrEqual(whole.reach.after + 1e-9)
    expect(cut.spend).toBeLessThanOrEqual(90)
  })
})
