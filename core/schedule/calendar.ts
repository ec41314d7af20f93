import ICAL from 'ical.js'
import { clockOn, isTimeZone, ownZone } from './clock'

/*
 * Days of work to a calendar and from one (iCalendar, RFC 5545). Exports are in UTC, which every calendar understands; what comes
 * in keeps the clock and the zone it was written with, where that zone is one this computer knows.
 */

export interface CalendarDay {
  /** The same for the same day of work, whenever it is written out. */
  uid: string
  name: string
  place: string
  notes: string
  /** Milliseconds since 1970. */
  from: number
  to: number
}

// The blank that begins a line that goes on is one of its 75 octets.
ICAL.foldLength = 74
const PRODUCT = '-//Varietas//Days of work//EN'
const OWN = '@varietas'
export const uidOf = (jobId: string) => `${jobId}${OWN}`
/** The job a calendar had from here; null for what comes from elsewhere. */
export const jobOfUid = (uid: string): string | null => (uid.endsWith(OWN) ? uid.slice(0, -OWN.length) : null)

/** A calendar of some days, as the text of its file. @param stampedAt milliseconds since 1970 */
export function toCalendar(days: readonly CalendarDay[], stampedAt: number): string {
  const calendar = new ICAL.Component('vcalendar')
  calendar.updatePropertyWithValue('version', '2.0')
  calendar.updatePropertyWithValue('prodid', PRODUCT)
  for (const { uid, name, place, notes, from, to } of days) {
    const event = new ICAL.Event(new ICAL.Component('vevent'))
    event.uid = uid
    event.summary = name
    if (place) event.location = place
    if (notes) event.description = notes
    event.startDate = utc(from)
    event.endDate = utc(to)
    event.component.updatePropertyWithValue('dtstamp', utc(stampedAt))
    calendar.addSubcomponent(event.component)
  }
  return `${calendar.toString()}\r\n`
}
const utc = (ms: number) => ICAL.Time.fromJSDate(new Date(ms), true)

/** A day of work as a calendar has it. */
export interface FromCalendar {
  uid: string
  name: string
  place: string
  notes: string
  day: string
  /** Empty for one's own. */
  timeZone: string
  /** As the clock shows it there; null for whole days. */
  from: string | null
  to: string | null
  /** A repeating event; only its first day is read. */
  repeats: boolean
}

/** Thrown for a file that is no calendar. */
export class NoCalendar extends Error {}

/**
 * The events of a calendar file, in their order; what has no day is left out.
 * @throws NoCalendar
 */
export function fromCalendar(text: string): FromCalendar[] {
  return calendarsIn(text).flatMap(calendar => {
    for (const zone of calendar.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone)
    return calendar.getAllSubcomponents('vevent').flatMap(component => {
      const told = eventOf(component)
      return told ? [told] : []
    })
  })
}

function calendarsIn(text: string): ICAL.Component[] {
  try {
    const parsed = ICAL.parse(text.replace(/^\uFEFF/, '')) as unknown[]
    // A file may hold several calendars one after another.
    const all = (Array.isArray(parsed[0]) ? parsed : [parsed]) as unknown[][]
    const calendars = all.map(jcal => new ICAL.Component(jcal as never)).filter(c => c.name === 'vcalendar')
    if (calendars.length > 0) return calendars
  } catch {
    // Told below.
  }
  throw new NoCalendar('This is no calendar: an iCalendar file (.ics) is what calendar programs save or export.')
}

function eventOf(component: ICAL.Component): FromCalendar | null {
  const event = new ICAL.Event(component)
  const start = component.getFirstPropertyValue('dtstart')
  if (!(start instanceof ICAL.Time)) return null
  // Times and zones as they were written; a broken end is no reason to lose a day.
  const end = endOf(event)
  const told = wallOf(start, zoneNamed(component))
  const ends = end && wallOf(end, zoneNamed(component))
  return {
    uid: event.uid ?? '',
    name: (event.summary ?? '').trim() || 'A day of work',
    place: (event.location ?? '').trim(),
    notes: (event.description ?? '').trim(),
    day: told.day,
    timeZone: told.timeZone,
    from: told.clock,
    to: ends && ends.day === told.day ? ends.clock : null,
    repeats: event.isRecurring(),
  }
}

function endOf(event: ICAL.Event): ICAL.Time | null {
  try {
    return event.endDate
  } catch {
    return null
  }
}

const zoneNamed = (component: ICAL.Component) =>
  String(component.getFirstProperty('dtstart')?.getParameter('tzid') ?? '')

/** Day and clock of a time: as written, where its zone is none or one that is known here; else as the clock shows it here at that moment. */
function wallOf(time: ICAL.Time, tzid: string): { day: string; clock: string | null; timeZone: string } {
  const two = (n: number) => String(n).padStart(2, '0')
  const day = `${String(time.year).padStart(4, '0')}-${two(time.month)}-${two(time.day)}`
  if (time.isDate) return { day, clock: null, timeZone: '' }
  const named = tzid !== '' && isTimeZone(tzid)
  const isUtc = time.zone === ICAL.Timezone.utcTimezone
  const floating = tzid === '' && !isUtc
  if (named || floating) return { day, clock: `${two(time.hour)}:${two(time.minute)}`, timeZone: named ? tzid : '' }
  return { ...clockOn(time.toUnixTime() * 1000, ownZone()), timeZone: '' }
}
