import { clientele, everyone, populationOf } from './population'
import { depthOf, lightnessAt, locus, skinAt, skinPlace, typicalSkin, typologyOf, UNDERTONES } from './skin'

describe('depth and undertone', () => {
  it('depth and lightness are inverse', () => {
    expect(depthOf(74)).toBe(1)
    expect(depthOf(30)).toBe(12)
    expect(depthOf(lightnessAt(7.25))).toBe(7.25)
  })

  it('the locus goes through its table, straight between, and keeps its ends', () => {
    expect(locus(50)).toEqual({ L: 50, a: 12, b: 18.5 })
    expect(locus(54).a).toBeCloseTo(11.5, 12)
    expect(locus(90)).toEqual({ L: 90, a: 5.5, b: 11.5 })
    expect(locus(20)).toEqual({ L: 20, a: 6.5, b: 7.5 })
  })

  it.each(UNDERTONES)('a typical %s skin is read as one at every depth', undertone => {
    for (let depth = 1; depth <= 12; depth += 0.5)
      expect(skinPlace(typicalSkin(depth, undertone)).undertone).toBe(undertone)
  })

  it('place and colour are inverse', () => {
    const place = skinPlace(skinAt(4.2, -6, 1.1))
    expect(place.depth).toBeCloseTo(4.2, 9)
    expect(place.hueDeviation).toBeCloseTo(-6, 9)
    expect(place.chromaRatio).toBeCloseTo(1.1, 9)
  })

  it('the typology classes follow the angle', () => {
    expect(typologyOf({ L: 75, a: 6, b: 12 })).toBe('very light')
    expect(typologyOf({ L: 65, a: 9, b: 16 })).toBe('light')
    expect(typologyOf({ L: 60, a: 10, b: 17 })).toBe('intermediate')
    expect(typologyOf({ L: 55, a: 12, b: 18 })).toBe('tan')
    expect(typologyOf({ L: 45, a: 12, b: 17 })).toBe('brown')
    expect(typologyOf({ L: 30, a: 8, b: 10 })).toBe('dark')
  })
})

describe('populations', () => {
  it('everyone is 92 skins counted alike', () => {
    const skins = everyone()
    expect(skins).toHaveLength(92)
    expect(new Set(skins.map(s => s.id)).size).toBe(92)
    expect(skins.reduce((s, k) => s + k.weight, 0)).toBeCloseTo(1, 12)
  })

  it('a clientele leans to the faces it is made of and forgets nobody', () => {
    const skins = clientele([10, 11].map(depth => ({ lab: typicalSkin(depth, 'golden'), weight: 1 })))
    const weight = (id: string) => skins.find(s => s.id === id)!.weight
    expect(weight('d10.5-golden')).toBeGreaterThan(5 * weight('d1-rosy'))
    expect(Math.min(...skins.map(s => s.weight))).toBeGreaterThan(0)
    expect(skins.reduce((s, k) => s + k.weight, 0)).toBeCloseTo(1, 9)
    expect(clientele([])).toEqual(everyone())
  })

  it("a population of one's own is scaled and placed", () => {
    const [x, y] = populationOf([
      { id: 'x', lab: typicalSkin(3, 'rosy'), weight: 3 },
      { id: 'y', lab: typicalSkin(9, 'olive') },
    ])
    expect(x).toMatchObject({ undertone: 'rosy', weight: 0.75 })
    expect(y!.depth).toBeCloseTo(9, 9)
  })
})
