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
  { id: 'salicylates', label: 'salicylates', words: ['salicylic acid', 'aspirin'], is: /salicyl/ },
  {
    id: 'chemical-filters',
    label: 'organic sun filters',
    words: ['oxybenzone', 'avobenzone', 'octocrylene', 'sunscreen'],
    is: /^(?:ethylhexyl methoxycinnamate|octocrylene|butyl methoxydibenzoylmethane|benzophenone-\d|homosalate|ethylhexyl salicylate|ethylhexyl triazone)$/,
  },
]

const plainWord = (text: string) => text.trim().toLowerCase().replace(/s$/, '')

/** The substance a declared word stands for; a word that is none of them stands for the ingredient of that name. */
export function substanceFor(declared: string): Pick<Substance, 'label' | 'is'> {
  const word = plainWord(declared)
  const known = SUBSTANCES.find(
    s => s.id === declared || plainWord(s.label) === word || s.words.some(w => plainWord(w) === word),
  )
  if (known) return known
  const name = canonicalName(declared) || word
  const within = SUBSTANCES.find(s => s.is.test(name) && s.words.includes(name))
  if (within) return within
  return {
    label: declared.trim(),
    is: new RegExp(
      name
        .split(/\s+/)
        .map(w => `\\b${w.replace(/[^\p{L}\p{N}-]/gu, '\\$&')}`)
        .join('.*'),
      'u',
    ),
  }
}

/** Ingredients of a list that are or contain what was declared. */
export const foundIn = (declared: string, ingredients: readonly string[]): string[] => {
  const { is } = substanceFor(declared)
  return ingredients.filter(name => is.test(name))
}
