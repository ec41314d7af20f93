import type { PlanSettings } from '#core/suitability/settings'
import type { Tests } from './records/plans'
import type { Settings } from './records/settings'

/** How this artist works as far as a plan depends on it, on the day of the job (ISO date). */
export function planSettings(settings: Settings, tests: Tests, day: string): PlanSettings {
  const { order, mixing, primer, powder, ruleWeights, houseRules } = settings
  return {
    day,
    order,
    mixing,
    primer,
    powder,
    ruleWeights,
    houseRules,
    paletteTests: tests.palette,
    flashTests: tests.flash,
  }
}
