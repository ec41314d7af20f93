import type { JobTogether } from '#shared/records/days/together'
import {
  howMuch,
  isShort,
  isToBring,
  linesTogether,
  ownInWords,
  shortInWords,
  thinnedInWords,
  togetherInWords,
} from './together'

const count = (kind: 'alcohol' | 'tissues' | 'brush', need: number, along: number, elsewhere: number) => ({
  kind,
  shape: kind === 'brush' ? ('lip brush' as const) : null,
  need,
  measure: kind === 'alcohol' ? ('ml' as const) : ('piece' as const),
  faces: ['a', 'b'],
  along,
  elsewhere,
})
const day = (counts: JobTogether['counts'], more: Partial<JobTogether> = {}): JobTogether => ({
  faces: [
    { id: 'a', name: 'Ana Quill' },
    { id: 'b', name: 'Bea' },
  ],
  bottles: [],
  counts,
  batches: [],
  unmatched: [],
  unplanned: [],
  own: [],
  mixed: [],
  tooStrong: null,
  ...more,
})
const nameOf = (id: string) => (id === 'a' ? 'Ana' : 'Bea')

describe('everybody together, in words', () => {
  it('says what one really takes of a supply, and who says so', () => {
    const own = { kind: 'tissues' as const, jobs: 3, faces: 12, planned: 72, real: 84 }
    expect(ownInWords(own)).toBe('7 a face and not 6; by 12 faces of 3 jobs')
    expect(ownInWords({ ...own, real: 72 })).toBe('6 a face, as is usual; by 12 faces of 3 jobs')
    expect(ownInWords({ ...own, kind: 'alcohol', real: 250 })).toBe(
      '20.8\u00a0ml a face and not 6\u00a0ml; by 12 faces of 3 jobs',
    )
  })
  it('says first what is worst', () => {
    const tissues = count('tissues', 12, 20, 0)
    expect(togetherInWords(day([tissues]), nameOf)).toBe('Everything for 2 faces is along.')
    expect(togetherInWords(day([count('tissues', 12, 2, 80)]), nameOf)).toBe(
      'There is enough for 2 faces; 1 thing to bring along.',
    )
    expect(togetherInWords(day([tissues], { unmatched: ['a'] }), nameOf)).toBe(
      'No base matches Ana; of the rest there is enough.',
    )
    expect(togetherInWords(day([count('brush', 2, 1, 0)], { unmatched: ['a', 'b'] }), nameOf)).toBe(
      'No base matches Ana and Bea, and 1 thing runs short for 2 faces.',
    )
  })
  it('says of each what to do, and how a strong alcohol does', () => {
    const [brush, alcohol] = linesTogether(day([count('brush', 2, 1, 0), count('alcohol', 60, 40, 0)]))
    expect([isShort(brush!), isToBring(brush!)]).toEqual([true, false])
    expect(shortInWords(brush!)).toContain('buy 1, or wash between faces')
    expect(shortInWords(alcohol!)).toBe('60\u00a0ml needed, 40\u00a0ml there: 20\u00a0ml short.')
    expect(thinnedInWords(alcohol!, day([], { tooStrong: { percent: 95, ml: 250 } }))).toContain(
      '14.7\u00a0ml of the 95 %',
    )
    expect(thinnedInWords(alcohol!, day([], { tooStrong: { percent: 95, ml: 2 } }))).toBe('')
    expect(thinnedInWords(brush!, day([], { tooStrong: { percent: 95, ml: 250 } }))).toBe('')
  })
  it.each([
    [0.041, 'g', '0.05\u00a0g'],
    [12.34, 'ml', '12.3\u00a0ml'],
    [3, '', '3'],
  ])('%d %s is %s', (n, unit, text) => expect(howMuch(n, unit)).toBe(text))
})
