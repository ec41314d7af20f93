import { NewFaceInput } from '../records/people/faces'
import { check } from '../checks/validate'
import { emptyWalkUp, LOOKS, recordsOf, SEEN_AT, SEEN_AT_A_GLANCE } from './walkUp'

describe('a walk-up', () => {
  it('is a face and a consultation the server takes, even when nothing was answered', () => {
    const face = recordsOf(emptyWalkUp(), '14:05', '2026-11-26')
    expect(face).toMatchObject({
      name: 'Walk-up 14:05',
      coverage: 'light',
      booking: { job: { name: 'Walk-up 14:05', day: '2026-11-26' } },
    })
    expect(check(NewFaceInput, face)).toMatchObject({ ok: true })
  })

  it('keeps every answer where the plan looks for it', () => {
    const face = recordsOf(
      {
        ...emptyWalkUp(),
        look: 'as if nothing were there',
        finish: 'matte',
        skinType: 'oily',
        ageBand: 'mature',
        name: ' Ines ',
        sensitivities: ['lanolin'],
        noScent: true,
        seen: ['redness', 'broken', 'dark circles'],
        flash: true,
        hours: 9,
        lashes: 'sparse',
        contactLenses: true,
        keepRecord: 'agreed',
      },
      '9:00',
      '2026-11-26',
    )
    expect(face).toMatchObject({
      name: 'Ines',
      coverage: 'sheer',
      finish: 'matte',
      skinType: 'oily',
      ageBand: 'mature',
    })
    expect(face.booking!.job!.conditions).toMatchObject({ flash: true, hours: 9 })
    expect(face.consultation).toMatchObject({
      bareFaced: true,
      sensitivities: ['lanolin'],
      noScent: true,
      mildOnly: false,
      lashes: 'sparse',
      contactLenses: true,
      keepRecord: 'agreed',
      zones: [
        { zone: 'cheeks', states: ['redness', 'broken'] },
        { zone: 'eye area', states: ['dark circles'] },
      ],
    })
    expect(check(NewFaceInput, face).ok).toBe(true)
  })

  it('each look asks for more cover than the one before, and every state has its place', () => {
    const scale = ['sheer', 'light', 'medium', 'full']
    expect(LOOKS.map(look => scale.indexOf(recordsOf({ ...emptyWalkUp(), look }, '', '2026-11-26').coverage))).toEqual([
      0, 1, 2, 3,
    ])
    expect(SEEN_AT_A_GLANCE.every(state => SEEN_AT[state])).toBe(true)
  })
})
