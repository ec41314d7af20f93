import { face, item, question, randomFace, withList } from '../../../tests/support/suitability'
import { seeded } from '../../../tests/support/random'
import { typicalSkin } from '../../complexion/skins/skin'
import type { KitItem } from '../../product/item'
import { candidatesFor } from './candidates'
import { CONCEALER_LIFT } from './creamMixes'
import { planFace } from '../facePlan'
import { need } from '../needs/need'
import { sceneOf } from '../needs'
import { placeFor } from '../needs/uses'

const NOTHING = { base: null, concealer: null }
const skin = typicalSkin(5, 'neutral')
const concealer = (id: string, depth: number, more: Partial<KitItem> = {}) =>
  item('concealer', { id, name: id, texture: 'cream', family: 'silicone', lab: typicalSkin(depth, 'neutral'), ...more })
const found = (items: readonly KitItem[], more: Parameters<typeof question>[1] = {}) => {
  const asked = question(items, { face: face({ skin, bare: skin }), ...more })
  const scene = sceneOf(asked.face, asked.job, asked.settings)
  return candidatesFor(placeFor(scene, 'concealer', [need('skin', 'x', 'concealer', 'asked')]), asked, NOTHING)
}
const best = (list: ReturnType<typeof found>) => list.filter(c => !c.veto).reduce((x, y) => (y.score > x.score ? y : x))

describe('a concealer mixed of two', () => {
  it('is taken where neither alone sits at the skin', () => {
    const mixed = best(found([concealer('fair', 2), concealer('deep', 8)]))
    expect(mixed.recipe!.drops.map(d => d.id).sort()).toEqual(['deep', 'fair'])
    expect(mixed.findings.map(f => f.sentence)).toContain('mixed of two on the palette: neither alone does it')
  })
  it('is not taken where one does it, nor of what may separate, is powder, or is held back by a declared ingredient', () => {
    const exact = concealer('exact', 5, { lab: { ...skin, L: skin.L + CONCEALER_LIFT } })
    expect(best(found([exact, concealer('fair', 2), concealer('deep', 8)])).item.id).toBe('exact')
    const water = concealer('deep', 8, { family: 'water' })
    expect(found([concealer('fair', 2), water]).some(c => c.recipe)).toBe(false)
    expect(found([concealer('fair', 2), concealer('deep', 8, { texture: 'pressed powder' })]).some(c => c.recipe)).toBe(
      false,
    )
    const declared = face({ skin, bare: skin, sensitivities: ['lanolin'] })
    const wool = withList('concealer', 'Dimethicone, Lanolin', {
      id: 'wool',
      texture: 'cream',
      lab: typicalSkin(8, 'neutral'),
    })
    expect(found([concealer('fair', 2), wool], { face: declared }).some(c => c.recipe)).toBe(false)
  })
  it('can be held, is priced by its parts, and takes a palette along', () => {
    const asked = question(
      [concealer('fair', 2, { priceMinor: 1000, size: 10 }), concealer('deep', 8, { priceMinor: 3000, size: 10 })],
      {
        face: face({ skin, bare: skin, zones: { 'eye area': { states: ['dark circles'] } } }),
      },
    )
    const drops = [
      { id: 'fair', count: 3 },
      { id: 'deep', count: 2 },
    ]
    const plan = planFace({ ...asked, locks: { concealer: { drops } } })
    const layer = plan.layers.find(l => l.key === 'concealer')!
    expect(layer.drops).toEqual(drops)
    expect(layer.locked).toBe(true)
    expect(plan.cost.minor).toBe(Math.round(layer.amount.value * (0.6 * 100 + 0.4 * 300)))
    expect(plan.pack).toContain('mixing palette')
    expect(() =>
      planFace({ ...asked, locks: { concealer: { drops: [{ id: 'gone', count: 1 }, drops[0]!] } } }),
    ).toThrow(/is not in the kit/)
  })
  it('never says that it does better than it does: on random kits it beats both its parts', () => {
    const random = seeded(57)
    let mixed = 0
    for (let round = 0; round < 60; round++) {
      const kit = Array.from({ length: 5 }, (_, i) => concealer(`c${i}`, random.between(1, 11)))
      const list = found(kit, { face: { ...randomFace(random, kit), recipes: [] } })
      for (const c of list.filter(x => x.recipe)) {
        mixed++
        for (const { id } of c.recipe!.drops) {
          const alone = list.find(x => x.item.id === id)!
          expect([undefined, 'colour']).toContain(alone.veto?.rule)
          expect(c.score).toBeGreaterThan(alone.score)
        }
      }
    }
    expect(mixed).toBeGreaterThan(5)
  })
})
