import { defineStore } from 'pinia'
import { ref } from 'vue'
import { carryOver } from '#shared/carryOver'
import type { Consultation } from '#shared/records/consultation'
import type { Face, FaceInput } from '#shared/records/faces'

/** What Ask writes of a face: the answers, and what stands with the face itself. */
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

/** Answers given and not kept yet, by face, so that looking elsewhere loses none; they live as long as the page. */
export const useRecordDrafts = defineStore('recordDrafts', () => {
  const drafts = ref<Record<string, { mine: RecordDraft; before: RecordDraft }>>({})

  const isOpen = (faceId: string) => faceId in drafts.value

  /** Where the answers stand: as they were left, over the record as it is now. */
  function open(face: Face): RecordDraft {
    const left = drafts.value[face.id]
    const now = recordOf(face)
    return left ? carryRecord(left.mine, left.before, now) : now
  }
  function keep(face: Face, mine: RecordDraft): void {
    const before = recordOf(face)
    const { [face.id]: _gone, ...others } = drafts.value
    drafts.value = isSame(mine, before)
      ? others
      : { ...others, [face.id]: { mine: JSON.parse(JSON.stringify(mine)) as RecordDraft, before } }
  }
  function drop(faceId: string): void {
    const { [faceId]: _gone, ...others } = drafts.value
    drafts.value = others
  }
  return { isOpen, open, keep, drop }
})
