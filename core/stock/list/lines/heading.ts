import { kindIn } from '../kind'
import { plain, wordsOf } from '../words'
import type { ThingKind } from '../../things/kinds'

/*
 * Lines that are no things: headings of what follows, totals, and remarks. What a line looks like says so first, then what it says.
 */

/** A line that names what stands under it, or that is only said. */
export interface Heading {
  /** From 0. */
  line: number
  text: string
  /** The kind that everything under it has, where it names one. */
  kind: ThingKind | null
}

/** How a heading helps to read what stands under it. */
export interface Under {
  text: string
  /** The part of a face its things are for; null where it names none, or several. */
  zone: string | null
  kind: ThingKind | null
}

// Parts of a face as headings call them, by the word that what stands under them is read with.
const ZONES: readonly (readonly [words: RegExp, zone: string])[] = [
  [/^(eyes?|augen|yeux|shadows?|lids?)$/, 'eye'],
  [/^(lips?|lippen|levres|lipp?y|mouth)$/, 'lip'],
  [/^(brows?|eyebrows?|augenbrauen|brauen|sourcils)$/, 'brow'],
  [/^(lash|lashes|eyelashes|wimpern|cils)$/, 'lash'],
  [/^(cheeks?|wangen|joues)$/, 'cheek'],
  [/^(complexion|teint|bases?)$/, 'foundation'],
  [/^(body|korper|corps)$/, 'body'],
  [/^(hair|haare?|cheveux)$/, 'hair'],
]
// Words of headings that name no thing and no part of a face: what things are for, and where they are.
const TITLES =
  /^(prep|skin|skincare|skinprep|haut|pflege|soin|soins|peau|face|gesicht|visage|base|bases|teint|complexion|correct|correction|colour|color|farbe|couleurs?|set|setting|finish|finishing|fixing|tools?|werkzeuge?|outils?|hygiene|sanitation|sanitary|clean|cleaning|reinigung|nettoyage|disposables?|verbrauch|einweg|consommables?|jetables|misc|miscellaneous|other|others|sonstiges|divers|extras?|bits|emergency|notfall|urgence|comfort|admin|paper|business|effects|fx|sfx|specials?|special|makeup|make-up|cosmetics|kosmetik|products?|produkte|produits|pigments?|personal|supplies|equipment|hardware|tech|electrics?|lighting|bag|bags|case|cases|kit|pouch|pouches|box|drawer|shelf|roll|belt|koffer|tasche|taschen|fach|beutel|trousse|trousses|valise|sac|tiroir|home|zuhause|maison|reserve|backups?|spares?|store|storage|tray|top|bottom|oben|unten|front|back|main|small|big|left|right|my|the|in|of|for|und|and|et|de|la|le|les|von|im|am|a|i|ii|iii|no|nr|number|section|part|teil|partie|list|liste|inventory|inventar|inventaire|stuff|things|what|have|own|day|bridal|wedding|film|stage|studio|working|work|winter|summer|professional|pro|new|old|full|updated|november|december|january|february|march|april|may|june|july|august|september|october|everything|all|&|\+|n)$/
const REMARK =
  /^(missing:|wanted:|wish ?list:|fehlt:|fehlen:|manque:|manquent:|(just |all )?(bought|got|ordered) (today|yesterday|this|last|new)\b.*$|(had|have|got|own|owned) (these |them |it )?already|already (had|have|here|owned)|schon (da|vorhanden)|deja la|need to|needs? (?!le)|must (buy|get|order)|to (buy|get|order|replace|do)\b|buy\b|order\b|get more|check\b|ask\b|remember|don'?t forget|do not forget|todo|note\b|nb\b|replace\b|clean (the|all|my)|wash (the|all|my)|see (photo|picture|below|above)|as (of|at)\b|updated?\b|last updated?|stand\b|stand:|photo\b|thanks|thank you|ps\b|p\.s|xx+$|page \d|seite \d|noch (kaufen|besorgen|bestellen)|bestellen|nachkaufen|nicht vergessen|acheter|a acheter|racheter|penser a|commander|ne pas oublier|everything (is|else)|all of (this|it)|that'?s (it|all)|still to|(i|we) (think|have|need|should|must|ought|will|want)\b|should be|not counted|without counting|prices?\b.*\b(are|is|incl)\b|list (of|made|from|by)|liste (du|der|von|vom)|inventaire|inventory)/
export const TOTAL =
  /^(total|totals|sum|summe|gesamt|insgesamt|zusammen|in total|in all|altogether|all together|grand total|subtotal|sub-total|zwischensumme|somme|en tout|all in all|count:?|=)\b|^=\s*\d|^(about |approx\.? |ca\.? |roughly |around |environ |etwa )?\d+\s+(items?|things?|teile|pieces?|artikel|articles?)\b(?!.*\d\s?(ml|g|oz)\b)/
