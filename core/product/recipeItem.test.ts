import { item } from '../../tests/support/suitability'
import { meanCoverage, meanKnown, meanWord } from '../complexion/bottles/formula'
import type { Recipe } from '../complexion/mixing/recipe'
import { complexionProduct, itemOfRecipe, recipeName } from './recipeItem'

const sheer = item('foundation', {
  id: 's',
  name: 'Sheer',
  coverage: 'sheer',
  finish: 'dewy',
  wearHours: 4,
  resists: ['water'],
  spf: 0,
  flags: ['fragrance'],
  ingredients: ['aqua', 'parfum'],
  lab: { L: 60, a: 10, b: 18 },
  useBy: '2027-01-01',
  claims: ['vegan', 'oil-free'],
  safeFor: ['face', 'body'],
})
const full = item('foundation', {
  id: 'f',
  name: 'Full',
  coverage: 'full',
  finish: 'matte',
  wearHours: 12,
  resists: ['water', 'transfer'],
  spf: 30,
  filter: 'mineral',
  ingredients: ['dimethicone'],
  lab: { L: 50, a: 12, b: 18 },
  useBy: '2026-12-31',
  claims: ['vegan'],
  sparkle: 'fine',
})
const recipe = (s: number, f: number): Recipe => ({
  drops: [
    { id: 's', count: s },
    { id: 'f', count: f },
  ].filter(d => d.count > 0),
  lab: { L: 55, a: 11, b: 18 },
  deltaE: 1,
  verdict: 'invisible',
})
const items = new Map([
  ['s', sheer],
  ['f', full],
])

describe('a mix as one product', () => {
  it('blends its formula by mass: coverage, finish, wear, sun factor', () => {
    const half = itemOfRecipe(recipe(1, 1), items)
    expect(half).toMatchObject({
      name: '1 Sheer + 1 Full',
      coverage: 'medium',
      finish: 'natural',
      wearHours: 8,
      spf: 15,
      filter: 'mineral',
      lab: { L: 55 },
    })
    expect(itemOfRecipe(recipe(7, 1), items)).toMatchObject({ coverage: 'light', finish: 'dewy', wearHours: 5 })
  })
  it('has the cautions of any part and the promises of all', () => {
    const mix = itemOfRecipe(recipe(1, 1), items)
    expect(mix.flags).toEqual(['fragrance'])
    expect(mix.ingredients).toEqual(['aqua', 'parfum', 'dimethicone'])
    expect(mix.useBy).toBe('2026-12-31')
    expect(mix.sparkle).toBe('fine')
    expect(mix.safeFor).toEqual(['face', 'body'])
    expect(mix.claims).not.toContain('oil-free')
  })
  it('keeps a resistance only when most of it has it', () => {
    expect(itemOfRecipe(recipe(1, 1), items).resists).toEqual(['water'])
    expect(itemOfRecipe(recipe(1, 3), items).resists).toEqual(['water', 'transfer'])
  })
  it('does not know what a part does not know', () => {
    const some = new Map([
      ['s', { ...sheer, ingredients: null, spf: null }],
      ['f', full],
    ])
    expect(itemOfRecipe(recipe(1, 1), some)).toMatchObject({ ingredients: null, spf: null })
  })
  it('a single bottle goes by its own name, and adjusters are no base', () => {
    expect(recipeName([{ id: 's', count: 3 }], items)).toBe('Sheer')
    expect(complexionProduct({ ...full, lab: full.lab!, kind: 'adjuster' })).toMatchObject({
      isBase: false,
      pricePerMl: 2000 / 30,
    })
  })
})

describe('blending words and figures', () => {
  it('words lie on a scale', () => {
    const blend = (matte: number, dewy: number) =>
      meanWord(
        ['matte', 'satin', 'dewy'],
        [
          { word: 'matte', share: matte },
          { word: 'dewy', share: dewy },
        ],
      )
    expect([blend(1, 1), blend(9, 1), blend(1, 9)]).toEqual(['satin', 'matte', 'dewy'])
  })
  it('coverage by hiding power, figures over what is known', () => {
    expect(
      meanCoverage([
        { hide: 0.35, share: 1 },
        { hide: 1.5, share: 1 },
      ]),
    ).toBe('medium')
    expect(
      meanKnown([
        { value: null, share: 5 },
        { value: 4, share: 1 },
        { value: 8, share: 1 },
      ]),
    ).toBe(6)
    expect(meanKnown([{ value: null, share: 1 }])).toBeNull()
  })
})
