import { ADJUSTERS, shade } from '../../tests/support/kits'
import { typicalSkin, skinPlace } from '../complexion/skins/skin'
import { mixLab } from '../complexion/mixing/touch'
import { packPigments } from '../complexion/bottles/pigments'
import { kOverS, mixReflectance, opaqueReflectance, pigmentOf, scattering } from './kubelkaMunk'
import { chroma } from './lab'

describe('Kubelka–Munk', () => {
  it.each([0.01, 0.2, 0.5, 0.93, 1])('K/S of R %d leads back to it', R =>
    expect(opaqueReflectance(kOverS(R))).toBeCloseTo(R, 10),
  )

  it('scattering grows with hiding power and lightness', () => {
    expect(scattering(1, 75)).toBeCloseTo(1, 12)
    expect(scattering(1.5, 75)).toBeCloseTo(1.5, 12)
    expect(scattering(1, 0)).toBeCloseTo(0.4, 12)
  })

  it('a product mixed with itself stays itself', () => {
    const R = Float64Array.from({ length: 36 }, (_, i) => 0.2 + 0.01 * i)
    const pigment = pigmentOf(R, 0.8)
    mixReflectance([
      { pigment, share: 1 },
      { pigment, share: 3 },
    ]).forEach((r, i) => expect(r).toBeCloseTo(R[i]!, 10))
  })

  it('refuses an empty mix and impossible reflectances', () => {
    expect(() => mixReflectance([])).toThrow('at least one product')
    expect(() => pigmentOf(new Float64Array(36), 1)).toThrow('sample 0 is 0')
    expect(() => pigmentOf(new Float64Array(3).fill(0.5), 1)).toThrow('36 samples, not 3')
  })
})

describe('mixes go where an artist knows they go', () => {
  const pigments = packPigments([...ADJUSTERS, shade(1), shade(6), shade(12)])
  const mix = (...drops: [string, number][]) =>
    mixLab(
      pigments,
      drops.map(([id, count]) => ({ id, count })),
    )

  it('white in a deep shade makes it ashy: it loses chroma against skin of the lightness it gets', () => {
    const mixed = mix(['s12', 3], ['white', 1])
    expect(mixed.L).toBeGreaterThan(typicalSkin(12, 'neutral').L)
    expect(skinPlace(mixed).chromaRatio).toBeLessThan(0.9)
  })

  it('red in a fair shade turns it rosy', () => {
    expect(skinPlace(mix(['s1', 12], ['red', 1])).undertone).toBe('rosy')
  })

  it('blue cools orange: less chroma, and deeper', () => {
    const orange = mix(['s6', 6], ['red', 1], ['yellow', 1])
    const cooled = mix(['s6', 6], ['red', 1], ['yellow', 1], ['blue', 1])
    expect(chroma(cooled)).toBeLessThan(chroma(orange))
    expect(cooled.L).toBeLessThan(orange.L)
  })

  it('a dark drop weighs more than a light one: half and half is deeper than the middle', () => {
    expect(mix(['s1', 1], ['s12', 1]).L).toBeLessThan((typicalSkin(1, 'neutral').L + typicalSkin(12, 'neutral').L) / 2)
  })
})
