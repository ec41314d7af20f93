import type { Part } from './part'
import { cutAt, counted, each } from './cut'

// "Brushes – flat 4, round 3", "lashes: 6 strips, 2 boxes of singles": a word for all of them, then so many of each.
const HEADED = /^([^:(\d]*?\p{L}[^:(\d]*?)\s*(?::|\s[–—-])\s+(.+)$/u

export function byCounts(text: string): Part[] | null {
  const said = HEADED.exec(text)
  if (!said) return null
  const own = cutAt(said[2]!, /,/)
    .flatMap(t => t.split(/\s(?:and|und|et|&|\+)\s/u))
    .map(each)
  if (own.length < 2 || !own.every(o => o.count !== null && o.count < 100 && /^\p{L}/u.test(o.rest.trim()))) return null
  if (own.some(o => MEASURED_WORD.test(o.rest))) return null
  return own.map(o => ({ text: `${o.count} x ${said[1]!.trim()} ${o.rest.trim()}` }))
}

const MEASURED_WORD = /^\s*(ml|g|gr|oz|cl|l|kg|fl|mm|cm|pans?|colou?rs?|shades?|%|pcs?|stk|stück|h|months?|of|left)\b/iu

/** "Eyeshadow palettes: warm, cool": each is a palette. */
export function eachPalette(text: string): Part[] | null {
  const said = /^(.*\b(?:palettes|paletten|quads|trios|duos|wheels))\s*(?:(?::|\s[–—-])\s+|\()([^()]+)\)?$/iu.exec(text)
  const names = said ? cutAt(said[2]!, /,/).flatMap(t => t.split(/\s(?:and|und|et|&)\s/u)) : []
  const { count, rest } = counted(said?.[1] ?? '')
  if (names.length < 2 || !said || /\d/.test(said[2]!) || (count !== null && count !== names.length)) return null
  return names.map(name => ({ text: `${rest} ${name}` }))
}
