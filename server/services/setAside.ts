import { eq } from 'drizzle-orm'
import type { SetAside } from '#shared/records/stored'
import { write } from '../db/connection'
import { SIMULATED_OFFERS } from '../devices/simulatedSuppliers'
import * as tables from '../db/schema'
import { Conflict, Missing } from '../utils/problems'
import { allPurchases, catalogue } from './buys'
import { now } from './clock'
import { allFaces } from './faces'
import { kit } from './kit'
import { allTests } from './plans'
import { asideOf, mended, noLongerAside, setAside, type SortName } from './sound'

/* What was set aside, offered for mending: each act concerns one row of one table, named by what it is. */

const TABLES = {
  product: tables.products,
  offer: tables.offers,
  supplier: tables.suppliers,
  face: tables.faces,
  reading: tables.readings,
  recipe: tables.recipes,
  seen: tables.seenVerdicts,
  history: tables.faceHistory,
  plan: tables.plans,
  picture: tables.pictures,
  palette: tables.paletteTests,
  flash: tables.flashTests,
  mix: tables.measuredMixes,
  purchase: tables.purchases,
  line: tables.purchaseLines,
} as const satisfies Record<SortName, unknown>

/** Reads everything there is and tells what cannot be used as it stands. */
export async function allSetAside(): Promise<SetAside[]> {
  for (const read of [kit, allFaces, allTests, catalogue, allPurchases]) await read()
  return setAside().map(record => (offered(record) ? { ...record, proposal: AS_OFFERED } : record))
}

/** What a simulated supplier offers is known without the row. */
const offered = ({ sort, id }: Pick<SetAside, 'sort' | 'id'>) =>
  sort === 'offer' ? SIMULATED_OFFERS.find(o => o.id === id) : undefined
const AS_OFFERED = [{ field: 'the offer', from: 'what stands there', to: 'as its simulated supplier has it' }]

/** Puts a row right as was proposed. */
export async function mend(sort: SortName, id: string): Promise<SetAside[]> {
  const found = asideOf(sort, id)
  const offer = found && offered({ sort, id })
  if (offer) {
    const { lab, ...columns } = offer
    await write(tx =>
      tx
        .update(tables.offers)
        .set({ ...columns, ...lab })
        .where(eq(tables.offers.id, id)),
    )
    noLongerAside(sort, id)
    return allSetAside()
  }
  const mends = found && mended(sort, found.row, found.issues)
  if (!found || !mends) throw new Missing('What was set aside')
  const columns = Object.fromEntries(
    mends.flatMap(({ field, to }) => (field === 'lab' ? Object.entries(to as object) : [[field, to]])),
  )
  await write(tx => tx.update(TABLES[sort]).set(columns).where(eq(TABLES[sort].id, id)))
  noLongerAside(sort, id)
  return allSetAside()
}

/** Takes a row out of the way: back into it with {@link putBack} where its table can, else for good. */
export async function putAway(sort: SortName, id: string): Promise<SetAside[]> {
  if (!asideOf(sort, id)) throw new Missing('What was set aside')
  const table = TABLES[sort]
  await write(async tx => {
    if ('deletedAt' in table) await tx.update(table).set({ deletedAt: now() }).where(eq(table.id, id))
    else if (sort === 'offer' || sort === 'supplier')
      throw new Conflict('What suppliers offer is not yours to take away.')
    else await tx.delete(table).where(eq(table.id, id))
  })
  noLongerAside(sort, id)
  return allSetAside()
}

/** Undo of {@link putAway}: the row is set aside again. */
export async function putBack(sort: SortName, id: string): Promise<SetAside[]> {
  const table = TABLES[sort]
  if (!('deletedAt' in table)) throw new Missing('What was set aside')
  await write(tx => tx.update(table).set({ deletedAt: null }).where(eq(table.id, id)))
  return allSetAside()
}
