import { canonicalName } from './names'

/**
 * What people declare they react to, and what lists are flagged for: the words people use for it and the ingredients
 * that are or contain it. Matching is by ingredient name, never by guess at a formula.
 */
export interface Substance {
  id: string
  /** As it is shown and picked. */
  label: string
  /** Other words for it, lower case. */
  words: readonly string[]
  /** Ingredients in international form. */
  is: RegExp
}

const oneOf = (names: string) =>
  new RegExp(
    `^(?:${names
      .trim()
      .split(/\s*;\s*/)
      .map(n => n.replace(/[.()+]/g, '\\$&'))
      .join('|')})$`,
  )

/** Fragrance allergens that have to be declared by name. */
export const FRAGRANCE_ALLERGENS =
  oneOf(`limonene; linalool; citronellol; geraniol; citral; coumarin; eugenol; isoeugenol; cinnamal;
  cinnamyl alcohol; benzyl salicylate; benzyl benzoate; benzyl cinnamate; benzyl alcohol; farnesol; hexyl cinnamal; amyl cinnamal;
  amylcinnamyl alcohol; hydroxycitronellal; alpha-isomethyl ionone; anise alcohol; evernia prunastri extract; evernia furfuracea extract;
  methyl 2-octynoate; butylphenyl methylpropional`)

/** Essential oils: steam-distilled or pressed from flower, leaf, peel, bark; fixed oils come from seed, kernel, fruit, germ. */
export const ESSENTIAL_OIL =
  /^(?:lavandula|citrus|mentha|melaleuca|rosmarinus|rosa damascena|rosa centifolia|pelargonium|eucalyptus|santalum|cananga|cymbopogon|cedrus|juniperus|thymus|salvia|ocimum|pogostemon|vetiveria|boswellia|commiphora|jasminum|syzygium|eugenia|cinnamomum|abies|pinus|cupressus|anthemis|zingiber|foeniculum|pimpinella)\b.*\boil$/

