import { defineStore } from 'pinia'
import { carryOver } from '#shared/carryOver'
import type { Consultation } from '#shared/records/method/consultation'
import type { Face, FaceInput } from '#shared/records/people/faces'
import { useDrafts } from './drafts'

/** What Ask writes: the answers, and the fields of the face itself. */
export interface RecordDraft {
  answers: Consultation
  wish: Pick<FaceInput, 'wishes' | 'coverage' | 'finish' | 'skinType' | 'ageBand'>
}

export function recordOf({ consultation, wishes, coverage, finish, skinType, ageBand }: Face): RecordDraft {
  const answers = JSON.parse(JSON.stringify(consultation)) as Consultation
  return { answers, wish: { wishes, coverage, finish, skinType, ageBand } }
}

export const isSame = (x: RecordDraft, y: RecordDraft): boolean => JSON.stringify(x) === JSON.stringify(y)

/** Unsaved work carried over a change of the record that was made elsewhere. */
export const carryRecord = (mine: RecordDraft, before: RecordDraft, now: RecordDraft): RecordDraft => ({
  answers: carryOver(mine.answers, before.answers, now.answers),
  wish: carryOver(mine.wish, before.wish, now.wish),
})

interface Draft {
  mine: RecordDraft
  before: RecordDraft
}
const keyOf = (faceId: string) => `ask:${faceId}`

/** Answers given and not kept yet, by face, so that neither looking elsewhere nor loading the page anew loses any. */
export const useRecordDrafts = defineStore('recordDrafts', () => {
  const drafts = useDrafts()

  function leftOf(faceId: string): Draft | undefined {
    try {
      return JSON.parse(drafts.of(keyOf(faceId)) ?? 'null') as Draft | undefined
    } catch {
      return undefined
    }
  }
  const isOpen = (faceId: string) => drafts.of(keyOf(faceId)) !== undefined

  /** The answers as they were left, over the record as it is now. */
  function open(face: Face): RecordDraft {
    const left = leftOf(face.id)
    const now = recordOf(face)
    return left ? carryRecord(left.mine, left.before, now) : now
  }
  function keep(face: Face, mine: RecordDraft): void {
    const before = recordOf(face)
    if (isSame(mine, before)) drop(face.id)
    else drafts.keep(keyOf(face.id), JSON.stringify({ mine, before } satisfies Draft))
  }
  const drop = (faceId: string) => drafts.drop(keyOf(faceId))
  return { isOpen, open, keep, drop }
})
