import { today } from './today'

describe('today', () => {
  it('is the day of this place, not of Greenwich', () => {
    expect(today(new Date(2026, 11, 5, 0, 30))).toBe('2026-12-05')
    expect(today(new Date(2026, 0, 9, 23, 59))).toBe('2026-01-09')
  })
})
