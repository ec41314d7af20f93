import { observer, BANDS, type Observer } from './tables'

/** CIELAB, 2° observer. L 0–100, a and b unbounded, no unit. */
export interface Lab {
  L: number
  a: number
  b: number
}
/** A colour that nobody has read or given yet. */
export const UNREAD: Readonly<Lab> = { L: Number.NaN, a: Number.NaN, b: Number.NaN }
export const isRead = ({ L, a, b }: Readonly<Lab>): boolean => [L, a, b].every(Number.isFinite)
/** Tristimulus values with Y = 1 for the perfect diffuser. */
export interface Xyz {
  X: number
  Y: number
  Z: number
}

const EPSILON = 216 / 24389
const KAPPA = 24389 / 27

const compress = (t: number) => (t > EPSILON ? Math.cbrt(t) : (KAPPA * t + 16) / 116)
const expand = (f: number) => (f ** 3 > EPSILON ? f ** 3 : (116 * f - 16) / KAPPA)

/** CIE 15:2018 §8.2.1. */
export function xyzToLab({ X, Y, Z }: Xyz, { white }: Observer = observer()): Lab {
  const [fx, fy, fz] = [compress(X / white.X), compress(Y / white.Y), compress(Z / white.Z)]
  return { L: 116 * fy - 16, a: 500 * (fx - fy), b: 200 * (fy - fz) }
}

/** Inverse of {@link xyzToLab}. */
export function labToXyz({ L, a, b }: Lab, { white }: Observer = observer()): Xyz {
  const fy = (L + 16) / 116
  return { X: white.X * expand(fy + a / 500), Y: white.Y * expand(fy), Z: white.Z * expand(fy - b / 200) }
}

/**
 * Tristimulus values of a reflecting surface.
 * @param reflectance 36 samples 380–730 nm, 0–1
 * @throws RangeError when there are not 36 samples
 */
export function reflectanceToXyz(reflectance: ArrayLike<number>, light: Observer = observer()): Xyz {
  if (reflectance.length !== BANDS)
    throw new RangeError(`a reflectance has ${BANDS} samples, not ${reflectance.length}`)
  let X = 0,
    Y = 0,
    Z = 0
  for (let i = 0; i < BANDS; i++) {
    const r = reflectance[i]!
    X += light.x[i]! * r
    Y += light.y[i]! * r
    Z += light.z[i]! * r
  }
  return { X, Y, Z }
}

export function reflectanceToLab(reflectance: ArrayLike<number>, light: Observer = observer()): Lab {
  return xyzToLab(reflectanceToXyz(reflectance, light), light)
}

/** Chroma C* of a colour. */
export const chroma = ({ a, b }: Lab) => Math.hypot(a, b)

/** Hue angle h in degrees, 0–360, 0 for an exact grey. */
export function hue({ a, b }: Lab): number {
  const h = (Math.atan2(b, a) * 180) / Math.PI
  return h < 0 ? h + 360 : h
}

/** Colour of given lightness, chroma and hue angle (degrees). */
export function fromLch(L: number, C: number, h: number): Lab {
  const t = (h * Math.PI) / 180
  return { L, a: C * Math.cos(t), b: C * Math.sin(t) }
}

/** Signed hue difference in degrees from h2 to h1, within −180 … 180. */
export const hueDifference = (h1: number, h2: number) => ((((h1 - h2 + 540) % 360) + 360) % 360) - 180
