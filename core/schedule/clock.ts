import { MINUTE_MS } from '../time'
import { TZDate } from '@date-fns/tz'

/*
 * Times of a job's day. A timetable counts minutes that pass from midnight of the day where the job is; a clock on the wall shows an hour
 * more or less where summer time begins or ends that night.
 */

const CLOCK = /^([01]\d|2[0-3]):([0-5]\d)$/
const A_DAY = 24 * 60

/** Minutes after midnight as the wall shows them; undefined for what is no time, as 09:30. */
export function parseClock(text: unknown): number | undefined {
  const parts = typeof text === 'string' ? CLOCK.exec(text) : null
  return parts ? Number(parts[1]) * 60 + Number(parts[2]) : undefined
}

/** A day of a job: its date where one is agreed, and the zone of its place, empty for one's own. */
export interface ZonedDay {
  day?: string | null
  timeZone: string
}

/** The zone this computer is in. */
export const ownZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone

/** Whether a name is that of a time zone this computer knows. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name })
    return true
  } catch {
    return false
  }
}

function midnight({ day, timeZone }: ZonedDay): TZDate | null {
  if (!day) return null
  const [year, month, date] = day.slice(0, 10).split('-').map(Number) as [number, number, number]
  return new TZDate(year, month - 1, date, 0, 0, timeZone || ownZone())
}

/** Minutes that pass from midnight until the clock shows this. */
export function minutesUntil(on: ZonedDay, clock: string): number {
  const wall = parseClock(clock)!
  const from = midnight(on)
  if (!from) return wall
  const at = new TZDate(
    from.getFullYear(),
    from.getMonth(),
    from.getDate(),
    Math.floor(wall / 60),
    wall % 60,
    from.timeZone,
  )
  return Math.round((at.getTime() - from.getTime()) / MINUTE_MS)
}

/** The moment so many minutes after midnight, in milliseconds since 1970; null where no day is agreed. */
export function momentAfter(on: ZonedDay, minutes: number): number | null {
  const from = midnight(on)
  return from ? from.getTime() + minutes * MINUTE_MS : null
}

/** Day and clock of a moment in a zone. */
export function clockOn(ms: number, timeZone: string): { day: string; clock: string } {
  const at = new TZDate(ms, timeZone)
  const two = (n: number) => String(n).padStart(2, '0')
  return {
    day: `${String(at.getFullYear()).padStart(4, '0')}-${two(at.getMonth() + 1)}-${two(at.getDate())}`,
    clock: `${two(at.getHours())}:${two(at.getMinutes())}`,
  }
}

/** What the clock shows so many minutes after midnight: "9:05", "23:50 the evening before". */
export function clockAfter(on: ZonedDay, minutes: number): string {
  const from = midnight(on)
  const whole = Math.round(minutes)
  if (!from) return worded(((whole % A_DAY) + A_DAY) % A_DAY, whole < 0, whole >= A_DAY)
  const at = new TZDate(from.getTime() + whole * MINUTE_MS, from.timeZone)
  const days = Math.round(
    (Date.UTC(at.getFullYear(), at.getMonth(), at.getDate())
      - Date.UTC(from.getFullYear(), from.getMonth(), from.getDate()))
      / (A_DAY * MINUTE_MS),
  )
  return worded(at.getHours() * 60 + at.getMinutes(), days < 0, days > 0)
}

const worded = (wall: number, before: boolean, after: boolean) =>
  `${Math.floor(wall / 60)}:${String(wall % 60).padStart(2, '0')}${before ? ' the evening before' : after ? ' the day after' : ''}`
