import { labelsIn, shadesSaid } from '../list/lines/shades'
import { plain } from '../list/words'
import { coverageIn, finishIn, levelIn } from './cells'

// "9 pans", "3 nude, 2 red", "30 ml": read with the thing, as a line is.
const SAYS_MORE = /(?:^|[\s,])\d{1,2}\s*(?:x\s*)?(?!(?:and|und|et)\b)\p{L}{2,}/u
const LONGEST_NAME = 4
const WORDS_BETWEEN = /\s*[,;/+&]\s*|\s+(?:and|und|et)\s+/u

/**
 * The shades that one cell names.
 * @example shadesIn('02, 04, 06') // ['02', '04', '06']
 * @example shadesIn('N10–N30') // ['N10', 'N20', 'N30']
 * @example shadesIn('nude, red and berry') // ['nude', 'red', 'berry']
 * @example shadesIn('rose, matte') // ['rose, matte']: one shade and its finish
 * @example shadesIn('smoky, 9 pans') // []: no shade, and said of the thing
 */
export function shadesIn(cell: string): string[] {
  const text = cell.trim()
  if (text === '' || SAYS_MORE.test(text)) return []
  const codes = shadesSaid(`shades ${text}`, true)
  if (codes && /^[\s,;/&+-]*$/.test(codes.rest)) return codes.shades
  const names = text.split(WORDS_BETWEEN).map(n => n.trim())
  const areShades =
    names.length > 1
    && names.every(n => n !== '' && n.split(/\s+/).length <= LONGEST_NAME && /[\p{L}\d]/u.test(n))
    && !names.some(n => finishIn(n) || (coverageIn(n) && plain(n).includes('cover')) || saysHowMuch(n))
  return areShades ? [...new Set(/\d/.test(text) ? names.flatMap(labelsIn) : names)] : [text]
}
const saysHowMuch = (name: string) => !/^[\d.,]+$/.test(name) && levelIn(name) !== undefined
