import { mayMix, pairKey, separationRisk } from './mixable'
import { FAMILIES, type Family } from './product'

const of = (family: Family, range?: string) => ({ family, range })

describe('whether two products may share a recipe', () => {
  it('the table is the same both ways, and an unknown family is high', () => {
    for (const x of FAMILIES) {
      for (const y of FAMILIES) expect(separationRisk(x, y)).toBe(separationRisk(y, x))
      expect(separationRisk('unknown', x)).toBe('high')
    }
  })
  it('strictly: no risk at all, and unknown only within one range', () => {
    expect(mayMix(of('silicone'), of('hydrocarbon'))).toBe(true)
    expect(mayMix(of('silicone'), of('oil'))).toBe(false)
    expect(mayMix(of('unknown', 'Quay'), of('silicone', 'Quay'))).toBe(true)
    expect(mayMix(of('unknown', 'Quay'), of('silicone', 'Reed'))).toBe(false)
    expect(mayMix(of('unknown', ''), of('unknown', ''))).toBe(false)
  })
  it('practically: some risk too, never a high one', () => {
    expect(mayMix(of('silicone'), of('oil'), { someRisk: true })).toBe(true)
    expect(mayMix(of('silicone'), of('water'), { someRisk: true })).toBe(false)
  })
  it('in a kit a range mixes with itself until it is told apart', () => {
    expect(mayMix(of('silicone', 'Quay'), of('water', 'Quay'), { rangesMix: true })).toBe(true)
    expect(mayMix(of('silicone', 'Quay'), of('silicone', 'Quay'), { rangesMix: true, apart: new Set(['Quay']) })).toBe(
      false,
    )
  })
  it('what the palette showed decides over everything', () => {
    const tried = new Map([
      [pairKey('Reed', 'Quay'), true],
      [pairKey('Quay', 'Quay'), false],
    ])
    expect(mayMix(of('silicone', 'Quay'), of('water', 'Reed'), { tried })).toBe(true)
    expect(mayMix(of('silicone', 'Quay'), of('silicone', 'Quay'), { tried, rangesMix: true })).toBe(false)
    expect(pairKey('a', 'b')).toBe(pairKey('b', 'a'))
  })
})
