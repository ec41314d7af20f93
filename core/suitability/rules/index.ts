import type { Finding, Rule, Weighing } from '../finding'
import type { PlanSettings } from '../../asked/settings'
import { bareFaced } from './bareFaced'
import { bodyAndCostume } from './body'
import { chart } from './chart'
import { child } from './child'
import { containerAndHygiene } from './container'
import { endurance } from './endurance'
import { extensions } from './extensions'
import { flashPhotographs, flashTest } from './flash'
import { freshnessAndLevel } from './freshness'
import { grooming } from './grooming'
import { harmony } from './harmony'
import { highDefinition } from './highDefinition'
import { history } from './history'
import { brokenSkin, chappedLips, safePlaces, stopInfection } from './hygiene'
import { improvised } from './improvised'
import { look } from './look'
import { mature } from './mature'
import { paleCast } from './paleCast'
import { baseAndPrep } from './prep'
import { scent } from './scent'
import { sensitivities } from './sensitivities'
import { showing } from './showing'
import { skinState } from './skinState'
import { skinTypeAndFinish } from './skinType'
import { tears } from './tears'
import { wishes } from './wishes'

/** Every rule, in the order in which its findings are listed. */
export const RULES: readonly Rule[] = [
  sensitivities,
  improvised,
  scent,
  history,
  stopInfection,
  brokenSkin,
  safePlaces,
  child,
  freshnessAndLevel,
  chappedLips,
  skinTypeAndFinish,
  skinState,
  wishes,
  bareFaced,
  mature,
  grooming,
  extensions,
  baseAndPrep,
  paleCast,
  chart,
  showing,
  harmony,
  flashTest,
  flashPhotographs,
  highDefinition,
  endurance,
  tears,
  bodyAndCostume,
  look,
  containerAndHygiene,
]

const factor = (rule: Rule, { ruleWeights }: PlanSettings) => ruleWeights[rule.id] ?? 1

/** Everything the rules say of one product in one place. A rule switched off still says what would do harm. */
export function findingsOn(weighing: Weighing, rules: readonly Rule[] = RULES): Finding[] {
  const findings: Finding[] = []
  // For each of ten thousand products all rules are asked, and most say nothing.
  for (const rule of rules) {
    const all = rule.weigh?.(weighing)
    if (!all?.length) continue
    const by = factor(rule, weighing.settings)
    for (const said of all) {
      const { effect } = said
      if (by === 0 && !(effect.is === 'veto' && effect.of === 'harm')) continue
      findings.push({
        rule: rule.id,
        ...said,
        effect: effect.is === 'weight' ? { is: 'weight', by: effect.by * by } : effect,
      })
    }
  }
  return findings
}
