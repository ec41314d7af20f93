import { COVERAGES, type Coverage, type Family } from '../../complexion/bottles/product'
import type { Undertone } from '../../complexion/skins/skin'
import type { Finish, Resistance, Texture } from '../../product/item'
import { DEPTH_WORDS, type DepthWord } from '../things/placement'
import { sortOfKind, type BrushShape, type ThingKind } from '../things/kinds'
import type { Measure, ProductSort } from '../things/things'
import {
  inFigures,
  lastOrBeforeBracket,
  readCount,
  readPans,
  readPieces,
  readSize,
  readTrailing,
  type Size,
} from './figures'
import { readSpf, resistsIn, textureIn } from './form'
import { kindUnder, type KindUnder } from './lines/kindUnder'
import type { Under } from './lines/heading'
import { HAS_DEPTH, hasShades } from './lines/alongDepth'
import type { Part } from './lines/part'
import { shadeSaid } from './lines/shades'
import { readLeftOf, readLevel } from './levels'
import { readExpires, readOpened } from './opened'
import { priceSaid } from './price'
import { isNoCosmetic, unsafeFor, type UnsafePlace } from './unsafe'
import { SHAPE_WORDS } from './vocabulary'
import { figure, tidied, wordsOf, type Word } from './words'

/** A thing as a line of a list tells of it; what it does not say is null. */
export interface ReadThing {
  /** Its line, from 0. */
  line: number
  /** Which of the things of its line, from 0. */
  part: number
  /** The heading it stands under. */
  under: string | null
  name: string
  sort: ProductSort
  kind: ThingKind | null
  count: number
  size: number | null
  measure: Measure | null
  /** 0–1. */
  level: number | null
  texture: Texture | null
  family: Family | null
  finish: Finish | null
  coverage: Coverage | null
  resists: Resistance[]
  spf: number | null
  /** Its label in a range: "N20". */
  shade: string | null
  /** 1–12. */
  depth: number | null
  undertone: Undertone | null
  /** A month or a day. */
  openedOn: string | null
  /** The last day printed on it, a month or a day. */
  expiresOn: string | null
  /** As it was written, in whatever currency. */
  price: number | null
  /** Of a brush. */
  shape: BrushShape | null
  /** Colours of a palette. */
  pans: number | null
  /** Places of a face it must be kept from, as far as its words say. */
  unsafeFor: UnsafePlace[]
  /** Words that were guessed, or not understood. */
  doubtful: string[]
}

/** Where a thing stands in a list, and what that says of it. */
export interface Standing {
  line: number
  part: number
  under: Under | null
  /** ISO date, for "opened last month". */
  today: string
}

const FAMILY_WORDS: Readonly<Record<string, Family>> = {
  silicone: 'silicone',
  silikon: 'silicone',
  water: 'water',
  wasser: 'water',
  eau: 'water',
  aqua: 'water',
  oil: 'oil',
  wax: 'oil',
  ol: 'oil',
  huile: 'oil',
  alcohol: 'alcohol',
  alkohol: 'alcohol',
  alcool: 'alcohol',
}
const FINISH_WORDS: Readonly<Record<string, Finish>> = {
  matte: 'matte',
  matt: 'matte',
  mat: 'matte',
  mattifying: 'matte',
  satin: 'satin',
  satine: 'satin',
  seidig: 'satin',
  natural: 'natural',
  naturlich: 'natural',
  naturel: 'natural',
  dewy: 'dewy',
  glowy: 'dewy',
  glow: 'dewy',
  luminous: 'luminous',
  shimmer: 'luminous',
  shimmery: 'luminous',
  metallic: 'luminous',
  schimmer: 'luminous',
  irise: 'luminous',
}
const UNDERTONE_WORDS: Readonly<Record<string, Undertone>> = {
  neutral: 'neutral',
  neutre: 'neutral',
  golden: 'golden',
  gold: 'golden',
  warm: 'golden',
  yellow: 'golden',
  gelb: 'golden',
  dore: 'golden',
  olive: 'olive',
  oliv: 'olive',
  rosy: 'rosy',
  pink: 'rosy',
  cool: 'rosy',
  rosa: 'rosy',
  rose: 'rosy',
  kuhl: 'rosy',
}
const DEPTHS: Readonly<Record<string, DepthWord>> = {
  fair: 'fair',
  porcelain: 'fair',
  hell: 'light',
  clair: 'light',
  light: 'light',
  medium: 'medium',
  mittel: 'medium',
  moyen: 'medium',
  tan: 'tan',
  tanned: 'tan',
  deep: 'deep',
  dark: 'deep',
  dunkel: 'deep',
  fonce: 'deep',
  rich: 'deep',
}
const HAS_FORMULA: readonly ThingKind[] = [
  'foundation',
  'concealer',
  'primer',
  'adjuster',
  'moisturiser',
  'medium',
  'glow',
  'eye primer',
]
const A_FEW = 12
// Nobody washes so many: they are used once.
const MANY = 20
// A large number behind one of these is what its bottle holds, without its unit.
const IN_BOTTLES: readonly ThingKind[] = ['alcohol', 'hand gel', 'brush cleanser', 'hair spray', 'soap', 'water']
const SOLD_BY_PIECES: readonly ThingKind[] = ['lashes', 'mask', 'remover']
// An empty one is what it is.
const SOLD_EMPTY: readonly ThingKind[] = ['bottle', 'palette case', 'jars', 'case', 'pouch']
const FULL_OF: readonly string[] = ['cover', 'coverage', 'deckend', 'couvrance', 'covering']

