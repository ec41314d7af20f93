import { face, item, job, place } from '../../../tests/support/suitability'
import { typicalSkin } from '../../complexion/skins/skin'
import type { Candidate } from '../question/candidate'
import { amountOf, baseTechnique, minutesOf, technique, toolsFor, wornOf } from './layer'

const candidate = (more: Parameters<typeof item>[1] = {}): Candidate => ({
  item: item('foundation', { lab: typicalSkin(5, 'neutral'), ...more }),
  recipe: null,
  findings: [],
  score: 0,
  veto: undefined,
})

describe('how much goes on', () => {
  it.each([
    ['sheer', 0.5],
    ['medium', 0.8],
    ['full', 1.1],
  ] as const)('a %s liquid base: %d ml', (coverage, value) => {
    expect(amountOf(place('foundation'), candidate({ coverage }), job())).toEqual({ value, unit: 'ml' })
  })
  it('a cream by weight, a face by the artist’s own figures, a body by limbs', () => {
    expect(amountOf(place('foundation'), candidate({ texture: 'cream' }), job())).toEqual({ value: 0.25, unit: 'g' })
    expect(amountOf(place('foundation'), candidate(), job(), { sheer: 1, light: 1, medium: 2, full: 3 }).value).toBe(2)
    expect(amountOf(place('body'), candidate(), job({ limbs: 3 }))).toEqual({ value: 9, unit: 'ml' })
    expect(amountOf(place('mask'), candidate({ texture: 'other' }), job())).toEqual({ value: 1, unit: 'pair' })
  })
})

describe('how long a layer takes, and how much of a face it is', () => {
  const mixed = (ids: string[]): Candidate => ({
    ...candidate(),
    recipe: { drops: ids.map(id => ({ id, count: 1 })), lab: { L: 60, a: 10, b: 18 }, deltaE: 1, verdict: 'invisible' },
  })
  const known = face({
    recipes: [
      [
        { id: 'a', count: 1 },
        { id: 'b', count: 1 },
      ],
    ],
  })
  it('a saved recipe is quicker only when it is the one that is used', () => {
    expect(minutesOf(place('foundation'), mixed(['b', 'a']), known, job())).toBe(5)
    expect(minutesOf(place('foundation'), mixed(['a', 'c']), known, job())).toBe(8)
    expect(minutesOf(place('foundation'), mixed(['a']), known, job())).toBe(6)
  })
  it('goes with the area', () => {
    const chin = place('foundation: chin', { where: 'chin', zones: ['chin'] })
    expect(minutesOf(chin, mixed(['a', 'b']), face(), job())).toBeCloseTo(0.8)
    expect(amountOf(chin, candidate(), job()).value).toBeCloseTo(0.08)
    const centre = place('moisturise', { where: 'forehead, nose, chin', zones: ['forehead', 'nose', 'chin'] })
    expect(amountOf(centre, candidate(), job()).value).toBeCloseTo(0.4)
    expect(minutesOf(place('body'), candidate(), face(), job({ limbs: 3 }))).toBe(30)
  })
})

