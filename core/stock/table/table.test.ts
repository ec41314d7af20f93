import fc from 'fast-check'
import { barcodeProblem, checkDigit, sameBarcode } from '../labels/barcode'
import { dayIn, levelIn, measureIn, numberIn, priceIn, sizeIn } from './cells'
import { guessColumns, hasHeadings } from './columns'
import { fromHarmless, harmless } from './harmless'
import { readRows } from './rows'

const HABITS = { today: '2026-11-27', dayFirst: true, currency: 'EUR', rates: {} }

describe('columns', () => {
  it.each([
    ['Shade,Brand,Qty,Size (ml),% left,Where', ['name', 'brand', 'count', 'size', 'level', 'place']],
    [
      'Bezeichnung,Hersteller,Stückzahl,Inhalt,Preis in €,MHD',
      ['name', 'brand', 'count', 'size', 'price', 'expiresOn'],
    ],
    ['Désignation,Marque,Quantité,Contenance,Ouvert le', ['name', 'brand', 'count', 'size', 'openedOn']],
    ['Brush shape,Item,L*,a*,b*,Nonsense', ['shape', 'name', 'L', 'a', 'b', null]],
    ['Kategorie,x', ['kind', 'name']],
  ])('%s', (headings, meant) => {
    expect(guessColumns(headings.split(','), [['Brush', 'Otter liner']])).toEqual(meant)
  })

  it('a first row that is a thing is no heading', () => {
    expect(hasHeadings(['Angled brush', '3', '12.50'])).toBe(false)
    expect(hasHeadings(['Product', 'How many', 'Price'])).toBe(true)
  })
})

describe('cells', () => {
  it.each([
    ['12,5', 12.5],
    ['1.234,50', 1234.5],
    ['1,234.50', 1234.5],
    ['1 234', 1234],
    ['1.234.567', 1_234_567],
    ["1'200.5", 1200.5],
    ['-3,5', -3.5],
    ['abc', undefined],
    ['', undefined],
  ])('the number %s', (cell, value) => expect(numberIn(cell)).toBe(value))

  it('prices with their currency', () => {
    expect(priceIn('24,90 €')).toEqual({ minor: 2490, currency: 'EUR' })
    expect(priceIn('USD 1,299')).toEqual({ minor: 129_900, currency: 'USD' })
    expect(priceIn('7.5')).toEqual({ minor: 750, currency: null })
    expect(priceIn('-3')).toBeUndefined()
  })

  it('shares, sizes and units', () => {
    expect([levelIn('50 %'), levelIn('0,25'), levelIn('80'), levelIn('half full'), levelIn('120')]).toEqual([
      0.5,
      0.25,
      0.8,
      0.5,
      undefined,
    ])
    expect(sizeIn('7,5 g')).toEqual({ size: 7.5, measure: 'g' })
    expect(sizeIn('30')).toEqual({ size: 30, measure: null })
    expect([measureIn('Stk'), measureIn('Paar'), measureIn('ML'), measureIn('cubits')]).toEqual([
      'piece',
      'pair',
      'ml',
      undefined,
    ])
  })

  it('days in any order', () => {
    expect(dayIn('14.3.2026', HABITS)).toBe('2026-03-14')
    expect(dayIn('03/04/2026', HABITS)).toBe('2026-04-03')
    expect(dayIn('03/04/2026', { ...HABITS, dayFirst: false })).toBe('2026-03-04')
    expect(dayIn('12/31/2025', HABITS)).toBe('2025-12-31')
    expect(dayIn('March 2026', HABITS)).toBe('2026-03')
    expect(dayIn('soon', HABITS)).toBeUndefined()
  })

  it('what a spreadsheet would reckon with is marked, and loses the mark again', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom("'", '=', '+', 'a', '-', '@', ' ') }), text => {
        expect(harmless(text)).not.toMatch(/^[=+\-@]/)
        expect(fromHarmless(harmless(text))).toBe(text)
      }),
    )
  })
})

describe('rows', () => {
  it('each cell that cannot be read is told by its row, and the others are taken', () => {
    const rows = [
      ['Dune', 'viel', '12'],
      ['Heron', '1/2', 'cheap'],
      ['', '1/4', ''],
      ['', '', ''],
      ['Otter', 'voll', '3'],
    ]
    const read = readRows(rows, ['name', 'level', 'price'], HABITS)
    expect(read.things).toEqual([{ row: 5, name: 'Otter', level: 1, priceMinor: 300 }])
    expect(read.problems.map(p => [p.row, p.field])).toEqual([
      [1, 'level'],
      [2, 'price'],
      [3, 'name'],
    ])
  })

  it('another currency is asked about, and reckoned once it is told', () => {
    const rows = [['Dune', '10 $']]
    expect(readRows(rows, ['name', 'price'], HABITS)).toMatchObject({ currencies: ['USD'], things: [] })
    const told = readRows(rows, ['name', 'price'], { ...HABITS, rates: { USD: 0.9 } })
    expect(told.things[0]).toMatchObject({ priceMinor: 900 })
  })

  it('a name says what no column does', () => {
    const [thing] = readRows([['3x angled liner brush']], ['name'], HABITS).things
    expect(thing).toMatchObject({ kind: 'brush', shape: 'angled brush', count: 3 })
  })
})

describe('barcodes', () => {
  it('are checked by their last figure', () => {
    expect([barcodeProblem('4006381333931'), barcodeProblem('96385074')]).toEqual([null, null])
    expect(barcodeProblem('4006381333932')).toContain('last figure')
    expect(barcodeProblem('12345')).toContain('8, 12, 13 or 14')
    expect(barcodeProblem('4OO6381333931')).toContain('figures only')
    expect(sameBarcode('036000291452', '0036000291452')).toBe(true)
  })

  it('notice any one figure that is wrong, and most that changed places', () => {
    fc.assert(
      fc.property(fc.stringMatching(/^\d{12}$/), fc.nat(12), fc.integer({ min: 1, max: 9 }), (twelve, at, by) => {
        const right = `${twelve}${checkDigit(twelve)}`
        expect(barcodeProblem(right)).toBeNull()
        const wrong = [...right].map((f, i) => (i === at ? String((Number(f) + by) % 10) : f)).join('')
        expect(barcodeProblem(wrong)).not.toBeNull()
      }),
    )
  })
})
