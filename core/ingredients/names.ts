import { distance } from 'fastest-levenshtein'
import { KNOWN_NAMES } from './knownNames'

/** One name in several languages or spellings, by its international form. */
const SAME: Readonly<Record<string, readonly string[]>> = {
  'aqua': [
    'water',
    'eau',
    'wasser',
    'agua',
    'acqua',
    'woda',
    'purified water',
    'aqua purificata',
    'deionized water',
    'eau purifiée',
    'spring water',
    'thermal water',
  ],
  'parfum': ['fragrance', 'perfume', 'profumo', 'duft', 'fragancia'],
  'aroma': ['flavor', 'flavour', 'arôme'],
  'talc': ['talcum', 'talco', 'talk'],
  'cera alba': ['beeswax', "cire d'abeille", 'bienenwachs', "cera d'api", 'white beeswax', 'yellow beeswax'],
  'alcohol denat.': [
    'alcohol denat',
    'denatured alcohol',
    'alcool denat.',
    'alcool denat',
    'sd alcohol 40',
    'sd alcohol 40-b',
    'sd alcohol 39-c',
    'alkohol denat.',
  ],
  'alcohol': ['ethanol', 'ethyl alcohol', 'alcool'],
  'ci 77891': ['ci77891'],
  'ci 77491': ['ci77491'],
  'ci 77492': ['ci77492'],
  'ci 77499': ['ci77499'],
  'ci 75470': ['ci75470'],
  'carmine': ['cochineal', 'carmin', 'natural red 4'],
  'lanolin': ['adeps lanae', 'wool fat', 'wool wax', 'lanoline', 'wollwachs'],
  'paraffinum liquidum': ['mineral oil', 'liquid paraffin', 'huile minérale', 'paraffin oil'],
  'petrolatum': ['vaseline', 'white petrolatum', 'soft paraffin'],
  'glycerin': ['glycerine', 'glycérine', 'glycerol', 'glicerina'],
  'butyrospermum parkii butter': ['shea butter', 'beurre de karité', 'sheabutter'],
  'mica': ['mica minerals'],
  'titanium dioxide': ['dioxyde de titane', 'titandioxid', 'titanium oxide'],
  'zinc oxide': ['oxyde de zinc', 'zinkoxid'],
}

const INTERNATIONAL = new Map(Object.entries(SAME).flatMap(([name, others]) => others.map(o => [o, name] as const)))

// A word this short differs from too many others by one letter to be put right.
const SHORTEST = 7

/**
 * The international form of one entry of a list: bracketed remarks, figures and asterisks gone, the languages of a
 * slashed entry folded into one, an evident slip of the pen put right. Empty for what is no name.
 */
export function canonicalName(entry: string): string {
  const bare = entry
    .replace(/[*†‡°¹²³]+/g, '')
    .replace(/\(?\s*\d+(?:[.,]\d+)?\s*%\s*(?:w\/w)?\s*\)?/g, ' ')
    .replace(/[[{]/g, '(')
    .replace(/[\]}]/g, ')')
    .replace(/\(\s*(?:nano|uv[- ]?filter|sunscreen)\s*\)|\[\s*nano\s*\]/gi, ' ')
    .replace(/^[\s:.()-]+|[\s:.,)]+$/g, tail => (tail.includes(')') && entry.includes('(') ? ')' : ''))
  const choices = [bare, ...bare.split('/'), outsideBrackets(bare), insideBrackets(bare)].map(tidied).filter(Boolean)
  for (const choice of choices) {
    const known = INTERNATIONAL.get(choice) ?? (KNOWN_NAMES.has(choice) ? choice : undefined)
    if (known) return known
  }
  const name = tidied(outsideBrackets(bare.split('/')[0]!)) || tidied(bare)
  return /[a-z]{2}/.test(name) ? nearestKnown(name) : ''
}

const tidied = (text: string) =>
  text
    .toLowerCase()
    .replace(/\s+/g, ' ')
    .replace(/\s*-\s*/g, '-')
    .replace(/^[\s.:-]+|[\s:-]+$/g, '')
    .replace(/(?<!denat)\.$/, '')
    .trim()
const outsideBrackets = (text: string) => text.replace(/\([^)]*\)?/g, ' ')
const insideBrackets = (text: string) => /\(([^)]*)\)?/.exec(text)?.[1] ?? ''

/** A known name one slip away (two in long names), else the name as it is. */
function nearestKnown(name: string): string {
  if (name.length < SHORTEST) return name
  const allowed = name.length >= 12 ? 2 : 1
  let best = name
  let least = allowed + 1
  for (const known of KNOWN_NAMES) {
    if (Math.abs(known.length - name.length) > allowed || !sameFigures(known, name)) continue
    const apart = distance(known, name)
    if (apart < least) {
      best = known
      least = apart
    }
  }
  return best
}

/** CI 77491 and CI 77492 are one slip apart and two colours: figures are never put right. */
const sameFigures = (x: string, y: string) => x.replace(/\D/g, '') === y.replace(/\D/g, '')
