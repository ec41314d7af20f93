import { growth } from '../../tests/support/growth'
import { INGREDIENT_LISTS } from '../../tests/support/ingredientLists'
import { FAMILIES } from '../complexion/bottles/product'
import { FLAGS } from './flags'
import { familyOf, readIngredients } from './ingredients'
import { canonicalName } from './names'
import { seeded } from '../../tests/support/random'
import { parseInci } from './inci'
import { ENTRIES_MOST, INCI_MOST, entriesIn } from './listLength'
import { declaredAs, foundIn } from './declared'

describe('ingredient lists as found in the wild', () => {
  it('there are at least 40, of every family, raising every flag', () => {
    expect(INGREDIENT_LISTS.length).toBeGreaterThanOrEqual(40)
    expect(new Set(INGREDIENT_LISTS.map(l => l.family))).toEqual(new Set(FAMILIES))
    expect(new Set(INGREDIENT_LISTS.flatMap(l => l.flags))).toEqual(new Set(FLAGS))
  })

  it.each(INGREDIENT_LISTS.map(l => [l.what, l] as const))('%s', (_what, { text, family, flags }) => {
    const reading = readIngredients(text)
    expect(reading.family).toBe(family)
    expect(reading.flags.map(f => f.flag).sort()).toEqual([...flags].sort())
    for (const { because } of reading.flags) {
      expect(because.length).toBeGreaterThan(0)
      for (const name of because) expect([...reading.ingredients, ...reading.mayContain]).toContain(name)
    }
  })
})

describe('reading a list', () => {
  it('keeps "may contain" apart and folds languages into one name', () => {
    const { ingredients, mayContain } = parseInci('Water (Aqua/Eau), Talc; May contain: [CI 77891, CI 77491]')
    expect(ingredients).toEqual(['aqua', 'talc'])
    expect(mayContain).toEqual(['ci 77891', 'ci 77491'])
  })
  it('commas inside names and figures do not separate', () => {
    expect(parseInci('Aqua, 1,2-Hexanediol, Zinc Oxide 6,5 %, Urea').ingredients).toEqual([
      'aqua',
      '1,2-hexanediol',
      'zinc oxide',
      'urea',
    ])
  })
  it('empty text, numbers and nonsense give an empty list and an unknown family', () => {
    for (const text of ['', '   ', '12, 34', '***', ',,,;'])
      expect(readIngredients(text)).toMatchObject({ family: 'unknown', ingredients: [] })
  })
  it('puts a slip of the pen right, but never a colour index', () => {
    expect(canonicalName('Cyclopentasilxane')).toBe('cyclopentasiloxane')
    expect(canonicalName('CI 77493')).toBe('ci 77493')
    expect(canonicalName('Titanium Dioxide (Nano)')).toBe('titanium dioxide')
  })
  it('a titanium dioxide in "may contain" filters nothing even with a sun factor', () => {
    expect(readIngredients('SPF 20. Aqua, Octocrylene, Glycerin. May contain: Titanium Dioxide').flags).toEqual([])
  })
  it('a long text takes time in proportion to its length', () => {
    const text = (from: number, length: number) =>
      Array.from({ length }, (_, i) => `Invented Extract Number ${from + i} Oil`).join(', ')
    let from = 0
    // Other names each time: a name that was read before is remembered.
    const read = (length: number) => () => readIngredients(text((from += 1000), length))
    expect(growth(read(100), read(400))).toBeLessThan(10)
  })
})

describe('family rules', () => {
  it.each([
    [['aqua', 'alcohol denat.', 'glycerin'], 'alcohol'],
    [['aqua', 'glycerin', 'urea', 'dimethicone'], 'unknown'],
    [['aqua', 'glycerin', 'urea', 'panthenol', 'squalane', 'dimethicone'], 'water'],
    [['isododecane', 'dimethicone'], 'hydrocarbon'],
    [['squalane', 'aqua'], 'unknown'],
    [['talc', 'dimethicone'], 'powder'],
    [['dimethiconol'], 'silicone'],
  ] as const)('%j is %s', (list, family) => expect(familyOf(list)).toBe(family))
})

