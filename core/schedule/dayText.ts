const format = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/** A calendar day (2026-11-30) as "30 Nov 2026"; it has no time zone to shift it. */
export const dayText = (day: string): string => format.format(new Date(`${day.slice(0, 10)}T00:00:00Z`))
