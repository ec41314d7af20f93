import type { ComplexionProduct, Family } from './product'

export type Risk = 'none' | 'some' | 'high'

/** How likely two base families are to separate. Powder goes with powder; against liquids it is no mix at all. */
const RISK: Readonly<Record<Exclude<Family, 'unknown'>, Readonly<Record<Exclude<Family, 'unknown'>, Risk>>>> = {
  silicone: { silicone: 'none', water: 'high', oil: 'some', alcohol: 'high', hydrocarbon: 'none', powder: 'high' },
  water: { silicone: 'high', water: 'none', oil: 'high', alcohol: 'none', hydrocarbon: 'high', powder: 'high' },
  oil: { silicone: 'some', water: 'high', oil: 'none', alcohol: 'high', hydrocarbon: 'none', powder: 'high' },
  alcohol: { silicone: 'high', water: 'none', oil: 'high', alcohol: 'none', hydrocarbon: 'high', powder: 'high' },
  hydrocarbon: { silicone: 'none', water: 'high', oil: 'none', alcohol: 'high', hydrocarbon: 'none', powder: 'high' },
  powder: { silicone: 'high', water: 'high', oil: 'high', alcohol: 'high', hydrocarbon: 'high', powder: 'none' },
}

type Mixable = Pick<ComplexionProduct, 'family' | 'range'>

/** Risk of separating for two known families; an unknown family is read as high. */
export function separationRisk(x: Family, y: Family): Risk {
  return x === 'unknown' || y === 'unknown' ? 'high' : RISK[x][y]
}

/** How a set of products may be mixed beyond the table. */
export interface MixingRules {
  /** A range mixes with itself whatever its families, unless `apart` names it. Off: only for the unknown family. */
  rangesMix?: boolean
  /** Ranges seen to separate on the palette. */
  apart?: ReadonlySet<string>
  /** Pairs of ranges tried on the palette, by {@link pairKey}: true where they held. Decides over everything else. */
  tried?: ReadonlyMap<string, boolean>
  /** Pairs of risk "some" may share a recipe too. */
  someRisk?: boolean
}

/** One name for a pair of ranges, whichever comes first. */
export const pairKey = (x: string, y: string) => (x < y ? `${x}\n${y}` : `${y}\n${x}`)

/** What the artist saw of two ranges on the palette; it overrides the table for good. */
export interface PaletteTest {
  a: string
  b: string
  result: 'held' | 'separated' | 'pilled'
}

/** What is known of how a kit mixes, and how daring the artist is. */
export interface MixingFacts {
  /** Ranges seen to separate by themselves. */
  apart: readonly string[]
  paletteTests: readonly PaletteTest[]
  /** Practical: pairs that often hold may share a recipe; strict: only those that always do. */
  mixing: 'strict' | 'practical'
}

/**
 * The rules of a kit: the one place where marks, palette tests and method become what may be mixed, for every screen alike. In a kit
 * a range mixes with itself until the artist says it does not.
 */
export const mixingRules = ({ apart, paletteTests, mixing }: MixingFacts): MixingRules => ({
  rangesMix: true,
  apart: new Set(apart),
  tried: new Map(paletteTests.map(t => [pairKey(t.a, t.b), t.result === 'held'])),
  someRisk: mixing === 'practical',
})

/** Whether two products may share a recipe. */
export function mayMix(
  x: Mixable,
  y: Mixable,
  { rangesMix = false, apart, tried, someRisk = false }: MixingRules = {},
): boolean {
  const seen = x.range && y.range ? tried?.get(pairKey(x.range, y.range)) : undefined
  if (seen !== undefined) return seen
  const sameRange = x.range !== undefined && x.range !== '' && x.range === y.range
  if (sameRange && apart?.has(x.range!)) return false
  if (sameRange && rangesMix) return true
  if (x.family === 'unknown' || y.family === 'unknown') return sameRange
  const risk = RISK[x.family][y.family]
  return risk === 'none' || (someRisk && risk === 'some')
}
