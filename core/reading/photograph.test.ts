import { difference } from '../colour/difference'
import { reflectanceToLab, type Lab } from '../colour/lab'
import { isPossible } from '../colour/possible'
import { smoothestReflectance } from '../colour/spectrum'
import { typicalSkin } from '../complexion/skins/skin'
import { bumpy, CARD, photographOf, SWATCHES, type Shot } from '../../tests/support/photograph'
import { seeded } from '../../tests/support/random'
import { dependingOn, OWN_SHARE } from '../../tests/support/share'
import { readPhotograph } from './photograph'

const LIGHTS = [
  ['D65', 'daylight'],
  ['A', 'bulb'],
  ['ledWarm', 'warm LED'],
] as const
const random = seeded(610 + OWN_SHARE)
const SHOTS = dependingOn(10, 2)
const between = (low: number, high: number) => random.between(low, high)

const shot = (more: Partial<Shot> = {}): Shot => ({
  illuminant: 'D65',
  whitened: 1,
  exposure: 0.8,
  noise: 0.05,
  vignette: 0.2,
  slope: [0, 0],
  ...more,
})

/** Bases of every depth, and colours of lips, eyes and cheeks. */
function colour(): Lab {
  for (;;) {
    const lab =
      random.next() < 0.5
        ? typicalSkin(between(1, 12), random.pick(['neutral', 'golden', 'olive', 'rosy'] as const))
        : { L: between(25, 85), a: between(-15, 40), b: between(-15, 40) }
    if (isPossible(lab)) return lab
  }
}

describe('colours from a photograph', () => {
  it.each(['told', 'not sure'] as const)(
    'are within 2.5 of what they are, in three lights, and the stated uncertainty holds in nine of ten: the light %s',
    how => {
      const errors: number[] = []
      let covered = 0
      for (const [illuminant, light] of LIGHTS) {
        for (let i = 0; i < SHOTS; i++) {
          const surfaces = SWATCHES.map(() => bumpy(colour(), random))
          const taken = photographOf(
            surfaces,
            shot({
              illuminant,
              whitened: between(0.7, 1),
              exposure: between(0.45, 0.75),
              noise: between(0.01, 0.06),
              vignette: between(0, 0.35),
              slope: [between(-0.12, 0.12), between(-0.12, 0.12)],
            }),
            random,
          )
          const read = readPhotograph(taken, CARD, 50, SWATCHES, how === 'told' ? light : 'not sure')
          expect(read.cardRefused).toBeNull()
          for (const [k, swatch] of read.swatches.entries()) {
            if ('refused' in swatch) continue
            const error = difference(swatch.lab, reflectanceToLab(surfaces[k]!))
            errors.push(error)
            if (error <= swatch.within) covered++
          }
        }
      }
      // Hardly any of these is refused: what is refused does not count.
      expect(errors.length).toBeGreaterThan(0.9 * LIGHTS.length * SHOTS * SWATCHES.length)
      expect(mean(errors)).toBeLessThan(2.5)
      expect(covered / errors.length).toBeGreaterThanOrEqual(dependingOn(0.9, 0.8))
    },
    120_000,
  )

  it('in daylight the stated uncertainty is narrow, and holds', () => {
    const taken = () => {
      const surfaces = SWATCHES.map(() => bumpy(colour(), random))
      const { swatches, lightDoubt } = readPhotograph(
        photographOf(surfaces, shot({ exposure: between(0.5, 0.8), noise: between(0.01, 0.06) }), random),
        CARD,
        50,
        SWATCHES,
        'daylight',
      )
      expect(lightDoubt).toBeNull()
      return swatches.flatMap((s, i) =>
        'refused' in s ? [] : [{ within: s.within, error: difference(s.lab, reflectanceToLab(surfaces[i]!)) }],
      )
    }
    const all = Array.from({ length: 8 }, taken).flat()
    expect(mean(all.map(s => s.within))).toBeLessThan(1.5)
    expect(all.filter(s => s.error <= s.within).length / all.length).toBeGreaterThanOrEqual(0.9)
  })

  it('notices a light that was named wrongly, and reads on as if it were not known', () => {
    const surfaces = SWATCHES.map(() => bumpy(colour(), random))
    const read = (illuminant: Shot['illuminant'], named: Parameters<typeof readPhotograph>[4]) =>
      readPhotograph(photographOf(surfaces, shot({ illuminant, whitened: 0.85 }), random), CARD, 50, SWATCHES, named)
    for (const illuminant of ['A', 'ledWarm'] as const) {
      const wrong = read(illuminant, 'daylight')
      expect(wrong.lightDoubt).toBe('warmer')
      expect(wrong.swatches.every(s => 'refused' in s || s.within > 2)).toBe(true)
      expect(read(illuminant, 'not sure').lightDoubt).toBeNull()
    }
    expect(read('D65', 'bulb').lightDoubt).toBe('colder')
    expect(read('A', 'bulb').lightDoubt).toBeNull()
    expect(read('ledWarm', 'warm LED').lightDoubt).toBeNull()
  })

  it('refuses what is clipped, too dark, too small, lit unevenly or not one colour', () => {
    const dune = typicalSkin(3, 'golden')
    const read = (more: Partial<Shot>, area = SWATCHES[0]!, lab = dune) => {
      const all = readPhotograph(photographOf([smoothestReflectance(lab)], shot(more), random), CARD, 50, [area])
      return all.swatches[0] ?? { card: all.cardRefused }
    }
    expect(read({ exposure: 3 })).toEqual({ refused: 'clipped' })
    expect(read({}, { ...SWATCHES[0]!, width: 6 })).toEqual({ refused: 'too small' })
    expect(read({}, { ...SWATCHES[0]!, x: SWATCHES[0]!.x + 60 }, typicalSkin(9, 'golden'))).toEqual({
      refused: 'not one colour',
    })
    expect(read({ slope: [0.9, 0] })).toEqual({ card: 'lit unevenly' })
    expect(read({ exposure: 0.02 })).toEqual({ card: 'too dark' })
    expect(read({ slope: [0.3, 0], vignette: 0 }, { x: 170, y: 10, width: 460, height: 60 })).toEqual({
      refused: 'lit unevenly',
    })
  })
})

const mean = (values: readonly number[]) => values.reduce((sum, v) => sum + v, 0) / values.length
