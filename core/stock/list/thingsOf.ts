import type { Under } from './lines/heading'
import { partsOf } from './lines/parts'
import { readThing, type ReadThing } from './readLine'
import { unsafeFor } from './unsafe'
import { plain, tidied } from './words'

const TAKES_OFF = /remov|solvent|entfern|dissolv/

/** The things of one line. */
export function thingsOf(text: string, line: number, under: Under | null, today: string): ReadThing[] {
  const things = partsOf(tidied(text) || text.trim(), under?.kind ?? null, under?.zone ?? null).map((part, at) =>
    readThing(part, { line, part: at, under, today }),
  )
  // "Spirit gum and remover": what takes it off is made for it.
  const along = unsafeFor(text)
  return things.map(t =>
    t.unsafeFor.length === 0 && along.length > 0 && TAKES_OFF.test(plain(t.name))
      ? { ...t, unsafeFor: along, doubtful: [...t.doubtful, t.name] }
      : t,
  )
}
