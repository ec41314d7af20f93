import { item } from '../../tests/support/suitability'
import { isScrub } from './item'

describe('a lip scrub', () => {
  it('is known by its name or by its grains, and not by what nobody said', () => {
    for (const said of [
      { name: 'Sugar lip scrub' },
      { name: 'Lippenpeeling' },
      { name: 'Gommage lèvres' },
      { name: 'Pot of grains', texture: 'other', ingredients: ['Squalane', 'Sucrose'] },
      { name: 'Pot of shells', texture: 'other', ingredients: ['Juglans Regia Shell Powder'] },
    ] as const)
      expect([said.name, isScrub(item('lip care', said))]).toEqual([said.name, true])
    for (const said of [
      { name: 'Lip care', texture: 'other', ingredients: null },
      { name: 'Night balm', texture: 'balm', ingredients: ['Sucrose Acetate Isobutyrate'] },
      { name: 'Lip mask', texture: 'other', ingredients: ['Glycerin'] },
    ] as const)
      expect([said.name, isScrub(item('lip care', said))]).toEqual([said.name, false])
    expect(isScrub(item('cleanser', { name: 'Face scrub' }))).toBe(false)
  })
})
