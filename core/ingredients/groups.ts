import type { Named } from './declared'

/* Words that name no substance: what people keep to, what is asked about first, and what is in no product of a kit. */

export interface Group {
  id: string
  label: string
  words: readonly string[]
  /** What to ask or to say, a whole sentence for the plan, the card and the chair. */
  asks: string
  /** Ingredients that stay away until it is answered. */
  is: RegExp | null
  /** What stays away by its name or its kind. */
  named?: (item: Named) => boolean
}

const ANIMAL =
  /^(?:carmine|ci 75470|ci 75170|guanine|cera alba|beeswax|mel|royal jelly|tallow|sodium tallowate|adeps|squalene)$|lanolin|^laneth|^lanosterol|propolis|shellac|keratin|collagen|elastin|gelatin|\bsilk\b|sericin|fibroin|casein|\bmilk\b|^lac\b|\begg\b|honey|cholesterol|chitosan|^stearic acid \(animal\)/
const FROM_PIG_OR_WINE =
  /^(?:carmine|ci 75470|alcohol|alcohol denat\.|tallow|sodium tallowate)$|gelatin|collagen|keratin|elastin/
const STRONG_ACTIVE =
  /^retin|tretinoin|adapalene|^hydroxypinacolone|^salicylic acid$|hydroquinone|^(?:glycolic|mandelic|trichloroacetic) acid$|^benzoyl peroxide$/
const ESSENTIAL =
  /^(?:lavandula|citrus|mentha|melaleuca|rosmarinus|eucalyptus|cinnamomum|syzygium|thymus|salvia)\b.*\boil$/
const strongOrEssential = new RegExp(`${STRONG_ACTIVE.source}|${ESSENTIAL.source}`)
const MILD_WITHOUT = new RegExp(
  `^(?:parfum|aroma|alcohol|alcohol denat\\.|isopropyl alcohol|menthol)$|${strongOrEssential.source}`,
)
const FROM_A_DOCTOR = 'What a doctor or pharmacist said comes first, and your local rules.'

// prettier-ignore
export const GROUPS: readonly Group[] = [
  { id: 'vegan', label: 'vegan', words: ['vegan products', 'vegan only', 'plant based', 'plant-based', 'vegetarian', 'veggie', 'végétarien', 'végan', 'vegetarisch', 'no animal products', 'animal products', 'cruelty free', 'cruelty-free', 'tierversuchsfrei'],
    asks: 'Vegan: what comes from animals stays away as far as lists say. Ask whether brushes of animal hair and a house that tests on animals matter, too.', is: ANIMAL },
  { id: 'halal', label: 'halal', words: ['halal only', 'muslim', 'wudu', 'wudu friendly', 'kosher', 'koscher', 'casher'],
    asks: 'Halal or kosher: drinking alcohol, carmine and what comes from animals stay away as far as lists say. Ask what matters to them, and whether water must reach the skin.', is: FROM_PIG_OR_WINE },
  { id: 'natural', label: 'natural products only', words: ['natural only', 'natural', 'organic', 'organic only', 'bio', 'naturkosmetik', 'clean beauty', 'clean', 'chemicals', 'no chemicals', 'chemical free', 'non toxic', 'toxins'],
    asks: 'Natural or clean products only: no rule says what that is. Ask which ingredients they keep away from, and enter those.', is: null },
  { id: 'pregnancy', label: 'pregnancy', words: ['pregnant', 'breastfeeding', 'nursing', 'breast feeding', 'expecting', 'trying for a baby', 'schwanger', 'schwangerschaft', 'stillend', 'enceinte', 'grossesse', 'allaitement'],
    asks: `Pregnant or breastfeeding: retinoids, strong acids and essential oils stay away. Ask what they were told to keep from. ${FROM_A_DOCTOR}`, is: strongOrEssential },
  { id: 'medication', label: 'medication', words: ['medicine', 'medicines', 'meds', 'medicated', 'medikamente', 'médicaments', 'antibiotics', 'antibiotic', 'antibiotika', 'roaccutane', 'isotretinoin', 'accutane', 'acne medication', 'blood thinners', 'blood thinner', 'anticoagulants', 'warfarin', 'steroids', 'cortisone', 'steroid cream', 'cortison', 'chemotherapy', 'chemo', 'radiotherapy', 'cancer treatment', 'immunosuppressants', 'immune suppressed', 'prescription cream', 'tretinoin cream', 'antihistamines', 'eye drops', 'recent surgery', 'laser treatment', 'chemical peel', 'botox', 'fillers', 'transplant', 'dialysis', 'diabetes', 'diabetic', 'epilepsy', 'asthma', 'inhaler'],
    asks: `Medication, treatment or a condition: strong actives and essential oils stay away. Ask what the skin and the eyes may have on them today. ${FROM_A_DOCTOR}`, is: strongOrEssential },
  { id: 'mild', label: 'mild products only', words: ['mild products', 'mild only', 'gentle products', 'gentle products only', 'hypoallergenic', 'hypoallergenic only', 'unscented only'],
    asks: 'Mild products only: scent, drying alcohol and essential oils stay away. Ask what they took badly before.', is: MILD_WITHOUT },
  { id: 'skin-condition', label: 'a skin condition', words: ['eczema', 'atopic dermatitis', 'dermatitis', 'contact dermatitis', 'psoriasis', 'rosacea', 'urticaria', 'hives', 'neurodermitis', 'ekzem', 'eczéma', 'seborrhoeic dermatitis', 'perioral dermatitis', 'lupus', 'vitiligo', 'mast cell disease', 'mastocytosis', 'sensitive skin', 'very sensitive', 'sensitive', 'reactive skin', 'empfindliche haut', 'peau sensible', 'sensitive eyes', 'dry eyes', 'blepharitis', 'contact lenses', 'lenses'],
    asks: `A skin or eye condition was declared: scent, drying alcohol and essential oils stay away. Set it on the parts of the face where it is, and ask what it takes badly. ${FROM_A_DOCTOR}`,
    is: MILD_WITHOUT },
  { id: 'anaphylaxis', label: 'anaphylaxis', words: ['epipen', 'epi-pen', 'epi pen', 'adrenaline', 'anaphylactic', 'anaphylactic shock', 'allergic shock', 'notfallset', 'mcas'],
    asks: 'They carry an emergency pen: ask to what, enter that, and where the pen is today. Nothing goes on before.', is: /./, named: () => true },
]

