import { fromCalendar, jobOfUid, NoCalendar, toCalendar, uidOf, type CalendarDay } from './calendar'
import { seeded } from '../../tests/support/random'

const file = (...lines: string[]) => ['BEGIN:VCALENDAR', 'VERSION:2.0', ...lines, 'END:VCALENDAR', ''].join('\r\n')
const event = (...lines: string[]) => file('BEGIN:VEVENT', 'UID:a', ...lines, 'END:VEVENT')
const BERLIN = [
  'BEGIN:VTIMEZONE',
  'TZID:Mittelland Standard Time',
  'BEGIN:STANDARD',
  'DTSTART:16010101T030000',
  'TZOFFSETFROM:+0200',
  'TZOFFSETTO:+0100',
  'RRULE:FREQ=YEARLY;BYDAY=-1SU;BYMONTH=10',
  'END:STANDARD',
  'BEGIN:DAYLIGHT',
  'DTSTART:16010101T020000',
  'TZOFFSETFROM:+0100',
  'TZOFFSETTO:+0200',
  'RRULE:FREQ=YEARLY;BYDAY=-1SU;BYMONTH=3',
  'END:DAYLIGHT',
  'END:VTIMEZONE',
]

describe('a calendar that comes in', () => {
  it('keeps clock and zone as they were written, folded lines and commas', () => {
    const text = event(
      'SUMMARY:Vows\\, at the lock',
      'LOCATION:Upper',
      '  lock',
      'DESCRIPTION:Six faces\\nno tap',
      'DTSTART;TZID=Europe/Paris:20261212T070000',
      'DTEND;TZID=Europe/Paris:20261212T114000',
    )
    expect(fromCalendar(text)).toEqual([
      {
        uid: 'a',
        name: 'Vows, at the lock',
        place: 'Upper lock',
        notes: 'Six faces\nno tap',
        day: '2026-12-12',
        timeZone: 'Europe/Paris',
        from: '07:00',
        to: '11:40',
        repeats: false,
      },
    ])
  })
  it.each([
    ['a whole day', ['DTSTART;VALUE=DATE:20261212'], { day: '2026-12-12', from: null, to: null, timeZone: '' }],
    [
      'a clock without a zone',
      ['DTSTART:20261212T070000', 'DURATION:PT2H'],
      { from: '07:00', to: '09:00', timeZone: '' },
    ],
    ['one that goes over midnight', ['DTSTART:20261212T220000', 'DTEND:20261213T020000'], { from: '22:00', to: null }],
    ['no end', ['DTSTART:20261212T220000'], { from: '22:00', repeats: false }],
    ['one that comes again', ['DTSTART:20261212T070000', 'RRULE:FREQ=WEEKLY'], { repeats: true }],
    ['no name', ['DTSTART:20261212T070000'], { name: 'A day of work' }],
  ])('with %s', (_what, lines, told) => expect(fromCalendar(event(...lines))[0]).toMatchObject(told))
  it('of a zone that only it knows is told as the clock shows it here', () => {
    const at = new Date('2026-07-12T05:00:00Z')
    const here = `${String(at.getHours()).padStart(2, '0')}:00`
    const own = ['DTSTART;TZID=Mittelland Standard Time:20260712T070000']
    const [told] = fromCalendar(file(...BERLIN, 'BEGIN:VEVENT', 'UID:b', ...own, 'END:VEVENT'))
    expect(told).toMatchObject({ from: here, timeZone: '' })
    expect(fromCalendar(event('DTSTART:20260712T050000Z'))[0]).toMatchObject({ from: here, timeZone: '' })
  })
  it('leaves out what has no day, and refuses what is no calendar', () => {
    expect(fromCalendar(event('SUMMARY:Someday'))).toEqual([])
    expect(fromCalendar(file())).toEqual([])
    for (const text of ['', 'name;day', 'BEGIN:VCARD\r\nEND:VCARD\r\n', '{"a":1}', 'BEGIN:VCALENDAR'])
      expect(() => fromCalendar(text)).toThrow(NoCalendar)
  })
})

describe('a calendar that goes out', () => {
  it('comes in again as it was, with whatever words', () => {
    const random = seeded(3)
    const LETTERS = [...'abc ,;:\\"\n漢🙂é']
    const words = (most: number) =>
      Array.from({ length: Math.floor(random.between(1, most)) }, () => random.pick(LETTERS))
        .join('')
        .trim()
    for (let i = 0; i < 60; i++) {
      const from = Date.parse('2026-12-12T06:00:00Z') + Math.floor(random.between(0, 300)) * 60_000
      const day: CalendarDay = {
        uid: uidOf(`job-${i}`),
        name: words(40) || 'x',
        place: words(60),
        notes: words(300),
        from,
        to: from + 3_600_000,
      }
      const [told, ...more] = fromCalendar(toCalendar([day], from))
      expect(more).toEqual([])
      expect(told).toMatchObject({ uid: day.uid, name: day.name, place: day.place, notes: day.notes })
      expect(jobOfUid(told!.uid)).toBe(`job-${i}`)
      expect(new Date(`${told!.day}T${told!.from}`).getTime()).toBe(from)
    }
    expect(jobOfUid('1234@elsewhere')).toBeNull()
  })
  it('has lines no longer than a calendar takes', () => {
    const text = toCalendar(
      [{ uid: 'u', name: 'n'.repeat(300), place: '', notes: '漢'.repeat(200), from: 0, to: 60_000 }],
      0,
    )
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75)
    expect(text.startsWith('BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:')).toBe(true)
  })
})
