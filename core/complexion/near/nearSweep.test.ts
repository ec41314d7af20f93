import { deltaE } from '../../colour/difference'
import { ILLUMINANTS, type Illuminant } from '../../colour/tables'
import { under } from '../../colour/spectrum'
import { everyRecipe, plainRank } from '../../../tests/support/straightforward'
import { ADJUSTERS, randomProduct } from '../../../tests/support/kits'
import { seeded } from '../../../tests/support/random'
import { matchPacked } from '../match'
import { sweepNear } from './nearSweep'
import { packPigments, type Pigments } from '../bottles/pigments'
import { skinAt } from '../skins/skin'
import { sweep, type SweepState } from '../mixing/sweep'

const keyOf = ({ size, parts, counts }: SweepState) =>
  Array.from({ length: size }, (_, k) => `${counts[k]}×${parts[k]}`).join('+')
const far = { maxProducts: 4, maxDrops: 8 }

/** Everything of exactly so many products, mixed one by one. */
function everything(pigments: Pigments, products: number, maxDrops: number, illuminant: Illuminant) {
  const found = new Map<string, { L: number; a: number; b: number }>()
  sweep(
    pigments,
    { maxProducts: products, maxDrops, illuminant },
    {
      recipe(state) {
        if (state.size === products) found.set(keyOf(state), { L: state.L, a: state.a, b: state.b })
      },
    },
  )
  return found
}

describe('recipes near one colour', () => {
  it.each(Array.from({ length: 24 }, (_, i) => i))('are all shown, as the full sweep mixes them (kit %i)', seed => {
    const random = seeded(seed)
    const kit = [
      ...ADJUSTERS.slice(0, Math.floor(random.between(0, 6))),
      ...Array.from({ length: 7 }, (_, i) =>
        randomProduct(`p${i}`, random, ['silicone', 'silicone', 'water', 'hydrocarbon']),
      ),
    ].map((p, i) => (random.next() < 0.2 && i > 0 ? { ...p, isBase: false } : p))
    const pigments = packPigments(kit, { rangesMix: random.next() < 0.5 })
    const wanted = skinAt(random.between(0.5, 12.5), random.between(-14, 16), random.between(0.8, 1.2))
    const illuminant = random.pick(ILLUMINANTS)
    const target = under(wanted, illuminant)
    const products = random.pick([3, 3, 4])
    const maxDrops = random.pick([4, 6, 8])
    const limit = random.pick([0.3, 1, 3, 12])
    const all = everything(pigments, products, maxDrops, illuminant)
    const shown = new Map<string, { L: number; a: number; b: number }>()
    const complete = sweepNear(
      pigments,
      { products, minDrops: products, maxDrops, illuminant },
      wanted,
      target,
      () => limit,
      state => {
        expect(shown.has(keyOf(state))).toBe(false)
        shown.set(keyOf(state), { L: state.L, a: state.a, b: state.b })
      },
    )
    expect(complete).toBe(true)
    for (const [key, { L, a, b }] of all) {
      if (deltaE(target.L, target.a, target.b, L, a, b) > limit) continue
      expect(shown.get(key)).toEqual({ L: expect.closeTo(L, 8), a: expect.closeTo(a, 8), b: expect.closeTo(b, 8) })
    }
    for (const key of shown.keys()) expect(all.has(key)).toBe(true)
  })

  it('leaves most of a large kit unmixed', () => {
    const random = seeded(7)
    const pigments = packPigments(
      Array.from({ length: 24 }, (_, i) => randomProduct(`p${i}`, random)),
      { rangesMix: true },
    )
    const target = skinAt(5, 2, 1)
    let shown = 0
    sweepNear(
      pigments,
      { products: 3, minDrops: 3, maxDrops: 8, illuminant: 'D65' },
      target,
      target,
      () => 0.5,
      () => shown++,
    )
    expect(shown).toBeLessThan(everything(pigments, 3, 8, 'D65').size * 0.05)
  })

  it('ends when the time is over, and says so', () => {
    const random = seeded(3)
    const pigments = packPigments(
      Array.from({ length: 12 }, (_, i) => randomProduct(`p${i}`, random)),
      {},
    )
    const target = skinAt(5, 2, 1)
    expect(
      sweepNear(
        pigments,
        { products: 3, minDrops: 3, maxDrops: 8, illuminant: 'D65' },
        target,
        target,
        () => 5,
        () => undefined,
        () => true,
      ),
    ).toBe(false)
  })
})

describe('match by way of them', () => {
  it.each(Array.from({ length: 10 }, (_, i) => i))(
    'finds what mixing everything finds, four products too (kit %i)',
    seed => {
      const random = seeded(100 + seed)
      const kit = [...ADJUSTERS, ...Array.from({ length: 5 }, (_, i) => randomProduct(`p${i}`, random))]
      const limits = { ...far, maxProducts: random.pick([3, 4]), maxDrops: random.pick([5, 7]) }
      const recipes = everyRecipe(kit, limits)
      for (let k = 0; k < 3; k++) {
        const target = skinAt(random.between(0.5, 12.5), random.between(-14, 16), random.between(0.8, 1.2))
        const found = matchPacked(target, packPigments(kit), limits, 5)
        const ranks = recipes.map(r => plainRank(r, target)).sort((x, y) => x - y)
        const rankOf = (r: (typeof found)[number]) => plainRank({ drops: r.drops, lab: r.lab }, target)
        expect(found.slice(0, 5).map(rankOf)).toEqual(ranks.slice(0, 5).map(r => expect.closeTo(r, 6)))
        const least = Math.min(...recipes.map(r => plainRank(r, target) - plainRank({ ...r, lab: target }, target)))
        expect(Math.min(...found.map(r => r.deltaE))).toBeCloseTo(least, 6)
      }
    },
  )
})
