import { USED_BEFORE } from '#core/stock/ends/deadWeight'
import { and, asc, eq, inArray, isNull } from 'drizzle-orm'
import type { ImportedLine, ImportInput, ImportOutcome } from '#shared/records/kit/imported'
import { db } from '../../db/connection'
import { fills, products, units } from '../../db/schema'
import { newId } from '../record/clock'
import { insertAll, updateAll } from '../record/bulk'
import { command, type Act } from '../record/command'
import type { FillRow, ProductRow, UnitRow } from './importColumns'
import { Importing, type Held } from './importing'
import { ImportPlaces } from './importPlaces'
import { placesSound } from '../kit/places'
import { USUAL_PLACE } from '../kit/units'

/* An imported table: compared with the kit (importing.ts), then previewed or written as one act. */

type Reader = Pick<typeof db, 'select'>
/** What of the kit a row may name; what went out of it is named by its id alone, and comes back. */
async function kitHeld(from: Reader): Promise<{ held: Held[]; palettes: { unit: UnitRow; product: ProductRow }[] }> {
  const mine = and(isNull(units.ownerFaceId), isNull(products.deletedAt))
  const held = await from
    .select({ unit: units, fill: fills, product: products })
    .from(units)
    .innerJoin(fills, eq(fills.unitId, units.id))
    .innerJoin(products, eq(fills.productId, products.id))
    .where(mine)
    .orderBy(asc(units.createdAt), asc(units.id), asc(fills.position))
  const palettes = new Set(held.filter(h => h.unit.productId !== h.fill.productId).map(h => h.unit.id))
  const rows = await from
    .select({ unit: units, product: products })
    .from(units)
    .innerJoin(products, eq(units.productId, products.id))
    .where(mine)
  return { held, palettes: rows.filter(r => palettes.has(r.unit.id)) }
}

async function reckon(from: Reader, { things, places: written }: ImportInput) {
  const there = await placesSound(from)
  const places = new ImportPlaces(there, written)
  const { held, palettes } = await kitHeld(from)
  const named = await byIds(from, [...new Set(things.flatMap(t => t.productId ?? []))])
  const importing = new Importing(
    held,
    palettes,
    places,
    there.some(p => p.id === USUAL_PLACE),
    named,
  )
  importing.take(things)
  return { importing, places }
}

const SHOWN = 300
function outcomeOf({ importing, places }: Awaited<ReturnType<typeof reckon>>): ImportOutcome {
  const does = (what: ImportedLine['does']) => importing.lines.filter(l => l.does === what)
  return {
    made: does('new').length,
    changed: does('changed').length,
    same: does('same').length,
    lines: [...does('changed'), ...does('new')].slice(0, SHOWN),
    places: places.made.map(p => p.name),
  }
}

/** Takes the rows of a table into the kit as one act, or looks what that would do. */
export async function importThings(input: ImportInput): Promise<ImportOutcome> {
  if (input.onlyLook) return outcomeOf(await reckon(db, input))
  let words = ''
  return command(
    () => words,
    async act => {
      const reckoned = await reckon(act.tx, input)
      await write(act, reckoned)
      const outcome = outcomeOf(reckoned)
      words = `A table is taken in: ${outcome.made} new, ${outcome.changed} changed.`
      return outcome
    },
  )
}

async function write(act: Act, { importing, places }: Awaited<ReturnType<typeof reckon>>): Promise<void> {
  for (const { id, parentId, sort, name, position, volumeMl, limitG } of places.made) {
    // A place of this id that was taken away is there again.
    const again = await act.update('places', id, { parentId, sort, name, position, volumeMl, limitG, deletedAt: null })
    if (!again) await act.insert('places', { id, parentId, sort, name, position, volumeMl, limitG })
  }
  for (const { id, set } of places.changed) await act.update('places', id, set)
  await freeIds(act, importing)
  const names = new Map(importing.named.map(p => [p.id, p.shade]))
  const nameOf = (id: string) => names.get(id) ?? 'another of a product'
  const { changed } = importing
  await updateAll(act, 'products', changed.products, p => p.shade)
  await updateAll(act, 'units', changed.units, u => nameOf(u.productId))
  await updateAll(act, 'fills', changed.fills, f => nameOf(f.productId))
  await insertAll(act, 'products', importing.products, p => p.shade)
  await insertAll(act, 'units', importing.units, u => nameOf(u.productId))
  // What was decanted comes after what it was decanted from, wherever it is.
  const ids = new Set(importing.fills.map(f => f.id))
  const known = await knownFills(act, importing.fills)
  const sources = importing.fills.map(f => ({
    ...f,
    fromFillId: f.fromFillId && (ids.has(f.fromFillId) || known.has(f.fromFillId)) ? f.fromFillId : null,
  }))
  await insertAll(
    act,
    'fills',
    sources.map(f => ({ ...f, fromFillId: null })),
    f => nameOf(f.productId),
  )
  for (const f of sources) if (f.fromFillId) await act.update('fills', f.id, { fromFillId: f.fromFillId })
  await insertAll(act, 'pans', importing.pans, p => nameOf(p.productId))
  for (const { unitId, fillId, at } of importing.usedBefore)
    await act.insert('uses', { id: newId(), unitId, fillId, at, note: USED_BEFORE })
}

const AT_ONCE = 500
async function byIds(from: Reader, ids: readonly string[]): Promise<ProductRow[]> {
  const found: ProductRow[] = []
  for (let at = 0; at < ids.length; at += AT_ONCE)
    found.push(
      ...(await from
        .select()
        .from(products)
        .where(and(inArray(products.id, ids.slice(at, at + AT_ONCE)), isNull(products.deletedAt)))),
    )
  return found
}

async function knownFills(act: Act, all: readonly FillRow[]): Promise<Set<string>> {
  const wanted = [...new Set(all.flatMap(f => f.fromFillId ?? []))]
  const found = new Set<string>()
  for (let from = 0; from < wanted.length; from += AT_ONCE) {
    const part = wanted.slice(from, from + AT_ONCE)
    for (const { id } of await act.tx.select({ id: fills.id }).from(fills).where(inArray(fills.id, part))) found.add(id)
  }
  return found
}

/** An id that once stood for something that went keeps standing for it: what comes anew has a new one. */
async function freeIds(act: Act, importing: Importing): Promise<void> {
  const fresh = async (table: typeof units | typeof fills | typeof products, rows: { id: string }[]) => {
    const renamed = new Map<string, string>()
    for (let from = 0; from < rows.length; from += AT_ONCE) {
      const part = rows.slice(from, from + AT_ONCE).map(r => r.id)
      for (const { id } of await act.tx.select({ id: table.id }).from(table).where(inArray(table.id, part)))
        renamed.set(id, newId())
    }
    for (const row of rows) row.id = renamed.get(row.id) ?? row.id
    return (id: string) => renamed.get(id) ?? id
  }
  const product = await fresh(products, importing.products)
  const unit = await fresh(units, importing.units)
  const fill = await fresh(fills, importing.fills)
  for (const u of importing.units) u.productId = product(u.productId)
  for (const f of importing.fills)
    Object.assign(f, {
      unitId: unit(f.unitId),
      productId: product(f.productId),
      fromFillId: f.fromFillId && fill(f.fromFillId),
    })
  for (const u of importing.usedBefore) Object.assign(u, { unitId: unit(u.unitId), fillId: fill(u.fillId) })
  for (const p of importing.pans) Object.assign(p, { paletteId: product(p.paletteId), productId: product(p.productId) })
}
