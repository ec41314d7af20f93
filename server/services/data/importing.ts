import { isToolKind, UNKNOWN_KIND, type OwnedKind } from '#core/stock/things/kinds'
import { cut } from '#core/stock/list/words'
import type { ImportedLine, ImportedThing } from '#shared/records/kit/imported'
import { ListedThing, packed } from '#shared/records/kit/listed'
import type { Changed } from '../record/bulk'
import { newId, now } from '../record/clock'
import { same } from '../record/command'
import { BLANK_PRODUCT, BLANK_UNIT, fillSaid, newFill, newProduct, productSaid, unitSaid } from './importColumns'
import type { FillRow, ProductRow, UnitRow } from './importColumns'
import type { ImportPlaces } from './importPlaces'
import { USUAL_PLACE } from '../kit/units'

/*
 * A table on its way into the kit: a row that names a thing one has changes it, any other is a new one. A thing is named by its id, as an
 * export wrote it, or by brand, range and name: the second row of a name is the second thing of it.
 */

export interface Held {
  unit: UnitRow
  fill: FillRow
  product: ProductRow
}

const keyOf = (brand: string, range: string, name: string) =>
  [brand, range, name].map(t => t.trim().toLowerCase()).join('\n')

/** The same, in whatever order the names of an object stand. */
const alike = (x: unknown, y: unknown): boolean => same(ordered(x), ordered(y))
const ordered = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
    : value

/** What an import comes to, reckoned against the kit before anything is written. */
export class Importing {
  readonly products: ProductRow[] = []
  readonly units: UnitRow[] = []
  readonly fills: FillRow[] = []
  readonly pans: { id: string; paletteId: string; position: number; productId: string }[] = []
  readonly changed = {
    products: [] as Changed<'products'>[],
    units: [] as Changed<'units'>[],
    fills: [] as Changed<'fills'>[],
  }
  readonly lines: ImportedLine[] = []
  private readonly byId = new Map<string, Held>()
  private readonly byKey = new Map<string, Held[]>()
  private readonly used = new Set<string>()
  private readonly productIds = new Map<string, ProductRow>()
  private readonly alike = new Map<string, ProductRow[]>()
  private readonly palettes = new Map<string, { unit: UnitRow; product: ProductRow; pans: number }>()
  private readonly paletteNames = new Map<string, string>()
  private readonly changedProducts = new Set<string>()

  constructor(
    held: readonly Held[],
    palettes: readonly { unit: UnitRow; product: ProductRow }[],
    private readonly places: ImportPlaces,
    private readonly hasUsualPlace: boolean,
    /** Products that rows name by their id, owned or offered. */
    named: readonly ProductRow[],
  ) {
    for (const palette of palettes) this.addPalette(palette.unit, palette.product)
    for (const h of held) {
      const isPan = this.palettes.has(h.unit.id)
      if (isPan) this.palettes.get(h.unit.id)!.pans++
      this.byId.set(isPan ? h.fill.id : h.unit.id, h)
      this.productIds.set(h.product.id, h.product)
      if (h.unit.deletedAt !== null) continue
      const key = `${isPan ? h.unit.id : ''}\n${keyOf(h.product.brand, h.product.range, h.product.shade)}`
      this.byKey.set(key, [...(this.byKey.get(key) ?? []), h])
    }
    for (const product of this.productIds.values()) this.remember(product)
    for (const product of named) this.productIds.set(product.id, product)
  }

  private addPalette(unit: UnitRow, product: ProductRow): void {
    this.palettes.set(unit.id, { unit, product, pans: 0 })
    const name = product.shade.trim().toLowerCase()
    if (unit.deletedAt === null && !this.paletteNames.has(name)) this.paletteNames.set(name, unit.id)
  }
  private remember(product: ProductRow): void {
    const key = `${product.kind}\n${keyOf(product.brand, product.range, product.shade)}`
    this.alike.set(key, [...(this.alike.get(key) ?? []), product])
  }

  take(things: readonly ImportedThing[]): void {
    const whole = things.filter(t => t.details?.isPalette)
    for (const t of whole) this.takePalette(t)
    for (const t of things) if (!t.details?.isPalette) for (const one of oneByOne(t)) this.takeOne(one)
  }

