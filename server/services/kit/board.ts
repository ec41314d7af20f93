import { inOrder, limitsOf, totalHeft, within } from '#core/stock/things/places'
import { doubledProducts, mayDouble, noticesOf, type Notice } from '#core/stock/ends/notices'
import { isPast, isUsed, type Thing } from '#core/stock/things/thing'
import type { Board, BoardPlace, Standing } from '#shared/records/kit/things'
import { today } from '#shared/today'
import { giveTurn } from '../../db/turns'
import { command } from '../record/command'
import { moveAll } from './moving'
import { placeLines, pouchFor, usualPouches } from './places'
import { allThings } from './things'
import { USUAL_PLACE } from './units'
import { untilWritten } from '../record/untilWritten'

/* The kit as it stands: what is in each place, in sum and by the thing, and what needs a word. */

function standing(things: readonly Thing[]): Standing {
  let worthMinor = 0
  for (const t of things) worthMinor += t.priceMinor ?? 0
  return { ...totalHeft(things), count: things.length, worthMinor }
}
const together = (parts: readonly Standing[]): Standing => ({
  ...totalHeft(parts),
  count: parts.reduce((sum, p) => sum + p.count, 0),
  worthMinor: parts.reduce((sum, p) => sum + p.worthMinor, 0),
})

// More than fit on a screen are asked for by the place.
const DRAWN = 60

/** The kit as it stands: places in order with what is in them, and what needs a word. */
export const board = untilWritten(readBoard, today)

async function readBoard(): Promise<Board> {
  const day = today()
  const lines = await placeLines()
  const all = await allThings()
  const nowhere: Thing[] = []
  const at = new Map<string | null, Thing[]>(lines.map(p => [p.id, []]))
  let past = 0
  for (const t of all) {
    if (!isUsed(t)) continue
    if (isPast(t, day)) past++
    ;(at.get(t.placeId) ?? nowhere).push(t)
  }
  const here = new Map([...at].map(([id, things]) => [id, standing(things)]))
  const inside = new Map(lines.map(p => [p.id, together([...within(lines, p.id)].map(id => here.get(id)!))]))
  const placesDrawn = inOrder(lines).map(({ place, depth }): BoardPlace => ({
    ...place,
    depth,
    limits: limitsOf(place.sort, place.own),
    here: here.get(place.id)!,
    within: inside.get(place.id)!,
    things: at.get(place.id)!.slice(0, DRAWN),
  }))
  await giveTurn()
  const count = nowhere.length + [...here.values()].reduce((sum, p) => sum + p.count, 0)
  return {
    places: placesDrawn,
    nowhere: { here: standing(nowhere), things: nowhere.slice(0, DRAWN) },
    count,
    placesUsed: placesDrawn.filter(p => p.depth === 0 && p.within.count > 0).length,
    retired: all.length - count,
    past,
    notices: shortened(noticesOf(all, lines, day, { alike: doubledNow(all), heftWithin: inside })),
  }
}

/** Colours that are there twice change with colours, not with where things are. */
function doubledNow(things: readonly Thing[]): readonly (readonly string[])[] {
  const seen = mayDouble(things)
  const before = doubled
  if (before?.seen.length === seen.length && seen.every((t, i) => looksAs(before.seen[i]!, t))) return before.groups
  doubled = { seen, groups: doubledProducts(things) }
  return doubled.groups
}
let doubled: { seen: readonly Thing[]; groups: string[][] } | null = null
const looksAs = (x: Thing, y: Thing): boolean =>
  x === y
  || (x.productId === y.productId
    && x.kind === y.kind
    && x.family === y.family
    && x.finish === y.finish
    && x.lab!.L === y.lab!.L
    && x.lab!.a === y.lab!.a
    && x.lab!.b === y.lab!.b)

// A list of what needs a word that is longer than a day is read by nobody; each kind of it shows its most pressing.
const OF_A_KIND = 12
function shortened(notices: readonly Notice[]): Notice[] {
  const seen = new Map<string, number>()
  return notices.filter(n => {
    const count = (seen.get(n.what) ?? 0) + 1
    seen.set(n.what, count)
    return count <= OF_A_KIND
  })
}

/** Everything that is loose in the case or has no place goes where its kind usually does. */
export function sortIntoPouches(): Promise<{ moved: number }> {
  let count = 0
  return command(
    () => `${count === 1 ? 'One thing is' : `${count} things are`} in the pouch of their kind now.`,
    async act => {
      const pouches = await usualPouches(act)
      const loose = (await allThings()).filter(t => isUsed(t) && (t.placeId === null || t.placeId === USUAL_PLACE))
      await moveAll(
        act,
        loose.map(t => ({ unitId: t.id, to: pouchFor(pouches, t.kind) })),
      )
      count = loose.length
      return { moved: count }
    },
  )
}
