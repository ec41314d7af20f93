import { difference } from '../colour/difference'
import { packPigments, type Pigments } from '../complexion/bottles/pigments'
import type { ComplexionProduct } from '../complexion/bottles/product'
import type { Drops } from '../complexion/mixing/recipe'
import { mixLab } from '../complexion/mixing/touch'
import { ADJUSTERS, randomProduct, shade } from '../../tests/support/kits'
import { seeded } from '../../tests/support/random'
import { dependingOn, shareOf } from '../../tests/support/share'
import { asLearned, learnFromMixes, type MeasuredMix } from './measuredMixes'

const SEEDS = shareOf(50)
type Random = ReturnType<typeof seeded>

const kitOf = (random: Random): ComplexionProduct[] => [
  ...Array.from({ length: 5 }, (_, i) => ({ ...randomProduct(`p${i}`, random), coverage: 'medium' as const })),
  ADJUSTERS[2]!,
]
/** The bottles as they are: each pulls more or less than its cover says. */
const asTheyAre = (kit: readonly ComplexionProduct[], random: Random, spread: number) =>
  kit.map(p => ({ ...p, strength: Math.exp(spread * random.normal()) }))

function someMix(kit: readonly ComplexionProduct[], random: Random): Drops[] {
  const [x, y] = [random.pick(kit.slice(0, 5)), random.pick(kit)]
  return x.id === y.id
    ? [{ id: x.id, count: 1 }]
    : [
        { id: x.id, count: 1 + Math.floor(random.next() * 3) },
        { id: y.id, count: 1 + Math.floor(random.next() * 3) },
      ]
}
function measured(truth: Pigments, random: Random, noise = 1): MeasuredMix {
  const drops = someMix(truth.products, random)
  const { L, a, b } = mixLab(truth, drops)
  const shot = (x: number, sd: number) => x + noise * sd * random.normal()
  return { drops, lab: { L: shot(L, 0.35), a: shot(a, 0.2), b: shot(b, 0.3) } }
}
const mean = (list: readonly number[]) => list.reduce((sum, x) => sum + x, 0) / list.length
const missesOf = (kit: readonly ComplexionProduct[], mixes: readonly MeasuredMix[]) => {
  const pigments = packPigments(kit)
  return mixes.map(m => difference(mixLab(pigments, m.drops), m.lab))
}

describe('what measured mixes teach', () => {
  it('finds the one bottle that pulls twice as strongly, and says how much nearer its mixes come out', () => {
    const kit = [shade(3), shade(6), shade(9)]
    const truth = kit.map(p => (p.id === 's9' ? { ...p, strength: 2 } : p))
    const mixes = [
      [1, 1],
      [2, 1],
      [3, 1],
      [1, 2],
    ].map(([x, y]) => {
      const drops = [
        { id: 's3', count: x! },
        { id: 's9', count: y! },
      ]
      return { drops, lab: mixLab(packPigments(truth), drops) }
    })
    const lesson = learnFromMixes(mixes, kit)
    const ratio = lesson.learned!.get('s9')!.strength / lesson.learned!.get('s3')!.strength
    expect(ratio).toBeGreaterThan(1.7)
    expect(ratio).toBeLessThan(2.2)
    expect(mean(lesson.after)).toBeLessThan(mean(lesson.before) / 4)
    expect(lesson.learned!.has('s6')).toBe(false)
  })

  it('finds a bottle whose own colour is off, from three mixes with it', () => {
    const kit = [shade(3), shade(6), shade(9)]
    const truth = kit.map(p => (p.id === 's6' ? { ...p, lab: { ...p.lab, a: p.lab.a + 2.5, b: p.lab.b - 2 } } : p))
    const mixes = [
      [{ id: 's6', count: 1 }],
      ...['s3', 's9', 's3'].map((id, i) => [
        { id: 's6', count: 2 + i },
        { id, count: 1 },
      ]),
    ].map(drops => ({ drops, lab: mixLab(packPigments(truth), drops) }))
    const { shift } = learnFromMixes(mixes, kit).learned!.get('s6')!
    expect(shift.a).toBeGreaterThan(1)
    expect(shift.b).toBeLessThan(-0.8)
  })

  it('over fifty kits: mixes not yet made come out nearer, and never further than chance', () => {
    const worse: number[] = []
    const nearer = SEEDS.map(seed => {
      const random = seeded(500 + seed)
      const kit = kitOf(random)
      const truth = packPigments(asTheyAre(kit, random, 0.35))
      const { learned } = learnFromMixes(
        Array.from({ length: 14 }, () => measured(truth, random)),
        kit,
      )
      const better = learned ? kit.map(p => (learned.has(p.id) ? asLearned(p, learned.get(p.id)!) : p)) : kit
      const fresh = Array.from({ length: 30 }, () => measured(truth, random, 0))
      const [before, after] = [mean(missesOf(kit, fresh)), mean(missesOf(better, fresh))]
      if (after > before + 0.1) worse.push(seed)
      return { before, after }
    })
    expect(worse).toEqual([])
    expect(mean(nearer.map(n => n.after))).toBeLessThan(dependingOn(0.6, 0.75) * mean(nearer.map(n => n.before)))
  })

  it('over fifty kits that are as thought: next to nothing is learned from noise, and nothing that harms', () => {
    const changes = SEEDS.map(seed => {
      const random = seeded(900 + seed)
      const kit = kitOf(random)
      const truth = packPigments(kit)
      const { learned } = learnFromMixes(
        Array.from({ length: 10 }, () => measured(truth, random)),
        kit,
      )
      const better = learned ? kit.map(p => (learned.has(p.id) ? asLearned(p, learned.get(p.id)!) : p)) : kit
      const fresh = Array.from({ length: 30 }, () => measured(truth, random, 0))
      return mean(missesOf(better, fresh))
    })
    expect(changes.filter(miss => miss > 0).length).toBeLessThanOrEqual(SEEDS.length / dependingOn(10, 5))
    expect(Math.max(...changes)).toBeLessThan(0.5)
  })

  it('one mix teaches nothing yet; a bottle that is not there is refused', () => {
    const mix = { drops: [{ id: 's3', count: 1 }], lab: shade(4).lab }
    expect(learnFromMixes([mix], [shade(3)]).learned).toBeNull()
    expect(() => learnFromMixes([mix, mix], [shade(6)])).toThrow(/no product "s3"/)
  })
})
