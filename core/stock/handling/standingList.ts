import type { OwnedKind } from '../things/kinds'
import { totalHeft } from '../things/places'
import type { Heft } from '../things/heft'
import { isReady, isUsed, type Thing } from '../things/thing'

/*
 * Standing lists: the core kit that stays packed, and named variants as changes against it. A list names products and how many; which
 * units go along is found when it is packed.
 */

export interface ListLine {
  productId: string
  /** Of the core how many go along; of a variant how many more, or fewer. */
  count: number
}

/** The list that the others are changes of. */
export const CORE_LIST = 'core'

/** The lines of a variant: the core with its changes, without products that are used up. */
export function resolved(core: readonly ListLine[], changes: readonly ListLine[]): ListLine[] {
  const counts = new Map(core.map(l => [l.productId, l.count]))
  for (const { productId, count } of changes) counts.set(productId, (counts.get(productId) ?? 0) + count)
  return [...counts].flatMap(([productId, count]) => (count > 0 ? [{ productId, count }] : []))
}

/** The changes that make of a core what is wanted. */
export function changesTo(core: readonly ListLine[], wanted: readonly ListLine[]): ListLine[] {
  const counts = new Map(wanted.map(l => [l.productId, l.count]))
  for (const { productId, count } of core) counts.set(productId, (counts.get(productId) ?? 0) - count)
  return [...counts].flatMap(([productId, count]) => (count === 0 ? [] : [{ productId, count }]))
}

export interface Moved {
  unitId: string
  count: number
}
export interface HeldLine {
  productId: string
  name: string
  kind: OwnedKind
  wanted: number
  /** What of it is along already. */
  along: number
  /** Units in other places that can come. */
  bring: Moved[]
  /** What nobody has: to be bought, or done without. */
  lacking: number
}
export interface Held extends Heft {
  lines: HeldLine[]
  /** What is along and on no list. */
  surplus: Moved[]
}

/** Open before unopened, the emptier first: what is begun is used up. */
const asUsed = (x: Thing, y: Thing) =>
  Number(x.openedOn === null) - Number(y.openedOn === null) || x.level - y.level || (x.id < y.id ? -1 : 1)

/**
 * What of a list is along, what has to come and from where, what is lacking, and what is along for nothing.
 * @param isAlong whether a thing is in a place that goes to a job
 * @param nameOf name of a product that is used up
 */
export function heldAgainst(
  wanted: readonly ListLine[],
  things: readonly Thing[],
  isAlong: (thing: Thing) => boolean,
  today: string,
  nameOf: (productId: string) => string,
): Held {
  const byProduct = new Map<string, Thing[]>()
  for (const t of things) if (isUsed(t)) byProduct.set(t.productId, [...(byProduct.get(t.productId) ?? []), t])
  const surplus: Moved[] = []
  const going: Heft[] = []
  const lines = wanted.map(({ productId, count }): HeldLine => {
    const all = [...(byProduct.get(productId) ?? [])].sort(asUsed)
    const ready = all.filter(t => isReady(t, today))
    const here = ready.filter(isAlong)
    const there = ready.filter(t => !isAlong(t))
    let open = count
    for (const t of here) {
      const some = take(t, open)
      open -= some
      if (some > 0) going.push(shareOf(t, some))
      if (some < t.count && (some === 0 || t.sort === 'tool')) surplus.push({ unitId: t.id, count: t.count - some })
    }
    const bring: Moved[] = []
    for (const t of there) {
      const some = take(t, open)
      if (some <= 0) continue
      open -= some
      bring.push({ unitId: t.id, count: some })
      going.push(shareOf(t, some))
    }
    const [first] = all
    const name = first?.name ?? nameOf(productId)
    const along = here.reduce((sum, t) => sum + t.count, 0)
    return { productId, name, kind: first?.kind ?? 'unknown', wanted: count, along, bring, lacking: Math.max(0, open) }
  })
  const listed = new Set(wanted.map(l => l.productId))
  for (const t of things)
    if (isUsed(t) && isAlong(t) && (!listed.has(t.productId) || !isReady(t, today)))
      surplus.push({ unitId: t.id, count: t.count })
  return { lines, surplus, ...totalHeft(going) }
}

/** How many of a unit go: of a set of tools so many as are wanted, of anything else the whole of it. */
const take = (t: Thing, open: number): number => (open <= 0 ? 0 : t.sort === 'tool' ? Math.min(open, t.count) : t.count)
const shareOf = ({ massG, roomMl, count }: Thing, some: number): Heft => ({
  massG: (massG * some) / count,
  roomMl: (roomMl * some) / count,
})

/** What is along, as a list. */
export function listOf(things: readonly Thing[], isAlong: (thing: Thing) => boolean, today: string): ListLine[] {
  const counts = new Map<string, number>()
  for (const t of things)
    if (isAlong(t) && isReady(t, today)) counts.set(t.productId, (counts.get(t.productId) ?? 0) + t.count)
  return [...counts].map(([productId, count]) => ({ productId, count }))
}
