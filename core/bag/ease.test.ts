import { seeded } from '../../tests/support/random'
import { placesFor } from './ease'

const room = (id: string, roomMl: number, massG = 10_000, cosmetic = true) => ({ id, roomMl, massG, cosmetic })

describe('what a pouch has no room for', () => {
  it('lies where there is the most, as long as it is not too heavy there; else loose', () => {
    const to = placesFor(
      [room('towels', 3000, 600), room('mints', 50, 20), room('lamp', 900, 900)],
      [room('skin', 1000, 500), room('eyes', 3200)],
      'case',
    )
    expect(Object.fromEntries(to)).toEqual({ towels: 'eyes', lamp: 'case', mints: 'skin' })
  })

  it('lies with its like: no spray for brushes among what goes on lips', () => {
    const to = placesFor(
      [room('alcohol', 100, 10, false), room('gloss', 20), room('wipes', 50, 10, false)],
      [room('lips', 3000), { ...room('new', 120), cosmetic: null }, room('tools', 60, 100, false)],
      'case',
    )
    expect(Object.fromEntries(to)).toEqual({ alcohol: 'new', gloss: 'lips', wipes: 'tools' })
  })

  it('fills no pouch over its room, and forgets nothing (200 times)', () => {
    const random = seeded(8)
    for (let i = 0; i < 200; i++) {
      const some = (n: number, most: number, mark: string) =>
        Array.from({ length: n }, (_, k) => room(`${mark}${k}`, random.between(1, most), random.between(1, most)))
      const [things, rooms] = [some(9, 400, 't'), some(4, 900, 'p')]
      const to = placesFor(things, rooms, 'case')
      expect([...to.keys()].sort()).toEqual(things.map(t => t.id).sort())
      for (const r of rooms) {
        const here = things.filter(t => to.get(t.id) === r.id)
        expect(here.reduce((all, t) => all + t.roomMl, 0)).toBeLessThanOrEqual(r.roomMl + 1e-9)
        expect(here.reduce((all, t) => all + t.massG, 0)).toBeLessThanOrEqual(r.massG + 1e-9)
      }
    }
  })
})
