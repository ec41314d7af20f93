import { eq } from 'drizzle-orm'
import fc from 'fast-check'
import Papa from 'papaparse'
import { guessColumns } from '#core/stock/table/columns'
import { readRows } from '#core/stock/table/rows'
import { BRUSH_SHAPES, isItemKind, OWNED_KINDS } from '#core/stock/things/kinds'
import { MEASURES, UNIT_ROLES } from '#core/stock/things/things'
import { COLOUR_SOURCES, LevelInput } from '#shared/records/kit/kit'
import { ImportInput, type ImportedThing, type KitFile } from '#shared/records/kit/imported'
import { PlaceInput } from '#shared/records/kit/things'
import { kitCsv } from '#shared/asked/kitTable'
import { check } from '#shared/checks/validate'
import { services } from '../../../tests/support/services'

const on = services()
const HABITS = { today: '2026-11-27', dayFirst: true, currency: 'EUR', rates: {} }

const asInput = (more: object): ImportInput => {
  const checked = check(ImportInput, JSON.parse(JSON.stringify(more)))
  if (!checked.ok) throw new Error(JSON.stringify(checked.issues.slice(0, 3)))
  return checked.value
}
/** A table as the dialogue sends it. */
const table = (csv: string, habits: Partial<typeof HABITS> = {}) => {
  const [headings, ...rows] = Papa.parse<string[]>(csv.trim()).data
  return readRows(rows, guessColumns(headings!, rows), { ...HABITS, ...habits })
}
const taken = (csv: string) => on.importThings(asInput({ things: table(csv).things }))
const emptied = () => on.write(tx => tx.delete(on.tables.units))
const named = async (name: string) => (await on.allThings()).filter(t => t.name === name)

