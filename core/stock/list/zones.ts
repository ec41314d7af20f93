import type { ThingKind } from '../things/kinds'

/*
 * Where a thing goes says what it is when its own word does not: a scrub for lips is lip care, a wax for brows a brow product, a lotion
 * with colour for legs body make-up. So no list of phrases has to hold every pair.
 */

const COLOUR_ON_SKIN: readonly ThingKind[] = ['foundation', 'concealer', 'bronzer', 'highlighter', 'glow', 'contour']
const CARE: readonly ThingKind[] = ['cleanser', 'moisturiser', 'mask', 'primer', 'toner', 'sun protection']

interface Zone {
  words: RegExp
  /** What a thing named by a word of its own becomes here. */
  becomes: Partial<Record<ThingKind, ThingKind>>
}

const all = (kinds: readonly ThingKind[], to: ThingKind): Partial<Record<ThingKind, ThingKind>> =>
  Object.fromEntries(kinds.map(kind => [kind, to]))

const ZONES: readonly Zone[] = [
  {
    words: /^(lips?|lippen|levres?)$/,
    becomes: {
      ...all(CARE, 'lip care'),
      ...all(['eye colour', 'foundation', 'concealer'], 'lip colour'),
      'liner': 'lip liner',
      'glow': 'gloss',
      'highlighter': 'gloss',
      'eye primer': 'lip care',
      'mascara wands': 'lip applicators',
    },
  },
  {
    words: /^(brows?|eyebrows?|augenbrauen|brauen|sourcils?)$/,
    becomes: all(['liner', 'mascara', 'setting spray', 'eye colour', 'powder', 'hair spray', 'soap', 'primer'], 'brow'),
  },
  {
    words: /^(lash|lashes|eyelash|eyelashes|wimpern|cils)$/,
    becomes: { 'primer': 'mascara', 'setting spray': 'mascara', 'comb': 'spoolie', 'tweezers': 'lash applicator' },
  },
  {
    words: /^(eyes?|undereye|under-eye|lids?|eyelids?|augen|yeux|paupieres?)$/,
    becomes: {
      moisturiser: 'eye care',
      primer: 'eye primer',
      highlighter: 'eye colour',
      cleanser: 'remover',
    },
  },
  {
    words: /^(cheeks?|joues?|wangen)$/,
    becomes: all(['moisturiser', 'powder', 'foundation', 'lip colour', 'gloss', 'liner', 'eye colour'], 'blush'),
  },
  { words: /^(body|legs?|korper|corps|jambes)$/, becomes: all(COLOUR_ON_SKIN, 'body make-up') },
  {
    words: /^(hair|haar|haare|cheveux|beard|bart|barbe)$/,
    becomes: all(['setting spray', 'moisturiser', 'liner', 'medium', 'glow', 'mask'], 'hair spray'),
  },
  {
    words: /^(brush|brushes|pinsel|pinceaux?)$/,
    becomes: all(['cleanser', 'soap', 'alcohol', 'remover', 'hand gel'], 'brush cleanser'),
  },
]

/** What a kind is when one of these words stands before its own; itself where none says otherwise. */
export function inZone(kind: ThingKind, before: readonly string[]): ThingKind {
  for (const word of [...before].reverse()) {
    const zone = ZONES.find(z => z.words.test(word))
    if (zone) return zone.becomes[kind] ?? kind
  }
  return kind
}
