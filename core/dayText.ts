// A calendar day has no time zone to shift it.
const dayFormat = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/** A calendar day (2026-11-30) as "30 Nov 2026". */
export const dayText = (day: string): string => dayFormat.format(new Date(day.slice(0, 10)))