describe('a table that somebody kept', () => {
  it('is taken in, each row as it says it, and again changes instead of doubling', async () => {
    const csv = [
      'Artikel;Kategorie;Marke;Anzahl;Inhalt;Füllstand;Preis;Geöffnet;Ort',
      'Dune foundation;Foundation;Heron;2;30 ml;50 %;24,90 €;14.3.2026;Base',
      'Angled liner brush;Pinsel;;3;;;7,5;;Brushes',
      '=HYPERLINK("x");;;;;;;;',
    ].join('\n')
    const outcome = await taken(csv)
    expect(outcome).toMatchObject({ made: 4, changed: 0, same: 0 })
    const [first, second] = await named('Dune foundation')
    expect(first).toMatchObject({ kind: 'foundation', size: 30, level: 0.5, priceMinor: 2490, openedOn: '2026-03-14' })
    expect(second!.productId).toBe(first!.productId)
    expect((await named('Angled liner brush'))[0]).toMatchObject({ count: 3, shape: 'angled brush', priceMinor: 750 })
    expect(await taken(csv)).toMatchObject({ made: 0, changed: 0, same: 4 })
    const again = await taken(csv.replace('50 %', '25 %').replace('7,5', '8'))
    expect(again).toMatchObject({ made: 0, changed: 3, same: 1 })
    expect(again.lines.map(l => l.fields)).toEqual([['level'], ['level'], ['price']])
    expect((await named('Dune foundation')).map(t => t.level)).toEqual([0.25, 0.25])
  })

  it('looks without touching anything', async () => {
    const before = await on.kitFile()
    const look = await on.importThings(
      asInput({ things: [{ row: 1, name: 'Never there', place: ['New', 'Inner'] }], onlyLook: true }),
    )
    expect(look).toMatchObject({ made: 1, places: ['New', 'Inner'] })
    expect((await on.kitFile()).things).toEqual(before.things)
  })

  it('a word for a colour never takes the place of one that is known', async () => {
    await taken('name;kind;depth\nVole;foundation;4')
    expect((await named('Vole'))[0]!.lab).not.toBeNull()
    await taken('name;kind;L*;a*;b*\nVole;foundation;60;12;18')
    await taken('name;kind;depth\nVole;foundation;9')
    expect((await named('Vole'))[0]!.lab).toMatchObject({ L: 60, a: 12, b: 18 })
  })

  it('pans of one palette lie in one', async () => {
    await taken('name;kind;palette;price\nOchre;eye colour;Quarry;\nSlate;eye colour;Quarry;\nPlum;eye colour;Quarry;')
    const [quarry] = await named('Quarry')
    expect(quarry!.pans.map(p => p.name)).toEqual(['Ochre', 'Slate', 'Plum'])
    expect(await taken('name;kind;palette;level\nSlate;eye colour;Quarry;20 %')).toMatchObject({ changed: 1, made: 0 })
  })

  it('a row that was copied is one more of it, whatever ids it names', async () => {
    const { things } = await on.kitFile()
    const vole = things.find(t => t.name === 'Vole')!
    const fresh = { row: 1, id: 'fresh-1', name: 'Stoat', kind: 'foundation' }
    expect(await on.importThings(asInput({ things: [vole, vole, fresh, fresh] }))).toMatchObject({ made: 3, same: 1 })
    expect(await named('Vole')).toHaveLength(2)
    expect(new Set((await named('Stoat')).map(t => t.productId)).size).toBe(1)
  })

  it('what went out of the kit comes back as itself', async () => {
    const file = await on.kitFile()
    const gone = (await named('Vole'))[0]!
    await on.removeUnit(gone.id)
    expect(await on.importThings(asInput(file))).toMatchObject({ made: 1, changed: 0 })
    expect((await named('Vole'))[0]).toMatchObject({ id: gone.id, productId: gone.productId })
  })

  it('a pouch of the same name in the same case is that pouch, whatever id another kit gave it', async () => {
    await taken('name;place\nFirst;Trunk › Odds')
    const before = (await on.kitFile()).places
    const places = [
      { id: 'there-1', sort: 'bag', name: 'Trunk', position: 0 },
      { id: 'there-2', sort: 'pouch', name: 'odds', parentId: 'there-1', position: 0 },
    ]
    const things = [{ row: 1, name: 'Second', details: { placeId: 'there-2' } }]
    await on.importThings(asInput({ places, things }))
    expect((await on.kitFile()).places).toEqual(before)
    expect((await named('Second'))[0]!.placeId).toBe((await named('First'))[0]!.placeId)
  })

  it('of hundreds of rows is gone by one undo, or not at all where one of them was changed since', async () => {
    const rows = (level: number) =>
      ['name;kind;level', ...Array.from({ length: 300 }, (_, i) => `Many ${i};lip colour;${level} %`)].join('\n')
    const many = async () => (await on.allThings()).filter(t => t.name.startsWith('Many'))
    const before = await on.kitFile()
    await taken(rows(50))
    const half = await on.kitFile()
    await taken(rows(20))
    const [first] = await many()
    await on.setLevel(first!.id, Object.assign(new LevelInput(), { level: 0.9 }))
    const [levelled, changed, made] = await on.history()
    await expect(on.undo(changed!.id)).rejects.toThrow(/changed since/)
    expect((await many()).filter(t => t.level === 0.2)).toHaveLength(299)
    await on.undo(levelled!.id)
    await on.undo(changed!.id)
    expect((await on.kitFile()).things).toEqual(half.things)
    await on.undo(made!.id)
    expect((await on.kitFile()).things).toEqual(before.things)
  })

  it('taken back and taken in again, places are those they were', async () => {
    const places = [{ id: 'again-case', parentId: null, sort: 'case', name: 'Again', position: 9 }]
    const things = [{ row: 1, name: 'Once more', kind: 'lip colour', details: { placeId: 'again-case' } }]
    const take = () => on.importThings(asInput({ places, things }))
    await take()
    await on.undo((await on.history())[0]!.id)
    await take()
    expect((await named('Once more'))[0]!.placeId).toBe('again-case')
    expect((await on.placesNow()).filter(p => p.id === 'again-case')).toHaveLength(1)
  })

  it('is gone by one undo', async () => {
    const before = await on.kitFile()
    await taken('name;count;place\nOdd one;1;Cellar › Shelf\nOdd two;2;Cellar')
    await on.undo((await on.history())[0]!.id)
    expect((await on.kitFile()).things).toEqual(before.things)
    expect((await on.kitFile()).places).toEqual(before.places)
  })
})

