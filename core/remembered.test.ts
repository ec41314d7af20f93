import { remembered } from './remembered'

it('makes an answer once, keeps so many at most, and nothing that could not be made', () => {
  const make = jest.fn((n: number) => {
    if (n < 0) throw new RangeError('none')
    return { n }
  })
  const ask = remembered(2, String, make)
  const one = ask(1)
  expect(ask(1)).toBe(one)
  ask(2)
  expect(make).toHaveBeenCalledTimes(2)
  ask(3)
  expect(ask(1)).toEqual(one)
  expect(ask(1)).not.toBe(one)
  expect(make).toHaveBeenCalledTimes(4)
  expect(() => ask(-1)).toThrow('none')
  expect(() => ask(-1)).toThrow('none')
  expect(make).toHaveBeenCalledTimes(6)
})
