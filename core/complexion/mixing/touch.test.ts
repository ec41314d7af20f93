import { ADJUSTERS, shade } from '../../../tests/support/kits'
import { difference } from '../../colour/difference'
import { chroma, hue, type Lab } from '../../colour/lab'
import { packPigments } from '../bottles/pigments'
import { typicalSkin } from '../skins/skin'
import { COMPLAINTS, mixLab, nextTouch, steer, touches, wantedAfter } from './touch'

const kit = [shade(2), shade(5), shade(9), ...ADJUSTERS]
const pigments = packPigments(kit)
const recipe = [
  { id: 's5', count: 2 },
  { id: 's2', count: 1 },
]

describe('the next touch', () => {
  it('goes further after "clearly" than after "a touch"', () => {
    const lab = typicalSkin(5, 'neutral')
    for (const complaint of COMPLAINTS)
      expect(difference(wantedAfter(lab, complaint, 'clearly'), lab)).toBeGreaterThan(
        1.5 * difference(wantedAfter(lab, complaint, 'a touch'), lab),
      )
  })
  it.each(COMPLAINTS)('after "%s" lands nearer the colour wanted than before', complaint => {
    const now = mixLab(pigments, recipe)
    const touch = nextTouch(pigments, recipe, complaint)!
    const wanted = wantedAfter(now, complaint)
    const level = (lab: Lab) => (wanted.L === now.L ? { ...lab, L: (lab.L + wanted.L) / 2 } : lab)
    expect(difference(level(touch.lab), wanted)).toBeLessThan(difference(now, wanted))
    expect(touch.lab).toEqual(mixLab(pigments, touch.drops))
  })

  it('too deep is answered by something lighter, too pink by something yellower', () => {
    const now = mixLab(pigments, recipe)
    expect(nextTouch(pigments, recipe, 'too deep')!.lab.L).toBeGreaterThan(now.L)
    expect(hue(nextTouch(pigments, recipe, 'too pink')!.lab)).toBeGreaterThan(hue(now))
    expect(chroma(nextTouch(pigments, recipe, 'ashy')!.lab)).toBeGreaterThan(chroma(now))
  })

  it('is nothing when the kit has nothing to help', () => {
    expect(nextTouch(packPigments([shade(5)]), [{ id: 's5', count: 1 }], 'too pink')).toBeUndefined()
  })

  it('never reaches for what does not mix', () => {
    const water = { ...ADJUSTERS[2]!, id: 'wet', family: 'water' as const }
    const all = touches(packPigments([shade(5), water]), [{ id: 's5', count: 1 }])
    expect(all).toEqual([])
    const withDeep = touches(packPigments([shade(5), shade(9), water]), [{ id: 's5', count: 1 }])
    expect(withDeep.length).toBeGreaterThan(0)
    expect(withDeep.every(t => t.add.id === 's9')).toBe(true)
  })

  it('knows which bottle steers where', () => {
    const now = mixLab(pigments, recipe)
    const { warmer, cooler, lighter, deeper } = steer(pigments, recipe)
    expect(hue(warmer!.lab)).toBeGreaterThan(hue(now))
    expect(hue(cooler!.lab)).toBeLessThan(hue(now))
    expect(lighter!.lab.L).toBeGreaterThan(now.L)
    expect(deeper!.lab.L).toBeLessThan(now.L)
  })

  it('refuses a recipe with a product it does not know', () => {
    expect(() => mixLab(pigments, [{ id: 'gone', count: 1 }])).toThrow('no product "gone"')
  })
})
