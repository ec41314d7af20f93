import { isItemKind, sortOfKind, type ThingKind } from '../../things/kinds'
import { kindIn, type KindFound } from '../kind'
import { wordsOf, type Word } from '../words'
import type { Under } from './heading'

/* The kind of a thing by its own words and by the heading it stands under: "Pencil, taupe" below "Brows" is a brow pencil. */

export interface KindUnder {
  kind: ThingKind
  plural: boolean
  /** What it rests on, where that is little. */
  doubt: string | null
}

/** What a colour or a shade with no other word is, below a part of the face. */
const USUAL_IN_ZONE: Readonly<Record<string, ThingKind>> = {
  lip: 'lip colour',
  cheek: 'blush',
  brow: 'brow',
  lash: 'lashes',
  eye: 'eye colour',
  foundation: 'foundation',
}
// Behind these the words of a line say for what, not what: "Foundation" below "Brushes".
const TAKES_ITS_LINES: readonly ThingKind[] = ['brush', 'sponge', 'puff']
const PHRASE_OF: Partial<Record<ThingKind, string>> = {
  'lip colour': 'lipstick',
  'eye colour': 'eyeshadow',
  'liner': 'eyeliner',
}

const LASHES = /lash|wimper|^cils?$/

/** @param zone a part of the face named in the line itself */
export function kindUnder(words: readonly Word[], under: Under | null, zone: string | undefined): KindUnder | null {
  const said = words.filter(w => !w.not || w.text.includes('-'))
  const own = kindIn(said)
  // Glue is for lashes where it says so, and may be for anything where it does not.
  if (
    own?.entry.kind === 'lash glue'
    && !said.some(w => LASHES.test(w.text))
    && under?.zone !== 'lash'
    && under?.zone !== 'eye'
  )
    return { kind: own.entry.kind, plural: own.plural, doubt: own.entry.phrase.join(' ') }
  const where = (zone ?? under?.zone ?? null) || null
  const heading = under?.kind ?? null
  if (heading !== null && TAKES_ITS_LINES.includes(heading)) return belowTools(own, heading, said)
  const before = heading !== null && isItemKind(heading) ? (PHRASE_OF[heading] ?? heading) : where
  // A palette or a stick among foundations is one of them; a mixer or a blush there stays what it is.
  const helps =
    before !== 'foundation'
    || heading !== null
    || own === null
    || /^(palettes?|sticks?|compact)$/.test(own.entry.phrase.join(' '))
  const both = before === null || !helps ? null : kindIn([...wordsOf(before), ...said])
  if (own && isSure(own) && !(both && where !== null && hangsOnZone(own, both))) return told(own)
  if (both && (isSure(both) || heading !== null)) {
    // Below "Foundation" the words of a line say which one, and a "stick" or "palette" how it comes.
    if (heading !== null && both.weak && both.entry.kind !== heading && own !== null)
      return { kind: heading, plural: false, doubt: own.entry.phrase.join(' ') }
    return { kind: both.entry.kind, plural: own?.plural ?? false, doubt: null }
  }
  if (own && (where === null || !helps)) return told(own)
  const usual = heading ?? (where === null ? null : (USUAL_IN_ZONE[where] ?? null))
  if (usual !== null) return { kind: usual, plural: false, doubt: heading === null ? (said[0]?.raw ?? usual) : null }
  return own ? told(own) : null
}
const isSure = (found: KindFound) => !found.weak && found.rivals.length === 0
/** "Primer" below "Eyes" is one for lids. */
const hangsOnZone = (own: KindFound, both: KindFound) =>
  own.entry.phrase.length === 1 && both.entry.kind !== own.entry.kind && sortOfKind(both.entry.kind) === 'cosmetic'
const told = (found: KindFound): KindUnder => ({
  kind: found.entry.kind,
  plural: found.plural,
  doubt: isSure(found) ? null : found.entry.phrase.join(' '),
})

function belowTools(own: KindFound | null, heading: ThingKind, said: readonly Word[]): KindUnder {
  const isOther =
    own !== null
    && isSure(own)
    && sortOfKind(own.entry.kind) !== 'cosmetic'
    && !/^(fan|comb|stand|mat)$/.test(own.entry.kind)
  if (isOther) return told(own)
  return { kind: heading, plural: own?.plural ?? said.length > 0, doubt: null }
}
