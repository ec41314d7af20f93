/*
 * What a job costs the artist, and the least fee that is worth taking. Every line is whole minor units before it is added, so that the sum
 * is what anybody gets who adds the lines.
 */

/** Minutes of one artist. */
export interface QuoteHours {
  setUp: number
  faces: number
  standingBy: number
  packDown: number
  cleaning: number
  travel: number
}

export interface QuoteFacts {
  faces: number
  minutes: QuoteHours
  /** What goes on, what is thrown away, what is worn off tools: in minor units, not rounded. */
  productsMinor: number
  disposablesMinor: number
  wearMinor: number
  hourMinor: number
  km: number
  kmMinor: number
  faresMinor: number
  extras: readonly { what: string; minor: number }[]
  /** Put on top of all it costs. */
  marginPercent: number
}

export const COSTS = ['products', 'disposables', 'wear', 'distance', 'fares', 'extra'] as const
export type Cost = (typeof COSTS)[number]
export type Hours = keyof QuoteHours

export interface QuoteLine {
  of: Cost | Hours
  /** What an extra is called. */
  what: string | null
  /** Minutes or kilometres; null where it is no number of anything. */
  quantity: number | null
  minor: number
}

export interface Quote {
  lines: QuoteLine[]
  costMinor: number
  marginMinor: number
  /** The least fee that is worth taking. */
  leastMinor: number
}

const MINUTES = 60
/** In the order of the day. */
const HOURS: readonly Hours[] = ['travel', 'setUp', 'faces', 'standingBy', 'packDown', 'cleaning']
export const isHours = (of: Cost | Hours): of is Hours => (HOURS as readonly string[]).includes(of)

export const total = (lines: readonly { minor: number }[]): number => lines.reduce((all, l) => all + l.minor, 0)

/** The lines of a quote and what they come to; lines of nothing are left out. */
export function quoteFor(facts: QuoteFacts): Quote {
  const { minutes, hourMinor, km, kmMinor, extras } = facts
  const cost = (of: Cost, exact: number, quantity: number | null = null, what: string | null = null): QuoteLine => ({
    of,
    what,
    quantity,
    minor: Math.round(exact),
  })
  const lines = [
    cost('products', facts.productsMinor),
    cost('disposables', facts.disposablesMinor),
    cost('wear', facts.wearMinor),
    ...HOURS.map((of): QuoteLine => ({
      of,
      what: null,
      quantity: minutes[of],
      minor: Math.round((minutes[of] * hourMinor) / MINUTES),
    })),
    cost('distance', km * kmMinor, km),
    cost('fares', facts.faresMinor),
    ...extras.map(e => cost('extra', e.minor, null, e.what)),
  ].filter(l => l.minor > 0)
  const costMinor = total(lines)
  const marginMinor = Math.round((costMinor * facts.marginPercent) / 100)
  return { lines, costMinor, marginMinor, leastMinor: costMinor + marginMinor }
}

/**
 * A sum of whole units in parts as their weights, to the last unit: the largest remainders are rounded up. Weights of nothing share alike.
 * @example apportion(100, [1, 1, 1]) // [34, 33, 33]
 */
export function apportion(sum: number, weights: readonly number[]): number[] {
  if (weights.length === 0) return []
  const all = weights.reduce((x, y) => x + y, 0)
  const share = weights.map(w => (all > 0 ? (sum * w) / all : sum / weights.length))
  const parts = share.map(s => Math.floor(s + 1e-9))
  const left = sum - parts.reduce((x, y) => x + y, 0)
  const byRemainder = share.map((s, i) => ({ i, rest: s - parts[i]! })).sort((x, y) => y.rest - x.rest || x.i - y.i)
  for (let k = 0; k < left; k++) parts[byRemainder[k % parts.length]!.i]!++
  return parts
}

/** A line of what the client reads. */
export interface ClientLine {
  what: string
  count: number
  minor: number
}
export interface ClientFace {
  /** What is done on it: those of the same are one line. */
  services: string
  minutes: number
}

/**
 * What the client reads: what is done on whom, getting there, and extras; together the fee to the last unit.
 * @param feeMinor what is asked for all of it
 */
export function clientLines(
  { lines }: Quote,
  faces: readonly ClientFace[],
  feeMinor: number,
  words: { face: string; travel: string; standingBy: string; fee: string },
): ClientLine[] {
  const passedOn: ClientLine[] = []
  const travel = total(lines.filter(l => l.of === 'travel' || l.of === 'distance' || l.of === 'fares'))
  if (travel > 0) passedOn.push({ what: words.travel, count: 1, minor: travel })
  for (const l of lines) if (l.of === 'extra') passedOn.push({ what: l.what ?? '', count: 1, minor: l.minor })
  const waiting = total(lines.filter(l => l.of === 'standingBy'))
  if (waiting > 0) passedOn.push({ what: words.standingBy, count: 1, minor: waiting })
  const rest = feeMinor - total(passedOn)
  // A fee below what is passed on, or for nobody, is one line: nothing on it would be true by itself.
  if (faces.length === 0 || rest < 0) return [{ what: words.fee, count: 1, minor: feeMinor }]
  const groups = new Map<string, { count: number; minutes: number }>()
  for (const { services, minutes } of faces) {
    const what = services.trim() || words.face
    const known = groups.get(what) ?? { count: 0, minutes: 0 }
    groups.set(what, { count: known.count + 1, minutes: known.minutes + minutes })
  }
  const named = [...groups]
  const parts = apportion(
    rest,
    named.map(([, g]) => g.minutes),
  )
  return [...named.map(([what, { count }], i) => ({ what, count, minor: parts[i]! })), ...passedOn]
}
