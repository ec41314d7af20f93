import { inkOn, labToCss, labToSrgb } from './display'

describe('colours on a screen', () => {
  it('white, black and a grey are themselves', () => {
    expect(labToCss({ L: 100, a: 0, b: 0 })).toBe('#ffffff')
    expect(labToCss({ L: 0, a: 0, b: 0 })).toBe('#000000')
    const [r, g, b] = labToSrgb({ L: 53.585, a: 0, b: 0 }).map(c => Math.round(c * 255))
    expect(new Set([r, g, b]).size).toBe(1)
    expect(r).toBe(128)
  })
  it('what a screen cannot show is cut at its edge, never beyond it', () => {
    for (const part of labToSrgb({ L: 60, a: 120, b: -120 })) {
      expect(part).toBeGreaterThanOrEqual(0)
      expect(part).toBeLessThanOrEqual(1)
    }
  })
  it('ink is black on light and white on deep', () => {
    expect(inkOn({ L: 74, a: 7, b: 14 })).toBe('#000000')
    expect(inkOn({ L: 30, a: 9, b: 10 })).toBe('#ffffff')
  })
})
