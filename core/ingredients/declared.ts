import { ELSEWHERE, GROUPS, NOTHING, type Group } from './groups'
import { KNOWN_NAMES } from './knownNames'
import { canonicalName } from './names'
import { SUBSTANCES, type Substance } from './substances'

/*
 * What people declare they react to, as they write it, and what it means for a product. A word that is not understood is never an
 * all-clear: nothing goes on until the artist has said what it is.
 */

/** How a word is taken. */
export type Meaning =
  /** A substance with its relatives. */
  | 'substance'
  /** An ingredient, compared by its name. */
  | 'ingredient'
  /** What is asked about first: vegan, pregnancy, medication. */
  | 'ask'
  /** In nothing that goes on a face. */
  | 'elsewhere'
  /** "None known". */
  | 'nothing'
  | 'unknown'

/** What is looked at of a product. */
export interface Named {
  name: string
  /** As the kit calls it: "lash glue". */
  kind: string
  ingredients: readonly string[] | null
}

export interface Declared {
  label: string
  meaning: Meaning
  /** What to ask or to say, a whole sentence; null where the substance says it all. */
  asks: string | null
  holds: (ingredient: string) => boolean
  /** Why a product stays away, a clause in lower case; null where nothing speaks against it. */
  against: (item: Named) => string | null
  /** Where several were said in one breath, each of them. */
  parts?: readonly Declared[]
}

