import { ITEM_KINDS } from '../../product/item'
import { SLOTS } from '../../asked/slots'
import { isComplexionKind, USUAL_BY_KIND, useByOf } from './usual'

describe('usual values', () => {
  it.each(ITEM_KINDS)('%s has them, and may go where it is meant to', kind => {
    const { traits, size } = USUAL_BY_KIND[kind]
    expect(size).toBeGreaterThan(0)
    for (const slot of SLOTS.filter(s => s.kinds.includes(kind))) expect(traits.safeFor).toContain(slot.place)
  })
  it('mascara lasts the shortest', () => {
    expect(Math.min(...ITEM_KINDS.map(k => USUAL_BY_KIND[k].traits.paoMonths!))).toBe(
      USUAL_BY_KIND.mascara.traits.paoMonths,
    )
  })
  it('complexion is what a skin is matched with', () => {
    expect(ITEM_KINDS.filter(isComplexionKind)).toEqual(['foundation', 'adjuster', 'concealer'])
  })
})

describe('last day of use', () => {
  it.each([
    ['2026-01-31', 1, null, '2026-02-28'],
    ['2026-01-15', 12, null, '2027-01-15'],
    ['2025-11-30', 3, null, '2026-02-28'],
    ['2023-11-29', 3, null, '2024-02-29'],
    ['2026-08-24', 6, '2027-09-30', '2027-02-24'],
    ['2026-08-24', 6, '2026-12-31T00:00:00Z', '2026-12-31'],
    [null, 6, '2027-09-30', '2027-09-30'],
    ['2026-08-24', null, '2027-09-30', '2027-09-30'],
  ])('opened %s, %s months, printed %s: %s', (opened, months, printed, last) =>
    expect(useByOf(opened, months, printed)).toBe(last),
  )
  it('is unknown while unopened or when the pack does not say', () => {
    expect(useByOf(null, 12, null)).toBeNull()
    expect(useByOf('2026-01-01', null, null)).toBeNull()
  })
})
