import { createPinia, setActivePinia } from 'pinia'
import { DEMO_FACES } from '../../demo/faces'
import { demoFace } from '../../tests/support/demo'
import { carryRecord, recordOf, useRecordDrafts } from './recordDrafts'

const face = demoFace(DEMO_FACES[0]!)
beforeEach(() => setActivePinia(createPinia()))

describe('answers that were not kept', () => {
  it('are there again after looking elsewhere', () => {
    const drafts = useRecordDrafts()
    const mine = drafts.open(face)
    mine.answers.noScent = !mine.answers.noScent
    mine.wish.wishes = 'as last time'
    drafts.keep(face, mine)
    expect(drafts.isOpen(face.id)).toBe(true)
    expect(drafts.open(face)).toEqual(mine)
  })
  it('lie over what changed on the record meanwhile', () => {
    const drafts = useRecordDrafts()
    const mine = drafts.open(face)
    mine.answers.normallyWears = 'brow gel'
    drafts.keep(face, mine)
    const later = { ...face, coverage: 'sheer' as const, consultation: { ...face.consultation, look: 'gold lid' } }
    const open = drafts.open(later)
    expect(open.answers).toMatchObject({ normallyWears: 'brow gel', look: 'gold lid' })
    expect(open.wish.coverage).toBe('sheer')
  })
  it('are no draft when they say what the record says, and none once dropped', () => {
    const drafts = useRecordDrafts()
    drafts.keep(face, recordOf(face))
    expect(drafts.isOpen(face.id)).toBe(false)
    drafts.keep(face, { ...recordOf(face), wish: { ...recordOf(face).wish, finish: 'luminous' } })
    drafts.drop(face.id)
    expect(drafts.open(face)).toEqual(recordOf(face))
  })
  it('follow the record when keeping is undone', () => {
    const before = recordOf(face)
    const kept = recordOf(face)
    kept.wish.ageBand = 'teen'
    expect(carryRecord(kept, kept, before)).toEqual(before)
  })
})
