import type { StartLine } from '#core/standard/startLists'
import type { Family } from '#core/complexion/bottles/product'
import { remembered } from '#core/remembered'
import { readList } from '#core/stock/list'
import { UNKNOWN_KIND } from '#core/stock/things/kinds'
import { alongScale } from '#core/stock/things/range'
import { listedFrom, type ListedThing } from './listed'

/* A list to begin from, ticked, on its way into the kit. */

/** A line that the artist ticked, and where its shades sit from the lightest, 1–12, where it comes in shades. */
export interface Ticked {
  line: Pick<StartLine, 'says' | 'shades'>
  depths?: readonly number[]
  /** What a base is made with, as far as she knows. */
  family?: Family
}

/** Bases and what adjusts them mix only where both are made alike. */
const MIXED = ['foundation', 'adjuster'] as const
export const isMixedBase = ({ kind }: Pick<ListedThing, 'kind'>): boolean => MIXED.some(k => k === kind)

/** So many shades from fair to very deep, evenly. */
export const evenDepths = (shades: number): number[] => alongScale(Array.from({ length: shades }, () => null))

// A page asks for all that is ticked whenever a shade is dragged.
const LINES_KEPT = 200
const readOnce = remembered(
  LINES_KEPT,
  ({ says, today }: { says: string; today: string }) => `${today} ${says}`,
  ({ says, today }) => readList([says], today).things.map(t => listedFrom(t, t.kind ?? UNKNOWN_KIND, true)),
)

/** @param today ISO date */
export function listedOfTicked({ line, depths, family }: Ticked, today: string): ListedThing[] {
  const things = readOnce({ says: line.says, today }).map(t => (family && isMixedBase(t) ? { ...t, family } : t))
  if (line.shades === undefined) return things
  return (depths ?? evenDepths(line.shades)).flatMap((depth, i) =>
    things.map(t => ({ ...t, range: t.name, name: `${t.name} ${i + 1}`, depth })),
  )
}
