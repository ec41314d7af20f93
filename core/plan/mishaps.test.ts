import { face, item, job, settings, withList } from '../../tests/support/suitability'
import { ITEM_KINDS } from '../product/item'
import { mendMishap, MISHAPS } from './mishaps'

const mend = (id: string, items: Parameters<typeof mendMishap>[1], on = face()) =>
  mendMishap(
    MISHAPS.find(m => m.id === id)!,
    items,
    on,
    job(),
    settings(),
  )

describe('when it went wrong', () => {
  it.each(MISHAPS.map(m => [m.id, m] as const))('%s has something to do even with an empty kit', (_id, mishap) => {
    const steps = mendMishap(mishap, [], face(), job(), settings())
    expect(steps.length).toBeGreaterThanOrEqual(2)
    for (const { text, item: used } of steps) {
      expect(text).toMatch(/^[A-Z].{10,}[.?]$/)
      expect(text).not.toContain('{}')
      expect(used).toBeNull()
    }
  })
  it.each(MISHAPS.map(m => [m.id, m] as const))(
    '%s says whatever it says of a product with that product',
    (_id, mishap) => {
      const items = ITEM_KINDS.map(kind => item(kind, { id: kind, name: `The ${kind}` }))
      const steps = mendMishap(mishap, items, face(), job(), settings())
      mishap.steps.forEach(({ kinds, say }, i) => {
        const used = steps[i]!.item
        if (!kinds) return expect(used).toBeNull()
        // What may not go on this face in that place is not named, and another way is.
        if (!used) return expect(steps[i]!.text).not.toBe(say)
        expect(kinds).toContain(used.kind)
        expect(steps[i]!.text).toBe(say.replace('{}', used.name))
      })
    },
  )
  it('names what is in the kit, the one that suits this face best', () => {
    const items = [
      item('setting spray', { id: 'fog', name: 'Fog', finish: 'matte' }),
      item('setting spray', { id: 'dew', name: 'Dew', finish: 'dewy' }),
    ]
    expect(mend('over-powdered', items)[1]).toMatchObject({
      text: expect.stringContaining('Mist Dew'),
      item: { id: 'dew' },
    })
  })
  it('keeps to the house rules and to rules that were switched off', () => {
    const items = [
      item('setting spray', { id: 'fog', name: 'Fog', finish: 'satin' }),
      item('setting spray', { id: 'dew', name: 'Dew', finish: 'dewy' }),
    ]
    const mist = MISHAPS.find(m => m.id === 'over-powdered')!
    const houseRules = [{ slot: 'set' as const, itemId: 'fog', sentence: 'the agency mists with Fog' }]
    expect(mendMishap(mist, items, face(), job(), settings({ houseRules }))[1]!.item).toMatchObject({ id: 'fog' })
    const glue = withList('lash glue', 'Aqua, Rubber Latex', { name: 'Glue' })
    const sprayed = mendMishap(mist, items, face(), job(), settings({ houseRules, ruleWeights: { finish: 0 } }))
    expect(sprayed[1]!.item).toMatchObject({ id: 'fog' })
    expect(mend('lifted lash', [glue], face({ sensitivities: ['latex'] }))[0]!.item).toBeNull()
  })
  it('never names what may not touch this face', () => {
    const glue = withList('lash glue', 'Aqua, Rubber Latex', { name: 'Glue' })
    expect(mend('lifted lash', [glue])[0]!.text).toContain('Glue')
    expect(mend('lifted lash', [glue], face({ sensitivities: ['latex'] }))[0]!.text).toMatch(
      /may go on this face.*Never pull/,
    )
  })
})
