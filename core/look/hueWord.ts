import { chroma, hue, type Lab } from '../colour/lab'

interface Band {
  /** Hue angles below this, degrees. */
  below: number
  /** Words by lightness, deep first: what is lighter than the first takes the next. */
  words: readonly (readonly [below: number, word: string])[]
}
// What is redder than rose has at least this chroma.
const RED_FROM = 38
const PALE_REDS = [
  [34, 'wine'],
  [43, 'berry'],
  [101, 'rose'],
] as const
// From red on through yellow, green and blue back to red.
const BANDS: readonly Band[] = [
  // prettier-ignore
  { below: 12, words: [[36, 'plum'], [56, 'rose'], [101, 'pink']] },
  // prettier-ignore
  { below: 34, words: [[34, 'wine'], [52, 'red'], [101, 'rose']] },
  // prettier-ignore
  { below: 54, words: [[34, 'brick brown'], [53, 'brick'], [101, 'coral']] },
  // prettier-ignore
  { below: 76, words: [[42, 'brown'], [62, 'copper'], [101, 'peach']] },
  // prettier-ignore
  { below: 105, words: [[40, 'olive brown'], [101, 'gold']] },
  // prettier-ignore
  { below: 165, words: [[101, 'green']] },
  // prettier-ignore
  { below: 290, words: [[101, 'blue']] },
  // prettier-ignore
  { below: 345, words: [[101, 'violet']] },
  // prettier-ignore
  { below: 361, words: [[36, 'plum'], [56, 'rose'], [101, 'pink']] },
]
const MUTED = 22
const GREY = 7
// prettier-ignore
const MUTED_WARM = [[26, 'dark brown'], [44, 'brown'], [60, 'taupe'], [74, 'beige'], [101, 'ivory']] as const
// prettier-ignore
const MUTED_COOL = [[32, 'deep mauve'], [62, 'mauve'], [101, 'pale mauve']] as const
// prettier-ignore
const GREYS = [[18, 'black'], [45, 'charcoal'], [70, 'grey'], [101, 'white']] as const

const byLightness = (L: number, words: readonly (readonly [number, string])[]) => words.find(([below]) => L < below)![1]

/** A colour in one word of the trade. */
export function hueWord(lab: Lab): string {
  const c = chroma(lab)
  if (c < GREY) return byLightness(lab.L, GREYS)
  const angle = (hue(lab) + 360) % 360
  if (c < MUTED && angle > 32 && angle < 105) return byLightness(lab.L, MUTED_WARM)
  if (c < MUTED && (angle <= 32 || angle >= 330)) return byLightness(lab.L, MUTED_COOL)
  if (c < RED_FROM && angle >= 12 && angle < 34) return byLightness(lab.L, PALE_REDS)
  return byLightness(lab.L, BANDS.find(b => angle < b.below)!.words)
}
