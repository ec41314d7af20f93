import { chroma, fromLch, hue, hueDifference, type Lab } from '../../colour/lab'

export const UNDERTONES = ['rosy', 'neutral', 'golden', 'olive'] as const
export type Undertone = (typeof UNDERTONES)[number]

/** Depth d = (78 − L*) / 4: 1 fairest to 12 deepest on the usual scale, open at both ends. */
export const depthOf = (L: number) => (78 - L) / 4
export const lightnessAt = (depth: number) => 78 - 4 * depth

// The reference skin at each lightness, piecewise linear.
const LOCUS_L = [26, 34, 42, 50, 58, 66, 72, 78]
const LOCUS_A = [6.5, 9.5, 11.5, 12, 11, 9, 7.5, 5.5]
const LOCUS_B = [7.5, 12, 15.5, 18.5, 19, 17, 14.5, 11.5]

/** The reference skin of a lightness; beyond the table its end is kept. */
export function locus(L: number): Lab {
  const last = LOCUS_L.length - 1
  if (L <= LOCUS_L[0]!) return { L, a: LOCUS_A[0]!, b: LOCUS_B[0]! }
  if (L >= LOCUS_L[last]!) return { L, a: LOCUS_A[last]!, b: LOCUS_B[last]! }
  let i = 0
  while (LOCUS_L[i + 1]! < L) i++
  const t = (L - LOCUS_L[i]!) / (LOCUS_L[i + 1]! - LOCUS_L[i]!)
  const between = (table: number[]) => table[i]! + t * (table[i + 1]! - table[i]!)
  return { L, a: between(LOCUS_A), b: between(LOCUS_B) }
}

/** Where a colour sits against the reference skin of its own lightness. */
export interface SkinPlace {
  depth: number
  /** Hue minus the locus hue, degrees; below 0 is pinker. */
  hueDeviation: number
  /** C* divided by the locus C*. */
  chromaRatio: number
  undertone: Undertone
}

export function skinPlace(lab: Lab): SkinPlace {
  const reference = locus(lab.L)
  const hueDeviation = hueDifference(hue(lab), hue(reference))
  const chromaRatio = chroma(lab) / chroma(reference)
  return { depth: depthOf(lab.L), hueDeviation, chromaRatio, undertone: undertoneOf(hueDeviation, chromaRatio) }
}

function undertoneOf(hueDeviation: number, chromaRatio: number): Undertone {
  if (hueDeviation <= -4) return 'rosy'
  if (hueDeviation < 4) return 'neutral'
  return chromaRatio >= 0.95 ? 'golden' : 'olive'
}

/** The colour at a depth with a hue deviation (degrees) and chroma ratio. Inverse of {@link skinPlace}. */
export function skinAt(depth: number, hueDeviation: number, chromaRatio: number): Lab {
  const L = lightnessAt(depth)
  const reference = locus(L)
  return fromLch(L, chromaRatio * chroma(reference), hue(reference) + hueDeviation)
}

/** Hue deviation and chroma ratio typical of each undertone. */
export const TYPICAL_UNDERTONE: Readonly<Record<Undertone, { hueDeviation: number; chromaRatio: number }>> = {
  rosy: { hueDeviation: -9, chromaRatio: 1 },
  neutral: { hueDeviation: 0, chromaRatio: 1 },
  golden: { hueDeviation: 7, chromaRatio: 1.08 },
  olive: { hueDeviation: 10, chromaRatio: 0.88 },
}

/** The typical colour of an undertone at a depth. */
export function typicalSkin(depth: number, undertone: Undertone): Lab {
  const { hueDeviation, chromaRatio } = TYPICAL_UNDERTONE[undertone]
  return skinAt(depth, hueDeviation, chromaRatio)
}

/**
 * Individual typology angle in degrees.
 * @see Chardon, Cretois & Hourseau 1991, "Skin colour typology and suntanning pathways"
 */
export const typologyAngle = ({ L, b }: Lab) => (Math.atan2(L - 50, b) * 180) / Math.PI

const TYPOLOGY = [
  { above: 55, name: 'very light' },
  { above: 41, name: 'light' },
  { above: 28, name: 'intermediate' },
  { above: 10, name: 'tan' },
  { above: -30, name: 'brown' },
] as const
export type Typology = (typeof TYPOLOGY)[number]['name'] | 'dark'

/** One of the six published classes of {@link typologyAngle}. */
export function typologyOf(lab: Lab): Typology {
  const angle = typologyAngle(lab)
  return TYPOLOGY.find(({ above }) => angle > above)?.name ?? 'dark'
}
