import { ADJUSTERS } from '../../tests/support/kits'
import { skinAt } from '../complexion/skins/skin'
import { difference } from './difference'
import { reflectanceToLab, type Lab } from './lab'
import { ImpossibleColour, smoothestReflectance, under } from './spectrum'

const skinGamut: Lab[] = []
for (let depth = -1; depth <= 15; depth += 0.5) {
  for (const hueDeviation of [-16, -9, 0, 7, 10, 18]) {
    for (const chromaRatio of [0.6, 0.88, 1, 1.25]) skinGamut.push(skinAt(depth, hueDeviation, chromaRatio))
  }
}

function roundTrip(lab: Lab) {
  const R = smoothestReflectance(lab)
  const back = reflectanceToLab(R)
  expect(Math.max(Math.abs(back.L - lab.L), Math.abs(back.a - lab.a), Math.abs(back.b - lab.b))).toBeLessThan(1e-6)
  expect(Math.min(...R)).toBeGreaterThan(0)
  expect(Math.max(...R)).toBeLessThan(1)
}

describe('smoothest reflectance', () => {
  it(`comes back to its colour within 1e-6 over the skin gamut (${skinGamut.length} colours)`, () =>
    skinGamut.forEach(roundTrip))

  it.each(ADJUSTERS.map(a => [a.id, a.lab] as const))('comes back to the %s adjuster within 1e-6', (_id, lab) =>
    roundTrip(lab),
  )

  it('is smoothest: no neighbour with the same colour has less slope', () => {
    const z = Array.from(smoothestReflectance({ L: 60, a: 11, b: 18 }), r => Math.atanh(2 * r - 1))
    const slope = z.slice(1).reduce((s, v, i) => s + (v - z[i]!) ** 2, 0)
    // A jagged curve for the same colour, from another starting smoothness: compare with the flat-band limit.
    expect(slope).toBeLessThan(1)
    expect(z.slice(1).every((v, i) => Math.abs(v - z[i]!) < 0.25)).toBe(true)
  })

  it('a grey is flat', () => {
    const R = smoothestReflectance({ L: 50, a: 0, b: 0 })
    expect(Math.max(...R) - Math.min(...R)).toBeLessThan(1e-12)
    expect(smoothestReflectance({ L: 100, a: 0, b: 0 })[0]).toBeCloseTo(1, 12)
  })

  it.each([[{ L: 50, a: 200, b: 0 }], [{ L: 99, a: 40, b: 0 }], [{ L: 1, a: 0, b: 90 }]])(
    'refuses %o, which no surface can have',
    lab => {
      expect(() => smoothestReflectance(lab)).toThrow(ImpossibleColour)
    },
  )
})

describe('under another light', () => {
  const skin = { L: 60, a: 11, b: 18 }
  it('daylight changes nothing', () => expect(under(skin, 'D65')).toEqual(skin))
  it('tungsten makes skin read warmer, a little', () => {
    const warm = under(skin, 'A')
    expect(warm.a).toBeGreaterThan(skin.a)
    expect(difference(warm, skin)).toBeLessThan(8)
  })
})
