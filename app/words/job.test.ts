import type { ReadyCheck } from './ready'
import { checkInWords, readyInWords, someOf } from './ready'
import { breaksInWords, lackInWords } from './bag'
import { calledBy } from './names'
import { hoursInWords, quoteInWords } from './quote'
import type { JobQuote } from '#shared/records/days/quotes'

const on = { day: '2026-12-01', timeZone: 'Europe/Paris' }
const money = (minor: number) => (minor / 100).toFixed(2)

describe('what stands between a job and its day, in words', () => {
  it('counts, names a few and says how many more', () => {
    expect(readyInWords([])).toBe('Ready.')
    expect(readyInWords([{ is: 'nobody' }])).toBe('1 thing before it is ready.')
    expect(someOf(['a', 'b', 'c', 'd', 'e'])).toBe('a, b, c, d and e')
    expect(someOf(['a', 'b', 'c', 'd', 'e', 'f'])).toBe('a, b, c, d and 2 more')
  })

  it('says of each check what and why', () => {
    const face = { faceId: 'f', bookingId: 'b', name: 'Orla Ndiaye' }
    const said = (check: ReadyCheck) => Object.values(checkInWords(on, check, money, () => 'Orla')).join(' — ')
    expect(said({ is: 'unmatched', faces: [face] })).toMatch(/^No base for Orla — /)
    expect(said({ is: 'morning', lateBy: 47, proven: true, opens: 390, start: 343 })).toBe(
      'The morning is too short — You would have to begin at 5:43, 47 minutes before you can be there.',
    )
    expect(
      said({ is: 'lacking', keys: ['lip'], names: ['lip brush'], sold: 1, priceMinor: 900, onTheWay: false }),
    ).toBe('1 thing too few — Lip brush. 1 purchase for 9.00 would do.')
    expect(
      said({ is: 'lacking', keys: ['lip'], names: ['lip brush'], sold: 0, priceMinor: 0, onTheWay: false }),
    ).toContain('Nobody here sells')
    expect(said({ is: 'past', names: ['Reed'], ids: ['u'] })).toContain('Reed')
    expect(
      said({
        is: 'against',
        face,
        found: [
          {
            slot: 'foundation',
            layer: 'Base',
            itemId: 'i',
            item: 'Day Shield',
            rule: 'flash',
            sentence: 'pale in flash',
            harm: false,
          },
        ],
      }),
    ).toBe('Orla: Day Shield on the agreed plan — Pale in flash.')
  })
})

describe('what people of a day are called by', () => {
  it('is their first name, with a title, and all of it where two are called alike', () => {
    const people = ['Orla Ndiaye', 'Captain Yusuf Drevets', 'Maria Stroud', 'Maria Ito', 'Dr. Wu', 'Bosun'].map(
      name => ({ id: name, name }),
    )
    expect(people.map(p => calledBy(people)(p.id))).toEqual([
      'Orla',
      'Captain Yusuf',
      'Maria Stroud',
      'Maria Ito',
      'Dr. Wu',
      'Bosun',
    ])
    expect(calledBy(people)('gone')).toBe('somebody')
  })
})

describe('the bag and the quote in words', () => {
  it('says exactly who goes without', () => {
    const name = (id: string) => id.toUpperCase()
    const needs = [{ key: 'k', name: 'lip brush', faces: ['a', 'b'], forTheDay: false }]
    expect(breaksInWords({ needs, spare: null }, name)).toEqual(['A and B go without: lip brush.'])
    expect(breaksInWords({ needs: [], spare: 'lash glue' }, name)).toEqual(['No second lash glue where the one fails.'])
    const lack = {
      key: 'k',
      name: 'x',
      kind: 'alcohol',
      shape: null,
      isBottle: false,
      measure: 'ml',
      need: 150,
      short: 40,
      faces: [],
      forTheDay: true,
      offer: null,
    } as const
    expect(lackInWords({ ...lack, faces: [] }, name)).toBe('150\u00a0ml needed, 40\u00a0ml short.')
  })

  it('says whether a fee is worth taking', () => {
    const quote = {
      quote: { lines: [], costMinor: 0, marginMinor: 0, leastMinor: 20_000 },
      feeMinor: 18_000,
      settled: null,
      unsaid: [],
    } as unknown as JobQuote
    expect(quoteInWords(quote, false, money)).toBe('Not below 200.00.')
    expect(quoteInWords({ ...quote, unsaid: ['hour'] }, false, money)).toContain('your own time not counted')
    expect(quoteInWords(quote, true, money)).toBe('180.00 asked: 20.00 below what it is worth taking for.')
    expect(quoteInWords({ ...quote, feeMinor: 20_000 }, true, money)).toContain('just worth taking')
    expect(hoursInWords(125)).toBe('2\u00a0h 5\u00a0min')
    expect(hoursInWords(0)).toBe('0\u00a0min')
  })
})
