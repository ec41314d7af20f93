import { keepsHouseRule } from '../../asked/houseRule'
import { slotPlan } from '../../asked/slots'
import { need, needed, type NeedsOf } from './need'

/** How the artist works on any face. */
export const fromMethod: NeedsOf = ({ face, scope, settings }) => {
  const child = face.ageBand === 'child'
  return needed(
    [scope.prep && !child && settings.toner === 'always', need('method', 'method', 'tone', 'you always tone')],
    [
      scope.base === 'all over' && !child && settings.primer === 'always',
      need('method', 'wishes', 'primer', 'you always prime'),
    ],
    [
      scope.base === 'all over' && !child && settings.powder === 'all over',
      need('method', 'wishes', 'powder', 'you powder all over'),
    ],
  )
}

/** A place an agency names is there, where the programme touches that part of somebody. */
export const fromHouse: NeedsOf = ({ scope, settings }) => {
  const touched = {
    skin: scope.base !== 'none' || scope.prep,
    eyes: scope.eyes,
    brows: scope.brows,
    lashes: scope.eyes,
    lips: scope.lips,
    body: scope.body,
  }
  return settings.houseRules.flatMap(rule => {
    const { ground, id } = slotPlan(rule.slot)
    return touched[ground]
      ? [need('house rule', 'house-rule', id, rule.sentence, { met: item => keepsHouseRule(rule, item) })]
      : []
  })
}
