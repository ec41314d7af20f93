import { isHours, total, type Cost, type Hours, type Quote, type QuoteLine } from './quote'

/* A job that is over, compared with its quote: what was planned, what it cost, and what an hour of it brought. */

export interface SettledLine {
  of: Cost | Hours
  what: string | null
  plannedMinor: number
  realMinor: number
}

export interface Settled {
  lines: SettledLine[]
  /** What was asked for, or should have been. */
  plannedMinor: number
  /** What it cost: its own hours among it. */
  realMinor: number
  paidMinor: number
  tipMinor: number
  /** What is left of what was paid, tips among it, when everything but the artist's hours is paid for. */
  earnedMinor: number
  /** Of each hour of it, travel and cleaning among them; null where it took none. */
  hourMinor: number | null
}

export function settle(
  planned: Quote,
  real: Quote,
  paid: { paidMinor: number; tipMinor: number; feeMinor: number },
): Settled {
  const keyOf = ({ of, what }: Pick<QuoteLine, 'of' | 'what'>) => `${of} ${what ?? ''}`
  const keys = [...new Set([...planned.lines, ...real.lines].map(keyOf))]
  const lines = keys.map((key): SettledLine => {
    const [p, r] = [planned, real].map(q => q.lines.filter(l => keyOf(l) === key))
    const { of, what } = (p![0] ?? r![0])!
    return { of, what, plannedMinor: total(p!), realMinor: total(r!) }
  })
  const minutes = real.lines.reduce((all, l) => all + (isHours(l.of) ? (l.quantity ?? 0) : 0), 0)
  const spent = total(real.lines.filter(l => !isHours(l.of)))
  const earnedMinor = paid.paidMinor + paid.tipMinor - spent
  return {
    lines,
    plannedMinor: paid.feeMinor,
    realMinor: real.costMinor,
    paidMinor: paid.paidMinor,
    tipMinor: paid.tipMinor,
    earnedMinor,
    hourMinor: minutes > 0 ? Math.round((earnedMinor * 60) / minutes) : null,
  }
}
