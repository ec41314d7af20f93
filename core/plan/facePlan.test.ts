import { seeded } from '../../tests/support/random'
import {
  face,
  item,
  job,
  place,
  question,
  randomFace,
  randomItem,
  randomJob,
  settings,
  withList,
} from '../../tests/support/suitability'
import { typicalSkin } from '../complexion/skins/skin'
import { planFace, type FacePlan, type PlanQuestion } from './facePlan'
import { vetoOf } from '../suitability/finding'
import type { KitItem } from '../product/item'
import { LockRefused } from './candidates/locks'
import { findingsOn } from '../suitability/rules'
import { ORDER, type SlotId } from '../asked/slots'
import { usesFor } from './needs/uses'

const base = (id: string, more: Partial<KitItem> = {}) =>
  item('foundation', { id, name: id, range: id, lab: typicalSkin(5, 'neutral'), ...more })
const layer = (plan: FacePlan, key: string) => plan.layers.find(l => l.key === key)
const sentences = (plan: FacePlan, key: string) =>
  layer(plan, key)
    ?.findings.map(f => f.sentence)
    .join('; ') ?? ''

describe('a face plan', () => {
  it('an oily face: the dewy base loses, and the plan says why', () => {
    const plan = planFace(
      question(
        [base('Glow', { finish: 'dewy', family: 'oil' }), base('Calm', { finish: 'matte', family: 'silicone' })],
        { face: face({ skinType: 'oily' }) },
      ),
    )
    expect(layer(plan, 'foundation')!.item.name).toBe('Calm')
    expect(plan.leftOut.find(l => l.products.some(x => x.name === 'Glow mixes'))!.finding.sentence).toMatch(
      /dewy slides/,
    )
  })

  it('chooses primer and base together where the best of each would separate', () => {
    const items = [
      item('primer', { id: 'silky', family: 'silicone', finish: 'matte' }),
      item('primer', { id: 'watery', finish: 'satin' }),
      base('water base', { family: 'water', finish: 'matte', dispenser: 'pump' }),
      base('silicone base', { family: 'silicone', finish: 'dewy' }),
    ]
    const plan = planFace(
      question(items, { face: face({ skinType: 'oily' }), settings: settings({ primer: 'always' }) }),
    )
    expect(layer(plan, 'primer')!.item.id).toBe('watery')
    expect(layer(plan, 'foundation')!.item.name).toBe('water base')
    expect(plan.seams).toEqual([])
    const locked = planFace(
      question(items, {
        face: face({ skinType: 'oily' }),
        settings: settings({ primer: 'always' }),
        locks: { primer: { itemId: 'silky' }, foundation: { drops: [{ id: 'water base', count: 1 }] } },
      }),
    )
    expect(locked.seams).toContainEqual(
      expect.objectContaining({
        under: 'primer',
        over: 'foundation',
        risk: 'high',
        sentence: expect.stringMatching(/water over silicone may roll/),
      }),
    )
  })

  it('a palette test decides over the table, either way', () => {
    const items = [item('primer', { id: 'p', family: 'silicone', range: 'P' }), base('water', { range: 'W' })]
    const locks = { primer: { itemId: 'p' } }
    const seams = (result: 'held' | 'pilled') =>
      planFace(question(items, { locks, settings: settings({ paletteTests: [{ a: 'W', b: 'P', result }] }) })).seams
    expect(seams('held')).toEqual([])
    expect(seams('pilled')[0]).toMatchObject({
      risk: 'high',
      sentence: expect.stringMatching(/separated on your palette/),
    })
  })

  it('practical mixing takes a pair of some risk and says so; strict does not; a test on the palette decides', () => {
    // Only both bottles together make this skin.
    const items = [
      base('Pale', { family: 'silicone', range: 'P', lab: typicalSkin(3.5, 'neutral') }),
      base('Dark', { family: 'oil', range: 'D', lab: typicalSkin(7, 'neutral') }),
    ]
    const made = (more: Parameters<typeof settings>[0]) =>
      layer(planFace(question(items, { settings: settings(more) })), 'foundation')!
    expect(made({ mixing: 'practical' }).drops).toHaveLength(2)
    expect(
      made({ mixing: 'practical' })
        .findings.map(f => f.sentence)
        .join(),
    ).toContain('may separate: try it on the palette first')
    expect(made({ mixing: 'strict' }).drops).toHaveLength(1)
    expect(
      made({ mixing: 'strict', paletteTests: [{ a: 'P', b: 'D', result: 'held' }] }).findings.map(f => f.rule),
    ).not.toContain('mixing')
    expect(made({ mixing: 'practical', paletteTests: [{ a: 'D', b: 'P', result: 'separated' }] }).drops).toHaveLength(1)
  })

  it('what is missing is named with its reason', () => {
    const plan = planFace(
      question([base('Calm', { coverage: 'sheer', lab: typicalSkin(2, 'neutral') })], {
        face: face({ skin: typicalSkin(2, 'neutral'), zones: { cheeks: { states: ['redness'] } } }),
        job: job({ heat: true }),
      }),
    )
    expect(plan.missing.find(m => m.slot === 'corrector')!.sentences).toEqual([
      'redness on cheeks needs a corrector or coverage',
      'the kit holds no corrector',
    ])
    expect(plan.missing.find(m => m.slot === 'set')!.sentences[0]).toMatch(/setting spray/)
    expect(plan.missing.find(m => m.slot === 'cleanse')!.sentences.join()).toMatch(
      /the kit holds no remover or cleanser/,
    )
  })

  it('a base that hides enough alone asks for no corrector, and says so', () => {
    const deep = typicalSkin(11, 'neutral')
    const plan = planFace(
      question([base('Calm', { coverage: 'full', lab: deep })], {
        face: face({ skin: deep, bare: deep, zones: { cheeks: { states: ['redness'] } } }),
      }),
    )
    expect(plan.missing.some(m => m.slot === 'corrector')).toBe(false)
    expect(sentences(plan, 'foundation')).toContain('hides the redness without a corrector')
  })

  it('a base that does not match is a gap, not a pick in silence', () => {
    const on = (depth: number) => {
      const skin = typicalSkin(depth, 'neutral')
      return planFace(question([base('Five')], { face: face({ skin, bare: skin }) }))
    }
    const told = (plan: ReturnType<typeof on>) => plan.missing.find(m => m.slot === 'foundation')!.sentences.join('; ')
    expect(told(on(6))).toMatch(/no recipe of this kit matches: the seam would show/)
    expect(layer(on(6), 'foundation')!.tool).toBe('mist-damp sponge')
    // So far off that none is better; nor is there anything for a corrector to lie under.
    expect(told(on(11))).toMatch(/does well on this face: the seam would show, ΔE .*: better none/)
    expect(layer(on(11), 'foundation')).toBeUndefined()
  })

  it('two tones get two recipes', () => {
    const items = [base('Five'), base('Eight', { lab: typicalSkin(8, 'neutral'), range: 'Five' })]
    const plan = planFace(
      question(items, { face: face({ secondTone: { skin: typicalSkin(8, 'neutral'), zone: 'chin' } }) }),
    )
    expect(layer(plan, 'foundation')!.item.name).toBe('Five')
    expect(layer(plan, 'foundation: chin')!.item.name).toBe('Eight')
    expect(layer(plan, 'foundation: chin')!.where).toBe('chin')
  })

  it('an oily centre and dry cheeks get two creams, and powder only in the centre', () => {
    const items = [
      item('moisturiser', { id: 'gel', finish: 'matte', texture: 'gel' }),
      item('moisturiser', { id: 'cream', finish: 'dewy', texture: 'cream' }),
      base('Calm'),
      item('powder', { family: 'powder' }),
    ]
    const plan = planFace(
      question(items, { face: face({ skinType: 'combination', zones: { cheeks: { type: 'dry', states: [] } } }) }),
    )
    expect(layer(plan, 'moisturise')).toMatchObject({ item: { id: 'gel' }, where: 'forehead, nose, chin' })
    expect(layer(plan, 'moisturise: cheeks')).toMatchObject({ item: { id: 'cream' }, where: 'cheeks' })
    expect(layer(plan, 'powder')!.where).toBe('forehead, nose, chin')
  })

  it('a primer only with a reason, unless it is always', () => {
    const items = [item('primer', { family: 'silicone' }), base('Calm', { family: 'silicone' })]
    expect(layer(planFace(question(items)), 'primer')).toBeUndefined()
    expect(
      layer(planFace(question(items, { face: face({ zones: { nose: { states: ['textured'] } } }) })), 'primer'),
    ).toBeDefined()
    expect(layer(planFace(question(items, { settings: settings({ primer: 'always' }) })), 'primer')).toBeDefined()
  })

  it('one product fills a second need it is safe for; their own comes before a shared one', () => {
    const rose = item('lip colour', { id: 'rose', alsoFor: ['blush'], safeFor: ['face', 'lips'] })
    const plan = planFace(
      question([rose, item('mascara', { id: 'shared' }), item('mascara', { id: 'hers', own: true })]),
    )
    expect(layer(plan, 'cheek')!.item.id).toBe('rose')
    expect(layer(plan, 'lip colour')!.item.id).toBe('rose')
    expect(layer(plan, 'mascara')!.item.id).toBe('hers')
    expect(layer(planFace(question([{ ...rose, safeFor: ['lips'] }])), 'cheek')).toBeUndefined()
  })

  it('a house rule takes part as a constraint', () => {
    const items = [
      base('Liquid', { finish: 'natural' }),
      base('Sprayed', { finish: 'matte', range: 'x', family: 'alcohol' }),
    ]
    const houseRules = [{ slot: 'foundation' as const, itemId: 'Sprayed', sentence: 'the agency sprays everyone' }]
    expect(layer(planFace(question(items)), 'foundation')!.item.name).toBe('Liquid')
    const plan = planFace(question(items, { settings: settings({ houseRules }) }))
    expect(layer(plan, 'foundation')!.item.name).toBe('Sprayed')
    expect(layer(plan, 'foundation')!.findings).toContainEqual({
      rule: 'house-rule',
      effect: { is: 'weight', by: 5 },
      sentence: 'the agency sprays everyone',
    })
  })

  it('a house that sprays: tool and film follow, and what cannot be sprayed is told', () => {
    const houseRules = [
      { slot: 'foundation' as const, technique: 'sprayed' as const, sentence: 'sprayed for everyone' },
    ]
    const sprayed = planFace(question([base('Liquid')], { settings: settings({ houseRules }) }))
    expect(layer(sprayed, 'foundation')).toMatchObject({ tool: 'spray gun', technique: 'sprayed' })
    expect(layer(sprayed, 'foundation')!.asked).toContain('sprayed for everyone')
    expect(sprayed.worn).toMatchObject({ technique: 'sprayed', thickness: 0.7 })
    const cream = planFace(question([base('Cream', { texture: 'cream' })], { settings: settings({ houseRules }) }))
    expect(layer(cream, 'foundation')!.tool).not.toBe('spray gun')
    expect(cream.missing.find(m => m.slot === 'foundation')!.sentences).toContain('sprayed for everyone')
  })

  it('a house rule for a range counts by its share of the mix', () => {
    const houseRules = [{ slot: 'foundation' as const, range: 'Quay / Mist', sentence: 'their own range' }]
    const kit = [base('Plain'), base('Mist', { range: 'Quay / Mist', lab: typicalSkin(5.2, 'neutral') })]
    const plan = planFace(question(kit, { settings: settings({ houseRules }) }))
    expect(layer(plan, 'foundation')!.item.name).toBe('Mist')
    expect(layer(plan, 'foundation')!.findings).toContainEqual({
      rule: 'house-rule',
      effect: { is: 'weight', by: 5 },
      sentence: 'their own range',
    })
  })

  it('broken skin: disposables only, and a stick stays away', () => {
    const broken = face({ zones: { cheeks: { states: ['broken'] } } })
    const plan = planFace(
      question(
        [
          base('Stick', { dispenser: 'stick', range: 'S' }),
          base('Pump', { dispenser: 'pump', range: 'T', family: 'silicone' }),
        ],
        { face: broken },
      ),
    )
    expect(layer(plan, 'foundation')).toMatchObject({
      item: { name: 'Pump' },
      tool: expect.stringMatching(/disposable/),
    })
    expect(plan.leftOut.find(l => l.products.some(x => x.name === 'Stick'))!.finding.effect).toEqual({
      is: 'veto',
      of: 'harm',
    })
    expect(plan.pack).toContain('disposable sponges and buds')
  })

  it('counts what it takes: minutes, money, amounts, tools', () => {
    const plan = planFace(
      question([
        base('Calm', { priceMinor: 3000, size: 30, dispenser: 'pot' }),
        item('lip care', { priceMinor: null, size: 10 }),
      ]),
    )
    expect(layer(plan, 'foundation')!.amount).toEqual({ value: 0.8, unit: 'ml' })
    expect(plan.cost).toEqual({ minor: 80, unpriced: ['a lip care'] })
    expect(plan.pack).toEqual(expect.arrayContaining(['foundation brush', 'spatula']))
    expect(plan.minutes.full).toBeGreaterThanOrEqual(plan.minutes.short)
  })

  it('predicts what is worn, thin where it shows close up, and the drift in the light of the venue', () => {
    const items = [base('Calm')]
    const near = planFace(question(items, { job: job({ highDefinition: true }) })).worn!
    expect(near).toMatchObject({ technique: 'mist-damp sponge', thickness: 0.6, drift: null })
    expect(planFace(question(items, { job: job({ light: 'stage3200' }) })).worn!.drift).not.toBeNull()
    const built = planFace(question([base('Calm', { buildable: true })], { face: face({ coverage: 'full' }) })).worn!
    expect(built.thickness).toBe(2)
  })

  it.each(Object.entries(ORDER))('%s: every slot once, lips after the base, cleansing first', (_name, order) => {
    expect(new Set(order).size).toBe(order.length)
    expect(order[0]).toBe('cleanse')
    expect(order.indexOf('lip colour')).toBeGreaterThan(order.indexOf('foundation'))
    expect(order.indexOf('primer')).toBeLessThan(order.indexOf('foundation'))
  })
})

