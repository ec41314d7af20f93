import type { Technique } from '../complexion/worn'
import type { KitItem, Texture } from '../product/item'
import type { PlanSettings } from '../plan/settings'
import type { SlotId } from '../plan/slots'
import { weight, type Finding } from './finding'

/** What an agency or a client prescribes for a place: a product, a range, or how it is laid on. */
export interface HouseRule {
  slot: SlotId
  itemId?: string | null
  /** Brand and range as one name. */
  range?: string | null
  technique?: Technique | null
  sentence: string
}

// Above every taste: an agency's word is outweighed only by a veto.
const HOUSE_WEIGHT = 5

/** What goes through a spray gun. */
const SPRAYABLE: readonly Texture[] = ['fluid', 'lotion', 'spray']

/** Whether a product, or a mix it is part of, keeps a rule. */
export function keepsHouseRule({ itemId, range, technique }: HouseRule, item: KitItem): boolean {
  if (itemId) return item.id === itemId || item.id.split('+').some(part => part.split('×')[1] === itemId)
  if (range) return item.range === range
  return technique !== 'sprayed' || SPRAYABLE.includes(item.texture)
}

/** What an agency's rule says for this product in this place. */
export const houseFindings = (settings: PlanSettings, slot: SlotId, item: KitItem): Finding[] =>
  settings.houseRules
    .filter(r => r.slot === slot && keepsHouseRule(r, item))
    .map(r => ({ rule: 'house-rule', ...weight(HOUSE_WEIGHT, r.sentence) }))

/** How the base is laid on in this house; null where nobody says. */
export const houseTechnique = ({ houseRules }: Pick<PlanSettings, 'houseRules'>): Technique | null =>
  houseRules.find(r => r.slot === 'foundation' && r.technique)?.technique ?? null
