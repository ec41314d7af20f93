import type { Heft } from './heft'
import { purposeOf, type OwnedKind, type Purpose } from './kinds'
import type { PlaceSort } from './things'

/* Places as a tree: home and reserve stay, cases and bags go along, with pouches in them. */

export interface PlaceNode {
  id: string
  parentId: string | null
  sort: PlaceSort
  position: number
}

export interface Limits {
  /** Null where there is no limit worth a thought. */
  volumeMl: number | null
  limitG: number | null
}

/** What a place of a sort usually takes: nobody has to measure. */
export const USUAL_LIMITS: Readonly<Record<PlaceSort, Limits>> = {
  'home': { volumeMl: null, limitG: null },
  'reserve': { volumeMl: 20000, limitG: 10000 },
  'bag': { volumeMl: 18000, limitG: 8000 },
  'case': { volumeMl: 40000, limitG: 14000 },
  'pouch': { volumeMl: 4000, limitG: 2500 },
  'table': { volumeMl: null, limitG: null },
  'set bag': { volumeMl: 2500, limitG: 1500 },
  'lent': { volumeMl: null, limitG: null },
}

const CARRIED: readonly PlaceSort[] = ['bag', 'case', 'pouch', 'set bag']
/** Whether the things there go to a job. */
export const isCarried = (sort: PlaceSort): boolean => CARRIED.includes(sort)

/** What of a place holds: its own limits where somebody measured, else the usual ones. */
export const limitsOf = (sort: PlaceSort, own: Limits): Limits => ({
  volumeMl: own.volumeMl ?? USUAL_LIMITS[sort].volumeMl,
  limitG: own.limitG ?? USUAL_LIMITS[sort].limitG,
})

// What goes along is looked at before what stays.
const stays = ({ sort, parentId }: PlaceNode) => (parentId === null && !isCarried(sort) ? 1 : 0)

/** Places as a walk finds them: each before the places in it, siblings by position, home last. */
export function inOrder<T extends PlaceNode>(places: readonly T[]): { place: T; depth: number }[] {
  const known = new Set(places.map(p => p.id))
  const rootOf = (p: T) => p.parentId === null || !known.has(p.parentId)
  const seen = new Set<string>()
  const below = (of: readonly T[], depth: number): { place: T; depth: number }[] =>
    [...of]
      .sort((x, y) => stays(x) - stays(y) || x.position - y.position || (x.id < y.id ? -1 : 1))
      .flatMap(place => {
        if (seen.has(place.id)) return []
        seen.add(place.id)
        return [
          { place, depth },
          ...below(
            places.filter(p => p.parentId === place.id),
            depth + 1,
          ),
        ]
      })
  const tree = below(places.filter(rootOf), 0)
  // Places that stand in one another in a ring, from a file edited by hand, are still places.
  return [...tree, ...places.filter(p => !seen.has(p.id)).map(place => ({ place, depth: 0 }))]
}

/** Ids of a place and of everything in it. */
export function within(places: readonly PlaceNode[], id: string): Set<string> {
  const ids = new Set([id])
  for (let grown = true; grown;) {
    grown = false
    for (const p of places)
      if (p.parentId !== null && ids.has(p.parentId) && !ids.has(p.id)) {
        ids.add(p.id)
        grown = true
      }
  }
  return ids
}

export function totalHeft(parts: Iterable<Heft>): Heft {
  let [massG, roomMl] = [0, 0]
  for (const p of parts) {
    massG += p.massG
    roomMl += p.roomMl
  }
  return { massG, roomMl }
}

/** Where things of a purpose go in a case as it is usually set up: by the order in which they come out. */
export const USUAL_POUCHES = [
  'Skin',
  'Base',
  'Eyes',
  'Cheeks and lips',
  'Brushes and tools',
  'Clean and spare',
] as const
export type UsualPouch = (typeof USUAL_POUCHES)[number]
const POUCH_FOR: Readonly<Record<Purpose, UsualPouch>> = {
  'prep': 'Skin',
  'base': 'Base',
  'powder': 'Base',
  'brow': 'Eyes',
  'eye': 'Eyes',
  'lash': 'Eyes',
  'cheek': 'Cheeks and lips',
  'lip': 'Cheeks and lips',
  'set': 'Base',
  'brushes': 'Brushes and tools',
  'tools': 'Brushes and tools',
  'disposables': 'Clean and spare',
  'hygiene': 'Clean and spare',
  'clothing protection': 'Clean and spare',
  'comfort': 'Clean and spare',
  'business': 'Clean and spare',
  'light and power': 'Clean and spare',
  'cases': 'Clean and spare',
  'not sorted yet': 'Clean and spare',
}
export const usualPouchFor = (kind: OwnedKind): UsualPouch => POUCH_FOR[purposeOf(kind)]