describe('tool and technique', () => {
  const plain = item('foundation')
  it.each([
    ['thin close up', {}, { highDefinition: true }, 'mist-damp sponge'],
    ['thin on lines', { ageBand: 'mature' as const }, {}, 'mist-damp sponge'],
    ['thin on who wears none', { bareFaced: true }, {}, 'mist-damp sponge'],
    ['pressed in heat', {}, { heat: true }, 'pressed by hand'],
    ['by brush on an easy day', {}, {}, 'brush'],
  ])('%s', (_what, who, day, how) => expect(baseTechnique(plain, face(who), job(day))).toBe(how))
  it('builds up what can be built up where full cover was asked, and nothing else', () => {
    const asked = face({ coverage: 'full' })
    expect(baseTechnique(item('foundation', { buildable: true }), asked, job())).toBe('built up')
    expect(baseTechnique(plain, asked, job())).toBe('brush')
    expect(baseTechnique(item('foundation', { buildable: true, coverage: 'full' }), asked, job())).toBe('brush')
  })
  it('on raw skin everything that touches it is thrown away; lips and mist are as ever', () => {
    const raw = face({ zones: { cheeks: { states: ['sunburnt'] } } })
    expect(technique(place('powder'), item('powder'), raw, job()).tool).toMatch(/thrown away after/)
    expect(technique(place('lip colour'), item('lip colour'), raw, job()).tool).toBe('lip brush')
    expect(technique(place('set'), item('setting spray'), raw, job()).tool).toBe('spray, arm’s length')
    expect(
      technique(place('powder'), item('powder'), face({ zones: { lips: { states: ['broken'] } } }), job()).tool,
    ).toBe('powder brush, pressed')
  })
  it('a part of the face, a gel without colour and a scrub want other tools', () => {
    const toolOf = (of: Parameters<typeof technique>[0], what: Parameters<typeof technique>[1]) =>
      technique(of, what, face(), job()).tool
    expect(toolOf({ ...place('powder'), where: 'nose' }, item('powder'))).toBe('small brush')
    expect(toolOf(place('brows'), item('brow'))).toBe('clean spoolie')
    expect(toolOf(place('brows'), item('brow', { lab: { L: 30, a: 4, b: 6 } }))).toBe('angled brush')
    expect(toolOf({ ...place('lip care'), key: 'lip care: scrub' }, item('lip care'))).toMatch(/damp round/)
    expect(toolsFor([{ slot: 'brows', item: item('brow') }], face())).toEqual(['spoolie'])
    const mixed = [
      {
        slot: 'lip colour' as const,
        item: item('lip colour'),
        drops: [
          { id: 'a', count: 1 },
          { id: 'b', count: 1 },
        ],
      },
    ]
    expect(toolsFor(mixed, face())).toContain('mixing palette')
  })
  it('takes tools without latex for whom it was declared', () => {
    const layers = [{ slot: 'foundation' as const, item: item('foundation') }]
    expect(toolsFor(layers, face({ sensitivities: ['latex'] }))).toContain('latex-free sponge')
    expect(toolsFor(layers, face())).toContain('sponge')
  })
  it('packs what the layers take, once, with what their packs need', () => {
    const layers = [
      { slot: 'cheek' as const, item: item('blush') },
      { slot: 'contour' as const, item: item('contour', { dispenser: 'pot' }) },
      { slot: 'mascara' as const, item: item('mascara', { dispenser: 'wand' }) },
    ]
    const pack = toolsFor(layers, face())
    expect(pack.filter(t => t === 'cheek brush')).toHaveLength(1)
    expect(pack).toEqual(expect.arrayContaining(['spatula', 'disposable wands', 'mascara wands']))
    expect(
      toolsFor([{ slot: 'mascara', item: item('mascara', { dispenser: 'wand', own: true }) }], face()),
    ).not.toContain('disposable wands')
  })
})

describe('what is worn', () => {
  const skin = typicalSkin(5, 'neutral')
  it('is told for the face, the neck and every light', () => {
    const worn = wornOf(candidate(), face({ bare: typicalSkin(5, 'rosy'), skin }), job({ light: 'A' }))!
    expect(worn.drifts.map(d => d.light)).toEqual(['A', 'stage3200', 'ledWarm'])
    expect(worn.drift).toBe(worn.drifts[0]!.by)
    expect(worn.deltaEWorn).toBeGreaterThan(worn.deltaEBottle)
    expect(worn).toMatchObject({ technique: 'brush', thickness: 1, target: skin })
  })
  it('is nothing for a base without a colour, and has no drift by day', () => {
    expect(wornOf(candidate({ lab: null }), face(), job())).toBeNull()
    expect(wornOf(candidate(), face(), job())!.drift).toBeNull()
  })
})
