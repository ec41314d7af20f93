import { shade } from '../../../tests/support/kits'
import { doubles } from './doubles'

const ids = (groups: ReturnType<typeof doubles>) => groups.map(g => g.map(p => p.id))

describe('doubles', () => {
  it('groups bottles of nearly one colour', () => {
    expect(ids(doubles([shade(2), shade(4.5), shade(4.6), shade(9), shade(4.4)]))).toEqual([['s4.5', 's4.6', 's4.4']])
  })
  it('keeps apart what does not mix, and what is really another colour', () => {
    expect(doubles([shade(4), shade(4, { id: 'wet', family: 'water' })])).toEqual([])
    expect(doubles([shade(4), shade(5)])).toEqual([])
  })
  it('every pair of a group is close: a chain is not one group', () => {
    expect(ids(doubles([shade(4), shade(4.4), shade(4.8)]))).toEqual([['s4', 's4.4']])
  })
})
