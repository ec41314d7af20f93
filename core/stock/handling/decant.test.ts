import { decantAdvice, lostIn, type ToDecant } from './decant'
import { MOST_REVIVALS, reviveAdvice, type ToRevive } from './revive'

const fluid: ToDecant = {
  kind: 'moisturiser',
  measure: 'ml',
  dispenser: 'bottle',
  texture: 'lotion',
  family: 'water',
  spf: 0,
  ingredients: null,
  percent: null,
}
describe('what is decanted', () => {
  it.each<[Partial<ToDecant>, RegExp]>([
    [{ dispenser: 'aerosol' }, /under pressure/],
    [{ dispenser: 'pan' }, /pressed/],
    [{ measure: 'piece' }, /counted/],
  ])('%j cannot be', (more, why) => expect(decantAdvice({ ...fluid, ...more }).refused).toMatch(why))
  it.each<[Partial<ToDecant>, RegExp]>([
    [{ kind: 'mascara', dispenser: 'wand' }, /fresh wands/],
    [{ spf: 30 }, /tested in the pack/],
    [{ kind: 'sun protection', spf: 50 }, /tested in the pack/],
    [{ ingredients: ['Aqua', 'Ascorbic Acid'] }, /spoil ascorbic acid/],
    [{ dispenser: 'airless' }, /keeps the air out/],
  ])('%j is better not', (more, why) => {
    const { refused, against } = decantAdvice({ ...fluid, ...more })
    expect(refused).toBeNull()
    expect(against).toEqual([expect.stringMatching(why)])
  })
  it('has nothing against a lotion in a bottle, and minds that alcohol burns', () => {
    expect(decantAdvice(fluid).against).toEqual([])
    expect(decantAdvice(fluid).mind.join()).not.toMatch(/dropper/)
    expect(decantAdvice({ ...fluid, dispenser: 'dropper' }).mind.join()).toMatch(/vessel with a dropper/)
    const alcohol = decantAdvice({
      ...fluid,
      kind: 'alcohol',
      dispenser: null,
      texture: null,
      family: null,
      percent: 70,
    })
    expect(alcohol.mind.join()).toMatch(/burns/)
    expect(decantAdvice(fluid).mind.join()).not.toMatch(/burns/)
    expect(lostIn(100, 'balm')).toBeGreaterThan(lostIn(100, 'fluid'))
  })
})

describe('what has dried', () => {
  const pot: ToRevive = { kind: 'liner', texture: 'gel', family: 'hydrocarbon', left: 2, isPast: false, times: 0 }
  it('comes back with a little of its medium, twice', () => {
    expect(reviveAdvice(pot)).toMatchObject({ refused: null, medium: 'silicone', most: 0.1 })
    expect(reviveAdvice({ ...pot, times: 1 })!.how.at(-1)).toMatch(/last time/)
    expect(reviveAdvice({ ...pot, times: MOST_REVIVALS })!.refused).toMatch(/retire/)
  })
  it.each<[Partial<ToRevive>, RegExp]>([
    [{ isPast: true }, /last day/],
    [{ left: 0 }, /nothing left/],
    [{ family: 'unknown' }, /not known/],
    [{ family: 'water' }, /not revived/],
  ])('%j does not', (more, why) => expect(reviveAdvice({ ...pot, ...more })!.refused).toMatch(why))
  it('is no question of powders and sprays', () => {
    expect(reviveAdvice({ ...pot, texture: 'loose powder' })).toBeNull()
    expect(reviveAdvice({ ...pot, kind: 'moisturiser' })).toBeNull()
  })
})
