import { face, item, job, place, question, settings } from '../../../tests/support/suitability'
import { typicalSkin } from '../../complexion/skins/skin'
import { mixingRules } from '../../complexion/bottles/mixable'
import { candidatesFor } from './candidates'
import { hidesAlone } from './corrections'
import type { KitItem } from '../../product/item'
import type { PlaceKey } from '../../asked/slots'
import { usesFor } from '../needs/uses'

const at = (slot: PlaceKey, asked = question([])) =>
  usesFor(asked.face, asked.job, asked.settings).find(u => u.key === slot) ?? place(slot)
const weigh = (
  slot: PlaceKey,
  items: readonly KitItem[],
  more: Parameters<typeof question>[1] = {},
  under: Parameters<typeof candidatesFor>[2] = { base: null, concealer: null },
) => {
  const asked = question(items, more)
  return candidatesFor(at(slot, asked), asked, under)
}
const bottle = (id: string, depth: number, more: Partial<KitItem> = {}) =>
  item('foundation', { id, name: id, range: 'R', family: 'silicone', lab: typicalSkin(depth, 'neutral'), ...more })

describe('what could go in a place', () => {
  it('only what does that work; a second use says so', () => {
    const found = weigh('cheek', [
      item('blush', { id: 'b' }),
      item('lip colour', { id: 'l', alsoFor: ['blush'] }),
      item('powder', { id: 'p' }),
    ])
    expect(found.map(c => c.item.id)).toEqual(['b', 'l'])
    expect(found[1]!.findings.map(f => f.sentence)).toContain('a lip colour doing the work of a blush')
  })
  it('a concealer is judged by where it sits on this skin', () => {
    const near = item('concealer', {
      id: 'near',
      lab: { ...typicalSkin(5, 'neutral'), L: typicalSkin(5, 'neutral').L + 2 },
    })
    const far = item('concealer', { id: 'far', lab: typicalSkin(11, 'neutral') })
    const [x, y] = weigh('concealer', [near, far])
    expect(x!.score).toBeGreaterThanOrEqual(2)
    expect(y!.veto!.sentence).toMatch(/too far from this skin/)
  })
  it('of so many bottles that not every mix can be tried in the time, a recipe says so', () => {
    const kit = Array.from({ length: 12 }, (_, i) => bottle(`b${i}`, 1 + i))
    const told = (more: { mixingMs?: number }) =>
      weigh('foundation', kit, more)[0]!
        .findings.filter(f => f.rule === 'match')
        .map(f => f.sentence)
    expect(told({ mixingMs: 0 })).toContain('so many bottles that not every mix was tried')
    expect(told({})).toHaveLength(1)
  })
  it('body make-up has to be a colour the body can take', () => {
    const skin = typicalSkin(8, 'neutral')
    const deep = item('body make-up', { id: 'deep', lab: typicalSkin(8, 'neutral'), safeFor: ['body'] })
    const off = { ...deep, id: 'off', lab: { ...skin, L: skin.L + 7 } }
    const fair = { ...deep, id: 'fair', lab: typicalSkin(2, 'neutral') }
    const found = weigh('body', [deep, off, fair], { face: face({ skin, bare: skin }), job: job({ limbs: 2 }) })
    expect(found.map(c => c.veto?.sentence ?? '')).toEqual([
      '',
      '',
      expect.stringMatching(/another colour than this skin, ΔE \d/) as string,
    ])
    expect(found[0]!.score).toBe(found[1]!.score + 2)
  })
  it('a corrector is judged by what it leaves, under the base and the concealer', () => {
    const skin = typicalSkin(3, 'neutral')
    const circles = face({ skin, bare: skin, zones: { 'eye area': { states: ['dark circles'] } } })
    const [medium] = weigh('foundation', [bottle('medium', 3)], { face: circles })
    const [cover] = weigh('concealer', [item('concealer', { lab: skin, coverage: 'full', hide: 6 })], { face: circles })
    const peach = item('corrector', { id: 'peach', lab: { L: 72, a: 20, b: 28 }, family: 'oil' })
    const green = item('corrector', { id: 'green', lab: { L: 72, a: -16, b: 16 }, family: 'oil' })
    const under = { base: medium!, concealer: null }
    const found = weigh('corrector', [peach, green], { face: circles }, under)
    const said = found.map(c => c.findings.find(f => f.rule === 'correction')!.sentence)
    expect(said[0]).toMatch(/cancels the dark circles: .*, of ΔE \d+\.\d [01]\.\d is left/)
    expect(said[1]).toMatch(/does nothing|softens/)
    expect(found[0]!.score).toBeGreaterThan(found[1]!.score + 2)
    expect(hidesAlone(under, 'dark circles', circles)).toBe(false)
    expect(hidesAlone({ ...under, concealer: cover! }, 'dark circles', circles)).toBe(true)
    expect(hidesAlone({ base: null, concealer: null }, 'dark circles', circles)).toBe(false)
  })
})

