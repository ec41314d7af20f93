import type { Family } from '#core/complexion/bottles/product'
import type { IngredientFlag } from '#core/ingredients/flags'

/** Ingredient lists written for the purpose, as packs print them, with what has to be read from each. */
export interface WrittenList {
  what: string
  text: string
  family: Family
  flags: readonly IngredientFlag[]
}

export const INGREDIENT_LISTS: readonly WrittenList[] = [
  // silicone
  {
    what: 'fluid foundation, three languages for water',
    family: 'silicone',
    flags: ['nickel-bearing'],
    text: 'Aqua/Water/Eau, Cyclopentasiloxane, Glycerin, Isododecane, PEG-10 Dimethicone, Disteardimonium Hectorite, Phenoxyethanol, Magnesium Sulfate. May contain/Peut contenir (+/-): CI 77891, CI 77491, CI 77492, CI 77499',
  },
  {
    what: 'smoothing primer',
    family: 'silicone',
    flags: [],
    text: 'Dimethicone, Dimethicone Crosspolymer, Silica, Tocopheryl Acetate',
  },
  {
    what: 'primer in capitals with line breaks',
    family: 'silicone',
    flags: ['fragrance', 'fragrance allergen'],
    text: 'INGREDIENTS: CYCLOPENTASILOXANE, DIMETHICONE CROSSPOLYMER,\nISONONYL ISONONANOATE, PARFUM,\nLINALOOL, LIMONENE',
  },
  {
    what: 'foundation, silicone third',
    family: 'silicone',
    flags: [],
    text: 'Water, Glycerin, Phenyl Trimethicone, Butylene Glycol, Niacinamide, Xanthan Gum',
  },
  {
    what: 'sun foundation with declared filters',
    family: 'silicone',
    flags: ['mineral filter'],
    text: 'SPF 30. Active ingredients: Titanium Dioxide 6.2%, Zinc Oxide 4,0 %. Inactive ingredients: Water, Dimethicone, Butylene Glycol, Phenoxyethanol',
  },
  {
    what: 'misspelt silicones',
    family: 'silicone',
    flags: [],
    text: 'Aqua, Cyclopentasilxane, Dimethcone, Glycerin, Phenoxyethanl',
  },
  {
    what: 'bullets for commas',
    family: 'silicone',
    flags: ['beeswax'],
    text: 'Caprylyl Methicone • Dimethicone • Cera Alba • Silica • Tocopherol',
  },
  {
    what: 'corrector stick with resin',
    family: 'silicone',
    flags: ['nickel-bearing', 'carmine'],
    text: 'Trimethylsiloxysilicate, Isododecane, Synthetic Wax [+/- Iron Oxides, Carmine (CI 75470)]',
  },
  // water
  {
    what: 'gel moisturiser',
    family: 'water',
    flags: [],
    text: 'Aqua, Glycerin, Propanediol, Sodium Hyaluronate, Panthenol, Carbomer, Sodium Hydroxide, 1,2-Hexanediol',
  },
  {
    what: 'serum with percentages',
    family: 'water',
    flags: [],
    text: 'Water 78.5%, Niacinamide (10%), Glycerin 5 %, Pentylene Glycol, Zinc PCA 1%, Xanthan Gum',
  },
  {
    what: 'German toner',
    family: 'water',
    flags: ['fragrance'],
    text: 'Inhaltsstoffe: Wasser, Glycerin, Hamamelis Virginiana Water, Panthenol, Duft, Citric Acid',
  },
  {
    what: 'French lotion with organic footnote',
    family: 'water',
    flags: ['essential oil', 'fragrance allergen'],
    text: 'INGRÉDIENTS : Eau, Aloe Barbadensis Leaf Juice*, Glycérine*, Lavandula Angustifolia Oil*, Linalool**. *issus de l’agriculture biologique **composants des huiles essentielles',
  },
  {
    what: 'Spanish cleanser with sulphate',
    family: 'water',
    flags: [],
    text: 'Ingredientes: Agua, Sodium Laureth Sulfate, Cocamidopropyl Betaine, Sodium Chloride, Citric Acid',
  },
  {
    what: 'emulsion, silicone far down',
    family: 'water',
    flags: ['seed oil'],
    text: 'Aqua, Glycerin, Caprylic/Capric Triglyceride, Simmondsia Chinensis Seed Oil, Glyceryl Stearate, Cetearyl Alcohol, Dimethicone, Phenoxyethanol',
  },
  {
    what: 'cream with nuts and wheat',
    family: 'water',
    flags: ['nut oil', 'wheat or gluten'],
    text: 'Aqua (Water), Prunus Amygdalus Dulcis (Sweet Almond) Oil, Glycerin, Hydrolyzed Wheat Protein, Cetyl Alcohol, Ethylhexylglycerin',
  },
  {
    what: 'latex eyelash adhesive',
    family: 'water',
    flags: ['latex'],
    text: 'Water (Aqua); Rubber Latex; Cellulose Gum; Sodium Lauryl Sulfate; Formaldehyde',
  },
  {
    what: 'water foundation with undeclared titanium dioxide',
    family: 'water',
    flags: ['nickel-bearing'],
    text: 'Aqua, Titanium Dioxide, Propanediol, Glycerin, Squalane, Mica, CI 77491, CI 77492',
  },
  {
    what: 'sun lotion, nano filter',
    family: 'water',
    flags: ['mineral filter'],
    text: 'Aqua, Zinc Oxide [nano], C12-15 Alkyl Benzoate, Glycerin, Polyglyceryl-4 Isostearate',
  },
  {
    what: 'sun gel, LSF claim',
    family: 'water',
    flags: ['mineral filter'],
    text: 'LSF 50 — Wasser, Titandioxid, Glycerin, Propanediol',
  },
  {
    what: 'sun cream with organic filters only',
    family: 'water',
    flags: ['drying alcohol'],
    text: 'SPF 50+. Aqua, Octocrylene, Butyl Methoxydibenzoylmethane, Glycerin, Homosalate, Carbomer, Alcohol Denat.',
  },
  {
    what: 'mascara',
    family: 'water',
    flags: ['beeswax', 'nickel-bearing'],
    text: 'Aqua, Beeswax, Stearic Acid, Copernicia Cerifera Wax (Carnauba), Acacia Senegal Gum, Iron Oxides (CI 77499)',
  },
  {
    what: 'one name a line',
    family: 'water',
    flags: [],
    text: 'Aqua\nGlycerin\nButylene Glycol\nSodium PCA\nPhenoxyethanol',
  },
  {
    what: 'Italian mist',
    family: 'water',
    flags: ['fragrance'],
    text: 'Ingredienti: Acqua, Rosa Damascena Flower Water, Glicerina, Profumo, Sodium Benzoate',
  },
  {
    what: 'silicone fourth: the list does not decide',
    family: 'unknown',
    flags: [],
    text: 'Aqua, Glycerin, Butylene Glycol, Dimethicone, Squalane, Cetyl Alcohol',
  },
  { what: 'glycerin first', family: 'unknown', flags: [], text: 'Glycerin, Aqua, Sorbitol, Xanthan Gum' },
  // oil and wax
  {
    what: 'lip balm',
    family: 'oil',
    flags: ['lanolin', 'seed oil', 'beeswax'],
    text: 'Ricinus Communis (Castor) Seed Oil, Lanolin, Cera Alba (Beeswax), Candelilla Cera, Tocopherol',
  },
  {
    what: 'balm of mineral oil',
    family: 'oil',
    flags: ['fragrance'],
    text: 'Paraffinum Liquidum (Mineral Oil), Petrolatum, Ozokerite, Parfum (Fragrance)',
  },
  {
    what: 'cleansing balm',
    family: 'oil',
    flags: ['comedogenic-prone oil', 'essential oil', 'fragrance allergen'],
    text: 'Ethylhexyl Palmitate; PEG-20 Glyceryl Triisostearate; Polyethylene; Citrus Aurantium Dulcis (Orange) Peel Oil; Limonene',
  },
  {
    what: 'cream foundation',
    family: 'oil',
    flags: ['comedogenic-prone oil', 'nickel-bearing'],
    text: 'Isopropyl Palmitate, Cera Microcristallina, Mica, Kaolin, Tocopheryl Acetate. Kann enthalten: CI 77891, CI 77491, CI 77492',
  },
  {
    what: 'lipstick with carmine',
    family: 'oil',
    flags: ['carmine', 'seed oil'],
    text: 'Octyldodecanol, Ricinus Communis Seed Oil, Candelilla Cera, Diisostearyl Malate, Aroma-free, May Contain: Carmine, CI 15850, CI 77891',
  },
  {
    what: 'shea stick',
    family: 'oil',
    flags: ['comedogenic-prone oil', 'lanolin'],
    text: 'Butyrospermum Parkii (Shea) Butter, Cocos Nucifera Oil, Lanolin Alcohol, Euphorbia Cerifera Wax',
  },
  {
    what: 'face oil',
    family: 'oil',
    flags: ['nut oil', 'seed oil', 'essential oil'],
    text: 'Squalane, Macadamia Integrifolia Seed Oil*, Rosa Canina Fruit Oil*, Pelargonium Graveolens Oil. *Certified organic',
  },
  {
    what: 'triglyceride with typo in the wax',
    family: 'oil',
    flags: ['beeswax'],
    text: 'Caprylic/Capric Triglyceride, Cera Albaa, Beeswax, Tocopherol',
  },
  // alcohol
  {
    what: 'setting spray',
    family: 'alcohol',
    flags: ['fragrance', 'drying alcohol'],
    text: 'Aqua/Water, Alcohol Denat., PVP, Glycerin, Polysorbate 20, Parfum',
  },
  {
    what: 'strong activator',
    family: 'alcohol',
    flags: ['drying alcohol'],
    text: 'Alcohol (96%), Isopropyl Myristate-free, VP/VA Copolymer',
  },
  {
    what: 'tattoo ink for the body',
    family: 'alcohol',
    flags: ['drying alcohol', 'nickel-bearing'],
    text: 'SD Alcohol 40-B, Acrylates Copolymer, CI 77499, Castor Isostearate Succinate',
  },
  // volatile hydrocarbon
  {
    what: 'long-wear lip',
    family: 'hydrocarbon',
    flags: ['fragrance'],
    text: 'Isododecane, Trimethylsiloxysilicate, Disteardimonium Hectorite, Fragrance, Propylene Carbonate',
  },
  {
    what: 'waterproof liner',
    family: 'hydrocarbon',
    flags: ['nickel-bearing'],
    text: 'C11-12 Isoparaffin, Synthetic Wax, Polybutene, CI 77499',
  },
  {
    what: 'long-wear foundation',
    family: 'hydrocarbon',
    flags: [],
    text: 'Isododecane; Dimethicone; Talc; Polyethylene',
  },
  // powder
  {
    what: 'loose powder of silica',
    family: 'powder',
    flags: ['silica-rich powder'],
    text: 'Silica, Zea Mays (Corn) Starch, Phenoxyethanol',
  },
  {
    what: 'pressed powder',
    family: 'powder',
    flags: ['nickel-bearing'],
    text: 'Talc, Mica, Dimethicone, Zinc Stearate, Caprylyl Glycol [+/- (MAY CONTAIN) CI 77891 (TITANIUM DIOXIDE), IRON OXIDES (CI 77491, CI 77492, CI 77499)]',
  },
  {
    what: 'mica and silica second',
    family: 'powder',
    flags: ['silica-rich powder'],
    text: 'Mica, Silica, Boron Nitride, Lauroyl Lysine',
  },
  {
    what: 'eye colour with bismuth and carmine',
    family: 'powder',
    flags: ['carmine'],
    text: 'Synthetic Fluorphlogopite, Talc, Magnesium Stearate, Ethylhexyl Stearate; peut contenir ± CI 77891, CI 75470, Tin Oxide',
  },
  {
    what: 'starch powder, silica only far down',
    family: 'powder',
    flags: [],
    text: 'Oryza Sativa (Rice) Starch, Kaolin, Nylon-12, Zinc Oxide, Silica',
  },
  {
    what: 'mineral powder with a sun factor',
    family: 'powder',
    flags: ['mineral filter'],
    text: 'Mica, Zinc Oxide, Titanium Dioxide, Boron Nitride. SPF 15',
  },
]
