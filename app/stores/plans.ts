import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { FacePlan } from '#core/suitability/facePlan'
import type {
  FlashTestInput,
  FlashTestRecord,
  LockInput,
  OverrideInput,
  PaletteTestInput,
  PaletteTestRecord,
  PlanInput,
  PlanNotesInput,
  SavedPlan,
  SavePlanInput,
  Tests,
} from '#shared/records/plans'
import type { MeasuredMixInput, MeasuredMixRecord } from '#shared/records/mixes'
import { plain } from '#shared/validate'
import { api } from '~/composables/api'
import { useDrafts } from './drafts'
import { useFaces } from './faces'
import { useUndo } from './undo'

/** What the artist holds fast or lifts while a plan is being made; kept per face until it is saved. */
export interface PlanDraft {
  locks: LockInput[]
  overrides: OverrideInput[]
}

const NOTHING_HELD: PlanDraft = { locks: [], overrides: [] }
const keyOf = (faceId: string) => `plan:${faceId}`

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
    if (draft.locks.length + draft.overrides.length === 0) kept.drop(keyOf(faceId))
    else kept.keep(keyOf(faceId), JSON.stringify(draft))
  }

  const compute = (faceId: string, input: PlanInput) =>
    api<FacePlan>(`faces/${faceId}/plan`, { method: 'POST', body: input })

  function lock(faceId: string, entry: LockInput): void {
    const { locks, overrides } = draftOf(faceId)
    keep(faceId, { overrides, locks: [...locks.filter(l => l.key !== entry.key), entry] })
  }
  function unlock(faceId: string, key: string): void {
    const { locks, overrides } = draftOf(faceId)
    keep(faceId, { overrides, locks: locks.filter(l => l.key !== key) })
  }
  function override(faceId: string, entry: OverrideInput): void {
    const { locks, overrides } = draftOf(faceId)
    keep(faceId, {
      locks,
      overrides: [...overrides.filter(o => o.itemId !== entry.itemId || o.rule !== entry.rule), entry],
    })
  }
  function reset(faceId: string): void {
    const before = draftOf(faceId)
    keep(faceId, NOTHING_HELD)
    undo.tell('Everything is free to choose again.', async () => keep(faceId, before))
  }

  async function save(faceId: string, input: SavePlanInput): Promise<SavedPlan> {
    const plan = await api<SavedPlan>(`faces/${faceId}/plans`, { method: 'POST', body: input })
    faces.amend(faceId, f => ({ plans: [plan, ...f.plans] }))
    undo.tell(input.kind === 'preview' ? 'The preview is kept.' : 'The plan is kept.', () =>
      remove(faceId, plan.id, false),
    )
    return plan
  }

  async function remove(faceId: string, id: string, tell = true): Promise<void> {
    await api(`plans/${id}`, { method: 'DELETE' })
    const before = faces.byId.get(faceId)?.plans ?? []
    faces.amend(faceId, f => ({ plans: f.plans.filter(p => p.id !== id) }))
    if (tell) {
      undo.tell('The plan is deleted.', async () => {
        await api(`plans/${id}/restore`, { method: 'POST' })
        faces.amend(faceId, () => ({ plans: before }))
      })
    }
  }

  const put = (faceId: string, plan: SavedPlan) =>
    faces.amend(faceId, f => ({ plans: f.plans.map(p => (p.id === plan.id ? plan : p)) }))

  async function note(faceId: string, id: string, notes: PlanNotesInput): Promise<void> {
    put(faceId, await api<SavedPlan>(`plans/${id}`, { method: 'PUT', body: notes }))
  }

  /** The plan was done: it is on the card, and every product of it was used once more. */
  async function use(faceId: string, id: string): Promise<void> {
    put(faceId, await api<SavedPlan>(`plans/${id}/used`, { method: 'POST' }))
    undo.tell('It is on the card as used.', async () =>
      put(faceId, await api<SavedPlan>(`plans/${id}/used`, { method: 'DELETE' })),
    )
  }

  /** The day's plan begins as the preview was: same products, same vetoes lifted. */
  function copyToDay(faceId: string, preview: SavedPlan): void {
    const locks = preview.plan.layers.map((l): LockInput => ({
      key: l.key,
      empty: false,
      ...(l.drops ? { drops: l.drops.map(d => ({ ...d })) } : { itemId: l.item.id }),
    }))
    keep(faceId, { locks, overrides: preview.overrides })
  }

  async function addPaletteTest(input: PaletteTestInput): Promise<void> {
    const test = await api<PaletteTestRecord>('tests/palette', { method: 'POST', body: input })
    tests.value = { ...tests.value, palette: [...tests.value.palette, test] }
    undo.tell('The palette test is kept.', () => removePaletteTest(test.id))
  }
  async function removePaletteTest(id: string): Promise<void> {
    await api(`tests/palette/${id}`, { method: 'DELETE' })
    tests.value = { ...tests.value, palette: tests.value.palette.filter(t => t.id !== id) }
  }
  async function addFlashTest(input: FlashTestInput): Promise<void> {
    const test = await api<FlashTestRecord>('tests/flash', { method: 'POST', body: input })
    tests.value = { ...tests.value, flash: [...tests.value.flash, test] }
    undo.tell('The flash test is kept.', () => removeFlashTest(test.id))
  }
  async function removeFlashTest(id: string): Promise<void> {
    await api(`tests/flash/${id}`, { method: 'DELETE' })
    tests.value = { ...tests.value, flash: tests.value.flash.filter(t => t.id !== id) }
  }

  async function addMix(input: MeasuredMixInput): Promise<void> {
    const mix = await api<MeasuredMixRecord>('tests/mixes', { method: 'POST', body: plain(input) })
    tests.value = { ...tests.value, mixes: [...tests.value.mixes, mix] }
    undo.tell('The measured mix is kept.', () => removeMix(mix.id, false))
  }
  async function removeMix(id: string, tell = true): Promise<void> {
    const { drops, lab } = await api<MeasuredMixRecord>(`tests/mixes/${id}`, { method: 'DELETE' })
    tests.value = { ...tests.value, mixes: tests.value.mixes.filter(m => m.id !== id) }
    if (tell) undo.tell('The measured mix is forgotten.', () => addMix({ drops, lab }))
  }

  async function loadTests(): Promise<void> {
    tests.value = await api<Tests>('tests')
  }

  return {
    tests,
    draftOf,
    compute,
    lock,
    unlock,
    override,
    reset,
    save,
    note,
    remove,
    use,
    copyToDay,
    loadTests,
    addPaletteTest,
    removePaletteTest,
    addFlashTest,
    removeFlashTest,
    addMix,
    removeMix,
  }
})
