import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { BaseOffer } from '#core/plan/bases'
import type { JobFacts } from '#core/asked/job'
import { OccasionInput } from '#shared/records/method/consultation'
import type {
  BaseAsked,
  BasesInput,
  LockInput,
  OpenPlan,
  OverrideInput,
  PlanInput,
  PlanLine,
  PlanNotesInput,
  SavedPlan,
  SavePlanInput,
  Tests,
} from '#shared/records/people/plans'
import { api } from '~/asking/api'
import { useDrafts } from './drafts'
import { useFaces } from './faces'
import { useKit } from './kit'
import { testLog } from './parts/testLog'
import { useUndo } from './undo'

/** What the artist holds fast or lifts while a plan is being made; kept per face until it is saved. */
export interface PlanDraft {
  locks: LockInput[]
  overrides: OverrideInput[]
  /** The booking that was chosen; left out, the one that counts today. */
  bookingId?: string
  /** What a visit that is not booked asks. */
  occasion?: OccasionInput
}

const NOTHING_HELD: PlanDraft = { locks: [], overrides: [] }
const keyOf = (faceId: string) => `plan:${faceId}`

/** A layer held as it is in a kept plan. */
const lockedAs = (l: OpenPlan['plan']['layers'][number]): LockInput => ({
  key: l.key,
  empty: false,
  ...(l.drops ? { drops: l.drops.map(d => ({ ...d })) } : { itemId: l.item.id }),
})

export const usePlans = defineStore('plans', () => {
  const kept = useDrafts()
  const tests = ref<Tests>({ palette: [], flash: [], mixes: [] })
  const faces = useFaces()
  const undo = useUndo()

  function draftOf(faceId: string): PlanDraft {
    const text = kept.of(keyOf(faceId))
    if (text === undefined) return NOTHING_HELD
    try {
      return JSON.parse(text) as PlanDraft
    } catch {
      return NOTHING_HELD
    }
  }
  function keep(faceId: string, draft: PlanDraft): void {
    const isEmpty = draft.locks.length + draft.overrides.length === 0 && !draft.bookingId && !draft.occasion
    if (isEmpty) kept.drop(keyOf(faceId))
    else kept.keep(keyOf(faceId), JSON.stringify(draft))
  }
  /** Plans for another of this face's days. */
  const choose = (faceId: string, bookingId: string) =>
    keep(faceId, { ...draftOf(faceId), bookingId, occasion: undefined })
  /** Says what a visit that is not booked asks. */
  const ask = (faceId: string, occasion: JobFacts) =>
    keep(faceId, { ...draftOf(faceId), occasion: Object.assign(new OccasionInput(), occasion) })

  const compute = (faceId: string, input: PlanInput, signal?: AbortSignal) =>
    api('post', '/api/faces/:id/plan', { id: faceId }, { body: input, signal })
  /** The day as it is being planned, with nothing held. */
  function dayOf(faceId: string): PlanInput {
    const { overrides, bookingId, occasion } = draftOf(faceId)
    return { locks: [], overrides, bookingId, occasion }
  }
  /** What the kit can mix for this face: the first is the base of its plan. */
  const bases = (
    faceId: string,
    how: Pick<BasesInput, 'order' | 'steers'>,
    signal?: AbortSignal,
  ): Promise<BaseOffer[]> =>
    api('post', '/api/faces/:id/bases', { id: faceId }, { body: { ...dayOf(faceId), ...how }, signal })
  /** The base that was asked for, and what it may be mixed from. */
  const asAsked = (faceId: string): Promise<BaseAsked> =>
    api('post', '/api/faces/:id/as-asked', { id: faceId }, { body: dayOf(faceId) })
  /** A kept plan in full. */
  const body = (id: string): Promise<OpenPlan> => api('get', '/api/plans/:id', { id })

  function lock(faceId: string, entry: LockInput): void {
    const draft = draftOf(faceId)
    keep(faceId, { ...draft, locks: [...draft.locks.filter(l => l.key !== entry.key), entry] })
  }
  function unlock(faceId: string, key: string): void {
    const draft = draftOf(faceId)
    keep(faceId, { ...draft, locks: draft.locks.filter(l => l.key !== key) })
  }
  function override(faceId: string, entry: OverrideInput): void {
    const draft = draftOf(faceId)
    const others = draft.overrides.filter(o => o.itemId !== entry.itemId || o.rule !== entry.rule)
    keep(faceId, { ...draft, overrides: [...others, entry] })
  }
  function reset(faceId: string): void {
    const before = draftOf(faceId)
    keep(faceId, { ...before, ...NOTHING_HELD })
    undo.tell('Everything is free to choose again.', async () => keep(faceId, before))
  }

  async function save(faceId: string, input: SavePlanInput): Promise<SavedPlan> {
    const saved = await api('post', '/api/faces/:id/plans', { id: faceId }, { body: input })
    const { plan: _plan, locks: _locks, overrides: _overrides, ...line } = saved
    faces.amend(faceId, f => ({ plans: [line, ...f.plans] }))
    return saved
  }

  async function remove(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/plans/:id', { id })
    faces.amend(faceId, f => ({ plans: f.plans.filter(p => p.id !== id) }))
  }

  const put = (faceId: string, plan: PlanLine) =>
    faces.amend(faceId, f => ({ plans: f.plans.map(p => (p.id === plan.id ? plan : p)) }))

  async function note(faceId: string, id: string, notes: PlanNotesInput): Promise<void> {
    put(faceId, await api('put', '/api/plans/:id', { id }, { body: notes }))
  }

  /** The plan was done: it is on the card, and what went on is out of the bottles. */
  async function use(faceId: string, id: string): Promise<void> {
    put(faceId, await api('post', '/api/plans/:id/used', { id }))
    await Promise.all([faces.reload(faceId), useKit().load()])
  }

  /** The day's plan begins as the preview was: same products, same vetoes lifted. */
  async function copyToDay(faceId: string, previewId: string): Promise<void> {
    const preview = await body(previewId)
    const locks = preview.plan.layers.map(lockedAs)
    keep(faceId, { ...draftOf(faceId), locks, overrides: preview.overrides })
  }

  return {
    ...testLog(tests),
    tests,
    draftOf,
    choose,
    ask,
    compute,
    bases,
    asAsked,
    body,
    lock,
    unlock,
    override,
    reset,
    save,
    note,
    remove,
    use,
    copyToDay,
  }
})
