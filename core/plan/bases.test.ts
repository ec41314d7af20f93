import { face, item, question, withList } from '../../tests/support/suitability'
import { demoQuestion } from '../../tests/support/demo'
import { DEMO_FACES } from '../../demo/faces'
import { typicalSkin } from '../complexion/skins/skin'
import type { KitItem } from '../product/item'
import { asAsked } from './asAsked'
import { basesFor } from './bases'

const skin = typicalSkin(5, 'neutral')
const bottle = (id: string, depth: number, more: Partial<KitItem> = {}) =>
  item('foundation', { id, name: id, family: 'silicone', lab: typicalSkin(depth, 'neutral'), ...more })
const formula = (o: ReturnType<typeof basesFor>[number]) => `${o.coverage} ${o.finish} ${o.family} ${o.wearHours}`

describe('what Match lists', () => {
  it('shows ideas: no line is another with one near bottle for another, or one bottle more for nothing', () => {
    for (const { face: who } of DEMO_FACES) {
      const list = basesFor(demoQuestion(who.name))
      expect(list.length).toBeGreaterThan(0)
      list.forEach((next, i) => {
        for (const shown of list.slice(0, i)) {
          const ids = new Set(shown.drops.map(d => d.id))
          const others = next.drops.filter(d => !ids.has(d.id)).length
          const same = formula(shown) === formula(next) && next.deltaE > shown.deltaE - 0.3
          const more = next.drops.length - shown.drops.length
          expect([who.name, same && (more > 0 || (more === 0 && others <= 1))]).toEqual([who.name, false])
        }
      })
    }
  })
  it('has what is as asked and what gives way, so many of each, and no visible seam beside a match', () => {
    const list = basesFor(demoQuestion('Gwendolen'), { limit: 2 })
    const gives = list.filter(o => o.gaveWay.length > 0)
    expect([list.length - gives.length, gives.length]).toEqual([2, 2])
    expect(list.some(o => o.verdict === 'visible')).toBe(false)
  })
  it('by colour alone is in the order of the colour', () => {
    const order = basesFor(demoQuestion('Harumi'), { order: 'by colour alone', limit: 5 })
    expect(order.length).toBeLessThanOrEqual(5)
    expect(order[0]!.deltaE).toBe(Math.min(...order.map(o => o.deltaE)))
  })
  it('far-apart bottles pay for it, a hue that is pulled in does not', () => {
    const wide = [bottle('white-ish', 1), bottle('deepest', 11)]
    const near = [bottle('a', 4), bottle('b', 6)]
    const asked = (items: readonly KitItem[]) => question(items, { face: face({ skin, bare: skin }) })
    const costs = (items: readonly KitItem[]) => basesFor(asked(items))[0]!.findings.find(f => f.rule === 'simplicity')!
    expect(costs(wide).sentence).toMatch(/far apart in depth/)
    expect(costs(near).sentence).not.toMatch(/far apart/)
    const pulled = [
      bottle('deep', 9),
      item('adjuster', { id: 'yellow', family: 'silicone', lab: { L: 72, a: 8, b: 58 } }),
    ]
    for (const { findings } of basesFor(asked(pulled)))
      expect(findings.find(f => f.rule === 'simplicity')!.sentence).not.toMatch(/far apart/)
  })
})

it('a recipe from which the skin has moved is brought back by a touch, and it is said', () => {
  const kit = [bottle('a', 4, { range: 'R' }), bottle('b', 6, { range: 'R' }), bottle('c', 8.5, { range: 'R' })]
  const known = [
    { id: 'a', count: 1 },
    { id: 'b', count: 1 },
  ]
  const moved = typicalSkin(5.9, 'neutral')
  const [first] = basesFor(question(kit, { face: face({ skin: moved, bare: moved, recipes: [known] }) }))
  expect(first!.drops.map(d => d.id)).toEqual(expect.arrayContaining(['a', 'b']))
  expect(first!.deltaE).toBeLessThanOrEqual(2)
  expect(first!.findings.map(f => f.sentence).join('; ')).toMatch(
    /their own recipe, brought back by .* of [abc] to \d+/,
  )
  const far = typicalSkin(11, 'neutral')
  const none = basesFor(question(kit, { face: face({ skin: far, bare: far, recipes: [known] }) }))
  expect(none.flatMap(o => o.findings).some(f => /brought back/.test(f.sentence))).toBe(false)
})

describe('a base as asked', () => {
  it('is mixed of bottles of that cover and finish that may touch the face, and of adjusters', () => {
    const kit = [
      bottle('right', 5, { coverage: 'full', finish: 'matte' }),
      bottle('thin', 5, { coverage: 'light', finish: 'matte' }),
      bottle('shiny', 5, { coverage: 'full', finish: 'dewy' }),
      withList('foundation', 'Aqua, Lanolin, CI 77891', {
        id: 'wool',
        lab: skin,
        coverage: 'full',
        finish: 'matte',
      }),
      item('adjuster', { id: 'white', lab: { L: 93, a: 0, b: 3 } }),
      item('blush', { id: 'blush', lab: { L: 50, a: 30, b: 10 } }),
    ]
    const who = face({ skin, bare: skin, coverage: 'full', finish: 'matte', sensitivities: ['lanolin'] })
    expect(asAsked(question([], { face: who }), kit).map(i => i.id)).toEqual(['right', 'white'])
  })
})
