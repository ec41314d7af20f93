import { ADJUSTERS, randomProduct, shade } from '../../tests/support/kits'
import { seeded } from '../../tests/support/random'
import { everyRecipe, plainReach, subsets } from '../../tests/support/straightforward'
import { difference } from '../colour/difference'
import { everyone, populationOf } from '../complexion/skins/population'
import { FAMILIES } from '../complexion/bottles/product'
import { skinAt, typicalSkin } from '../complexion/skins/skin'
import { buy, type Offer } from './buy'
import { minimal } from './needs'
import { isAsWanted } from './wantedBase'
import { bestChoice, bundleGreedy, type Problem } from './search'

const cost = (offers: readonly Offer[]) => offers.reduce((s, o) => s + o.price, 0)

describe('buy against brute force', () => {
  it.each(Array.from({ length: 60 }, (_, i) => i))('seed %i: the same reach for the same money', seed => {
    const random = seeded(1000 + seed)
    const families = seed % 3 === 0 ? FAMILIES : (['silicone'] as const)
    const owned =
      seed % 2 ? Array.from({ length: 1 + (seed % 3) }, (_, i) => randomProduct(`o${i}`, random, families)) : []
    const offers: Offer[] = Array.from({ length: 4 + (seed % 2) }, (_, i) => ({
      id: `f${i}`,
      product: randomProduct(`f${i}`, random, families),
      price: random.pick([10, 20, 25, 30, 34.5]),
    }))
    const population = populationOf(
      Array.from({ length: 12 }, (_, i) => ({
        id: `k${i}`,
        lab: skinAt(random.between(1, 12), random.between(-10, 10), random.between(0.85, 1.1)),
        weight: random.between(0.2, 2),
      })),
    )
    const budget = random.pick([0, 30, 60, 90])
    const options = { maxProducts: 3, maxDrops: 5, tolerance: 2 }
    const reachWith = (chosen: readonly Offer[]) =>
      plainReach(everyRecipe([...owned, ...chosen.map(o => o.product)], options), population, options.tolerance)
    let best = { reach: reachWith([]), spend: 0 }
    for (const chosen of subsets(offers, offers.length)) {
      if (cost(chosen) > budget) continue
      const reach = reachWith(chosen)
      if (reach > best.reach + 1e-9 || (reach > best.reach - 1e-9 && cost(chosen) < best.spend))
        best = { reach, spend: cost(chosen) }
    }
    const answer = buy({ owned, offers, population, budget, options })
    expect(answer.reach.after).toBeCloseTo(best.reach, 9)
    expect(answer.spend).toBeCloseTo(best.spend, 9)
    expect(answer.reach.before).toBeCloseTo(reachWith([]), 9)
    expect(answer.proof).toEqual({ optimal: true, upperBound: answer.reach.after })
    const chosen = offers.filter(o => answer.chosen.includes(o.id))
    expect(cost(chosen)).toBeCloseTo(answer.spend, 9)
    expect(reachWith(chosen)).toBeCloseTo(answer.reach.after, 9)
    for (const point of answer.curve) {
      const bought = offers.filter(o => point.chosen.includes(o.id))
      expect(cost(bought)).toBeCloseTo(point.spend, 9)
      expect(reachWith(bought)).toBeCloseTo(point.reach, 9)
    }
    expect(answer.curve.at(-1)).toMatchObject({ spend: answer.spend, chosen: answer.chosen })
  })
})

describe('a base as asked', () => {
  it.each(Array.from({ length: 40 }, (_, i) => i))('seed %i: is bought where the money allows it', seed => {
    const random = seeded(7000 + seed)
    const owned = Array.from({ length: 3 }, (_, i) => randomProduct(`o${i}`, random))
    const offers: Offer[] = Array.from({ length: 5 }, (_, i) => ({
      id: `f${i}`,
      product: randomProduct(`p${i}`, random),
      price: random.pick([10, 20, 30]),
    }))
    const skin = skinAt(random.between(2, 11), random.between(-6, 8), 1)
    const bottles = [...owned, ...offers.map(o => o.product)]
      .filter(() => random.next() < 0.8)
      .map(({ id }) => ({ id, finish: random.pick(['matte', 'satin'] as const) }))
    const wanted = { coverage: 'medium' as const, finish: 'matte' as const, bottles }
    const finish = new Map(bottles.map(b => [b.id, b.finish]))
    const options = { maxProducts: 3, maxDrops: 5, tolerance: 3 }
    const reaches = (chosen: readonly Offer[]) => {
      const products = [...owned, ...chosen.map(o => o.product)].filter(p => finish.has(p.id))
      return everyRecipe(products, options).some(({ drops, lab }) => {
        const parts = drops.map(d => ({
          product: products.find(p => p.id === d.id)!,
          finish: finish.get(d.id)!,
          share: d.count,
        }))
        return difference(lab, skin) <= options.tolerance && isAsWanted(wanted, parts)
      })
    }
    const budget = 60
    const affordable = [[], ...subsets(offers, offers.length)].filter(chosen => cost(chosen) <= budget)
    const answer = buy({ owned, offers, population: [], budget, options, mustReach: [skin], mustBase: [wanted] })
    expect(answer.unmet).toEqual(affordable.some(reaches) ? [] : [0])
    const chosen = offers.filter(o => answer.chosen.includes(o.id))
    if (answer.unmet.length === 0) {
      expect(reaches(chosen)).toBe(true)
      expect(cost(chosen)).toBe(Math.min(...affordable.filter(reaches).map(cost)))
    }
  })

  it('is not mixed of white and the deepest, nor of what shines', () => {
    const [white, deep] = [shade(1), shade(11)].map(product => ({ product, finish: 'matte' as const, share: 1 }))
    const wanted = { coverage: 'medium' as const, finish: 'matte' as const }
    expect(isAsWanted(wanted, [white!])).toBe(true)
    expect(isAsWanted(wanted, [white!, deep!])).toBe(false)
    expect(isAsWanted(wanted, [{ ...deep!, finish: 'dewy' }])).toBe(false)
    expect(isAsWanted({ ...wanted, coverage: 'full' }, [deep!])).toBe(false)
  })
})