describe('locks and overrides', () => {
  const allergic = face({ sensitivities: ['lanolin'] })
  const balm = withList('lip care', 'Petrolatum, Lanolin', { id: 'balm' })
  const items = [base('Calm'), balm]

  it('a place held empty stays empty and is no gap', () => {
    const plan = planFace(question(items, { locks: { 'lip care': { empty: true } } }))
    expect(layer(plan, 'lip care')).toBeUndefined()
    expect(plan.missing.some(m => m.slot === 'lip care')).toBe(false)
  })
  it('a declared lanolin allergy removes the balm, and a lock does not bring it back', () => {
    const plan = planFace(question(items, { face: allergic }))
    expect(layer(plan, 'lip care')).toBeUndefined()
    expect(plan.leftOut[0]).toMatchObject({
      products: [{ name: 'a lip care', itemId: expect.any(String) }],
      finding: { sentence: 'holds lanolin; lanolin was declared' },
    })
    expect(() => planFace(question(items, { face: allergic, locks: { 'lip care': { itemId: 'balm' } } }))).toThrow(
      LockRefused,
    )
  })
  it('harm is overridden only with a reason that is kept; taste at once', () => {
    const over = (reason: string) =>
      planFace(question(items, { face: allergic, overrides: [{ itemId: 'balm', rule: 'sensitivities', reason }] }))
    expect(layer(over('  '), 'lip care')).toBeUndefined()
    const plan = over('patch test on 1 December, no reaction, she asks for it')
    expect(sentences(plan, 'lip care')).toContain('overridden: patch test on 1 December')
    const disliked = face({ history: [{ itemId: 'balm', what: 'disliked', times: 1 }] })
    expect(layer(planFace(question(items, { face: disliked })), 'lip care')).toBeUndefined()
    expect(
      layer(
        planFace(question(items, { face: disliked, overrides: [{ itemId: 'balm', rule: 'history', reason: '' }] })),
        'lip care',
      ),
    ).toBeDefined()
    expect(
      sentences(planFace(question(items, { face: disliked, locks: { 'lip care': { itemId: 'balm' } } })), 'lip care'),
    ).toContain('you locked it in')
  })
  it('what is not there cannot be locked in', () => {
    expect(() => planFace(question(items, { locks: { 'lip care': { itemId: 'gone' } } }))).toThrow('is not in the kit')
    expect(() => planFace(question(items, { locks: { foundation: { drops: [{ id: 'gone', count: 1 }] } } }))).toThrow(
      'is not in the kit',
    )
  })
})

