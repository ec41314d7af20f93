import { DROP_ML, FACE_ML } from '#core/stock/things/amount'
import { DEFAULT_OPTIONS } from '#core/complexion/mixing/recipe'
import { METHOD_ORDERS, TONERS, USUAL_SETTINGS, type MethodOrder, type PlanSettings } from '#core/asked/settings'
import { SHOWING } from '#core/asked/showing'
import { SLOT_IDS, type SlotId } from '#core/asked/slots'
import { TECHNIQUES, type Technique } from '#core/complexion/mixing/worn'
import type { HouseRule } from '#core/asked/houseRule'
import * as is from '../../checks/rules'

const MIXING = ['strict', 'practical'] as const
const PRIMER = ['always', 'only with a reason'] as const
const POWDER = ['by zone', 'all over', 'blot only'] as const

export const THEMES = ['day', 'wings'] as const
export type Theme = (typeof THEMES)[number]

const TECHNIQUE_NAMES = Object.keys(TECHNIQUES) as Technique[]

/** An agency's rule: this place of the plan is done with this product or range, or laid on like this. */
export class HouseRuleInput implements HouseRule {
  @is.OneOf(SLOT_IDS) slot!: SlotId
  @is.Maybe() @is.Id() itemId?: string | null
  @is.Maybe() @is.Name(130) range?: string | null
  @is.Maybe() @is.OneOf(TECHNIQUE_NAMES) technique?: Technique | null
  @is.Satisfies(
    'oneOfThree',
    (_sentence, owner) => {
      const { itemId, range, technique } = owner as HouseRuleInput
      return [itemId, range, technique].filter(Boolean).length === 1
    },
    'must stand with one of: itemId, range, technique',
  )
  @is.Name(120)
  sentence!: string
}

/** How this artist works. */
export class Settings {
  @is.Between(0.5, 6, 'ΔE00') tolerance: number = DEFAULT_OPTIONS.tolerance
  @is.Whole(1, 4) maxProducts: number = DEFAULT_OPTIONS.maxProducts
  @is.Whole(1, 12) maxDrops: number = DEFAULT_OPTIONS.maxDrops
  @is.Between(0.005, 0.5, 'ml') dropMl: number = DROP_ML
  @is.Between(0.1, 5, 'ml') faceMlSheer: number = FACE_ML.sheer
  @is.Between(0.1, 5, 'ml') faceMlLight: number = FACE_ML.light
  @is.Between(0.1, 5, 'ml') faceMlMedium: number = FACE_ML.medium
  @is.Between(0.1, 5, 'ml') faceMlFull: number = FACE_ML.full
  /** What the next purchase may cost; nothing until the artist says it. */
  @is.Maybe() @is.Minor() budgetMinor: number | null = null
  /** What an hour of the artist is worth and what a kilometre costs, once she says it; what is put on top, and how many faces a tool lasts. */
  @is.Maybe() @is.Minor() hourMinor: number | null = null
  @is.Maybe() @is.Minor() kmMinor: number | null = null
  @is.Between(0, 300, '%') marginPercent: number = 0
  @is.Whole(1, 100_000) toolFaces: number = 300
  @is.Text(0, 3) currency: string = ''
  @is.OneOf(THEMES) theme: Theme = 'day'
  @is.OneOf(METHOD_ORDERS) order: MethodOrder = USUAL_SETTINGS.order
  @is.OneOf(MIXING) mixing: PlanSettings['mixing'] = USUAL_SETTINGS.mixing
  @is.OneOf(PRIMER) primer: PlanSettings['primer'] = USUAL_SETTINGS.primer
  @is.OneOf(TONERS) toner: PlanSettings['toner'] = USUAL_SETTINGS.toner
  @is.OneOf(POWDER) powder: PlanSettings['powder'] = USUAL_SETTINGS.powder
  /** From which ΔE a colour shows at all, shows clearly, and strongly; how far a highlight may lift; from which chroma it is vivid. */
  @is.Between(0.5, 10, 'ΔE00') showsFrom: number = SHOWING.vanishes
  @is.Between(2, 20, 'ΔE00') clearFrom: number = SHOWING.clear
  @is.Between(5, 40, 'ΔE00') strongFrom: number = SHOWING.strong
  @is.Between(5, 40, 'L*') chalkyFrom: number = SHOWING.chalky
  @is.Between(20, 100, 'C*') vividFrom: number = SHOWING.vivid
  /** Per rule: 0 switches it off, 1 is as it comes, up to 3 times as heavy. */
  @is.Named(
    100,
    (_rule, weight) => typeof weight === 'number' && weight >= 0 && weight <= 3,
    'must set rules to numbers from 0 to 3',
  )
  ruleWeights: Record<string, number> = {}
  @is.Many(() => HouseRuleInput, 30) houseRules: HouseRuleInput[] = []
  @is.MadeFrom() version?: number
}
