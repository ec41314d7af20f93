import { ADJUSTERS, shade } from '../../../tests/support/kits'
import { everyRecipe } from '../../../tests/support/straightforward'
import { packPigments } from '../bottles/pigments'
import { sweep, type SweepVisitor } from './sweep'

const kit = [shade(2), shade(5), shade(9), ...ADJUSTERS]
const limits = { maxProducts: 3, maxDrops: 6, illuminant: 'D65' as const }

function seen(products = kit, options = limits, more: Partial<SweepVisitor> = {}) {
  const names: string[] = []
  const pigments = packPigments(products)
  sweep(pigments, options, {
    recipe({ size, parts, counts }) {
      names.push(
        Array.from({ length: size }, (_, k) => `${counts[k]}${products[parts[k]!]!.id}`)
          .sort()
          .join('+'),
      )
    },
    ...more,
  })
  return names
}
const plainNames = (products = kit, options = limits) =>
  everyRecipe(products, options).map(r =>
    r.drops
      .map(d => `${d.count}${d.id}`)
      .sort()
      .join('+'),
  )

describe('the sweep', () => {
  it('shows every recipe in lowest terms once, and no other', () => {
    const names = seen()
    expect(new Set(names).size).toBe(names.length)
    expect([...names].sort()).toEqual(plainNames().sort())
  })

  it.each([
    [1, 8],
    [2, 12],
    [4, 5],
  ])('%i products and %i drops too', (maxProducts, maxDrops) => {
    const options = { ...limits, maxProducts, maxDrops }
    expect(seen(kit.slice(0, 6), options).sort()).toEqual(plainNames(kit.slice(0, 6), options).sort())
  })

  it('gives the colour of the mix and what its fiddliness costs', () => {
    const plain = new Map(
      everyRecipe(kit, limits).map(r => [
        r.drops
          .map(d => `${d.count}${d.id}`)
          .sort()
          .join('+'),
        r,
      ]),
    )
    sweep(packPigments(kit), limits, {
      recipe({ size, parts, counts, L, a, b, penalty }) {
        const drops = Array.from({ length: size }, (_, k) => counts[k]!)
        const { lab } = plain.get(
          drops
            .map((n, k) => `${n}${kit[parts[k]!]!.id}`)
            .sort()
            .join('+'),
        )!
        expect(Math.max(Math.abs(lab.L - L), Math.abs(lab.a - a), Math.abs(lab.b - b))).toBeLessThan(1e-8)
        expect(penalty).toBeCloseTo(0.25 * (size - 1) + 0.06 * Math.max(0, drops.reduce((s, n) => s + n) - 3), 12)
      },
    })
  })

  it('leaves out whatever a visitor does not let in', () => {
    const without = seen(kit, limits, { enter: (_parts, _size, part) => kit[part]!.id !== 'white' })
    expect(without.some(n => n.includes('white'))).toBe(false)
    expect(without.sort()).toEqual(plainNames(kit.filter(p => p.id !== 'white')).sort())
  })

  it('needs a base in every recipe when some products are none', () => {
    const products = kit.map(p => ({ ...p, isBase: p.id.startsWith('s') }))
    expect(seen(products).sort()).toEqual(plainNames(products).sort())
    expect(seen(products).every(n => /\ds\d/.test(n))).toBe(true)
  })
})
