import { and, eq, isNull } from 'drizzle-orm'
import { usualMeasure } from '#core/stock/things/gear'
import { hasItsColour, sortOfKind, UNKNOWN_KIND, type OwnedKind } from '#core/stock/things/kinds'
import { readLine } from '#core/stock/list/readLine'
import { isCosmetic, type OwnedThing } from '#shared/records/kit/gear'
import {
  gearOfListed,
  isListedCosmetic,
  isListedGear,
  listedFrom,
  productOfListed,
  type ListedThing,
} from '#shared/records/kit/listed'
import { hasColour } from '#shared/records/kit/kit'
import type { KindInput } from '#shared/records/kit/things'
import { today } from '#shared/today'
import { fills, products, units } from '../../db/schema'
import { Missing } from '../../base/problems'
import { command, type Act } from '../record/command'
import { gearColumns } from './gear'
import { productColumns } from './kit'
import { thingNow } from './units'

/* What something turns out to be: a cosmetic that was taken for a tool, a supply nobody had sorted. */

/**
 * Changes the kind of a thing, and what hangs on it: what such a thing usually is, its colour where it has one, what its size counts. Its
 * name, where it is, how full and since when, its price and its list stay. The pans of a palette change with it, and so do others of the
 * same product.
 * @param unitId of the thing
 */
export function changeKind(unitId: string, { kind }: KindInput): Promise<{ name: string; kind: OwnedKind }> {
  return command(
    done => `${done.name} is known as ${kind === UNKNOWN_KIND ? 'something else' : kind} now.`,
    async act => {
      const [unit] = await act.tx
        .select()
        .from(units)
        .where(and(eq(units.id, unitId), isNull(units.deletedAt)))
      if (!unit) throw new Missing('This thing')
      const held = await act.tx.select({ id: fills.productId }).from(fills).where(eq(fills.unitId, unitId))
      const ids = [...new Set(held.map(h => h.id))]
      for (const id of ids) await become(act, await thingNow(act, id), kind)
      // What a palette is called by is a product that is in none.
      if (!ids.includes(unit.productId)) await act.update('products', unit.productId, { kind, sort: sortOfKind(kind) })
      const [product] = await act.tx
        .select({ name: products.shade })
        .from(products)
        .where(eq(products.id, unit.productId))
      return { name: product!.name, kind }
    },
  )
}

async function become(act: Act, before: OwnedThing, kind: OwnedKind): Promise<void> {
  // Its name may say more of it as what it is than it did as what it was.
  const read = readLine(before.shade, 0, today())!
  const thing: ListedThing = Object.assign(listedFrom({ ...read, name: before.shade, doubtful: [] }, kind), {
    name: before.shade,
    brand: before.brand,
    range: isCosmetic(before) ? before.range : '',
  })
  if (isListedCosmetic(thing)) await act.update('products', before.id, cosmeticColumns(before, thing))
  else if (isListedGear(thing))
    await act.update('products', before.id, gearColumns({ ...gearOfListed(thing), barcode: before.barcode ?? null }))
  const measure = usualMeasure(kind)
  for (const fill of await act.tx.select().from(fills).where(eq(fills.productId, before.id)))
    if (fill.measure !== measure) await act.update('fills', fill.id, { measure })
}

function cosmeticColumns(before: OwnedThing, thing: Parameters<typeof productOfListed>[0]) {
  const usual = productOfListed(thing)
  const seen = isCosmetic(before) && hasColour(before) && hasItsColour(thing.kind) ? before : null
  return {
    ...productColumns({
      ...usual,
      ...(seen ? { lab: seen.lab, colourSource: seen.colourSource } : {}),
      ...(isCosmetic(before) ? { inci: before.inci, flagFixes: before.flagFixes } : {}),
      barcode: before.barcode ?? null,
    }),
    sort: 'cosmetic' as const,
    shape: '' as const,
    porous: null,
    percent: null,
  }
}