describe('over random faces, kits and jobs', () => {
  const scene = (seed: number) => {
    const random = seeded(9000 + seed)
    const items = Array.from({ length: 45 }, (_, i) => randomItem(`i${i}`, random))
    return {
      random,
      asked: question(items, {
        face: randomFace(random, items),
        job: randomJob(random),
        settings: settings({ mixing: random.pick(['strict', 'practical']) }),
      }),
    }
  }
  /** Every veto that stands against a layer, weighed anew from the rules alone. */
  const vetoes = (plan: FacePlan, asked: PlanQuestion) =>
    plan.layers.flatMap(l => {
      const use = usesFor(asked.face, asked.job, asked.settings).find(u => u.key === l.key) ?? place(l.key)
      const parts = l.drops?.map(d => asked.items.find(i => i.id === d.id)!) ?? [l.item]
      return parts.flatMap(
        part =>
          vetoOf(
            findingsOn({
              item: part,
              slot: l.slot,
              skinType: use.skinType,
              zones: use.zones,
              face: asked.face,
              job: asked.job,
              settings: asked.settings,
            }),
          ) ?? [],
      )
    })

  it('locking a place is always respected, whatever else is chosen (280 scenes)', () => {
    let locked = 0
    for (let seed = 0; seed < 280; seed++) {
      const { random, asked } = scene(seed)
      const before = planFace(asked)
      const candidates = before.layers.flatMap(l =>
        l.alternatives.map(a => ({ key: l.key, slot: l.slot as SlotId, item: a.item })),
      )
      if (candidates.length === 0) continue
      const { key, slot, item: wanted } = random.pick(candidates)
      const lock =
        slot === 'foundation'
          ? {
              drops: wanted.id.split('+').map(part => ({ id: part.split('×')[1]!, count: Number(part.split('×')[0]) })),
            }
          : { itemId: wanted.id }
      const plan = planFace({ ...asked, locks: { [key]: lock } })
      expect({ seed, id: layer(plan, key)?.item.id, locked: layer(plan, key)?.locked }).toEqual({
        seed,
        id: wanted.id,
        locked: true,
      })
      expect(vetoes(plan, asked)).toEqual([])
      locked++
    }
    expect(locked).toBeGreaterThan(80)
  })
})
