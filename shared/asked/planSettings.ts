import type { PlanSettings } from '#core/asked/settings'
import { mixingFacts } from './kitPigments'
import type { Shelf } from '../records/kit/kit'
import type { Tests } from '../records/people/plans'
import type { Settings } from '../records/method/settings'

/** How this artist works as far as a plan depends on it, on the day of the job (ISO date). */
export function planSettings(settings: Settings, tests: Tests, apart: Shelf['apart'], day: string): PlanSettings {
  const { order, primer, powder, toner, ruleWeights, houseRules } = settings
  const { showsFrom, clearFrom, strongFrom, chalkyFrom, vividFrom } = settings
  return {
    day,
    order,
    ...mixingFacts(apart, tests.palette, settings),
    primer,
    powder,
    toner,
    showing: {
      vanishes: showsFrom,
      clear: clearFrom,
      strong: strongFrom,
      chalky: chalkyFrom,
      vivid: vividFrom,
    },
    ruleWeights,
    houseRules,
    flashTests: tests.flash,
  }
}
