import { readFileSync } from 'node:fs'
import { seeded } from '../../../tests/support/random'
import { ITEM_KINDS } from '../../product/item'
import { readList, type ReadThing } from './'
import { readPasted } from '../table/pasted'
import { pansNamed } from './panNames'
import { SUPPLY_KINDS, TOOL_KINDS } from '../things/kinds'
import { VOCABULARY } from './vocabulary'

const TODAY = '2026-11-27'
const read = (line: string) => readList([line], TODAY).things[0]!

/** Lines in many hands, with what each means. */
const HANDS = ['hands', 'others', 'later', 'further', 'elsewhere', 'unseen'].flatMap(name =>
  readFileSync(`tests/lists/${name}.txt`, 'utf8')
    .split('\n')
    .filter(l => l && !l.startsWith('#'))
    .map(l => {
      const [text, means] = l.split(' => ') as [string, string]
      const [kind, count, size, level] = means.split('; ') as [string, string, string, string]
      return { text, kind, count, size, level }
    }),
)

describe('single lines in many hands', () => {
  // Each by itself: they are of many lists, and none is a heading. What a line counts is the sum of its things.
  const lines = HANDS.map(h => ({ meant: h, things: readList([h.text], TODAY).things }))
  const share = (right: (thing: ReadThing & { all: number }, meant: (typeof HANDS)[number]) => boolean) =>
    lines.filter(
      ({ things, meant }) =>
        things.length > 0 && right({ ...things[0]!, all: things.reduce((n, t) => n + t.count, 0) }, meant),
    ).length / HANDS.length
  it('are more than four hundred, and none of them is lost', () => {
    expect(HANDS.length).toBeGreaterThan(400)
    expect(lines.filter(l => l.things.length === 0).map(l => l.meant.text)).toEqual([])
  })
  it('are understood', () => {
    expect(share((t, m) => (t.kind ?? 'unknown') === m.kind)).toBeGreaterThanOrEqual(0.95)
    expect(share((t, m) => String(t.all) === m.count)).toBeGreaterThanOrEqual(0.97)
    expect(share((t, m) => (t.size === null ? '-' : `${t.size} ${t.measure}`) === m.size)).toBeGreaterThanOrEqual(0.97)
    expect(share((t, m) => (t.level === null ? '-' : String(t.level)) === m.level)).toBeGreaterThanOrEqual(0.97)
  })
})

describe('a line', () => {
  it('says base, finish, cover, depth and undertone of what has them', () => {
    expect(read('foundation full cover matte water-based light medium olive 30 ml')).toMatchObject({
      kind: 'foundation',
      coverage: 'full',
      finish: 'matte',
      family: 'water',
      depth: 4.5,
      undertone: 'olive',
    })
    expect(read('liquid foundation depth 7,5 golden')).toMatchObject({ depth: 7.5, undertone: 'golden' })
    expect(read('blending brush medium')).toMatchObject({ kind: 'brush', depth: null, shape: 'blending brush' })
    expect(read('12-pan eyeshadow palette')).toMatchObject({ kind: 'eye colour', pans: 12, count: 1 })
  })
  it.each([
    ['mascara opened March', '2026-03', true],
    ['mascara opened December', '2025-12', true],
    ['mascara, opened 4.5.2026', '2026-05-04', false],
    ['mascara (open since 2026-02-11)', '2026-02-11', false],
    ['Mascara geöffnet Mai 26', '2026-05', false],
    ['mascara ouvert en août 2025', '2025-08', false],
    ['mascara opened 13/2026', null, false],
  ])('%s', (line, on, guessed) => {
    const { openedOn, doubtful } = read(line)
    expect(openedOn).toBe(on)
    expect(doubtful.includes('the year it was opened')).toBe(guessed)
  })
  it.each([
    ['foundaton deep 30 ml', 'foundation'],
    ['eyelinr black', 'liner'],
    ['Abdeckpuder lose', 'powder'],
    ['Augenbrauenpomade braun', 'brow'],
    ['Concealer-Palette 6 Farben', 'concealer'],
    ['leg bronzer', 'body make-up'],
    ['cheek cream', 'blush'],
    ['brush soap', 'brush cleanser'],
    ['primer, illuminating', 'glow'],
    ['lip brushes disposable', 'lip applicators'],
    ['body make up deep', 'body make-up'],
    ['SPF lotion', 'sun protection'],
    ['blurring fluid', 'primer'],
    ['huile nettoyante', 'cleanser'],
    ['calming mist', 'toner'],
    ['tinted powder', 'powder'],
    ['silicone thinner airbrush', 'medium'],
    ['stapler', 'unknown'],
  ])('%s is %s, misspelt, in one word with another, by where it goes or what it does', (line, kind) => {
    expect(read(line).kind ?? 'unknown').toBe(kind)
  })
  it.each([
    ['concealers: 3 light, 2 medium', 5],
    ['eyeliner pencils brown 2, black 2', 4],
    ['LIQUID FOUNDATION N4 QTY 2 30ML', 2],
    ['sheet masks hydrating 5', 5],
    ['foundation shade 12', 1],
    ['stick foundation x 6 shades', 6],
    ['cotton pads (approx 100)', 100],
    ['sponges 2 packs of 8', 16],
  ])('%s counts %i', (line, count) => {
    expect(readList([line], TODAY).things.reduce((n, t) => n + t.count, 0)).toBe(count)
  })
  it('keeps its name without what was read of it', () => {
    expect(read('• 2 x Tideline Fluid foundation Dune 30ml (half full), opened March').name).toBe(
      'Tideline Fluid foundation Dune',
    )
    expect(read('☐ 3x angled liner brush').name).toBe('angled liner brush')
  })
  it('that means nothing stays as it is, an empty one is none', () => {
    expect(read('qwertz 17 b')).toMatchObject({ sort: 'unknown', kind: null, name: 'qwertz 17 b', count: 1 })
    expect(readList(['', '   ', '\t', 'brush'], TODAY).things.map(t => t.line)).toEqual([3])
    expect(read('---').name).toBe('---')
  })
  it('of whatever signs never throws, is never lost, and stays within bounds', () => {
    const random = seeded(90)
    const PARTS = [
      '3x',
      '½',
      '1/0',
      '9/4',
      '%',
      '💄',
      '(',
      ')',
      '0',
      '-1',
      '1e9',
      '99999999999',
      'ml',
      'of',
      'opened',
      '31.13.26',
      'brush',
      '½½',
      'Ä',
      '\u0000',
      '×',
      "l'eau",
      '…',
    ]
    const odd: string[] = []
    for (let round = 0; round < 3000; round++) {
      const line = Array.from({ length: 1 + Math.floor(random.next() * 9) }, () => random.pick(PARTS)).join(
        random.pick([' ', '', ', ']),
      )
      const { things, headings } = readList([line], TODAY)
      if (line.trim() !== '' && things.length + headings.length === 0) odd.push(line)
      const isSound = ({ name, count, level, size }: ReadThing) =>
        name.length > 0
        && name.length <= 200
        && Number.isInteger(count)
        && count >= 1
        && (level === null || (level >= 0 && level <= 1))
        && (size === null || (size > 0 && Number.isFinite(size)))
      if (!things.every(isSound)) odd.push(line)
    }
    expect(odd).toEqual([])
  })
})

