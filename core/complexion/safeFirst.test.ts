import { shade } from '../../tests/support/kits'
import { seeded } from '../../tests/support/random'
import { match } from './match'
import { DEFAULT_OPTIONS } from './recipe'
import { matchSafeFirst } from './safeFirst'
import { typicalSkin, UNDERTONES } from './skin'

const silicone = shade(3, { id: 'fair', family: 'silicone', range: 'A' })
const oil = shade(8, { id: 'deep', family: 'oil', range: 'B' })
const between = typicalSkin(5, 'neutral')
const mixes = (recipes: ReturnType<typeof match>) => recipes.filter(r => r.drops.length > 1).length

const DARING = { someRisk: true }

describe('safe mixes first', () => {
  it('nothing risky while something safe is near enough', () => {
    const near = shade(5, { id: 'near', family: 'oil', range: 'C' })
    expect(matchSafeFirst(between, [silicone, oil, near], DARING, DEFAULT_OPTIONS, 5)).toEqual(
      match(between, [silicone, oil, near], DEFAULT_OPTIONS, 5),
    )
  })

  it('what often holds where nothing safe does, the nearest first, each once', () => {
    const found = matchSafeFirst(between, [silicone, oil], DARING, DEFAULT_OPTIONS, 5)
    expect(match(between, [silicone, oil], DEFAULT_OPTIONS, 5).every(r => r.drops.length === 1 && r.deltaE > 2)).toBe(
      true,
    )
    expect(found[0]!.drops.map(d => d.id).sort()).toEqual(['deep', 'fair'])
    expect(found[0]!.deltaE).toBeLessThanOrEqual(2)
    expect(found.map(r => r.deltaE)).toEqual(found.map(r => r.deltaE).sort((x, y) => x - y))
    expect(new Set(found.map(r => JSON.stringify(r.drops))).size).toBe(found.length)
  })

  it('nothing that may separate for an artist who works strictly, however far off the rest is', () => {
    expect(matchSafeFirst(between, [silicone, oil], {}, DEFAULT_OPTIONS, 5)).toEqual(
      match(between, [silicone, oil], DEFAULT_OPTIONS, 5),
    )
  })

  it('as two searches that know nothing of each other would find it', () => {
    const random = seeded(11)
    for (let round = 0; round < 25; round++) {
      const kit = Array.from({ length: 9 }, (_, i) =>
        shade(random.between(1, 11), {
          id: `p${i}`,
          family: random.pick(['silicone', 'oil', 'water'] as const),
          range: `R${i}`,
        }),
      )
      const target = typicalSkin(random.between(1, 11), random.pick(UNDERTONES))
      const safe = match(target, kit, DEFAULT_OPTIONS, 4)
      const all = [...match(target, kit, DEFAULT_OPTIONS, 4, DARING), ...safe]
      const apart = [...new Map(all.map(r => [JSON.stringify(r.drops), r])).values()]
      const wanted = safe.some(r => r.deltaE <= DEFAULT_OPTIONS.tolerance)
        ? safe
        : apart.sort((x, y) => x.deltaE - y.deltaE).slice(0, 4)
      expect(matchSafeFirst(target, kit, DARING, DEFAULT_OPTIONS, 4)).toEqual(wanted)
    }
  })

  it('what always separates, or was seen to, stays apart', () => {
    expect(mixes(matchSafeFirst(between, [silicone, { ...oil, family: 'water' }], DARING, DEFAULT_OPTIONS, 5))).toBe(0)
    expect(
      mixes(
        matchSafeFirst(between, [silicone, oil], { ...DARING, tried: new Map([['A\nB', false]]) }, DEFAULT_OPTIONS, 5),
      ),
    ).toBe(0)
  })
})