/** Declared, and in nothing that goes on a face: said, and nothing stays away. */
// prettier-ignore
export const ELSEWHERE: readonly { label: string; words: readonly string[] }[] = [
  { label: 'in the air', words: ['pollen', 'hay fever', 'hayfever', 'grass', 'tree pollen', 'trees', 'dust', 'dust mites', 'house dust', 'mites', 'mould', 'mold', 'heuschnupfen', 'gräser', 'hausstaub', 'rhume des foins', 'acariens'] },
  { label: 'an animal', words: ['cats', 'cat', 'dogs', 'dog', 'pets', 'cat hair', 'dog hair', 'horses', 'horse', 'rabbits', 'katzen', 'hunde', 'chats', 'chiens'] },
  { label: 'a medicine that is swallowed or injected', words: ['penicillin', 'penicillins', 'amoxicillin', 'ibuprofen', 'codeine', 'morphine', 'sulfa drugs', 'sulpha drugs', 'sulfonamides', 'paracetamol', 'anaesthetic', 'local anaesthetic', 'lidocaine', 'contrast dye', 'penizillin', 'pénicilline', 'nsaids', 'nsaid'] },
  { label: 'a sting', words: ['wasp', 'wasps', 'wasp stings', 'bee sting', 'bee stings', 'bee venom', 'insect bites', 'mosquitoes', 'wespen', 'guêpes'] },
  { label: 'the weather', words: ['sun', 'sunlight', 'heat', 'cold', 'sweat', 'sonne', 'soleil', 'wind'] },
  { label: 'food that is in no product', words: ['meat', 'red meat', 'pork', 'beef', 'lamb', 'chicken', 'celery', 'mustard', 'lupin', 'onion', 'garlic', 'histamine', 'wine', 'red wine', 'beer', 'fructose', 'sugar'] },
]

/** Nothing was declared. */
export const NOTHING =
  /^(?:|-|–|\/|n\/?a|no|non|nil|none|nothing|none known|nothing known|no known allergies|no allergies|not that i know(?: of)?|not known|no known|nka|nkda|keine|nein|keine bekannt|nichts|aucune?|rien|non connue?s?|all fine|fine|ok)$/
