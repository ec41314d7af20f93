import { filmOver } from './film'
import { mixReflectance, pigmentOf } from './kubelkaMunk'

const R = Float64Array.from({ length: 36 }, (_, i) => 0.25 + 0.01 * i)
const ground = Float64Array.from({ length: 36 }, (_, i) => 0.5 - 0.008 * i)
const film = pigmentOf(R, 1)

describe('a film over a ground', () => {
  it('of no thickness is the ground, of endless thickness the masstone', () => {
    filmOver(film, ground, 0).forEach((r, i) => expect(r).toBeCloseTo(ground[i]!, 12))
    const masstone = mixReflectance([{ pigment: film, share: 1 }])
    filmOver(film, ground, 200).forEach((r, i) => expect(r).toBeCloseTo(masstone[i]!, 9))
  })
  it('over its own masstone stays its masstone', () => {
    filmOver(film, R, 0.7).forEach((r, i) => expect(r).toBeCloseTo(R[i]!, 9))
  })
  it('two films are one film of both thicknesses', () => {
    const twice = filmOver(film, filmOver(film, ground, 0.4), 0.8)
    filmOver(film, ground, 1.2).forEach((r, i) => expect(r).toBeCloseTo(twice[i]!, 9))
  })
  it('lies between ground and masstone, nearer the masstone the thicker', () => {
    const thin = filmOver(film, ground, 0.3)
    const thick = filmOver(film, ground, 1.5)
    for (let i = 0; i < 36; i++) {
      expect(Math.abs(thick[i]! - R[i]!)).toBeLessThanOrEqual(Math.abs(thin[i]! - R[i]!) + 1e-12)
    }
  })
  it('one that absorbs nothing over black is t/(1+t)', () => {
    const white = { K: new Float64Array(36), S: 1 }
    filmOver(white, new Float64Array(36), 1).forEach(r => expect(r).toBeCloseTo(0.35 / 1.35, 6))
  })
  it('refuses other lengths and less than nothing', () => {
    expect(() => filmOver(film, [0.5], 1)).toThrow('36 samples')
    expect(() => filmOver(film, ground, -1)).toThrow('cannot be -1 thick')
    expect(() => filmOver(film, ground, Number.NaN)).toThrow(RangeError)
  })
})