const unread = (words: readonly Word[], among: Readonly<Record<string, unknown>>) =>
  words.find(w => !w.read && !w.not && Object.hasOwn(among, w.text))

/**
 * Reads one line of a list that names one thing; null for a line that names nothing.
 * @param today ISO date, for "opened last month"
 * @example readLine('2 mascara midnight, half full', 0, '2026-12-01') // count 2, kind 'mascara', level 0.5
 */
export const readLine = (text: string, line: number, today: string): ReadThing | null =>
  text.trim() === '' ? null : readThing({ text }, { line, part: 0, under: null, today })

/** Reads one part of a line, with what its place in the list says of it. */
export function readThing(part: Part, { line, part: at, under, today }: Standing): ReadThing {
  const written = tidied(inFigures(part.text))
  const { price, rest } = priceSaid(written)
  const words = wordsOf(rest)
  const opened = readOpened(words, today)
  const expiresOn = readExpires(words, today)
  const spf = readSpf(words)
  const coverage = coverageIn(words)
  const left = readLeftOf(words)
  const size = readSize(words)
  const pans = readPans(words)
  const pieces: Size | null = left?.pieces ? { size: left.pieces, measure: 'piece' } : readPieces(words)
  const level = left?.level ?? readLevel(words)
  const shaded = markShade(words, part.shade)
  const areSingle =
    pans !== null && words.some(w => /^(singles?|single-pans?|refills?|einzeln\p{L}*|mono)$/u.test(w.text))
  const count = areSingle ? pans : readCount(words)
  const found = isNoCosmetic(part.text) ? null : kindUnder(words, under, part.zone)
  const kind =
    found?.kind === 'spoolie' && (count ?? figure(words.at(-1)?.text ?? '') ?? 0) >= MANY
      ? 'mascara wands'
      : (found?.kind ?? null)
  const sort = kind === null ? 'unknown' : sortOfKind(kind)
  // Whatever it is called: "Clean spray 70 %" of the type "Alcohol".
  const unsafe = unsafeFor(kind === 'alcohol' ? `${part.text} isopropyl` : part.text)
  const is = (kinds: readonly ThingKind[]) => kind !== null && kinds.includes(kind)
  const shade = part.shade ?? (kind !== null && hasShades(kind) && pans === null ? shadeSaid(rest) : null)
  if (part.shade === undefined && shade !== null) shaded.push(...markShade(words, shade))
  const depth = part.depth ?? (is(HAS_DEPTH) ? depthIn(words) : null)
  const undertone = is(HAS_DEPTH) ? unread(words, UNDERTONE_WORDS) : undefined
  const finish = sort === 'cosmetic' ? unread(words, FINISH_WORDS) : undefined
  // Pieces are so many tools, and a few of them so many cosmetics; of a supply they are what a pack holds, unless each has its size.
  const isCounted =
    (left?.pieces ?? null) === null
    && (sort === 'tool'
      || (sort === 'supply' && size !== null)
      || (sort === 'cosmetic' && !is(SOLD_BY_PIECES) && (pieces?.size ?? 0) <= A_FEW))
  const several = pieces?.measure === 'piece' && isCounted
  const holds = size ?? (several ? null : pieces)
  const dashed = /[-–]\s*\d+\s*$/.test(rest) || (found?.plural === true && /,\s*\d{1,3}\s*$/.test(rest))
  const spoken =
    found?.plural === true && kind !== 'lashes' && (figure(lastOrBeforeBracket(words)?.text ?? '') ?? Infinity) <= A_FEW
  const bottled = is(IN_BOTTLES) && (figure(lastOrBeforeBracket(words)?.text ?? '') ?? 0) > A_FEW
  // A magnetic palette of 28 is one.
  const single = bottled || kind === 'palette case'
  const trailing = count === null && (dashed || spoken || sort !== 'cosmetic') && !single ? readTrailing(words) : null
  for (const w of shaded) w.read = false
  return {
    line,
    part: at,
    under: under?.text ?? null,
    name: nameOf(words, rest.trim() || part.text.trim()),
    sort,
    kind,
    // "2 packs of 8" of a tool are sixteen.
    count: several ? (count ?? 1) * pieces.size : (count ?? trailing ?? 1),
    size: holds?.size ?? null,
    measure: holds?.measure ?? null,
    level: level === 0 && is(SOLD_EMPTY) ? null : level,
    texture: textureIn(words, kind),
    family: is(HAS_FORMULA) ? familyIn(words) : null,
    finish: finish ? FINISH_WORDS[finish.text]! : null,
    coverage,
    resists: resistsIn(words, kind),
    spf,
    shade,
    depth,
    undertone: undertone ? UNDERTONE_WORDS[undertone.text]! : null,
    openedOn: opened?.on ?? null,
    expiresOn,
    price,
    shape: kind === 'brush' ? shapeIn(words) : null,
    // "Single shadows, 26 pans" are twenty-six, and no palette.
    pans: areSingle ? null : pans,
    unsafeFor: unsafe,
    doubtful: doubts(words, found, opened?.guessed ?? false, part, unsafe.length > 0 && kind !== 'alcohol'),
  }
}

