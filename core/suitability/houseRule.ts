import { keepsHouseRule } from '../asked/houseRule'
import type { PlanSettings } from '../asked/settings'
import type { SlotId } from '../asked/slots'
import type { KitItem } from '../product/item'
import { weight, type Finding } from './finding'

// Above every taste: an agency's word is outweighed only by a veto.
const HOUSE_WEIGHT = 5

/** What an agency's rule says for this product in this place. */
export const houseFindings = (settings: PlanSettings, slot: SlotId, item: KitItem): Finding[] =>
  settings.houseRules
    .filter(r => r.slot === slot && keepsHouseRule(r, item))
    .map(r => ({ rule: 'house-rule', ...weight(HOUSE_WEIGHT, r.sentence) }))
