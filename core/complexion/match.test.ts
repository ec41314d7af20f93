import { randomProduct, ADJUSTERS, shade } from '../../tests/support/kits'
import { seeded } from '../../tests/support/random'
import { culoriDeltaE, everyRecipe, plainRank } from '../../tests/support/straightforward'
import { difference } from '../colour/difference'
import { match, matchWithin } from './match'
import { mayMix } from './bottles/mixable'
import { packPigments } from './bottles/pigments'
import { FAMILIES } from './bottles/product'
import { skinAt, typicalSkin } from './skins/skin'
import { ratioInWords, verdictOf } from './mixing/recipe'

const name = (drops: readonly { id: string; count: number }[]) =>
  drops
    .map(d => `${d.count}${d.id}`)
    .sort()
    .join('+')

describe('match against brute force', () => {
  it.each(Array.from({ length: 40 }, (_, i) => i))(
    'seed %i: the same best recipes in the same order, and the nearest one',
    seed => {
      const random = seeded(seed)
      const products = Array.from({ length: 3 + (seed % 4) }, (_, i) =>
        randomProduct(`p${i}`, random, seed % 2 ? FAMILIES : ['silicone']),
      )
      const target = skinAt(random.between(1, 12), random.between(-12, 12), random.between(0.8, 1.15))
      const maxProducts = 1 + (seed % 4)
      const maxDrops = random.pick([3, 8, 10])
      const limit = 1 + (seed % 6)
      const all = everyRecipe(products, { maxProducts, maxDrops })
      const found = match(target, products, { maxProducts, maxDrops }, limit)

      const byRank = all.map(r => plainRank(r, target)).sort((x, y) => x - y)
      const least = Math.min(...all.map(r => culoriDeltaE(r.lab, target)))
      found
        .slice(0, Math.min(limit, all.length))
        .forEach((r, i) => expect(plainRank(r, target)).toBeCloseTo(byRank[i]!, 7))
      expect(Math.min(...found.map(r => r.deltaE))).toBeCloseTo(least, 7)
      expect(found.length).toBeGreaterThanOrEqual(Math.min(limit, all.length))
      expect(found.length).toBeLessThanOrEqual(limit + 1)
      const allowed = new Set(all.map(r => name(r.drops)))
      for (const recipe of found) {
        expect(allowed).toContain(name(recipe.drops))
        expect(recipe.deltaE).toBeCloseTo(difference(recipe.lab, target), 9)
        expect(recipe.verdict).toBe(verdictOf(recipe.deltaE))
      }
      expect(new Set(found.map(r => name(r.drops))).size).toBe(found.length)
    },
  )
})

describe('a shorter search', () => {
  it.each(Array.from({ length: 30 }, (_, i) => i))(
    'seed %i: the ranks are those of the whole search, and the verdict of the nearest is in the list',
    seed => {
      const random = seeded(900 + seed)
      const products = Array.from({ length: 5 + (seed % 5) }, (_, i) => randomProduct(`p${i}`, random, ['silicone']))
      const target = skinAt(random.between(1, 12), random.between(-10, 10), random.between(0.9, 1.1))
      const limit = 1 + (seed % 3)
      const options = { maxProducts: 3, maxDrops: random.pick([4, 8]) }
      const whole = match(target, products, options, limit)
      // What a part of the kit makes is known before, as when each base was searched on its own.
      const known = match(target, products.slice(0, 3), options, 2)
      const { recipes, complete } = matchWithin(target, packPigments(products), options, {
        limit,
        nearest: 'of a better verdict',
        known: seed % 2 ? known : [],
      })
      expect(complete).toBe(true)
      const ranks = (list: typeof whole) => list.slice(0, limit).map(r => plainRank(r, target))
      ranks(whole).forEach((rank, i) => expect(ranks(recipes)[i]).toBeCloseTo(rank, 7))
      const nearest = (list: typeof whole) => Math.min(...list.map(r => r.deltaE))
      const [least, found] = [nearest(whole), nearest(recipes)]
      expect(verdictOf(found)).toBe(verdictOf(least))
      // Among seams that show, each that is smaller counts.
      if (verdictOf(least) === 'visible') expect(found).toBeCloseTo(least, 7)
      expect(new Set(recipes.map(r => name(r.drops))).size).toBe(recipes.length)
    },
  )
})

