import { shade } from '../../tests/support/kits'
import { everyone } from './skins/population'
import { packPigments } from './bottles/pigments'
import { reach } from './reach'
import { DEFAULT_OPTIONS } from './mixing/recipe'
import { sharesByFamily, sharesByUndertone, sharesOfParts } from './shares'

describe('shares', () => {
  it('a neutral line matches the neutral row and little else', () => {
    const line = Array.from({ length: 12 }, (_, i) => shade(i + 1))
    const shares = sharesByUndertone(reach(packPigments(line), everyone()).skins, 2)
    expect(shares.get('neutral')).toEqual({ matched: 23, total: 23 })
    expect(shares.get('rosy')!.matched).toBeLessThan(6)
    expect([...shares.values()].reduce((s, v) => s + v.total, 0)).toBe(92)
  })

  it('every family counts with its own bottles alone', () => {
    const products = [shade(3), shade(5), shade(4, { id: 'w', family: 'water' })]
    const shares = sharesByFamily(products, {}, everyone(), DEFAULT_OPTIONS)
    const alone = (own: typeof products) =>
      reach(packPigments(own), everyone()).skins.filter(s => s.nearest!.deltaE <= 2).length
    expect(shares.get('silicone')!.matched).toBe(alone(products.slice(0, 2)))
    expect(shares.get('water')!.matched).toBe(alone(products.slice(2)))
    expect(shares.get('water')!.matched).toBeLessThan(shares.get('silicone')!.matched)
  })

  it('a part of the kit matches what it alone can, none of it nobody, and progress ends at one', () => {
    const products = [shade(3), shade(5), shade(7)]
    const progress: number[] = []
    const shares = sharesOfParts(
      products,
      {},
      [['s3', 's5', 's7'], ['s3'], [], ['s7', 's5', 's3']],
      everyone(),
      DEFAULT_OPTIONS,
      done => progress.push(done),
    )
    const alone = (own: typeof products) =>
      reach(packPigments(own), everyone()).skins.filter(s => s.nearest!.deltaE <= 2).length
    expect(shares).toEqual(
      [alone(products), alone([products[0]!]), 0, alone(products)].map(matched => ({ matched, total: 92 })),
    )
    expect(progress.every((p, i) => p >= (progress[i - 1] ?? 0) && p <= 1)).toBe(true)
  })
})