describe('foundations as recipes', () => {
  it('every base family is weighed, and a vetoed bottle is in no mix but is told', () => {
    const items = [
      bottle('a', 4),
      bottle('b', 6),
      bottle('w', 5, { family: 'water', range: 'W' }),
      bottle('old', 5, { useBy: '2026-01-01' }),
    ]
    const found = weigh('foundation', items)
    expect(new Set(found.filter(c => c.recipe).map(c => c.item.family))).toEqual(new Set(['silicone', 'water']))
    expect(found.some(c => c.recipe?.drops.some(d => d.id === 'old'))).toBe(false)
    expect(found.find(c => c.item.id === 'old')!.veto!.sentence).toMatch(/past its last day/)
  })
  it('no recipe is offered twice', () => {
    const names = weigh('foundation', [bottle('a', 4), bottle('b', 6)]).map(c => c.item.id)
    expect(new Set(names).size).toBe(names.length)
  })
  it('what is remembered of one bottle is said of it by name', () => {
    const liked = face({ history: [{ itemId: 'a', what: 'liked', times: 1 }] })
    const mix = weigh('foundation', [bottle('a', 4), bottle('b', 6)], { face: liked }).find(
      c => c.recipe!.drops.length === 2,
    )!
    expect(mix.findings.map(f => f.sentence)).toContain('a: used and liked on this face')
  })
  it('the second tone is matched, not the jaw', () => {
    const two = face({ secondTone: { skin: typicalSkin(8, 'neutral'), zone: 'chin' } })
    const [best] = weigh('foundation: chin', [bottle('five', 5), bottle('eight', 8)], { face: two })
    expect(best!.recipe!.drops).toEqual([{ id: 'eight', count: 1 }])
  })
  it('nothing to mix is an empty list', () =>
    expect(weigh('foundation', [item('adjuster', { lab: { L: 93, a: 0, b: 3 } })])).toEqual([]))
})

describe('the mixing rules of a plan', () => {
  it('follow the method and the palette', () => {
    expect(mixingRules(settings({ mixing: 'strict' })).someRisk).toBe(false)
    const { someRisk, tried } = mixingRules(
      settings({
        paletteTests: [
          { a: 'B', b: 'A', result: 'held' },
          { a: 'A', b: 'C', result: 'pilled' },
        ],
      }),
    )
    expect(someRisk).toBe(true)
    expect([...tried!]).toEqual([
      ['A\nB', true],
      ['A\nC', false],
    ])
  })
  it('an override without a reason lifts taste and leaves harm', () => {
    const items = [
      bottle('old', 5, { useBy: '2026-01-01' }),
      bottle('bad', 5, { filter: 'mineral', spf: 30, range: 'S', family: 'water' }),
    ]
    const overrides = [
      { itemId: 'old', rule: 'freshness', reason: '' },
      { itemId: 'bad', rule: 'flash', reason: '' },
    ]
    const found = weigh('foundation', items, { job: job({ flash: true }), overrides })
    expect(found.find(c => c.recipe)!.recipe!.drops[0]!.id).toBe('bad')
    expect(found.find(c => c.item.id === 'old')!.veto).toBeDefined()
  })
})
