import { skinAt } from '#core/complexion/skins/skin'
import { COVERAGES, type Family } from '#core/complexion/bottles/product'
import { spherical } from '#core/reading/reading'
import { measureOf, USUAL_BY_KIND } from '#core/stock/things/usual'
import { AGE_BANDS, SKIN_TYPES, ZONES, ZONE_STATES } from '#core/asked/face'
import { planFace } from '#core/plan/facePlan'
import { FINISHES, ITEM_KINDS, type ItemKind } from '#core/product/item'
import { JOB_TYPES, USUAL } from '#core/asked/job'
import { Consultation } from '#shared/records/method/consultation'
import * as tables from '../../server/db/schema'
import { checkpoint, closeDatabase, migrateDatabase, write, type Transaction } from '../../server/db/connection'
import { seeded } from '../support/random'
import { demoQuestion } from '../support/demo'

/*
 * npm run grow -- --faces 5000 --items 10000: a database as it is after years, always the same for the same numbers, into the folder of
 * VARIETAS_DATA, which must hold none yet. Of the items 6 % go into a base, each product of those owned five times.
 */

const argument = (name: string, usual: number) => {
  const at = process.argv.indexOf(`--${name}`)
  return at < 0 ? usual : Number(process.argv[at + 1])
}
const FACES = argument('faces', 1000)
const ITEMS = argument('items', 1000)
const PLANS_EACH = argument('plans', 2)
const COMPLEXION = 0.06
const UNITS_EACH = 5
const JOBS = 120
const DAY = 86_400_000
// Rows of one statement: SQLite takes 32 766 values.
const AT_ONCE = 400

const random = seeded(FACES * 31 + ITEMS)
const now = Date.now()
const daysOff = (days: number) => new Date(now + days * DAY).toISOString()
const pick = random.pick
const whole = (low: number, high: number) => Math.floor(random.between(low, high + 1))

// prettier-ignore
const SYLLABLES = [
  'ta', 'ro', 'min', 'el', 'va', 'sor', 'ne', 'kai', 'du', 'li', 'or', 'fen', 'ma', 'qui', 'bre', 'sto',
]
const word = (syllables: number) => {
  const text = Array.from({ length: syllables }, () => pick(SYLLABLES)).join('')
  return text.charAt(0).toUpperCase() + text.slice(1)
}

async function insert<T extends { $inferInsert: object }>(
  tx: Transaction,
  table: T,
  rows: readonly T['$inferInsert'][],
) {
  for (let i = 0; i < rows.length; i += AT_ONCE)
    await tx.insert(table as never).values(rows.slice(i, i + AT_ONCE) as never)
}

type Product = typeof tables.products.$inferInsert & { kind: ItemKind }

/** Ranges of a few bases: bottles of one range mix, and as artists own them most are of two or three. */
const RANGES: readonly (readonly [string, string, Family])[] = [
  ['Marrowmere', 'Tideline Fluid', 'silicone'],
  ['Marrowmere', 'Tideline Matte', 'silicone'],
  ['Tansyhall', 'Still Water', 'water'],
  ['Lumen Row', 'Long Evening', 'hydrocarbon'],
  ['Sable Quarter', 'Lantern Cream', 'oil'],
  ['Fenwick Tarn', 'Quayside Skin', 'silicone'],
]
const ADJUSTERS = [
  { L: 93, a: 0, b: 3 },
  { L: 72, a: 9, b: 56 },
  { L: 43, a: 36, b: 25 },
  { L: 50, a: -3, b: 28 },
  { L: 39, a: -3, b: -32 },
]

function productOf(i: number, complexion: boolean): Product {
  const [brand, range, family] = pick(RANGES)
  const kind: ItemKind = complexion
    ? random.next() < 0.08
      ? 'adjuster'
      : 'foundation'
    : pick(ITEM_KINDS.filter(k => k !== 'foundation' && k !== 'adjuster'))
  const usual = USUAL_BY_KIND[kind]
  const lab =
    kind === 'adjuster'
      ? pick(ADJUSTERS)
      : complexion || random.next() < 0.3
        ? skinAt(random.between(0.5, 12), random.between(-10, 12), random.between(0.85, 1.15))
        : { L: random.between(20, 85), a: random.between(-5, 35), b: random.between(-5, 30) }
  return {
    id: `grown-product-${i}`,
    kind,
    brand,
    range: complexion ? range : `${word(2)} ${kind}`,
    shade: `${word(2)} ${i}`,
    ...lab,
    colourSource: 'given colour',
    coverage: complexion ? pick(COVERAGES) : usual.coverage,
    family: complexion ? family : usual.family,
    finish: pick(FINISHES),
    inci: random.next() < 0.3 ? 'Aqua, Glycerin, Dimethicone, Phenoxyethanol, Parfum' : '',
    traits: {},
    createdAt: daysOff(-1000 + i / 100),
  }
}

