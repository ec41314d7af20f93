import { face, item, job, question, settings } from '../../tests/support/suitability'
import { typicalSkin } from '../complexion/skin'
import { mixingRules } from '../complexion/mixable'
import { candidatesFor, hidesAlone } from './candidates'
import type { KitItem } from '../product/item'
import { usesFor } from './uses'

const at = (slot: string, asked = question([])) =>
  usesFor(asked.face, asked.job, asked.settings).find(u => u.key === slot)!
const weigh = (
  slot: string,
  items: readonly KitItem[],
  more: Parameters<typeof question>[1] = {},
  base: Parameters<typeof candidatesFor>[2] = null,
) => {
  const asked = question(items, more)
  return candidatesFor(at(slot, asked), asked, base)
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
    expect(x!.score).toBeGreaterThan(y!.score + 4)
    expect(y!.findings.map(f => f.sentence).join()).toMatch(/too far from this skin/)
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
  it('a corrector is judged under the base: least that hides, or nothing needed', () => {
    const circles = face({
      skin: typicalSkin(2, 'neutral'),
      bare: typicalSkin(2, 'neutral'),
      zones: { 'eye area': { states: ['dark circles'] } },
    })
    const [sheer] = weigh('foundation', [bottle('sheer', 2, { coverage: 'sheer' })], { face: circles })
    const [full] = weigh('foundation', [bottle('full', 2, { coverage: 'full' })], { face: circles })
    const peach = item('corrector', { lab: { L: 76, a: 16, b: 24 }, family: 'oil' })
    const said = (base: typeof sheer) =>
      weigh('corrector', [peach], { face: circles }, base!)[0]!.findings.find(f => f.rule === 'correction')!.sentence
    expect(said(sheer)).toMatch(/hides the dark circles; a (trace|thin layer) is the least/)
    expect(said(full)).toBe('the base alone hides the dark circles')
    expect([hidesAlone(sheer!, circles), hidesAlone(full!, circles), hidesAlone(full!, face())]).toEqual([
      false,
      true,
      false,
    ])
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
    expect(found.find(c => c.item.id === 'old')!.veto!.sentence).toMatch(/past its period/)
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
