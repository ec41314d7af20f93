import { parseMoment } from './parse'

/** The calendar day it is here, as 2026-12-05. */
export function today(at = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
}

const DAY_MS = 86_400_000

/** Whether a stamp lies so far ahead that a clock must have been wrong when it was set. */
export function isAhead(stamp: string, now = Date.now()): boolean {
  const at = parseMoment(stamp)
  return at !== undefined && at > now + DAY_MS
}