/* Whatever can stand in a kit. */
const awkward = (most: number) =>
  fc
    .oneof(
      fc.string({ unit: 'grapheme', minLength: 1, maxLength: 12 }),
      fc.constantFrom(
        '=1+1',
        "'=x",
        '-3',
        '@me',
        'a;b,"c"',
        ' led and trailed ',
        'two\nlines',
        "''+",
        'Ü › ß > x',
        '3x x',
        '#',
        '0012',
      ),
    )
    .filter(t => t.trim() !== '' && t.length <= most && !/[\p{Cc}\p{Cs}]/u.test(t.replace('\n', '')))
const share = fc.double({ min: 0, max: 1, noNaN: true })
const maybe = <T>(of: fc.Arbitrary<T>) => fc.option(of, { nil: undefined })
const thingArbitrary = fc.record({
  name: awkward(80),
  kind: fc.constantFrom(...OWNED_KINDS),
  brand: maybe(awkward(60)),
  range: maybe(awkward(60)),
  shape: fc.constantFrom(...BRUSH_SHAPES),
  size: fc.double({ min: 0.1, max: 999, noNaN: true }),
  measure: fc.constantFrom(...MEASURES),
  count: fc.integer({ min: 1, max: 40 }),
  level: share,
  notes: maybe(awkward(80)),
  label: maybe(awkward(40)),
  batch: maybe(awkward(20)),
  why: maybe(awkward(40)),
  role: fc.constantFrom(...UNIT_ROLES),
  priceMinor: maybe(fc.integer({ min: 0, max: 9_999_999 })),
  openedOn: maybe(fc.constantFrom('2026-02-28', '2025-12-31T23:30:00+01:00')),
  expiresOn: maybe(fc.constantFrom('2027-01-31')),
  retiredAt: maybe(fc.constantFrom('2026-10-01T08:00:00.000Z')),
  lab: fc.record({
    L: fc.double({ min: 30, max: 80, noNaN: true }),
    a: fc.double({ min: -5, max: 15, noNaN: true }),
    b: fc.double({ min: -5, max: 15, noNaN: true }),
  }),
  colourSource: fc.constantFrom(...COLOUR_SOURCES),
  place: maybe(fc.array(awkward(30), { minLength: 1, maxLength: 3 })),
  palette: maybe(fc.constantFrom('Quarry', "=Slate'")),
  barcode: maybe(fc.constantFrom('4006381333931', '96385074')),
  strength: fc.double({ min: 0.25, max: 4, noNaN: true }),
  paoMonths: maybe(fc.integer({ min: 1, max: 60 })),
})
const kitArbitrary = fc.array(thingArbitrary, { minLength: 1, maxLength: 8 }).map(all =>
  all.map((t, i): Partial<ImportedThing> => {
    const { strength, paoMonths, palette, lab, colourSource, range, barcode, ...rest } = t
    if (!isItemKind(t.kind)) return { row: i + 1, ...rest, barcode }
    const traits = paoMonths === undefined ? { spf: null } : { resists: ['water' as const], paoMonths, spf: 15 }
    return { row: i + 1, ...rest, barcode, range, lab, colourSource, palette, details: { strength, traits } }
  }),
)
/** A kit without the fields that every write changes. */
const told = ({ places, things, currency }: KitFile) => ({ places, things, currency })

