import { ADJUSTERS, randomProduct, shade } from '../../tests/support/kits'
import { seeded } from '../../tests/support/random'
import { culoriDeltaE, everyRecipe, plainRank, plainReach } from '../../tests/support/straightforward'
import { failings } from './fails'
import { packPigments } from './bottles/pigments'
import { everyone, populationOf, type Skin } from './skins/population'
import { FAMILIES, type ComplexionProduct } from './bottles/product'
import { reach } from './reach'
import { skinAt, typicalSkin } from './skins/skin'

const shares = (products: readonly ComplexionProduct[], maxDrops = 8) =>
  reach(packPigments(products), everyone(), { maxDrops }).share
const five = [1, 3.75, 6.5, 9.25, 12].map(d => shade(d))

describe('the sanity figures, within 2 points', () => {
  const near = (share: number, percent: number) => expect(Math.abs(share * 100 - percent)).toBeLessThan(2)
  it('five neutral shades reach 27 %, 25 % within 1 and 83 % within 3', () => {
    const { within1, within2, within3 } = shares(five)
    near(within2, 27)
    near(within1, 25)
    near(within3, 83)
  })
  it('all twelve whole depths reach no more', () =>
    near(shares(Array.from({ length: 12 }, (_, i) => shade(i + 1))).within2, 27))
  it('five shades and five adjusters reach 84 %, 93 % with 12 drops', () => {
    near(shares([...five, ...ADJUSTERS]).within2, 84)
    near(shares([...five, ...ADJUSTERS], 12).within2, 93)
  })
})

describe('reach against brute force', () => {
  it.each(Array.from({ length: 25 }, (_, i) => i))('seed %i: shares, best, nearest and essential products', seed => {
    const random = seeded(100 + seed)
    const products = Array.from({ length: 2 + (seed % 5) }, (_, i) =>
      randomProduct(`p${i}`, random, seed % 2 ? FAMILIES : ['water', 'alcohol']),
    )
    const skins: Skin[] = populationOf(
      Array.from({ length: 30 }, (_, i) => ({
        id: `k${i}`,
        lab: skinAt(random.between(0.5, 13), random.between(-13, 13), random.between(0.8, 1.2)),
        weight: random.between(0.1, 2),
      })),
    )
    const options = { maxProducts: 1 + (seed % 3), maxDrops: 8, tolerance: random.pick([1, 2, 3.5]) }
    const all = everyRecipe(products, options)
    const result = reach(packPigments(products), skins, options)

    expect(result.share.within2).toBeCloseTo(plainReach(all, skins, 2), 9)
    expect(result.share.withinTolerance).toBeCloseTo(plainReach(all, skins, options.tolerance), 9)
    for (const skin of result.skins) {
      const ranks = all.map(r => plainRank(r, skin.lab))
      const within = all.filter(r => culoriDeltaE(r.lab, skin.lab) <= options.tolerance)
      expect(plainRank(skin.best!, skin.lab)).toBeCloseTo(Math.min(...ranks), 7)
      expect(skin.nearest!.deltaE).toBeCloseTo(Math.min(...all.map(r => culoriDeltaE(r.lab, skin.lab))), 7)
      const essential =
        within.length === 0
          ? []
          : products.map(p => p.id).filter(id => within.every(r => r.drops.some(d => d.id === id)))
      expect([...skin.essential].sort()).toEqual(essential.sort())
    }
    for (const id of result.redundant) {
      const without = everyRecipe(
        products.filter(p => p.id !== id),
        options,
      )
      expect(plainReach(without, skins, options.tolerance)).toBeCloseTo(result.share.withinTolerance, 9)
    }
  })
})

describe('reach', () => {
  it('of nothing is nothing, and says so', () => {
    const result = reach(packPigments([]), everyone())
    expect(result.share.within3).toBe(0)
    expect(result.skins.every(s => s.best === null && s.failsBy.length === 0)).toBe(true)
  })

  it('booked faces of weight 0 keep their bottle from being redundant', () => {
    const kit = [shade(4), shade(4, { id: 'odd', lab: skinAt(4, -14, 1.2) })]
    const [skin, booked] = populationOf([
      { id: 'one', lab: typicalSkin(4, 'neutral'), weight: 1 },
      { id: 'booked', lab: skinAt(4, -14, 1.2), weight: 0 },
    ])
    expect(reach(packPigments(kit), [skin!], { maxProducts: 1 }).redundant).toEqual(['odd'])
    expect(reach(packPigments(kit), [skin!, booked!], { maxProducts: 1 }).redundant).toEqual([])
  })

  it('reports progress up to the end', () => {
    const seen: number[] = []
    reach(packPigments([...five, ...ADJUSTERS]), everyone(), {}, done => seen.push(done))
    expect(seen.at(-1)).toBe(1)
    expect(seen).toEqual([...seen].sort((x, y) => x - y))
  })
})

describe('the way a skin fails', () => {
  const skin = typicalSkin(6, 'neutral')
  it.each([
    ['too light', typicalSkin(4, 'neutral')],
    ['too deep', typicalSkin(8, 'neutral')],
    ['too pink', skinAt(6, -14, 1)],
    ['too yellow', skinAt(6, 14, 1)],
    ['too grey', skinAt(6, 0, 0.7)],
    ['too orange', skinAt(6, 0, 1.35)],
  ])('%s comes first', (word, mix) => expect(failings(mix, skin)[0]).toBe(word))

  it('names two ways when both are large, and none for an equal', () => {
    expect(failings(skinAt(8, -14, 1), skin)).toEqual(expect.arrayContaining(['too deep', 'too pink']))
    expect(failings(skin, skin)).toEqual([])
  })
})
