import { CONTACT } from './contact'
import { FOODS } from './foods'

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
  /** Ingredients that are asked about before they go on a person who declares it. */
  near?: RegExp
  /** Kinds of product that commonly hold it: set aside where no list clears them. */
  usuallyIn?: readonly string[]
  /** What a product is called that holds it, in plain lower case, whatever its list says or does not say. */
  called?: RegExp
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

const EVERYDAY: readonly Substance[] = [
  {
    id: 'fragrance',
    label: 'fragrance',
    words: [
      'perfume',
      'scent',
      'parfum',
      'fragrance free',
      'parfüm',
      'duft',
      'duftstoffe',
      'duftstoff',
      'parfums',
      'fragrance mix',
      'scented products',
      'scented product',
      'perfumed products',
      'smells',
      'strong smells',
      'aftershave',
      'deodorant',
    ],
    called: /perfum|scented(?<!un)|fragranced/,
    is: new RegExp(`^(?:parfum|aroma)$|${FRAGRANCE_ALLERGENS.source}`),
  },
  { id: 'essential-oils', label: 'essential oils', words: ['essential oil', 'aromatic oils'], is: ESSENTIAL_OIL },
  {
    id: 'lanolin',
    label: 'lanolin',
    words: [
      'wool fat',
      'wool wax',
      'wool alcohol',
      'wool',
      'wolle',
      'wollfett',
      'wollwachs',
      'laine',
      'lanoline',
      'lanolin alcohol',
    ],
    is: /lanolin|^laneth-|^lanosterol|^adeps lanae/,
  },
  {
    id: 'latex',
    label: 'latex',
    words: [
      'natural rubber',
      'rubber',
      'latex gloves',
      'rubber gloves',
      'gloves',
      'balloons',
      'condoms',
      'gummi',
      'kautschuk',
      'caoutchouc',
    ],
    is: /latex|^hevea brasiliensis/,
    usuallyIn: ['lash glue'],
    called: /latex(?![- ]?free)|rubber/,
  },
  {
    id: 'nuts',
    label: 'nuts',
    words: [
      'nut',
      'tree nut',
      'nut oil',
      'almond',
      'hazelnut',
      'walnut',
      'peanut',
      'macadamia',
      'cashew',
      'pistachio',
      'pecan',
      'brazil nut',
      'nuss',
      'nüsse',
      'erdnuss',
      'erdnüsse',
      'mandel',
      'mandeln',
      'haselnuss',
      'walnuss',
      'noix',
      'noisette',
      'amande',
      'cacahuète',
      'arachide',
      'groundnut',
      'nut butter',
      'marzipan',
    ],
    is: /^(?:prunus amygdalus|prunus dulcis|macadamia|corylus|juglans|arachis|anacardium|pistacia|bertholletia|carya|sweet almond|almond|hydrogenated (?:peanut|almond)|peanut|hydrogenated almond)/,
    // Not nuts to a botanist, and often harmless to people who declare nuts: asked about before they go on.
    near: /^(?:argania|cocos nucifera|butyrospermum parkii)|coconut/,
    called: /\bnut|almond|coconut|macadamia|hazelnut|walnut|argan|\bshea\b|peanut/,
  },
  {
    id: 'seed-oils',
    label: 'seed oils',
    words: ['seed oil', 'seeds', 'seed', 'samen', 'graines'],
    is: /^(?:sesamum|helianthus annuus|glycine soja|ricinus communis|linum|cannabis sativa|papaver|carthamus|gossypium|brassica)\b.*\b(?:oil|butter)$|\bseed oil$/,
  },
  {
    id: 'wheat',
    label: 'wheat and gluten',
    words: [
      'wheat',
      'gluten',
      'coeliac',
      'celiac',
      'coeliac disease',
      'barley',
      'rye',
      'weizen',
      'blé',
      'zöliakie',
      'gluten free',
      'wheat protein',
    ],
    is: /wheat|^triticum|gluten|^hordeum|^secale|^avena/,
  },
  { id: 'carmine', label: 'carmine', words: ['cochineal', 'ci 75470', 'e120'], is: /^carmine$|^ci 75470$/ },
  {
    id: 'beeswax',
    label: 'beeswax and propolis',
    words: [
      'bees',
      'bee products',
      'wax',
      'propolis',
      'honey',
      'bienenwachs',
      'honig',
      "cire d'abeille",
      'miel',
      'royal jelly',
      'bee pollen',
    ],
    called: /beeswax|honey(?! (?:beige|tan|deep|gold))|propolis|royal jelly/,
    is: /^cera alba$|propolis|^mel$|^beeswax|^peg-\d+ beeswax/,
  },
  {
    id: 'nickel',
    label: 'nickel',
    words: [
      'metal',
      'metals',
      'metall',
      'métal',
      'cheap jewellery',
      'costume jewellery',
      'jewellery',
      'jewelry',
      'earrings',
      'belt buckles',
      'modeschmuck',
      'bijoux',
      'iron oxide',
    ],
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
    words: [
      'alcohol',
      'ethanol',
      'spirit',
      'alkohol',
      'alcool',
      'alcohol free',
      'alcohol based products',
      'rubbing alcohol',
    ],
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
    words: ['rosin', 'colophonium', 'pine resin', 'resin', 'kolophonium', 'colophane', 'violin rosin'],
    is: /colophon|\brosin(?:ate)?\b/,
    usuallyIn: ['lash glue'],
  },
  {
    id: 'acrylates',
    label: 'cyanoacrylates in glues',
    words: ['cyanoacrylate', 'acrylates', 'acrylate', 'cyanacrylat', 'acrylat'],
    is: /cyanoacrylate/,
    usuallyIn: ['lash glue'],
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
    words: ['paraffin', 'petroleum', 'petrolatum', 'petroleum jelly', 'mineralöl', 'erdöl', 'huile minérale'],
    is: /^(?:paraffinum liquidum|petrolatum|paraffin|cera microcristallina|ceresin|ozokerite)$/,
  },
  {
    id: 'silicones',
    label: 'silicones',
    words: ['silicone', 'dimethicone', 'silikon', 'silikone', 'silicone free'],
    is: /methicone|siloxan|siloxy|methiconol|silsesquioxane|silicone/,
  },
  {
    id: 'salicylates',
    label: 'salicylates',
    words: [
      'salicylic acid',
      'salicylic',
      'aspirin',
      'bha',
      'beta hydroxy acid',
      'salicylsäure',
      'aspirine',
      'acetylsalicylic acid',
      'willow bark',
    ],
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
    words: [
      'oxybenzone',
      'avobenzone',
      'octocrylene',
      'sunscreen',
      'chemical sunscreen',
      'chemical sunscreens',
      'chemical spf',
      'octinoxate',
      'benzophenone',
    ],
    is: /^(?:ethylhexyl methoxycinnamate|octocrylene|butyl methoxydibenzoylmethane|benzophenone-\d|homosalate|ethylhexyl salicylate|ethylhexyl triazone)$/,
  },
]

/** All of them, in the order in which a word is looked for. */
export const SUBSTANCES: readonly Substance[] = [...EVERYDAY, ...FOODS, ...CONTACT]