describe('a kit that is written out', () => {
  it('comes in as it was, as JSON and as a table, whatever it is called', async () => {
    await emptied()
    await fc.assert(
      fc.asyncProperty(kitArbitrary, async things => {
        await on.importThings(asInput({ things }))
        const file = JSON.parse(JSON.stringify(await on.kitFile())) as KitFile
        expect(file.things.length).toBeGreaterThanOrEqual(things.length)
        expect(await on.importThings(asInput(file))).toMatchObject({ made: 0, changed: 0 })
        await emptied()
        await on.importThings(asInput(file))
        expect(told(await on.kitFile())).toEqual(told(file))
        await emptied()
        const csv = kitCsv(file.things)
        const [headings, ...rows] = Papa.parse<string[]>(csv, { skipEmptyLines: true }).data
        const read = readRows(rows, guessColumns(headings!, rows), HABITS)
        expect(read.problems).toEqual([])
        await on.importThings(asInput({ things: read.things }))
        expect(told(await on.kitFile())).toEqual(told(file))
        await emptied()
      }),
      { numRuns: 15 },
    )
  }, 120_000)

  it('nothing of the table is a formula to a spreadsheet', () => {
    fc.assert(
      fc.property(awkward(80), name => {
        const [, row] = Papa.parse<string[]>(kitCsv([{ row: 1, name }])).data
        expect(row![0]).not.toMatch(/^[=+\-@\t\r]/)
      }),
    )
  })
})

describe('a kit that was written out, in another database', () => {
  it('keeps the names and limits of places, and what was decanted from what, where ids are taken', async () => {
    const places = [
      { id: 'kit-case', sort: 'case', name: 'Blue trolley', position: 1, limitG: 9000, volumeMl: 40_000 },
      { id: 'home', sort: 'home', name: 'Home', position: 0, limitG: 1 },
    ]
    const pump = { name: 'Pump', kind: 'foundation', size: 30, level: 0.8, productId: 'pump-1' }
    const things = [
      { row: 1, id: 'pump-unit', ...pump, details: { fillId: 'f1' } },
      { row: 2, id: 'decant-unit', ...pump, size: 5, level: 1, details: { container: 'decant', fromFillId: 'f1' } },
    ]
    const input = () => asInput({ things, places })
    await on.importThings(input())
    const place = async (id: string) => (await on.placesSound()).find(p => p.id === id)!
    expect(await place('kit-case')).toMatchObject({ name: 'Blue trolley', own: { limitG: 9000, volumeMl: 40_000 } })
    const origins = async () =>
      (await on.write(tx => tx.select().from(on.tables.fills))).filter(f => f.fromFillId !== null)
    expect(await origins()).toHaveLength(1)
    // What the artist has said here is not overwritten by a file.
    await on.changePlace('kit-case', Object.assign(new PlaceInput(), { name: 'Mine', sort: 'case', limitG: 7000 }))
    // The same again where these ids stood for things that have gone: each is new, and the decant still comes from its bottle.
    for (const t of await named('Pump')) await on.removeUnit(t.id)
    await on.importThings(input())
    expect(await place('kit-case')).toMatchObject({ name: 'Mine', own: { limitG: 7000 } })
    const made = await named('Pump')
    expect(made).toHaveLength(2)
    const [last] = (await origins()).filter(f => made.some(t => t.id === f.unitId))
    const [source] = (await on.write(tx => tx.select().from(on.tables.fills))).filter(f => f.id === last!.fromFillId)
    expect(made.map(t => t.id)).toContain(source!.unitId)
  })

  it('a column of when things were last used goes into the log, once', async () => {
    const csv = 'Name;Kind;Last used\nHedge;lip colour;14.3.2026'
    const input = asInput({ things: table(csv).things })
    await on.importThings(input)
    await on.importThings(input)
    const [hedge] = await named('Hedge')
    const log = await on.write(tx => tx.select().from(on.tables.uses).where(eq(on.tables.uses.unitId, hedge!.id)))
    expect(log.map(u => u.at)).toEqual(['2026-03-14'])
  })
})
