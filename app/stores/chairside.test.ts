import { nextTick } from 'vue'
import { device, visit } from '../../tests/support/device'
import { useChairside } from './chairside'

const kept = device()
/** The page is opened again on the same device. */
function again() {
  visit()
  return useChairside()
}

describe('at the chair', () => {
  it('the device remembers large type, a half-asked walk-up and what lies on whom', async () => {
    const chair = useChairside()
    chair.on = true
    chair.walkUp.sensitivities.push('lanolin')
    chair.mark('ines', 'primer', true)
    chair.mark('ines', 'foundation', true)
    chair.mark('ines', 'primer', false)
    await nextTick()
    const later = again()
    expect(later.on).toBe(true)
    expect(later.walkUp.sensitivities).toEqual(['lanolin'])
    expect([
      later.isDone('ines', 'foundation'),
      later.isDone('ines', 'primer'),
      later.isDone('piet', 'foundation'),
    ]).toEqual([true, false, false])
  })

  it('begins anew for the next person, and a face from its bare skin', async () => {
    const chair = useChairside()
    chair.walkUp.name = 'Ines'
    chair.mark('ines', 'primer', true)
    chair.nextPerson()
    chair.startOver('ines')
    expect(chair.walkUp.name).toBe('')
    expect(chair.isDone('ines', 'primer')).toBe(false)
  })

  it('a broken memory is no reason not to open', () => {
    kept.set('varietas.chairside', '{not json')
    expect(again().on).toBe(false)
  })
})
