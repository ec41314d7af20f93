import { format, parseISO } from 'date-fns'

/** A calendar day (2026-11-30) as "30 Nov 2026"; it has no time zone to shift it. */
export const dayText = (day: string): string => format(parseISO(day.slice(0, 10)), 'd MMM yyyy')
