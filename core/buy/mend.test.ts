import { randomProduct, shade } from '../../tests/support/kits'
import { seeded } from '../../tests/support/random'
import { culoriDeltaE, everyRecipe, subsets } from '../../tests/support/straightforward'
import { skinAt, typicalSkin } from '../complexion/skins/skin'
import type { Offer } from './buy'
import { cheapestMend } from './mend'

const options = { maxProducts: 3, maxDrops: 5, tolerance: 2, illuminant: 'D65' as const }

describe('the smallest purchase that mends a skin', () => {
  it.each(Array.from({ length: 20 }, (_, i) => i))('seed %i: none cheaper by brute force', seed => {
    const random = seeded(4000 + seed)
    const owned = [randomProduct('own', random)]
    const offers: Offer[] = Array.from({ length: 5 }, (_, i) => ({
      id: `f${i}`,
      product: randomProduct(`f${i}`, random),
      price: random.pick([10, 20, 25, 40]),
    }))
    const skin = skinAt(random.between(2, 11), random.between(-8, 8), random.between(0.9, 1.1))
    const costs = subsets(offers, offers.length)
      .concat([[]])
      .filter(set =>
        everyRecipe([...owned, ...set.map(o => o.product)], options).some(
          r => culoriDeltaE(r.lab, skin) <= options.tolerance,
        ),
      )
      .map(set => set.reduce((sum, o) => sum + o.price, 0))
    const mend = cheapestMend({ owned, offers, skin, options })
    if (costs.length === 0) expect(mend).toBeNull()
    else expect(mend!.spend).toBe(Math.min(...costs))
  })

  it('is nothing for a skin that is matched, and null where nothing on offer helps', () => {
    expect(cheapestMend({ owned: [shade(5)], offers: [], skin: typicalSkin(5, 'neutral'), options })).toEqual({
      chosen: [],
      spend: 0,
    })
    expect(
      cheapestMend({
        owned: [],
        offers: [{ id: 'a', product: shade(2), price: 1 }],
        skin: typicalSkin(11, 'olive'),
        options,
      }),
    ).toBeNull()
  })

  it('takes fewer bottles at one price', () => {
    const offers = [
      { id: 'fair', product: shade(4, { id: 'fair' }), price: 10 },
      { id: 'deep', product: shade(6.2, { id: 'deep' }), price: 10 },
      { id: 'it', product: shade(5, { id: 'it' }), price: 20 },
    ]
    expect(cheapestMend({ owned: [], offers, skin: typicalSkin(5, 'neutral'), options })!.chosen).toEqual(['it'])
  })
})
