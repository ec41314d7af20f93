import { usualPerFace } from '#core/stock/ends/lasting'
import type { Carried } from './carried'

/* What was taken of the kit before the story begins, on walk-ups and old regulars who are on nobody's list: as much as is gone. */

/** Bought, and put on nobody that the log knows of. */
const UNTRIED: readonly string[] = ['Carnival', 'Slip', 'Spangle']
const UNTRIED_SHADES: readonly string[] = ['Almond Lane', 'Almond Row', 'Almond Court']
// Nobody counts further back than a season.
const MOST_USES = 16
const LAST_DAYS_AGO = 3

export interface DemoUse {
  daysAgo: number
  amount: number
}

/** Uses of one product, evenly since it was opened, a little more and a little less each time. */
export function usesOf({ product, openedDaysAgo }: Carried): DemoUse[] {
  const perFace = usualPerFace(product.kind)
  if (perFace === null || UNTRIED.includes(product.range) || UNTRIED_SHADES.includes(product.shade)) return []
  const gone = (1 - product.level) * product.sizeMl
  const times = Math.min(MOST_USES, Math.floor(gone / perFace))
  return Array.from({ length: times }, (_, i) => ({
    daysAgo: Math.round(openedDaysAgo - ((openedDaysAgo - LAST_DAYS_AGO) * i) / Math.max(1, times)),
    amount: Math.round(perFace * (0.8 + 0.1 * (i % 5)) * 1000) / 1000,
  }))
}
