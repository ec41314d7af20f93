import type { OwnedKind } from '../stock/things/kinds'
import { isReady, type Thing } from '../stock/things/thing'
import { seeded } from '../../tests/support/random'
import { thing } from '../../tests/support/thing'
import { bagFor, breaksWithout, CARRYING, heldBy, withoutIt, type BagQuestion, type Going } from './bag'
import { needsOf, type Need } from './needs'

const TODAY = '2026-11-27'
const isAlong = (t: Thing) => t.placeId === 'case'
const isReserve = (t: Thing) => t.placeId === 'reserve'
const ask = (more: Partial<BagQuestion>): BagQuestion => ({
  needs: [],
  things: [],
  isAlong,
  isReserve,
  core: [],
  carrying: 'lean',
  leave: new Set(),
  today: TODAY,
  ...more,
})
const bottle = (id: string, more: Partial<Thing> = {}) =>
  thing({ id, productId: id, sort: 'cosmetic', measure: 'ml', size: 30, level: 1, placeId: 'case', ...more })
const need = (key: string, each: [string, number][], held: Thing[], more: Partial<Need> = {}): Need => ({
  key,
  sort: 'bottle',
  productId: key,
  kind: 'foundation',
  shape: null,
  name: key,
  lab: null,
  measure: 'ml',
  need: each.reduce((all, [, n]) => all + n, 0),
  each: each.map(([faceId, amount]) => ({ faceId, amount })),
  held: held.map(of => ({ of, holds: of.sort === 'tool' ? of.count : of.size * of.level * of.count })),
  ...more,
})
const ids = (some: readonly { of: Thing }[]) => some.map(g => g.of.id).sort()

describe('the bag of a job', () => {
  it('is what the plans take, the bottle that is open first, and from home only what is not along', () => {
    const open = bottle('a1', { productId: 'a', openedOn: '2026-01-01', level: 0.1 })
    const full = bottle('a2', { productId: 'a' })
    const home = bottle('b', { placeId: 'home' })
    const idle = bottle('c')
    const things = [full, open, home, idle]
    const needs = [need('a', [['f', 2]], [full, open]), need('b', [['f', 1]], [home])]
    const lean = bagFor(ask({ needs, things }))
    expect(ids(lean.going)).toEqual(['a1', 'b'])
    expect(lean.takeOut.map(t => [t.of.id, t.why])).toEqual([
      ['a2', 'not asked for'],
      ['c', 'not asked for'],
    ])
    expect(lean.lacking).toEqual([])
  })

  it('keeps the core along where one wants to be ready for nearly anyone, and brings the reserve with everything', () => {
    const things = [bottle('a'), bottle('b'), bottle('c', { placeId: 'reserve' }), bottle('d', { placeId: 'home' })]
    const core = [{ productId: 'a', count: 1 }]
    expect(ids(bagFor(ask({ things, core, carrying: 'ready for nearly anyone' })).going)).toEqual(['a'])
    expect(ids(bagFor(ask({ things, core, carrying: 'everything' })).going)).toEqual(['a', 'b', 'c'])
  })

  it('takes a second one of what stops the job, and says where there is none', () => {
    const glue = bottle('glue', { kind: 'lash glue' })
    const needs = [need('glue', [['f', 0.1]], [glue], { kind: 'lash glue' })]
    expect(bagFor(ask({ needs, things: [glue] })).single).toEqual(['lash glue'])
    const second = bottle('other glue', { kind: 'lash glue', placeId: 'home' })
    const bag = bagFor(ask({ needs, things: [glue, second] }))
    expect(bag.single).toEqual([])
    expect(bag.going.find(g => g.of.id === 'other glue')!.why).toBe('spare')
    expect(breaksWithout(bag.going, needs, 'other glue')).toEqual({ needs: [], spare: 'lash glue' })
  })

  it('says what breaks where a thing stays: the last in the order of the day go without', () => {
    const brushes = thing({ id: 'brushes', sort: 'tool', kind: 'brush', shape: 'lip brush', count: 3, placeId: 'case' })
    const one = bottle('one')
    const needs = [
      need(
        'lip brush',
        [
          ['f', 1],
          ['g', 1],
          ['h', 1],
        ],
        [brushes],
        { sort: 'count' },
      ),
      need('one', [['g', 1]], [one]),
    ]
    const { going } = bagFor(ask({ needs, things: [brushes, one] }))
    expect(breaksWithout(going, needs, 'brushes').needs).toEqual([
      { key: 'lip brush', name: 'lip brush', faces: ['f', 'g', 'h'], forTheDay: false },
    ])
    expect(withoutIt(needs[0]!, 1)).toEqual(['g', 'h'])
    expect(breaksWithout(going, needs, 'one').needs.map(n => n.faces)).toEqual([['g']])
  })

  it('leaves what the artist leaves, and then says what is lacking', () => {
    const one = bottle('one')
    const bag = bagFor(ask({ needs: [need('one', [['g', 1]], [one])], things: [one], leave: new Set(['one']) }))
    expect(bag.going).toEqual([])
    expect(bag.lacking).toMatchObject([{ short: 1, faces: ['g'] }])
    expect(bag.takeOut).toMatchObject([{ why: 'stays at home' }])
  })
})

