import type { Thing } from '../things/thing'

/* Where one reaches for something: of several the one that is along, and of those the one that is open. */

export interface Found {
  unitId: string
  placeId: string | null
  /** Whether it is along, and not at home. */
  along: boolean
  /** Of a palette which pan, counted from one as they lie. */
  pan: { palette: string; at: number; of: number } | null
}

/**
 * @param things what can be used
 * @returns where each product is reached for; one that is nowhere is left out
 */
export function foundAmong(
  things: readonly Thing[],
  productIds: ReadonlySet<string>,
  isAlong: (thing: Thing) => boolean,
): Map<string, Found> {
  const rank = (t: Thing) => Number(isAlong(t)) * 2 + Number(t.openedOn !== null)
  const best = new Map<string, { found: Found; rank: number }>()
  const meet = (productId: string, of: Thing, pan: Found['pan']) => {
    const known = best.get(productId)
    if (!productIds.has(productId) || (known && known.rank >= rank(of))) return
    best.set(productId, { found: { unitId: of.id, placeId: of.placeId, along: isAlong(of), pan }, rank: rank(of) })
  }
  for (const t of things) {
    if (t.pans.length === 0) meet(t.productId, t, null)
    t.pans.forEach((p, i) => {
      if (p.level > 0) meet(p.productId, t, { palette: t.name, at: i + 1, of: t.pans.length })
    })
  }
  return new Map([...best].map(([id, { found }]) => [id, found]))
}
