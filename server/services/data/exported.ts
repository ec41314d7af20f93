import { and, asc, eq, isNull } from 'drizzle-orm'
import { hasColour } from '#shared/records/kit/kit'
import { KIT_FORMAT, KIT_VERSION, type ImportedThing, type KitFile } from '#shared/records/kit/imported'
import { kitCsv } from '#shared/asked/kitTable'
import { db } from '../../db/connection'
import { fills, products, units } from '../../db/schema'
import { now } from '../record/clock'
import type { FillRow, ProductRow, UnitRow } from './importColumns'
import { placesSound } from '../kit/places'
import { settings } from '../record/settings'
import { validRows } from '../record/validRows'

/* The kit written out, as a file that this or another program reads: see docs/formats.md. */

type Row = { unit: UnitRow; fill: FillRow; product: ProductRow }

export async function kitFile(): Promise<KitFile> {
  const places = await placesSound()
  const paths = new Map(places.map(p => [p.id, pathTo(places, p.id)]))
  const rows = await db
    .select({ unit: units, fill: fills, product: products })
    .from(units)
    .innerJoin(fills, eq(fills.unitId, units.id))
    .innerJoin(products, eq(fills.productId, products.id))
    .where(and(isNull(units.deletedAt), isNull(units.ownerFaceId), isNull(products.deletedAt)))
    .orderBy(asc(units.createdAt), asc(units.id), asc(fills.position))
  const usable = await soundRows(rows)
  const palettes = new Map<string, ProductRow>()
  for (const { unit, fill } of usable)
    if (unit.productId !== fill.productId && !palettes.has(unit.productId)) {
      const [of] = await db.select().from(products).where(eq(products.id, unit.productId))
      if (of) palettes.set(of.id, of)
    }
  const told = new Set<string>()
  const things = usable.flatMap(({ unit, fill, product }, i) => {
    const of = unit.productId === fill.productId ? undefined : palettes.get(unit.productId)
    const path = unit.placeId ? paths.get(unit.placeId) : undefined
    if (!of)
      return [
        {
          ...productOf(product),
          ...unitOf(unit, path),
          ...fillOf(fill),
          ...numbered(unit.id, i),
          ...detailsOf(unit, fill, product),
        },
      ]
    const pan = {
      ...productOf(product),
      ...fillOf(fill),
      ...numbered(fill.id, i),
      palette: unit.id,
      ...detailsOf(null, fill, product),
    }
    if (told.has(unit.id)) return [pan]
    told.add(unit.id)
    const whole = { ...productOf(of), ...unitOf(unit, path), ...numbered(unit.id, i), ...detailsOf(unit, null, of) }
    return [whole, pan]
  })
  return {
    format: KIT_FORMAT,
    version: KIT_VERSION,
    exportedAt: now(),
    currency: (await settings()).currency,
    places: places.map(({ own, version: _version, ...place }) => without({ ...place, ...own })),
    things: things.map(t => without(t)),
  }
}

/** The same as a table. */
export const kitTable = async (): Promise<string> => kitCsv((await kitFile()).things)

async function soundRows(rows: readonly Row[]): Promise<Row[]> {
  const good = async (sort: 'unit' | 'fill' | 'product' | 'gear', list: { id: string }[]) =>
    new Set((await validRows(sort, list)).map(r => r.id))
  const known = await good(
    'unit',
    rows.map(r => r.unit),
  )
  const full = await good(
    'fill',
    rows.map(r => r.fill),
  )
  const isOf = (r: Row) => r.product.sort === 'cosmetic'
  const worn = await good(
    'product',
    rows.filter(isOf).map(r => r.product),
  )
  const gear = await good(
    'gear',
    rows.filter(r => !isOf(r)).map(r => r.product),
  )
  return rows.filter(
    r => known.has(r.unit.id) && full.has(r.fill.id) && (worn.has(r.product.id) || gear.has(r.product.id)),
  )
}

const pathTo = (places: readonly { id: string; parentId: string | null; name: string }[], id: string): string[] => {
  const path: string[] = []
  // A ring of places, from a file edited by hand, ends.
  for (let at = places.find(p => p.id === id); at && path.length < 20; at = places.find(p => p.id === at!.parentId))
    path.unshift(at.name)
  return path
}

/** Without what is not known, so that it says nothing where it is taken in. */
const without = <T extends object>(row: T): T =>
  Object.fromEntries(Object.entries(row).filter(([, v]) => v !== null && v !== undefined)) as T

const numbered = (id: string, i: number) => ({ row: i + 1, id })

function productOf(p: ProductRow): Pick<ImportedThing, 'name'> & Partial<ImportedThing> {
  const same = { productId: p.id, kind: p.kind, name: p.shade, brand: p.brand, barcode: p.barcode ?? undefined }
  if (p.sort !== 'cosmetic')
    return { ...same, shape: p.shape === '' ? undefined : p.shape, percent: p.percent ?? undefined }
  const { range, coverage, family, finish, inci, colourSource } = p
  const lab = hasColour(p) ? { L: p.L!, a: p.a!, b: p.b! } : undefined
  return { ...same, range, lab, colourSource, coverage, family, finish, inci }
}

const unitOf = (u: UnitRow, place: string[] | undefined): Partial<ImportedThing> => ({
  count: u.count,
  place,
  label: u.label,
  role: u.role,
  priceMinor: u.priceMinor ?? undefined,
  notes: u.notes,
  retiredAt: u.retiredAt ?? undefined,
  why: u.why,
})

const fillOf = (f: FillRow): Partial<ImportedThing> => ({
  size: f.size,
  measure: f.measure,
  level: f.level,
  openedOn: f.openedOn ?? undefined,
  expiresOn: f.expiresOn ?? undefined,
  batch: f.batch,
})

/** @param unit null for a pan, whose unit is described with its palette. @param fill null for a palette */
const detailsOf = (
  unit: UnitRow | null,
  fill: FillRow | null,
  p: ProductRow,
): { details: ImportedThing['details'] } => ({
  details: without({
    ...(unit && { placeId: unit.placeId, container: unit.container, createdAt: unit.createdAt }),
    ...(fill ? { position: fill.position, fillId: fill.id, fromFillId: fill.fromFillId } : { isPalette: true }),
    ...(p.sort === 'cosmetic'
      ? { traits: p.traits, flagFixes: p.flagFixes, strength: p.strength }
      : { porous: p.porous }),
  }),
})
