import { difference } from '../colour/difference'
import type { Lab } from '../colour/lab'
import { skinAt } from '../complexion/skins/skin'
import { priorSkins, type Believed } from './prior'
import { summarise, type Reading } from './reading'

/** Two fields shown side by side against the skin. */
export interface Pair {
  left: Lab
  right: Lab
}

/** Which of the two is nearer to the skin, or neither visibly. */
export const EYE_ANSWERS = ['left', 'right', 'alike'] as const
export type EyeAnswer = (typeof EYE_ANSWERS)[number]

export interface EyeChoice {
  pair: Pair
  answer: EyeAnswer
}

/** What the eye is taken to do: it compares distances with some noise, and calls alike what it cannot tell apart. */
export interface Observer {
  noise: number
  alike: number
}
export const USUAL_OBSERVER: Observer = { noise: 1.2, alike: 0.8 }

/** About this many choices home in; after them the spread hardly shrinks. */
export const ENOUGH_CHOICES = 8
const SLIP = 0.03
// The screen and the room add what no number of choices can take away.
const SCREEN = { L: 0.8, a: 0.6, b: 0.8 }

/**
 * Chance of an answer for a skin at given distances from both fields. The difference of the two distances is seen with
 * normal noise; between the limits ±alike it is called alike.
 */
export function answerChance(answer: EyeAnswer, toLeft: number, toRight: number, { noise, alike }: Observer): number {
  const nearerLeft = toRight - toLeft
  const below = (limit: number) => normalCdf((limit - nearerLeft) / noise)
  const chance =
    answer === 'right' ? below(-alike) : answer === 'left' ? 1 - below(alike) : below(alike) - below(-alike)
  return SLIP / EYE_ANSWERS.length + (1 - SLIP) * chance
}

/** Abramowitz & Stegun 26.2.17, absolute error below 7.5e-8. */
function normalCdf(x: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(x))
  const d = 0.3989422804014327 * Math.exp((-x * x) / 2)
  const p = d * t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))))
  return x >= 0 ? 1 - p : p
}

// Below this share of the likeliest a skin no longer changes anything.
const RULED_OUT = 1e-7
// What an answer is expected to tell is worked out on so many skins of those left, evenly taken.
const SAMPLE = 400

/** What is believed after the choices so far: a weight for every prior skin, adding up to 1. */
export type Belief = Float64Array

/** Before the first choice every skin is as likely as it comes. */
export const atFirst = (): Belief => new Float64Array(priorSkins().length).fill(1 / priorSkins().length)

/** What is believed after one more choice. */
export function afterChoice(before: Belief, { pair, answer }: EyeChoice, observer: Observer = USUAL_OBSERVER): Belief {
  const skins = priorSkins()
  const likeliest = before.reduce((m, w) => Math.max(m, w), 0)
  const weights = before.map((w, i) => {
    if (w < RULED_OUT * likeliest) return 0
    const { lab } = skins[i]!
    return w * answerChance(answer, difference(pair.left, lab), difference(pair.right, lab), observer)
  })
  const total = weights.reduce((s, w) => s + w, 0)
  return weights.map(w => w / total)
}

/** Where the skin lies after some choices: a mean with its spread, screen and room included. */
export function eyeReading(belief: Belief): Reading {
  const {
    mean,
    covariance: [LL, La, Lb, aa, ab, bb],
  } = summarise(
    priorSkins().map(s => s.lab),
    belief,
  )
  return { mean, covariance: [LL + SCREEN.L ** 2, La, Lb, aa + SCREEN.a ** 2, ab, bb + SCREEN.b ** 2] }
}

/** How far apart the two fields stand about the mean, in standard deviations of what is believed. */
const APART = 1
const LEAST_DEPTH = 0.5
const LEAST_HUE = 4
const LEAST_CHROMA = 0.06

/**
 * The next pair to show: of pairs that differ in depth, in hue or in strength about where the skin seems to lie, the one
 * whose answer is expected to tell most.
 */
export function nextPair(weights: Belief, observer: Observer = USUAL_OBSERVER): Pair {
  const skins = priorSkins()
  const spreadOf = (of: (s: Believed) => number) => {
    const mean = skins.reduce((sum, s, i) => sum + weights[i]! * of(s), 0)
    return { mean, sd: Math.sqrt(skins.reduce((sum, s, i) => sum + weights[i]! * (of(s) - mean) ** 2, 0)) }
  }
  const [depth, hue, chroma] = [spreadOf(s => s.depth), spreadOf(s => s.hueDeviation), spreadOf(s => s.chromaRatio)]
  const half = (sd: number, least: number) => Math.max(least, APART * sd)
  const [d, h, c] = [half(depth.sd, LEAST_DEPTH), half(hue.sd, LEAST_HUE), half(chroma.sd, LEAST_CHROMA)]
  const at = (dd: number, dh: number, dc: number) =>
    skinAt(depth.mean + dd, hue.mean + dh, Math.max(0.5, chroma.mean + dc))
  const pairs: Pair[] = [
    { left: at(-d, 0, 0), right: at(d, 0, 0) },
    { left: at(0, -h, 0), right: at(0, h, 0) },
    { left: at(0, 0, -c), right: at(0, 0, c) },
    { left: at(-d, -h, 0), right: at(d, h, 0) },
    { left: at(-d, h, 0), right: at(d, -h, 0) },
  ]
  const left = Array.from(skins.keys()).filter(i => weights[i]! > RULED_OUT)
  const stride = apartFromBases(Math.max(1, Math.floor(left.length / SAMPLE)))
  const taken = left.filter((_, k) => k % stride === 0)
  const total = taken.reduce((sum, i) => sum + weights[i]!, 0)
  const sample = taken.map(i => ({ lab: skins[i]!.lab, weight: weights[i]! / total }))
  return pairs
    .map(pair => ({ pair, told: expectedTelling(pair, sample, observer) }))
    .reduce((x, y) => (y.told > x.told ? y : x)).pair
}

/** The prior is drawn in bases 2, 3, 5 and 7: a stride that shares one of them would take a lopsided part of it. */
function apartFromBases(stride: number): number {
  let s = stride
  while ([2, 3, 5, 7].some(base => s % base === 0)) s++
  return s
}

/** Mutual information of the answer and the skin, in nats. */
function expectedTelling(
  { left, right }: Pair,
  sample: readonly { lab: Lab; weight: number }[],
  observer: Observer,
): number {
  const overall = EYE_ANSWERS.map(() => 0)
  let within = 0
  for (const { lab, weight } of sample) {
    const [toLeft, toRight] = [difference(left, lab), difference(right, lab)]
    EYE_ANSWERS.forEach((answer, k) => {
      const p = answerChance(answer, toLeft, toRight, observer)
      overall[k]! += weight * p
      within += weight * p * Math.log(p)
    })
  }
  return within - overall.reduce((sum, p) => sum + p * Math.log(p), 0)
}
