import type { FacePlan } from './describe'

/** Products of a plan with how much of each goes on, in the measure of the plan. */
export function amountsOf({ layers }: Pick<FacePlan, 'layers'>): Map<string, number> {
  const all = new Map<string, number>()
  const add = (id: string, amount: number) => all.set(id, (all.get(id) ?? 0) + amount)
  for (const { item, drops, amount } of layers) {
    const total = drops?.reduce((sum, d) => sum + d.count, 0) ?? 0
    if (drops && total > 0) for (const d of drops) add(d.id, (amount.value * d.count) / total)
    else add(item.id, amount.value)
  }
  return all
}