  private takePalette(t: ImportedThing): void {
    const known = t.id === undefined ? undefined : this.palettes.get(t.id)
    if (known) {
      const changes = [
        ...this.change('products', known.product, productSaid(t, known.product)),
        ...this.change('units', known.unit, this.unitBack(t, known.unit)),
      ]
      this.tellKept(t, known.product, changes)
      return
    }
    this.makePalette(t, t.name)
    this.tell(t, t.kind ?? UNKNOWN_KIND, 'new', [])
  }

  /** When things that are new here were last used, as somebody's table says. */
  readonly usedBefore: { unitId: string; fillId: string; at: string }[] = []

  private makePalette(t: ImportedThing, name: string) {
    const named = t.details?.isPalette ? t.productId : undefined
    const product = this.namedProduct(t, named) ?? this.makeProduct({ ...t, name, productId: named })
    const unit = this.makeUnit(t, product, t.details?.isPalette ? t.id : undefined, 'palette')
    this.addPalette(unit, product)
    return this.palettes.get(unit.id)!
  }

  private takeOne(t: ImportedThing): void {
    const palette = t.palette === undefined ? null : this.paletteOf(t, t.palette)
    const there = this.heldOf(t, palette?.unit.id ?? '')
    if (there) {
      const changes = [
        ...(this.changedProducts.has(there.product.id)
          ? []
          : this.change('products', there.product, productSaid(t, there.product))),
        ...(palette ? [] : this.change('units', there.unit, this.unitBack(t, there.unit))),
        ...this.change('fills', there.fill, fillSaid(t)),
      ]
      this.changedProducts.add(there.product.id)
      this.tellKept(t, there.product, changes)
      return
    }
    const product = this.productFor(t, palette !== null)
    const unit = palette?.unit ?? this.makeUnit(t, product, t.id)
    const position = palette ? palette.pans++ : 0
    const fill: FillRow = {
      position,
      batch: '',
      openedOn: null,
      expiresOn: null,
      fromFillId: t.details?.fromFillId ?? null,
      version: 1,
      ...(newFill(t) as Pick<FillRow, 'size' | 'measure' | 'level'>),
      // What was decanted names the fill it came from.
      id: this.claimed(palette ? t.id : t.details?.fillId),
      unitId: unit.id,
      productId: product.id,
    }
    this.fills.push(fill)
    if (t.lastUsed) this.usedBefore.push({ unitId: unit.id, fillId: fill.id, at: t.lastUsed })
    if (palette) this.pans.push({ id: newId(), paletteId: palette.product.id, position, productId: product.id })
    this.tell(t, t.kind ?? UNKNOWN_KIND, 'new', [])
  }

  private paletteOf(t: ImportedThing, palette: string) {
    const known =
      this.palettes.get(palette) ?? this.palettes.get(this.paletteNames.get(palette.trim().toLowerCase()) ?? '')
    return known ?? this.makePalette({ ...t, priceMinor: undefined, notes: undefined }, cut(palette, 80))
  }

  /** The thing a row names, each once. */
  private heldOf(t: ImportedThing, palette: string): Held | undefined {
    if (t.id !== undefined) {
      const exact = this.byId.get(t.id)
      // A row that was copied to say that there is one more names the same thing twice.
      if (!exact || this.used.has(exact.fill.id)) return undefined
      this.used.add(exact.fill.id)
      return exact
    }
    const named = this.byKey.get(`${palette}\n${keyOf(t.brand ?? '', t.range ?? '', t.name)}`) ?? []
    const there = named.find(
      h => !this.used.has(h.fill.id) && (t.kind === undefined || t.kind === UNKNOWN_KIND || t.kind === h.product.kind),
    )
    if (there) this.used.add(there.fill.id)
    return there
  }

  private change<N extends 'products' | 'units' | 'fills'>(
    table: N,
    row: Changed<N>['row'],
    said: Changed<N>['set'],
  ): string[] {
    const fields = Object.entries(said).filter(([field, value]) => !alike(row[field as keyof typeof row], value))
    if (fields.length === 0) return []
    const changes = this.changed[table] as Changed<N>[]
    changes.push({ row, set: Object.fromEntries(fields) as Changed<N>['set'] })
    return fields.map(([field]) => field)
  }

