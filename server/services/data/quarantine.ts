import { and, eq, isNull } from 'drizzle-orm'
import type { OwnedProduct } from '#shared/records/kit/kit'
import type { SetAside } from '#shared/records/record/stored'
import { db, write } from '../../db/connection'
import * as tables from '../../db/schema'
import { Conflict, Missing } from '../../base/problems'
import { allPurchases, readCatalogue, offerColumns, offeredProduct, SIMULATED_CATALOGUE } from '../buying/buys'
import { now } from '../record/clock'
import { errorDetail, log } from '../../base/log'
import { readAllFaces } from '../people/faces'
import { allJobs } from '../jobs/jobs'
import { placesSound } from '../kit/places'
import { kitProducts, ownedOf, unitOf, type CosmeticRow } from '../kit/owned'
import { standingListsKept } from '../kit/standingLists'
import { allTicks } from '../jobs/ticks'
import { standardsKept } from '../plans/standards'
import { allTests, readAllPlanBodies } from '../plans/plans'
import { quarantinedRow, mended, release, quarantined, validRows, type Mend, type SortName } from '../record/validRows'

/* What was set aside, offered for mending: each act concerns one row of one table, named by what it is. */

/** The key of each is what it is named by. */
const TABLES = {
  product: tables.products,
  gear: tables.products,
  place: tables.places,
  unit: tables.units,
  fill: tables.fills,
  offer: tables.offers,
  supplier: tables.suppliers,
  face: tables.faces,
  reading: tables.readings,
  recipe: tables.recipes,
  seen: tables.seenVerdicts,
  history: tables.faceHistory,
  standard: tables.standards,
  standingList: tables.standingLists,
  job: tables.jobs,
  booking: tables.bookings,
  tick: tables.ticks,
  plan: tables.plans,
  planBody: { ...tables.planBodies, id: tables.planBodies.planId },
  picture: tables.pictures,
  palette: tables.paletteTests,
  flash: tables.flashTests,
  mix: tables.measuredMixes,
  purchase: tables.purchases,
  line: tables.purchaseLines,
} as const satisfies Record<SortName, unknown>

/** The table itself, without the remarks on its key. */
const tableOf = (sort: SortName) => (sort === 'planBody' ? tables.planBodies : TABLES[sort])

/** Reads everything there is, a little at a time, so that what cannot be used is known. */
async function lookThrough(rest: () => Promise<void>): Promise<void> {
  const readers = [
    kitProducts,
    readAllFaces,
    allTests,
    readCatalogue,
    () => allPurchases(),
    readAllPlanBodies,
    () => allJobs(''),
    () => standardsKept(),
    () => standingListsKept(),
    () => allTicks(),
    () => placesSound(),
  ]
  for (const read of readers) {
    await read(rest)
    await rest()
  }
}

const atOnce = () => Promise.resolve()

// Of the one thread that answers everybody it takes a fifteenth; what is little is through at once all the same.
const REST = 14
const LITTLE_MS = 400
/** Rests a good deal longer than it worked since it rested last. */
function resting(): () => Promise<void> {
  const begun = performance.now()
  let since = begun
  return async () => {
    const worked = performance.now() - since
    if (performance.now() - begun > LITTLE_MS) await new Promise(resolve => setTimeout(resolve, worked * REST))
    since = performance.now()
  }
}

let looking: Promise<void> | null = null
/** Checks every row in the background; a question meanwhile waits a moment for it. */
export function lookThroughBeside(): void {
  looking = lookThrough(resting()).catch((problem: unknown) =>
    log('warning', 'not looked through', errorDetail(problem)),
  )
}
const WAIT_MS = 1000

/** What cannot be used, as far as it is known by now; nothing waits for it. */
export async function knownSetAside(): Promise<SetAside[]> {
  if (!looking) lookThroughBeside()
  await Promise.race([looking, new Promise(resolve => setTimeout(resolve, WAIT_MS))])
  return told()
}
const told = (): Promise<SetAside[]> => Promise.all(quarantined().map(toldWhole))

/** Reads everything there is and tells what cannot be used. */
export async function allSetAside(): Promise<SetAside[]> {
  await lookThrough(atOnce)
  return told()
}

