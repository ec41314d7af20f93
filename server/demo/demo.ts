import { DAY_MS } from '#core/time'
import { likelihood } from '#core/reading/likelihood'
import { spherical } from '#core/reading/reading'
import type { Lab } from '#core/colour/lab'
import { basesFor } from '#core/plan/bases'
import type { Situation } from '#core/plan/question/question'
import type { KitItem } from '#core/product/item'
import { packPigments } from '#core/complexion/bottles/pigments'
import { skinAt } from '#core/complexion/skins/skin'
import { mixLab } from '#core/complexion/mixing/touch'
import type { OwnedProduct } from '#shared/records/kit/kit'
import { factsOf } from '#shared/asked/faceFacts'
import { itemOf } from '#shared/asked/kitItem'
import { planSettings } from '#shared/asked/planSettings'
import { stranger } from '#shared/asked/stranger'
import { Consultation, OccasionInput, type ChartMarkInput } from '#shared/records/method/consultation'
import { Settings } from '#shared/records/method/settings'
import { Wrap } from '#shared/records/days/wraps'
import { measureOf } from '#core/stock/things/usual'
import { complexionOf, isMixed } from '#shared/asked/kitPigments'
import { DEMO_FACES, DEMO_PALETTE_TESTS, type DemoFace, type Known } from '../../demo/faces'
import { DEMO_CHAIRS, DEMO_JOBS } from '../../demo/jobs'
import type { Carried } from '../../demo/carried'
import { DEMO_GEAR } from '../../demo/gear'
import { DEMO_KIT } from '../../demo/kit'
import { DEMO_PALETTES, DEMO_PLACES, placeFor } from '../../demo/places'
import { usesOf } from '../../demo/log'
import { DEMO_METHODS } from '../../demo/methods'
import { DEMO_MIXES } from '../../demo/mixes'
import { write, type Transaction } from '../db/connection'
import {
  bookings,
  demoMark,
  faceHistory,
  faces,
  fills,
  jobs,
  labOf,
  measuredMixes,
  paletteTests,
  pans,
  places,
  products,
  readings,
  recipes,
  settings,
  simulatedSkins,
  units,
  uses,
} from '../db/schema'
import { strengthSeen } from '../devices/simulatedMeter'
import { SIMULATED_OFFERS } from '../devices/simulatedSuppliers'
import { offerId } from '../devices/catalogueOffer'
import { newId } from '../services/record/clock'
import { insertAgreed } from './demoAgreed'
import { gearColumns } from '../services/kit/gear'
import { productColumns } from '../services/kit/kit'
import { ownedOf, unitOf } from '../services/kit/owned'
import { fillColumns, unitColumns } from '../services/kit/units'

const daysFromNow = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString()

/** How well a skin is known from each source. */
const SPREAD: Record<Exclude<Known, 'nothing'>, readonly [number, number, number]> = {
  'meter': [0.5, 0.35, 0.45],
  'between bottles': [1.6, 0.9, 1.1],
}

/**
 * Fills an empty database with the demo story, once.
 * @throws Error when the database holds something else: the demo never mixes with an artist's own data
 */
export async function loadDemo(): Promise<void> {
  await write(async tx => {
    if ((await tx.select().from(demoMark)).length > 0) return
    if ((await tx.select().from(units).limit(1)).length > 0 || (await tx.select().from(faces).limit(1)).length > 0) {
      throw new Error('VARIETAS_DATA already holds data of your own: the demo is only loaded into an empty folder.')
    }
    const owned = await loadKit(tx)
    await loadFaces(tx, owned)
    await tx
      .insert(paletteTests)
      .values(DEMO_PALETTE_TESTS.map(test => ({ id: newId(), at: daysFromNow(-60), ...test })))
    await loadMixes(tx, owned)
    await loadLog(tx, owned)
    await tx.insert(settings).values({ id: 1, value: { ...new Settings(), ...DEMO_METHODS } })
    await tx.insert(demoMark).values({ loadedAt: daysFromNow(0) })
  })
}

const OFFERED = new Set(SIMULATED_OFFERS.map(o => o.productId))

