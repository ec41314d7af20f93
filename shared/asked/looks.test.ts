import { looksOf } from './looks'
import type { SeenVerdict } from '../records/people/faces'

const seen = (id: string, at: string, ...drops: [string, number][]): SeenVerdict => ({
  id,
  seenAt: `2026-11-25T${at}:00.000Z`,
  seen: 'too light',
  drops: drops.map(([id, count]) => ({ id, count })),
})

describe('the looks behind what was seen', () => {
  it('of one mix said twice within the hour the later word counts', () => {
    expect(looksOf([seen('b', '10:05', ['dune', 1]), seen('a', '10:00', ['dune', 1])]).map(s => s.id)).toEqual(['b'])
    const mixed = [seen('b', '10:05', ['reed', 1], ['dune', 2]), seen('a', '10:00', ['dune', 2], ['reed', 1])]
    expect(looksOf(mixed).map(s => s.id)).toEqual(['b'])
  })
  it('another mix, or the same on another day, is another look', () => {
    const list = [
      seen('c', '14:00', ['dune', 1]),
      seen('b', '10:05', ['dune', 2], ['reed', 1]),
      seen('a', '10:00', ['dune', 1]),
    ]
    expect(looksOf(list).map(s => s.id)).toEqual(['c', 'b', 'a'])
  })
  it('somebody who keeps saying it all afternoon has looked once', () => {
    expect(looksOf(['12:20', '11:40', '11:00', '10:30'].map(at => seen(at, at, ['dune', 1]))).map(s => s.id)).toEqual([
      '12:20',
    ])
  })
})
