import { seeded } from '../../tests/support/random'
import { apportion, clientLines, quoteFor, total, type QuoteFacts } from './quote'
import { settle } from './settled'

const WORDS = { face: 'Make-up', travel: 'Travel', standingBy: 'Standing by', fee: 'Make-up' }
const facts = (more: Partial<QuoteFacts> = {}): QuoteFacts => ({
  faces: 2,
  minutes: { setUp: 25, faces: 90, standingBy: 0, packDown: 20, cleaning: 45, travel: 60 },
  productsMinor: 1234.4,
  disposablesMinor: 310.5,
  wearMinor: 99.49,
  hourMinor: 4000,
  km: 30,
  kmMinor: 40,
  faresMinor: 700,
  extras: [{ what: 'Lashes', minor: 1500 }],
  marginPercent: 15,
  ...more,
})

describe('a quote', () => {
  it('is what the job costs, line by line, and a margin on top', () => {
    const { lines, costMinor, marginMinor, leastMinor } = quoteFor(facts())
    expect(lines.map(l => [l.what ?? l.of, l.minor])).toEqual([
      ['products', 1234],
      ['disposables', 311],
      ['wear', 99],
      ['travel', 4000],
      ['setUp', 1667],
      ['faces', 6000],
      ['packDown', 1333],
      ['cleaning', 3000],
      ['distance', 1200],
      ['fares', 700],
      ['Lashes', 1500],
    ])
    expect(costMinor).toBe(21_044)
    expect(marginMinor).toBe(3157)
    expect(leastMinor).toBe(24_201)
  })

  it('reads for the client as what is done on whom and getting there', () => {
    const quote = quoteFor(facts())
    const faces = [
      { services: 'Bride, with lashes', minutes: 60 },
      { services: '', minutes: 30 },
      { services: ' ', minutes: 30 },
    ]
    expect(clientLines(quote, faces, 25_000, WORDS)).toEqual([
      { what: 'Bride, with lashes', count: 1, minor: 8800 },
      { what: 'Make-up', count: 2, minor: 8800 },
      { what: 'Travel', count: 1, minor: 5900 },
      { what: 'Lashes', count: 1, minor: 1500 },
    ])
    expect(clientLines(quote, faces, 3000, WORDS)).toEqual([{ what: 'Make-up', count: 1, minor: 3000 }])
  })

  it('adds up to the last unit, for any job and any fee (2 000 jobs)', () => {
    const random = seeded(11)
    const int = (low: number, high: number) => Math.floor(random.between(low, high + 1))
    for (let i = 0; i < 2000; i++) {
      const quote = quoteFor(
        facts({
          minutes: {
            setUp: int(0, 90),
            faces: int(0, 900),
            standingBy: int(0, 600),
            packDown: int(0, 60),
            cleaning: int(0, 90),
            travel: int(0, 500),
          },
          productsMinor: random.between(0, 90_000),
          disposablesMinor: random.between(0, 9000),
          wearMinor: random.between(0, 5000),
          hourMinor: int(0, 20_000),
          km: random.between(0, 900),
          kmMinor: int(0, 120),
          faresMinor: int(0, 9000),
          extras: Array.from({ length: int(0, 4) }, (_, k) => ({ what: `e${k}`, minor: int(0, 5000) })),
          marginPercent: random.between(0, 120),
        }),
      )
      const faces = Array.from({ length: int(0, 9) }, () => ({
        services: random.pick(['', 'Bride', 'Lashes', 'Child']),
        minutes: int(0, 90),
      }))
      const fee = random.pick([quote.leastMinor, int(0, 3 * quote.leastMinor + 1), 0])
      const client = clientLines(quote, faces, fee, WORDS)
      expect({
        cost: total(quote.lines),
        least: quote.costMinor + quote.marginMinor,
        asked: total(client),
        whole: [...quote.lines, ...client].every(l => Number.isInteger(l.minor) && l.minor >= 0),
      }).toEqual({ cost: quote.costMinor, least: quote.leastMinor, asked: fee, whole: true })
    }
  })

  it('shares a sum by weights to the last unit, and no part is more than one away from its share', () => {
    const random = seeded(12)
    for (let i = 0; i < 500; i++) {
      const weights = Array.from({ length: 1 + Math.floor(random.between(0, 8)) }, () => random.between(0, 5))
      const sum = Math.floor(random.between(0, 100_000))
      const parts = apportion(sum, weights)
      const all = weights.reduce((x, y) => x + y, 0)
      expect(parts.reduce((x, y) => x + y, 0)).toBe(sum)
      parts.forEach((p, k) => expect(Math.abs(p - (sum * weights[k]!) / all)).toBeLessThanOrEqual(1))
    }
    expect(apportion(10, [0, 0, 0])).toEqual([4, 3, 3])
    expect(apportion(10, [])).toEqual([])
  })
})

describe('a job that is over', () => {
  it('is held line by line against its quote, and says what an hour of it brought', () => {
    const planned = quoteFor(facts())
    const real = quoteFor(
      facts({
        minutes: { setUp: 25, faces: 150, standingBy: 0, packDown: 20, cleaning: 45, travel: 60 },
        extras: [{ what: 'Parking fine', minor: 2000 }],
      }),
    )
    const settled = settle(planned, real, { paidMinor: 25_000, tipMinor: 500, feeMinor: 24_201 })
    expect(total(settled.lines.map(l => ({ minor: l.plannedMinor })))).toBe(planned.costMinor)
    expect(total(settled.lines.map(l => ({ minor: l.realMinor })))).toBe(real.costMinor)
    expect(settled.lines.find(l => l.of === 'faces')).toMatchObject({ plannedMinor: 6000, realMinor: 10_000 })
    expect(settled.lines.find(l => l.what === 'Lashes')).toMatchObject({ plannedMinor: 1500, realMinor: 0 })
    // 25 500 less products 1 234, disposables 311, wear 99, distance 1 200, fares 700, the fine 2 000; five hours.
    expect(settled.earnedMinor).toBe(19_956)
    expect(settled.hourMinor).toBe(Math.round(19_956 / 5))
  })
})
