import { face, job, settings } from '../../../tests/support/suitability'
import { typicalSkin } from '../../complexion/skins/skin'
import { statesOf, typesOf, zonesIn } from '../../asked/face'
import { usesFor } from './uses'
import { concernsOn } from './fromSkin'

const keys = (...args: [Parameters<typeof face>[0]?, Parameters<typeof job>[0]?, Parameters<typeof settings>[0]?]) =>
  usesFor(face(args[0]), job(args[1]), settings(args[2])).map(u => u.key)

describe('the places of a plan', () => {
  it('what nobody asked for is not there', () => {
    const plain = keys()
    for (const slot of ['sun protection', 'body', 'lashes']) expect(plain).not.toContain(slot)
    expect(keys({ lashExtensions: true }, {})).not.toContain('mascara')
    expect(keys({}, {})).toContain('mascara')
    expect(keys({ wantsLashes: 'full' }, { outdoors: true, limbs: 2 })).toEqual(
      expect.arrayContaining(['sun protection', 'body', 'lashes']),
    )
  })
  it('blotting only leaves powder out', () => expect(keys({}, {}, { powder: 'blot only' })).not.toContain('powder'))
  it('all over means all over', () => {
    const combination = face({ skinType: 'combination' })
    expect(
      usesFor(combination, job(), settings({ powder: 'all over' })).find(u => u.slot === 'powder')!.where,
    ).toBeNull()
    expect(usesFor(combination, job(), settings()).find(u => u.slot === 'powder')!.where).toBe('forehead, nose, chin')
  })
  it('a second tone has its own colour', () => {
    const skin = typicalSkin(8, 'neutral')
    const use = usesFor(face({ secondTone: { skin, zone: 'hairline' } }), job(), settings()).find(
      u => u.key === 'foundation: hairline',
    )!
    expect(use).toMatchObject({ slot: 'foundation', where: 'hairline', tone: { skin } })
  })
})

describe('the face in zones', () => {
  const zones = {
    'cheeks': { type: 'dry' as const, states: ['redness' as const] },
    'eye area': { states: ['dark circles' as const] },
    'neck': { states: ['flaky' as const] },
  }
  it('two types where the zones say so', () => {
    expect(typesOf({ skinType: 'oily', zones })).toEqual({ centre: 'oily', cheeks: 'dry' })
    expect(typesOf({ skinType: 'combination', zones: {} })).toEqual({ centre: 'oily', cheeks: 'normal' })
    expect(typesOf({ skinType: 'dry', zones: {} })).toEqual({ centre: 'dry', cheeks: 'dry' })
  })
  it('eye area, lips and neck do not stand for the face', () => {
    expect([...statesOf({ zones })]).toEqual(['redness'])
    expect(zonesIn({ zones }, 'flaky', 'redness')).toEqual(['cheeks', 'neck'])
  })
  it('what correctors are for: under the eye, then redness, then marks, each where it lies', () => {
    expect(concernsOn(face({ zones }))).toEqual([
      { concern: 'dark circles', zones: ['eye area'] },
      { concern: 'redness', zones: ['cheeks'] },
    ])
    expect(concernsOn(face({ zones: { chin: { states: ['uneven'] }, hairline: { states: ['uneven'] } } }))).toEqual([
      { concern: 'brown marks', zones: ['chin', 'hairline'] },
    ])
    expect(concernsOn(face())).toEqual([])
  })
})
