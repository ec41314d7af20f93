import { cutKey, doneKey, insteadKey, noteKey, notesOf, onKey, workedBy } from './dayTicks'

const at = (minute: number) => new Date(Date.UTC(2026, 11, 5, 9, minute)).toISOString()

describe('what is ticked on the day', () => {
  it('says what was left out and what went on instead, the newest word of each', () => {
    const worked = workedBy([
      { key: insteadKey('b', 'second 100 %', 'eyes: crease'), done: true, at: at(9) },
      { key: insteadKey('b', 'first', 'eyes: crease'), done: true, at: at(3) },
      { key: insteadKey('b', 'x', 'blush'), done: false, at: at(3) },
      { key: cutKey('c', 'lashes'), done: true, at: at(1) },
      { key: cutKey('c', 'no such slot'), done: true, at: at(1) },
      { key: onKey('b', 'blush'), done: true, at: at(1) },
      { key: doneKey('b', 1), done: true, at: at(1) },
      { key: 'instead b %E0%A4 lips', done: true, at: at(1) },
      { key: 'unit instead', done: true, at: at(1) },
    ])
    expect([...worked.keys()].sort()).toEqual(['b', 'c'])
    expect(worked.get('c')).toEqual({ cut: ['lashes'], instead: new Map() })
    expect(worked.get('b')!.instead).toEqual(
      new Map([
        ['lips', '%E0%A4'],
        ['eyes: crease', 'second 100 %'],
      ]),
    )
  })

  it('keeps every note of a booking as it was said, but what was taken back', () => {
    const note = (of: string, id: string, minute: number, text: string, done = true) => ({
      ...{ key: noteKey(of, id), done, at: at(minute), text },
    })
    const ticks = [
      note('b', '2', 9, 'lid creases by noon'),
      note('b', '1', 3, 'likes it warmer'),
      note('b', '3', 4, 'never mind', false),
      note('bb', '1', 1, 'somebody else'),
      note('b', '4', 1, ''),
      { key: onKey('b', 'blush'), done: true, at: at(1), text: '' },
    ]
    expect(notesOf(ticks, 'b').map(n => n.text)).toEqual(['likes it warmer', 'lid creases by noon'])
  })
})
