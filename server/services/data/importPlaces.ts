import { inOrder } from '#core/stock/things/places'
import type { ImportedPlace, ImportedThing } from '#shared/records/kit/imported'
import type { PlaceLine } from '#shared/records/kit/things'
import { newId } from '../record/clock'

/* Places that rows of an import name: those that are there, and those that are made for it. */

type NewPlace = Omit<PlaceLine, 'version' | 'own'> & { volumeMl?: number | null; limitG?: number | null }

export class ImportPlaces {
  readonly made: NewPlace[] = []
  private readonly known: NewPlace[]

  constructor(there: readonly PlaceLine[], written: readonly ImportedPlace[]) {
    this.known = [...there]
    const ids = new Map(there.map(p => [p.id, p]))
    for (const place of written) {
      const mine = ids.get(place.id)
      if (mine) this.fillIn(mine, place)
    }
    const fresh = written.filter(p => !ids.has(p.id))
    // Each after what it is in. A pouch of the same name in the same case is that pouch, whatever id another kit gave it.
    for (const { place } of inOrder(fresh.map(p => ({ ...p, parentId: p.parentId ?? null })))) {
      const parentId = place.parentId === null ? null : (this.ids.get(place.parentId) ?? place.parentId)
      const inside = this.known.some(p => p.id === parentId) ? parentId : null
      // Two of one name in the file are two.
      const taken = new Set(this.ids.values())
      const same = there.find(p => p.parentId === inside && sameName(p.name, place.name) && !taken.has(p.id))
      this.ids.set(place.id, same?.id ?? this.make({ ...place, parentId: inside }))
    }
  }
  /** What places that are there already take from the file: what nobody has said of them here. */
  readonly changed: { id: string; name: string; set: { name?: string; volumeMl?: number; limitG?: number } }[] = []

  private fillIn(mine: PlaceLine, { name, volumeMl, limitG }: ImportedPlace): void {
    const set = {
      // A place that is as it came with the application has no name of hers yet.
      ...(mine.version === AS_IT_CAME && mine.name !== name ? { name } : {}),
      ...(mine.own.volumeMl === null && volumeMl != null ? { volumeMl } : {}),
      ...(mine.own.limitG === null && limitG != null ? { limitG } : {}),
    }
    if (Object.keys(set).length > 0) this.changed.push({ id: mine.id, name: mine.name, set })
  }

  /** What places that were written out are here. */
  private readonly ids = new Map<string, string>()

  private make(place: NewPlace): string {
    this.known.push(place)
    this.made.push(place)
    return place.id
  }

  /** The place of a row; undefined where it does not say. */
  of({ details, place }: ImportedThing): string | undefined {
    const id = details?.placeId && (this.ids.get(details.placeId) ?? details.placeId)
    if (id && this.known.some(p => p.id === id)) return id
    if (!place || place.length === 0) return undefined
    const key = place.join('\n')
    const before = this.byPath.get(key)
    if (before) return before
    const found = this.at(place)
    this.byPath.set(key, found)
    return found
  }
  private readonly byPath = new Map<string, string>()

  private at(path: readonly string[]): string {
    // A name alone is found wherever it is.
    const alone = path.length === 1 ? this.known.find(p => sameName(p.name, path[0]!)) : undefined
    if (alone) return alone.id
    let parentId: string | null = null
    for (const name of path) {
      const inside: string | null = parentId
      const there: NewPlace | undefined = this.known.find(p => p.parentId === inside && sameName(p.name, name))
      parentId =
        there?.id
        ?? this.make({
          id: newId(),
          parentId: inside,
          sort: inside ? 'pouch' : 'bag',
          name,
          position: this.known.length,
        })
    }
    return parentId!
  }
}
/** A record nobody has written to since it was made. */
const AS_IT_CAME = 1

const sameName = (x: string, y: string) => x.trim().toLowerCase() === y.trim().toLowerCase()
