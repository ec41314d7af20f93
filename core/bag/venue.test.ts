import { seeded } from '../../tests/support/random'
import { thing } from '../../tests/support/thing'
import { bagFor } from './bag'
import { countsOf } from './counts'
import { needsOf } from './needs'
import { AT_ONCE_G, broughtTo, carriedUp, needsPower, USUAL_VENUE, type Venue } from './venue'

const packs = ['a', 'b', 'c'].map(id => ({ id, pack: ['sponge', 'powder brush'] }))
const needOf = (kind: string, venue: Partial<Venue>) =>
  countsOf(packs, { ...USUAL_VENUE, ...venue }).find(c => c.kind === kind)?.need

describe('what a place asks for', () => {
  it('is nothing beside the usual where there is everything', () => {
    expect(broughtTo(USUAL_VENUE)).toEqual([])
    expect(countsOf(packs, USUAL_VENUE)).toEqual(countsOf(packs))
    expect(['power', 'water', 'mat', 'belt', 'wet wipes'].map(k => needOf(k, {}))).toEqual([
      1,
      1,
      1,
      undefined,
      undefined,
    ])
  })
  it('is wipes for hands before every face, and a second bottle, where no water runs', () => {
    expect([needOf('wet wipes', { water: false }), needOf('water', { water: false })]).toEqual([4 + 3 * 3, 2])
    expect(countsOf([], { ...USUAL_VENUE, water: false })).toEqual([])
  })
  it('is a belt and a second cover where there is no table', () => {
    expect([needOf('belt', { table: false }), needOf('mat', { table: false })]).toEqual([1, 2])
  })
  it('is no lead for a socket that is not there', () => {
    expect([needOf('power', { power: false }), needOf('light', { power: false })]).toEqual([undefined, 1])
    // The gun hangs on the compressor; nobody charges it.
    expect((['compressor', 'light', 'spray gun', 'brush'] as const).map(needsPower)).toEqual([true, true, false, false])
  })
  it('changes nothing else, whatever the place lacks', () => {
    const own = ['wet wipes', 'water', 'belt', 'mat', 'power']
    for (const power of [true, false])
      for (const water of [true, false])
        for (const table of [true, false])
          expect(countsOf(packs, { stairs: 3, power, water, table }).filter(c => !own.includes(c.kind))).toEqual(
            countsOf(packs).filter(c => !own.includes(c.kind)),
          )
  })
  it('is taken from what is owned: a brush roll does for a belt, and what is not there is lacking', () => {
    const roll = thing({ id: 'roll', sort: 'tool', kind: 'brush roll', measure: 'piece', placeId: 'home' })
    const faces = [{ id: 'a', skin: { L: 60, a: 10, b: 18 }, plan: { layers: [], pack: [], missing: [] } }]
    const bag = (things: (typeof roll)[]) =>
      bagFor({
        needs: needsOf(faces, things, { ...USUAL_VENUE, table: false }),
        ...{ things, isAlong: () => false, isReserve: () => false, core: [], carrying: 'lean' as const },
        ...{ leave: new Set<string>(), today: '2026-11-27' },
      })
    expect(bag([roll]).going.map(g => g.of.id)).toEqual(['roll'])
    expect(bag([]).lacking.some(l => l.need.key === 'belt')).toBe(true)
    expect(bag([roll]).lacking.some(l => l.need.key === 'belt')).toBe(false)
  })
})

describe('what goes up the stairs', () => {
  const at = (stairs: number): Venue => ({ ...USUAL_VENUE, stairs })
  it('is told only where there are stairs, and something to carry', () => {
    expect(carriedUp(at(0), [{ name: 'Case', massG: 9000 }])).toBeNull()
    expect(carriedUp(at(2), [{ name: 'Case', massG: 0 }])).toBeNull()
  })
  it('goes up in as few goes as the cases allow, the heavier first', () => {
    const cases = [
      { name: 'Set bag', massG: 2000 },
      { name: 'Case', massG: 9500 },
      { name: 'Chair', massG: 4000 },
    ]
    expect(carriedUp(at(3), cases)).toEqual({ flights: 3, massG: 15_500, goes: 2, minutes: 9, tooHeavy: [] })
  })
  it('says what is too heavy for one person by itself, and takes it in a go of its own', () => {
    const cases = [
      { name: 'Case', massG: 19_200 },
      { name: 'Bag', massG: 1000 },
    ]
    expect(carriedUp(at(1), cases)).toMatchObject({ goes: 2, tooHeavy: [{ name: 'Case', massG: 19_200 }] })
  })
  it('never takes more in one go than one carries, nor more goes than there are cases', () => {
    const random = seeded(7)
    for (let i = 0; i < 300; i++) {
      const cases = Array.from({ length: Math.floor(random.between(1, 8)) }, (_, k) => ({
        name: `${k}`,
        massG: Math.floor(random.between(1, 16_000)),
      }))
      const { goes, massG, tooHeavy } = carriedUp(at(Math.floor(random.between(1, 6))), cases)!
      expect(massG).toBe(cases.reduce((sum, c) => sum + c.massG, 0))
      const heavy = tooHeavy.reduce((sum, c) => sum + c.massG, 0)
      expect(goes).toBeLessThanOrEqual(cases.length)
      expect(goes).toBeGreaterThanOrEqual(tooHeavy.length + Math.ceil((massG - heavy) / AT_ONCE_G))
    }
  })
})
