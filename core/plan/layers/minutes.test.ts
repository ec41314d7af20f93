import { minutesFor, type TimedLayer } from './minutes'

const layers: TimedLayer[] = (
  [
    ['cleanse', 2],
    ['moisturise', 1],
    ['brows', 4],
    ['eyes', 6],
    ['foundation', 8],
    ['cheek', 2],
    ['highlight', 1],
  ] as const
).map(([slot, minutes]) => ({ slot, minutes }))
const settles = 'eyes while skincare settles' as const

describe('minutes per face', () => {
  it('are the sum of what is done, check and photo included', () => {
    expect(minutesFor([{ slot: 'foundation', minutes: 8 }], 0, settles)).toMatchObject({ full: 10, waiting: 0 })
    expect(minutesFor([{ slot: 'foundation', minutes: 8 }], 7, settles).full).toBe(17)
  })
  it('settling costs nothing while the eyes are done, and five minutes when they are not', () => {
    const meanwhile = minutesFor(layers, 0, settles)
    const straight = minutesFor(layers, 0, 'skin straight through')
    expect(meanwhile.waiting).toBe(0)
    expect(straight.full - meanwhile.full).toBe(5)
  })
  it('a rich cream wants a quarter of an hour, of which the eyes take theirs; nobody waits where no base follows', () => {
    const rich = layers.map(l => ({ ...l, rich: l.slot === 'moisturise' }))
    expect(minutesFor(rich, 0, settles).waiting).toBe(15 - 10)
    expect(minutesFor([{ slot: 'moisturise', minutes: 1, rich: true }], 0, settles).waiting).toBe(0)
  })
  it('the short version drops what it may, never what is required', () => {
    expect(minutesFor(layers, 0, settles)).toMatchObject({ cut: ['highlight'] })
    const required = layers.map(l => ({ ...l, required: l.slot === 'highlight' }))
    expect(minutesFor(required, 0, settles).cut).toEqual([])
    const more: TimedLayer[] = [...layers, { slot: 'lashes', minutes: 6 }, { slot: 'tone', minutes: 1 }]
    const { full, short } = minutesFor(more, 0, settles)
    expect(full - short).toBe(8)
  })
})
