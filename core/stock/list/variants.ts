import { plain } from './words'

/* Words by which one thing of a range differs from the next: how deep it is, or which colour. */

// prettier-ignore
const DEPTHS =
  /^(fairest|fair|porcelain|ivory|alabaster|lightest|light|medium|mid|tan|tanned|deep|deepest|dark|darkest|rich|ebony|hell|mittel|dunkel|sehr|very|extra|ultra|clair|claire|moyen|moyenne|fonce|foncee|tres|pale|lighter|darker|deeper|mittelhell|mitteldunkel)$/
const UNDERTONES =
  /^(neutral|golden|gold|warm|cool|rosy|pink|olive|beige|yellow|neutre|dore|olivton|kuhl|rose|rosa|gelb)$/
// prettier-ignore
const COLOURS =
  /^(black|noir|noire|schwarz|brown|braun|brun|brune|marron|blonde?|auburn|ash|white|weiss|blanc|blanche|grey|gray|grau|gris|grise|silver|silber|argent|gold|golden|bronze|copper|kupfer|cuivre|champagne|champagner|nude|nudes|red|reds|rot|rouge|pink|pinks|rosa|rose|roses|coral|korall\w*|corail|peach|pfirsich|peche|apricot|orange|terracotta|brick|rust|berry|berries|beere|plum|plums|pflaume|prune|mauve|wine|burgundy|bordeaux|oxblood|purple|violet|lila|lilac|lavender|blue|blau|bleu|bleue|navy|green|grun|vert|verte|olive|yellow|gelb|jaune|banana|taupe|greige|charcoal|slate|ivory|cream|vanilla|bone|beige|toffee|caramel|karamell|cocoa|mocha|espresso|chocolate|cinnamon|sand|fawn|bare|clear|klar|transparent|translucent|fuchsia|magenta|scarlet|crimson|cherry|kirsche|cerise|raspberry|himbeere|framboise|turquoise|teal|moss|ink|sienna|tawny|neutral|honey|honig|miel|shell|petal|cranberry|maroon|aubergine|emerald|khaki|tomato|raisin|fig|feige|figue|walnut|hazel|chestnut|ebony|graphite|pewter|rosewood)$/
const MODIFIERS =
  /^(light|dark|deep|soft|pale|bright|hot|true|cool|warm|medium|mid|dusty|dusky|very|hell|dunkel|hellbraun|dunkelbraun|hellrosa|dunkelrot|knallrot|clair|claire|fonce|foncee|vif|vive|classic|cold|burnt|baby|old|blue|brown|pink|red|rose|golden|peachy|rosy|orangey|bluish|brownish|one|a|the|in|and)$/
const COMPOUND =
  /^(hell|dunkel|mittel|knall|tief|alt|feuer|wein|ziegel|kirsch|nuss|gold|grau)(braun|rot|rosa|blau|grun|grau|blond|beige|orange|lila)$/

// prettier-ignore
const LENGTHS = /^(short|shorter|medium|mid|long|longer|extra|kurz|mittel|lang|court|courte|moyen|long|longue|small|large|big|mini|s|m|l|xl|klein|gross|petit|petite|grand|grande|thin|thick|fine|broad)$/

export type Differ = 'depth' | 'colour' | 'length'

/** "(nude, red)" and "light": words that only tell one of a range from the next; null for anything else. */
export function differsBy(text: string): Differ | null {
  const words = plain(text).match(/[\p{L}'-]+/gu) ?? []
  const parts = words.flatMap(w => w.split('-')).filter(w => w !== '')
  if (parts.length === 0 || parts.length > 4 || /\d/.test(text)) return null
  const hasDepth = parts.some(w => DEPTHS.test(w))
  if (hasDepth && parts.every(w => DEPTHS.test(w) || UNDERTONES.test(w))) return 'depth'
  if (parts.every(w => LENGTHS.test(w))) return 'length'
  const isColour = (w: string) => COLOURS.test(w) || COMPOUND.test(w)
  return parts.some(isColour) && parts.every(w => isColour(w) || MODIFIERS.test(w)) ? 'colour' : null
}

/** A word that may be part of such a name. */
export const isVariantWord = (word: string): boolean =>
  DEPTHS.test(word) || UNDERTONES.test(word) || COLOURS.test(word) || MODIFIERS.test(word) || COMPOUND.test(word)
