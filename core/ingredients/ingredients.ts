import type { Family } from '../complexion/bottles/product'
import { FLAGS, type IngredientFlag } from './flags'
import { parseInci, type InciList } from './inci'
import { ESSENTIAL_OIL, FRAGRANCE_ALLERGENS, SUBSTANCES } from './substances'

export interface Flag {
  flag: IngredientFlag
  because: string[]
}

/** What an ingredient list says of a product: "read from the list you gave; check the pack". */
export interface IngredientReading {
  family: Family
  ingredients: string[]
  mayContain: string[]
  flags: Flag[]
  spf: number | null
}

const SILICONE = /methicone|siloxan|siloxy|methiconol|silsesquioxane|silicone/
const VOLATILE_HYDROCARBON =
  /^(?:isododecane|isohexadecane|undecane|tridecane|dodecane|c\d+-\d+ (?:alkane|isoparaffin)s?)$/
const ALCOHOL = /^(?:alcohol|alcohol denat\.)$/
const POWDER =
  /^(?:talc|mica|silica|kaolin|nylon-\d+|.*\bstarch(?: octenylsuccinate)?|synthetic fluorphlogopite|boron nitride)$/
const OIL_OR_WAX =
  /\b(?:oil|butter|wax|cera|cire|triglycerides?)\b|^cera |^(?:isopropyl|ethylhexyl|octyldodecyl|cetyl|isononyl|isostearyl|diisostearyl|tridecyl|pentaerythrityl|cetearyl|neopentyl glycol|polyglyceryl-\d+|bis-diglyceryl) \w+(?:ate|adipate-2)\b|(?:palmitate|stearate|myristate|benzoate|malate|isononanoate|trimellitate|caprylate|carbonate|ether|ethylhexanoate|triisostearin)$|^(?:petrolatum|paraffinum liquidum|paraffin|ozokerite|ceresin|squalane|squalene|lanolin|lanolin alcohol|octyldodecanol|polybutene|polyethylene|synthetic wax|jojoba esters|tocopherol|oleic acid)$|polyisobutene$|polydecene$/

/**
 * Base family from the order of the list.
 * @returns `unknown` where the list does not decide: ask the artist
 */
export function familyOf(ingredients: readonly string[]): Family {
  const at = (i: number) => ingredients[i] ?? ''
  if (ingredients.length === 0) return 'unknown'
  const waterFirst = at(0) === 'aqua'
  const silicones = ingredients.slice(0, 5).flatMap((name, i) => (SILICONE.test(name) ? [i] : []))
  if (silicones[0] === 0 || (waterFirst && (silicones[0] ?? 9) <= 2)) return 'silicone'
  if (ALCOHOL.test(at(0)) || ALCOHOL.test(at(1))) return 'alcohol'
  if (waterFirst && silicones.length === 0) return 'water'
  if (VOLATILE_HYDROCARBON.test(at(0))) return 'hydrocarbon'
  if (POWDER.test(at(0))) return 'powder'
  if (!ingredients.slice(0, 3).includes('aqua') && OIL_OR_WAX.test(at(0))) return 'oil'
  return 'unknown'
}

const MINERAL_FILTER = /^(?:titanium dioxide|zinc oxide)$/
const SILICA = /^silica$|^silica (?:silylate|dimethyl silylate)$/
const PRONE =
  /^(?:isopropyl (?:myristate|palmitate|isostearate)|cocos nucifera oil|theobroma cacao seed butter|triticum vulgare germ oil|ethylhexyl palmitate|linum usitatissimum seed oil|octyl stearate|oleic acid|myristyl myristate)$/
// Silica this early in a powder makes up much of it.
const SILICA_WITHIN = 3

const substance = (id: string) => SUBSTANCES.find(s => s.id === id)!.is

function flagsOf({ ingredients, mayContain, declaredFilters, spf }: InciList, family: Family): Flag[] {
  const all = [...ingredients, ...mayContain]
  const those = (is: RegExp, list = all) => [...new Set(list.filter(name => is.test(name)))]
  // As a colourant, after "may contain" or undeclared in a list without a sun factor, it filters nothing.
  const filters = those(
    MINERAL_FILTER,
    spf !== null ? ingredients : ingredients.filter(n => declaredFilters.includes(n)),
  )
  const found: Record<IngredientFlag, string[]> = {
    'mineral filter': filters,
    'silica-rich powder': family === 'powder' ? those(SILICA, ingredients.slice(0, SILICA_WITHIN)) : [],
    'fragrance': those(/^(?:parfum|aroma)$/),
    'fragrance allergen': those(FRAGRANCE_ALLERGENS),
    'essential oil': those(ESSENTIAL_OIL),
    'latex': those(substance('latex')),
    'lanolin': those(substance('lanolin')),
    'nut oil': those(substance('nuts')),
    'seed oil': those(substance('seed-oils')),
    'wheat or gluten': those(substance('wheat')),
    'carmine': those(substance('carmine')),
    'beeswax': those(/^cera alba$|propolis/),
    'nickel-bearing': those(substance('nickel')),
    'drying alcohol': those(substance('alcohol')),
    'comedogenic-prone oil': those(PRONE),
  }
  return FLAGS.flatMap(flag => (found[flag].length > 0 ? [{ flag, because: found[flag] }] : []))
}

/**
 * Reads an ingredient list: its base family and what to look out for, each with the ingredient that raised it.
 * @example readIngredients('Aqua, Dimethicone, Parfum').family // 'silicone'
 */
export function readIngredients(text: string): IngredientReading {
  const list = parseInci(text)
  const family = familyOf(list.ingredients)
  return {
    family,
    ingredients: list.ingredients,
    mayContain: list.mayContain,
    flags: flagsOf(list, family),
    spf: list.spf,
  }
}
