import { seeded } from '../../tests/support/random'
import { merged, type Tick } from './ticks'

const random = seeded(21)
const some = (): Tick[] =>
  ['a', 'b', 'c', 'd'].flatMap(key =>
    random.between(0, 1) < 0.6
      ? [
          {
            key,
            done: random.between(0, 1) < 0.5,
            at: `2026-12-01T0${Math.floor(random.between(5, 8))}:00:00Z`,
            text: random.pick(['', 'lid creased', 'tacky base next time']),
          },
        ]
      : [],
  )
const told = (ticks: readonly Tick[]) => ticks.map(t => `${t.key} ${t.done} ${t.at} ${t.text}`)

describe('ticks of several devices', () => {
  it('come to the same whoever tells whom first, and however often (500 times)', () => {
    for (let i = 0; i < 500; i++) {
      const [x, y, z] = [some(), some(), some()]
      expect(told(merged(x, y))).toEqual(told(merged(y, x)))
      expect(told(merged(merged(x, y), z))).toEqual(told(merged(x, merged(y, z))))
      const both = merged(x, y)
      expect(told(merged(both, x))).toEqual(told(both))
    }
  })

  it('lose nothing: of each thing the newest word of either side stands', () => {
    for (let i = 0; i < 200; i++) {
      const [x, y] = [some(), some()]
      for (const t of merged(x, y)) {
        const words = [...x, ...y].filter(s => s.key === t.key)
        expect(Date.parse(t.at)).toBe(Math.max(...words.map(w => Date.parse(w.at))))
      }
      expect(new Set(merged(x, y).map(t => t.key))).toEqual(new Set([...x, ...y].map(t => t.key)))
    }
  })
})
