import { summarise, type Covariance, type Reading } from './reading'

/** Where on the person a reading was taken. */
export const SITES = ['jaw', 'neck', 'chest', 'cheek', 'forehead'] as const
export type Site = (typeof SITES)[number]
export type SiteWeights = Partial<Record<Site, number>>

/** A match is looked for along the jaw until the artist says otherwise. */
export const USUAL_SITES: SiteWeights = { jaw: 1 }

export interface SiteReading extends Reading {
  site: Site
}

/** The first reading of each site; the list is newest first. */
export function newestBySite<T extends { site: Site }>(readings: readonly T[]): Map<Site, T> {
  const newest = new Map<Site, T>()
  for (const reading of readings) if (!newest.has(reading.site)) newest.set(reading.site, reading)
  return newest
}

/** What each site counts towards the target, in shares of 1: only sites that are read and weigh anything. */
export function sharesOf(read: Iterable<Site>, weights: SiteWeights): { site: Site; share: number }[] {
  const known = new Set(read)
  const counted = SITES.flatMap(site =>
    known.has(site) && (weights[site] ?? 0) > 0 ? [{ site, weight: weights[site]! }] : [],
  )
  const total = counted.reduce((sum, c) => sum + c.weight, 0)
  return counted.map(({ site, weight }) => ({ site, share: weight / total }))
}

/**
 * The colour a base has to agree with: the newest readings of the sites that count, weighted. Sites not read yet leave
 * their share to the others; when none of them is read, the newest reading of all stands in.
 * @param readings newest first
 * @returns null without a reading
 */
export function targetOf(readings: readonly SiteReading[], weights: SiteWeights = USUAL_SITES): Reading | null {
  const newest = newestBySite(readings)
  const counted = sharesOf(newest.keys(), weights).map(({ site, share }) => ({ reading: newest.get(site)!, share }))
  if (counted.length === 0) return readings[0] ? { mean: readings[0].mean, covariance: readings[0].covariance } : null
  if (counted.length === 1) return { mean: counted[0]!.reading.mean, covariance: counted[0]!.reading.covariance }
  const { mean } = summarise(
    counted.map(c => c.reading.mean),
    counted.map(c => c.share),
  )
  // Each site is read on its own: the doubt of a weighted mean is the doubts by the squares of their shares.
  const covariance = [0, 1, 2, 3, 4, 5].map(k =>
    counted.reduce((sum, c) => sum + c.share ** 2 * c.reading.covariance[k]!, 0),
  )
  return { mean, covariance: covariance as unknown as Covariance }
}
