import { face, job } from '../../tests/support/suitability'
import { typicalSkin } from '../complexion/skins/skin'
import { USUAL } from '../asked/job'
import { agreedLook } from './agreed'
import { NOTHING_SAID } from '../asked/brief'
import { browTarget, eyeFamily, hairShade, usualWear } from './colouring'
import { programmeOf, proposedProgramme } from '../asked/programme'

describe('the programme proposed', () => {
  const of = (...[who, day = USUAL.personal]: [Parameters<typeof face>[0], (typeof USUAL)['personal']?]) =>
    proposedProgramme(face(who), day).programme
  it.each([
    [{}, USUAL.personal, 'full face'],
    [{ facialHair: true }, USUAL.screen, 'grooming'],
    [{ facialHair: true }, USUAL.stage, 'skin and brows'],
    [{ bareFaced: true }, USUAL['ceremony party'], 'skin and brows'],
    [{ ageBand: 'child' as const, facialHair: false }, USUAL.portrait, 'skin and brows'],
  ] as const)('%j', (who, day, expected) => expect(of(who, day)).toBe(expected))
  it('gives way to what was chosen', () =>
    expect(programmeOf(face({ facialHair: true, programme: 'full face' }), USUAL.screen)).toBe('full face'))
})

describe('words for hair, brows and eyes', () => {
  it('find the longest that fits, in a sentence too', () => {
    expect(hairShade('dark brown, greying')).toEqual(hairShade('dark brown'))
    expect(hairShade('Blonde')).toEqual(hairShade('blond'))
    expect(hairShade('unknown to us')).toBeNull()
    expect([eyeFamily('dark brown'), eyeFamily('blue-grey'), eyeFamily('')]).toEqual(['dark brown', 'blue', null])
  })
  it('brows go deeper than light hair and lighter than black', () => {
    expect(browTarget('', 'fair')!.L).toBeLessThan(hairShade('fair')!.L)
    expect(browTarget('', 'black')!.L).toBeGreaterThan(hairShade('black')!.L)
    expect(browTarget('brown', 'white')).toEqual(hairShade('brown'))
    expect(browTarget('', '')).toBeNull()
  })
  it('what somebody wears as a rule', () =>
    expect(['', 'Nothing, ever.', 'A little lipstick.', 'Powder and a red lip.'].map(usualWear)).toEqual([
      null,
      'nothing',
      'little',
      'some',
    ]))
})

describe('a look', () => {
  it('says of every part whether it was agreed or is usual, and why', () => {
    const asked = face({ brief: { ...NOTHING_SAID, lip: 'plum' } })
    expect(agreedLook(asked, USUAL.evening).lip).toEqual({ is: 'plum', because: 'as agreed', agreed: true })
    expect(agreedLook(face(), USUAL.evening).lip).toMatchObject({
      agreed: false,
      because: expect.stringMatching(/usual for an evening/) as string,
    })
  })
  it('takes what they wear as a rule where nothing was agreed, but on no child and under no bare face', () => {
    const wears = { normallyWears: 'Smoky eyes and a plum lip, brown liner.' }
    const usual = agreedLook(face(wears), USUAL.portrait)
    expect([usual.lip, usual.eyes.is, usual.liner.is]).toEqual([
      { is: 'plum', because: 'they wear it as a rule', agreed: false },
      'smoky',
      'brown',
    ])
    const agreed = agreedLook(face({ ...wears, brief: { ...NOTHING_SAID, lip: 'nude' } }), USUAL.portrait)
    expect(agreed.lip).toMatchObject({ is: 'nude', agreed: true })
    expect(agreedLook(face({ ...wears, ageBand: 'child' }), USUAL.portrait).lip.is).toBe('bare')
    expect(agreedLook(face({ ...wears, bareFaced: true }), USUAL.portrait).lip.is).toBe('bare')
  })
  it('is little on who wears little, a child, or a teenager', () => {
    const little = agreedLook(face({ normallyWears: 'just a little' }), USUAL.evening)
    expect([little.eyeStrength.is, little.liner.is, little.lipStrength.is]).toEqual(['light', 'none', 'sheer'])
    expect(agreedLook(face({ ageBand: 'child' }), job())).toMatchObject({
      lip: { is: 'bare' },
      eyes: { is: 'bare' },
      brows: { is: 'leave' },
    })
  })
  it('shimmers only where nothing speaks against it', () => {
    const of = (who: Parameters<typeof face>[0]) => agreedLook(face(who), USUAL.evening).shimmer.cheeks.is
    expect(of({})).toBe('a little')
    expect(of({ zones: { cheeks: { states: ['textured'] } } })).toBe('none')
    expect(of({ ageBand: 'mature' })).toBe('none')
    expect(
      of({ ageBand: 'mature', brief: { ...NOTHING_SAID, shimmer: { ...NOTHING_SAID.shimmer, cheeks: 'yes' } } }),
    ).toBe('yes')
  })
  it('leans warm or cool by undertone and eyes', () => {
    const lip = (undertone: 'rosy' | 'golden') =>
      agreedLook(face({ skin: typicalSkin(4, undertone) }), USUAL.evening).lip.is
    expect([lip('rosy'), lip('golden')]).toEqual(['cool red', 'warm red'])
    expect(agreedLook(face({ eyeColour: 'blue' }), job()).temperature).toMatchObject({
      is: 'warm',
      because: 'brings out blue eyes',
    })
  })
})
