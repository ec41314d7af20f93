/** The calendar day it is here, as 2026-12-05. */
export function today(at = new Date()): string {
  const two = (n: number) => String(n).padStart(2, '0')
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`
}
