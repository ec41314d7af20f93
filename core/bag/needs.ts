import type { Lab } from '../colour/lab'
import type { FacePlan } from '../plan/described/describe'
import { amountsOf } from '../plan/described/amounts'
import { STRONGEST_DISINFECTING } from '../stock/things/gear'
import type { BrushShape, OwnedKind } from '../stock/things/kinds'
import type { Thing } from '../stock/things/thing'
import { countsOf, type Count } from './counts'
import { USUAL_VENUE, type Venue } from './venue'

/* What a day takes, and which of one's things hold it: bottles by the product, tools and supplies by the kind, brushes by the shape. */

export interface PlannedFace {
  id: string
  skin: Lab
  plan: Pick<FacePlan, 'layers' | 'pack' | 'missing'>
}

/** So much of what is needed in a thing. */
export interface Holding {
  of: Thing
  holds: number
}

export interface Need {
  /** Of a bottle its product; of anything else its kind or shape. */
  key: string
  sort: 'bottle' | 'count'
  productId: string | null
  kind: OwnedKind
  shape: BrushShape | null
  name: string
  lab: Lab | null
  measure: Thing['measure']
  need: number
  /** How much of it each face takes, in the order of the day; 0 where they share it, empty where it is for the day as a whole. */
  each: { faceId: string; amount: number }[]
  /** Everything of one's own that can be used for it today. */
  held: Holding[]
}

export const sum = (some: readonly number[]): number => some.reduce((all, n) => all + n, 0)

/**
 * @param ready things that can be used
 * @param own how much more of a supply the artist takes than is usual
 */
export const needsOf = (
  faces: readonly PlannedFace[],
  ready: readonly Thing[],
  venue: Venue = USUAL_VENUE,
  own?: ReadonlyMap<OwnedKind, number>,
): Need[] => [...countsNeeded(faces, ready, venue, own), ...bottlesNeeded(faces, ready)]

function countsNeeded(
  faces: readonly PlannedFace[],
  ready: readonly Thing[],
  venue: Venue,
  own?: ReadonlyMap<OwnedKind, number>,
): Need[] {
  const packs = faces.map(f => ({ id: f.id, pack: f.plan.pack }))
  return countsOf(packs, venue, own).map(count => ({
    key: count.shape ?? count.kind,
    sort: 'count',
    productId: null,
    kind: count.kind,
    shape: count.shape,
    name: count.word ?? count.shape ?? count.kind,
    lab: null,
    measure: count.measure,
    need: count.need,
    each: count.faces.map(faceId => ({ faceId, amount: count.each })),
    held: ready.filter(t => isOf(t, count)).map(of => ({ of, holds: holdsOf(of, count) })),
  }))
}

function bottlesNeeded(faces: readonly PlannedFace[], ready: readonly Thing[]): Need[] {
  const needs = new Map<string, Need['each']>()
  for (const { id: faceId, plan } of faces)
    for (const [productId, amount] of amountsOf(plan))
      needs.set(productId, [...(needs.get(productId) ?? []), { faceId, amount }])
  const named = new Map(faces.flatMap(f => f.plan.layers.map(l => [l.item.id, l.item] as const)))
  const byProduct = new Map<string, Holding[]>()
  const add = (productId: string, of: Thing, holds: number) =>
    byProduct.set(productId, [...(byProduct.get(productId) ?? []), { of, holds }])
  for (const of of ready) {
    if (of.pans.length === 0) add(of.productId, of, of.size * of.level * of.count)
    for (const pan of of.pans) add(pan.productId, of, (pan.level * of.size) / of.pans.length)
  }
  return [...needs].map(([productId, each]): Need => {
    const held = byProduct.get(productId) ?? []
    const first = held[0]?.of
    const pan = first?.pans.find(p => p.productId === productId)
    const item = named.get(productId)
    return {
      key: productId,
      sort: 'bottle',
      productId,
      kind: first?.kind ?? item?.kind ?? 'unknown',
      shape: null,
      name: pan?.name ?? first?.name ?? item?.name ?? '',
      lab: pan?.lab ?? first?.lab ?? item?.lab ?? null,
      measure: first?.measure ?? 'ml',
      need: sum(each.map(e => e.amount)),
      each,
      held,
    }
  })
}

// What is thrown away does for what is washed.
const INSTEAD: Partial<Record<OwnedKind, OwnedKind>> = {
  spatula: 'disposable spatulas',
  sponge: 'disposable sponges',
  capes: 'towel',
  mat: 'towel',
  belt: 'brush roll',
}
const isOf = (t: Thing, { kind, shape }: Count) =>
  shape
    ? t.kind === 'brush' && t.shape === shape
    : (t.kind === kind || t.kind === INSTEAD[kind]) && (t.percent ?? 0) <= STRONGEST_DISINFECTING

/** Pieces of a pack, tools of a set, millilitres of a bottle. */
const holdsOf = (t: Thing, { measure }: Count): number =>
  measure === 'ml' || (t.sort !== 'tool' && (t.measure === 'piece' || t.measure === 'pair'))
    ? Math.floor(t.size * t.level * t.count + 1e-9)
    : t.count
