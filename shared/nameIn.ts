/*
 * A person's name in what somebody wrote freely: the whole name, and each part of it that is long enough to mean them. Used to find where
 * somebody who is to be forgotten still stands.
 */

/** Shorter parts are in too many words to mean anybody. */
const SHORTEST = 3
/** Scripts that put no space between words: a name ends where it ends. */
const UNSPACED = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Lao}\p{Script=Khmer}]/u

const letters = (text: string) => text.normalize('NFC').trim().replace(/\s+/gu, ' ')

/**
 * What of a name is looked for, the longest first.
 * @example partsOf('Orla Ndiaye-Brandt') // ['Orla Ndiaye-Brandt', 'Ndiaye-Brandt', 'Ndiaye', 'Brandt', 'Orla']
 */
export function partsOf(name: string): string[] {
  const whole = letters(name)
  if (whole === '') return []
  const words = whole.split(' ')
  const parts = [...words, ...words.flatMap(w => w.split(/[-‐–.]/u))].filter(p => [...p].length >= SHORTEST)
  return [...new Set([whole, ...parts])].sort((x, y) => y.length - x.length)
}

/** Finds any of these parts as words, in whatever case, also as "Orla's" and "Orlas". */
export function finderOf(parts: readonly string[]): RegExp {
  const one = (part: string) => {
    const said = part.replace(/[\\^$.*+?()[\]{}|/]/g, '\\$&').replace(/ /g, '\\s+')
    if (UNSPACED.test(part)) return said
    return `(?<![\\p{L}\\p{N}])${said}(?=['’]?s?(?![\\p{L}\\p{N}]))`
  }
  return new RegExp(parts.map(one).join('|'), 'giu')
}

/** Whether a text names somebody. */
export const isNamed = (text: string, parts: readonly string[]): boolean =>
  parts.length > 0 && finderOf(parts).test(text.normalize('NFC'))

/** The text with another word in the place of the name, with a capital where a sentence begins. */
export const renamed = (text: string, parts: readonly string[], word: string): string =>
  text.normalize('NFC').replace(finderOf(parts), (_name, at: number, whole: string) => {
    const isFirst = /(?:^|[.!?]\s+|\n)$/u.test(whole.slice(0, at))
    return isFirst ? word.charAt(0).toUpperCase() + word.slice(1) : word
  })

/** A pattern of SQL's LIKE that finds at least every text in which a part stands, in whatever case and form it is written. */
export const likePattern = (part: string): string => `%${part.replace(/[^ -~]+|[%_\s]+/gu, '%')}%`