/** A product of the story as a row. What a supplier of the story sells is the very product that is owned. */
async function insertProduct(
  tx: Transaction,
  { product }: Carried,
  createdAt: string,
  brought = false,
): Promise<typeof products.$inferSelect> {
  const offered = offerId(product.range, product.shade)
  const row = { id: OFFERED.has(offered) && !brought ? offered : newId(), createdAt, ...productColumns(product) }
  const [made] = await tx.insert(products).values(row).onConflictDoUpdate({ target: products.id, set: row }).returning()
  return made!
}

const unitRow = ({ product }: Carried, productId: string, createdAt: string) => ({
  id: newId(),
  productId,
  createdAt,
  priceMinor: product.priceMinor ?? null,
  notes: product.notes,
  role: product.level > 0.9 ? ('backup' as const) : ('workhorse' as const),
})

const fillRow = ({ product, openedDaysAgo }: Carried, unitId: string, productId: string) => ({
  id: newId(),
  unitId,
  productId,
  size: product.sizeMl,
  measure: measureOf(product.kind, product.traits?.texture),
  level: product.level,
  openedOn: daysFromNow(-openedDaysAgo).slice(0, 10),
})

/** One bottle of the story. */
async function loadBottle(
  tx: Transaction,
  carried: Carried,
  createdAt: string,
  more: Partial<typeof units.$inferInsert>,
): Promise<OwnedProduct> {
  const product = await insertProduct(tx, carried, createdAt, !!more.ownerFaceId)
  const [unit] = await tx
    .insert(units)
    .values({ ...unitRow(carried, product.id, createdAt), ...more })
    .returning()
  const [fill] = await tx
    .insert(fills)
    .values(fillRow(carried, unit!.id, product.id))
    .returning()
  return ownedOf({ ...product, kind: carried.product.kind }, [unitOf(unit!, fill!)], more.ownerFaceId ?? null)
}

/** The colours of a range that lie in one palette. */
async function loadPalette(
  tx: Transaction,
  all: readonly { carried: Carried; createdAt: string }[],
): Promise<OwnedProduct[]> {
  const [{ carried: first, createdAt }] = all as [(typeof all)[number]]
  const { range, brand } = first.product
  const whole: Carried = {
    ...first,
    product: { ...first.product, shade: /palette$/i.test(range) ? range : `${range} palette` },
  }
  const palette = await insertProduct(tx, whole, createdAt)
  const price = all.reduce((sum, { carried }) => sum + (carried.product.priceMinor ?? 0), 0)
  const [unit] = await tx
    .insert(units)
    .values({
      ...unitRow(first, palette.id, createdAt),
      priceMinor: price,
      placeId: placeFor(first.product),
      container: 'palette',
      label: brand,
    })
    .returning()
  const owned: OwnedProduct[] = []
  for (const [position, { carried, createdAt: enteredAt }] of all.entries()) {
    const product = await insertProduct(tx, carried, enteredAt)
    await tx.insert(pans).values({ id: newId(), paletteId: palette.id, position, productId: product.id })
    const [fill] = await tx
      .insert(fills)
      .values({ ...fillRow(carried, unit!.id, product.id), position })
      .returning()
    const held = [unitOf(unit!, fill!, { palette: palette.shade, pans: all.length, enteredAt })]
    owned.push(ownedOf({ ...product, kind: carried.product.kind }, held, null))
  }
  return owned
}

async function loadKit(tx: Transaction): Promise<OwnedProduct[]> {
  for (const place of DEMO_PLACES)
    await tx.insert(places).values(place).onConflictDoUpdate({ target: places.id, set: place })
  const owned: OwnedProduct[] = []
  // A second apart, so that the order of the story is the order of the list.
  const all = DEMO_KIT.map((carried, i) => ({
    carried,
    createdAt: new Date(Date.now() - DAY_MS * 200 + i * 1000).toISOString(),
  }))
  const isPan = ({ carried }: (typeof all)[number]) => DEMO_PALETTES.includes(carried.product.range)
  for (const { carried, createdAt } of all.filter(c => !isPan(c)))
    owned.push(await loadBottle(tx, carried, createdAt, { placeId: placeFor(carried.product) }))
  for (const range of DEMO_PALETTES)
    owned.push(
      ...(await loadPalette(
        tx,
        all.filter(c => c.carried.product.range === range),
      )),
    )
  await loadGear(tx)
  return owned.sort((x, y) => (x.createdAt < y.createdAt ? -1 : 1))
}

