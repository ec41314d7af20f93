import { differsBy, isVariantWord } from '../variants'
import { fragmentOf, isThing } from './fragment'

/* Commas that were left out or written as another sign. */

// "Black x2 brown x2", "brown 2 black 3": commas are missing.
const TIMES_EACH = /([x×]\s?\d{1,2})\s+(?=\p{L})/giu

const FIGURE_EACH = /(\p{L}+\s\d{1,2})\s+(?=\p{L}+\s\d{1,2}(?:\s|$))/giu

export function commasBetween(said: string): string {
  const text = listedEach(said)
    .replace(/\s\|\s/g, ', ')
    // "Light and deep: 9 g each": the colon leads to no list.
    .replace(/:\s+(?=\d+(?:[.,]\d+)?\s?(?:ml|g|oz)\b)/giu, ', ')
    .replace(/^([^:,]+),\s([^:,]{2,24}):\s/u, (whole, head: string, more: string) =>
      isThing(fragmentOf(more)) ? whole : `${head} ${more}: `,
    )
    .replace(/\s[–—-]\s+(?=[^,]*\b(?:each|je|jeweils|chacune?)\b)/giu, ', ')
  if ((text.match(/[x×]\s?\d{1,2}(?!\d)/giu)?.length ?? 0) > 1 && !text.includes(','))
    return text.replace(TIMES_EACH, '$1, ')
  const counted = /^(.*?:\s*)(\d{1,2} \p{L}+(?: \d{1,2} \p{L}+)+)$/u.exec(text)
  if (counted && counted[2]!.match(/\p{L}+/gu)!.every(w => isVariantWord(w.toLowerCase())))
    return `${counted[1]}${counted[2]!.replace(/(\p{L}) (?=\d)/gu, '$1, ')}`
  const closing = /^(.*?\p{L})((?:\s\p{L}+\s\d{1,2}){2,})\s*$/u.exec(text)
  const words = closing?.[2]!.match(/\p{L}+/gu) ?? []
  return closing && words.every(w => isVariantWord(w.toLowerCase())) ? text.replace(FIGURE_EACH, '$1, ') : text
}

/** "Light/medium/dark" are three; "light/medium" is one between them. */
const listedEach = (text: string): string =>
  text.replace(/(?<![\p{L}\d])\p{L}+(?:\/\p{L}+){2,}/gu, words =>
    words.split('/').every(w => differsBy(w) !== null) ? words.replaceAll('/', ', ') : words,
  )

const RESISTS = /^(waterproof|wasserfest|regular|normal|tubing|resistant à l'eau)$/iu

/** "Clear mascara 2, black mascara 2, brown 1": each ends in its count. */
export function countsLast(fragments: string[]): string[] {
  const all = fragments.map(f => /^(.*\p{L}[\p{L})]*)\s(\d{1,2})$/u.exec(f.trim()))
  if (fragments.length < 2 || !all.every(a => a !== null)) return fragments
  const said = all.map(a => ({ count: a![2]!, text: a![1]! }))
  const things = said.filter(s => isThing(fragmentOf(s.text)))
  // "Mascara black 2, waterproof 1": the second is one of the first's kind.
  const head = things.length === 1 && isThing(fragmentOf(said[0]!.text)) ? /^\p{L}+/u.exec(said[0]!.text)![0] : null
  const areOfHead = head !== null && said.slice(1).every(s => RESISTS.test(s.text))
  if (things.length < 2 && !areOfHead) return fragments
  return said.map((s, i) => `${s.count} x ${areOfHead && i > 0 ? `${head} ` : ''}${s.text}`)
}
