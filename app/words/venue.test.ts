import { USUAL_VENUE } from '#core/bag/venue'
import { mindedInWords, venueInWords } from './venue'

const NOTHING = { stairs: null, charge: [], noWater: false, noTable: false }

describe('where a job is, in words', () => {
  it('says what is out of the ordinary alone', () => {
    expect(venueInWords(USUAL_VENUE)).toBe('')
    expect(venueInWords({ stairs: 1, power: false, water: true, table: true })).toBe(
      'no power, 1 flight of stairs, no lift',
    )
    expect(venueInWords({ stairs: 4, power: true, water: false, table: false })).toBe(
      'no running water, no table, 4 flights of stairs, no lift',
    )
  })
  it('says what is minded, and of how many', () => {
    expect(mindedInWords(NOTHING)).toEqual([])
    const stairs = { flights: 2, massG: 11_000, goes: 1, minutes: 3, tooHeavy: [] }
    expect(mindedInWords({ ...NOTHING, stairs })).toEqual([
      '11.0 kg go up 2 flights of stairs in one go: about 3 min before the set-up, and again after.',
    ])
    const [, heavy] = mindedInWords({ ...NOTHING, stairs: { ...stairs, tooHeavy: [{ name: 'Case', massG: 14_000 }] } })
    expect(heavy).toMatch(/^Case with 14\.0 kg is more than the 12\.0 kg .* Local rules for lifting go before this\.$/)
    expect(mindedInWords({ ...NOTHING, charge: ['Lamp'] })[0]).toMatch(
      /Lamp has to run on a battery, charged the evening before\.$/,
    )
    expect(mindedInWords({ ...NOTHING, charge: ['Lamp', 'Clippers'] })[0]).toMatch(
      /Lamp and Clippers have to run on a battery/,
    )
    expect(mindedInWords({ ...NOTHING, noWater: true, noTable: true })).toHaveLength(2)
  })
})
