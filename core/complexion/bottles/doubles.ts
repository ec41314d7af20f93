import { difference } from '../../colour/difference'
import { mayMix } from './mixable'
import { masstoneLab } from './pigments'
import type { ComplexionProduct } from './product'

// Two bottles nearer than this do the same work.
const SAME_WORK = 2

/** Groups of products of one mixing family and nearly one colour: money spent twice. Each group has at least two. */
export function doubles<T extends ComplexionProduct>(products: readonly T[]): T[][] {
  const groups: T[][] = []
  for (const product of products) {
    const own = groups.find(g =>
      g.every(p => mayMix(p, product) && difference(masstoneLab(p), masstoneLab(product)) < SAME_WORK),
    )
    if (own) own.push(product)
    else groups.push([product])
  }
  return groups.filter(g => g.length > 1)
}
