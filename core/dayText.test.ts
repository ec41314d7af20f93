import { dayText } from './dayText'

describe('a calendar day in words', () => {
  it.each([
    ['2026-11-30', '30 Nov 2026'],
    ['2024-02-29', '29 Feb 2024'],
    ['2026-12-05T23:30:00+13:00', '5 Dec 2026'],
  ])('%s is %s', (day, text) => expect(dayText(day)).toBe(text))
})