describe('lines among others', () => {
  const named = (text: string) => readList(text.split('\n'), TODAY).things.map(t => `${t.count} ${t.kind} ${t.name}`)
  it.each([
    ['KIT\n1. skin\ncleanser\n2. eyes\nquad', ['1 cleanser cleanser', '1 eye colour quad']],
    ['brushes: powder, blush x2, liner', ['1 brush powder brushes', '2 brush blush brushes', '1 brush liner brushes']],
    ['cream, powder and liquid blush', ['1 blush cream blush', '1 blush powder blush', '1 blush liquid blush']],
    ['foundation 2x light + 1x deep', ['2 foundation foundation light', '1 foundation foundation deep']],
    ['spirit gum and remover', ['1 null spirit gum', '1 remover remover']],
    ['BROWS\nPencil, taupe x2\nLIPS\nPencil, nude', ['2 brow Pencil, taupe', '1 lip liner Pencil, nude']],
    ['total 12\nneed to buy wipes\n12.3.2026', []],
  ])('%s', (text, things) => expect(named(text)).toEqual(things))
  it('of a list between commas, tabs or bars the heads say what a column is, and a bad cell is marked', () => {
    const { things, headings } = readPasted(['Name,Qty,Opened', 'mascara,2,03/2026', 'lip liner,lots,'], TODAY)
    expect(headings).toHaveLength(1)
    expect(things).toMatchObject([
      { name: 'mascara', count: 2, openedOn: '2026-03', doubtful: [] },
      { name: 'lip liner', count: 1, doubtful: ['lots'] },
    ])
  })
  it('a thousand things and more are read one a line, and marked', () => {
    const { things } = readList(
      Array.from({ length: 400 }, () => 'foundation N1–N50'),
      TODAY,
    )
    expect(things.length).toBeLessThan(12_000)
    expect(things.at(-1)!.doubtful).toEqual(['foundation N1–N50'])
  })
})

describe('the vocabulary', () => {
  it('names every kind, and no phrase names two', () => {
    const kinds = new Set(VOCABULARY.map(e => e.kind))
    expect([...ITEM_KINDS, ...TOOL_KINDS, ...SUPPLY_KINDS].filter(k => !kinds.has(k))).toEqual([])
    const phrases = VOCABULARY.map(e => e.phrase.join(' '))
    expect(phrases.filter((p, i) => phrases.indexOf(p) !== i)).toEqual([])
  })
})

describe('colours of a palette', () => {
  it.each([
    ['nude lip palette: sand, rose, toffee', 6, 'nude lip palette', ['sand', 'rose', 'toffee'], 6],
    ['eyeshadow quad (moss, gold, plum, ink)', null, 'eyeshadow quad', ['moss', 'gold', 'plum', 'ink'], 4],
    ['brow pencils (blonde, taupe)', null, 'brow pencils (blonde, taupe)', [], null],
    ['lip palette: a, b, c', 2, 'lip palette: a, b, c', [], 2],
    ['cheek palette (4 worn)', 6, 'cheek palette (4 worn)', [], 6],
  ])('%s', (text, pans, name, panNames, count) =>
    expect(pansNamed(text, pans)).toEqual({ name, panNames, pans: count }),
  )
})
