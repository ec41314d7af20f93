import { typicalSkin } from '#core/complexion/skins/skin'
import {
  chancePercent,
  dateInWords,
  dateOfMoment,
  dayInWords,
  differenceInWords,
  formatMoney,
  listInWords,
  momentInWords,
  parseMoney,
  placeInWords,
  plural,
  rangesInWords,
  seenInWords,
} from './words'

describe('money', () => {
  it.each([
    ['140', 14000],
    ['140.5', 14050],
    ['32,05', 3205],
    [' 0.99 ', 99],
  ])('"%s" is %i minor units', (text, minor) => expect(parseMoney(text)).toBe(minor))
  it.each(['', '-3', '1.234', 'a lot', '1e9', '12345678', '∞'])('"%s" is no amount', text =>
    expect(parseMoney(text)).toBeUndefined(),
  )
  it('is shown with two decimals and its currency', () => {
    expect(formatMoney(14000)).toBe('140.00')
    expect(formatMoney(5, 'PMK')).toBe('0.05 PMK')
  })
})

describe('words', () => {
  it('place, difference and lists', () => {
    expect(placeInWords(typicalSkin(5.6, 'olive'))).toBe('depth 5.5 olive')
    expect(differenceInWords(typicalSkin(5, 'neutral'), typicalSkin(6, 'golden'))).toBe('deeper, yellower')
    expect(differenceInWords(typicalSkin(5, 'neutral'), typicalSkin(5, 'neutral'))).toBe('the same to the eye')
    expect(listInWords(['a', 'b', 'c'])).toBe('a, b and c')
    expect(listInWords(['a'])).toBe('a')
    expect(
      [
        { seen: 'right' as const },
        { seen: 'ashy' as const, degree: null },
        { seen: 'too light' as const, degree: 'a touch' as const },
      ].map(seenInWords),
    ).toEqual(['right', 'ashy', 'a touch too light'])
    expect(plural(1, 'skin')).toBe('1 skin')
    expect(plural(2, 'face')).toBe('2 faces')
  })
  it('depths run together where they touch', () => {
    const skins = [11, 10.5, 3, 12, 11.5].map(depth => ({ depth, undertone: 'rosy' as const }))
    expect(rangesInWords(skins)).toBe('rosy 3, 10.5–12')
  })
  it('a calendar day stays the day it is in every zone, whatever is no day is not said to be one', () => {
    expect(dayInWords('2026-12-05')).toBe('Sat 5 Dec')
    expect(dateInWords('2026-09-05')).toBe('5 Sept 2026')
    expect([dayInWords('2026-13-05'), dateInWords('soon')]).toEqual(['on an unknown day', 'an unknown day'])
  })
  it('a moment is told by the clock of this device', () => {
    const at = new Date(2026, 8, 5, 7, 5)
    expect(momentInWords(at.toISOString())).toBe('5 Sept 2026, 07:05')
    expect(dateOfMoment(at.toISOString())).toBe('5 Sept 2026')
    expect(dateOfMoment('2026-12-05')).toBe('5 Dec 2026')
  })
})

it('a chance is never quite sure, nor ruled out', () => {
  expect([1, 0.995, 0.985, 0.5, 0.01, 0].map(chancePercent)).toEqual([
    'over 99\u00a0%',
    'over 99\u00a0%',
    '99\u00a0%',
    '50\u00a0%',
    '1\u00a0%',
    'under 1\u00a0%',
  ])
})
