import { and, gte, isNotNull, sql } from 'drizzle-orm'
import type { Bag, Going } from '#core/bag/bag'
import { placesFor } from '#core/bag/ease'
import type { Packed, PackQuestion } from '#core/bag/pack'
import { worthAlong } from '#core/bag/worth'
import { totalHeft, within } from '#core/stock/things/places'
import type { Thing } from '#core/stock/things/thing'
import type { BagFull, BagOver, BagPlace } from '#shared/records/days/bags'
import type { PlaceLine } from '#shared/records/kit/things'
import { computeForPage, type Asking } from '../../compute/pool'
import { db } from '../../db/connection'
import { uses } from '../../db/schema'

/* Where a bag is too heavy or too full, and what mends it for the least loss. */

const YEAR_MS = 365 * 86_400_000
/** How often each unit was used in the last year. */
async function usesByUnit(): Promise<Map<string, number>> {
  const rows = await db
    .select({ unitId: uses.unitId, times: sql<number>`count(*)` })
    .from(uses)
    .where(and(isNotNull(uses.unitId), gte(uses.at, new Date(Date.now() - YEAR_MS).toISOString())))
    .groupBy(uses.unitId)
  return new Map(rows.map(r => [r.unitId!, r.times]))
}

const SOLVE_MS = 3000
/** Each case that is too heavy or too full for what goes, with what to leave of it for the least loss. */
export async function overIn(
  { going }: Bag,
  places: readonly BagPlace[],
  lines: readonly PlaceLine[],
  toOf: (t: Thing) => string | null,
  asking: Asking,
): Promise<BagOver[]> {
  const over: BagOver[] = []
  const used = await usesByUnit()
  for (const { id, name, limits, packed, depth } of places) {
    const overG = limits.limitG === null ? 0 : packed.massG - limits.limitG
    const overMl = limits.volumeMl === null ? 0 : packed.roomMl - limits.volumeMl
    if (depth > 0 || (overG <= 0 && overMl <= 0)) continue
    const inside = within(lines, id)
    const here = going.filter(g => inside.has(toOf(g.of) ?? ''))
    const answer = await choiceOf(
      {
        things: here.map(g => ({ ...sizeOf(g), ...worthOf(g, used) })),
        bags: [{ id, volumeMl: limits.volumeMl ?? ANY, limitG: limits.limitG ?? ANY }],
      },
      asking,
    )
    const left = new Set(answer.left)
    const leave = answer.feasible
      ? here.filter(g => left.has(g.of.id))
      : here.filter(g => worthOf(g, used).must !== true)
    over.push({
      placeId: id,
      name,
      overG: Math.max(0, overG),
      overMl: Math.max(0, overMl),
      leave: leave
        .map(g => ({ unitId: g.of.id, name: g.of.name, count: g.count, massG: g.massG, uses: used.get(g.of.id) ?? 0 }))
        .sort((x, y) => y.massG - x.massG),
      leaveG: totalHeft(leave).massG,
      proven: answer.proof.optimal,
      impossible: answer.feasible ? null : (answer.missing ?? { massG: 0, volumeMl: 0 }),
    })
  }
  return over
}
// As good as no limit, and a number that a file can hold.
const ANY = 1e9
/** As the question of what to pack takes it: ten thousand sets of ten thousand are no thing to be carried, and no reason to refuse the day. */
const sizeOf = ({ of, roomMl, massG }: Going) => ({
  id: of.id,
  volumeMl: Math.min(roomMl, ANY),
  massG: Math.min(massG, ANY),
})

const worthOf = ({ of, why }: Going, used: ReadonlyMap<string, number>) =>
  why === 'plans' || why === 'day'
    ? { worth: 0, must: true }
    : { worth: worthAlong(of.kind, why, used.get(of.id) ?? 0) }

/** The choice that is worth most, worked out in a computing thread. */
async function choiceOf(question: PackQuestion, asking: Asking): Promise<Packed> {
  const answer = await computeForPage('pack', { ...question, timeLimitMs: SOLVE_MS }, asking)
  return JSON.parse(Buffer.from(answer).toString()) as Packed
}

/** What lies in the hand first stays where it belongs; an ordinary thing of the core is moved before it. */
const BELONGS: Readonly<Record<Going['why'], number>> = { plans: 4, day: 4, spare: 2, core: 1, everything: 1 }

/** Whether anything in a pouch goes on faces; null where it is empty. */
const likeIn = (going: readonly Going[]) => (going.length === 0 ? null : going.some(g => g.of.sort === 'cosmetic'))

/** Each pouch that does not close over its contents, and which of them could lie elsewhere in the same case. */
export async function fullIn(
  { going }: Bag,
  places: readonly BagPlace[],
  lines: readonly PlaceLine[],
  { toOf, isAlong }: { toOf: (t: Thing) => string | null; isAlong: (t: Thing) => boolean },
  asking: Asking,
): Promise<BagFull[]> {
  const full: BagFull[] = []
  const isOver = ({ packed, limits }: BagPlace) =>
    packed.roomMl > (limits.volumeMl ?? ANY) || packed.massG > (limits.limitG ?? ANY)
  for (const root of places.filter(p => p.depth === 0)) {
    const inside = within(lines, root.id)
    const pouches = places.filter(p => p.depth > 0 && inside.has(p.id))
    const room = pouches
      .filter(p => !isOver(p))
      .map(({ id, limits, packed }) => ({
        id,
        cosmetic: likeIn(going.filter(g => toOf(g.of) === id)),
        roomMl: (limits.volumeMl ?? ANY) - packed.roomMl,
        massG: (limits.limitG ?? ANY) - packed.massG,
      }))
    for (const { id, name, limits } of pouches.filter(isOver)) {
      const here = going.filter(g => toOf(g.of) === id)
      const answer = await choiceOf(
        {
          // What is still to be brought can only be moved once it is there.
          things: here.map(g => ({ ...sizeOf(g), worth: BELONGS[g.why], must: !isAlong(g.of) })),
          bags: [{ id, volumeMl: limits.volumeMl ?? ANY, limitG: limits.limitG ?? ANY }],
        },
        asking,
      )
      const left = new Set(answer.feasible ? answer.left : [])
      const moved = here.filter(g => left.has(g.of.id))
      const to = placesFor(
        moved.map(g => ({ id: g.of.id, roomMl: g.roomMl, massG: g.massG, cosmetic: g.of.sort === 'cosmetic' })),
        room,
        root.id,
      )
      full.push({
        placeId: id,
        name,
        move: moved.map(g => ({ unitId: g.of.id, name: g.of.name, count: g.count, to: to.get(g.of.id)! })),
      })
    }
  }
  return full
}
