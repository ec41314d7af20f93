import fc from 'fast-check'
import { barcodeProblem, checkDigit, sameBarcode } from '../labels/barcode'
import { dayIn, levelIn, measureIn, numberIn, priceIn, sizeIn } from './cells'
import { guessColumns, hasHeadings, headingRow } from './columns'
import { fromHarmless, harmless } from './harmless'
import { readPasted } from './pasted'
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
  it('a cell that cannot be read is told by its row and left out; only a row without a name is refused', () => {
    const rows = [
      ['Dune', 'viel', '12'],
      ['Heron', '1/2', 'cheap'],
      ['', '1/4', ''],
      ['', '', ''],
      ['Otter', 'voll', '3'],
    ]
    const read = readRows(rows, ['name', 'level', 'price'], HABITS)
    expect(read.things).toMatchObject([
      { row: 1, name: 'Dune', priceMinor: 1200 },
      { row: 2, name: 'Heron', level: 0.5 },
      { row: 5, name: 'Otter', level: 1, priceMinor: 300 },
    ])
    expect(read.things[0]).not.toHaveProperty('level')
    expect(read.problems.map(p => [p.row, p.field])).toEqual([
      [1, 'level'],
      [2, 'price'],
      [3, 'name'],
    ])
  })

  it('another currency is asked about, and reckoned once it is told', () => {
    const rows = [['Dune', '10 $']]
    expect(readRows(rows, ['name', 'price'], HABITS)).toMatchObject({
      currencies: ['USD'],
      things: [{ name: 'Dune' }],
    })
    const told = readRows(rows, ['name', 'price'], { ...HABITS, rates: { USD: 0.9 } })
    expect(told.things[0]).toMatchObject({ priceMinor: 900 })
  })

  it('a name says what no column does', () => {
    const [thing] = readRows([['3x angled liner brush']], ['name'], HABITS).things
    expect(thing).toMatchObject({ kind: 'brush', shape: 'angled brush', count: 3 })
  })
})

describe('tables as they are kept', () => {
  const table = (text: string) => text.split('\n').map(line => line.split('|').map(c => c.trim()))
  const inTable = (text: string) => {
    const rows = table(text)
    const at = headingRow(rows)
    const body = rows.slice(at === null ? 0 : at + 1)
    const titles = at === null ? rows[0]!.map(() => '') : rows[at]!
    return readRows(body, guessColumns(titles, body), HABITS)
  }
  const pasted = (text: string, headed?: number | null) =>
    readPasted(
      table(text).map(r => r.join('\t')),
      HABITS.today,
      headed,
    )

  it('the headings are found under a title, and none are found where there are none', () => {
    const under = table('Kit of the salon||\nas of 3 May||\n||\nMake|Item|Nuance\nMoor|Base|02')
    expect(headingRow(under)).toBe(3)
    expect(headingRow(table('Base|02|30 ml\nPowder|04|10 g'))).toBeNull()
    expect(headingRow(table('Products|\nBase|30 ml'))).toBe(0)
  })

  it('a row with several shades is a thing of each, in a file and pasted', () => {
    const text =
      'Brand|Product|Shade|Qty|Size|Price\nMoor|Skin tint|02, 04 and 06|3|30 ml|24,90\nFern|Lip pencil|nude / red|1|1 g|'
    expect(inTable(text).things.map(t => [t.name, t.range, t.count, t.size, t.priceMinor])).toEqual([
      ['Skin tint 02', 'Skin tint', 1, 30, 2490],
      ['Skin tint 04', 'Skin tint', 1, 30, 2490],
      ['Skin tint 06', 'Skin tint', 1, 30, 2490],
      ['Lip pencil nude', undefined, 1, 1, undefined],
      ['Lip pencil red', undefined, 1, 1, undefined],
    ])
    expect(pasted(text).things.map(t => [t.name, t.shade, t.count, t.doubtful])).toEqual([
      ['Moor Skin tint 02', '02', 1, []],
      ['Moor Skin tint 04', '04', 1, []],
      ['Moor Skin tint 06', '06', 1, []],
      ['Fern Lip pencil nude', 'nude', 1, []],
      ['Fern Lip pencil red', 'red', 1, []],
    ])
  })

  it.each([
    [
      'Item|Number\nFoundation|102\nFoundation|204',
      [
        ['Foundation 102', undefined],
        ['Foundation 204', undefined],
      ],
    ],
    [
      'Item|Number\nFoundation|2\nPowder|1\nBlush|1',
      [
        ['Foundation', 2],
        ['Powder', 1],
        ['Blush', 1],
      ],
    ],
    [
      'No|Item|Stück\n1|Puder|2\n2|Rouge|1\n3|Pinsel|12',
      [
        ['Puder', 2],
        ['Rouge', 1],
        ['Pinsel', 12],
      ],
    ],
    [
      'Type|Nuance|Nombre\nPoudre|claire|2\nPoudre|foncée|1',
      [
        ['Poudre claire', 2],
        ['Poudre foncée', 1],
      ],
    ],
  ])('what a figure counts: %s', (text, things) =>
    expect(inTable(text).things.map(t => [t.name, t.count])).toEqual(things),
  )

  it('without headings columns are what stands in them, and figures that number the rows are nothing', () => {
    const { things } = pasted('1|Foundation|02|30 ml|50 %\n2|Foundation|04|30 ml|full\n3|Concealer|light|7 ml|1/4')
    expect(things.map(t => [t.name, t.shade, t.size, t.level])).toEqual([
      ['Foundation 02', '02', 30, 0.5],
      ['Foundation 04', '04', 30, 1],
      ['Concealer light', null, 7, 0.25],
    ])
  })

  it('cells speak as lines do, and one that says nothing is marked', () => {
    const text =
      'Product|Undertone|Cover|Finish|Depth\nFoundation|warm|medium coverage|matt|deep\nFoundation|plaid|full|shiny-ish|3'
    const [first, second] = inTable(text).things
    expect(first).toMatchObject({ undertone: 'golden', coverage: 'medium', finish: 'matte', depth: 9.5 })
    expect(second).toMatchObject({ coverage: 'full', depth: 3 })
    expect(inTable(text).problems.map(p => p.field)).toEqual(['undertone', 'finish'])
    expect(pasted(text).things[1]!.doubtful).toEqual(expect.arrayContaining(['plaid', 'shiny-ish']))
  })

  it('a heading within a table says what stands under it, and a total is nothing', () => {
    const text = 'Item|Colour|Qty\nBROWS||\nPencil|taupe|2\nLIPS||\nPencil|nude|1\nTotal||3'
    expect(inTable(text).things.map(t => [t.kind, t.count])).toEqual([
      ['brow', 2],
      ['lip liner', 1],
    ])
    expect(inTable(text).asides).toEqual(['BROWS', 'LIPS', 'Total 3'])
    expect(pasted(text).things.map(t => [t.kind, t.under])).toEqual([
      ['brow', 'BROWS'],
      ['lip liner', 'LIPS'],
    ])
  })

  it('what is not made for eyes is known as it in a table, too, and what was guessed is no safe thing', () => {
    const [glitter, rose] = inTable('Item|Qty\nCraft glitter|2\nRosehip thing|1').things
    expect(glitter!.unsafeFor).toContain('eyes')
    expect(rose!.isGuess).toBe(true)
  })

  it('the heading row can be another one, or none', () => {
    const text = 'What|Tone|Rest\nProduct|Shade|Qty\nFoundation|02|2'
    expect(pasted(text, 1).things).toMatchObject([{ name: 'Foundation 02', count: 2 }])
    expect(pasted(text, null).things).toHaveLength(3)
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
