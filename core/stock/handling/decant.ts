import type { Family } from '../../complexion/bottles/product'
import type { Dispenser, Texture } from '../../product/item'
import type { OwnedKind } from '../things/kinds'
import type { Measure } from '../things/things'

/* What is decanted into small vessels, and what is better left in its own pack, with why. */

export interface ToDecant {
  kind: OwnedKind
  measure: Measure
  /** Null for tools and supplies. */
  dispenser: Dispenser | null
  texture: Texture | null
  family: Family | null
  spf: number | null
  /** International names; null where no list is on record. */
  ingredients: readonly string[] | null
  /** Strength by volume, of what has one. */
  percent: number | null
  /** Whether its last day is over. */
  isPast: boolean
}

export interface DecantAdvice {
  /** Why it cannot be; null where it can. */
  refused: string | null
  /** Why it is better not. */
  against: string[]
  /** All that speaks against it is a pack that is better than a vessel: where that is bulky, a vessel is better all the same. */
  whereBulky: boolean
  /** What to mind. */
  mind: string[]
}

const PACKS: Partial<Record<Dispenser, string>> = {
  airless: 'its pack keeps the air out, and a pot does not',
  pump: 'it pumps well and clean as it is: decant only what is too bulky to carry',
}
const KINDS: Partial<Record<OwnedKind, string>> = {
  'mascara': 'its tube keeps out what spoils it: take fresh wands instead',
  'liner': 'it dries in any other pack',
  'lash glue': 'it cures in air: take a small tube instead',
  'brow': 'it dries in any other pack',
  'sun protection': 'its sun protection is tested in the pack it comes in',
}
/** Actives that air and light spoil. */
const UNSTABLE =
  /^(l-)?ascorbic acid$|^retin(ol|al|aldehyde)$|^tretinoin$|^benzoyl peroxide$|^hydroquinone$|^tetrahexyldecyl ascorbate$/i
const DRIES: readonly Texture[] = ['gel', 'cream', 'balm']
/** What is taken out with a spatula; the rest is poured. */
const SCOOPED: readonly Texture[] = ['cream', 'balm', 'gel', 'loose powder', 'stick']
const SPF_FROM = 15
const FLAMMABLE_FROM = 30

/** What is scooped out of its tube and pressed into a palette by many who carry it. */
const MELTED: readonly OwnedKind[] = ['lip colour', 'blush', 'concealer', 'corrector', 'foundation', 'highlighter']
const REFUSED: Partial<Record<Dispenser, (of: ToDecant) => string>> = {
  aerosol: () => 'it is under pressure and stays in its can',
  pencil: () => 'it is a pencil',
  stick: ({ kind }) =>
    MELTED.includes(kind)
      ? 'it is a stick: cut a piece off into a palette, as a blend'
      : 'it is a stick, and stays one',
  pan: ({ texture }) =>
    texture === 'pressed powder'
      ? 'it is pressed: move the pan, or crush it as a blend'
      : 'it is in its pan: move that into another palette',
}

/** What speaks against decanting something, and what to mind where it is done. */
export function decantAdvice(of: ToDecant): DecantAdvice {
  const { kind, measure, dispenser, texture, family, spf, ingredients, percent, isPast } = of
  const liquid = measure === 'ml' || measure === 'g'
  const refused = !liquid ? 'it is counted, not poured' : ((dispenser && REFUSED[dispenser]?.(of)) ?? null)
  if (refused) return { refused, against: [], whereBulky: false, mind: [] }
  const unstable = (ingredients ?? []).filter(name => UNSTABLE.test(name))
  const burns = family === 'alcohol' || (percent ?? 0) >= FLAMMABLE_FROM
  const grave = [
    isPast ? 'it is past its last day: throw it away' : '',
    KINDS[kind] ?? '',
    kind !== 'sun protection' && (spf ?? 0) >= SPF_FROM ? 'its sun protection is tested in the pack it comes in' : '',
    unstable.length > 0 ? `air and light spoil ${unstable.join(' and ').toLowerCase()}` : '',
  ].filter(Boolean)
  const pack = KINDS[kind] ? '' : ((dispenser && PACKS[dispenser]) ?? '')
  return {
    refused: null,
    against: [...grave, ...(pack ? [pack] : [])],
    whereBulky: grave.length === 0 && dispenser === 'pump',
    mind: [
      `a clean, dry vessel, wiped with 70 % alcohol and let dry${texture && SCOOPED.includes(texture) ? '; a clean spatula, never the finger' : ''}`,
      dispenser === 'dropper' ? 'a vessel with a dropper: its recipes are counted in drops' : '',
      burns ? 'it burns: a vessel made for it, closed, away from flame, heat lamp and tongs' : '',
      texture && DRIES.includes(texture) ? 'fill it to the rim: what stands in air dries' : '',
      'its last day stays what it is in the first pack',
    ].filter(Boolean),
  }
}

/** Share of what is poured that stays on the walls of both vessels. */
const STAYS_BEHIND: Partial<Record<Texture, number>> = {
  'fluid': 0.02,
  'spray': 0.01,
  'lotion': 0.03,
  'gel': 0.04,
  'cream': 0.06,
  'balm': 0.08,
  'loose powder': 0.03,
}
/** How much of an amount is likely lost in decanting, in its measure; shown, not taken off. */
export const lostIn = (amount: number, texture: Texture | null): number =>
  amount * ((texture && STAYS_BEHIND[texture]) ?? 0.02)