const DATE_ONLY =
  /^(\d{1,2}[./-]\d{1,2}([./-]\d{2,4})?|\d{4}-\d{2}(-\d{2})?|(\d{1,2}\.? )?(january|february|march|april|may|june|july|august|september|october|november|december|januar|februar|marz|mai|juni|juli|oktober|dezember|janvier|fevrier|mars|avril|juin|juillet|aout|septembre|octobre|novembre|decembre) \d{4})$/

const DRESS = /^\s*(?:#+|[=~*_—–-]{1,}|\[|>+|•\s*•)\s*(.*?)\s*(?:[=~*_—–-]{1,}|\]|#+)?\s*$/u
const BULLET = /^\s*(?:[-–—*•·▪◦‣>☐☑✓✔+]\s|\[[ xX]?\]|\(?\d{1,3}[).]\s)/u
export const isBulleted = (line: string): boolean => BULLET.test(line)

const NUMBERED = /^\s*\(?(?:\d{1,2}|[A-Ha-h]|i{1,3}|iv|v)[.)]\s+/u
const bare = (text: string) =>
  text
    .replace(NUMBERED, '')
    .replace(/[\p{Extended_Pictographic}\u{FE0F}\u{200D}]/gu, '')
    .replace(/^[\s"“”'#=~*_—–>[\]-]+|[\s"“”'#=~*_—–:[\]-]+$/gu, '')
    .trim()

/** Everything that can be said of a line without knowing the others. */
interface Shape {
  text: string
  written: string
  isEmpty: boolean
  isBulleted: boolean
  /** Dressed as a heading: "## Lips", "— brushes —", "=== EYES ===". */
  isDressed: boolean
  endsInColon: boolean
  isCapital: boolean
}

function shapeOf(line: string): Shape {
  const trimmed = line.trim()
  const isBullet = isBulleted(line)
  const sides =
    /^(#+\s*\S|={2,}|~{2,}|>{2,}|\*{3,}|\*{2}\S|__\S|[—–-]+\s?\S.*\S\s?[—–-]+$|\*[^*]+\*$|\[[^\]]{2,}\]$)/u.test(
      trimmed,
    )
  const letters = trimmed.replace(/[^\p{L}]/gu, '')
  return {
    text: bare(DRESS.exec(trimmed)?.[1] ?? trimmed) || trimmed,
    written: trimmed,
    isEmpty: trimmed === '',
    isBulleted: isBullet,
    isDressed: sides && !/^\[[ xX]?\]/.test(trimmed),
    endsInColon: /:\s*[*_]*$/.test(trimmed),
    isCapital: letters.length > 2 && letters === letters.toUpperCase() && letters !== letters.toLowerCase(),
  }
}

/** What a heading says of the things under it. */
export function underOf(text: string): Under {
  const words = wordsOf(text).map(w => w.text)
  const zones = [...new Set(words.flatMap(w => ZONES.find(([is]) => is.test(w))?.[1] ?? []))]
  const named = kindIn(wordsOf(text))
  const isTitle = words.every(w => isTitleWord(w))
  // "Brushes" names what stands under it, "Skin prep" and "Eyes and brows" name a place among the work.
  const kind =
    named && !named.weak && !isTitle && zones.length < 2 && !/\b(and|und|et)\b|&|\+|,/.test(text)
      ? named.entry.kind
      : null
  return { text, zone: zones.length === 1 && kind === null ? zones[0]! : null, kind }
}
const isTitleWord = (word: string) =>
  TITLES.test(word) || ZONES.some(([is]) => is.test(word)) || /^\d{1,4}$|^[a-z]$|^[^\p{L}\p{N}]+$/u.test(word)

const MOST_WORDS = 6
const HEADED_BY_COUNT = /\s*[(–-]\s*\d{1,3}\s*\)?$/

/**
 * Which lines are headings, totals or remarks, by their place.
 * @param lines as they were written
 */
export function headingsIn(lines: readonly string[]): Map<number, 'heading' | 'said'> {
  const shapes = lines.map(shapeOf)
  const filled = shapes.filter(s => !s.isEmpty)
  const share = (is: (s: Shape) => boolean) => filled.filter(is).length / Math.max(1, filled.length)
  const allCapitals = share(s => s.isCapital) > 0.6
  // Nothing in it is written large: a heading is not, either.
  const isSmall = share(s => /^\p{Lu}/u.test(s.text)) < 0.1
  const found = new Map<number, 'heading' | 'said'>()
  for (const [i, shape] of shapes.entries()) {
    if (shape.isEmpty) continue
    const said = plain(shape.text)
    const written = plain(lines[i]!.trim())
    if (TOTAL.test(said) || TOTAL.test(written) || REMARK.test(said) || DATE_ONLY.test(said)) {
      found.set(i, 'said')
      continue
    }
    if (isHeading(shapes, i, allCapitals, isSmall)) found.set(i, 'heading')
  }
  return found
}

function isHeading(shapes: readonly Shape[], i: number, allCapitals: boolean, isSmall: boolean): boolean {
  const { text, isDressed, endsInColon, isCapital, isBulleted } = shapes[i]!
  const words = wordsOf(text)
  const next = shapes.slice(i + 1).find(s => !s.isEmpty)
  const spoken = words.map(w => w.text).filter(w => /[\p{L}&]/u.test(w))
  if (spoken.length === 0 || words.length > MOST_WORDS + 4) return false
  if (isDressed && spoken.length <= MOST_WORDS + 2) return true
  if (endsInColon && spoken.length <= MOST_WORDS && !isBulleted) return true
  const isTitle = spoken.every(w => isTitleWord(w))
  // "Kit list of a person": what follows says nothing new.
  // "1) SKIN" over lines that are not numbered.
  if (isBulleted) {
    const isNumbered = NUMBERED.test(shapes[i]!.written) && next !== undefined && !NUMBERED.test(next.written)
    const says =
      (isTitle && !spoken.some(w => THINGS_TOO.test(w)))
      || (isTitle && spoken.length === 1)
      || (isCapital && !allCapitals)
    return says && (endsInColon || isNumbered)
  }
  if (isCapital && !allCapitals && spoken.length <= 4 && !/\d\s?(ml|g|oz|x)\b|\bx\s?\d/i.test(text)) return true
  const startsBlock = i === 0 || shapes[i - 1]!.isEmpty
  const isFollowed = next !== undefined && shapes[i + 1]?.isEmpty === false
  if (isTitle && !spoken.some(w => THINGS_TOO.test(w))) return spoken.length <= MOST_WORDS
  if (isTitle && spoken.length === 1 && !/\d/.test(text) && isFollowed && (/^\p{Lu}/u.test(text) || isSmall))
    return true
  // The first line often says whose list it is, and of when.
  if (i === 0 && shapes.length > 1 && LISTS.test(plain(text)) && !/\d\s?(ml|g|oz)\b/.test(text)) return true
  // "Set bag", "Tray A", "Lip stuff"; "eye base" is a thing.
  const isPhrase = (kindIn(words)?.entry.phrase.length ?? 0) > 1
  if (isTitle && spoken.length > 1 && spoken.length <= 4 && isFollowed && !isPhrase) return true
  if (isTitle && (startsBlock || isFollowed) && /\d|\b(in|main|my)\b/.test(text) && spoken.length <= 3)
    return isFollowed
  // A lone kind of thing over bullets, or after a gap: "Lipsticks (6)" over six of them.
  const counted = HEADED_BY_COUNT.test(text)
  const lone = spoken.length <= 2 && (!/\d/.test(text) || counted)
  // "2. Eyes" below it is the next heading, and no thing of its own.
  const begins = next !== undefined && (!NUMBERED.test(next.written) || /^\(?1[.)]/.test(next.written))
  const headsBullets =
    begins && next.isBulleted && !next.isDressed && shapes[i + 1]?.isBulleted === true && !shapes[i]!.isBulleted
  if (lone && headsBullets) return true
  const named = kindIn(words)
  const isPlural = named?.plural === true && !/[,;]/.test(text) && !/\d/.test(text)
  // Nothing stands under a heading that another one follows.
  if (!lone || !isFollowed || !isPlural || next!.isDressed || (next!.isCapital && !allCapitals)) return false
  // "Powders" over "pressed 110, 120": what follows says too little by itself.
  const below = kindIn(wordsOf(next!.text.split(',')[0] ?? ''))
  return (startsBlock && !named.weak) || (/^\p{Lu}/u.test(text) && (below === null || below.weak))
}
const LISTS = /\b(kit|list|inventory|liste|koffer|inventar|inventaire|trousse|make-?up bag|stock)\b/
// Words of titles that are also things somebody owns.
const THINGS_TOO =
  /^(bag|bags|case|cases|pouch|pouches|box|roll|belt|tray|base|tools?|pigments?|lips?|brows?|lash|lashes|cheeks?|lighting|fixing|tasche|taschen|beutel|trousse|pouches|shadows?|lids?)$/
