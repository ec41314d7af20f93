import type { Measure } from './things'

/* What is in bottles, pans and decants, and how it becomes less. Amounts are in the measure of the fill. */

export interface Fill {
  id: string
  size: number
  measure: Measure
  /** Share of the size that is left, 0–1. */
  level: number
  openedOn: string | null
}

/** What is left of a fill. */
export const leftIn = ({ size, level }: Pick<Fill, 'size' | 'level'>): number => size * level

// Below this a rest is what sticks to the glass, as a share of the size.
const NOTHING = 1e-9

/** A fill with so much less in it. */
function less<T extends Pick<Fill, 'size' | 'level'>>(fill: T, amount: number): T {
  const level = Math.max(0, fill.level - amount / fill.size)
  return { ...fill, level: level < NOTHING ? 0 : level }
}

export interface Taken<T> {
  fill: T
  amount: number
}

/**
 * Takes an amount from several fills of one product, in the order they are to be used up; what is not there cannot be taken.
 * @param order the fill to take from first comes first, see {@link useOrder}
 * @returns the fills that were touched as they are afterwards, with what was taken of each
 * @throws RangeError for a negative amount
 */
export function take<T extends Fill>(order: readonly T[], amount: number): Taken<T>[] {
  if (!(amount >= 0)) throw new RangeError('an amount taken must be 0 or more')
  const taken: Taken<T>[] = []
  let wanted = amount
  for (const fill of order) {
    const here = Math.min(wanted, leftIn(fill))
    if (here <= 0) continue
    taken.push({ fill: less(fill, here), amount: here })
    wanted -= here
  }
  return taken
}

/**
 * Some of a fill in a vessel of its own: together they hold what the first held.
 * @param into size of the new vessel
 * @throws RangeError when there is not so much left, or the vessel is too small
 */
export function decant<T extends Fill>(fill: T, amount: number, into: number): { from: T; into: Omit<Fill, 'id'> } {
  if (!(amount > 0)) throw new RangeError('decant more than nothing')
  if (amount > leftIn(fill) * (1 + NOTHING)) throw new RangeError('there is not so much left')
  if (amount > into * (1 + NOTHING)) throw new RangeError('the vessel is too small for that')
  return {
    from: less(fill, amount),
    into: { size: into, measure: fill.measure, level: Math.min(1, amount / into), openedOn: fill.openedOn },
  }
}

interface InUse {
  level: number
  openedOn: string | null
  retiredAt: string | null
  createdAt: string
}

/**
 * Units of one product in the order they are used: what can be used before what cannot, open before unopened, and the oldest
 * first. The first is the one a drop comes from.
 */
export const useOrder = <T extends InUse>(units: readonly T[]): T[] => {
  const rank = (u: T) => (u.retiredAt !== null ? 2 : u.level <= 0 ? 1 : 0)
  const age = (u: T) => (u.openedOn === null ? `1 ${u.createdAt}` : `0 ${u.openedOn} ${u.createdAt}`)
  return [...units].sort((x, y) => rank(x) - rank(y) || (age(x) < age(y) ? -1 : age(x) > age(y) ? 1 : 0))
}
