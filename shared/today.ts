import { addDays, formatISO } from 'date-fns'
import { parseMoment } from './checks/parse'

/** The calendar day it is here, as 2026-12-05. */
export const today = (at = new Date()): string => formatISO(at, { representation: 'date' })

/** Whether a stamp lies so far ahead that a clock must have been wrong when it was set. */
export function isAhead(stamp: string, now = Date.now()): boolean {
  const at = parseMoment(stamp)
  return at !== undefined && at > addDays(now, 1).getTime()
}
