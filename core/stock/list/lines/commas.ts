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
  const closing = /^(.*?\p{L})((?:\s\p{L}+\s\d{1,2}){2,})\s*$/u.exec(text)
  const words = closing?.[2]!.match(/\p{L}+/gu) ?? []
  return closing && words.every(w => isVariantWord(w.toLowerCase())) ? text.replace(FIGURE_EACH, '$1, ') : text
}

/** "Light/medium/dark" are three; "light/medium" is one between them. */
const listedEach = (text: string): string =>
  text.replace(/(?<![\p{L}\d])\p{L}+(?:\/\p{L}+){2,}/gu, words =>
    words.split('/').every(w => differsBy(w) !== null) ? words.replaceAll('/', ', ') : words,
  )

/** "Clear mascara 2, black mascara 2, brown 1": each ends in its count. */
export function countsLast(fragments: string[]): string[] {
  const all = fragments.map(f => /^(.*\p{L}[\p{L})]*)\s(\d{1,2})$/u.exec(f.trim()))
  return fragments.length > 1 && all.every(a => a !== null) && all.filter(a => isThing(fragmentOf(a![1]!))).length > 1
    ? all.map(a => `${a![2]} x ${a![1]}`)
    : fragments
}
