import type { Finding } from './finding'
import { mainReasons, reasonsInOrder } from './reasons'

const weigh = (by: number, sentence: string): Finding => ({ rule: 'x', effect: { is: 'weight', by }, sentence })
const pump: Finding = { rule: 'container', effect: { is: 'weight', by: 2 }, sentence: 'pump' }
const ask: Finding = { rule: 'x', effect: { is: 'note' }, sentence: 'the list is missing' }
const never: Finding = { rule: 'x', effect: { is: 'veto', of: 'harm' }, sentence: 'lanolin' }

describe('reasons, all of them', () => {
  it('go from what asked for it over what speaks for it to what speaks against it', () => {
    const findings = [weigh(0.5, 'a little'), pump, weigh(-2, 'slides'), ask, weigh(2, 'holds'), never]
    expect(reasonsInOrder(findings, ['heat'])).toEqual([
      'heat',
      'lanolin',
      'holds',
      'a little',
      'the list is missing',
      'pump',
      'though slides',
    ])
  })
})

describe('the main reasons', () => {
  it('are those that weigh most, what asked for it first, housekeeping never', () => {
    expect(mainReasons([weigh(0.5, 'a little'), pump, weigh(2, 'much')], [], 2)).toEqual(['much', 'a little'])
    expect(mainReasons([weigh(0.5, 'a little'), weigh(2, 'much')], ['heat', 'stage'], 2)).toEqual(['heat', 'much'])
    expect(mainReasons([pump], [], 2)).toEqual([])
  })
  it('always say the worst that speaks against it, and say that it does', () => {
    const findings = [weigh(2, 'holds'), weigh(1, 'thin'), weigh(-1, 'rubs off'), weigh(-2, 'a mask')]
    expect(mainReasons(findings, [], 2)).toEqual(['holds', 'though a mask'])
    expect(mainReasons(findings, [], 3)).toEqual(['holds', 'thin', 'though a mask'])
  })
  it('do not give up what weighs more for it', () => {
    const house = weigh(5, 'the agency asks for it')
    expect(mainReasons([house, weigh(-2, 'catches')], ['heat'], 2)).toEqual(['heat', 'the agency asks for it'])
    expect(mainReasons([weigh(1, 'thin'), weigh(-2, 'catches')], ['heat'], 2)).toEqual(['heat', 'though catches'])
    expect(mainReasons([weigh(-2, 'catches')], ['heat'], 2)).toEqual(['heat', 'though catches'])
  })
  it('leave out what hardly speaks against it', () => {
    expect(mainReasons([weigh(2, 'holds'), weigh(-0.5, 'two uses')], [], 2)).toEqual(['holds'])
  })
})
