import type { Lab } from '../../colour/lab'
import type { Illuminant } from '../../colour/tables'

export interface Drops {
  id: string
  count: number
}

export const VERDICTS = ['invisible', 'match', 'workable', 'visible'] as const
export type Verdict = (typeof VERDICTS)[number]

/** Whole drops of a few products, the colour they make, and how far it is from the colour wanted. */
export interface Recipe {
  drops: Drops[]
  lab: Lab
  deltaE: number
  verdict: Verdict
}

export interface RecipeOptions {
  /** Products in one recipe, 1–4. */
  maxProducts: number
  /** Drops in one recipe in lowest terms, 1–12. */
  maxDrops: number
  /** ΔE00 up to which a skin counts as matched. */
  tolerance: number
  illuminant: Illuminant
}

export const DEFAULT_OPTIONS: Readonly<RecipeOptions> = {
  maxProducts: 3,
  maxDrops: 8,
  tolerance: 2,
  illuminant: 'D65',
}

/** Upper limits in ΔE00 of the first three verdicts. */
export const VERDICT_LIMITS = { invisible: 1, match: 2, workable: 3 } as const

export function verdictOf(deltaE: number): Verdict {
  if (deltaE <= VERDICT_LIMITS.invisible) return 'invisible'
  if (deltaE <= VERDICT_LIMITS.match) return 'match'
  return deltaE <= VERDICT_LIMITS.workable ? 'workable' : 'visible'
}

const PER_FURTHER_PRODUCT = 0.25
const PER_DROP_BEYOND_THIRD = 0.06

/** What a recipe costs in ΔE00 for being fiddly; its rank is this plus its ΔE00. */
export const easePenalty = (products: number, drops: number) =>
  PER_FURTHER_PRODUCT * (products - 1) + PER_DROP_BEYOND_THIRD * Math.max(0, drops - 3)

const WORDS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']

const evenly = (products: number) => (products === 2 ? 'half and half' : 'equal parts')

/** The ratio as an artist says it: "two to one and a touch of …" has its touch as the last "one". */
export function ratioInWords(drops: readonly Pick<Drops, 'count'>[]): string {
  const counts = drops.map(d => d.count).sort((a, b) => b - a)
  if (counts.length === 1) return 'straight from the bottle'
  if (counts.every(c => c === counts[0])) return evenly(counts.length)
  const smallest = counts[counts.length - 1]!
  const rest = counts.slice(0, -1)
  const total = counts.reduce((s, c) => s + c, 0)
  if (smallest === 1 && total >= 6) {
    const alike = rest.length > 1 && rest.every(c => c === rest[0])
    return `${alike ? evenly(rest.length) : rest.map(c => WORDS[c]).join(' to ')} and a touch`
  }
  return counts.map(c => WORDS[c]).join(' to ')
}

const keyOf = (drops: readonly Drops[]) =>
  drops
    .map(d => `${d.count} ${d.id}`)
    .sort()
    .join()

/** Whether a recipe, in lowest terms, is among others. */
export const isOneOf = (drops: readonly Drops[], others: readonly (readonly Drops[])[]): boolean =>
  others.some(other => keyOf(other) === keyOf(drops))
