import { buy } from '#core/buy/buy'
import { match } from '#core/complexion/match'
import { packPigments } from '#core/complexion/bottles/pigments'
import { everyone } from '#core/complexion/skins/population'
import { reach } from '#core/complexion/reach'
import { shade } from '../../tests/support/kits'
import { check } from '../checks/validate'
import { readPasted } from '#core/stock/table/pasted'
import { BuyAnswerDto, ListAnswer, MatchAnswer, ReachAnswer } from './answers'

const kit = [shade(3), shade(8)]
const issues = (dto: Parameters<typeof check>[0], value: unknown) => {
  const result = check(dto, value)
  return result.ok ? [] : result.issues
}

describe('real answers keep to the published schemas', () => {
  it('match', () => expect(issues(MatchAnswer, { complete: true, recipes: match(shade(5).lab, kit) })).toEqual([]))
  it('reach, with and without anything to mix', () => {
    expect(issues(ReachAnswer, reach(packPigments(kit), everyone()))).toEqual([])
    expect(issues(ReachAnswer, reach(packPigments([]), everyone()))).toEqual([])
  })
  it('buy', () =>
    expect(
      issues(
        BuyAnswerDto,
        buy({
          owned: kit,
          offers: [{ id: 'o', product: shade(11), price: 30 }],
          population: everyone(),
          budget: 50,
        }),
      ),
    ).toEqual([]))
  it('a list, whatever stands in it', () => {
    const lines = [
      '3x brush',
      'foundation medium golden 30 ml, 3/4, opened March',
      '??',
      '',
      '12-pan eyeshadow palette',
      'LIPS',
      'liner nude, red; super glue £2.00; balm SPF 15 exp 11/27',
      'foundation N10–N60 waterproof',
      'total 12',
      '0 ml',
    ]
    expect(issues(ListAnswer, readPasted(lines, '2026-11-27'))).toEqual([])
  })
  it('and the schemas notice what is wrong', () => {
    expect(
      issues(MatchAnswer, {
        complete: true,
        recipes: [{ drops: [], lab: shade(5).lab, deltaE: -1, verdict: 'fine' }],
      }).map(i => i.path),
    ).toEqual(['recipes[0].drops', 'recipes[0].deltaE', 'recipes[0].verdict'])
  })
})
