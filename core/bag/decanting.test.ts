import { seeded } from '../../tests/support/random'
import { thing } from '../../tests/support/thing'
import { decantAdvice } from '../stock/handling/decant'
import { vesselHeft } from '../stock/things/heft'
import type { Thing } from '../stock/things/thing'
import type { Going } from './bag'
import { decantingFor, VESSELS } from './decanting'
import type { Need } from './needs'

const adviceOf = (t: Thing) =>
  decantAdvice({
    ...{ kind: t.kind, measure: t.measure, dispenser: t.dispenser, family: t.family, percent: t.percent },
    ...{ texture: null, spf: null, ingredients: null, isPast: false },
  })
const bottle = (more: Partial<Thing> = {}) =>
  thing({ kind: 'toner', dispenser: 'bottle', size: 200, level: 1, massG: 288, roomMl: 368, ...more })
const going = (of: Thing, more: Partial<Going> = {}): Going => ({
  ...{ of, count: of.count, why: 'plans', massG: of.massG, roomMl: of.roomMl },
  ...more,
})
const need = (held: readonly Thing[], amount: number): Need => ({
  ...{ key: held[0]!.productId, sort: 'bottle', productId: held[0]!.productId, kind: held[0]!.kind, shape: null },
  ...{ name: held[0]!.name, lab: null, measure: 'ml', need: amount, each: [{ faceId: 'a', amount }] },
  held: held.map(of => ({ of, holds: of.size * of.level })),
})
const asked = (of: Thing, amount: number, cabin = false) =>
  decantingFor([going(of)], [need([of], amount)], adviceOf, cabin)

describe('what goes as well in a small vessel', () => {
  it('is a large bottle of which the day takes little: half as much again, in the smallest vessel, filled to the rim', () => {
    const [found] = asked(bottle(), 6)
    expect(found).toMatchObject({ amount: 10, size: 10, forCabin: false })
    expect(found!.savesG).toBeCloseTo(288 - vesselHeft(10, 1).massG, 6)
    expect(found!.mind.join()).toMatch(/clean, dry vessel/)
    // There is less in it than the vessel holds.
    expect(asked(bottle({ level: 0.06 }), 11)[0]).toMatchObject({ size: 15, amount: 12 })
  })

  it('is nothing that is unstable, pressed, under pressure, counted or nearly as small already', () => {
    expect(asked(bottle({ kind: 'sun protection' }), 6)).toEqual([])
    expect(asked(bottle({ dispenser: 'aerosol' }), 6)).toEqual([])
    expect(asked(bottle({ dispenser: 'airless' }), 6)).toEqual([])
    expect(asked(bottle({ measure: 'piece' }), 6)).toEqual([])
    expect(asked(bottle({ size: 15, massG: 40 }), 6)).toEqual([])
    expect(asked(bottle({ size: 30, massG: 60 }), 6)).toEqual([])
    expect(asked(bottle(), 90)).toEqual([])
    // A pump keeps it better, but for what is too bulky to carry.
    expect(asked(bottle({ dispenser: 'pump' }), 6)).toHaveLength(1)
    // One of it for the day: nobody says how much.
    const gel = bottle({ kind: 'hand gel', sort: 'supply' })
    expect(
      decantingFor(
        [going(gel, { why: 'day' })],
        [{ ...need([gel], 1), sort: 'count', measure: 'piece' }],
        adviceOf,
        false,
      ),
    ).toEqual([])
    // The day does without it, or takes it out of two.
    expect(decantingFor([going(bottle(), { why: 'core' })], [], adviceOf, false)).toEqual([])
    const two = [bottle({ productId: 'p' }), bottle({ productId: 'p' })]
    expect(
      decantingFor(
        two.map(t => going(t)),
        [need(two, 6)],
        adviceOf,
        false,
      ),
    ).toEqual([])
  })

  it('is for a cabin whatever is too large for it, but not what burns', () => {
    const light = bottle({ size: 120, massG: 60 })
    expect(asked(light, 6)).toEqual([])
    expect(asked(light, 6, true)).toMatchObject([{ forCabin: true, size: 10 }])
    expect(asked(bottle({ size: 120, massG: 60, percent: 70 }), 6, true)).toEqual([])
  })

  it('holds what the plans take and is lighter, whatever is asked (300 bags)', () => {
    const random = seeded(17)
    for (let i = 0; i < 300; i++) {
      const of = bottle({
        size: random.between(5, 500),
        level: random.between(0.02, 1),
        massG: random.between(20, 600),
      })
      const wanted = random.between(0.1, 80)
      for (const { amount, size, savesG } of asked(of, wanted)) {
        expect(amount).toBeGreaterThanOrEqual(Math.min(wanted, of.size * of.level) - 1e-6)
        expect(amount).toBeLessThanOrEqual(Math.min(size, of.size * of.level) + 1e-9)
        expect(VESSELS).toContain(size)
        expect(savesG).toBeGreaterThanOrEqual(50)
      }
    }
  })
})