describe('declared sensitivities', () => {
  it.each([
    ['wool fat', ['aqua', 'lanolin alcohol'], ['lanolin alcohol']],
    ['lanolin', ['adeps lanae', 'talc'], ['adeps lanae']],
    ['Nuts', ['prunus amygdalus dulcis oil'], ['prunus amygdalus dulcis oil']],
    ['perfume', ['parfum', 'limonene', 'talc'], ['parfum', 'limonene']],
    ['gluten', ['triticum vulgare germ oil'], ['triticum vulgare germ oil']],
    ['cochineal', ['ci 75470'], ['ci 75470']],
    ['Vaseline', ['petrolatum', 'talc'], ['petrolatum']],
    ['tocopherol', ['tocopherol', 'tocopheryl acetate'], ['tocopherol', 'tocopheryl acetate']],
    ['phenoxyethanol', ['phenoxyethanol'], ['phenoxyethanol']],
  ])('%s', (declared, list, found) => expect(foundIn(declared, list)).toEqual(found))

  it('a declared word matches nothing it is not', () => {
    expect(foundIn('alcohol', ['cetyl alcohol', 'benzyl alcohol'])).toEqual([])
    expect(foundIn('latex', ['acrylates copolymer'])).toEqual([])
    expect(foundIn('silica (powder)', ['mica'])).toEqual([])
    expect(declaredAs('  Shea butter ').label).toBe('shea')
    expect(foundIn('shea butter', ['butyrospermum parkii butter'])).toEqual(['butyrospermum parkii butter'])
  })
})

describe('words that people type', () => {
  const list = ['aqua', 'parfum', 'salicylic acid', 'lactic acid', 'hypericum perforatum oil', 'rubber latex', 'a-wax']
  it.each<[string, string[]]>([
    ["St John's wort", ['hypericum perforatum oil']],
    ['St John’s Wort', ['hypericum perforatum oil']],
    ['AHA & BHA', ['salicylic acid', 'lactic acid']],
    ['parfum, mild', ['parfum']],
    ['latex!', ['rubber latex']],
    ["l'huile", []],
    ['(', []],
    ['[a', ['a-wax']],
    ['\\', []],
    ['.*', []],
    ['a|b', []],
    ['(?:', []],
  ])('%s is compared as words, never as a pattern', (declared, found) => expect(foundIn(declared, list)).toEqual(found))

  it('whatever is typed, nothing throws', () => {
    const signs = [...'()[]{}*+?.\\^$|/-&,;\'"!<>% aé漢🙂']
    const { pick } = seeded(5)
    for (let i = 0; i < 2000; i++) {
      const word = Array.from({ length: 1 + (i % 12) }, () => pick(signs)).join('')
      expect(Array.isArray(foundIn(word, list))).toBe(true)
    }
  })
})

describe('lists made to be slow', () => {
  const most = (unit: string) => unit.repeat(Math.floor(INCI_MOST / unit.length))
  it.each([
    ' ',
    '\u00a0',
    '\n',
    '(',
    '[ ',
    '*',
    '1',
    '1,',
    'a,',
    '-\n',
    'may contain ',
    'active ingredients: ',
    'spf ',
    '. ',
    '1 1 ',
    '1%',
    '() ',
    '+/',
    'dimethicona,',
    'zzzzzzzzz,',
  ])('%j over and over reads in time proportional to its length', unit => {
    const text = most(unit)
    const quarter = text.slice(0, Math.floor(text.length / 4))
    expect(
      growth(
        () => readIngredients(quarter),
        () => readIngredients(text),
      ),
    ).toBeLessThan(10)
  })

  it('counts entries and reads no more than so many', () => {
    expect(entriesIn('aqua, talc; mica')).toBe(3)
    expect(readIngredients('talc,'.repeat(3000)).ingredients).toEqual(['talc'])
    expect(entriesIn('talc,'.repeat(3000))).toBeGreaterThan(ENTRIES_MOST)
  })
})
