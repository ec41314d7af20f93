import { headingsIn, underOf, type Heading, type Under } from './lines/heading'
import { readLine, type ReadThing } from './readLine'
import { thingsOf } from './thingsOf'
import { tidied } from './words'

// Nobody owns more: lines after so many things are read as one thing each, and marked.
const MOST_TAKEN_APART = 9000
const STEP = 100

/** What a list says: its things in the order of its lines, and the lines that are none. */
export interface ReadList {
  things: ReadThing[]
  /** Headings, totals and remarks. */
  headings: Heading[]
}

/**
 * What a pasted list says. Lines that mean nothing to us stay as things of an unknown kind: nothing is lost.
 * @param today ISO date, for "opened March"
 * @param report how far it is, 0–1, now and then
 * @example readList(['BROWS', 'Pencil, taupe x2'], '2026-12-01').things // one thing: kind 'brow', count 2, under 'BROWS'
 */
export function readList(lines: readonly string[], today: string, report?: (done: number) => void): ReadList {
  const shapes = headingsIn(lines)
  const things: ReadThing[] = []
  const headings: Heading[] = []
  let under: Under | null = null
  for (const [line, text] of lines.entries()) {
    if (report && line % STEP === 0) report(line / lines.length)
    if (text.trim() === '') continue
    const shape = shapes.get(line)
    if (shape === 'heading') {
      under = underOf(tidied(text))
      headings.push({ line, text: text.trim(), kind: under.kind })
    } else if (shape === 'said') headings.push({ line, text: text.trim(), kind: null })
    else if (things.length < MOST_TAKEN_APART) things.push(...thingsOf(text, line, under, today))
    else things.push({ ...readLine(text, line, today)!, doubtful: [text.trim().slice(0, 200)] })
  }
  return { things, headings }
}

export { isLike, otherKinds, rangeNamed } from './review'
export type { Heading, ReadThing }