/** What was taken since each was opened: what is gone of it. */
async function loadLog(tx: Transaction, owned: readonly OwnedProduct[]): Promise<void> {
  const byName = new Map(owned.map(p => [`${p.range} ${p.shade}`, p.units[0]!]))
  const over = await tx.select({ id: jobs.id, name: jobs.name }).from(jobs)
  /** What was taken about a day that is over was taken on it. */
  const jobOf = (daysAgo: number) => {
    const near = DEMO_JOBS.find(j => j.closed && Math.abs(j.inDays + daysAgo) <= ABOUT_A_DAY)
    return over.find(j => j.name === near?.name)?.id ?? null
  }
  const rows = DEMO_KIT.flatMap(carried => {
    const unit = byName.get(`${carried.product.range} ${carried.product.shade}`)
    return unit
      ? usesOf(carried).map(({ daysAgo, amount }) => ({
          id: newId(),
          at: daysFromNow(-daysAgo),
          fillId: unit.fillId,
          unitId: unit.id,
          amount,
          jobId: jobOf(daysAgo),
        }))
      : []
  })
  for (let at = 0; at < rows.length; at += ROWS_AT_ONCE) await tx.insert(uses).values(rows.slice(at, at + ROWS_AT_ONCE))
  const [{ fillId, unitId }] = rows as [(typeof rows)[number], ...typeof rows]
  await tx.insert(uses).values({ id: newId(), at: daysFromNow(-LOG_BEGUN_DAYS_AGO), fillId, unitId, amount: null })
}
/** Long enough ago that what is not in the log is known not to be used. */
const LOG_BEGUN_DAYS_AGO = 400
const ROWS_AT_ONCE = 200
const ABOUT_A_DAY = 3

async function loadGear(tx: Transaction): Promise<void> {
  const known = new Map<string, { id: string }>()
  for (const [i, { placeId, gear }] of DEMO_GEAR.entries()) {
    const createdAt = new Date(Date.now() - DAY_MS * 180 + i * 1000).toISOString()
    // The same at home and in the case is one thing in two places.
    const product = known.get(gear.shade) ?? { id: newId(), createdAt, ...gearColumns(gear) }
    const unit = { id: newId(), productId: product.id, placeId, createdAt, count: gear.count, ...unitColumns(gear) }
    if (!known.has(gear.shade)) await tx.insert(products).values(product as typeof products.$inferInsert)
    known.set(gear.shade, product)
    await tx.insert(units).values(unit)
    await tx
      .insert(fills)
      .values({ id: newId(), unitId: unit.id, productId: product.id, ...fillColumns(gear.kind, gear) })
  }
}

/** The days of the story, by name. */
async function loadJobs(tx: Transaction): Promise<Map<string, string>> {
  const rows = DEMO_JOBS.map(({ inDays, closed, quote, ...job }) => ({
    ...job,
    id: newId(),
    createdAt: daysFromNow(Math.min(-30, inDays - 20)),
    day: daysFromNow(inDays).slice(0, 10),
    quote: quote ?? {},
    wrap: closed ? { ...new Wrap(), ...closed.wrap, at: daysFromNow(inDays + 1) } : null,
  }))
  await tx.insert(jobs).values(rows)
  return new Map(rows.map(r => [r.name, r.id]))
}

/** Mixes as the simulated meter sees them, without its noise. */
async function loadMixes(tx: Transaction, owned: readonly OwnedProduct[]): Promise<void> {
  const seen = owned.filter(isMixed).map(p => ({ ...complexionOf(p), strength: strengthSeen(p.shade) }))
  const pigments = packPigments(seen)
  const byName = new Map(owned.filter(isMixed).map(p => [p.shade, p.id]))
  await tx.insert(measuredMixes).values(
    DEMO_MIXES.map((mix, i) => {
      const named = Object.entries(mix).map(([name, count]) => ({ name, id: byName.get(name)!, count }))
      const drops = named.map(({ id, count }) => ({ id, count }))
      return {
        id: newId(),
        drops,
        names: Object.fromEntries(named.map(({ id, name }) => [id, name])),
        ...labOf(mixLab(pigments, drops)),
        at: daysFromNow(i - 30),
      }
    }),
  )
}

