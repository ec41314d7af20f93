/*
 * One line of JSON an event, on standard error, without anything personal: no names, no texts, no addresses of records.
 * An error is logged by its kind, its code and the functions it came through; its message may quote what somebody typed.
 */

type Level = 'info' | 'warning' | 'error'
type Detail = Record<string, string | number | boolean | null>

export function log(level: Level, event: string, detail: Detail = {}): void {
  process.stderr.write(`${JSON.stringify({ at: new Date().toISOString(), level, event, ...detail })}\n`)
}

/** What may be logged of an error. */
export function errorDetail(problem: unknown): Detail {
  const kinds: string[] = []
  let code = ''
  for (let at: unknown = problem; at instanceof Error && kinds.length < 5; at = at.cause) {
    kinds.push(at.name)
    code ||= String((at as { code?: unknown }).code ?? '')
  }
  const through = problem instanceof Error ? functionsOf(problem.stack ?? '') : ''
  return { kind: kinds.join(' < ') || typeof problem, code, through }
}

/** Names of functions and lines, without paths or the message above them. */
const functionsOf = (stack: string) =>
  stack
    .split('\n')
    .flatMap(line => {
      const call = /^\s+at (?:async )?([\w.$<>]+)?.*?([\w.-]+:\d+):\d+\)?$/.exec(line)
      return call ? [`${call[1] ?? 'anonymous'} ${call[2]}`] : []
    })
    .slice(0, 6)
    .join(' < ')

/** One plain sentence for the person at the terminal. */
export const tell = (sentence: string): void => {
  process.stderr.write(`${sentence}\n`)
}
