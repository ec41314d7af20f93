import { shade } from '../../tests/support/kits'
import { areaOf, leastCorrection } from './correct'
import { typicalSkin } from './skin'
import { pigmentFor } from './pigments'
import type { ComplexionProduct } from './product'

const corrector = (id: string, L: number, a: number, b: number): ComplexionProduct => ({
  id,
  lab: { L, a, b },
  coverage: 'medium',
  family: 'oil',
})
const peach = corrector('peach', 76, 16, 24)
const orange = corrector('orange', 58, 30, 40)
const green = corrector('green', 72, -14, 14)
/** Under the eye the base lies thin. */
const at = (depth: number, of: ComplexionProduct, concern: 'dark circles' | 'redness' = 'dark circles') => {
  const skin = typicalSkin(depth, 'neutral')
  return leastCorrection(
    pigmentFor(of),
    pigmentFor(shade(depth, { coverage: 'sheer' })),
    skin,
    areaOf(skin, concern),
    0.5,
  )
}

describe('correcting', () => {
  it('a trace of peach cancels dark circles on fair skin; on deep skin it goes pale before orange fails', () => {
    expect(at(3, peach)).toMatchObject({ enough: true })
    expect(at(3, peach).thickness).toBeLessThan(0.7)
    expect(at(9, orange).enough).toBe(true)
    expect(at(9, orange).left).toBeLessThan(2)
  })
  it('orange looks orange on fair skin', () => {
    expect(at(2, orange).enough).toBe(false)
    expect(at(2, peach).enough).toBe(true)
  })
  it('green cancels redness where orange makes it worse', () => {
    expect(at(3, green, 'redness').enough).toBe(true)
    expect(at(3, orange, 'redness')).toMatchObject({ thickness: 0, enough: false })
  })
  it('takes the least that does it, and none where the base alone hides enough', () => {
    const skin = typicalSkin(4, 'neutral')
    const full = pigmentFor(shade(4, { coverage: 'full' }))
    expect(leastCorrection(pigmentFor(peach), full, skin, areaOf(skin, 'dark circles'))).toMatchObject({
      thickness: 0,
      enough: true,
    })
    const less = at(3, peach).thickness
    expect(less).toBeGreaterThan(0)
    expect(at(1, peach).thickness).toBeGreaterThanOrEqual(less)
  })
})
