import { face, settings } from '../../tests/support/suitability'
import { needsIn, sceneOf } from '../plan/needs'
import { USUAL } from '../asked/job'
import { EYE_SHAPES, NOTHING_SAID, type EyeShape, type EyeSize } from '../asked/brief'
import { agreedLook } from './agreed'
import { lashCut, lineOn, shadeOn } from './eyeShape'

const eyes = (eyeShape: EyeShape, eyeSize: EyeSize = 'not noted') => face({ eyeShape, eyeSize, wantsLashes: 'full' })
const needOf = (who: ReturnType<typeof face>, key: string) =>
  needsIn(sceneOf(who, USUAL.stage, settings())).find(n => n.key === key)

describe('the eye it goes on', () => {
  it('a single lid has no crease, and what lies in a fold is not seen', () => {
    expect(needOf(eyes('single lid'), 'eyes: crease')).toMatchObject({ where: 'from the lashes up' })
    expect(needOf(eyes('hooded'), 'eyes: crease')!.sentence).toMatch(/gone when the eye opens/)
    expect(needOf(eyes('hooded'), 'liner')).toMatchObject({ where: 'thin, with the eye open' })
    expect(needOf(eyes('almond'), 'eyes: crease')).toMatchObject({ where: 'crease' })
  })
  it('a deep-set eye gets no shade unless it was agreed, and is taken a step lighter', () => {
    expect(needOf(eyes('deep-set'), 'eyes: crease')).toBeUndefined()
    const agreed = { ...eyes('deep-set'), brief: { ...NOTHING_SAID, eyes: 'smoky' as const } }
    expect(needOf(agreed, 'eyes: crease')).toBeDefined()
    expect(agreedLook(eyes('deep-set'), USUAL.stage).eyeStrength).toMatchObject({
      is: 'light',
      because: 'lighter brings a deep-set eye forward',
    })
  })
  it('a small eye is not ringed', () => expect(lineOn(eyes('almond', 'small'))!.where).toBe('outer third'))
  it('every shape has its words', () => {
    for (const shape of EYE_SHAPES) {
      const on = shadeOn(eyes(shape))
      if (shape !== 'deep-set') expect(on!.where).not.toBe('')
      expect(lashCut(eyes(shape), USUAL.personal)).toMatch(/\.$/)
    }
  })
})
