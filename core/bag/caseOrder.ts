import type { OwnedKind } from '../stock/things/kinds'
import { inOrder, type PlaceNode } from '../stock/things/places'
import { workRank, type Thing } from '../stock/things/thing'

/* The order in which things come out of a case: what is needed first lies on top. */

/** What is laid out before anything else is opened. */
const SETTING_UP: readonly OwnedKind[] = ['mat', 'hand gel', 'light', 'power', 'capes']

/** When a thing is first taken out: setting up at 0, then in the order of the work. */
export const firstUse = (t: Pick<Thing, 'kind' | 'shape'>): number =>
  SETTING_UP.includes(t.kind) ? 0 : 1 + workRank(t)

/** Things wanted before what lies on top of them. */
export interface Buried {
  placeId: string
  /** Loose in the case, under everything else in it. */
  isLoose: boolean
  things: Thing[]
  /** Pouches above that are opened later, the topmost first. */
  under: string[]
}

interface Pouch {
  id: string
  isLoose: boolean
  things: Thing[]
  first: number
}

/** Pouches of a case as they lie, what is loose in it last. */
function pouchesOf(places: readonly PlaceNode[], rootId: string, things: readonly Thing[]): Pouch[] {
  const inside = inOrder(places).map(({ place }) => place)
  const kin = inside.filter(p => p.parentId === rootId)
  const pouch = (id: string, isLoose: boolean): Pouch => {
    const here = things.filter(t => t.placeId === id)
    return { id, isLoose, things: here, first: Math.min(Infinity, ...here.map(firstUse)) }
  }
  return [...kin.map(p => pouch(p.id, false)), pouch(rootId, true)].filter(p => p.things.length > 0)
}

/** What of a case is needed for setting up and lies under what is opened later. @param things those that are needed */
export function buriedIn(places: readonly PlaceNode[], rootId: string, things: readonly Thing[]): Buried[] {
  const pouches = pouchesOf(places, rootId, things)
  if (pouches.length < 2) return []
  return pouches.flatMap((pouch, i): Buried[] => {
    const early = pouch.things.filter(t => firstUse(t) < 1)
    const under = pouches.slice(0, i).filter(p => p.first >= 1)
    return early.length > 0 && under.length > 0
      ? [{ placeId: pouch.id, isLoose: pouch.isLoose, things: early, under: under.map(p => p.id) }]
      : []
  })
}

/** Pouches of a case in the order they should lie: by their first needed thing; pouches with nothing needed come last. */
export function laidInOrder(places: readonly PlaceNode[], rootId: string, things: readonly Thing[]): string[] {
  const needed = new Map(pouchesOf(places, rootId, things).map(p => [p.id, p.first]))
  return inOrder(places)
    .map(({ place }) => place)
    .filter(p => p.parentId === rootId)
    .map((p, i) => ({ id: p.id, first: needed.get(p.id) ?? Infinity, i }))
    .sort((x, y) => (x.first === y.first ? x.i - y.i : x.first - y.first))
    .map(p => p.id)
}
