import { face, item, job, question, settings } from '../../../tests/support/suitability'
import { candidatesFor } from '../candidates/candidates'
import { planFace } from '../facePlan'
import { itemOfRecipe } from '../../product/recipeItem'
import { steered } from './steered'
import { usesFor } from '../needs/uses'

const skin = { L: 60, a: 11, b: 18 }
const dune = item('foundation', {
  id: 'dune',
  name: 'Dune',
  family: 'water',
  coverage: 'full',
  finish: 'satin',
  wearHours: 8,
  lab: skin,
  range: 'Q / Dune',
})
const reed = item('foundation', { ...dune, id: 'reed', name: 'Reed', lab: { ...skin, L: 64 } })
const thinner = item('medium', {
  id: 'thin',
  name: 'Rill thinner',
  family: 'water',
  coverage: 'sheer',
  finish: 'natural',
  wearHours: null,
  lab: null,
  range: 'Q / Rill',
})
const recipe = {
  drops: [
    { id: 'dune', count: 2 },
    { id: 'reed', count: 1 },
  ],
  lab: skin,
  deltaE: 0.5,
  verdict: 'invisible' as const,
}
const items = new Map([dune, reed, thinner].map(i => [i.id, i]))

describe('a recipe with a medium in it', () => {
  it('in every ratio of whole drops up to half and half, in lowest terms, twelve drops at most', () => {
    const all = steered(recipe, [dune, reed], thinner, {})
    expect(all.map(r => r.drops.map(d => d.count).join(' '))).toEqual([
      '2 1 1',
      '2 1 2',
      '2 1 3',
      '4 2 1',
      '4 2 3',
      '4 2 5',
      '6 3 1',
      '6 3 2',
    ])
    for (const r of all) {
      expect(r.drops.at(-1)!.id).toBe('thin')
      expect(r.drops.reduce((s, d) => s + d.count, 0)).toBeLessThanOrEqual(12)
      expect(r).toMatchObject({ lab: skin, deltaE: 0.5 })
    }
  })

  it('of what lasts, glows or covers more only a touch', () => {
    const most = (medium: typeof thinner) =>
      Math.max(
        ...steered({ ...recipe, drops: [{ id: 'dune', count: 1 }] }, [dune], medium, {}).map(
          r => r.drops[1]!.count / (r.drops[0]!.count + r.drops[1]!.count),
        ),
      )
    expect(most(thinner)).toBe(0.5)
    for (const booster of [{ coverage: 'full' as const }, { wearHours: 20 }, { sparkle: 'fine' as const }])
      expect(most({ ...thinner, ...booster })).toBe(0.25)
  })

  it('not where it may separate from one of the bottles', () => {
    expect(steered(recipe, [dune, { ...reed, family: 'silicone' }], thinner, {})).toEqual([])
    const held = new Map([['Q / Dune\nQ / Rill', true]])
    expect(steered(recipe, [dune, { ...reed, family: 'silicone' }], thinner, { tried: held })).not.toEqual([])
  })

  it('sheers the base without moving its colour; one for cover makes it hide more', () => {
    const half = { ...recipe, drops: [...recipe.drops, { id: 'thin', count: 3 }] }
    expect(itemOfRecipe(half, items)).toMatchObject({
      kind: 'foundation',
      name: '2 Dune + 1 Reed + 3 Rill thinner',
      coverage: 'light',
      hide: 0.75,
      lab: skin,
      wearHours: 8,
    })
    const sheer = item('foundation', { ...dune, coverage: 'sheer' })
    const cover = item('medium', { ...thinner, coverage: 'full' })
    const more = itemOfRecipe(
      {
        ...recipe,
        drops: [
          { id: 'dune', count: 1 },
          { id: 'thin', count: 1 },
        ],
      },
      new Map([
        ['dune', sheer],
        ['thin', cover],
      ]),
    )
    expect(more.coverage).toBe('medium')
  })
})

describe('in a plan', () => {
  const wish = face({ skin, bare: skin, coverage: 'light', bareFaced: true })
  const base = (kit: Parameters<typeof question>[0], who = wish) =>
    planFace(question(kit, { face: who })).layers.find(l => l.slot === 'foundation')!

  it('a full base is thinned for somebody who wants to look bare-faced, and says so', () => {
    const layer = base([dune, thinner])
    expect(layer.drops!.map(d => d.id)).toEqual(['dune', 'thin'])
    expect(['sheer', 'light']).toContain(layer.item.coverage)
    expect(layer.findings.map(f => f.sentence).join()).toMatch(/Rill thinner in it: light cover/)
  })

  it('stays in its bottle where it would bring nothing, is empty, or holds what was declared', () => {
    const full = face({ skin, bare: skin, coverage: 'full' })
    expect(base([dune, thinner], full).drops!.map(d => d.id)).toEqual(['dune'])
    expect(base([dune, { ...thinner, level: 0 }]).drops!.map(d => d.id)).toEqual(['dune'])
    const allergic = { ...wish, sensitivities: ['lanolin'] }
    const listed = { ...dune, ingredients: ['aqua'] }
    expect(base([listed, { ...thinner, ingredients: ['aqua', 'lanolin'] }], allergic).drops!.map(d => d.id)).toEqual([
      'dune',
    ])
  })

  it('a long day takes the drops that make a base last', () => {
    // 8 h and 20 h at one to three: 11 h.
    const hold = {
      ...thinner,
      id: 'hold',
      name: 'Tenon hold',
      coverage: 'medium' as const,
      wearHours: 20,
      finish: 'satin' as const,
    }
    const long = question([{ ...dune, coverage: 'medium' }, hold], {
      face: face({ skin, bare: skin, coverage: 'medium' }),
      job: job({ hours: 11, heat: true }),
    })
    const layer = planFace(long).layers.find(l => l.slot === 'foundation')!
    expect(layer.drops!.map(d => d.id)).toEqual(['dune', 'hold'])
    expect(layer.item.wearHours).toBeGreaterThanOrEqual(11)
  })

  it('can be locked in drop by drop', () => {
    const drops = [
      { id: 'dune', count: 3 },
      { id: 'thin', count: 1 },
    ]
    const layer = planFace(
      question([dune, thinner], {
        face: face({ skin, bare: skin, coverage: 'full' }),
        locks: { foundation: { drops } },
      }),
    ).layers.find(l => l.slot === 'foundation')!
    expect(layer).toMatchObject({ drops, locked: true })
    expect(layer.item.lab).toMatchObject({ L: expect.closeTo(60, 5) as number })
  })

  it('nothing else goes into a base, not even when it is locked in', () => {
    const lip = item('lip colour', { id: 'lip', lab: { L: 40, a: 50, b: 30 } })
    const locks = {
      foundation: {
        drops: [
          { id: 'dune', count: 3 },
          { id: 'lip', count: 1 },
        ],
      },
    }
    expect(() => planFace(question([dune, lip], { face: wish, locks }))).toThrow('does other work')
  })

  it('a medium alone is no base', () => {
    const use = usesFor(wish, job(), settings()).find(u => u.slot === 'foundation')!
    expect(candidatesFor(use, question([thinner], { face: wish }), { base: null, concealer: null })).toEqual([])
    expect(() =>
      planFace(question([thinner], { face: wish, locks: { foundation: { drops: [{ id: 'thin', count: 1 }] } } })),
    ).toThrow('not in the kit')
  })
})
