import { SUBSTANCES } from '../../ingredients/substances'
import { ITEM_KINDS } from '../../product/item'
import { item } from '../../../tests/support/suitability'
import { by, HARM, weigh, type Case, type RuleCase } from '../../../tests/support/ruleCases/case'
import { COLOUR } from '../../../tests/support/ruleCases/colour'
import { DAY } from '../../../tests/support/ruleCases/day'
import { PACK } from '../../../tests/support/ruleCases/pack'
import { PERSON } from '../../../tests/support/ruleCases/person'
import { PHOTOGRAPHS } from '../../../tests/support/ruleCases/photographs'
import { SKIN } from '../../../tests/support/ruleCases/skin'
import { findingsOn, RULES } from './index'

const CASES: readonly RuleCase[] = [...SKIN, ...PHOTOGRAPHS, ...DAY, ...PERSON, ...PACK, ...COLOUR]

const findings = (c: Case, rule: string, sentence: RegExp) =>
  findingsOn(weigh(c)).filter(f => f.rule === rule && sentence.test(f.sentence))

it('what usually holds a substance is a kind of product', () =>
  expect(
    SUBSTANCES.flatMap(s => s.usuallyIn ?? []).filter(k => !(ITEM_KINDS as readonly string[]).includes(k)),
  ).toEqual([]))

describe('each finding appears where it must, with its sentence, and not where it must not', () => {
  it.each(CASES)('%s %j %s', (rule, effect, sentence, fires, silent) => {
    const found = findings(fires, rule, sentence)
    expect(found).toHaveLength(1)
    expect(found[0]!.effect).toEqual(effect)
    expect(findings(silent, rule, sentence)).toEqual([])
  })

  it('every rule that weighs has a case', () => {
    const tried = new Set(CASES.map(c => c[0]))
    expect(RULES.filter(r => r.weigh && !tried.has(r.id)).map(r => r.id)).toEqual([])
  })

  it.each(RULES.map(r => [r.id, r] as const))('%s switched off weighs nothing, but keeps its vetoes of harm', id => {
    for (const [rule, , , fires] of CASES.filter(c => c[0] === id)) {
      const of = (settings: Case['settings']) => findingsOn(weigh({ ...fires, settings })).filter(f => f.rule === rule)
      const harm = of(fires.settings).filter(f => JSON.stringify(f.effect) === JSON.stringify(HARM))
      expect(of({ ...fires.settings, ruleWeights: { [rule]: 0 } })).toEqual(harm)
    }
  })
  it('and there are such vetoes to keep', () =>
    expect(CASES.filter(c => JSON.stringify(c[1]) === JSON.stringify(HARM)).length).toBeGreaterThanOrEqual(9))

  it('a doubled rule weighs double', () => {
    const [found] = findingsOn(
      weigh({
        item: item('foundation', { finish: 'dewy' }),
        face: { skinType: 'oily' },
        settings: { ruleWeights: { 'skin-type-finish': 2 } },
      }),
    ).filter(f => f.rule === 'skin-type-finish')
    expect(found!.effect).toEqual(by(-4))
  })
})