/** What a plan for somebody of the story is computed from. */
function askedOf(
  { face, job, asked }: Pick<DemoFace, 'face' | 'job' | 'asked'>,
  lab: Lab,
  items: KitItem[],
): Situation {
  const methods = new Settings()
  const { maxProducts, maxDrops, tolerance } = methods
  const facts = factsOf(stranger(lab, face, { ...asked, chart: [] }))
  return {
    face: facts!,
    job: DEMO_JOBS.find(j => j.name === job)?.conditions ?? new OccasionInput(),
    settings: planSettings(methods, { palette: [], flash: [], mixes: [] }, [], daysFromNow(0).slice(0, 10)),
    items,
    options: { maxProducts, maxDrops, tolerance, illuminant: 'D65' },
    overrides: [],
  }
}

/** Colours of the chart by the product of the kit that is called so. */
const placed = (chart: readonly ChartMarkInput[], owned: readonly OwnedProduct[]) =>
  chart.map(mark => {
    const product = owned.find(p => p.shade === mark.note && p.lab.L === mark.lab.L)
    return product ? { ...mark, productId: product.id, note: '' } : mark
  })

async function loadFaces(tx: Transaction, owned: readonly OwnedProduct[]): Promise<void> {
  const { tolerance } = new Settings()
  // Recipes on record date from before the most used bottle ran out.
  const full = owned.map(p => itemOf({ ...p, level: 1 }))
  const names = new Map(owned.map(p => [p.id, p.shade]))
  const days = await loadJobs(tx)
  for (const [i, { face, job, skin, known, hasRecipe, asked, agreedBase, brings, past }] of DEMO_FACES.entries()) {
    const faceId = newId()
    const truth = skinAt(...skin)
    await tx.insert(faces).values({
      id: faceId,
      createdAt: daysFromNow(-30),
      ...face,
      consultation: { ...new Consultation(), ...asked, chart: placed(asked?.chart ?? [], owned) },
    })
    const bookingId = newId()
    if (job)
      await tx.insert(bookings).values({
        id: bookingId,
        jobId: days.get(job)!,
        faceId,
        position: i,
        readyBy: DEMO_CHAIRS[face.name]?.readyBy ?? null,
        chair: DEMO_CHAIRS[face.name]?.chair ?? {},
        createdAt: daysFromNow(-30),
      })
    const before = DEMO_JOBS.filter(j => j.closed?.people.includes(face.name))
    for (const { name, inDays } of before)
      await tx.insert(bookings).values({
        id: newId(),
        jobId: days.get(name)!,
        faceId,
        position: i,
        createdAt: daysFromNow(inDays - 10),
      })
    await tx.insert(simulatedSkins).values({ faceId, ...truth })
    for (const carried of brings ?? []) await loadBottle(tx, carried, daysFromNow(-12), { ownerFaceId: faceId })
    for (const { shade, what, note = '' } of past ?? []) {
      const productId = owned.find(p => p.shade === shade)!.id
      await tx.insert(faceHistory).values({ id: newId(), faceId, productId, what, note, at: daysFromNow(-200) })
    }
    if (known === 'nothing') continue
    const covariance = spherical(...SPREAD[known])
    const takenAt = daysFromNow(-12)
    await tx.insert(readings).values({
      id: newId(),
      faceId,
      source: known === 'meter' ? 'simulated meter' : 'between bottles',
      ...truth,
      covariance: [...covariance],
      note: '',
      takenAt,
    })
    const base = owned.find(p => p.shade === agreedBase)
    if (base)
      await insertAgreed(tx, askedOf({ face, job, asked }, truth, owned.map(itemOf)), {
        faceId,
        bookingId,
        baseId: base.id,
        agreed: 'Even and soft, seen in daylight at the rehearsal; nothing was photographed.',
        savedAt: daysFromNow(-6),
      })
    const [best] = hasRecipe ? basesFor(askedOf({ face, job, asked }, truth, full)) : []
    if (!best) continue
    await tx.insert(recipes).values({
      id: newId(),
      faceId,
      drops: [...best.drops],
      names: Object.fromEntries(best.drops.map(d => [d.id, names.get(d.id)!])),
      ...labOf(best.lab),
      deltaE: best.deltaE,
      verdict: best.verdict,
      chance: likelihood(best.lab, { mean: truth, covariance }, tolerance),
      note: 'Last time',
      savedAt: takenAt,
    })
  }
}
