import fc from 'fast-check'
import { alongScale, movedTo } from './range'

describe('the shades of a range', () => {
  it('lie evenly from fair to very deep where nobody says where they are', () => {
    expect(alongScale([null, null, null, null, null])).toEqual([1.5, 4, 6.5, 9, 11.5])
    expect(alongScale([null, null], { first: 3, last: 6 })).toEqual([3, 6])
    expect(alongScale([null])).toEqual([1.5])
  })
  it('lie evenly between those that are known', () =>
    expect(alongScale([null, 4, null, null, 10, null])).toEqual([1.5, 4, 6, 8, 10, 11.5]))
  it('begin with the first that is known, where that is lighter than usual', () =>
    expect(alongScale([null, 1.2])).toEqual([1.2, 1.2]))
  it('are in order, and so they stay when one is moved', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 20 }),
        fc.nat(19),
        fc.double({ min: -5, max: 20, noNaN: true }),
        (n, at, depth) => {
          const before = alongScale(Array.from({ length: n }, () => null))
          const after = movedTo(before, at % n, depth)
          expect(after.every((d, i) => d >= 1 && d <= 12 && (i === 0 || d >= after[i - 1]!))).toBe(true)
          expect(after.filter((d, i) => d !== before[i]).length).toBeLessThanOrEqual(1)
        },
      ),
    )
  })
})
