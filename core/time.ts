export const MINUTE_MS = 60_000
/** A day of 24 hours; days of the calendar with a clock change are schedule/clock.ts's. */
export const DAY_MS = 86_400_000