  /** A product by its id, owned, offered or met in a row before, as the row says it is. */
  private namedProduct(t: ImportedThing, id: string | undefined): ProductRow | undefined {
    const known = id === undefined ? undefined : this.productIds.get(id)
    if (known && !this.products.includes(known) && !this.changedProducts.has(known.id))
      this.change('products', known, productSaid(t, known))
    if (known) this.changedProducts.add(known.id)
    return known
  }

  /** A line with the same words is another of the same product; a pan is a colour of its own. */
  private productFor(t: ImportedThing, isPan: boolean): ProductRow {
    const known = this.namedProduct(t, t.productId)
    if (known) return known
    if (t.productId === undefined && !isPan) {
      const columns = newProduct(t)
      const named = this.alike.get(`${columns.kind}\n${keyOf(columns.brand!, columns.range!, columns.shade!)}`) ?? []
      const there = named.find(p =>
        Object.entries(columns).every(([field, value]) => alike(p[field as keyof ProductRow], value)),
      )
      if (there) return there
    }
    return this.makeProduct(t)
  }

  private makeProduct(t: ImportedThing): ProductRow {
    const columns = newProduct(t)
    const product: ProductRow = {
      ...BLANK_PRODUCT,
      ...columns,
      id: t.productId ?? newId(),
      createdAt: t.details?.createdAt ?? now(),
    } as ProductRow
    this.products.push(product)
    this.productIds.set(product.id, product)
    this.remember(product)
    return product
  }

  private makeUnit(t: ImportedThing, product: ProductRow, id: string | undefined, container = ''): UnitRow {
    const unit: UnitRow = {
      ...BLANK_UNIT,
      placeId: this.hasUsualPlace ? USUAL_PLACE : null,
      container,
      createdAt: now(),
      ...unitSaid(t, this.places.of(t)),
      id: this.claimed(id),
      productId: product.id,
    }
    this.units.push(unit)
    return unit
  }

  /** Every product that was met. */
  get named(): ProductRow[] {
    return [...this.productIds.values(), ...[...this.palettes.values()].map(p => p.product)]
  }
  private unitBack(t: ImportedThing, { deletedAt }: UnitRow): Partial<UnitRow> {
    return { ...unitSaid(t, this.places.of(t)), ...(deletedAt === null ? {} : { deletedAt: null }) }
  }
  private tellKept(t: ImportedThing, { kind }: ProductRow, changes: string[]): void {
    this.tell(
      t,
      t.kind ?? kind,
      changes.includes('deletedAt') ? 'new' : changes.length > 0 ? 'changed' : 'same',
      changes,
    )
  }
  /** An id as it was written, for the first that names it. */
  private claimed(id: string | undefined): string {
    const own = id === undefined || this.claims.has(id) ? newId() : id
    this.claims.add(own)
    return own
  }
  private readonly claims = new Set<string>()
  private tell(t: ImportedThing, kind: OwnedKind, does: ImportedLine['does'], fields: string[]): void {
    const { row, name } = t
    this.lines.push({ row, name, kind, does, fields: [...new Set(fields.map(f => IN_WORDS[f] ?? f))] })
  }
}

const IN_WORDS: Readonly<Record<string, string>> = {
  shade: 'name',
  L: 'colour',
  a: 'colour',
  b: 'colour',
  colourSource: 'colour',
  coverage: 'cover',
  family: 'formula',
  inci: 'ingredients',
  priceMinor: 'price',
  placeId: 'place',
  openedOn: 'opened',
  expiresOn: 'expiry',
  retiredAt: 'retired',
  flagFixes: 'ingredients',
  percent: 'strength',
}

/** Three bottles in one row are three rows; sets of tools, and what an export wrote, are as many as they say. */
function oneByOne(t: ImportedThing): ImportedThing[] {
  if (t.id !== undefined) return [t]
  const listed = packed(Object.assign(new ListedThing(), { ...t, kind: t.kind ?? UNKNOWN_KIND, count: t.count ?? 1 }))
  const one: ImportedThing = {
    ...t,
    ...(listed.size == null ? {} : { size: listed.size }),
    ...(listed.measure == null ? {} : { measure: listed.measure }),
  }
  if (isToolKind(listed.kind) || (t.count ?? 1) === 1) return [one]
  const { count: _count, ...single } = one
  return Array.from({ length: listed.count }, () => single)
}
