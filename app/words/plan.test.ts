import { USUAL } from '#core/asked/job'
import type { Finding } from '#core/suitability/finding'
import {
  amountInWords,
  effectInWords,
  forecastInWords,
  minutesInWords,
  occasionInWords,
  reasonInWords,
  skinInWords,
} from './plan'

const weigh = (by: number, sentence: string): Finding => ({ rule: 'x', effect: { is: 'weight', by }, sentence })

describe('a plan in words', () => {
  it('the day', () => {
    expect(occasionInWords(USUAL.stage)).toBe('stage, 8 h, hot lights, costume changes')
    expect(forecastInWords({ temperatureC: 31, humidityPercent: 74, rain: false, simulated: true })).toBe(
      '31 °C, 74 % humid, dry, by the simulated forecast.',
    )
    expect(occasionInWords({ ...USUAL.personal, limbs: 2 })).toBe('personal, 6 h, 2 limbs')
  })
  it('the skin, its two halves and what is seen', () => {
    expect(skinInWords({ zones: {}, skinType: 'oily', ageBand: 'adult' })).toBe('oily skin')
    expect(
      skinInWords({ zones: { cheeks: { type: 'dry', states: [] } }, skinType: 'combination', ageBand: 'mature' }),
    ).toBe('mature, oily through the centre, dry on the cheeks')
    expect(
      skinInWords({
        zones: {
          'nose': { states: ['textured'] },
          'forehead': { states: ['textured'] },
          'eye area': { states: ['dark circles'] },
        },
        skinType: 'dry',
        ageBand: 'adult',
      }),
    ).toBe('dry skin, open pores, dark circles')
  })
  it('the main reasons in one line', () => {
    const findings = [weigh(0.5, 'a little'), { ...weigh(2, 'pump'), rule: 'container' }, weigh(-2, 'much')]
    expect(reasonInWords(findings)).toBe('a little; though much')
    expect(reasonInWords(findings, ['heat needs it'])).toBe('heat needs it; though much')
    expect(reasonInWords([], ['an evened face needs its flush'])).toBe('an evened face needs its flush')
  })
  it('effects, amounts and minutes', () => {
    expect(effectInWords(weigh(-1.5, ''))).toBe('−1.5')
    expect(effectInWords({ rule: '', sentence: '', effect: { is: 'veto', of: 'harm' } })).toBe('never')
    expect(effectInWords({ rule: '', sentence: '', effect: { is: 'note' } })).toBe('')
    expect(amountInWords({ value: 0.8, unit: 'ml' })).toBe('0.8 ml')
    expect(amountInWords({ value: 1, unit: 'pair' })).toBe('one pair')
    expect(minutesInWords({ full: 40, short: 31, cut: [], waiting: 0 })).toBe('40 minutes, 31 when late')
    expect(minutesInWords({ full: 12, short: 12, cut: [], waiting: 0 })).toBe('12 minutes')
  })
})
