import fc from 'fast-check'
import { alongScale, betweenEnds, movedTo } from './range'

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
  it('follow when an end is moved, each keeping its share of the way', () => {
    expect(betweenEnds([2, 4, 6], 2, 10)).toEqual([2, 6, 10])
    expect(betweenEnds([2, 4, 8], 0, 5)).toEqual([5, 6, 8])
    // All at one depth, they are spread.
    expect(betweenEnds([6, 6, 6], 2, 8)).toEqual([6, 7, 8])
    // Never past the other end, nor off the scale.
    expect(betweenEnds([4, 5, 6], 2, 1)).toEqual([4, 4, 4])
    expect(betweenEnds([4, 5, 6], 0, -3)).toEqual([1, 3.5, 6])
    expect(betweenEnds([4, 5, 6], 1, 12)).toEqual([4, 5, 6])
  })
})