/** Marks the words of a shade as read, so that its figure counts nothing; they are given back to the name afterwards. */
function markShade(words: readonly Word[], shade: string | undefined): Word[] {
  if (shade === undefined) return []
  const signs = wordsOf(shade).map(w => w.text)
  const from = words.findIndex((w, i) => !w.read && signs.every((s, k) => words[i + k]?.text === s && w.text !== ''))
  if (from < 0) return []
  const own = words.slice(from, from + signs.length)
  for (const w of own) {
    w.read = true
    w.said = true
  }
  return own
}

function coverageIn(words: readonly Word[]): Coverage | null {
  for (const [i, word] of words.entries()) {
    const next = words[i + 1]
    const is = COVERAGES.find(c => c === word.text)
    if (!is || !next || !FULL_OF.includes(next.text)) continue
    word.read = true
    next.read = true
    return is
  }
  return null
}

function depthIn(words: readonly Word[]): number | null {
  for (const [i, word] of words.entries()) {
    const figure = word.text === 'depth' ? Number(words[i + 1]?.text.replace(',', '.')) : Number.NaN
    if (figure >= 1 && figure <= 12) return figure
    const both = `${word.text} ${words[i + 1]?.text ?? ''}` as DepthWord
    if (!word.read && Object.hasOwn(DEPTH_WORDS, both)) return DEPTH_WORDS[both]
  }
  const word = unread(words, DEPTHS)
  return word ? DEPTH_WORDS[DEPTHS[word.text]!] : null
}

/** "silicone", "water-based", "silicone base"; not the water of a bottle nor the oil of its name. */
function familyIn(words: readonly Word[]): Family | null {
  for (const word of words) {
    if (word.not) continue
    const [stem = '', end] = word.text.split('-')
    const is = FAMILY_WORDS[stem]
    if (is && (end === undefined || end === 'based' || end === 'basis')) return is
  }
  return null
}

function shapeIn(words: readonly Word[]): BrushShape | null {
  const text = words.map(w => w.text).join(' ')
  return SHAPE_WORDS.find(([, is]) => is.test(text))?.[0] ?? null
}

/** The line without what was read of counts, sizes, levels and dates: what the thing is called. */
function nameOf(words: readonly Word[], written: string): string {
  const name = words
    .filter(w => !w.read)
    // "N10" stays one word.
    .map(w =>
      w.glued && words[words.indexOf(w) - 1]?.read === false && /[\p{L}\d]/u.test(w.raw[0]!) ? w.raw : ` ${w.raw}`,
    )
    .join('')
    .replace(/\(\s*\)/g, '')
    .replace(/\s+([,;:)])/g, '$1')
    .replace(/\(\s+/g, '(')
    .replace(/[\s,;:+×(]+$/u, '')
    .replace(/^[\s,;:+×)]+/u, '')
    .replace(/\s+/g, ' ')
    .trim()
  return (name || written).slice(0, 200)
}

function doubts(
  words: readonly Word[],
  found: KindUnder | null,
  guessedYear: boolean,
  part: Part,
  isUnsafe: boolean,
): string[] {
  // A strength belongs to the name: "95 % alcohol"; so do "24h" and the figure of a shade.
  const loose = words
    .filter((w, i) => !w.read && !w.said && figure(w.text) !== null && words[i + 1]?.text !== '%')
    .map(w => w.raw)
  return [
    ...(found === null ? words.filter(w => !w.read && /\p{L}/u.test(w.text)).map(w => w.raw) : []),
    ...(found?.doubt ? [found.doubt] : []),
    ...(found !== null && isUnsafe ? [found.kind] : []),
    ...(guessedYear ? ['the year it was opened'] : []),
    ...(part.guessed ? [part.guessed] : []),
    ...loose,
  ].slice(0, 20)
}
