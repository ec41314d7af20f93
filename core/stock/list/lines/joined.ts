import { isItemKind, isToolKind } from '../../things/kinds'
import { kindIn } from '../kind'
import { isNoCosmetic } from '../unsafe'
import { differsBy, isVariantWord } from '../variants'
import { wordsOf } from '../words'
import { counted } from './cut'
import { PALETTE, textureWord, type Fragment, fragmentOf, isThing, isOnlyForm } from './fragment'
import { hasShades } from './alongDepth'

/* What an "and" joins, and what it parts. */

// What takes into itself what is named before it: "powder and foundation brushes", "blush and contour palette".
const ABSORBS =
  /\b(brush(es)?|pinsel|pinceaux?|puffs?|palettes?|paletten?|quads?|duos?|trios?|sets?|kits?|wheels?|removers?|cleaners?|pouch(es)?|cases?|sharpeners?|samples?|testers?|refills?|applicators?|wands?|combs?)\b/iu

const AND = /\s(?:and|und|et|&|\+|plus|\/)\s/iu

const TAKES_OFF = /remov|solvent|dissolv|entfern|löser|loeser/iu

/** "Comb and brush" are two; "powder and foundation brushes" one kind of brush. */
export function atAnd(text: string): string[] {
  // What stands in brackets is not taken apart here.
  const at = AND.exec(text.replace(/\([^)]*\)/g, b => '·'.repeat(b.length)))
  if (!at || /\d-?in-?\d|\b(double|dual)[- ]?(ended|sided)|doppel/i.test(text)) return [text]
  const [left, right] = [text.slice(0, at.index), text.slice(at.index + at[0].length)]
  const [l, r] = [fragmentOf(left), fragmentOf(right)]
  // "Powder and liquid blush": two forms of one thing.
  const ownForms = formsOf(left)
  if (ownForms !== null && formsOf(right.split(/\s+/)[0]!) !== null && r.found) return [left, ...atAnd(right)]
  const areTools =
    [l, r].every(f => isThing(f) && isToolKind(f.found!.entry.kind)) && l.found!.entry.kind !== r.found!.entry.kind
  if (PALETTE.test(right) && !areTools) return [`${left} & ${right}`]
  // "2x light + 1x deep", "nude and red lip liner".
  if (differsBy(counted(left).rest) && (r.differs || r.found)) return [left, ...atAnd(right)]
  if (r.differs && (l.found || l.differs)) return [left, ...atAnd(right)]
  const absorbs = ABSORBS.test(right) && l.found !== null && isItemKind(l.found.entry.kind) && wordsOf(right).length > 1
  if (absorbs && l.count === null && wordsOf(left).length <= 2) return [`${left} & ${right}`]
  if (/\+/.test(at[0]) && areTwoNames(l, r)) return [left, ...atAnd(right)]
  if (isNoCosmetic(left) && TAKES_OFF.test(right) && wordsOf(left).length <= 3) return [left, ...atAnd(right)]
  // "Lip scrub & balm": the part of the face is said once.
  const zone = /^\s*(?:\d+\s+)?(\p{L}+)\s/u.exec(left)?.[1] ?? ''
  if (
    ZONE_ALONE.test(zone)
    && isThing(l)
    && /^\p{L}+$/u.test(right)
    && r.found?.weak
    && isThing(fragmentOf(`${zone} ${right}`))
  )
    return [left, `${zone} ${right}`]
  if (!isThing(l) || !isThing(r)) return [text]
  const spans = kindIn(wordsOf(text))
  const phrase = spans?.entry.phrase ?? []
  if (phrase.some(p => /^(and|und|et)$/.test(p))) return [text]
  return [left, ...atAnd(right)]
}

/** A word that only says how something comes: "cream", "liquid"; null for anything else. */
const formsOf = (text: string) => (/^\s*\p{L}+\s*$/u.test(text) ? textureWord(text) : null)

const ZONE_ALONE = /^\s*(brows?|lash(es)?|lips?|cheeks?|eyes?|body|hair|face|skin|teint)\s*$/iu

/** "Serum + eye gel": a plus parts what an "and" may join. */
const areTwoNames = (l: Fragment, r: Fragment) =>
  l.found !== null
  && r.found !== null
  && l.found.entry.kind !== r.found.entry.kind
  && !ZONE_ALONE.test(l.text)
  && !isOnlyForm(l)
  && !isOnlyForm(r)

/** "Contour, blush, highlighter palette" is one. */
export function absorbed(fragments: Fragment[]): Fragment[] {
  const end = fragments.findIndex(
    (f, i) => i > 0 && ABSORBS.test(f.text) && f.count === null && wordsOf(f.text).length > 1,
  )
  if (end < 0) return fragments
  const own = fragments.slice(0, end)
  const isBare = (f: Fragment) =>
    f.count === null
    && f.found !== null
    && isItemKind(f.found.entry.kind)
    && wordsOf(f.text).length === 1
    && !ABSORBS.test(f.text)
  const head = fragments[end]!
  const takes = isItemKind(head.found?.entry.kind ?? 'unknown') || /brush|pinsel|pinceau/iu.test(head.text)
  if (!takes || !own.every(isBare)) return fragments
  return [fragmentOf([...own.map(f => f.text), head.text].join(' & ')), ...fragments.slice(end + 1)].map((f, i) =>
    i === 0 ? { ...f, found: head.found } : f,
  )
}

/** "White, yellow and red mixer": what stands last is what all of them are. */
export function distributed(fragments: Fragment[]): Fragment[] {
  const at = fragments.findIndex(f => f.found !== null && f.differs === null && formsOf(f.text) === null)
  const own = fragments.slice(0, Math.max(0, at))
  if (at < 1 || !own.every(f => f.differs !== null || formsOf(f.text) !== null)) return fragments
  const head = fragments[at]!
  const kind = head.found!.entry.kind
  if (!hasShades(kind) || PALETTE.test(head.text)) return fragments
  const said = counted(head.text)
  const words = said.rest.split(/\s+/)
  const from = words.findIndex(w => !isVariantWord(w.toLowerCase().replace(/[^\p{L}-]/gu, '')) && formsOf(w) === null)
  if (from < 1) return fragments
  const noun = words.slice(from).join(' ')
  const whole = own.map(f => fragmentOf(`${f.text} ${noun}`))
  return [...[...whole, head].map(f => ({ ...f, differs: null, starts: true })), ...fragments.slice(at + 1)]
}
