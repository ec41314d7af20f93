import { seeded } from '../../../tests/support/random'
import { bestChain, type Place } from './chain'

interface Layer {
  id: string
  family: number
}
const cost = (x: Layer, y: Layer) => (x.family === y.family ? 0 : 3)
const place = (empty: number, ...options: [string, number, number][]): Place<Layer> => ({
  empty,
  layers: true,
  options: options.map(([id, family, worth]) => ({ what: { id, family }, worth })),
})

describe('a chain is chosen as a whole', () => {
  it('gives up the best of one slot where slot by slot would pick a pair that separates', () => {
    const places = [
      place(-4, ['silicone primer', 1, 2], ['water primer', 2, 1.5]),
      place(-9, ['water base', 2, 3], ['silicone base', 1, 1]),
    ]
    const slotBySlot = places.map(p => p.options.reduce((x, y) => (y.worth > x.worth ? y : x)).what)
    expect(cost(slotBySlot[0]!, slotBySlot[1]!)).toBeGreaterThan(0)
    const chain = bestChain(places, cost)!
    const chosen = chain.picks.map((pick, i) => places[i]!.options[pick!]!.what)
    expect(chosen.map(c => c.id)).toEqual(['water primer', 'water base'])
    expect(chain.worth).toBe(4.5)
  })

  it('a layer left out lets the next meet the one before it', () => {
    const places = [place(-9, ['cream', 1, 1]), place(0, ['primer', 2, 1]), place(-9, ['base', 1, 1])]
    expect(bestChain(places, cost)!.picks).toEqual([0, null, 0])
  })

  it('what does not lie on the skin meets nothing', () => {
    const wiped: Place<Layer> = { ...place(-9, ['cleanser', 2, 1]), layers: false }
    expect(bestChain([wiped, place(-9, ['cream', 1, 1])], cost)).toEqual({ picks: [0, 0], worth: 2 })
  })

  it('says when nothing is allowed', () => expect(bestChain([place(-Infinity)], cost)).toBeNull())

  it.each(Array.from({ length: 40 }, (_, i) => i))('seed %i: no chain by brute force is worth more', seed => {
    const random = seeded(seed)
    const places = Array.from({ length: 5 }, (_, p): Place<Layer> => ({
      empty: random.pick([-4, 0, -Infinity]),
      layers: random.pick([true, true, false]),
      options: Array.from({ length: 1 + (seed % 3) }, (_, o) => ({
        what: { id: `${p}${o}`, family: random.pick([1, 2, 3]) },
        worth: random.between(-3, 3),
      })),
    }))
    const worthOf = (picks: readonly (number | null)[]) => {
      let worth = 0
      let top: Layer | null = null
      picks.forEach((pick, i) => {
        const at = places[i]!
        if (pick === null) {
          worth += at.empty
          return
        }
        const { what, worth: own } = at.options[pick]!
        worth += own - (at.layers && top ? cost(top, what) : 0)
        if (at.layers) top = what
      })
      return worth
    }
    let best = -Infinity
    const all = (picks: (number | null)[]) => {
      if (picks.length === places.length) {
        best = Math.max(best, worthOf(picks))
        return
      }
      for (const pick of [null, ...places[picks.length]!.options.keys()]) all([...picks, pick])
    }
    all([])
    for (const meets of [undefined, (x: Layer) => x.family]) {
      const chain = bestChain(places, cost, meets)!
      expect(chain.worth).toBeCloseTo(best, 9)
      expect(worthOf(chain.picks)).toBeCloseTo(best, 9)
    }
  })
})
