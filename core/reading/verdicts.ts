import { chroma, hue, hueDifference, type Lab } from '../colour/lab'
import { COMPLAINTS, DEGREES, type Complaint, type Degree } from '../complexion/mixing/touch'
import { normalCloud } from './quasiRandom'
import { cholesky, summarise, type Reading } from './reading'

/** What an artist says of a mix on a skin: right, or what is wrong with it and, if said, by how much. */
export interface Seen {
  seen: Complaint | 'right'
  degree?: Degree | null
}

/** Everything that can be said with a degree: right, then each complaint a touch and clearly. */
export const SAYINGS: readonly Seen[] = [
  { seen: 'right' },
  ...COMPLAINTS.flatMap(seen => DEGREES.map(degree => ({ seen, degree }))),
]

// How plainly a difference is called by its word, per ΔE of that kind; and how large one has to be to be called at all.
const PLAINNESS = 2.4
const CALLED_RIGHT = 1.2
// From this many ΔE on "a touch" becomes "clearly", and how sharply so.
const CLEARLY = 3
const SHARPNESS = 3
/** Share of verdicts that say nothing: haste, a lamp, a word taken for another. */
const CARELESS = 0.2

/** The parts of a difference an artist names, in ΔE: lighter, yellower, stronger. */
function partsOf(mix: Lab, skin: Lab): { lightness: number; turn: number; strength: number } {
  const meanL = (mix.L + skin.L) / 2 - 50
  const [C1, C2] = [chroma(mix), chroma(skin)]
  const meanC = (C1 + C2) / 2
  return {
    lightness: (mix.L - skin.L) / (1 + (0.015 * meanL * meanL) / Math.sqrt(20 + meanL * meanL)),
    turn:
      (2 * Math.sqrt(C1 * C2) * Math.sin((hueDifference(hue(mix), hue(skin)) * Math.PI) / 360)) / (1 + 0.015 * meanC),
    strength: (C1 - C2) / (1 + 0.045 * meanC),
  }
}

/** Chances of all {@link SAYINGS}, in their order, for a mix on a skin whose colour is known; they add up to 1. */
export function sayingChances(mix: Lab, skin: Lab): number[] {
  const { lightness, turn, strength } = partsOf(mix, skin)
  // In the order of the complaints. Green is yellow without its red: turned, and weaker.
  const pulls = [lightness, -lightness, -turn, turn, strength, -strength, (turn - strength) / Math.SQRT2]
  const right = Math.exp(PLAINNESS * CALLED_RIGHT)
  const plain = pulls.map(p => Math.exp(PLAINNESS * p))
  const share = (1 - CARELESS) / plain.reduce((s, p) => s + p, right)
  const careless = CARELESS / SAYINGS.length
  const chances = [careless + share * right]
  plain.forEach((p, k) => {
    const clearly = 1 / (1 + Math.exp(-SHARPNESS * (pulls[k]! - CLEARLY)))
    chances.push(careless + share * p * (1 - clearly), careless + share * p * clearly)
  })
  return chances
}

/** Chance that this is said of a mix on a skin whose colour is known; without a degree, that the word is said at all. */
export function chanceSaid({ seen, degree }: Seen, mix: Lab, skin: Lab): number {
  const chances = sayingChances(mix, skin)
  return SAYINGS.reduce(
    (sum, s, k) => (s.seen === seen && (!degree || !s.degree || s.degree === degree) ? sum + chances[k]! : sum),
    0,
  )
}

const CLOUD = normalCloud(260)

/** Where a skin lies after what was seen on it, the mixes taken to be the colours they are. */
export function skinAfterVerdicts(reading: Reading, seen: readonly (Seen & { mix: Lab })[]): Reading {
  if (seen.length === 0) return reading
  const skins = placesOf(reading, CLOUD)
  return summarise(
    skins,
    skins.map(skin => seen.reduce((w, said) => w * chanceSaid(said, said.mix, skin), 1)),
  )
}

/** Colours a reading may stand for: the points of a normal cloud, stretched over its spread. */
export function placesOf({ mean, covariance }: Reading, cloud: ReturnType<typeof normalCloud>): Lab[] {
  const [l11, l21, l22, l31, l32, l33] = cholesky(covariance)
  return cloud.map(([x, y, z]) => ({
    L: mean.L + l11 * x,
    a: mean.a + l21 * x + l22 * y,
    b: mean.b + l31 * x + l32 * y + l33 * z,
  }))
}
