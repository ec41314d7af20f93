import { INGREDIENT_LISTS } from '../../../tests/support/ingredientLists'
import { FAMILIES } from '../../complexion/product'
import { FLAGS, familyOf, readIngredients } from './ingredients'
import { parseInci } from './inci'
import { canonicalName } from './names'
import { foundIn, substanceFor } from './substances'

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
  it('a long text is read in reasonable time', () => {
    const begun = performance.now()
    readIngredients(Array.from({ length: 400 }, (_, i) => `Invented Extract Number ${i} Oil`).join(', '))
    expect(performance.now() - begun).toBeLessThan(2000)
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
    ['tocopherol', ['tocopherol', 'tocopheryl acetate'], ['tocopherol']],
    ['phenoxyethanol', ['phenoxyethanol'], ['phenoxyethanol']],
  ])('%s', (declared, list, found) => expect(foundIn(declared, list)).toEqual(found))

  it('a declared word matches nothing it is not', () => {
    expect(foundIn('alcohol', ['cetyl alcohol', 'benzyl alcohol'])).toEqual([])
    expect(foundIn('latex', ['acrylates copolymer'])).toEqual([])
    expect(foundIn('silica (powder)', ['mica'])).toEqual([])
    expect(substanceFor('  Shea butter ').label).toBe('Shea butter')
    expect(foundIn('shea butter', ['butyrospermum parkii butter'])).toEqual(['butyrospermum parkii butter'])
  })
})