async function growKit(tx: Transaction): Promise<string[]> {
  const mixed = Math.round(ITEMS * COMPLEXION)
  const counts = [mixed, ITEMS - mixed].map(units => Math.ceil(units / UNITS_EACH))
  const products = [
    ...Array.from({ length: counts[0]! }, (_, i) => productOf(i, true)),
    ...Array.from({ length: counts[1]! }, (_, i) => productOf(counts[0]! + i, false)),
  ]
  await insert(tx, tables.products, products)
  const held = products.flatMap((p, k) => {
    const left = k < counts[0]! ? mixed - k * UNITS_EACH : ITEMS - mixed - (k - counts[0]!) * UNITS_EACH
    return Array.from({ length: Math.min(UNITS_EACH, left) }, (_, n) => ({ p, id: `grown-unit-${k}-${n}` }))
  })
  await insert(
    tx,
    tables.units,
    held.map(({ p, id }) => ({
      id,
      productId: p.id,
      placeId: random.next() < 0.5 ? 'home' : 'kit-case',
      priceMinor: whole(500, 6000),
      retiredAt: random.next() < 0.03 ? daysOff(-30) : null,
      createdAt: p.createdAt,
    })),
  )
  await insert(
    tx,
    tables.fills,
    held.map(({ p, id }) => ({
      id: `${id}-fill`,
      unitId: id,
      productId: p.id,
      size: USUAL_BY_KIND[p.kind].size,
      measure: measureOf(p.kind),
      level: random.next() < 0.05 ? 0 : Math.round(random.between(0.05, 1) * 100) / 100,
      openedOn: random.next() < 0.7 ? daysOff(-whole(1, 300)).slice(0, 10) : null,
    })),
  )
  return products.slice(0, counts[0]).map(p => p.id)
}

async function growDays(tx: Transaction, faceIds: readonly string[]): Promise<void> {
  const jobs = Array.from({ length: Math.min(JOBS, Math.max(1, FACES)) }, (_, i) => ({
    id: `grown-job-${i}`,
    name: `${word(3)} ${pick(JOB_TYPES)}`,
    // Most are past; about thirty are to come.
    day: daysOff(i < 30 ? 1 + i * 2 : -i * 7).slice(0, 10),
    conditions: USUAL[pick(JOB_TYPES)],
    createdAt: daysOff(-400),
  }))
  await insert(tx, tables.jobs, jobs)
  await insert(
    tx,
    tables.bookings,
    faceIds.map((faceId, i) => ({
      id: `grown-booking-${i}`,
      // One in twenty is to come.
      jobId: jobs[Math.min(jobs.length - 1, i % 20 === 0 ? i % 30 : 30 + (i % 90))]!.id,
      faceId,
      position: i,
      createdAt: daysOff(-400),
    })),
  )
}

async function growFaces(tx: Transaction, complexion: readonly string[]): Promise<void> {
  const ids = Array.from({ length: FACES }, (_, i) => `grown-face-${i}`)
  await insert(
    tx,
    tables.faces,
    ids.map((id, i) => ({
      id,
      name: `${word(3)} ${word(2)}-${word(2)} ${i}`,
      ageBand: pick(AGE_BANDS),
      skinType: pick(SKIN_TYPES),
      coverage: pick(COVERAGES),
      finish: pick(FINISHES),
      wishes: random.next() < 0.3 ? `Likes ${word(2)}.` : '',
      notes: '',
      consultation: {
        ...new Consultation(),
        zones: [{ zone: pick(ZONES.slice(0, 4)), states: [pick(ZONE_STATES.slice(0, 8))] }],
      },
      createdAt: daysOff(-i / 10),
    })),
  )
  const read = ids.filter(() => random.next() < 0.95)
  await insert(
    tx,
    tables.readings,
    read.map((faceId, i) => ({
      id: `grown-reading-${i}`,
      faceId,
      source: 'typed' as const,
      ...skinAt(random.between(1, 12), random.between(-9, 11), random.between(0.9, 1.1)),
      covariance: [...spherical(0.6, 0.4, 0.4)],
      note: '',
      takenAt: daysOff(-whole(1, 700)),
    })),
  )
  await insert(
    tx,
    tables.recipes,
    read
      .filter(() => complexion.length > 1 && random.next() < 0.4)
      .map((faceId, i) => ({
        id: `grown-recipe-${i}`,
        faceId,
        drops: [
          { id: complexion[i % complexion.length]!, count: 2 },
          { id: complexion[(i + 1) % complexion.length]!, count: 1 },
        ],
        names: {},
        L: 60,
        a: 10,
        b: 18,
        deltaE: 1,
        verdict: 'invisible' as const,
        chance: 0.8,
        note: '',
        savedAt: daysOff(-whole(1, 700)),
      })),
  )
  await growDays(tx, ids)
  const body = planFace(demoQuestion('Orla'))
  for (const [i, faceId] of ids.entries()) {
    for (let k = 0; k < PLANS_EACH; k++) {
      const id = `grown-plan-${i}-${k}`
      await tx.insert(tables.plans).values({
        id,
        faceId,
        bookingId: `grown-booking-${i}`,
        kind: k === 0 ? 'preview' : 'day',
        occasion: USUAL.evening,
        agreed: '',
        change: '',
        layers: body.layers.length,
        minutes: body.minutes.full,
        costMinor: body.cost.minor,
        savedAt: daysOff(-whole(1, 300)),
      })
      await tx.insert(tables.planBodies).values({ planId: id, locks: [], overrides: [], plan: body })
    }
  }
}

await migrateDatabase()
await write(async tx => {
  if ((await tx.select().from(tables.units).limit(1)).length > 0) throw new Error('VARIETAS_DATA already holds data.')
  const complexion = await growKit(tx)
  await growFaces(tx, complexion)
})
await checkpoint()
await closeDatabase()
process.stdout.write(`${FACES} faces with ${PLANS_EACH} kept plans each, ${ITEMS} items.\n`)
