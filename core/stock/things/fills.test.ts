import fc from 'fast-check'
import { decant, leftIn, take, useOrder, type Fill } from './fills'

const fill = (id: string, size: number, level: number): Fill => ({ id, size, level, measure: 'ml', openedOn: null })
const fills = fc.array(
  fc.record({
    size: fc.double({ min: 0.1, max: 1000, noNaN: true }),
    level: fc.double({ min: 0, max: 1, noNaN: true }),
  }),
  { minLength: 1, maxLength: 6 },
)
const total = (all: readonly Fill[]) => all.reduce((sum, f) => sum + leftIn(f), 0)

type Step = { is: 'use' | 'decant'; of: number; share: number; vessel: number }
const steps = fc.array(
  fc.record({
    is: fc.constantFrom<Step['is']>('use', 'decant'),
    of: fc.nat(20),
    share: fc.double({ min: 0, max: 1.5, noNaN: true }),
    vessel: fc.double({ min: 0.1, max: 100, noNaN: true }),
  }),
  { maxLength: 30 },
)

describe('what is in bottles', () => {
  it('is neither made nor lost by filling, decanting and using', () => {
    fc.assert(
      fc.property(fills, steps, (start, acts) => {
        let all = start.map((f, i) => fill(`f${i}`, f.size, f.level))
        const before = total(all)
        let used = 0
        for (const { is, of, share, vessel } of acts) {
          const one = all[of % all.length]!
          if (is === 'use') {
            const wanted = leftIn(one) * share
            const taken = take([one, ...all.filter(f => f !== one)], wanted)
            used += taken.reduce((sum, t) => sum + t.amount, 0)
            all = all.map(f => taken.find(t => t.fill.id === f.id)?.fill ?? f)
          } else {
            const amount = Math.min(leftIn(one) * Math.min(1, share), vessel)
            if (amount <= 0) continue
            const { from, into } = decant(one, amount, vessel)
            all = [...all.map(f => (f === one ? from : f)), { ...into, id: `d${all.length}` }]
          }
        }
        expect(Math.abs(total(all) + used - before)).toBeLessThan(1e-6 * Math.max(1, before))
        expect(all.every(f => f.level >= 0 && f.level <= 1)).toBe(true)
      }),
    )
  })

  it('takes no more than there is, and from the first as long as it lasts', () => {
    expect(take([fill('a', 30, 0.1), fill('b', 30, 0.5)], 10)).toEqual([
      { fill: fill('a', 30, 0), amount: 3 },
      { fill: { ...fill('b', 30, 0), level: expect.closeTo(8 / 30, 9) }, amount: 7 },
    ])
    expect(take([fill('a', 30, 0.1)], 10).map(t => t.amount)).toEqual([3])
    expect(() => take([fill('a', 30, 1)], -1)).toThrow(RangeError)
  })

  it('decants only what is there, into what holds it', () => {
    expect(() => decant(fill('a', 30, 0.1), 4, 10)).toThrow('not so much left')
    expect(() => decant(fill('a', 30, 1), 12, 10)).toThrow('too small')
    expect(() => decant(fill('a', 30, 1), 0, 10)).toThrow('more than nothing')
  })
})

describe('which unit a drop comes from', () => {
  const unit = (id: string, level: number, openedOn: string | null, retiredAt: string | null = null) => ({
    id,
    level,
    openedOn,
    retiredAt,
    createdAt: `2026-01-0${id}`,
  })
  const order = (...units: ReturnType<typeof unit>[]) => useOrder(units).map(u => u.id)
  it('is the open one, the oldest first', () =>
    expect(order(unit('1', 1, null), unit('2', 0.5, '2026-05-01'), unit('3', 0.2, '2026-02-01'))).toEqual([
      '3',
      '2',
      '1',
    ]))
  it('is none that is empty or retired while there is another', () =>
    expect(order(unit('1', 0, '2026-01-01'), unit('2', 1, null), unit('3', 1, '2026-01-01', '2026-06-01'))).toEqual([
      '2',
      '1',
      '3',
    ]))
})
