import { difference } from '../colour/difference'
import { chroma, hue, hueDifference, reflectanceToLab, type Lab } from '../colour/lab'
import { mixReflectance, type Pigment } from '../colour/kubelkaMunk'
import { ImpossibleColour } from '../colour/spectrum'
import type { ComplexionProduct } from '../complexion/product'
import type { Drops } from '../complexion/recipe'
import type { Complaint } from '../complexion/touch'
import { pigmentFor } from '../complexion/worn'
import { normalCloud } from './quasiRandom'
import { cholesky, summarise, type Reading } from './reading'

export type SeenWord = Complaint | 'right'
const WORDS: readonly SeenWord[] = ['right', 'too light', 'too deep', 'too pink', 'too yellow', 'too orange', 'ashy', 'green']

/** What an artist saw of a recipe, or of one shade, on a skin that was read. */
export interface Verdict { drops: readonly Drops[], skin: Reading, seen: SeenWord }

// How plainly a difference is called by its word, per ΔE of that kind; and how large one has to be to be called at all.
const PLAINNESS = 2.4
const CALLED_RIGHT = 1.2
/** Share of verdicts that say nothing: haste, a lamp, a word taken for another. */
const CARELESS = 0.2
// A bottle is misjudged this often before anything is seen, and then by this much, in L*, a*, b*.
const MISJUDGED = 0.12
const SHIFT = [3.4, 2.8, 3.4] as const
const SHIFTS = normalCloud(260)
// The skin is known by its reading only: it is tried at a few places of its spread.
const PLACES = normalCloud(5)
const FOLDS = 5
// Held-out verdicts have to be foretold better by this much, in nats, before a colour is changed.
const BETTER = 2
const NAMED = 0.985

/** The parts of a difference an artist names, in ΔE: lighter, yellower, stronger. */
function partsOf(mix: Lab, skin: Lab): { lightness: number, turn: number, strength: number } {
  const meanL = (mix.L + skin.L) / 2 - 50
  const [C1, C2] = [chroma(mix), chroma(skin)]
  const meanC = (C1 + C2) / 2
  return {
    lightness: (mix.L - skin.L) / (1 + 0.015 * meanL * meanL / Math.sqrt(20 + meanL * meanL)),
    turn: 2 * Math.sqrt(C1 * C2) * Math.sin(hueDifference(hue(mix), hue(skin)) * Math.PI / 360) / (1 + 0.015 * meanC),
    strength: (C1 - C2) / (1 + 0.045 * meanC),
  }
}

/** Chances of all words, in the order of {@link WORDS}, for a mix on a skin whose colour is known. */
function wordChances(mix: Lab, skin: Lab): number[] {
  const { lightness, turn, strength } = partsOf(mix, skin)
  // Green is yellow without its red: turned, and weaker.
  const pulls = [CALLED_RIGHT, lightness, -lightness, -turn, turn, strength, -strength, (turn - strength) / Math.SQRT2]
  const plain = pulls.map(p => Math.exp(PLAINNESS * p))
  const total = plain.reduce((s, p) => s + p, 0)
  return plain.map(p => CARELESS / WORDS.length + (1 - CARELESS) * p / total)
}

/** Chance of one word for a mix on a skin whose colour is known. */
export const wordChance = (word: SeenWord, mix: Lab, skin: Lab): number => wordChances(mix, skin)[WORDS.indexOf(word)]!

function placesOf({ mean, covariance }: Reading): Lab[] {
  const [l11, l21, l22, l31, l32, l33] = cholesky(covariance)
  return PLACES.map(([x, y, z]) => ({ L: mean.L + l11 * x, a: mean.a + l21 * x + l22 * y, b: mean.b + l31 * x + l32 * y + l33 * z }))
}

/** Chance of a verdict when the skin is known by its reading only. */
const verdictChance = ({ skin, seen }: Verdict, mix: Lab) => (
  placesOf(skin).reduce((sum, place) => sum + wordChance(seen, mix, place), 0) / PLACES.length
)

