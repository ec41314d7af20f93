import type { Due } from '../due'
import { cheapestCover, isServed, type Cover } from './cover'
import { neededOf, partsOf, pointsOf, type AuditScene, type AuditThing, type NamedPoint } from './points'
import type { Ability } from './standard'

/* What to buy so that an ability is there: the cheapest offers on top of what one has. */

/** Something that is offered, as an audit would weigh it once it is owned. */
export interface OfferedThing {
  offerId: string
  priceMinor: number
  thing: AuditThing
}

export interface Filling {
  /** The offers and how many of each, the dearest first. */
  buy: { offerId: string; count: number }[]
  priceMinor: number
  /** No choice of these offers does as much for less. */
  proven: boolean
  /** What nobody offers anything for. */
  still: string[]
}

// Brushes for a party of two dozen.
const MOST_COPIES = 40

/** The cheapest of what is offered that does all of an ability that can be done with it. */
export function fill(
  ability: Ability,
  scene: AuditScene,
  offered: readonly OfferedThing[],
  due: Due | undefined = scene.due,
): Filling {
  const owned = scene.things.length
  // Of what is counted, several of one offer may be needed; of what is a colour, one is enough.
  const need = ability.sort === 'have' ? Math.max(...partsOf(ability).map(part => neededOf(part, scene.party))) : 1
  const useful = offered.filter(o => isOfKinds(o.thing, ability))
  const copies = useful.flatMap(o => {
    const each = Math.max(1, o.thing.count)
    const many = ability.sort === 'have' ? Math.min(MOST_COPIES, Math.ceil(need / each)) : 1
    return Array.from({ length: many }, (_, i) => ({ ...o, thing: { ...o.thing, id: `${o.offerId} ${i}` } }))
  })
  const things = [...scene.things, ...copies.map(c => c.thing)]
  const points = pointsOf(ability, { ...scene, things })
  const cost = things.map((_, i) => (i < owned ? 0 : copies[i - owned]!.priceMinor))
  const servable = points.filter(p => isServed(p, () => true))
  const enough = Math.ceil(ability.share * points.length - SAME)
  const cover = cheapestCover(cost, servable, due)!
  const { chosen, proven } = noMoreThan(enough, servable, cost, cover)
  const counts = new Map<string, number>()
  for (const t of chosen)
    if (t >= owned) counts.set(copies[t - owned]!.offerId, (counts.get(copies[t - owned]!.offerId) ?? 0) + 1)
  const price = new Map(useful.map(o => [o.offerId, o.priceMinor]))
  const buy = [...counts]
    .map(([offerId, count]) => ({ offerId, count }))
    .sort((x, y) => price.get(y.offerId)! * y.count - price.get(x.offerId)! * x.count)
  return {
    buy,
    priceMinor: buy.reduce((sum, b) => sum + price.get(b.offerId)! * b.count, 0),
    proven,
    still: points.filter(p => !servable.includes(p)).map(p => p.name),
  }
}

const SAME = 1e-9
/**
 * Where a share of the points is enough, what is there beyond it is not bought: of a choice that serves all of them the dearest things go,
 * one after another, as long as enough is served. Nobody proves that nothing is cheaper then.
 */
function noMoreThan(
  enough: number,
  points: readonly NamedPoint[],
  cost: readonly number[],
  { chosen, optimal }: Cover,
): { chosen: number[]; proven: boolean } {
  if (points.length <= enough || chosen.every(t => cost[t] === 0)) return { chosen, proven: optimal }
  const kept = new Set(cost.flatMap((c, t) => (c === 0 ? [t] : [])))
  for (const t of chosen) kept.add(t)
  const served = (has: (t: number) => boolean) => points.reduce((sum, p) => sum + Number(isServed(p, has)), 0)
  // What earns the least for its price goes first.
  const worth = (t: number) => (served(u => kept.has(u)) - served(u => u !== t && kept.has(u))) / cost[t]!
  let left = chosen.filter(t => cost[t]! > 0)
  for (;;) {
    const [least] = left
      .filter(t => served(u => u !== t && kept.has(u)) >= enough)
      .sort((x, y) => worth(x) - worth(y) || cost[y]! - cost[x]!)
    if (least === undefined) break
    kept.delete(least)
    left = left.filter(t => t !== least)
  }
  return { chosen: chosen.filter(t => kept.has(t)), proven: false }
}

const isOfKinds = ({ kind, items }: AuditThing, { kinds }: Ability) =>
  kinds.includes(kind) || items.some(i => kinds.includes(i.kind) || i.alsoFor.some(k => kinds.includes(k)))
