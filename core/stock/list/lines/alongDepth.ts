import type { ThingKind } from '../../things/kinds'
import type { Part } from './part'
import { tidy } from './cut'

/* Kinds that come in shades, and a range laid along the depth scale. */

export const HAS_DEPTH: readonly ThingKind[] = [
  'foundation',
  'concealer',
  'powder',
  'contour',
  'bronzer',
  'body make-up',
  'corrector',
]

// prettier-ignore
const HAS_COLOUR: readonly ThingKind[] = [
  'adjuster', 'blush', 'highlighter', 'brow', 'eye colour', 'liner', 'mascara', 'lip liner', 'lip colour', 'gloss', 'corrector', 'powder', 'lash glue',
]

export const hasShades = (kind: ThingKind): boolean => HAS_DEPTH.includes(kind) || HAS_COLOUR.includes(kind)

const DEPTHS_IN_ORDER: Readonly<Record<string, number>> = {
  'fairest': 1,
  'fair': 1.5,
  'porcelain': 1.5,
  'lightest': 1.5,
  'light': 3,
  'medium': 6,
  'mid': 6,
  'tan': 7.5,
  'deep': 9.5,
  'dark': 9.5,
  'deepest': 11.5,
  'darkest': 11.5,
  'rich': 11,
  'hell': 3,
  'mittel': 6,
  'dunkel': 9.5,
  'clair': 3,
  'moyen': 6,
  'fonce': 9.5,
  'foncé': 9.5,
  'very deep': 11.5,
  'very dark': 11.5,
}

// "Fair to deep, 6": so many, laid evenly between two depths.
const ALONG = /\b(very deep|very dark|\p{L}+)\s*(?:\bto\b|\bbis\b|à|–|-|through)\s*(very deep|very dark|\p{L}+)/iu

export function alongDepth(text: string, kind: ThingKind): Part[] | null {
  const said = HAS_DEPTH.includes(kind) ? ALONG.exec(text) : null
  const from = DEPTHS_IN_ORDER[said?.[1]!.toLowerCase() ?? '']
  const to = DEPTHS_IN_ORDER[said?.[2]!.toLowerCase() ?? '']
  if (!said || from === undefined || to === undefined || from >= to) return null
  const without = `${text.slice(0, said.index)} ${text.slice(said.index + said[0].length)}`
  const many =
    /(?:^|[\s,(x×])(\d{1,2})(?:\s*(?:shades?|bottles?|colou?rs?|töne?|farben|teintes?|pcs|stück|stk))?(?=\s*(?:[,)]|$))/iu.exec(
      without,
    )
    ?? /^\s*(\d{1,2})\s*(?:x\s*)?(?=\p{L})/u.exec(without)
    ?? /\b(\d{1,2})\s*(?:shades?|colou?rs?|töne|farben|teintes)\b/iu.exec(without)
  const n = many ? Number(many[1]) : 0
  if (n < 2 || n > 40) return null
  const name = `${without.slice(0, many!.index)} ${without.slice(many!.index + many![0].length)}`.replace(
    /\(\s*\)/g,
    '',
  )
  return Array.from({ length: n }, (_, i) => ({
    text: `${tidy(name)}`,
    depth: Math.round((from + ((to - from) * i) / (n - 1)) * 10) / 10,
  }))
}
