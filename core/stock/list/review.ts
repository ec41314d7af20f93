import type { OwnedKind } from '../things/kinds'
import { kindsNamed } from './kind'
import type { ReadThing } from './readLine'
import { wordsOf } from './words'

/* What helps somebody who looks through a list that was read. */

const MOST_OFFERED = 4

/** Other kinds a thing may be, the likeliest first. */
export function otherKinds({ name, kind, doubtful }: Pick<ReadThing, 'name' | 'kind' | 'doubtful'>): OwnedKind[] {
  const named = kindsNamed(wordsOf(`${name} ${doubtful.join(' ')}`)).reverse()
  return named.filter(k => k !== kind).slice(0, MOST_OFFERED)
}

/** Lines that are mistaken alike: read as one kind, and called by one word. */
export function isLike(x: ReadThing, y: ReadThing): boolean {
  if (x.kind !== y.kind) return false
  const word = callWord(x)
  return word !== '' && word === callWord(y)
}

/** What the shades of one line have in common: the name without its shade. Empty where the line names none, or nothing but that. */
export const rangeNamed = ({ name, shade }: Pick<ReadThing, 'name' | 'shade'>): string =>
  shade === null
    ? ''
    : name
        .replace(shade, '')
        .replace(/\s+/g, ' ')
        .replace(/^[\s,·-]+|[\s,·-]+$/g, '')

/** The word something is called by: what was doubtful of it, else the last of its name before what belongs to it. */
function callWord({ name, doubtful }: ReadThing): string {
  const [doubt] = doubtful
  const said = doubt ?? name.split(/[,(:;]/)[0] ?? ''
  const words = wordsOf(said).filter(w => /\p{L}{3}/u.test(w.text))
  return words.at(-1)?.text.replace(/s$/, '') ?? ''
}
