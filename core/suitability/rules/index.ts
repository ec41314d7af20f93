import type { Finding, Rule, Weighing } from '../finding'
import type { PlanSettings } from '../../asked/settings'
import { bareFaced } from './skin/bareFaced'
import { bodyAndCostume } from './skin/body'
import { chart } from './look/chart'
import { child } from './harm/child'
import { containerAndHygiene } from './wear/container'
import { endurance } from './wear/endurance'
import { extensions } from './harm/extensions'
import { flashPhotographs, flashTest } from './light/flash'
import { freshnessAndLevel } from './harm/freshness'
import { grooming } from './look/grooming'
import { harmony } from './look/harmony'
import { highDefinition } from './light/highDefinition'
import { history } from './harm/history'
import { brokenSkin, chappedLips, safePlaces, stopInfection } from './harm/hygiene'
import { improvised } from './wear/improvised'
import { look } from './look/look'
import { mature } from './skin/mature'
import { paleCast } from './light/paleCast'
import { baseAndPrep } from './skin/prep'
import { scent } from './harm/scent'
import { sensitivities } from './harm/sensitivities'
import { showing } from './light/showing'
import { skinState } from './skin/skinState'
import { skinTypeAndFinish } from './skin/skinType'
import { tears } from './wear/tears'
import { wishes } from './look/wishes'

/**
 * Every rule, in the order in which its findings are listed. The weights in them are starting values, ours, for an artist to change on
 * Methods: ½ settles a tie, 1 is a preference, 3 outweighs most of what else is found. The faces of tests/days hold them to what a good
 * artist would choose; what would do harm is a veto and has no weight.
 */
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
