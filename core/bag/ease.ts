import type { Heft } from '../stock/things/heft'

/* Where what a pouch has no room for lies instead. */

export interface ToMove extends Heft {
  id: string
  /** What goes on faces lies with its like, and what cleans and is thrown away apart from it. */
  cosmetic: boolean
}
/** What is free in a pouch, and what lies in it already; null where nothing does. */
export interface Room extends Heft {
  id: string
  cosmetic: boolean | null
}

/**
 * The largest first, each into the pouch with the most room of those with its like that take it; what none takes lies loose.
 * @param looseId the case itself
 */
export function placesFor(things: readonly ToMove[], rooms: readonly Room[], looseId: string): Map<string, string> {
  const free = rooms.map(r => ({ ...r }))
  const to = new Map<string, string>()
  for (const { id, roomMl, massG, cosmetic } of [...things].sort(
    (x, y) => y.roomMl - x.roomMl || (x.id < y.id ? -1 : 1),
  )) {
    const [best] = free
      .filter(r => r.roomMl >= roomMl && r.massG >= massG && (r.cosmetic ?? cosmetic) === cosmetic)
      .sort((x, y) => y.roomMl - x.roomMl)
    to.set(id, best?.id ?? looseId)
    if (!best) continue
    best.roomMl -= roomMl
    best.massG -= massG
    best.cosmetic = cosmetic
  }
  return to
}
