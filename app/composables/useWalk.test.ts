import { walked } from './useWalk'

describe('walking a ring with the arrow keys', () => {
  const ring = ['nose', 'chin', 'lips'] as const
  it.each([
    ['nose', 'ArrowDown', 'chin'],
    ['lips', 'ArrowRight', 'nose'],
    ['nose', 'ArrowUp', 'lips'],
    ['chin', 'ArrowLeft', 'nose'],
  ] as const)('from %s by %s to %s', (from, key, to) => expect(walked(ring, from, key)).toBe(to))
  it('other keys lead nowhere', () => expect(walked(ring, 'nose', 'Tab')).toBeUndefined())
})
