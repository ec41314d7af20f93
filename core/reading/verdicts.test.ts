import { seeded } from '../../tests/support/random'
import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { match } from '../complexion/match'
import { packPigments } from '../complexion/pigments'
import type { ComplexionProduct } from '../complexion/product'
import type { Drops } from '../complexion/recipe'
import { skinAt, TYPICAL_UNDERTONE, UNDERTONES, typicalSkin } from '../complexion/skin'
import { COMPLAINTS, mixLab } from '../complexion/touch'
import { spherical, spread } from './reading'
import { doubtsAbout, hear, nextQuestion, skinAfterVerdicts, suspectOf, wordChance, type SeenWord } from './verdicts'

type Random = ReturnType<typeof seeded>
const bottle = (id: string, lab: Lab): ComplexionProduct => ({ id, lab, coverage: 'medium', family: 'silicone' })
/** A kit of six shades that lie about the skins it serves. */
const KIT = [
  bottle('shell', skinAt(1.8, -5, 1)), bottle('wheat', skinAt(3.2, 6, 1.04)), bottle('rose', skinAt(4.8, -6, 1)), bottle('honey', skinAt(6, 6, 1.05)),
  bottle('brick', skinAt(7.8, -4, 1)), bottle('umber', skinAt(9.6, 4, 1)),
]
const FIRST = doubtsAbout(KIT)
const mixOf = (drops: readonly Drops[], kit: readonly ComplexionProduct[]) => mixLab(packPigments(kit), drops)

/** The word an eye finds for a difference, with a fifth of the words thrown away. */
function say(mix: Lab, skin: Lab, random: Random): SeenWord {
  const words = ['right', ...COMPLAINTS] as const
  if (random.between(0, 1) < 0.2) return random.pick(words)
  const chances = words.map(w => wordChance(w, mix, skin))
  return words[chances.indexOf(Math.max(...chances))]!
}

/** One bottle of the kit really lies 4 ΔE from where it is thought to; fifteen looks at bottles on skins that were read. */
function scene(seed: number) {
  const random = seeded(700 + seed)
  const wrong = KIT[seed % KIT.length]!
  const way = [random.normal(), random.normal(), random.normal()]
  let scale = 1
  const real = () => ({ L: wrong.lab.L + way[0]! * scale, a: wrong.lab.a + way[1]! * scale, b: wrong.lab.b + way[2]! * scale })
  for (let i = 0; i < 40; i++) scale *= 4 / difference(real(), wrong.lab)
  const truth = KIT.map(p => (p.id === wrong.id ? { ...p, lab: real() } : p))
  const faces = Array.from({ length: 44 }, () => {
    const typical = TYPICAL_UNDERTONE[random.pick(UNDERTONES)]
    return skinAt(random.between(1, 11), typical.hueDeviation + 2 * random.normal(), typical.chromaRatio)
  })
  const read = faces.slice(0, 24).map((skin, i) => ({
    faceId: `${i}`, skin: { mean: { L: skin.L + 0.5 * random.normal(), a: skin.a + 0.4 * random.normal(), b: skin.b + 0.4 * random.normal() }, covariance: spherical(0.5, 0.4, 0.4) },
  }))
  let doubts = FIRST
  for (let i = 0; i < 15; i++) {
    const { id, faceId } = nextQuestion(doubts, read)!
    const drops = [{ id, count: 1 }]
    doubts = hear(doubts, { drops, skin: read[Number(faceId)]!.skin, seen: say(truth.find(p => p.id === id)!.lab, faces[Number(faceId)]!, random) })
  }
  const heldOut = faces.slice(24).map(skin => match(skin, KIT, { maxProducts: 2, maxDrops: 3 }, 1)[0]!.drops)
  return { wrong, truth, doubts, heldOut }
}

describe('learning from verdicts', () => {
  it('one bottle of six misjudged by 4 ΔE, fifteen verdicts of which a fifth is noise (60 seeds)', () => {
    const seeds = 60
    let named = 0
    let before = 0
    let after = 0
    let worsened = 0
    for (let seed = 0; seed < seeds; seed++) {
      const { wrong, truth, doubts, heldOut } = scene(seed)
      const suspect = suspectOf(doubts)
      const learned = suspect?.holds ? KIT.map(p => (p.id === suspect.id ? { ...p, lab: suspect.lab } : p)) : KIT
      if (suspect?.id === wrong.id) named++
      const real = truth.find(p => p.id === wrong.id)!.lab
      before += difference(wrong.lab, real) / seeds
      after += difference(learned.find(p => p.id === wrong.id)!.lab, real) / seeds
      const error = (kit: readonly ComplexionProduct[]) => heldOut.reduce((s, drops) => s + difference(mixOf(drops, kit), mixOf(drops, truth)), 0)
      if (error(learned) > error(KIT) + 1e-9) worsened++
    }
    expect(named / seeds).toBeGreaterThanOrEqual(0.8)
    expect(after).toBeLessThan(0.55 * before)
    expect(worsened).toBe(0)
  })

  it('names nobody while nothing speaks against the kit, and hears nothing of bottles it does not know', () => {
    expect(suspectOf(FIRST)).toBeNull()
    const skin = { mean: typicalSkin(5, 'neutral'), covariance: spherical(0.5, 0.4, 0.4) }
    expect(hear(FIRST, { drops: [{ id: 'stranger', count: 1 }], skin, seen: 'too deep' })).toBe(FIRST)
    let doubts = FIRST
    for (const p of KIT) doubts = hear(doubts, { drops: [{ id: p.id, count: 1 }], skin: { ...skin, mean: p.lab }, seen: 'right' })
    expect(suspectOf(doubts)).toBeNull()
  })

  it('a mix counts for each of its bottles', () => {
    const skin = { mean: mixOf([{ id: 'rose', count: 1 }, { id: 'honey', count: 1 }], KIT), covariance: spherical(0.4, 0.3, 0.3) }
    let doubts = FIRST
    for (let i = 0; i < 4; i++) doubts = hear(doubts, { drops: [{ id: 'rose', count: 1 }, { id: 'honey', count: 1 }], skin, seen: 'too deep' })
    for (let i = 0; i < 2; i++) doubts = hear(doubts, { drops: [{ id: 'honey', count: 1 }], skin: { ...skin, mean: KIT[3]!.lab }, seen: 'right' })
    const suspect = suspectOf(doubts)!
    expect(suspect.id).toBe('rose')
    expect(suspect.lab.L).toBeLessThan(KIT[2]!.lab.L)
  })
})

describe('a skin after verdicts', () => {
  const reading = { mean: typicalSkin(5, 'neutral'), covariance: spherical(2, 1.2, 1.5) }
  const mix = typicalSkin(5, 'neutral')
  it('moves the way it was told and is known better', () => {
    const deeper = skinAfterVerdicts(reading, [{ mix, word: 'too light' }, { mix, word: 'too light' }])
    expect(deeper.mean.L).toBeLessThan(reading.mean.L - 0.8)
    const right = skinAfterVerdicts(reading, [{ mix, word: 'right' }, { mix, word: 'right' }])
    expect(Math.abs(right.mean.L - reading.mean.L)).toBeLessThan(0.5)
    expect(spread(right.covariance).L).toBeLessThan(spread(reading.covariance).L)
  })
  it('stays where it is when nothing was said', () => expect(skinAfterVerdicts(reading, [])).toBe(reading))
})
