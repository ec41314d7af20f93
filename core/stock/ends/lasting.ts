import { addDays, differenceInCalendarDays, formatISO, parseISO, subDays } from 'date-fns'
import { SLOTS } from '../../asked/slots'
import type { OwnedKind } from '../things/kinds'

/*
 * How long what is left will do: by what the log says was taken, and what kept plans of booked faces will take. Booked faces are part of
 * what the log expects, so of the two the larger counts; what neither knows is not pretended.
 */

/** The use of a product by the log, in the measure of its fills. */
export interface Taken {
  uses: number
  /** Mean of those that were counted; null where none was. */
  meanAmount: number | null
  /** Days in which it was. */
  days: number
  /** The most that one job took. */
  mostOnOneJob: number
}
/** What a kept plan will take on a day, ISO date. */
export interface Planned {
  on: string
  amount: number
}

export interface LastingQuestion {
  left: number
  kind: OwnedKind
  taken: Taken
  planned: readonly Planned[]
  /** The last day on which any of what is left may be used, ISO date; null where nobody knows. */
  useBy: string | null
  /** From ordering to having it, days. */
  leadDays: number
  /** ISO date. */
  today: string
}

/** Days are ISO dates; null where nobody can tell, or it is more than five years from now. */
export interface Lasting {
  left: number
  perUse: number
  /** Faces that what is left does for. */
  faces: number
  emptyOn: string | null
  /** Its last day, where that comes before it is empty: what is left then is thrown away. */
  overOn: string | null
  /** Nine times of ten it is between these. */
  earliest: string | null
  latest: string | null
  /** What must be left when it is ordered. */
  reorderAt: number | null
  orderBy: string | null
  because: string
  /** Whether log or book says how fast it goes. */
  known: boolean
}

const FURTHEST_DAYS = 5 * 365
const NINE_OF_TEN = 1.645
// Where only kept plans speak, faces that nobody has booked yet come too.
const OF_A_FACE = 1

/** What is thrown away for one face, in pieces, and alcohol in millilitres. */
const SUPPLIES_PER_FACE: Partial<Record<OwnedKind, number>> = {
  'cotton rounds': 4,
  'cotton buds': 4,
  'tissues': 6,
  'mascara wands': 2,
  'lip applicators': 2,
  'disposable spatulas': 1,
  'disposable sponges': 1,
  'alcohol': 15,
}
export const isThrownAway = (kind: OwnedKind): boolean => SUPPLIES_PER_FACE[kind] !== undefined

/** What a thing of a kind is used by on one face; null for what is on none. */
export const usualPerFace = (kind: OwnedKind): number | null =>
  SUPPLIES_PER_FACE[kind] ?? SLOTS.find(s => (s.kinds as readonly OwnedKind[]).includes(kind))?.amount ?? null

/** @returns null where a kind is not used up by faces */
export function lastingOf({ left, kind, taken, planned, useBy, leadDays, today }: LastingQuestion): Lasting | null {
  const perUse = taken.meanAmount ?? usualPerFace(kind)
  if (perUse === null || perUse <= 0) return null
  const from = parseISO(today)
  const ahead = planned
    .map(p => ({ day: differenceInCalendarDays(parseISO(p.on), from), amount: p.amount }))
    .filter(p => p.day >= 0)
    .sort((x, y) => x.day - y.day)
  const perDay = taken.days > 0 ? (taken.uses * perUse) / taken.days : 0
  const wholeFaces = Math.floor(left / perUse + 1e-9)
  const nothing = { emptyOn: null, overOn: null, earliest: null, latest: null, reorderAt: null, orderBy: null }
  const booked = ahead.reduce((sum, p) => sum + p.amount, 0)
  const known = perDay > 0 || booked > 0
  const faces = { left, perUse, faces: wholeFaces, known }
  if (!known) return { ...faces, ...nothing, because: 'nothing was taken of it in the log, and no kept plan names it' }

  const date = (days: number) =>
    days >= FURTHEST_DAYS ? null : formatISO(addDays(from, Math.max(0, Math.floor(days))), { representation: 'date' })
  const until = (amount: number, faster = 1) => daysUntil(amount, perDay * faster, ahead)
  // Uses come as they come, and how often was itself seen only so many times.
  const spread = Math.exp(NINE_OF_TEN * Math.sqrt(1 / Math.max(OF_A_FACE, left / perUse) + 1 / (taken.uses + 0.5)))
  const inLead = Math.max(
    perDay * leadDays,
    ahead.filter(p => p.day <= leadDays).reduce((sum, p) => sum + p.amount, 0),
  )
  const reserve = Math.max(perUse, taken.mostOnOneJob, ...perBookedDay(ahead))
  const reorderAt = inLead + reserve
  const emptyOn = date(until(left))
  const isOver = useBy !== null && left > 0 && (emptyOn === null || useBy < emptyOn)
  // A bottle that is past its day is replaced by then, however much is in it.
  const inTime = isOver ? formatISO(subDays(parseISO(useBy), leadDays), { representation: 'date' }) : null
  const whenLow = left <= reorderAt ? today : date(until(left - reorderAt))
  return {
    ...faces,
    emptyOn,
    overOn: isOver ? useBy : null,
    earliest: date(until(left, spread)),
    latest: date(until(left, 1 / spread)),
    reorderAt,
    orderBy: notBefore(today, earlier(whenLow, inTime)),
    because: [
      taken.uses > 0 ? `${taken.uses} ${taken.uses === 1 ? 'use' : 'uses'} in ${taken.days} days` : '',
      ahead.length > 0
        ? `${ahead.length} booked ${ahead.length === 1 ? 'face' : 'faces'}${isThrownAway(kind) ? '' : ' whose plan names it'}`
        : '',
    ]
      .filter(Boolean)
      .join(', '),
  }
}

const earlier = (x: string | null, y: string | null) => (x === null || (y !== null && y < x) ? y : x)
const notBefore = (day: string, x: string | null) => (x !== null && x < day ? day : x)

/** The first day by which so much is gone, by the log's pace or by the booked plans, whichever uses more. */
function daysUntil(amount: number, perDay: number, ahead: readonly { day: number; amount: number }[]): number {
  const byPace = perDay > 0 ? amount / perDay : Infinity
  let gone = 0
  const byBook = ahead.find(p => (gone += p.amount) >= amount - 1e-9)?.day ?? Infinity
  return Math.min(byPace, byBook)
}

function perBookedDay(ahead: readonly { day: number; amount: number }[]): number[] {
  const byDay = new Map<number, number>()
  for (const { day, amount } of ahead) byDay.set(day, (byDay.get(day) ?? 0) + amount)
  return [...byDay.values()]
}

/** What of it is thrown away when its last day comes; 0 where it is empty before, null where nobody can tell. */
export function wastedBy(lasting: Lasting, useBy: string, today: string): number | null {
  if (!lasting.known) return null
  if (lasting.emptyOn !== null && lasting.emptyOn <= useBy) return 0
  const days = Math.max(0, differenceInCalendarDays(parseISO(useBy), parseISO(today)))
  const all =
    lasting.emptyOn === null ? FURTHEST_DAYS : differenceInCalendarDays(parseISO(lasting.emptyOn), parseISO(today))
  return lasting.left * (1 - days / Math.max(days, all, 1))
}
