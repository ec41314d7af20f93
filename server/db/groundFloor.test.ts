import { copyFileSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import { createClient, type Client } from '@libsql/client'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { Consultation, type OccasionInput } from '#shared/records/method/consultation'
import { services } from '../../tests/support/services'

/*
 * Databases from before things, people and days stood on a floor of their own: a copy of the demo as that version kept it, with what it
 * answered then, and one with everything awkward that people and hands leave behind.
 */

const MIGRATIONS = 'server/db/migrations'
const BEFORE = 'tests/migration/demo-0006'

type Row = Record<string, unknown>
interface Before {
  faces: (Row & {
    id: string
    name: string
    consultation: Row & { occasion: OccasionInput }
    plans: (Row & { id: string })[]
  })[]
  kit: { products: (Row & { id: string; lab: Row; colourSource: string })[]; apart: Row[] }
  catalogue: { suppliers: Row[]; offers: (Row & { id: string; brand: string; range: string; shade: string })[] }
  purchases: (Row & { lines: (Row & { id: string; offer: { id: string }; productId: string | null })[] })[]
  tests: Row
  settings: Row
}
const before = JSON.parse(gunzipSync(readFileSync(`${BEFORE}.json.gz`)).toString()) as Before

describe('the demo of the version before', () => {
  const on = services(undefined, folder =>
    writeFileSync(join(folder, 'varietas.db'), gunzipSync(readFileSync(`${BEFORE}.db.gz`))),
  )

  it('has every bottle as it was, in the order they were entered, and nothing is set aside', async () => {
    const [products, apart] = [await on.kitProducts(), await on.rangesThatSeparate()]
    expect(products.map(p => p.id)).toEqual(before.kit.products.map(p => p.id))
    for (const [i, { lab, ...was }] of before.kit.products.entries()) {
      expect(products[i]).toMatchObject(was)
      if (was.colourSource !== 'clear') expect(products[i]!.lab).toEqual(lab)
      expect(products[i]!.units).toHaveLength(1)
      expect(products[i]!.units[0]).toMatchObject({ placeId: 'kit-case', size: was.sizeMl, level: was.level })
    }
    expect(apart).toEqual(before.kit.apart)
    expect(await on.allSetAside()).toEqual([])
  })

  it('has every face with its answers, readings, recipes, verdicts and pictures; deleted readings stay deleted', async () => {
    const faces = await on.allFaces()
    expect(faces.map(f => f.id)).toEqual(before.faces.map(f => f.id))
    for (const [i, was] of before.faces.entries()) {
      const { consultation, plans: _plans, history, bookedOn: _on, bookedFor: _for, own, ...same } = was
      const { occasion: _occasion, ...answers } = consultation
      expect(faces[i]).toMatchObject(same)
      // What was not asked then has its default now.
      expect(faces[i]!.consultation).toEqual({ ...new Consultation(), ...answers })
      expect(faces[i]!.own).toMatchObject((own as Row[]).map(({ lab: _lab, ...p }) => p))
      const byId = (all: readonly Row[]) => [...all].sort((x, y) => (String(x.id) < String(y.id) ? -1 : 1))
      expect(byId(faces[i]!.history as unknown as Row[])).toEqual(byId(history as Row[]))
    }
  })

  it('has everybody on the day they were booked for, and the day asks of them what it asked', async () => {
    const { asksOf } = await import('#shared/records/days/jobs')
    for (const was of before.faces) {
      const { bookings } = await on.faceById(was.id)
      if (!was.bookedFor) continue
      expect(bookings).toHaveLength(1)
      expect(bookings[0]!.job).toMatchObject({ name: was.bookedFor, day: was.bookedOn })
      expect(asksOf(bookings[0]!)).toEqual(was.consultation.occasion)
    }
    const jobs = await on.allJobs('2026-11-26')
    expect(jobs.map(j => j.name)).toEqual([...new Set(jobs.map(j => j.name))])
    expect(jobs.reduce((sum, j) => sum + j.faces, 0)).toBe(before.faces.filter(f => f.bookedFor).length)
  })

  it('has every plan with everything it said, its bottles gone or not, and the one that was used', async () => {
    const faces = await on.allFaces()
    for (const was of before.faces) {
      for (const plan of was.plans) {
        expect(await on.planById(plan.id)).toMatchObject(plan)
        expect(faces.find(f => f.id === was.id)!.plans.find(p => p.id === plan.id)).toMatchObject({
          layers: (plan.plan as { layers: unknown[] }).layers.length,
        })
      }
    }
    expect(before.faces.flatMap(f => f.plans)).toHaveLength(3)
  })

  it('has the purchases with what was received and what was not; an offer and the bottle of it are one product', async () => {
    const after = await on.allPurchases()
    expect(after.map(p => p.id)).toEqual(before.purchases.map(p => p.id))
    for (const [i, { lines, ...was }] of before.purchases.entries()) {
      expect(after[i]).toMatchObject(was)
      expect(after[i]!.lines.map(l => l.id)).toEqual(lines.map(l => l.id))
      for (const [k, { offer, productId, ...line }] of lines.entries()) {
        expect(after[i]!.lines[k]).toMatchObject(line)
        expect(after[i]!.lines[k]!.offer.id).toBe(offer.id)
        expect(after[i]!.lines[k]!.unitId).toBe(productId === null ? null : `unit-${productId}`)
        if (productId !== null) expect(after[i]!.lines[k]!.offer.productId).toBe(productId)
      }
    }
    const { offers, suppliers } = await on.catalogue()
    expect(suppliers).toEqual(before.catalogue.suppliers)
    expect(offers.map(o => [o.id, o.shade, o.priceMinor])).toEqual(
      before.catalogue.offers.map(o => [o.id, o.shade, o.priceMinor]),
    )
    const toffee = before.kit.products.find(p => p.shade === 'Toffee Tin')!
    expect(offers.filter(o => o.productId === toffee.id).map(o => o.shade)).toEqual(['Toffee Tin'])
  })

  it('has the tests, mixes and methods', async () => {
    expect(await on.allTests()).toEqual(before.tests)
    expect(await on.settings()).toMatchObject(before.settings)
  })
})

describe('an awkward database', () => {
  let client: Client
  const folder = mkdtempSync(join(tmpdir(), 'varietas-awkward-'))
  const file = join(folder, 'awkward.db')
  afterAll(() => {
    client.close()
    rmSync(folder, { recursive: true, force: true })
  })
  const rows = async (sql: string) => (await client.execute(sql)).rows.map(r => ({ ...r }))

  /** The tables of the version before, with rows past every check. */
  const AWKWARD = `
    DELETE FROM plans; DELETE FROM purchase_lines; DELETE FROM purchases; DELETE FROM face_history; DELETE FROM recipes;
    DELETE FROM readings; DELETE FROM seen_verdicts; DELETE FROM pictures; DELETE FROM products; DELETE FROM faces; DELETE FROM simulated_skins;
    INSERT INTO products (id, kind, brand, range, shade, l, a, b, colour_source, coverage, family, finish, size_ml, level, notes, created_at, deleted_at, owner_face_id, traits) VALUES
      ('twin1', 'foundation', 'Marrowmere', 'Tideline Fluid', 'Oyster', 80, 8, 14, 'meter', 'medium', 'silicone', 'satin', 30, 0.5, '', '2026-01-01', NULL, NULL, '{}'),
      ('twin2', 'foundation', 'marrowmere ', 'Tideline Fluid', 'oyster', 79, 8, 14, 'meter', 'medium', 'silicone', 'satin', 30, 1, '', '2026-01-02', NULL, NULL, '{}'),
      ('gone', 'foundation', 'X', 'Y', 'Gone', 60, 8, 14, 'meter', 'medium', 'silicone', 'satin', 30, 1, '', '2026-01-03', '2026-02-01', NULL, '{}'),
      ('broken', 'teapot', 'X', 'Y', 'Broken', 'pale', 8, 14, 'meter', 'medium', 'silicone', 'satin', 'big', 'half', '', 'then', NULL, NULL, '{'),
      ('hers', 'mascara', '', '', 'Her own', 96, 0, 2, 'clear', 'full', 'water', 'matte', 8, 0.5, '', '2026-01-05', NULL, 'f1', '{}');
    INSERT INTO faces (id, name, age_band, skin_type, coverage, finish, wishes, booked_on, booked_for, notes, consultation, created_at, deleted_at) VALUES
      ('f1', 'Ana', 'adult', 'dry', 'light', 'satin', '', '2026-12-05', 'Choir  gala', '', '{"noScent":true,"occasion":{"type":"screen","hours":6}}', '2026-01-01', NULL),
      ('f2', 'Bo', 'adult', 'dry', 'light', 'satin', '', '2026-12-05', ' choir gala ', '', '{"occasion":{"type":"screen","hours":9}}', '2026-01-02', NULL),
      ('f3', 'Cy', 'adult', 'dry', 'light', 'satin', '', '2026-12-05', 'Chior gala', '', '{"occasion":{"type":"screen","hours":6}}', '2026-01-03', NULL),
      ('f4', 'Di', 'adult', 'dry', 'light', 'satin', '', '2026-12-06T14:30:00Z', '', '', '{}', '2026-01-04', NULL),
      ('f5', 'Ed', 'adult', 'dry', 'light', 'satin', '', NULL, '', '', '{"occasion":{"flash":true}}', '2026-01-05', NULL),
      ('f6', 'Fay', 'adult', 'dry', 'light', 'satin', '', NULL, '', '', '{"occasion":{"type":"personal","hours":6}}', '2026-01-06', NULL),
      ('f7', 'Gus', 'adult', 'dry', 'light', 'satin', '', NULL, 'Choir gala', '', '[1,', '2026-01-07', '2026-02-02'),
      ('f8', 'Hal', 'adult', 'dry', 'light', 'satin', '', 'someday', 'x', '', '{"occasion":"odd"}', '2026-01-08', NULL);
    INSERT INTO plans (id, face_id, kind, occasion, locks, overrides, agreed, change, plan, saved_at, used_at, deleted_at) VALUES
      ('p1', 'f1', 'day', '{}', '[]', '[]', 'a', '', '{"layers":[1,2],"minutes":{"full":41.5},"cost":{"minor":250}}', '2026-01-01', '2026-01-02T10:00:00.000Z', NULL),
      ('p2', 'f2', 'preview', '{}', '[]', '[]', '', '', 'not json', '2026-01-01', NULL, NULL),
      ('p3', 'f2', 'day', '{}', '[]', '[]', '', '', '{}', '2026-01-01', NULL, '2026-01-05');
    INSERT INTO face_history (id, face_id, product_id, what, note, at) VALUES
      ('h1', 'f1', 'twin1', 'used', '', '2026-01-02T10:00:00.000Z'), ('h2', 'f1', 'gone', 'used', 'kept', '2026-01-02T10:00:00.000Z'),
      ('h3', 'f1', 'twin1', 'reaction', 'itched', '2026-01-02T10:00:00.000Z'), ('h4', 'f2', 'twin1', 'used', '', '2025-01-02T10:00:00.000Z');
    INSERT INTO purchases (id, created_at, budget_minor) VALUES ('list', '2026-01-01', 5000);
    INSERT INTO purchase_lines (id, purchase_id, offer_id, price_minor, reason, received_at, product_id, deleted_at) VALUES
      ('l1', 'list', 'tideline-fluid-oyster', 3200, '{face:f1} needs it', '2026-01-03', 'twin2', NULL),
      ('l2', 'list', 'tideline-fluid-marram', 3200, '', NULL, NULL, NULL),
      ('l3', 'list', 'tideline-fluid-keel', 3200, '', NULL, NULL, '2026-01-04');`

  beforeAll(async () => {
    writeFileSync(file, gunzipSync(readFileSync(`${BEFORE}.db.gz`)))
    client = createClient({ url: `file:${file}` })
    await client.executeMultiple(`PRAGMA foreign_keys = OFF; ${AWKWARD}`)
  })

  it('stays as it was, byte for byte, when bringing it to today fails on the way', async () => {
    const copy = join(folder, 'failing.db')
    copyFileSync(file, copy)
    const failing = createClient({ url: `file:${copy}` })
    // In the way of one of the last tables that are made.
    await failing.execute('CREATE TABLE new_ranges_apart (x)')
    await failing.execute('PRAGMA wal_checkpoint(TRUNCATE)')
    const was = readFileSync(copy)
    await expect(migrate(drizzle(failing), { migrationsFolder: MIGRATIONS })).rejects.toThrow()
    failing.close()
    expect(readFileSync(copy).equals(was)).toBe(true)
  })

  it('is brought to today, every row of it', async () => {
    await migrate(drizzle(client), { migrationsFolder: MIGRATIONS })
    expect(await rows('PRAGMA foreign_key_check')).toEqual([])
    expect(await rows('SELECT count(*) AS n FROM units')).toEqual([{ n: 5 }])
    expect(await rows('SELECT count(*) AS n FROM plans')).toEqual([{ n: 3 }])
    expect(await rows("SELECT deleted_at FROM units WHERE id = 'unit-gone'")).toEqual([{ deleted_at: '2026-02-01' }])
    // What a hand left behind is what it was: it is set aside, not made up.
    expect(await rows("SELECT kind, l, traits FROM products WHERE id = 'broken'")).toEqual([
      { kind: 'teapot', l: 'pale', traits: '{' },
    ])
    expect(await rows("SELECT size, level FROM fills WHERE id = 'fill-broken'")).toEqual([
      { size: 'big', level: 'half' },
    ])
    expect(await rows("SELECT owner_face_id, place_id FROM units WHERE id = 'unit-hers'")).toEqual([
      { owner_face_id: 'f1', place_id: null },
    ])
    expect(await rows("SELECT l, colour_source FROM products WHERE id = 'hers'")).toEqual([
      { l: null, colour_source: 'clear' },
    ])
  })

  it('two bottles of one name stay two products; what was received of an offer is the product of it', async () => {
    expect(await rows("SELECT product_id FROM offers WHERE id = 'tideline-fluid-oyster'")).toEqual([
      { product_id: 'twin2' },
    ])
    expect(await rows("SELECT product_id FROM offers WHERE id = 'tideline-fluid-marram'")).toEqual([
      { product_id: 'offer-tideline-fluid-marram' },
    ])
    expect(await rows("SELECT purchase_line_id FROM units WHERE id = 'unit-twin2'")).toEqual([
      { purchase_line_id: 'l1' },
    ])
    expect(await rows('SELECT id, received_at, deleted_at FROM purchase_lines ORDER BY id')).toEqual([
      { id: 'l1', received_at: '2026-01-03', deleted_at: null },
      { id: 'l2', received_at: null, deleted_at: null },
      { id: 'l3', received_at: null, deleted_at: '2026-01-04' },
    ])
  })

  it('one event under two spellings of spaces and capitals is one job; a slip of the pen keeps its own', async () => {
    const booked = await rows(`SELECT f.name AS who, j.name AS job, j.day, b.ready_by, b.differs, j.conditions
      FROM bookings b JOIN jobs j ON j.id = b.job_id JOIN faces f ON f.id = b.face_id ORDER BY f.id`)
    expect(booked.map(b => [b.who, b.job, b.day])).toEqual([
      ['Ana', 'Choir  gala', '2026-12-05'],
      ['Bo', 'Choir  gala', '2026-12-05'],
      ['Cy', 'Chior gala', '2026-12-05'],
      ['Di', 'A visit', '2026-12-06'],
      ['Ed', 'A visit', null],
      ['Gus', 'Choir gala', null],
      ['Hal', 'x', 'someday'],
    ])
    // Bo's day asks more hours than the others' of the same job.
    expect(booked.map(b => JSON.parse(String(b.differs)) as Row)).toEqual([
      {},
      { type: 'screen', hours: 9 },
      {},
      {},
      {},
      {},
      {},
    ])
    expect(booked[3]!.ready_by).toBe('14:30')
    expect(JSON.parse(String(booked[4]!.conditions))).toEqual({ flash: true })
    expect(await rows("SELECT consultation FROM faces WHERE id IN ('f1', 'f7', 'f8') ORDER BY id")).toEqual([
      { consultation: '{"noScent":true}' },
      { consultation: '[1,' },
      { consultation: '{"occasion":"odd"}' },
    ])
  })

  it('uses know their plan and their bottle, gone or not; what else is remembered stays with the face', async () => {
    expect(await rows('SELECT id, fill_id, plan_id, note FROM uses ORDER BY id')).toEqual([
      { id: 'h1', fill_id: 'fill-twin1', plan_id: 'p1', note: '' },
      { id: 'h2', fill_id: 'fill-gone', plan_id: 'p1', note: 'kept' },
      { id: 'h4', fill_id: 'fill-twin1', plan_id: null, note: '' },
    ])
    expect(await rows('SELECT id, what, note FROM face_history')).toEqual([
      { id: 'h3', what: 'reaction', note: 'itched' },
    ])
  })

  it('plans have their line and their body, whatever that is', async () => {
    expect(
      await rows(
        'SELECT p.id, booking_id, layers, minutes, cost_minor, plan FROM plans p JOIN plan_bodies b ON b.plan_id = p.id ORDER BY p.id',
      ),
    ).toEqual([
      {
        id: 'p1',
        booking_id: 'booking-f1',
        layers: 2,
        minutes: 41.5,
        cost_minor: 250,
        plan: '{"layers":[1,2],"minutes":{"full":41.5},"cost":{"minor":250}}',
      },
      { id: 'p2', booking_id: 'booking-f2', layers: 0, minutes: 0, cost_minor: 0, plan: 'not json' },
      { id: 'p3', booking_id: 'booking-f2', layers: 0, minutes: 0, cost_minor: 0, plan: '{}' },
    ])
  })
})
