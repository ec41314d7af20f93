import type { Technique } from '../complexion/mixing/worn'
import type { KitItem, Texture } from '../product/item'
import type { SlotId } from './slots'

/** What an agency or a client prescribes for a place: a product, a range, or how it is laid on. */
export interface HouseRule {
  slot: SlotId
  itemId?: string | null
  /** Brand and range as one name. */
  range?: string | null
  technique?: Technique | null
  sentence: string
}

/** What goes through a spray gun. */
const SPRAYABLE: readonly Texture[] = ['fluid', 'lotion', 'spray']

/** Whether a product, or a mix it is part of, keeps a rule. */
export function keepsHouseRule({ itemId, range, technique }: HouseRule, item: KitItem): boolean {
  if (itemId) return item.id === itemId || item.id.split('+').some(part => part.split('×')[1] === itemId)
  if (range) return item.range === range
  return technique !== 'sprayed' || SPRAYABLE.includes(item.texture)
}

/** How the base is laid on in this house; null where nobody says. */
export const houseTechnique = ({ houseRules }: { houseRules: readonly HouseRule[] }): Technique | null =>
  houseRules.find(r => r.slot === 'foundation' && r.technique)?.technique ?? null
