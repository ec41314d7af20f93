import { SLOTS } from '#core/asked/slots'
import { isMixed } from '#shared/asked/kitPigments'
import { SIMULATED_OFFERS, SIMULATED_SUPPLIERS } from './simulatedSuppliers'

describe('the simulated suppliers', () => {
  it('are four and named as simulated; their 160 offers each have an id of their own', () => {
    expect(SIMULATED_SUPPLIERS.every(s => s.name.includes('(simulated)'))).toBe(true)
    expect(SIMULATED_SUPPLIERS).toHaveLength(4)
    expect(SIMULATED_OFFERS).toHaveLength(160)
    expect(new Set(SIMULATED_OFFERS.map(o => o.id)).size).toBe(160)
    const known = new Set(SIMULATED_SUPPLIERS.map(s => s.id))
    expect(SIMULATED_OFFERS.every(o => known.has(o.supplierId))).toBe(true)
  })

  it('sell something for every place of a plan, and everything without lanolin', () => {
    for (const { id, kinds } of SLOTS)
      expect([id, SIMULATED_OFFERS.some(o => kinds.includes(o.kind) && !/lanolin/i.test(o.inci))]).toEqual([id, true])
  })

  it('give a list with all that is not mixed into a base, lashes apart, and its base is read from it', () => {
    const others = SIMULATED_OFFERS.filter(o => !isMixed(o) && o.kind !== 'concealer' && o.kind !== 'lashes')
    expect(others.filter(o => o.inci === '')).toEqual([])
    expect(others.filter(o => o.family === 'unknown').map(o => o.shade)).toEqual([])
  })
})
