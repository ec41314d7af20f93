import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { believe, chanceByPlace, PLACES, toldByFace, type Doubts } from './doubts'
import type { Reading } from './reading'
import { placesOf, sayingChances, SAYINGS } from './verdicts'

// Far from a bottle every answer is foregone.
const NEAREST = 12
// A try this unlikely changes no choice.
const NEGLIGIBLE = 1e-5

const WORDS = SAYINGS.length
const ROW = PLACES.length * WORDS

/** Chances of all sayings for a number of colours on one skin. */
interface Answers {
  /** colours × places of the skin × sayings */
  byPlace: Float32Array
  /** colours × sayings: the skin at all its places alike, as it is before anything was observed. */
  untold: Float32Array
  /** Of each colour's untold answers, in nats. */
  entropy: Float32Array
}

/** A bottle held straight to a skin that was read: the colour it is thought to be, and each it may be. */
interface Look {
  id: string
  faceId: string
  asIs: Answers
  tries: Answers
}

/** Every look worth considering; observations do not change them. */
export function looksAt(
  { products, tried }: Doubts,
  skins: readonly { faceId: string; skin: Reading }[],
  progress?: (done: number) => void,
): Look[] {
  const placed = skins.map(s => ({ ...s, places: placesOf(s.skin, PLACES) }))
  return products.flatMap(({ id, lab }, k) => {
    progress?.(k / products.length)
    return [...placed]
      .sort((x, y) => difference(x.skin.mean, lab) - difference(y.skin.mean, lab))
      .slice(0, NEAREST)
      .map(({ faceId, places }): Look => ({
        id,
        faceId,
        asIs: answersFor([lab], places),
        tries: answersFor(tried.get(id)!, places),
      }))
  })
}

function answersFor(colours: readonly Lab[], places: readonly Lab[]): Answers {
  const byPlace = new Float32Array(colours.length * ROW)
  const untold = new Float32Array(colours.length * WORDS)
  colours.forEach((colour, i) => {
    places.forEach((place, p) => byPlace.set(sayingChances(colour, place), i * ROW + p * WORDS))
    addOverSkin(untold, i * WORDS, byPlace, i, ALIKE)
  })
  return {
    byPlace,
    untold,
    entropy: Float32Array.from(colours, (_, i) => entropy(untold.subarray(i * WORDS, (i + 1) * WORDS))),
  }
}

const ALIKE = PLACES.map(() => 1)

/** A bottle to hold straight to a skin that was read. */
export interface Question {
  id: string
  faceId: string
  /** Expected gain in nats; near 0 when nothing is in doubt. */
  tells: number
}

/** Which bottle to look at next, on whose skin: the question whose answer is expected to tell most about the kit. */
export function nextLook(doubts: Doubts, looks: readonly Look[]): Question | null {
  const weights = believe(doubts)
  const faces = toldByFace(doubts.told)
  let best: Question | null = null
  for (const { id, faceId, asIs, tries } of looks) {
    const told = faces.get(faceId) ?? null
    const own = weights.get(id)!
    const overall = new Float64Array(WORDS)
    const chances = new Float64Array(WORDS)
    let within = 0
    const consider = (answers: Answers, i: number, weight: number, likely: readonly number[] | null) => {
      if (!likely) {
        for (let k = 0; k < WORDS; k++) overall[k]! += weight * answers.untold[i * WORDS + k]!
        within += weight * answers.entropy[i]!
        return
      }
      chances.fill(0)
      addOverSkin(chances, 0, answers.byPlace, i, likely)
      for (let k = 0; k < WORDS; k++) overall[k]! += weight * chances[k]!
      within += weight * entropy(chances)
    }
    // Whatever is true of the other bottles, this one then is the colour it is thought to be.
    let rest = 1
    own.forEach((weight, i) => {
      if (weight < NEGLIGIBLE) return
      rest -= weight
      consider(tries, i, weight, told && chanceByPlace(told, id, i))
    })
    consider(asIs, 0, rest, told && chanceByPlace(told, id, -1))
    const tells = entropy(overall) - within
    if (!best || tells > best.tells) best = { id, faceId, tells }
  }
  return best
}

/** Adds the chances of all sayings for one colour, the skin being at each of its places in proportion to `likely`. */
function addOverSkin(
  into: Float32Array | Float64Array,
  at: number,
  byPlace: Float32Array,
  i: number,
  likely: readonly number[],
): void {
  const total = likely.reduce((s, v) => s + v, 0)
  for (let p = 0; p < likely.length; p++) {
    const share = likely[p]! / total
    const row = i * ROW + p * WORDS
    for (let k = 0; k < WORDS; k++) into[at + k]! += share * byPlace[row + k]!
  }
}

function entropy(chances: Float32Array | Float64Array): number {
  let nats = 0
  for (let k = 0; k < chances.length; k++) {
    const p = chances[k]!
    if (p > 0) nats -= p * Math.log(p)
  }
  return nats
}
