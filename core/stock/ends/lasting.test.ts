import { lastingOf, usualPerFace, wastedBy, type LastingQuestion } from './lasting'

const TODAY = '2026-11-27'
const question = (more: Partial<LastingQuestion> = {}): LastingQuestion => ({
  left: 16,
  kind: 'foundation',
  taken: { uses: 40, meanAmount: 0.8, days: 200, mostOnOneJob: 1.6 },
  planned: [],
  useBy: null,
  leadDays: 10,
  today: TODAY,
  ...more,
})
const none = { uses: 0, meanAmount: null, days: 200, mostOnOneJob: 0 }

describe('how long it lasts', () => {
  it('follows the pace of the log, with a range that narrows as the log grows', () => {
    const found = lastingOf(question())!
    // 0.16 ml a day: 100 days.
    expect(found).toMatchObject({ faces: 20, emptyOn: '2027-03-07', because: '40 uses in 200 days' })
    const few = lastingOf(question({ taken: { uses: 4, meanAmount: 0.8, days: 20, mostOnOneJob: 1.6 } }))!
    expect(few.emptyOn).toBe(found.emptyOn)
    expect(few.earliest! < found.earliest! && found.earliest! < found.emptyOn!).toBe(true)
    expect(few.latest! > found.latest! && found.latest! > found.emptyOn!).toBe(true)
  })
  it('is ordered while what comes in the meantime and one job more is left', () => {
    const found = lastingOf(question())!
    expect(found.reorderAt).toBeCloseTo(10 * 0.16 + 1.6)
    expect(found.orderBy).toBe('2027-02-15')
    expect(lastingOf(question({ left: 3 }))!.orderBy).toBe(TODAY)
  })
  it('ends at its last day, and the next is ordered for then', () => {
    // It would be empty on 7 March.
    const over = lastingOf(question({ useBy: '2027-01-31' }))!
    expect(over).toMatchObject({ overOn: '2027-01-31', orderBy: '2027-01-21', emptyOn: '2027-03-07' })
    // A day after it is empty changes nothing.
    expect(lastingOf(question({ useBy: '2027-06-30' }))!).toMatchObject({ overOn: null, orderBy: '2027-02-15' })
    // What is nearly over is ordered today, and what lasts for years by its pace is ordered for its last day, too.
    expect(lastingOf(question({ useBy: '2026-12-01' }))!.orderBy).toBe(TODAY)
    const slow = { uses: 1, meanAmount: 0.01, days: 365, mostOnOneJob: 0.01 }
    expect(lastingOf(question({ taken: slow, useBy: '2027-01-31' }))!).toMatchObject({
      emptyOn: null,
      overOn: '2027-01-31',
      orderBy: '2027-01-21',
    })
  })
  it('of the log and the book the larger counts', () => {
    const planned = [
      { on: '2026-12-01', amount: 9 },
      { on: '2026-12-05', amount: 9 },
      { on: '2026-11-01', amount: 99 },
    ]
    expect(lastingOf(question({ planned }))!).toMatchObject({ emptyOn: '2026-12-05', orderBy: TODAY })
    expect(lastingOf(question({ taken: none, planned: planned.slice(0, 1) }))!).toMatchObject({
      emptyOn: null,
      because: '1 booked face whose plan names it',
    })
  })
  it('pretends nothing where neither speaks, nor of what faces do not use up', () => {
    expect(lastingOf(question({ taken: none }))).toMatchObject({ faces: 20, emptyOn: null, orderBy: null })
    expect(lastingOf(question({ kind: 'scissors', taken: none }))).toBeNull()
    expect(usualPerFace('mascara')).toBe(1)
  })
  it('says what is thrown away when its day comes first', () => {
    const found = lastingOf(question())!
    expect(wastedBy(found, '2027-01-16', TODAY)).toBeCloseTo(8)
    expect(wastedBy(found, '2027-06-01', TODAY)).toBe(0)
    expect(wastedBy(lastingOf(question({ taken: none }))!, '2027-06-01', TODAY)).toBeNull()
  })
})
