import { observer, BANDS, type Illuminant } from './tables'
import { labToXyz, reflectanceToLab, type Lab } from './lab'
import { remembered } from '../remembered'
import { isPossible } from './possible'
import { solveInPlace } from './solve'

const SIZE = BANDS + 3
const TOLERANCE = 1e-12
/** Tried in turn: with long steps most colours take ten; very dark, vivid ones need many short steps. */
const PACES = [
  { longest: 2, steps: 100 },
  { longest: 0.4, steps: 600 },
] as const

/** Thrown when no reflectance between 0 and 1 has the colour asked for. */
export class ImpossibleColour extends RangeError {
  constructor(readonly lab: Lab) {
    super(`no surface can have the colour L* ${lab.L}, a* ${lab.a}, b* ${lab.b} in daylight`)
    this.name = 'ImpossibleColour'
  }
}

/**
 * The smoothest reflectance with a given colour: least slope squared of z in R = (tanh z + 1) / 2 under the three
 * tristimulus constraints, by Newton's method on 36 + 3 unknowns.
 * @param lab D65, 2°
 * @returns 36 samples, 380–730 nm, 0–1 (the ends only for perfect black and white)
 * @throws ImpossibleColour when there is no such curve, see {@link isPossible}
 * @see Burns 2020, "Numerical methods for smoothest reflectance reconstruction"
 */
export function smoothestReflectance(lab: Lab): Float64Array {
  if (!isPossible(lab)) throw new ImpossibleColour(lab)
  const light = observer()
  const target = labToXyz(lab, light)
  // For a grey the smoothest curve is flat; this also covers perfect white and black, which tanh never reaches.
  if (lab.a === 0 && lab.b === 0) return new Float64Array(BANDS).fill(target.Y)
  const wanted = [target.X, target.Y, target.Z]
  for (const pace of PACES) {
    const found = newton(wanted, pace)
    if (found) return found
  }
  throw new ImpossibleColour(lab)
}

// Matches and plans ask for the same bottles and skins again and again, and solving for the spectrum is the slowest part of each.
const SPECTRA_KEPT = 4000
/** {@link smoothestReflectance}, solved once for a colour that is asked for again. Not to be written to. */
export const knownReflectance = remembered(SPECTRA_KEPT, ({ L, a, b }: Lab) => `${L} ${a} ${b}`, smoothestReflectance)

/** The curve for three tristimulus values, or null when these steps do not lead to it. */
function newton(wanted: readonly number[], pace: (typeof PACES)[number]): Float64Array | null {
  const light = observer()
  const rows = [light.x, light.y, light.z]
  const z = new Float64Array(BANDS)
  const multipliers = new Float64Array(3)
  const reflectance = new Float64Array(BANDS)
  const jacobian = new Float64Array(SIZE * SIZE)
  const residual = new Float64Array(SIZE)

  // Start flat at the right lightness: fewer steps and no divergence for very dark or very light colours.
  z.fill(Math.atanh(Math.min(0.9999, Math.max(-0.9999, 2 * wanted[1]! - 1))))

  for (let step = 0; step < pace.steps; step++) {
    jacobian.fill(0)
    for (let i = 0; i < BANDS; i++) {
      const t = Math.tanh(z[i]!)
      const slope = (1 - t * t) / 2
      reflectance[i] = (t + 1) / 2
      const pull = rows[0]![i]! * multipliers[0]! + rows[1]![i]! * multipliers[1]! + rows[2]![i]! * multipliers[2]!
      const before = i > 0 ? z[i]! - z[i - 1]! : 0
      const after = i < BANDS - 1 ? z[i]! - z[i + 1]! : 0
      residual[i] = -(2 * (before + after) + slope * pull)
      const ends = i === 0 || i === BANDS - 1
      jacobian[i * SIZE + i] = (ends ? 2 : 4) - 2 * t * slope * pull
      if (i > 0) jacobian[i * SIZE + i - 1] = -2
      if (i < BANDS - 1) jacobian[i * SIZE + i + 1] = -2
      for (let k = 0; k < 3; k++) {
        jacobian[i * SIZE + BANDS + k] = slope * rows[k]![i]!
        jacobian[(BANDS + k) * SIZE + i] = slope * rows[k]![i]!
      }
    }
    let miss = 0
    for (let k = 0; k < 3; k++) {
      let sum = 0
      for (let i = 0; i < BANDS; i++) sum += rows[k]![i]! * reflectance[i]!
      residual[BANDS + k] = wanted[k]! - sum
      miss = Math.max(miss, Math.abs(wanted[k]! - sum))
    }
    let slack = miss
    for (let i = 0; i < BANDS; i++) slack = Math.max(slack, Math.abs(residual[i]!) * 1e-3)
    if (slack < TOLERANCE) return reflectance.every(r => r > 0 && r < 1) ? reflectance : null
    if (!solveInPlace(jacobian, residual, SIZE)) return null
    // A full Newton step from a far start can overshoot into the flat part of tanh and never come back.
    let longest = 0
    for (let i = 0; i < BANDS; i++) longest = Math.max(longest, Math.abs(residual[i]!))
    const scale = longest > pace.longest ? pace.longest / longest : 1
    for (let i = 0; i < BANDS; i++) z[i]! += scale * residual[i]!
    for (let k = 0; k < 3; k++) multipliers[k]! += scale * residual[BANDS + k]!
    if (!Number.isFinite(longest)) return null
  }
  return null
}

/**
 * How a daylight colour looks under another light, by way of its smoothest reflectance.
 * @returns Lab against that light's own white
 * @throws ImpossibleColour as {@link smoothestReflectance}
 */
export function under(lab: Lab, illuminant: Illuminant): Lab {
  return illuminant === 'D65' ? lab : reflectanceToLab(knownReflectance(lab), observer(illuminant))
}