describe('random jobs and kits', () => {
  const KINDS: OwnedKind[] = ['cotton buds', 'tissues', 'mirror', 'mat', 'towel', 'hand gel', 'lashes', 'sponge']
  const PACKS = ['lip brush', 'fine liner brush', 'sponge', 'lash pair', 'cotton rounds', 'mascara wands']
  const scene = (seed: number) => {
    const random = seeded(seed)
    const int = (low: number, high: number) => Math.floor(random.between(low, high + 1))
    const things: Thing[] = Array.from({ length: int(3, 26) }, (_, i) => {
      const isBrush = random.between(0, 1) < 0.3
      const kind = isBrush ? ('brush' as const) : random.pick(KINDS)
      const sort = isBrush || ['mirror', 'mat', 'towel', 'sponge'].includes(kind) ? 'tool' : 'supply'
      return thing({
        id: `u${i}`,
        productId: `p${int(0, 12)}`,
        sort,
        kind,
        shape: isBrush ? random.pick(['lip brush', 'fine liner brush'] as const) : '',
        count: sort === 'tool' ? int(1, 4) : 1,
        size: int(1, 40),
        measure: kind === 'hand gel' ? 'ml' : 'piece',
        level: random.pick([0, 0.3, 1]),
        placeId: random.pick(['case', 'home', 'reserve', null]),
        useBy: random.pick([null, null, '2026-01-01']),
        retiredAt: random.pick([null, null, null, '2026-01-01T00:00:00Z']),
      })
    })
    const faces = Array.from({ length: int(0, 6) }, (_, i) => ({
      id: `f${i}`,
      skin: { L: 60, a: 10, b: 15 },
      plan: { layers: [], missing: [], pack: PACKS.filter(() => random.between(0, 1) < 0.5) },
    }))
    const ready = things.filter(t => isReady(t, TODAY))
    const needs = needsOf(faces, ready)
    const core = Array.from({ length: int(0, 6) }, () => ({ productId: `p${int(0, 12)}`, count: int(1, 3) }))
    const unique = core.filter((l, i) => core.findIndex(x => x.productId === l.productId) === i)
    return { things, ready, needs, core: unique, carrying: random.pick(CARRYING) }
  }
  /** What of a need the things hold, counted anew. */
  const counted = (n: Need, going: readonly Going[]) =>
    going.reduce((all, g) => {
      const held = n.held.find(h => h.of.id === g.of.id)
      return all + (held ? (g.of.sort === 'tool' ? Math.min(g.count, held.holds) : held.holds) : 0)
    }, 0)

  it('nothing a plan takes is missing that is owned, and counts suffice (400 scenes)', () => {
    for (let seed = 0; seed < 400; seed++) {
      const { things, needs, core, carrying } = scene(seed)
      const bag = bagFor(ask({ things, needs, core, carrying }))
      for (const n of needs) {
        const owned = n.held.reduce((all, h) => all + h.holds, 0)
        const going = counted(n, bag.going)
        expect(going).toBeCloseTo(heldBy(bag.going, n))
        const lacks = bag.lacking.find(l => l.need.key === n.key)
        if (owned >= n.need) {
          expect(going).toBeGreaterThanOrEqual(n.need)
          expect(lacks).toBeUndefined()
        } else {
          expect(going).toBeCloseTo(owned)
          expect(lacks!.short).toBeCloseTo(n.need - owned)
        }
      }
      for (const g of bag.going) {
        expect(isReady(g.of, TODAY)).toBe(true)
        expect(g.count).toBeLessThanOrEqual(g.of.count)
      }
      // What is along goes, or is taken out: nothing is there twice and nothing is forgotten.
      for (const t of things.filter(x => isAlong(x) && x.retiredAt === null)) {
        const goes = bag.going.find(g => g.of.id === t.id)?.count ?? 0
        const out = bag.takeOut.find(x => x.of.id === t.id)?.count ?? 0
        expect(goes + out).toBe(t.count)
      }
    }
  })

  it('what breaks without a thing is exactly who goes without then and did not before (300 scenes)', () => {
    for (let seed = 1000; seed < 1300; seed++) {
      const { things, needs, core, carrying } = scene(seed)
      const { going } = bagFor(ask({ things, needs, core, carrying }))
      for (const { of } of going) {
        const rest = going.filter(g => g.of.id !== of.id)
        const expected = needs.flatMap(n => {
          const served = (some: readonly Going[]) => {
            let left = counted(n, some)
            if (left + 1e-9 >= n.need) return new Set(n.each.map(e => e.faceId))
            const ok = new Set<string>()
            for (const e of n.each)
              if (e.amount > 0 && e.amount <= left + 1e-9) {
                left -= e.amount
                ok.add(e.faceId)
              }
            return ok
          }
          const [before, after] = [served(going), served(rest)]
          const lost = [...before].filter(id => !after.has(id)).sort()
          return lost.length > 0 ? [`${n.key}: ${lost.join()}`] : []
        })
        const told = breaksWithout(going, needs, of.id)
          .needs.filter(n => !n.forTheDay)
          .map(n => `${n.key}: ${[...n.faces].sort().join()}`)
        expect(told.sort()).toEqual(expected.sort())
      }
    }
  })
})
