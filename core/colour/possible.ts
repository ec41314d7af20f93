import { fromLch, hue, chroma, labToXyz, type Lab } from './lab'
import { deltaE } from './difference'
import { observer, BANDS } from './tables'

/*
 * Which colours a surface can have in daylight. A reflectance between 0 and 1 at 36 wavelengths gives a sum of 36 vectors
 * with weights from 0 to 1, so all colours together are a zonotope in XYZ. Its faces are spanned by two of the vectors
 * each: a colour is inside when it lies behind every face, which takes 1 260 dot products and no iteration.
 */

interface Faces {
  /** Three numbers a face, each of unit length. */
  readonly normals: Float64Array
  /** How far along its normal each face lies. */
  readonly reach: Float64Array
}

// The smoothest curve to a colour on the very edge is a step, which no iteration reaches; this far inside, all are found.
const EDGE = 2e-3

let cached: Faces | undefined

function faces(): Faces {
  if (cached) return cached
  const { x, y, z } = observer()
  const normals: number[] = []
  const reach: number[] = []
  for (let i = 0; i < BANDS; i++) {
    for (let j = i + 1; j < BANDS; j++) {
      const n = [y[i]! * z[j]! - z[i]! * y[j]!, z[i]! * x[j]! - x[i]! * z[j]!, x[i]! * y[j]! - y[i]! * x[j]!]
      const length = Math.hypot(n[0]!, n[1]!, n[2]!)
      if (length < 1e-14) continue
      for (const sign of [1, -1]) {
        const [nx, ny, nz] = n.map(v => (sign * v) / length) as [number, number, number]
        let far = 0
        for (let k = 0; k < BANDS; k++) far += Math.max(0, nx * x[k]! + ny * y[k]! + nz * z[k]!)
        normals.push(nx, ny, nz)
        reach.push(far)
      }
    }
  }
  cached = { normals: Float64Array.from(normals), reach: Float64Array.from(reach) }
  return cached
}

/** Whether a surface can have this colour in daylight; false for what is no finite number too. */
export function isPossible(lab: Lab): boolean {
  if (!(lab.L >= 0 && lab.L <= 100)) return false
  // Greys are flat curves, up to perfect black and white.
  if (lab.a === 0 && lab.b === 0) return true
  const { X, Y, Z } = labToXyz(lab)
  if (!(X > 0 && Y > 0 && Z > 0)) return false
  const { normals, reach } = faces()
  for (let f = 0; f < reach.length; f++) {
    const along = normals[3 * f]! * X + normals[3 * f + 1]! * Y + normals[3 * f + 2]! * Z
    // Relative to the face and to how dark the colour is: near black the whole solid is that thin.
    if (along > reach[f]! - EDGE * Math.min(reach[f]!, Y)) return false
  }
  return true
}

const BISECTIONS = 18
const LIGHTNESSES = 64

/**
 * The possible colour nearest to one that may not be: of every lightness the most colourful one of that hue, then the one
 * of least ΔE00. One decimal each, so that it can be said and typed.
 * @param lab finite numbers
 */
export function nearestPossible(lab: Lab): Lab {
  if (isPossible(lab)) return lab
  const h = hue(lab)
  const wanted = chroma(lab)
  let best: Lab = { L: Math.min(100, Math.max(0, lab.L)), a: 0, b: 0 }
  let least = apart(best, lab)
  const look = (L: number) => {
    let low = 0
    let high = wanted
    if (isPossible(fromLch(L, wanted, h))) low = wanted
    else {
      for (let i = 0; i < BISECTIONS; i++) {
        const middle = (low + high) / 2
        if (isPossible(fromLch(L, middle, h))) low = middle
        else high = middle
      }
    }
    const found = rounded(fromLch(L, low, h))
    if (!isPossible(found)) return
    const distance = apart(found, lab)
    if (distance < least) {
      best = found
      least = distance
    }
  }
  for (let i = 1; i < LIGHTNESSES; i++) look((100 * i) / LIGHTNESSES)
  const around = best.L
  for (let i = -10; i <= 10; i++) look(Math.min(99.9, Math.max(0.1, around + i * 0.15)))
  return best
}

const apart = (x: Lab, y: Lab) => deltaE(x.L, x.a, x.b, y.L, y.a, y.b)

/** Towards grey, so that rounding does not lead out again. */
function rounded({ L, a, b }: Lab): Lab {
  const inward = (v: number) => Math.trunc(v * 10) / 10
  return { L: Math.round(L * 10) / 10, a: inward(a), b: inward(b) }
}

// Lighter and deeper than any skin or bottle the slip is no likelier than the figure.
const SLIP_FROM = 15
const SLIP_TO = 96

/** The colour meant when the decimal point of the lightness slipped, 6.2 for 62; null when that gives none either. */
export function slipOf(lab: Lab): Lab | null {
  const meant = { ...lab, L: Math.round(lab.L * 100) / 10 }
  return !isPossible(lab) && meant.L >= SLIP_FROM && meant.L <= SLIP_TO && isPossible(meant) ? meant : null
}

/** Why a colour is refused, with the nearest one that a product or skin can have. */
export function impossibleInWords(lab: Lab): string {
  const { L, a, b } = nearestPossible(lab)
  const meant = slipOf(lab)
  const slip = meant ? `was L* ${meant.L} meant? The` : 'check the figures; the'
  return `is a colour no surface can have in daylight: ${slip} nearest possible is L* ${L}, a* ${a}, b* ${b}`
}
