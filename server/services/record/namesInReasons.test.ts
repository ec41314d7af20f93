import { withMarks, withNames, without } from './namesInReasons'

const ana = { id: 'a1', name: 'Ana' }
const anastasia = { id: 'a2', name: 'Anastasia Wren' }
const al = { id: 'b1', name: 'Al' }

describe('people in sentences that are kept', () => {
  it('are named as they are called now, and not at all once they are gone', () => {
    const kept = '{face:a1} and {face:a2} cannot be matched without it'
    const names = new Map([['a1', 'Ana Renamed']])
    expect(withNames(kept, names)).toBe('Ana Renamed and a face cannot be matched without it')
    expect(without(kept, 'a1')).toBe('a face and {face:a2} cannot be matched without it')
  })

  it.each([
    ['Ana cannot be matched without it', '{face:a1} cannot be matched without it'],
    ['Anastasia Wren, Ana and Al hang on it', '{face:a2}, {face:a1} and {face:b1} hang on it'],
    ['Anastasia alone: also always', 'Anastasia alone: also always'],
    ['Al', '{face:b1}'],
    ['Älter, Al2, xAl', 'Älter, Al2, xAl'],
    ['{face:a1} stays', '{face:a1} stays'],
    ['', ''],
  ])('%j of an older version becomes %j', (before, after) =>
    expect(withMarks(before, [ana, anastasia, al])).toBe(after),
  )

  it('a name that is a mark or empty does no harm', () => {
    const odd = [
      { id: 'x', name: 'face' },
      { id: 'y', name: ' ' },
    ]
    expect(withMarks('his face is dry', odd)).toBe('his {face:x} is dry')
    expect(withMarks('{face:a1} has a face', odd)).toBe('{face:a1} has a face')
  })
})
