import { seeded } from '../../../tests/support/random'
import { difference, surroundings } from '../../colour/difference'
import { neighbourhood } from './neighbourhood'
import { everyone } from './population'
import { skinAt } from './skin'

describe('the neighbourhood', () => {
  it.each([0.5, 2, 6, 25])('holds every skin within %d ΔE00 of any place', limit => {
    const skins = everyone().map(s => s.lab)
    const near = neighbourhood(
      skins,
      skins.map(s => surroundings(s, limit)),
    )
    const random = seeded(11)
    const missing: number[] = []
    for (let i = 0; i < 1500; i++) {
      const place = skinAt(random.between(-3, 16), random.between(-25, 30), random.between(0.4, 1.8))
      const cell = near.cellAt(place.L, place.a, place.b)
      const found = new Set(cell < 0 ? [] : near.items.subarray(near.start[cell]!, near.start[cell + 1]!))
      skins.forEach((skin, k) => {
        if (!found.has(k) && difference(skin, place) <= limit) missing.push(k)
      })
    }
    expect(missing).toEqual([])
  })

  it('leaves out nearly all that is far', () => {
    const skins = everyone().map(s => s.lab)
    const near = neighbourhood(
      skins,
      skins.map(s => surroundings(s, 2)),
    )
    const cell = near.cellAt(skins[20]!.L, skins[20]!.a, skins[20]!.b)
    expect(near.start[cell + 1]! - near.start[cell]!).toBeLessThan(skins.length / 4)
  })

  it('of nothing is nowhere', () => {
    expect(neighbourhood([], []).cellAt(50, 10, 10)).toBe(-1)
  })
})
