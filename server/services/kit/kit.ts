import { and, eq, isNull } from 'drizzle-orm'
import type { Traits } from '#core/stock/things/usual'
import type { OwnedThing } from '#shared/records/kit/gear'
import {
  hasColour,
  type ChangeAllInput,
  type OwnedProduct,
  type OwnedProductInput,
  type RangeInput,
} from '#shared/records/kit/kit'
import { db } from '../../db/connection'
import { fills, offers, products, rangesApart, units } from '../../db/schema'
import { Missing } from '../../base/problems'
import { expectVersion } from '../../base/stale'
import { newId, now } from '../record/clock'
import { command, type Act } from '../record/command'
import { ownedAmong, ownedById, thingsById, type CosmeticRow } from './owned'
import { present } from '../record/present'
import { addUnitOf, fillColumns, unitColumns } from './units'

/* The acts on the products of the kit: what they are, and what is in the unit a drop comes from. */

type Reader = Pick<typeof db, 'select'>

/** One thing of the kit or brought, with its units. @throws Missing */
export const thingById = async (id: string): Promise<OwnedThing> => (await thingsById(db, [id], 'This bottle'))[0]!

export const rangesThatSeparate = (from: Reader = db) =>
  from.select({ brand: rangesApart.brand, range: rangesApart.range }).from(rangesApart)

/** The fields of a product's form as columns. */
export function productColumns({ kind, brand, range, shade, lab, colourSource, ...input }: OwnedProductInput) {
  const { coverage, family, finish, inci, flagFixes, traits, strength, barcode } = input
  const colour = hasColour({ colourSource }) ? { L: lab.L, a: lab.a, b: lab.b } : { L: null, a: null, b: null }
  return {
    kind,
    brand,
    range,
    shade,
    ...colour,
    colourSource,
    coverage,
    family,
    finish,
    inci,
    flagFixes,
    strength,
    barcode: barcode ?? null,
    traits: saidOf(traits ?? {}),
  }
}

/** Fields for which "not known" is an answer; left empty, any other is what the kind usually is. */
const MAY_BE_UNKNOWN = ['wearHours', 'spf', 'paoMonths']
const saidOf = (traits: Partial<Traits>): Partial<Traits> =>
  Object.fromEntries(
    Object.entries(traits).filter(([k, v]) => v !== undefined && (v !== null || MAY_BE_UNKNOWN.includes(k))),
  )

/**
 * The product that a form names: one that is offered under the very same names and owned by nobody yet, else a new one. So a
 * bottle typed in is the one a supplier sells.
 */
async function productFor(act: Act, input: OwnedProductInput, brought: boolean): Promise<CosmeticRow> {
  const known = brought || !input.brand.trim() || !input.range.trim() ? undefined : await offeredAs(act, input)
  const columns = productColumns(input)
  const row = known
    ? (await act.update('products', known, columns))!
    : await act.insert('products', { id: newId(), createdAt: now(), ...columns })
  return { ...row, kind: input.kind }
}

async function offeredAs(act: Act, input: OwnedProductInput): Promise<string | undefined> {
  const { id, brand, range, shade } = products
  const offered = await act.tx
    .select({ id, brand, range, shade })
    .from(products)
    .innerJoin(offers, eq(offers.productId, products.id))
    .leftJoin(fills, eq(fills.productId, products.id))
    .where(and(eq(products.kind, input.kind), isNull(fills.id), isNull(products.deletedAt)))
  // Not in SQL, for which É and é are two letters.
  const same = (x: string, y: string) => x.trim().toLowerCase() === y.trim().toLowerCase()
  return offered.find(o => same(o.brand, input.brand) && same(o.range, input.range) && same(o.shade, input.shade))?.id
}

const oneOf = async (act: Act, id: string): Promise<OwnedProduct> => (await ownedById(act.tx, [id]))[0]!

export function addProduct(input: OwnedProductInput): Promise<OwnedProduct> {
  return command(
    p => `${p.shade} is in the kit.`,
    async act => {
      const product = await productFor(act, input, false)
      await addUnitOf(act, product, input)
      return oneOf(act, product.id)
    },
  )
}

/** What a face brings along: weighed for that face only, no part of the kit. */
export function addOwnProduct(faceId: string, input: OwnedProductInput): Promise<OwnedProduct> {
  return command(
    p => `${p.shade} is on the record.`,
    async act => {
      await present(act.tx, faceId)
      const product = await productFor(act, input, true)
      await addUnitOf(act, product, input, { ownerFaceId: faceId })
      return oneOf(act, product.id)
    },
  )
}

/** Changes a product, and the unit a drop comes from. What was set aside is put right by hand that way. */
async function change(act: Act, id: string, input: OwnedProductInput): Promise<void> {
  const [before] = await ownedAmong(act.tx, [id])
  if (before) expectVersion(before.shade, before, input.version)
  const unit = before?.units[0] ?? (await unsoundUnit(act, id))
  await act.update('products', id, productColumns(input))
  // The price of a palette is not that of a pan.
  const isPan = before?.units[0]?.inside != null
  await act.update('units', unit.id, isPan ? { notes: input.notes } : unitColumns(input))
  await act.update(
    'fills',
    unit.fillId,
    fillColumns(input.kind, { ...input, measure: input.measure ?? before?.measure }),
  )
}

export function changeProduct(id: string, input: OwnedProductInput): Promise<OwnedProduct> {
  return command(`${input.shade} is changed.`, async act => {
    await change(act, id, input)
    return oneOf(act, id)
  })
}

/** A unit of a product, whatever else stands in its rows. @throws Missing where nobody owns it */
async function unsoundUnit(act: Act, productId: string): Promise<{ id: string; fillId: string }> {
  const [unit] = await act.tx
    .select({ id: units.id, fillId: fills.id })
    .from(units)
    .innerJoin(fills, eq(fills.unitId, units.id))
    .where(and(eq(fills.productId, productId), isNull(units.deletedAt)))
    .orderBy(units.createdAt, units.id)
    .limit(1)
  if (!unit) throw new Missing('This bottle')
  return unit
}

/** Several bottles changed as one act. */
export function changeAll({ products, asMeasured }: ChangeAllInput): Promise<OwnedProduct[]> {
  const ids = products.map(p => p.id)
  const [who, are] = products.length === 1 ? [products[0]!.shade, 'is'] : [`${products.length} bottles`, 'are']
  const pull = products.length === 1 ? 'pulls as it was' : 'pull as they were'
  return command(asMeasured ? `${who} ${pull} measured to.` : `${who} ${are} changed.`, async act => {
    for (const input of products) await change(act, input.id, input)
    return ownedById(act.tx, ids)
  })
}

export function setRange({ brand, range, mixes }: RangeInput): Promise<{ brand: string; range: string }[]> {
  return command(mixes ? `${range} mixes with itself.` : `${range} separates.`, async act => {
    const [known] = await act.tx
      .select({ id: rangesApart.id })
      .from(rangesApart)
      .where(and(eq(rangesApart.brand, brand), eq(rangesApart.range, range)))
    if (mixes && known) await act.remove('rangesApart', known.id)
    else if (!mixes && !known) await act.insert('rangesApart', { id: newId(), brand, range })
    return rangesThatSeparate(act.tx)
  })
}
