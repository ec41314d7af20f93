import type { Drops } from '../../complexion/mixing/recipe'
import type { PlanQuestion } from '../question/question'
import type { KitItem } from '../../product/item'
import type { LayerAmount } from '../layers/layer'

/** What goes on this face in money, and what has no price on record. */
export function costOf(
  layers: readonly { item: KitItem; drops: readonly Drops[] | null; amount: LayerAmount }[],
  { items }: PlanQuestion,
): { minor: number; unpriced: string[] } {
  const byId = new Map(items.map(i => [i.id, i]))
  const unpriced = new Set<string>()
  let minor = 0
  for (const { item, drops, amount } of layers) {
    const total = drops?.reduce((sum, d) => sum + d.count, 0) ?? 1
    const parts = drops?.map(d => ({ part: byId.get(d.id)!, share: d.count / total })) ?? [{ part: item, share: 1 }]
    for (const { part, share } of parts) {
      if (part.own) continue
      if (part.priceMinor === null) unpriced.add(part.name)
      else minor += (part.priceMinor * share * amount.value) / part.size
    }
  }
  return { minor: Math.round(minor), unpriced: [...unpriced] }
}
