import { minutesFor, type TimedSlot } from './minutes'

const face = { ageBand: 'adult' as const, facialHair: false, hasRecipe: false }
const job = { limbs: 0 }
const slots: TimedSlot[] = (
  [
    'cleanse',
    'moisturise',
    'brows',
    'eyes',
    'mascara',
    'foundation',
    'powder',
    'cheek',
    'highlight',
    'lip colour',
  ] as const
).map(slot => ({ slot }))
const settles = 'eyes while skincare settles' as const

describe('minutes per face', () => {
  it('are the sum of the steps, check and photo included', () => {
    expect(minutesFor([{ slot: 'foundation' }], face, job, settles)).toMatchObject({ full: 10, waiting: 0 })
    expect(minutesFor([{ slot: 'foundation' }], { ...face, hasRecipe: true }, job, settles).full).toBe(7)
  })
  it('settling costs nothing while the eyes are done, and five minutes when they are not', () => {
    const meanwhile = minutesFor(slots, face, job, settles)
    const straight = minutesFor(slots, face, job, 'skin straight through')
    expect(meanwhile.waiting).toBe(0)
    expect(straight.full - meanwhile.full).toBe(5)
    expect(minutesFor([{ slot: 'moisturise', rich: true }], face, job, settles).waiting).toBe(10)
  })
  it('the short version drops what it may, never what is required', () => {
    expect(minutesFor(slots, face, job, settles)).toMatchObject({ cut: ['highlight'] })
    expect(
      minutesFor(
        slots.map(s => ({ ...s, required: s.slot === 'highlight' })),
        face,
        job,
        settles,
      ).cut,
    ).toEqual([])
    const { full, short } = minutesFor([...slots, { slot: 'lashes' }, { slot: 'tone' }], face, job, settles)
    expect(short).toBeLessThan(full - 5)
  })
  it('grooming, limbs and children', () => {
    expect(
      minutesFor(slots, { ...face, facialHair: true }, job, settles).full - minutesFor(slots, face, job, settles).full,
    ).toBe(10)
    expect(minutesFor([{ slot: 'body' }], face, { limbs: 3 }, settles).full).toBe(32)
    expect(minutesFor(slots, { ...face, ageBand: 'child' }, job, settles).full).toBe(12)
  })
})