export const SUBSTANCES: readonly Substance[] = [
  {
    id: 'fragrance',
    label: 'fragrance',
    words: ['perfume', 'scent', 'parfum'],
    is: new RegExp(`^(?:parfum|aroma)$|${FRAGRANCE_ALLERGENS.source}`),
  },
  { id: 'essential-oils', label: 'essential oils', words: ['essential oil', 'aromatic oils'], is: ESSENTIAL_OIL },
  {
    id: 'lanolin',
    label: 'lanolin',
    words: ['wool fat', 'wool wax', 'wool alcohol', 'wool'],
    is: /lanolin|^laneth-|^lanosterol|^adeps lanae/,
  },
  { id: 'latex', label: 'latex', words: ['natural rubber', 'rubber'], is: /latex|^hevea brasiliensis/ },
  {
    id: 'nuts',
    label: 'nuts',
    words: ['nut', 'tree nuts', 'nut oil', 'almond', 'hazelnut', 'walnut', 'peanut', 'macadamia'],
    is: /^(?:prunus amygdalus|prunus dulcis|macadamia|corylus|juglans|arachis|anacardium|pistacia|bertholletia|carya|sweet almond|almond)/,
  },
  {
    id: 'seed-oils',
    label: 'seed oils',
    words: ['seed oil', 'sesame', 'sunflower', 'soya', 'soy'],
    is: /^(?:sesamum|helianthus annuus|glycine soja|ricinus communis|linum|cannabis sativa|papaver|carthamus|gossypium|brassica)\b.*\b(?:oil|butter)$|\bseed oil$/,
  },
  {
    id: 'wheat',
    label: 'wheat and gluten',
    words: ['wheat', 'gluten', 'coeliac', 'barley', 'rye'],
    is: /wheat|^triticum|gluten|^hordeum|^secale|^avena/,
  },
  { id: 'carmine', label: 'carmine', words: ['cochineal', 'ci 75470', 'e120'], is: /^carmine$|^ci 75470$/ },
  {
    id: 'beeswax',
    label: 'beeswax and propolis',
    words: ['bees', 'bee products', 'wax', 'propolis', 'honey'],
    is: /^cera alba$|propolis|^mel$|^beeswax|^peg-\d+ beeswax/,
  },
  {
    id: 'nickel',
    label: 'nickel',
    words: ['metal'],
    is: /^ci 77(?:491|492|499|288|289|742|510|266|007|489)$|^iron oxides$|^chromium|^ultramarines$|^manganese violet$/,
  },
  { id: 'parabens', label: 'parabens', words: ['paraben'], is: /paraben$/ },
  {
    id: 'isothiazolinones',
    label: 'isothiazolinones',
    words: ['methylisothiazolinone', 'mi', 'mci'],
    is: /isothiazolinone$/,
  },
  {
    id: 'formaldehyde',
    label: 'formaldehyde and its releasers',
    words: ['formalin', 'formaldehyde releaser'],
    is: /^(?:formaldehyde|formalin|dmdm hydantoin|imidazolidinyl urea|diazolidinyl urea|quaternium-15|2-bromo-2-nitropropane-1,3-diol|methenamine)$/,
  },
  { id: 'propylene-glycol', label: 'propylene glycol', words: ['glycol'], is: /^propylene glycol$/ },
  {
    id: 'alcohol',
    label: 'drying alcohol',
    words: ['alcohol', 'ethanol', 'spirit'],
    is: /^(?:alcohol|alcohol denat\.|isopropyl alcohol)$/,
  },
  {
    id: 'balsam-of-peru',
    label: 'balsam of Peru',
    words: ['peru balsam', 'balsam', 'myroxylon'],
    is: /^myroxylon|^cinnamal$|^cinnamyl alcohol$|^benzyl (?:benzoate|cinnamate|salicylate)$|^eugenol$|^isoeugenol$/,
  },
  {
    id: 'colophony',
    label: 'colophony',
    words: ['rosin', 'colophonium', 'pine resin'],
    is: /colophon|\brosin(?:ate)?\b/,
  },
  {
    id: 'acrylates',
    label: 'cyanoacrylates in glues',
    words: ['cyanoacrylate', 'lash glue', 'acrylates', 'acrylate'],
    is: /cyanoacrylate/,
  },
  { id: 'betaine', label: 'cocamidopropyl betaine', words: ['capb'], is: /^cocamidopropyl betaine$/ },
  {
    id: 'sulphates',
    label: 'sulphates',
    words: ['sls', 'sles', 'sulfates'],
    is: /(?:laureth|lauryl|coco|myreth) sul(?:f|ph)ate$/,
  },
  {
    id: 'mineral-oil',
    label: 'mineral oil',
    words: ['paraffin', 'petroleum', 'petrolatum'],
    is: /^(?:paraffinum liquidum|petrolatum|paraffin|cera microcristallina|ceresin|ozokerite)$/,
  },
  {
    id: 'silicones',
    label: 'silicones',
    words: ['silicone', 'dimethicone'],
    is: /methicone|siloxan|siloxy|methiconol|silsesquioxane|silicone/,
  },
  {
    id: 'salicylates',
    label: 'salicylates',
    words: ['salicylic acid', 'aspirin', 'bha', 'beta hydroxy acid'],
    is: /salicyl/,
  },
  {
    id: 'fruit-acids',
    label: 'fruit acids',
    words: ['aha', 'alpha hydroxy acid', 'fruit acid'],
    is: /^(?:glycolic|lactic|mandelic|malic|tartaric) acid$/,
  },
  {
    id: 'hypericum',
    label: 'St John’s wort',
    words: ["st john's wort", "saint john's wort", 'hypericum'],
    is: /^hypericum/,
  },
  {
    id: 'chemical-filters',
    label: 'organic sun filters',
    words: ['oxybenzone', 'avobenzone', 'octocrylene', 'sunscreen'],
    is: /^(?:ethylhexyl methoxycinnamate|octocrylene|butyl methoxydibenzoylmethane|benzophenone-\d|homosalate|ethylhexyl salicylate|ethylhexyl triazone)$/,
  },
]

const plainWord = (text: string) =>
  text
    .trim()
    .toLowerCase()
    .replace(/[’`´]/g, "'")
    .replace(/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/gu, '')
    .replace(/s$/, '')

/** What a declared word stands for. */
export interface Declared {
  label: string
  holds(ingredient: string): boolean
}

/**
 * The substance a declared word stands for; a word that is none of them stands for the ingredients of that name. Several
 * said in one breath ("AHA & BHA", "parfum, mild") stand for each of them.
 */
export function substanceFor(declared: string): Declared {
  const whole = known(declared)
  if (whole) return whole
  const parts = declared.split(/[,;/&+]|\s(?:and|und|et|y)\s/i).filter(part => part.trim())
  if (parts.length < 2) return named(declared)
  const all = parts.map(part => known(part) ?? named(part))
  return { label: declared.trim(), holds: ingredient => all.some(one => one.holds(ingredient)) }
}

function known(declared: string): Declared | null {
  const word = plainWord(declared)
  const found = SUBSTANCES.find(
    s => s.id === declared || plainWord(s.label) === word || s.words.some(w => plainWord(w) === word),
  )
  return found ? asDeclared(found) : null
}

function named(declared: string): Declared {
  const name = canonicalName(declared) || plainWord(declared)
  const within = SUBSTANCES.find(s => s.is.test(name) && s.words.includes(name))
  return within ? asDeclared(within) : { label: declared.trim(), holds: namesAll(name) }
}

const asDeclared = ({ label, is }: Substance): Declared => ({ label, holds: ingredient => is.test(ingredient) })

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
  ingredients.filter(substanceFor(declared).holds)
