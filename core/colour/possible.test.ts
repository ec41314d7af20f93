import { seeded } from '../../tests/support/random'
import { difference } from './difference'
import { fromLch, reflectanceToLab, type Lab } from './lab'
import { impossibleInWords, isPossible, nearestPossible, slipOf } from './possible'
import { smoothestReflectance } from './spectrum'
import { BANDS } from './tables'

const { between, next } = seeded(71)
const anyColour = (): Lab => {
  const wide = next() < 0.5 ? 20 : 120
  return { L: next() < 0.3 ? between(0, 12) : between(0, 100), a: between(-wide, wide), b: between(-wide, wide) }
}

describe('colours a surface can have', () => {
  it('are exactly those a reflectance is found for, dark and vivid ones too', () => {
    let inside = 0
    for (let i = 0; i < 4000; i++) {
      const lab = anyColour()
      if (!isPossible(lab)) {
        expect(() => smoothestReflectance(lab)).toThrow('no surface')
        continue
      }
      inside++
      expect(difference(reflectanceToLab(smoothestReflectance(lab)), lab)).toBeLessThan(1e-4)
    }
    expect(inside).toBeGreaterThan(1000)
  })

  it('hold every colour that a real reflectance has', () => {
    for (let i = 0; i < 500; i++) {
      let r = between(0.1, 0.9)
      const curve = Float64Array.from(
        { length: BANDS },
        () => (r = Math.min(0.97, Math.max(0.03, r + between(-0.1, 0.1)))),
      )
      expect(isPossible(reflectanceToLab(curve))).toBe(true)
    }
  })

  it.each<[string, Lab, boolean]>([
    ['a foundation', { L: 62, a: 11, b: 19 }, true],
    ['the same with the decimal point slipped', { L: 6.2, a: 11, b: 19 }, false],
    ['perfect white', { L: 100, a: 0, b: 0 }, true],
    ['perfect black', { L: 0, a: 0, b: 0 }, true],
    ['white with a tint', { L: 100, a: 1, b: 0 }, false],
    ['no number', { L: NaN, a: 0, b: 0 }, false],
    ['no end', { L: 50, a: Infinity, b: 0 }, false],
    ['lighter than white', { L: 101, a: 0, b: 0 }, false],
  ])('%s', (_, lab, possible) => expect(isPossible(lab)).toBe(possible))
})

describe('the nearest possible colour', () => {
  it('is possible, and nothing on a fine grid around is nearer by more than rounding', () => {
    for (let i = 0; i < 60; i++) {
      const lab = anyColour()
      const near = nearestPossible(lab)
      expect(isPossible(near)).toBe(true)
      if (isPossible(lab)) expect(near).toEqual(lab)
      const h = (Math.atan2(lab.b, lab.a) * 180) / Math.PI
      for (let L = 1; L < 100; L += 3) {
        for (let C = 0; C < Math.hypot(lab.a, lab.b); C += 3) {
          const other = fromLch(L, C, h)
          if (isPossible(other)) expect(difference(near, lab)).toBeLessThan(difference(other, lab) + 0.6)
        }
      }
    }
  })

  it('is named in words, with what was likely meant', () => {
    expect(impossibleInWords({ L: 6.2, a: 11, b: 19 })).toMatch(
      /was L\* 62 meant\? The nearest possible is L\* 10, a\* 9\.9, b\* 17\.2/,
    )
    expect(impossibleInWords({ L: 50, a: 150, b: 0 })).toMatch(/check the figures; the nearest possible is/)
    expect(slipOf({ L: 6.2, a: 11, b: 19 })).toEqual({ L: 62, a: 11, b: 19 })
    expect(slipOf({ L: 62, a: 11, b: 19 })).toBeNull()
    expect(slipOf({ L: 99, a: 90, b: 0 })).toBeNull()
  })
})
