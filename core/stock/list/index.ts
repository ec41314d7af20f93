import { readLine, type ReadThing } from './readLine'

/**
 * What a pasted list says, a thing for each line that says something, in order. Lines that mean nothing to us stay as things of an
 * unknown kind: nothing is lost.
 * @param today ISO date, for "opened March"
 */
export const readList = (lines: readonly string[], today: string): ReadThing[] =>
  lines.flatMap((text, line) => readLine(text, line, today) ?? [])

export { isLike, otherKinds } from './review'
export type { ReadThing }
