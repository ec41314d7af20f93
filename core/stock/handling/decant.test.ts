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
  isPast: false,
}
describe('what is decanted', () => {
  it.each<[Partial<ToDecant>, RegExp]>([
    [{ dispenser: 'aerosol' }, /under pressure/],
    [{ dispenser: 'pan', texture: 'pressed powder' }, /pressed/],
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

describe('advice fits the thing', () => {
  it.each<[string, Partial<ToDecant>, RegExp | null, RegExp]>([
    [
      'a lipstick',
      { kind: 'lip colour', dispenser: 'stick', texture: 'stick', measure: 'g' },
      /cut a piece off/,
      /crush|melt/,
    ],
    [
      'a deodorant stick',
      { kind: 'lip care', dispenser: 'stick', texture: 'balm', measure: 'g' },
      /stays one/,
      /crush|cut/,
    ],
    [
      'a powder pan',
      { kind: 'eye colour', dispenser: 'pan', texture: 'pressed powder', measure: 'g' },
      /crush/,
      /melt/,
    ],
    ['a cream pan', { kind: 'lip colour', dispenser: 'pan', texture: 'cream', measure: 'g' }, /move that/, /crush/],
    ['alcohol', { kind: 'alcohol', dispenser: null, texture: null, family: null, percent: 70 }, null, /spatula/],
    ['a spray', { kind: 'setting spray', texture: 'spray' }, null, /spatula/],
  ])('%s', (_what, more, refused, neverSaid) => {
    const advice = decantAdvice({ ...fluid, ...more })
    if (refused) expect(advice.refused).toMatch(refused)
    else expect(advice.refused).toBeNull()
    expect([advice.refused, ...advice.against, ...advice.mind].join(' ')).not.toMatch(neverSaid)
  })
  it('says of a cream that it is taken out with a clean spatula', () =>
    expect(decantAdvice({ ...fluid, texture: 'cream', dispenser: 'pot' }).mind.join()).toMatch(/spatula/))
  it('warns of what is past its day', () =>
    expect(decantAdvice({ ...fluid, isPast: true }).against.join()).toMatch(/past its last day/))
})

describe('what has dried', () => {
  const pot: ToRevive = {
    kind: 'liner',
    texture: 'gel',
    family: 'hydrocarbon',
    dispenser: 'pot',
    ingredients: null,
    left: 2,
    isPast: false,
    times: 0,
  }
  it('comes back with a little of its medium, twice', () => {
    expect(reviveAdvice(pot)).toMatchObject({ refused: null, bases: ['hydrocarbon', 'silicone'], most: 0.1 })
    expect(reviveAdvice({ ...pot, times: 1 })!.how.at(-1)).toMatch(/last time/)
    expect(reviveAdvice({ ...pot, times: MOST_REVIVALS })!.refused).toMatch(/retire/)
  })
  it.each<[Partial<ToRevive>, RegExp]>([
    [{ isPast: true }, /last day/],
    [{ left: 0 }, /nothing left/],
    [{ family: 'unknown' }, /not known/],
    [{ family: 'water' }, /not revived/],
  ])('%j does not', (more, why) => expect(reviveAdvice({ ...pot, ...more })!.refused).toMatch(why))
  it('takes what has gone off into the air, as the list has it, whatever the family is thought to be', () => {
    const listed = (...ingredients: string[]) => reviveAdvice({ ...pot, family: 'unknown', ingredients })!
    expect(listed('Isododecane', 'CI 77266').bases[0]).toBe('hydrocarbon')
    expect(listed('CI 77499', 'Cyclopentasiloxane', 'Isododecane').bases[0]).toBe('silicone')
    expect(listed('Aqua', 'Isododecane').refused).toMatch(/water base is not revived/)
    expect(listed('Alcohol Denat.').refused).toMatch(/alcohol base is not revived/)
    expect(listed('CI 77499').refused).toMatch(/not known/)
  })
  it('is no question of powders and sprays', () => {
    expect(reviveAdvice({ ...pot, texture: 'loose powder' })).toBeNull()
    expect(reviveAdvice({ ...pot, kind: 'moisturiser' })).toBeNull()
    // A gel pencil is sharpened, a pen that has dried is done with: neither has a top to scrape off.
    for (const dispenser of ['pencil', 'wand', 'tube', 'stick'] as const)
      expect(reviveAdvice({ ...pot, dispenser })).toBeNull()
  })
})