/** One bottle tried at one colour it may really have. */
interface Tried { id: string, lab: Lab, pigment: Pigment }

/** What is thought possible of a kit, and what every verdict so far says of each possibility. */
export interface Doubts {
  products: readonly ComplexionProduct[]
  pigments: ReadonlyMap<string, Pigment>
  tried: readonly Tried[]
  /** Per verdict: log chance with every bottle as it is thought to be, and with each try. */
  told: readonly { asIs: number, tries: Float64Array }[]
}

/** Before any verdict: every bottle may be the colour it is thought to be, or one of many about it. */
export function doubtsAbout(products: readonly ComplexionProduct[]): Doubts {
  const tried = products.flatMap(product => SHIFTS.flatMap(([x, y, z]): Tried[] => {
    const lab = { L: product.lab.L + SHIFT[0] * x, a: product.lab.a + SHIFT[1] * y, b: product.lab.b + SHIFT[2] * z }
    const pigment = possible({ ...product, lab, reflectance: undefined })
    return pigment ? [{ id: product.id, lab, pigment }] : []
  }))
  return { products, pigments: new Map(products.map(p => [p.id, pigmentFor(p)])), tried, told: [] }
}

function possible(product: ComplexionProduct): Pigment | null {
  if (product.lab.L <= 1 || product.lab.L >= 99) return null
  try {
    return pigmentFor(product)
  } catch (problem) {
    if (problem instanceof ImpossibleColour) return null
    throw problem
  }
}

/** A verdict heard; one on a bottle that is not in the kit says nothing. */
export function hear(doubts: Doubts, verdict: Verdict): Doubts {
  const { products, pigments, tried, told } = doubts
  if (!verdict.drops.every(d => pigments.has(d.id))) return doubts
  const alone = verdict.drops.length === 1
  const mixWith = (other?: Tried): Lab => {
    if (alone) return other ? other.lab : products.find(p => p.id === verdict.drops[0]!.id)!.lab
    return reflectanceToLab(mixReflectance(verdict.drops.map(d => ({ share: d.count, pigment: d.id === other?.id ? other.pigment : pigments.get(d.id)! }))))
  }
  const asIs = Math.log(verdictChance(verdict, mixWith()))
  const concerned = new Set(verdict.drops.map(d => d.id))
  const tries = Float64Array.from(tried, t => (concerned.has(t.id) ? Math.log(verdictChance(verdict, mixWith(t))) : asIs))
  return { ...doubts, told: [...told, { asIs, tries }] }
}

/** Weights of "all are right" and of every try, from the verdicts that are taken; together they add up to 1. */
function believe({ products, tried, told }: Doubts, take: (k: number) => boolean = () => true): { right: number, weights: Float64Array } {
  const log = new Float64Array(tried.length)
  told.forEach(({ asIs, tries }, k) => {
    if (take(k)) for (let i = 0; i < log.length; i++) log[i]! += tries[i]! - asIs
  })
  const prior = MISJUDGED * products.length / tried.length
  const weights = log.map(l => prior * Math.exp(l))
  const right = Math.max(0.1, 1 - MISJUDGED * products.length)
  const total = right + weights.reduce((s, w) => s + w, 0)
  return { right: right / total, weights: weights.map(w => w / total) }
}

/** A bottle that the verdicts speak against, with the colour they speak for. */
export interface Suspect {
  id: string
  probability: number
  lab: Lab
  /** Whether taking that colour foretells verdicts it was not fitted to better than the old one: only then is it to be taken. */
  holds: boolean
}

