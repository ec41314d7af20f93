import { figureOfWord } from '../figures'

/* The words of a line as they are cut and counted. */

/** Cuts at commas and semicolons outside brackets, not at those of decimals. */
export function cutAt(text: string, signs: RegExp): string[] {
  const parts: string[] = []
  let depth = 0
  let from = 0
  for (let i = 0; i < text.length; i++) {
    const sign = text[i]!
    if (sign === '(' || sign === '[') depth++
    else if (sign === ')' || sign === ']') depth = Math.max(0, depth - 1)
    else if (depth === 0 && signs.test(sign)) {
      if (sign === ',' && /\d/.test(text[i - 1] ?? '') && /\d/.test(text[i + 1] ?? '')) continue
      parts.push(text.slice(from, i))
      from = i + 1
    }
  }
  parts.push(text.slice(from))
  return parts.map(p => p.trim()).filter(p => p !== '')
}

const LEADING = /^\s*(\d{1,3}|[\p{L}]+)\s*(?:[x×]\s*)?\s+(?=\p{L})/u

const TRAILING = /\s*(?:[x×]\s*(\d{1,3})|\((?:[x×]\s*)?(\d{1,2})\)|(\d{1,3})\s?[x×])\s*$/u

/** "3 nude", "2x light", "berry x2": how many, and what is left of the words. */
export function counted(text: string): { count: number | null; rest: string } {
  const times = /^\s*(\d{1,3})\s*[x×]\s*(.+)$/u.exec(text)
  if (times) return { count: Number(times[1]), rest: times[2]! }
  const first = LEADING.exec(text)
  const value = first ? figureOfWord(first[1]!) : null
  if (first && value !== null && Number.isInteger(value)) return { count: value, rest: text.slice(first[0].length) }
  const last = TRAILING.exec(text)
  if (last) return { count: Number(last[1] ?? last[2] ?? last[3]), rest: text.slice(0, last.index) }
  return { count: null, rest: text }
}

/** Counted before or behind, also by a bare figure: "fair 2". */
export function each(text: string): { count: number | null; rest: string } {
  const said = counted(text)
  const bare = said.count === null ? /^(.*\p{L})\s(\d{1,2})$/u.exec(text.trim()) : null
  return bare ? { count: Number(bare[2]), rest: bare[1]! } : said
}

export const tidy = (text: string) =>
  text
    .replace(/[()]\s*(?=[,)]|$)/g, '')
    .replace(/\s*,(\s*,)+/g, ',')
    .replace(/[\s,:]+$/u, '')
    .replace(/^[\s,:]+/u, '')
    .replace(/\s+/g, ' ')

export const EACH = /\b(each|apiece|je|jeweils|chacune?|a piece)\b/giu

export const MEASURE_SAID = /\d+(?:[.,]\d+)?\s?(?:ml|g|oz|cl)\b/iu
