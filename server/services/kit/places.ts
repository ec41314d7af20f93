import { asc, eq, isNull } from 'drizzle-orm'
import { inOrder, usualPouchFor, USUAL_POUCHES, within } from '#core/stock/things/places'
import type { OwnedKind } from '#core/stock/things/kinds'
import type { MoveInput, PlaceInput, PlaceLine } from '#shared/records/kit/things'
import { db } from '../../db/connection'
import { places } from '../../db/schema'
import { BadInput, Conflict, Missing } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { moveAll, placeElsewhere } from './moving'
import { validRows } from '../record/validRows'
import { placeAt, USUAL_PLACE } from './units'
import { untilWritten } from '../record/untilWritten'

/* Where things are: the tree of places, the things in each, and what is moved. */

type Reader = Pick<typeof db, 'select'>

const lineOf = (row: typeof places.$inferSelect): PlaceLine => {
  const { id, parentId, sort, name, position, version, volumeMl, limitG } = row
  return { id, parentId, sort, name, position, version, own: { volumeMl, limitG } }
}

/** Places whose rows can be used; what is in another is placed nowhere until it is put right. */
export const placesSound = async (from: Reader = db): Promise<PlaceLine[]> => {
  const rows = await from
    .select()
    .from(places)
    .where(isNull(places.deletedAt))
    .orderBy(asc(places.position), asc(places.id))
  return (await validRows('place', rows)).map(lineOf)
}
/** Every place, unordered. Not to be written to. */
export const placeLines = untilWritten(() => placesSound(db))

/** The places as short as the colour work needs them. */
export const placesNow = async () =>
  inOrder(await placeLines()).map(({ place: { id, parentId, sort, name } }) => ({ id, parentId, sort, name }))

async function placeNow(act: Act, id: string): Promise<PlaceLine> {
  const [row] = await act.tx.select().from(places).where(eq(places.id, id))
  if (!row || row.deletedAt !== null) throw new Missing('This place')
  return lineOf(row)
}

const columnsOf = ({ sort, name, parentId, position, volumeMl, limitG }: PlaceInput) => ({
  sort,
  name,
  parentId: parentId ?? null,
  position,
  volumeMl: volumeMl ?? null,
  limitG: limitG ?? null,
})

export function addPlace(input: PlaceInput): Promise<PlaceLine> {
  return command(`${input.name} is a place now.`, async act => {
    if (input.parentId) await placeAt(act, input.parentId, 'parentId')
    return lineOf(await act.insert('places', { id: newId(), ...columnsOf(input) }))
  })
}

/** @throws BadInput where it would stand in itself */
export function changePlace(id: string, input: PlaceInput): Promise<PlaceLine> {
  return command(`${input.name} is changed.`, async act => {
    const before = await placeNow(act, id)
    expectVersion(before.name, before, input.version)
    if (input.parentId) {
      await placeAt(act, input.parentId, 'parentId')
      if (within(await placesSound(act.tx), id).has(input.parentId))
        throw new BadInput([{ path: 'parentId', message: 'a place cannot stand in itself: choose another' }])
    }
    return lineOf((await act.update('places', id, columnsOf(input)))!)
  })
}

/** Removes a place: its things go to the place around it, or to none. */
export function removePlace(id: string): Promise<{ id: string }> {
  let name = ''
  return command(
    () => `${name} is gone; what stood in it stands where it stood.`,
    async act => {
      const place = await placeNow(act, id)
      name = place.name
      if (id === USUAL_PLACE) throw new Conflict('New things are put here: rename it, but keep it.')
      await placeElsewhere(act, id, place.parentId)
      for (const child of await placesSound(act.tx))
        if (child.parentId === id) await act.update('places', child.id, { parentId: place.parentId })
      await act.update('places', id, { deletedAt: now() })
      return { id }
    },
  )
}

/** Moves things, or so many of a set, to one place. */
export function move({ units: moved, placeId }: MoveInput): Promise<{ moved: number }> {
  let words = ''
  return command(
    () => words,
    async act => {
      const to = placeId ? await placeNow(act, placeId) : null
      const names = await moveAll(
        act,
        moved.map(({ id, count }) => ({ unitId: id, count, to: to?.id ?? null })),
      )
      const what = names.length === 1 ? `${names[0]} is` : `${names.length} things are`
      words = `${what} ${to ? `in ${to.name}` : 'out of their place'} now.`
      return { moved: names.length }
    },
  )
}

/** Ids of the usual pouches by name, in the case that new things are put in; those that are not there are made. */
export async function usualPouches(act: Act): Promise<Map<string, string>> {
  const all = await placesSound(act.tx)
  const inCase = all.filter(p => p.parentId === USUAL_PLACE)
  const ids = new Map<string, string>()
  for (const [position, name] of USUAL_POUCHES.entries()) {
    const there = inCase.find(p => p.name === name)
    const made =
      there ?? (await act.insert('places', { id: newId(), sort: 'pouch', name, parentId: USUAL_PLACE, position }))
    ids.set(name, made.id)
  }
  return ids
}

/** The pouch of a kind, of those that there are. */
export const pouchFor = (pouches: ReadonlyMap<string, string>, kind: OwnedKind): string =>
  pouches.get(usualPouchFor(kind)) ?? USUAL_PLACE