describe('match', () => {
  it('returns nothing for an empty kit and one bottle for its own colour', () => {
    expect(match(typicalSkin(4, 'neutral'), [])).toEqual([])
    const [best] = match(typicalSkin(4, 'neutral'), [shade(1), shade(4), shade(9)])
    expect(best).toMatchObject({ drops: [{ id: 's4', count: 1 }], verdict: 'invisible' })
  })

  it('never uses an adjuster without a base when adjusters are no base', () => {
    const kit = ADJUSTERS.map(a => ({ ...a, isBase: false }))
    expect(match(typicalSkin(4, 'neutral'), kit)).toEqual([])
    for (const { drops } of match(typicalSkin(4, 'olive'), [...kit, shade(4)], {}, 8)) {
      expect(drops.some(d => d.id === 's4')).toBe(true)
    }
  })

  it('gives ties to the cheaper', () => {
    const twins = [
      shade(4, { id: 'dear', pricePerMl: 3 }),
      shade(4, { id: 'cheap', pricePerMl: 1 }),
      shade(4, { id: 'unpriced' }),
    ]
    expect(match(typicalSkin(4, 'neutral'), twins, { maxProducts: 1 }).map(r => r.drops[0]!.id)).toEqual([
      'cheap',
      'dear',
      'unpriced',
    ])
  })

  it('a measured reflectance overrides the Lab', () => {
    const grey = { ...shade(4), reflectance: new Array<number>(36).fill(0.3) }
    const [only] = match(typicalSkin(4, 'neutral'), [grey])
    expect(Math.abs(only!.lab.a)).toBeLessThan(1e-9)
  })

  it('under tungsten a recipe is judged against the skin under tungsten', () => {
    const [best] = match(typicalSkin(4, 'neutral'), [shade(4)], { illuminant: 'A' })
    expect(best!.deltaE).toBeLessThan(1e-6)
    expect(best!.lab.a).toBeGreaterThan(typicalSkin(4, 'neutral').a)
  })
})

describe('what may be mixed', () => {
  it('follows the strict table', () => {
    expect(mayMix({ family: 'silicone' }, { family: 'hydrocarbon' })).toBe(true)
    expect(mayMix({ family: 'silicone' }, { family: 'oil' })).toBe(false)
    expect(mayMix({ family: 'water' }, { family: 'alcohol' })).toBe(true)
    expect(mayMix({ family: 'water' }, { family: 'silicone' })).toBe(false)
  })
  it('is the same both ways for all families', () => {
    for (const x of FAMILIES)
      for (const y of FAMILIES) expect(mayMix({ family: x }, { family: y })).toBe(mayMix({ family: y }, { family: x }))
  })
  it('an unknown family mixes only within its range', () => {
    expect(mayMix({ family: 'unknown' }, { family: 'unknown' })).toBe(false)
    expect(mayMix({ family: 'unknown', range: 'Quay' }, { family: 'unknown', range: 'Quay' })).toBe(true)
    expect(mayMix({ family: 'unknown', range: 'Quay' }, { family: 'water', range: 'Quay' })).toBe(true)
    expect(mayMix({ family: 'unknown', range: '' }, { family: 'unknown', range: '' })).toBe(false)
  })
  it('in a kit a range mixes with itself until told otherwise', () => {
    const [x, y] = [
      { family: 'water', range: 'Quay' },
      { family: 'silicone', range: 'Quay' },
    ] as const
    expect(mayMix(x, y)).toBe(false)
    expect(mayMix(x, y, { rangesMix: true })).toBe(true)
    expect(mayMix(x, y, { rangesMix: true, apart: new Set(['Quay']) })).toBe(false)
  })
})

describe('a ratio in words', () => {
  it.each([
    [[1], 'straight from the bottle'],
    [[1, 1], 'half and half'],
    [[2, 1], 'two to one'],
    [[1, 1, 1], 'equal parts'],
    [[5, 1], 'five and a touch'],
    [[4, 2, 1], 'four to two and a touch'],
    [[3, 2], 'three to two'],
    [[3, 3, 1], 'half and half and a touch'],
    [[2, 2, 2, 1], 'equal parts and a touch'],
  ])('%j is "%s"', (counts, words) => expect(ratioInWords(counts.map(count => ({ count })))).toBe(words))
})
