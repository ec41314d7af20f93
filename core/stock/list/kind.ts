import { remembered } from '../../remembered'
import { sortOfKind, type ThingKind } from '../things/kinds'
import { byPurpose } from './purposes'
import { asSpoken, endingOf, spelt } from './spelling'
import { VOCABULARY, type Entry } from './vocabulary'
import type { Word } from './words'
import { inZone } from './zones'

/** What a line is about, and what else it might be. */
export interface KindFound {
  entry: Entry
  /** Other kinds of the same weight. */
  rivals: Entry[]
  /** Named only by a word that says little. */
  weak: boolean
  /** Several are spoken of: "lip pencils". */
  plural: boolean
}

interface Hit {
  entry: Entry
  from: number
  to: number
  /** Named in the plural. */
  plural: boolean
}

// What comes after these belongs to the thing, and is not it: "brush for foundation", "powder (loose)".
const AFTER_THE_HEAD =
  /^(for|w|fur|pour|with|mit|avec|from|von|in|to|on|,|\(|;|:|inkl|incl|including|and|und|et|\+|no|without|ohne|sans)$/
// German compounds: what they end in is what they are.
const ENDINGS: readonly (readonly [ending: RegExp, phrase: string])[] = [
  [/pinsel$/, 'pinsel'],
  [/schwamm$|schwammchen$/, 'schwamm'],
  [/(rouge|blush)palette$/, 'blush palette'],
  [/(kontur|contour)palette$/, 'contour palette'],
  [/lip(pen)?palette$/, 'lip palette'],
  [/concealerpalette$/, 'concealer palette'],
  [/.palette$/, 'eyeshadow palette'],
  [/puder$/, 'puder'],
  [/lippenstifte?$/, 'lippenstift'],
  [/wimpern$/, 'wimpern'],
  [/lidschatten$/, 'lidschatten'],
  [/primer$/, 'primer'],
  [/mascara$/, 'mascara'],
  [/foundation$/, 'foundation'],
  [/concealer$/, 'concealer'],
  [/spray$/, 'setting spray'],
]

const byFirst = new Map<string, Entry[]>()
for (const entry of VOCABULARY) {
  const [first] = entry.phrase
  byFirst.set(first!, [...(byFirst.get(first!) ?? []), entry])
}

/** What a word may be the plural of: "palettes", and in German "stifte", "paletten", "dosen". */
const singularsOf = (text: string): string[] =>
  [
    text.length > 4 ? text.replace(/s$/, '') : text,
    text.replace(/(ss|x|ch|sh)es$/, '$1'),
    text.length > 7 ? text.replace(/e$/, '') : text,
    text.length > 7 ? text.replace(/n$/, '') : text,
    text.length > 7 ? text.replace(/en$/, '') : text,
  ].filter(one => one !== text)

function hitsIn(words: readonly Word[]): Hit[] {
  return words.flatMap((word, from) => {
    const one = [word.text, ...singularsOf(word.text)]
    const entries = one.flatMap(text => byFirst.get(text) ?? [])
    return entries.flatMap(entry => {
      const to = from + entry.phrase.length
      const fits = entry.phrase.every((p, k) => {
        const text = words[from + k]?.text
        return text === p || (k === 0 && one.includes(p)) || (k === entry.phrase.length - 1 && text === `${p}s`)
      })
      // "Alcohol free" names what it is not, "alcohol based" what it is made of.
      return fits && !/^(free|based|frei)$/.test(words[to]?.text ?? '')
        ? [{ entry, from, to, plural: words[to - 1]!.text !== entry.phrase.at(-1) }]
        : []
    })
  })
}

// Words that say what something is like more often than what it is.
const WEAK =
  /^(lip|lips|cheek|cheeks|serum|schedule|thread|buttons|rollers|contract|soap|lash|medium|light|mat|base|glow|fan|stand|water|clip|gel|fixing|highlight|contour|mixer|marker|cards|gum|neutraliser|essence|wand|wands|wax|spf|cream|creme|lotion|spray|palette|palettes|quad|pencil|pencils|aloe|rouge|drops|consent|balm|translucent|sugar|pen|cable|sealer|fixative|scoop|pipette|buffer|shader|mist|mists|airbrush|crayon|crayons|mixing)$/
// What it is in says what it is only where nothing else does.
const VESSELS: readonly ThingKind[] = ['bottle', 'jars']
const isVessel = ({ entry }: Hit) => VESSELS.includes(entry.kind)
const isStrong = (hit: Hit) => !isVessel(hit) && (length(hit) > 1 || !WEAK.test(hit.entry.phrase[0]!))

// "Highlighter champagne powder" is a highlighter that is a powder; "translucent powder" is said in two words.
const isTexture = ({ entry: { phrase } }: Hit) => phrase.length === 1 && /^(powder|puder|poudre)$/.test(phrase[0]!)

const FORM =
  /^(crayons?|palettes?|quad|cream|creme|lotion|spray|mists?|pencils?|pen|drops|essence|serum|wax|balm|translucent)$/
const isForm = ({ entry: { phrase } }: Hit) => phrase.length === 1 && FORM.test(phrase[0]!)

/** What is said by what it does: it stands where its words stand. */
function doing(before: readonly Word[]): Hit | undefined {
  const entry = byPurpose(before)
  return entry ? { entry, from: before.length - 1, to: before.length, plural: false } : undefined
}

const length = (h: Hit) => h.entry.phrase.length

/**
 * The kind a line names: the phrase that ends last before "for", a comma or a bracket, since what something is stands at the end of its
 * name; of those that end there the longest. Only when nothing stands there, what comes after is looked at.
 */
export const kindIn = (line: readonly Word[]): KindFound | null => kindRemembered(line).found

// The words of a line are looked at alone, in pieces and with their heading: most of them more than once.
const MOST_REMEMBERED = 3000
const kindRemembered = remembered(
  MOST_REMEMBERED,
  (line: readonly Word[]) => line.map(w => w.text).join(' '),
  line => ({ found: kindOf(line) }),
)

function kindOf(line: readonly Word[]): KindFound | null {
  const words = asSpoken(line)
  const found = namedIn(words)
  if (found && !found.weak) return found
  // A word nobody knows may be one that slipped.
  const meant = words.map(w => ({ ...w, text: spelt(w.text) }))
  const guessed = meant.some((w, i) => w.text !== words[i]!.text) ? namedIn(meant) : null
  return guessed && !guessed.weak ? { ...guessed, weak: true } : found
}

function namedIn(words: readonly Word[]): KindFound | null {
  const hits = hitsIn(words)
  const cut = words.findIndex((w, i) => i > 0 && AFTER_THE_HEAD.test(w.text))
  const head = cut < 0 ? hits : hits.filter(h => h.to <= cut)
  const before = words.slice(0, cut < 0 ? words.length : cut)
  const best =
    lastOf(head.filter(h => isStrong(h) && !isTexture(h)))
    ?? doing(before)
    ?? lastOf(head.filter(isStrong))
    ?? lastOf(head.filter(h => !isVessel(h) && !isForm(h) && !isTexture(h) && head.some(isVessel)))
    ?? lastOf(head.filter(isVessel))
    ?? compound(before)
    // "Airbrush with compressor" is an airbrush.
    ?? (/^(with|mit|avec|incl|inkl|including)$/.test(words[cut]?.text ?? '')
      ? lastOf(head.filter(h => !isForm(h) && !isTexture(h)))
      : undefined)
    ?? lastOf(hits.filter(isStrong))
    // "Contour and highlight palette", "rouge creme": what it is says more than what it is like.
    ?? lastOf(head.filter(h => !isForm(h)))
    ?? lastOf(head)
    ?? lastOf(hits)
    ?? compound(words)
  if (!best) return null
  const told = best.to - best.from > 1 ? best.entry.kind : inZone(best.entry.kind, textsBefore(words, best, cut))
  const worn = asWorn(told, words)
  const entry = thrownAway(words, { ...best.entry, kind: worn, sort: sortOfKind(worn) })
  const rivals = hits.filter(
    h => h.from === best.from && h.to === best.to && h.entry.kind !== best.entry.kind && length(h) === length(best),
  )
  return {
    entry,
    rivals: rivals.map(h => h.entry),
    weak: !isStrong(best) && !isVessel(best),
    plural: best.plural || [best.to - 1, best.to].some(i => /(?<![siu])s$/.test(words[i]?.text ?? '')),
  }
}

// What is used once is another thing than what is washed.
const USED_ONCE: Partial<Record<ThingKind, ThingKind>> = {
  spoolie: 'mascara wands',
  sponge: 'disposable sponges',
  puff: 'disposable sponges',
  spatula: 'disposable spatulas',
  razor: 'disposable blades',
  gloss: 'lip applicators',
}
const ONCE = /^(disposable|einweg|einmal|jetable|single-use)/
const GLOWING = /^(illuminating|luminous|luminising|radiance|radiant|glowy?|strobing|pearly?|eclat|illuminatrice)$/
const SHINING = /^(shimmer|shimmering|shimmery|glitter|bronzing|tinted|schimmer\p{L}*|irisee?)$/u
const BODY = /^(body|legs?|korper|corps|jambes)$/
const COLOURED =
  /^(white|black|blue|red|yellow|green|olive|orange|weiss|schwarz|blau|rot|gelb|blanc|noir|bleu|rouge|jaune)$/
const AGAINST_A_COLOUR = /^(green|lavender|lilac|purple|violet|orange|gruner?|lila|vert|mauve)$/
/** Its kind, made more exact by the rest of its line: a primer that glows, a body lotion that shimmers, mixing drops of a colour. */
function asWorn(kind: ThingKind, words: readonly Word[]): ThingKind {
  const has = (is: RegExp) => words.some(w => is.test(w.text))
  if (kind === 'primer' && has(GLOWING)) return 'glow'
  if (kind === 'moisturiser' && has(BODY) && (has(SHINING) || has(GLOWING))) return 'body make-up'
  if (kind === 'concealer' && has(AGAINST_A_COLOUR)) return 'corrector'
  return kind === 'medium' && has(COLOURED) && has(/^(mixing|mixer|drops)$/) ? 'adjuster' : kind
}

const LIPS = /^(lips?|lippen|levres?|gloss)$/
const LASHES = /^(mascara|lash|lashes|brow|brows|wimpern|cils)$/
/** The words that say where a thing goes: before it, and in French after it. */
const textsBefore = (words: readonly Word[], { from, to }: Hit, cut: number) =>
  words.filter((_, i) => (i < from || i >= to) && (cut < 0 || i < cut)).map(w => w.text)

function thrownAway(words: readonly Word[], entry: Entry): Entry {
  if (entry.kind === 'disposable spatulas' && words.some(w => /^(metal|steel|stainless|metall|inox)$/.test(w.text)))
    return { ...entry, kind: 'spatula', sort: 'tool' }
  const once =
    words.some(w => ONCE.test(w.text)) || (entry.kind === 'sponge' && words.some(w => /^wedges?$/.test(w.text)))
  const brush = words.some(w => LIPS.test(w.text))
    ? 'lip applicators'
    : words.some(w => LASHES.test(w.text))
      ? 'mascara wands'
      : undefined
  const kind = once ? (entry.kind === 'brush' ? brush : USED_ONCE[entry.kind]) : undefined
  return kind ? { ...entry, kind, sort: 'supply' } : entry
}

// French puts first what a thing is: "pinceau fond de teint", "eponge pour le teint".
function lastOf(hits: readonly Hit[]): Hit | undefined {
  const first = Math.min(...hits.map(h => h.from))
  const french = hits
    .filter(h => h.from === first && /^(pinceaux?|eponges?|lingettes?|cotons?)$/.test(h.entry.phrase[0]!))
    .sort((x, y) => length(y) - length(x))[0]
  if (french) return french
  return hits.reduce<Hit | undefined>((best, h) => {
    if (!best) return h
    // A longer phrase that holds the shorter one is meant.
    const holds = h.from <= best.from && h.to >= best.to
    const held = best.from <= h.from && best.to >= h.to
    if (holds || held) return length(h) > length(best) ? h : best
    return h.to > best.to ? h : best
  }, undefined)
}

/** Every kind a line has a word of, in the order they are named. */
export const kindsNamed = (words: readonly Word[]): ThingKind[] => [...new Set(hitsIn(words).map(h => h.entry.kind))]

function compound(words: readonly Word[]): Hit | undefined {
  for (let i = words.length - 1; i >= 0; i--) {
    const { text } = words[i]!
    const phrase = ENDINGS.find(([is]) => is.test(text))?.[1] ?? endingOf(text)
    const entry = phrase === null ? undefined : VOCABULARY.find(e => e.phrase.join(' ') === phrase)
    if (entry)
      return { entry, from: i, to: i + 1, plural: /(stifte|pinsel|paletten|schwamme|dosen|tucher)$/.test(text) }
  }
  return undefined
}
