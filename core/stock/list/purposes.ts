import { sortOfKind, type ThingKind } from '../things/kinds'
import type { Entry } from './vocabulary'
import type { Word } from './words'

/*
 * What a thing does and what it is like, in two words that no list of phrases holds together: "SPF lotion", "blurring fluid", "correcting
 * mousse", "gel fixant". What it does names the kind; a mist or a powder that does it may be another.
 */

// What a thing is like. By itself it says little.
const FORMS =
  /^(liquids?|fluids?|creams?|cremes?|lotions?|gels?|balms?|sticks?|pens?|milk|mousse|foam|oils?|serums?|drops|mists?|sprays?|powders?|puder|poudres?|emulsions?|essence|jelly|paste|butter|treatment|concentrate|wash|lait|huile|brume|gelee|baume|tropfen|stifte?|milch|schaum|ol|base|crayon|stylo|pads?|water|eau|wasser|formula|product)$/
const MISTS = /^(mists?|sprays?|brume|water|eau|wasser)$/
const POWDERS = /^(powders?|puder|poudres?)$/

interface Purpose {
  words: RegExp
  kind: ThingKind
  /** As a mist or spray. */
  mist?: ThingKind
  /** As a powder. */
  powder?: ThingKind
}

const PURPOSES: readonly Purpose[] = [
  { words: /^(spf|lsf|fps|ip|sun|sonnen|solaires?|uv)$/, kind: 'sun protection' },
  { words: /^(bronzing|bronze|bronzant|bronzierend|sunkissed|sun-kissed)/, kind: 'bronzer' },
  { words: /^(contouring|sculpting|shading|modelant|sculptant)/, kind: 'contour' },
  { words: /^(highlighting|enlumineur|illuminateur)/, kind: 'highlighter', mist: 'setting spray' },
  { words: /^(flush|blushing)$/, kind: 'blush' },
  {
    words:
      /^(illuminating|luminous|luminising|luminizing|radiance|strobing|eclat|illuminatrice|illuminant|glow|glowing)$/,
    kind: 'glow',
    mist: 'setting spray',
    powder: 'highlighter',
  },
  {
    words: /^(correcting|correction|neutralising|neutralizing|anti-redness|correctrice|korrigierend)/,
    kind: 'corrector',
  },
  { words: /^(concealing|covering|camouflaging|camouflage|abdeck|couvrant|couvrante)$/, kind: 'concealer' },
  {
    words: /^(setting|fixing|fixier|fixant|fixante|sealing|locking|finishing|long-lasting)$/,
    kind: 'setting spray',
    powder: 'powder',
  },
  {
    words:
      /^(priming|smoothing|blurring|gripping|mattifying|matifiant|matifiante|mattierend\p{L}*|lissant|lissante|pore|pores|anti-shine|anti-brillance|oil-control|perfecting)$/u,
    kind: 'primer',
    mist: 'toner',
    powder: 'powder',
  },
  {
    words: /^(removing|remover|demaquillant|demaquillante|abschmink|entferner|micellar|micellaire|mizellen)$/,
    kind: 'remover',
  },
  {
    words: /^(cleansing|exfoliating|purifying|reinigungs|reinigend\p{L}*|nettoyante?|exfoliante?|peeling)$/u,
    kind: 'cleanser',
  },
  { words: /^(toning|tonifiante?|tonisierend\p{L}*)$/u, kind: 'toner' },
  {
    words:
      /^(hydrating|moisturising|moisturizing|nourishing|soothing|calming|plumping|repair|repairing|barrier|hydratante?|nourrissante?|apaisante?|feuchtigkeits|beruhigend\p{L}*|pflegend\p{L}*)$/u,
    kind: 'moisturiser',
    mist: 'toner',
  },
  { words: /^(tinted|getont\p{L}*|teintee?s?)$/u, kind: 'foundation', powder: 'powder' },
  {
    words: /^(disinfecting|sanitising|sanitizing|desinfektions|desinfizierend\p{L}*|desinfectante?)$/u,
    kind: 'alcohol',
  },
]

/** The kind that is named by what a thing does and is like; null where a line does not say both. */
export function byPurpose(words: readonly Word[]): Entry | null {
  const backwards = [...words].reverse()
  const form = backwards.find(w => FORMS.test(w.text))
  if (!form) return null
  for (const word of backwards) {
    const purpose = word === form ? undefined : PURPOSES.find(p => p.words.test(word.text))
    if (!purpose) continue
    const is = MISTS.test(form.text) ? purpose.mist : POWDERS.test(form.text) ? purpose.powder : undefined
    const kind = is ?? purpose.kind
    return { kind, sort: sortOfKind(kind), phrase: [word.text, form.text] }
  }
  return null
}