/** Holds one row against its class again. */
async function lookAgain(sort: SortName, id: string): Promise<void> {
  release(sort, id)
  const table = tableOf(sort)
  const rows = (await db.select().from(table).where(eq(TABLES[sort].id, id))) as {
    deletedAt?: string | null
    bytes?: unknown
  }[]
  const there = rows.filter(r => !r.deletedAt).map(({ bytes: _large, ...row }) => ({ ...row, id }))
  // Products and gear share a table: a row is held against the class of its own sort alone.
  const isOf = (row: object) =>
    !('sort' in row) || (sort !== 'product' && sort !== 'gear') || (row.sort === 'cosmetic') === (sort === 'product')
  await validRows(sort, there.filter(isOf))
}

async function toldWhole(record: SetAside): Promise<SetAside> {
  const own = record.sort === 'product' ? await byHand(record.id) : null
  if (own) return { ...record, record: own }
  return offered(record) ? { ...record, proposal: AS_OFFERED } : record
}

/** A bottle as it would be once put right, for the form; null where that is not known, or nobody owns it. */
async function byHand(id: string): Promise<OwnedProduct | null> {
  const found = quarantinedRow('product', id)
  const mends = found && mended('product', found.row, found.issues)
  if (!mends) return null
  const held = await db
    .select({ unit: tables.units, fill: tables.fills })
    .from(tables.units)
    .innerJoin(tables.fills, eq(tables.fills.unitId, tables.units.id))
    .where(and(eq(tables.fills.productId, id), isNull(tables.units.deletedAt)))
  if (held.length === 0) return null
  const row = { ...found.row, ...columnsFor(mends) } as CosmeticRow
  return ownedOf(
    row,
    held.map(h => unitOf(h.unit, h.fill)),
    held[0]!.unit.ownerFaceId,
  )
}

/** What putting right writes; a colour is three columns. */
const columnsFor = (mends: readonly Mend[]) =>
  Object.fromEntries(mends.flatMap(({ field, to }) => (field === 'lab' ? Object.entries(to as object) : [[field, to]])))

/** What a simulated supplier offers is known without the row. */
const offered = ({ sort, id }: Pick<SetAside, 'sort' | 'id'>) =>
  sort === 'offer'
    ? SIMULATED_CATALOGUE.find(o => o.id === id)
    : sort === 'product'
      ? SIMULATED_CATALOGUE.find(o => o.productId === id)
      : undefined
const AS_OFFERED = [{ field: 'the offer', from: 'what stands there', to: 'as its simulated supplier has it' }]

/** Puts a row right as was proposed. */
export async function mend(sort: SortName, id: string): Promise<SetAside[]> {
  const found = quarantinedRow(sort, id)
  // What is owned is put right as it was; what is only offered, as its supplier has it.
  const isOwned = sort === 'product' && (await byHand(id)) !== null
  const offer = found && !isOwned ? offered({ sort, id }) : undefined
  if (offer) {
    await write(tx =>
      sort === 'offer'
        ? tx.update(tables.offers).set(offerColumns(offer)).where(eq(tables.offers.id, id))
        : tx.update(tables.products).set(offeredProduct(offer)).where(eq(tables.products.id, id)),
    )
    await lookAgain(sort, id)
    return told()
  }
  const mends = found && mended(sort, found.row, found.issues)
  if (!found || !mends) throw new Missing('What was set aside')
  await write(tx => tx.update(tableOf(sort)).set(columnsFor(mends)).where(eq(TABLES[sort].id, id)))
  await lookAgain(sort, id)
  return told()
}

/** Takes a row out of the way: back into it with {@link putBack} where its table can, else for good. */
export async function putAway(sort: SortName, id: string): Promise<SetAside[]> {
  if (!quarantinedRow(sort, id)) throw new Missing('What was set aside')
  const table = tableOf(sort)
  const isIt = eq(TABLES[sort].id, id)
  await write(async tx => {
    if ('deletedAt' in table) await tx.update(table).set({ deletedAt: now() }).where(isIt)
    else if (sort === 'offer' || sort === 'supplier')
      throw new Conflict('What suppliers offer is not yours to take away.')
    else await tx.delete(table).where(isIt)
  })
  await lookAgain(sort, id)
  return told()
}

/** Undo of {@link putAway}: the row is set aside again. */
export async function putBack(sort: SortName, id: string): Promise<SetAside[]> {
  const table = tableOf(sort)
  if (!('deletedAt' in table)) throw new Missing('What was set aside')
  await write(tx => tx.update(table).set({ deletedAt: null }).where(eq(table.id, id)))
  await lookAgain(sort, id)
  return told()
}