const bare = (text: string) =>
  text
    .trim()
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .replaceAll('ß', 'ss')
    .replaceAll('œ', 'oe')
    .replace(/[’`´]/g, "'")
    .replace(/-/g, ' ')
    .replace(/[^\p{L}\p{N}' /.]+/gu, ' ')
    .replace(/\s+/g, ' ')
    .replace(/^[' ./]+|[' ./]+$/g, '')
const single = (word: string) => (word.length > 3 ? word.replace(/(?<!s)s$/, '') : word)
const key = (text: string) => bare(text).split(' ').map(single).join(' ')

type Entry = { substance: Substance } | { group: Group } | { elsewhere: string }
const entries = new Map<string, Entry>()
for (const substance of SUBSTANCES)
  for (const word of [substance.id, substance.label, ...substance.words])
    if (!entries.has(key(word))) entries.set(key(word), { substance })
for (const group of GROUPS)
  for (const word of [group.label, ...group.words]) if (!entries.has(key(word))) entries.set(key(word), { group })
for (const { label, words } of ELSEWHERE)
  for (const word of words) if (!entries.has(key(word))) entries.set(key(word), { elsewhere: label })
const LONGEST_PHRASE = Math.max(...[...entries.keys()].map(k => k.split(' ').length))

// Said around what is meant: "allergic to", "my eyes react to cheap …", "a bit", "-Allergie".
const AROUND =
  /^(?:i|i'm|im|am|is|are|my|me|the|a|an|any|all|some|very|severe|severely|mild|mildly|slight|slightly|bad|badly|really|quite|bit|little|sometimes|often|maybe|possibly|usually|also|only|just|certain|most|other|to|with|against|from|of|in|on|for|when|after|at|as|has|have|had|get|gets|got|makes?|made|allergic|allergy|allergie|allergies|allergique|allergisch|allerg|intoleran(?:t|ce)|unvertraglichkeit|sensitiv(?:e|ity)|react|reacts?|reaction|reacting|reagiert|auf|gegen|aux?|a|l|la|le|les|de|des|du|d|un|une|keine?|kein|skin|face|eyes?|lips?|lids?|contact|patch|test(?:ed)?|positive|history|known|since|childhood|child|used|use|avoid|avoids|avoiding|no|not|free|without|please|can't|cannot|cant|wear|stand|products?|makeup|make|up|cosmetics?|cream|creams|stuff|things?|type|anything|containing|contains|contain|containing|based|strong|cheap|old|oil|oils|protein|extract|powder|dry|red|itchy|itch|rash|swell|swollen|swelling|burn|burns|sting|stings|water|watery|hands|body|hurt|hurts|cause|causes|breaks?|out|me|her|his|their|she|he|they|it|so|too|or|but|if|i've|ve|ive|think|probably|due|\d+|months?|weeks?|years?|ago|last|year|was|took|taking|take|takes|recently|today|currently|again|strict|strictly|by|doctor|said|says|told|carry|carries|except|apart|other|than|besides|aside|problems?|issues?|trouble|never|nur|ausser|sauf|aber|mais|longer)$/
const DENIED =
  /^(?:not|no longer|never|no)\b.*\b(?:allergic|allerg\p{L}*|problem|problems|issue|issues|reaction|reactions|trouble)\b|\b(?:is|are) (?:fine|ok|okay)$|\bno problems?$/u
// "No allergies except latex" declares latex.
const EXCEPT = /\b(?:just|only|but|except|apart|besides|aside|other|nur|ausser|sauf|aber|mais)\b/
const isDenied = (text: string) => DENIED.test(text) && !EXCEPT.test(text)
const SEPARATOR = /[,;&+\n]|\s\/\s|\s(?:and|und|et|y|plus|as well as|sowie)\s/i
const COMPOUND = /^(\p{L}{3,}?)(?:allergie|unvertraglichkeit|intoleranz)$/u

/** "Nussallergie", "Duftstoffallergie", "Hundeallergie": what stands before the allergy. */
function compounded(word: string): string {
  const said = COMPOUND.exec(word)?.[1]
  if (said === undefined) return word
  return [said, said.replace(/[sn]$/, '')].find(w => entries.has(key(w))) ?? said
}

/** One meaning of one piece of what was declared. */
function piece(text: string): Declared {
  const written = text.trim()
  const words = bare(written)
    .split(/[ /]/)
    .map(compounded)
    .filter(w => w !== '')
  if (NOTHING.test(words.join(' ')) || isDenied(words.join(' '))) return nothing(written)
  const exact = entries.get(key(words.join(' ')))
  if (exact) return entryAs(exact, written)
  // An ingredient's full name before a word within it: "cetyl alcohol" is no alcohol.
  const name = canonicalName(written)
  if (KNOWN_NAMES.has(name)) return byName(written, name)
  const found = within(words)
  const left = words.filter((w, i) => !found.covered.has(i) && !AROUND.test(w))
  // "Sparkly dust" is not the dust that is in the air.
  const most = found.entries.every(e => 'elsewhere' in e) ? 0 : found.entries.length
  if (found.entries.length > 0 && left.length <= most) {
    const read = joined(
      written,
      found.entries.map(e => entryAs(e, written)),
    )
    // "Kakadu plum" may be another plum: what is left over is asked about.
    const doubt = `“${written}” is read as ${read.label === written ? 'what it names' : read.label}: ask whether that is all of it.`
    return left.length === 0 ? read : { ...read, asks: [read.asks, doubt].filter(Boolean).join(' ') }
  }
  return looksLikeIngredient(written) ? byName(written, name || bare(written)) : unknown(written)
}

/** The phrases we know among the words, the longest first. */
function within(words: readonly string[]): { entries: Entry[]; covered: Set<number> } {
  const covered = new Set<number>()
  const found: Entry[] = []
  for (let n = Math.min(LONGEST_PHRASE, words.length); n >= 1; n--)
    for (let at = 0; at + n <= words.length; at++) {
      const own = Array.from({ length: n }, (_, i) => at + i)
      if (own.some(i => covered.has(i))) continue
      const entry = entries.get(own.map(i => single(words[i]!)).join(' '))
      // "Red", "dry" and "oil" alone say how it is, not what.
      if (!entry || (n === 1 && AROUND.test(words[at]!))) continue
      own.forEach(i => covered.add(i))
      if (!found.includes(entry)) found.push(entry)
    }
  return { entries: found, covered }
}

// Endings of chemistry alone: a plant's "butter" or "extract" stands in a list under its Latin name.
const CHEMICAL =
  /(?:ylate|earate|itate|onate|osphate|ulfate|ulphate|noate|trate|acetate|benzoate|olivate|icone|siloxane|linone|quinone|glycol|erol|henol|ethanol|xanol|betaine|lysine|amine|oxide|chloride|bromide|amide|eride|\bacid|paraben|polymer|glucoside|hydantoin|\burea|cellulose|edta)s?$/
/** "Cetearyl olivate", "ci 16035": a name as lists write it. */
const looksLikeIngredient = (text: string) => {
  const plain = bare(text)
  return (
    /^ci ?\d{5}$|^e ?\d{3}$|^\p{L}+ \d{1,3}$/u.test(plain)
    || (plain.length > 5 && plain.split(' ').length <= 4 && CHEMICAL.test(plain))
  )
}

function entryAs(entry: Entry, written: string): Declared {
  if ('elsewhere' in entry)
    return {
      label: written,
      meaning: 'elsewhere',
      asks: `“${written}” (${entry.elsewhere}) is in nothing that goes on a face, as far as is known: ask whether it shows on the skin or in the eyes today.`,
      holds: () => false,
      against: () => null,
    }
  if ('group' in entry) return groupAs(entry.group)
  return substanceAs(entry.substance)
}

// What these are called says what is in them; a foundation called Almond or a lipstick called Honey says its colour.
// prettier-ignore
const NAMED_BY_CONTENT: readonly string[] = [
  'remover', 'cleanser', 'toner', 'mask', 'moisturiser', 'eye care', 'lip care', 'sun protection', 'primer', 'eye primer', 'glow', 'medium', 'lash glue', 'lashes', 'setting spray', 'gloss',
]

function substanceAs({ label, is, near, usuallyIn, called }: Substance): Declared {
  const holds = (ingredient: string) => is.test(ingredient)
  return {
    label,
    meaning: 'substance',
    asks: null,
    holds,
    against: ({ name, kind, ingredients }) => {
      const found = (ingredients ?? []).filter(holds)
      if (found.length > 0) return `holds ${found.join(', ')}`
      const nearly = near ? (ingredients ?? []).filter(i => near.test(i)) : []
      if (nearly.length > 0) return `holds ${nearly.join(', ')}: ask whether that is meant, too`
      if (called?.test(name.toLowerCase()) && NAMED_BY_CONTENT.includes(kind)) return 'is called so'
      // A list that names nothing of it clears a kind that usually holds it; a glue is a glue whatever it is made of.
      const isItself = is.source === '^$' || label === 'adhesives'
      return usuallyIn?.includes(kind) && (ingredients === null || isItself)
        ? isItself
          ? 'is one'
          : 'often holds it and its list is not on record'
        : null
    },
  }
}

function groupAs({ label, asks, is, named }: Group): Declared {
  const holds = (ingredient: string) => is?.test(ingredient) ?? false
  return {
    label,
    meaning: 'ask',
    asks,
    holds,
    against: item => {
      if (named?.(item)) return 'stays away until that is answered'
      const found = (item.ingredients ?? []).filter(holds)
      return found.length > 0 ? `holds ${found.join(', ')}` : null
    },
  }
}

const byName = (label: string, name: string): Declared => {
  const holds = namesAll(name)
  return {
    label,
    meaning: 'ingredient',
    asks: null,
    holds,
    against: ({ name: called, kind, ingredients }) => {
      const found = (ingredients ?? []).filter(holds)
      return found.length > 0
        ? `holds ${found.join(', ')}`
        : NAMED_BY_CONTENT.includes(kind) && holds(called.toLowerCase())
          ? 'is called so'
          : null
    },
  }
}

const nothing = (label: string): Declared => ({
  label,
  meaning: 'nothing',
  asks: null,
  holds: () => false,
  against: () => null,
})

const unknown = (label: string): Declared => ({
  label,
  meaning: 'unknown',
  asks: `“${label}” is not understood: ask what it is and enter that. Until then nothing of the kit goes on.`,
  holds: namesAll(bare(label)),
  against: () => 'waits until you have asked what that is',
})

// The strongest decides how all of it is taken.
const BY_WEIGHT: readonly Meaning[] = ['unknown', 'ask', 'substance', 'ingredient', 'elsewhere', 'nothing']

function joined(label: string, all: readonly Declared[]): Declared {
  if (all.length === 1 || new Set(all.map(d => d.label)).size === 1) return all[0]!
  const asks = [...new Set(all.flatMap(d => d.asks ?? []))]
  return {
    label,
    meaning: BY_WEIGHT.find(m => all.some(d => d.meaning === m))!,
    asks: asks.length > 0 ? asks.join(' ') : null,
    holds: ingredient => all.some(d => d.holds(ingredient)),
    against: item => all.map(d => d.against(item)).find(why => why !== null) ?? null,
    parts: all,
  }
}

const kept = new Map<string, Declared>()
const MOST_KEPT = 2000

/**
 * What a declared word or sentence stands for; several said in one breath ("AHA & BHA", "nuts, latex") stand for each of them.
 * @example declaredAs('Nussallergie').label // 'nuts'
 * @example declaredAs('the blue stuff').meaning // 'unknown'
 */
export function declaredAs(declared: string): Declared {
  const known = kept.get(declared)
  if (known) return known
  const whole = piece(declared)
  const parts = declared.split(SEPARATOR).filter(p => p.trim() !== '')
  const isWhole = whole.meaning !== 'unknown' && (parts.length < 2 || entries.has(key(declared)))
  // "Parfum, mild": what only says how, says nothing beside what says what.
  const telling = parts.filter(
    p =>
      !bare(p)
        .split(' ')
        .every(w => AROUND.test(w)),
  )
  const read = isWhole || telling.length === 0 ? whole : joined(declared.trim(), telling.map(piece))
  if (kept.size >= MOST_KEPT) kept.clear()
  kept.set(declared, read)
  return read
}

// A word this short begins too many others: it has to be there whole.
const SHORT = 3

/**
 * Whether an ingredient's name holds the beginnings of all words said, in their order: "shea butter" is in
 * "butyrospermum parkii (shea) butter". What people type is compared as words and never becomes a pattern.
 */
function namesAll(said: string): (ingredient: string) => boolean {
  const wanted = wordsOf(said)
  return ingredient => {
    if (wanted.length === 0) return false
    let next = 0
    for (const word of wordsOf(ingredient)) {
      const said = wanted[next]
      if (said !== undefined && (said.length < SHORT ? word === said : word.startsWith(said))) next++
    }
    return next === wanted.length
  }
}

const wordsOf = (text: string) =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)

/** Ingredients of a list that are or contain what was declared. */
export const foundIn = (declared: string, ingredients: readonly string[]): string[] =>
  ingredients.filter(declaredAs(declared).holds)

/** What still speaks against a product once the packs are read for what is not understood: "nuts, the blue stuff" still means nuts. */
export const againstOnceRead = ({ meaning, against, parts }: Declared, item: Named): string | null =>
  parts
    ? (parts.map(part => againstOnceRead(part, item)).find(why => why !== null) ?? null)
    : meaning === 'unknown'
      ? null
      : against(item)

/** Words that are not understood and that nobody has read the packs for: they stop everything. */
export const stillUnknown = (declared: readonly string[], packsRead: readonly string[] = []): string[] =>
  declared.filter(word => declaredAs(word).meaning === 'unknown' && !packsRead.includes(word))

/** What has to be asked or kept in mind before anything goes on, each once; what stops everything comes first. */
export function asksOf(declared: readonly string[], packsRead: readonly string[] = []): string[] {
  const unknown = stillUnknown(declared, packsRead)
  const rest = declared.filter(word => !unknown.includes(word))
  const said = (word: string): string | null =>
    declaredAs(word).meaning === 'unknown'
      ? `“${word}” was declared. You have read the packs: nothing of the kit holds it.`
      : declaredAs(word).asks
  return [...new Set([...unknown.map(w => declaredAs(w).asks), ...rest.map(said)].filter(a => a !== null))]
}