/** The likeliest misjudged bottle; null while it is likelier that all are right. */
export function suspectOf(doubts: Doubts): Suspect | null {
  if (doubts.told.length === 0) return null
  const { right, weights } = believe(doubts)
  const share = new Map<string, number>()
  doubts.tried.forEach((t, i) => share.set(t.id, (share.get(t.id) ?? 0) + weights[i]!))
  const [likeliest] = [...share].sort((x, y) => y[1] - x[1])
  if (!likeliest || likeliest[1] <= right) return null
  const [id, probability] = likeliest
  const own = doubts.tried.flatMap((t, i) => (t.id === id ? [{ lab: t.lab, weight: weights[i]! }] : []))
  const { mean } = summarise(own.map(o => o.lab), own.map(o => o.weight))
  return { id, probability, lab: mean, holds: probability >= NAMED && foretellsBetter(id, doubts) }
}

/** Fits without each fifth of the verdicts in turn and asks how well that fifth is foretold. */
function foretellsBetter(id: string, doubts: Doubts): boolean {
  const { tried, told } = doubts
  const own = tried.flatMap((t, i) => (t.id === id ? [i] : []))
  let gain = 0
  for (let fold = 0; fold < Math.min(FOLDS, told.length); fold++) {
    const { weights } = believe(doubts, k => k % FOLDS !== fold)
    const total = own.reduce((s, i) => s + weights[i]!, 0)
    for (let k = fold; k < told.length; k += FOLDS) {
      gain += Math.log(own.reduce((s, i) => s + weights[i]! / total * Math.exp(told[k]!.tries[i]!), 0)) - told[k]!.asIs
    }
  }
  return gain > BETTER
}

/** A bottle to hold straight to a skin that was read. */
export interface Question {
  id: string
  faceId: string
  /** Expected gain in nats; near 0 when nothing is in doubt. */
  tells: number
}

// Far from a bottle every answer is foregone.
const NEAREST = 12

/** Which bottle to look at next, on whose skin: the question whose answer is expected to tell most about the kit. */
export function nextQuestion(doubts: Doubts, skins: readonly { faceId: string, skin: Reading }[]): Question | null {
  const { products, tried } = doubts
  const { right, weights } = believe(doubts)
  const all = right + weights.reduce((s, w) => s + w, 0)
  const questions = products.flatMap((product): Question[] => {
    const own = tried.flatMap((t, i) => (t.id === product.id && weights[i]! > 1e-6 ? [{ lab: t.lab, weight: weights[i]! }] : []))
    // Whatever is true of the other bottles, this one then is the colour it is thought to be.
    const rest = all - own.reduce((s, o) => s + o.weight, 0)
    const near = [...skins].sort((x, y) => difference(x.skin.mean, product.lab) - difference(y.skin.mean, product.lab)).slice(0, NEAREST)
    return near.map(({ faceId, skin }) => {
      const asItIs = wordChances(product.lab, skin.mean)
      const overall = asItIs.map(p => rest * p)
      let within = rest * entropy(asItIs)
      for (const { lab, weight } of own) {
        const chances = wordChances(lab, skin.mean)
        chances.forEach((p, k) => { overall[k]! += weight * p })
        within += weight * entropy(chances)
      }
      return { id: product.id, faceId, tells: entropy(overall) - within }
    })
  })
  return questions.sort((x, y) => y.tells - x.tells)[0] ?? null
}

const entropy = (chances: readonly number[]) => -chances.reduce((s, p) => s + (p > 0 ? p * Math.log(p) : 0), 0)

/** Where a skin lies after what was seen on it, the mixes taken to be the colours they are. */
export function skinAfterVerdicts(reading: Reading, seen: readonly { mix: Lab, word: SeenWord }[]): Reading {
  if (seen.length === 0) return reading
  const [l11, l21, l22, l31, l32, l33] = cholesky(reading.covariance)
  const { mean } = reading
  const skins = SHIFTS.map(([x, y, z]) => ({ L: mean.L + l11 * x, a: mean.a + l21 * x + l22 * y, b: mean.b + l31 * x + l32 * y + l33 * z }))
  return summarise(skins, skins.map(skin => seen.reduce((w, { mix, word }) => w * wordChance(word, mix, skin), 1)))
}
