import { COVERAGES, HIDE, type Coverage } from './product'

/** A word on an ordinal scale that lies nearest a weighted mean of such words. */
export function meanWord<T extends string>(scale: readonly T[], parts: readonly { word: T; share: number }[]): T {
  const total = parts.reduce((sum, p) => sum + p.share, 0)
  const mean = parts.reduce((sum, p) => sum + p.share * scale.indexOf(p.word), 0) / total
  return scale[Math.min(scale.length - 1, Math.max(0, Math.round(mean)))]!
}

/** Coverage of a mix: the word whose hiding power is nearest the mass-weighted mean. */
export function meanCoverage(parts: readonly { hide: number; share: number }[]): Coverage {
  const total = parts.reduce((sum, p) => sum + p.share, 0)
  const mean = parts.reduce((sum, p) => sum + p.share * p.hide, 0) / total
  return COVERAGES.reduce((best, c) => (Math.abs(HIDE[c] - mean) < Math.abs(HIDE[best] - mean) ? c : best))
}

/** Mass-weighted mean of what is known; null when nothing is. */
export function meanKnown(parts: readonly { value: number | null; share: number }[]): number | null {
  const known = parts.filter((p): p is { value: number; share: number } => p.value !== null)
  const total = known.reduce((sum, p) => sum + p.share, 0)
  return total > 0 ? known.reduce((sum, p) => sum + p.share * p.value, 0) / total : null
}
