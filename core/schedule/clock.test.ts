import { clockAfter, isTimeZone, minutesUntil, momentAfter, parseClock } from './clock'

describe('the times of a day', () => {
  const paris = (day: string) => ({ day, timeZone: 'Europe/Paris' })
  it.each([
    ['09:30', 570],
    ['23:59', 1439],
    ['9:30', undefined],
    ['24:00', undefined],
    ['', undefined],
    [null, undefined],
  ])('%s on the clock is minute %s', (text, minute) => expect(parseClock(text)).toBe(minute))
  it('are minutes that pass: an hour fewer where summer time begins that night, one more where it ends', () => {
    expect(minutesUntil(paris('2026-03-28'), '09:00')).toBe(540)
    expect(minutesUntil(paris('2026-03-29'), '09:00')).toBe(480)
    expect(minutesUntil(paris('2026-10-25'), '09:00')).toBe(600)
    expect(minutesUntil({ day: null, timeZone: '' }, '09:00')).toBe(540)
  })
  it.each(['2026-03-28', '2026-03-29', '2026-10-25'])('come back as the clock showed them on %s', day => {
    for (const clock of ['00:00', '01:30', '03:15', '09:05', '17:45', '23:59'])
      expect(clockAfter(paris(day), minutesUntil(paris(day), clock)).padStart(5, '0')).toBe(clock)
  })
  it('say when they lie on another day', () => {
    expect(clockAfter(paris('2026-12-05'), -10)).toBe('23:50 the evening before')
    expect(clockAfter({ day: null, timeZone: '' }, 1450)).toBe('0:10 the day after')
  })
  it('are moments of the place, wherever this computer is', () => {
    expect(momentAfter({ day: '2026-12-05', timeZone: 'Asia/Tokyo' }, 540)).toBe(
      Date.parse('2026-12-05T09:00:00+09:00'),
    )
    expect(momentAfter({ day: null, timeZone: '' }, 540)).toBeNull()
    expect([isTimeZone('Europe/Paris'), isTimeZone('Harbour/Maren')]).toEqual([true, false])
  })
})
