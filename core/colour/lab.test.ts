import { chroma, fromLch, hue, hueDifference, labToXyz, reflectanceToLab, reflectanceToXyz, xyzToLab } from './lab'
import { inkOn, labToCss, labToSrgb } from './display'
import { ILLUMINANTS, observer } from './tables'

describe('Lab and XYZ', () => {
  it('a perfect diffuser is L* 100 without chroma under every light', () => {
    for (const light of ILLUMINANTS) {
      const lab = reflectanceToLab(new Float64Array(36).fill(1), observer(light))
      expect(lab.L).toBeCloseTo(100, 9)
      expect(chroma(lab)).toBeLessThan(1e-9)
    }
  })

  it.each([
    [50, 20, 30],
    [4, 1, -2],
    [97, -3, 60],
    [0, 0, 0],
  ])('Lab %d %d %d survives the way to XYZ and back', (L, a, b) => {
    const back = xyzToLab(labToXyz({ L, a, b }))
    expect(back.L).toBeCloseTo(L, 9)
    expect(back.a).toBeCloseTo(a, 9)
    expect(back.b).toBeCloseTo(b, 9)
  })

  it('the daylight white is the published one to the third decimal of a 10 nm table', () => {
    const { X, Z } = observer('D65').white
    expect(X).toBeCloseTo(0.9504, 2)
    expect(Z).toBeCloseTo(1.0888, 2)
  })

  it('refuses a reflectance of the wrong length', () => {
    expect(() => reflectanceToXyz(new Float64Array(35))).toThrow('36 samples, not 35')
  })

  it('hue runs 0–360 and differences take the short way', () => {
    expect(hue({ L: 50, a: 0, b: -10 })).toBeCloseTo(270, 9)
    expect(hue({ L: 50, a: 0, b: 0 })).toBe(0)
    expect(hueDifference(350, 10)).toBeCloseTo(-20, 9)
    expect(hueDifference(10, 350)).toBeCloseTo(20, 9)
    expect(hue(fromLch(50, 12, 123))).toBeCloseTo(123, 9)
  })
})

describe('on screen', () => {
  it('greys have equal RGB and white is white', () => {
    const [r, g, b] = labToSrgb({ L: 60, a: 0, b: 0 })
    expect(Math.abs(r - g)).toBeLessThan(2e-3)
    expect(Math.abs(g - b)).toBeLessThan(2e-3)
    expect(labToCss({ L: 100, a: 0, b: 0 })).toBe('#ffffff')
    expect(labToCss({ L: 0, a: 0, b: 0 })).toBe('#000000')
  })

  it('colours outside the screen are clipped, not wrapped', () => {
    for (const c of labToSrgb({ L: 70, a: 90, b: 90 })) {
      expect(c).toBeGreaterThanOrEqual(0)
      expect(c).toBeLessThanOrEqual(1)
    }
  })

  it('ink is the one that reads', () => {
    expect(inkOn({ L: 85, a: 5, b: 10 })).toBe('#000000')
    expect(inkOn({ L: 25, a: 5, b: 10 })).toBe('#ffffff')
  })
})
