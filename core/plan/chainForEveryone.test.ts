import { item, withList } from '../../tests/support/suitability'
import { chainsWithout, MILD_ONLY } from './chainForEveryone'
import type { KitItem } from '../product/item'
import { SLOTS } from '../asked/slots'

const DAY = '2026-12-05'
const PLAIN = 'Aqua, Glycerin, Squalane'
const ALWAYS = SLOTS.filter(s => s.always)
const shade = { lab: { L: 60, a: 11, b: 18 } }
/** One plain product for every place a plan always has. */
const whole = (): KitItem[] =>
  ALWAYS.map(s =>
    withList(s.kinds[0]!, PLAIN, { id: s.id, name: s.id, safeFor: [s.place], ...(s.id === 'foundation' ? shade : {}) }),
  )
const instead = (kit: KitItem[], slot: string, by: KitItem[]) => [...kit.filter(i => i.id !== slot), ...by]
const only = (declared: string, kit: KitItem[]) => chainsWithout([declared], kit, DAY)[0]!

describe('a chain for everyone', () => {
  it('is whole when nothing in the kit holds what was declared', () => {
    expect(only('lanolin', whole())).toEqual({
      declared: 'lanolin',
      label: 'lanolin',
      lacking: [],
      unread: [],
      bottleIds: ['foundation'],
      unreadBottles: 0,
      away: [],
    })
  })

  it('breaks where the only product for a place holds it, by whichever word it was declared', () => {
    const kit = instead(whole(), 'lip care', [
      withList('lip care', 'Lanolin, Ricinus Communis Seed Oil', {
        id: 'lip care',
        name: 'Dory balm',
        safeFor: ['lips'],
      }),
    ])
    expect(only('wool fat', kit)).toMatchObject({ label: 'lanolin', lacking: ['lip care'], away: ['Dory balm'] })
    expect(only('beeswax', kit).lacking).toEqual([])
  })

  it('a product that may do the work is enough, one that may not touch the place is not', () => {
    const without = instead(whole(), 'cheek', [])
    expect(only('lanolin', without).lacking).toEqual(['cheek'])
    const lipstick = withList('lip colour', PLAIN, { id: 'rose', alsoFor: ['blush'], safeFor: ['lips', 'face'] })
    expect(only('lanolin', [...without, lipstick]).lacking).toEqual([])
    expect(only('lanolin', [...without, { ...lipstick, safeFor: ['lips'] }]).lacking).toEqual(['cheek'])
  })

  it('what has no list on record counts, but is told', () => {
    const kit = instead(whole(), 'mascara', [item('mascara', { id: 'm', ingredients: null, safeFor: ['eyes'] })])
    expect(only('latex', kit)).toMatchObject({ lacking: [], unread: ['mascara'] })
    const bottles = [...whole(), item('foundation', { id: 'dune', ingredients: null, ...shade })]
    expect(only('latex', bottles)).toMatchObject({ unread: [], bottleIds: ['foundation', 'dune'], unreadBottles: 1 })
  })

  it('empty, past its period or somebody’s own is nothing to count on', () => {
    for (const gone of [{ level: 0 }, { useBy: '2026-12-04' }, { own: true }]) {
      expect(
        only(
          'latex',
          whole().map(i => (i.id === 'powder' || i.id === 'brows' ? { ...i, ...gone } : i)),
        ).lacking,
      ).toEqual(['brows'])
    }
  })

  it('mild only keeps away scent, essential oils and drying alcohol, and nothing else', () => {
    const foundation = (inci: string, id: string) => withList('foundation', inci, { id, ...shade })
    const kit = [
      ...whole(),
      foundation('Aqua, Parfum', 'scented'),
      foundation('Aqua, Lavandula Angustifolia Oil', 'lavender'),
      foundation('Alcohol Denat., Aqua', 'dries'),
      foundation('Aqua, Lanolin', 'wool'),
    ]
    expect(only(MILD_ONLY, kit)).toMatchObject({
      label: 'mild only',
      bottleIds: ['foundation', 'wool'],
      away: expect.any(Array) as string[],
    })
    expect(only(MILD_ONLY, kit).away).toHaveLength(3)
  })

  it('answers each word once, in the order asked', () => {
    expect(chainsWithout(['latex', 'lanolin', 'latex'], whole(), DAY).map(c => c.label)).toEqual(['latex', 'lanolin'])
    expect(chainsWithout(['latex'], [], DAY)[0]!.lacking).toHaveLength(ALWAYS.length)
  })
})
