import { skinAt } from '../complexion/skins/skin'
import { planFace } from '../plan/facePlan'
import { difference } from '../colour/difference'
import type { BrushShape, OwnedKind } from '../stock/things/kinds'
import type { Thing } from '../stock/things/thing'
import { amountsOf } from '../plan/described/amounts'
import { DEMO_FACES } from '../../demo/faces'
import { demoQuestion } from '../../tests/support/demo'
import { seeded } from '../../tests/support/random'
import { thing } from '../../tests/support/thing'
import { countsOf } from './counts'
import { together } from './together'
import type { PlannedFace } from './needs'

const TODAY = '2026-11-27'
const pack = (kind: OwnedKind, more: Partial<Thing> = {}): Thing =>
  thing({ productId: kind, sort: 'supply', kind, size: 100, measure: 'piece', placeId: 'bag', ...more })
const isAlong = (t: Thing) => t.placeId === 'bag'
const planned = (id: string, pack: string[], more: Partial<PlannedFace['plan']> = {}): PlannedFace => ({
  id,
  skin: skinAt(5, 0, 1),
  plan: { layers: [], pack, missing: [], ...more },
})
const need = (packs: string[][], key: string) =>
  countsOf(packs.map((pack, i) => ({ id: `f${i}`, pack }))).find(c => (c.shape ?? c.kind) === key)

describe('what a party takes of tools and supplies', () => {
  it('is a clean set for each face, so many of what is thrown away, and one of what is shared', () => {
    const packs = [
      ['fine liner brush', 'mascara wands', 'lash pair', 'sponge'],
      ['fine liner brush', 'lash pair', 'latex-free sponge', 'tweezers'],
      ['spatula'],
    ]
    expect(need(packs, 'fine liner brush')).toMatchObject({ kind: 'brush', need: 2, faces: ['f0', 'f1'] })
    expect(need(packs, 'mascara wands')).toMatchObject({ need: 2, faces: ['f0'] })
    expect(need(packs, 'lashes')!.need).toBe(3)
    expect(need(packs, 'sponge')!.need).toBe(2)
    expect(need(packs, 'cotton buds')!.need).toBe(12)
    expect(need(packs, 'alcohol')).toMatchObject({ need: 75, measure: 'ml', faces: [] })
    expect(need(packs, 'tweezers')).toMatchObject({ need: 1, faces: ['f1'] })
    expect(need(packs, 'mirror')!.need).toBe(1)
    expect(countsOf([])).toEqual([])
  })
  it('names every tool that plans of the demo take', () => {
    for (const one of DEMO_FACES) {
      const { pack } = planFace(demoQuestion(one.face.name))
      const own = countsOf([{ id: 'a', pack }]).filter(c => c.faces.length > 0)
      const told = new Set(own.map(c => c.shape ?? c.kind))
      const brushes = pack.filter(word => word.endsWith('brush'))
      expect(brushes.filter(b => !told.has(b as BrushShape))).toEqual([])
    }
  })
})

describe('all faces of a day', () => {
  it('share what is along and what is elsewhere, without what is past its day, empty or retired', () => {
    const things = [
      pack('mascara wands', { size: 3 }),
      pack('mascara wands', { size: 50, placeId: 'home', level: 0.5 }),
      pack('mascara wands', { useBy: '2026-01-01', productId: 'old' }),
      pack('brush', { sort: 'tool', shape: 'lip brush', count: 2, size: 1 }),
      pack('brush', { sort: 'tool', shape: 'lip brush', count: 9, size: 1, retiredAt: TODAY, productId: 'gone' }),
      pack('alcohol', { measure: 'ml', size: 250, percent: 95 }),
      pack('alcohol', { measure: 'ml', size: 200, level: 0.2, percent: 70, productId: 'right' }),
    ]
    const faces = [planned('a', ['mascara wands', 'lip brush']), planned('b', ['mascara wands', 'lip brush'])]
    const { counts, tooStrong } = together(faces, things, isAlong, TODAY)
    expect(tooStrong).toEqual({ percent: 95, ml: 250 })
    const line = (key: string) => counts.find(c => (c.shape ?? c.kind) === key)
    expect(line('mascara wands')).toMatchObject({ need: 4, along: 3, elsewhere: 25 })
    expect(line('lip brush')).toMatchObject({ need: 2, along: 2, elsewhere: 0 })
    expect(line('alcohol')).toMatchObject({ need: 60, along: 40, elsewhere: 0 })
    // The scarcest first.
    const shares = counts.map(c => c.along / c.need)
    expect(shares).toEqual([...shares].sort((x, y) => x - y))
  })

  const plans = DEMO_FACES.slice(0, 12).map((one): PlannedFace => {
    const question = demoQuestion(one.face.name)
    return { id: one.face.name, skin: question.face.skin, plan: planFace(question) }
  })
  it('take of each bottle what their plans take together, whoever they are', () => {
    const random = seeded(11)
    for (let round = 0; round < 20; round++) {
      const some = plans.filter(() => random.next() < 0.5)
      const { bottles } = together(some, [], isAlong, TODAY)
      const all = new Map<string, number>()
      for (const { plan } of some) for (const [id, ml] of amountsOf(plan)) all.set(id, (all.get(id) ?? 0) + ml)
      expect(new Set(bottles.map(b => b.productId))).toEqual(new Set(all.keys()))
      for (const b of bottles) {
        expect(b.need).toBeCloseTo(all.get(b.productId)!, 9)
        expect(b.faces).toEqual(some.filter(f => amountsOf(f.plan).has(b.productId)).map(f => f.id))
      }
    }
  })
  it('have one mix where one does for several, and it matches each of them', () => {
    const near = plans.find(p => (p.plan.layers.find(l => l.slot === 'foundation')?.drops?.length ?? 0) > 1)!
    const twins = [near, { ...near, id: 'twin' }, { ...near, id: 'far', skin: skinAt(1, 0, 1) }]
    const { batches } = together(twins, [], isAlong, TODAY)
    expect(batches).toHaveLength(1)
    expect(batches[0]!.faces.map(f => f.id)).toEqual([near.id, 'twin'])
    for (const { deltaE } of batches[0]!.faces) expect(deltaE).toBeLessThanOrEqual(2)
    for (const { faces, lab } of together(plans, [], isAlong, TODAY).batches)
      for (const { id } of faces) expect(difference(lab, plans.find(p => p.id === id)!.skin)).toBeLessThanOrEqual(2)
  })
  it('names whom no base of the kit matches', () => {
    const { unmatched } = together(plans, [], isAlong, TODAY)
    expect(unmatched).toContain('Amahle Rosqvist')
    expect(unmatched.length).toBeLessThan(4)
  })
})