describe('buy', () => {
  const offers: Offer[] = [
    ...[1, 2.5, 4, 5.5, 7, 8.5, 10, 11.5].map(d => ({ id: `s${d}`, product: shade(d), price: 28 })),
    ...ADJUSTERS.map(a => ({ id: a.id, product: a, price: 22 })),
  ]

  it('gives every bought thing a reason, and nothing is bought without one', () => {
    const { chosen, reasons } = buy({ owned: [], offers, population: everyone(), budget: 110 })
    expect(reasons.map(r => r.id)).toEqual(chosen)
    for (const reason of reasons) expect(reason.share).toBeGreaterThan(0)
  })

  it('what must be reached comes before what reaches more', () => {
    const odd = typicalSkin(11.5, 'neutral')
    const free = buy({ owned: [], offers, population: everyone(), budget: 60 })
    const bound = buy({ owned: [], offers, population: everyone(), budget: 60, mustReach: [odd] })
    expect(bound.unmet).toEqual([])
    expect(bound.chosen).toContain('s11.5')
    expect(bound.reach.after).toBeLessThanOrEqual(free.reach.after + 1e-12)
    expect(bound.reasons.find(r => r.id === 's11.5')!.mustReach).toEqual([0])
  })

  it('says when what must be reached cannot be', () => {
    const { unmet, chosen } = buy({
      owned: [],
      offers: offers.slice(0, 2),
      population: everyone(),
      budget: 60,
      mustReach: [typicalSkin(12, 'rosy')],
    })
    expect(unmet).toEqual([0])
    expect(chosen.length).toBeGreaterThan(0)
  })

  it('with no money, no offers or nothing left to gain it buys nothing', () => {
    expect(buy({ owned: [], offers, population: everyone(), budget: 0 })).toMatchObject({
      chosen: [],
      spend: 0,
      proof: { optimal: true },
    })
    expect(buy({ owned: [], offers: [], population: everyone(), budget: 100 }).chosen).toEqual([])
    const own = [shade(4)]
    const one = populationOf([{ id: 'one', lab: typicalSkin(4, 'neutral') }])
    expect(buy({ owned: own, offers, population: one, budget: 200 })).toMatchObject({
      chosen: [],
      reach: { before: 1, after: 1 },
    })
  })

  it('stopped by its time limit it still answers, with an honest bound', () => {
    const many = Array.from({ length: 40 }, (_, i) => ({
      id: `x${i}`,
      product: randomProduct(`x${i}`, seeded(i)),
      price: 20 + (i % 7),
    }))
    const { proof, reach, spend } = buy({
      owned: [],
      offers: many,
      population: everyone(),
      budget: 160,
      timeLimitMs: 1,
    })
    expect(spend).toBeLessThanOrEqual(160)
    expect(proof.upperBound).toBeGreaterThanOrEqual(reach.after - 1e-12)
    expect(proof.upperBound).toBeLessThanOrEqual(1)
    if (!proof.optimal) expect(proof.upperBound).toBeGreaterThan(reach.after)
  })
})

describe('the search', () => {
  it('finds pairs that are worth nothing alone, where one at a time is badly wrong', () => {
    // Item 0 alone gains 1; items 1 and 2 gain 10 together and nothing apart.
    const problem: Problem = {
      prices: [10, 10, 10],
      budget: 20,
      aims: [
        { weight: 1, sets: [[0]] },
        { weight: 10, sets: [[1, 2]] },
      ],
    }
    expect(bestChoice(problem)).toMatchObject({ chosen: [1, 2], value: 10, optimal: true })
  })

  it('never does worse than its own greedy start, and beats it where bundles mislead', () => {
    const problem: Problem = {
      prices: [10, 10, 10, 10],
      budget: 20,
      aims: [
        { weight: 6, sets: [[0]] },
        { weight: 5, sets: [[1, 2]] },
        { weight: 5, sets: [[1, 2]] },
        { weight: 1, sets: [[3]] },
      ],
    }
    const greedy = bundleGreedy(problem)
    expect(greedy.sort()).toEqual([0, 3])
    expect(bestChoice(problem)).toMatchObject({ chosen: [1, 2], value: 10 })
  })

  it('keeps only minimal sets', () => {
    expect(minimal([[1, 2], [1], [2, 3], [2, 3, 4]])).toEqual([[1], [2, 3]])
  })
})
