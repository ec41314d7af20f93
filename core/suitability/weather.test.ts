import { conditionsIn, HOT_C, HUMID_PERCENT } from './weather'

const day = (outdoors: boolean, heat = false, humidity = false) => ({ outdoors, heat, humidity })
const weather = (temperatureC: number, humidityPercent: number) => ({ temperatureC, humidityPercent })

describe('what the weather asks', () => {
  it('outdoors is heat and damp as they are, also where something else was written', () => {
    expect(conditionsIn(day(true), weather(HOT_C, HUMID_PERCENT))).toEqual(day(true, true, true))
    expect(conditionsIn(day(true, true, true), weather(HOT_C - 1, HUMID_PERCENT - 1))).toEqual(day(true))
  })
  it('indoors is damp on hot days, and takes nothing away that was written', () => {
    expect(conditionsIn(day(false, true), weather(5, 20))).toEqual(day(false, true))
    expect(conditionsIn(day(false), weather(HOT_C + 3, 90))).toEqual(day(false, false, true))
    expect(conditionsIn(day(false), weather(8, 95))).toEqual(day(false))
  })
})
