import type { PlanSettings } from '#core/plan/settings'
import { mixingFacts } from './kitPigments'
import type { Shelf } from './records/kit'
import type { Tests } from './records/plans'
import type { Settings } from './records/settings'

/** How this artist works as far as a plan depends on it, on the day of the job (ISO date). */
export function planSettings(settings: Settings, tests: Tests, apart: Shelf['apart'], day: string): PlanSettings {
  const { order, primer, powder, ruleWeights, houseRules } = settings
  return {
    day,
    order,
    ...mixingFacts(apart, tests.palette, settings),
    primer,
    powder,
    ruleWeights,
    houseRules,
    flashTests: tests.flash,
  }
}
