import { randomProduct, shade } from '../../../tests/support/kits'
import { seeded } from '../../../tests/support/random'
import { difference } from '../../colour/difference'
import { packPigments } from '../../complexion/bottles/pigments'
import type { Drops } from '../../complexion/mixing/recipe'
import { mixLab } from '../../complexion/mixing/touch'
import { blendedCoverage, countOut, DROP_ML, FACE_ML } from './amount'
import { LIMB_ML } from '../../asked/slots'

const still = () => 0
const drops = (...counts: number[]): Drops[] => counts.map((count, i) => ({ id: `b${i}`, count }))

describe('counting a recipe out', () => {
  it('splits drops where whole ones would be more than it takes', () => {
    // 20 drops are wanted; three times seven are 21.
    const { parts, totalMl, overMl } = countOut(drops(4, 2, 1), FACE_ML.medium, DROP_ML, still)
    expect(parts.map(p => p.drops)).toEqual([11.5, 5.5, 3])
    expect(totalMl).toBeCloseTo(0.8, 9)
    expect(overMl).toBeCloseTo(0, 9)
  })

  it('counts whole times the recipe out where a split drop would be seen', () => {
    const counted = countOut(drops(4, 2, 1), FACE_ML.medium, DROP_ML, () => 0.4)
    expect(counted.parts.map(p => p.drops)).toEqual([12, 6, 3])
    expect(counted.shift).toBe(0)
  })

  it('one bottle is counted to half a drop', () => {
    expect(countOut(drops(1), FACE_ML.light, DROP_ML, still).parts[0]!.drops).toBe(16.5)
  })

  it('is enough, no more than whole times, in half drops, of every bottle, and of the colour it says', () => {
    const random = seeded(31)
    for (let round = 0; round < 300; round++) {
      const bottles = Array.from({ length: 1 + Math.floor(random.next() * 4) }, (_, i) =>
        randomProduct(`b${i}`, random),
      )
      const pigments = packPigments(bottles)
      const recipe = drops(...bottles.map(() => 1 + Math.floor(random.next() * 5)))
      const wanted = random.pick([FACE_ML.sheer, FACE_ML.full, LIMB_ML, 4 * LIMB_ML])
      const shiftOf = (rounded: readonly Drops[]) => difference(mixLab(pigments, rounded), mixLab(pigments, recipe))
      const { parts, totalMl, overMl, shift } = countOut(recipe, wanted, DROP_ML, shiftOf)
      const once = recipe.reduce((sum, d) => sum + d.count, 0)
      expect(totalMl).toBeGreaterThan(wanted - 1e-9)
      expect(totalMl).toBeLessThan(Math.ceil(wanted / DROP_ML / once - 1e-9) * once * DROP_ML + 1e-9)
      expect(overMl).toBeCloseTo(totalMl - wanted, 9)
      for (const { drops, ml } of parts) {
        expect(Number.isInteger(drops * 2) && drops > 0).toBe(true)
        expect(ml).toBeCloseTo(drops * DROP_ML, 9)
      }
      expect(shift).toBeCloseTo(shiftOf(parts.map(p => ({ id: p.id, count: p.drops }))), 9)
      expect(shift).toBeLessThanOrEqual(0.3)
    }
  })
})

describe('coverage', () => {
  it('coverage is blended by drops', () => {
    const products = [shade(2, { id: 'thin', coverage: 'sheer' }), shade(5, { id: 'thick', coverage: 'full' })]
    expect(
      blendedCoverage(
        [
          { id: 'thin', count: 1 },
          { id: 'thick', count: 1 },
        ],
        products,
      ),
    ).toBe('medium')
    expect(blendedCoverage([{ id: 'thin', count: 1 }], products)).toBe('sheer')
    expect(() => blendedCoverage([{ id: 'gone', count: 1 }], products)).toThrow('no product "gone"')
  })
})
