import { planFace } from '#core/plan/facePlan'
import { SLOTS, zonesOf, type SlotId } from '#core/asked/slots'
import type { KitItem } from '#core/product/item'
import type { FaceFacts, Zone } from '#core/asked/face'
import { vetoOf } from '#core/suitability/finding'
import { findingsOn } from '#core/suitability/rules'
import { face, item, job, question, settings, withList } from '../support/suitability'

/** A product of the kind a place takes, with what is wrong with it. */
const at = (slot: SlotId, more: Partial<KitItem> = {}): KitItem => item(SLOTS.find(s => s.id === slot)!.kinds[0]!, more)
const listed = (slot: SlotId, inci: string) => withList(SLOTS.find(s => s.id === slot)!.kinds[0]!, inci)
const vetoAt = (slot: SlotId, it: KitItem, who: Partial<FaceFacts>) =>
  vetoOf(
    findingsOn({
      item: it,
      slot,
      skinType: 'normal',
      zones: zonesOf(slot),
      face: face(who),
      job: job(),
      settings: settings(),
    }),
  )
const zone = (name: Zone, state: 'broken' | 'sunburnt' | 'signs of infection'): Partial<FaceFacts> => ({
  zones: { [name]: { states: [state] } },
})

const EVERYWHERE: readonly (readonly [what: string, it: (slot: SlotId) => KitItem, who: Partial<FaceFacts>])[] = [
  ['a declared latex reaction', slot => listed(slot, 'Aqua, Rubber Latex'), { sensitivities: ['latex'] }],
  ['a declared lanolin reaction', slot => listed(slot, 'Petrolatum, Lanolin'), { sensitivities: ['lanolin'] }],
  ['declared fragrance', slot => listed(slot, 'Aqua, Parfum'), { sensitivities: ['fragrance'] }],
  ['no scent', slot => listed(slot, 'Octyldodecanol, Aroma'), { noScent: true }],
  ['a child and scent', slot => listed(slot, 'Aqua, Parfum'), { ageBand: 'child' }],
  ['a reaction before', slot => at(slot, { id: 'x' }), { history: [{ itemId: 'x', what: 'reaction', times: 1 }] }],
  ['past its day', slot => at(slot, { useBy: '2026-01-01' }), {}],
  ['a medicine', slot => listed(slot, 'Aqua, Magnesium Hydroxide'), {}],
  ['a household thing', slot => at(slot, { name: 'Hair spray, extra strong' }), {}],
  ['not sold for the place', slot => at(slot, { safeFor: [] }), {}],
]

describe('harm stands in every place', () => {
  it.each(EVERYWHERE)('%s', (_what, it, who) => {
    const through = SLOTS.filter(({ id }) => !vetoAt(id, it(id), who)).map(s => s.id)
    expect(through).toEqual([])
    // And it is that which stops it, not the place.
    const fine = SLOTS.filter(({ id }) => vetoAt(id, at(id), { ...who, history: [] })).map(s => s.id)
    expect(fine).toEqual([])
  })

  const BARE = (name: Zone) =>
    SLOTS.filter(({ id, ground }) => {
      const zones = zonesOf(id)
      return ground !== 'body' && zones.length > 0 && zones.every(z => z === name)
    }).map(s => s.id)
  it.each([
    ['eye area', 'eyes'],
    ['lips', 'lip colour'],
  ] as const)('a broken or sunburnt %s takes no colour, and no work where it is infected', (name, colour) => {
    const CARE: readonly SlotId[] = ['eye care', 'lip care', 'brows']
    for (const id of BARE(name)) {
      expect([id, vetoAt(id, at(id), zone(name, 'signs of infection'))?.rule]).toEqual([id, 'stop-infection'])
      const raw = vetoAt(id, at(id), zone(name, 'broken'))?.rule
      expect([id, raw]).toEqual([id, CARE.includes(id) ? undefined : 'single-use-broken-skin'])
    }
    expect(BARE(name)).toContain(colour)
    expect(vetoAt(colour, at(colour), zone('cheeks', 'broken'))).toBeUndefined()
  })
  it('burnt cheeks take no blush, no pencil or stick, nothing that stings; a wand is decanted', () => {
    const burnt = zone('cheeks', 'sunburnt')
    expect(vetoAt('cheek', at('cheek'), burnt)).toBeDefined()
    expect(vetoAt('foundation', at('foundation', { dispenser: 'stick' }), burnt)).toBeDefined()
    expect(vetoAt('foundation', at('foundation', { dispenser: 'wand' }), burnt)).toBeUndefined()
    expect(vetoAt('cleanse', at('cleanse', { flags: ['drying alcohol'] }), burnt)).toBeDefined()
    expect(vetoAt('foundation', at('foundation'), burnt)).toBeUndefined()
  })
  it('stands against glue, tools and offers too, and is held in only with a kept reason', () => {
    const glue = withList('lash glue', 'Aqua, Rubber Latex', { id: 'glue' })
    const who = face({ sensitivities: ['latex'], wantsLashes: 'full' })
    const plan = planFace(
      question([glue, item('lashes', { id: 'strip' })], { face: who, offers: [{ ...glue, id: 'same' }] }),
    )
    expect(plan.layers.map(l => l.slot)).not.toContain('lash glue')
    expect(plan.layers.map(l => l.slot)).not.toContain('lashes')
    expect(plan.missing.find(m => m.slot === 'lash glue')!.offer).toBeNull()
    expect(plan.pack.filter(p => p === 'sponge' || p === 'puff')).toEqual([])
    expect(() => planFace(question([glue], { face: who, locks: { 'lash glue': { itemId: 'glue' } } }))).toThrow(
      /only with a reason/,
    )
    const antacid = withList('primer', 'Aqua, Magnesium Hydroxide', { id: 'antacid' })
    expect(() => planFace(question([antacid], { locks: { primer: { itemId: 'antacid' } } }))).toThrow(
      /no household or medicinal/,
    )
  })
})
