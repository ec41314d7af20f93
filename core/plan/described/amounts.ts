import type { Drops } from '../../complexion/mixing/recipe'
import type { FacePlan } from './describe'

/** How much one layer takes of each product; in a mix, each bottle its share. */
export function takenBy(layer: {
  id: string
  drops: readonly Drops[] | null
  amount: number
}): { id: string; amount: number }[] {
  const total = layer.drops?.reduce((sum, d) => sum + d.count, 0) ?? 0
  return layer.drops && total > 0
    ? layer.drops.map(d => ({ id: d.id, amount: (layer.amount * d.count) / total }))
    : [{ id: layer.id, amount: layer.amount }]
}

/** Products of a plan with how much of each goes on, in the measure of the plan. */
export function amountsOf({ layers }: Pick<FacePlan, 'layers'>): Map<string, number> {
  const all = new Map<string, number>()
  for (const { item, drops, amount } of layers)
    for (const { id, amount: some } of takenBy({ id: item.id, drops, amount: amount.value }))
      all.set(id, (all.get(id) ?? 0) + some)
  return all
}
