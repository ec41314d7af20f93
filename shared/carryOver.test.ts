import { Consultation } from './records/method/consultation'
import { carryOver } from './carryOver'

const answers = (part: Partial<Consultation>): Consultation => Object.assign(new Consultation(), part)

describe('answers that are not kept yet', () => {
  const before = answers({ noScent: false, normallyWears: 'nothing' })

  it('stay when something else of the record changes', () => {
    const mine = answers({ ...before, noScent: true, sensitivities: ['lanolin'] })
    const now = answers({ ...before, tanOn: true })
    expect(carryOver(mine, before, now)).toEqual(answers({ ...mine, tanOn: true }))
  })
  it('give way where the same field was changed elsewhere', () => {
    const mine = answers({ ...before, normallyWears: 'mascara', noScent: true })
    const now = answers({ ...before, normallyWears: 'a red lip' })
    expect(carryOver(mine, before, now)).toEqual(answers({ normallyWears: 'a red lip', noScent: true }))
  })
  it('are the record once they are kept', () => {
    const mine = answers({ ...before, mildOnly: true })
    expect(carryOver(mine, before, { ...mine })).toEqual(mine)
  })
})
