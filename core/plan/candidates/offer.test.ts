import { face, item, job, question, settings, withList } from '../../../tests/support/suitability'
import { planFace } from '../facePlan'
import { bestOffer } from './offer'
import { need } from '../needs/need'
import { usesFor } from '../needs/uses'

const NOTHING = { base: null, concealer: null }
const PLAIN = 'Aqua, Glycerin, Squalane'
const cream = withList('moisturiser', PLAIN, {
  id: 'cream',
  name: 'Loam cream',
  texture: 'cream',
  finish: 'dewy',
  priceMinor: 2000,
})
const gel = withList('moisturiser', PLAIN, {
  id: 'gel',
  name: 'Rill gel',
  texture: 'gel',
  finish: 'matte',
  priceMinor: 1500,
})
const scented = withList('moisturiser', 'Aqua, Parfum, Linalool', {
  id: 'scented',
  name: 'Heath milk',
  texture: 'lotion',
  priceMinor: 900,
})
const on = (who: ReturnType<typeof face>, offers: Parameters<typeof question>[0]) => {
  const use = usesFor(who, job(), settings()).find(u => u.slot === 'moisturise')!
  return bestOffer(use, question([], { face: who }), offers, NOTHING)
}

describe('what to buy for a place the kit cannot fill', () => {
  it('is what suits this skin, and says why', () => {
    expect(on(face({ skinType: 'dry' }), [gel, cream])).toMatchObject({ id: 'cream', name: 'Loam cream' })
    expect(on(face({ skinType: 'dry' }), [gel, cream])!.sentences.length).toBeGreaterThan(0)
  })
  it('is nothing that holds what was declared, nor what was asked not to be', () => {
    expect(on(face({ sensitivities: ['fragrance'] }), [scented])).toBeNull()
    expect(on(face({ noScent: true }), [scented, gel])!.id).toBe('gel')
  })
  it('is the cheaper of equals, and has what the rules asked for', () => {
    const dear = { ...cream, id: 'dear', priceMinor: 9000 }
    expect(on(face(), [dear, cream])!.id).toBe('cream')
    const use = usesFor(face(), job(), settings()).find(u => u.slot === 'moisturise')!
    const needs = [need('skin', 'r', 'moisturise', 'a gel', { met: i => i.texture === 'gel' })]
    expect(bestOffer({ ...use, needs }, question([]), [cream], NOTHING)).toBeNull()
  })
  it('stands beside what a plan misses, and nowhere else', () => {
    const plan = planFace({
      ...question([item('foundation', { id: 'f', lab: { L: 60, a: 11, b: 18 } })]),
      offers: [cream],
    })
    expect(plan.missing.find(m => m.slot === 'moisturise')!.offer!.id).toBe('cream')
    expect(plan.missing.find(m => m.slot === 'lip care')!.offer).toBeNull()
    expect(plan.layers.some(l => l.item.id === 'cream')).toBe(false)
  })
})
