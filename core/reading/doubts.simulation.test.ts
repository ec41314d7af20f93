import { seeded } from '../../tests/support/random'
import { dependingOn, shareOf } from '../../tests/support/share'
import { mixOf, SIX_BOTTLES as KIT } from '../../tests/support/sixBottles'
import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { match } from '../complexion/match'
import type { ComplexionProduct } from '../complexion/bottles/product'
import { skinAt, TYPICAL_UNDERTONE, UNDERTONES } from '../complexion/skins/skin'
import { doubtsAbout, afterVerdict, suspectOf } from './doubts'
import { looksAt, nextLook } from './nextLook'
import { spherical } from './reading'
import { sayingChances, SAYINGS, type Seen } from './verdicts'

type Random = ReturnType<typeof seeded>
const FIRST = doubtsAbout(KIT)

/** What an eye finds of a difference, with a fifth of what is said thrown away. */
function say(mix: Lab, skin: Lab, random: Random): Seen {
  if (random.between(0, 1) < 0.2) return random.pick(SAYINGS)
  const chances = sayingChances(mix, skin)
  return SAYINGS[chances.indexOf(Math.max(...chances))]!
}

/** A colour so many ΔE from another, any way. */
function apartFrom(lab: Lab, deltaE: number, random: Random): Lab {
  const way = [random.normal(), random.normal(), random.normal()]
  let scale = 1e-3
  const there = () => ({ L: lab.L + way[0]! * scale, a: lab.a + way[1]! * scale, b: lab.b + way[2]! * scale })
  for (let i = 0; i < 40; i++) scale *= deltaE / difference(there(), lab)
  return there()
}

/** One bottle of the kit really lies 4 ΔE from where it is thought to, or none; fifteen looks at bottles on skins that were read. */
function scene(seed: number, misjudgedBy: number) {
  const random = seeded(700 + seed)
  const wrong = KIT[seed % KIT.length]!
  const truth = KIT.map(p =>
    misjudgedBy > 0 && p.id === wrong.id ? { ...p, lab: apartFrom(p.lab, misjudgedBy, random) } : p,
  )
  const faces = Array.from({ length: 44 }, () => {
    const typical = TYPICAL_UNDERTONE[random.pick(UNDERTONES)]
    return skinAt(random.between(1, 11), typical.hueDeviation + 2 * random.normal(), typical.chromaRatio)
  })
  const read = faces.slice(0, 24).map((skin, i) => ({
    faceId: `${i}`,
    skin: {
      mean: { L: skin.L + 0.5 * random.normal(), a: skin.a + 0.4 * random.normal(), b: skin.b + 0.4 * random.normal() },
      covariance: spherical(0.5, 0.4, 0.4),
    },
  }))
  const looks = looksAt(FIRST, read)
  let doubts = FIRST
  for (let i = 0; i < 15; i++) {
    const { id, faceId } = nextLook(doubts, looks)!
    const seen = say(truth.find(p => p.id === id)!.lab, faces[Number(faceId)]!, random)
    doubts = afterVerdict(doubts, { ...read[Number(faceId)]!, drops: [{ id, count: 1 }], ...seen })
  }
  const suspect = suspectOf(doubts)
  const learned = suspect?.holds ? KIT.map(p => (p.id === suspect.id ? { ...p, lab: suspect.lab } : p)) : KIT
  return { wrong, truth, suspect, learned, heldOut: faces.slice(24) }
}

describe('learning from verdicts, simulated', () => {
  it('one bottle of six misjudged by 4 ΔE, fifteen verdicts of which a fifth is noise (60 seeds)', () => {
    const seeds = shareOf(60)
    const far = (kit: readonly ComplexionProduct[], truth: readonly ComplexionProduct[], id: string) =>
      difference(kit.find(p => p.id === id)!.lab, truth.find(p => p.id === id)!.lab)
    let [named, before, after, worsened] = [0, 0, 0, 0]
    for (const seed of seeds) {
      const { wrong, truth, suspect, learned, heldOut } = scene(seed, 4)
      if (suspect?.id === wrong.id) named++
      before += far(KIT, truth, wrong.id) / seeds.length
      after += far(learned, truth, wrong.id) / seeds.length
      const recipes = heldOut.map(skin => match(skin, KIT, { maxProducts: 2, maxDrops: 3 }, 1)[0]!.drops)
      const error = (kit: readonly ComplexionProduct[]) =>
        recipes.reduce((s, drops) => s + difference(mixOf(drops, kit), mixOf(drops, truth)), 0)
      if (error(learned) > error(KIT) + 1e-9) worsened++
    }
    expect(before).toBeCloseTo(4, 3)
    expect(named / seeds.length).toBeGreaterThanOrEqual(dependingOn(0.9, 0.6))
    expect(after).toBeLessThan(dependingOn(0.5, 0.6) * before)
    expect(worsened).toBe(0)
  })

  it('leaves a kit alone whose bottles are all what they are thought to be, the same noise notwithstanding (30 seeds)', () => {
    const changed = shareOf(30).filter(seed => scene(seed, 0).suspect?.holds)
    expect(changed.length).toBeLessThanOrEqual(1)
  })
})
