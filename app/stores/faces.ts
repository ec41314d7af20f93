import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type {
  ComplaintInput,
  Face,
  FaceInput,
  FaceReading,
  HistoryEntry,
  HistoryInput,
  PictureRecord,
  ReadingInput,
  SavedRecipe,
  SavedRecipeInput,
  SeenVerdict,
} from '#shared/records/faces'
import type { Consultation } from '#shared/records/consultation'
import type { OwnedProduct, OwnedProductInput } from '#shared/records/kit'
import { plain } from '#shared/validate'
import { api } from '~/composables/api'
import { seenInWords } from '~/composables/words'
import { useChairside } from './chairside'
import { useDrafts } from './drafts'
import { useRecordDrafts } from './recordDrafts'
import { useUndo } from './undo'

/** What FaceInput holds, of a whole face. */
const asInput = ({
  name,
  ageBand,
  skinType,
  coverage,
  finish,
  wishes,
  bookedOn,
  bookedFor,
  notes,
}: Face): FaceInput => ({
  name,
  ageBand,
  skinType,
  coverage,
  finish,
  wishes,
  bookedOn,
  bookedFor,
  notes,
})

export const useFaces = defineStore('faces', () => {
  const faces = ref<Face[]>([])
  const currentId = ref<string | null>(null)
  const undo = useUndo()

  const byId = computed(() => new Map(faces.value.map(f => [f.id, f])))
  /** The face being worked on, pinned on top of every page. */
  const current = computed(() => byId.value.get(currentId.value ?? '') ?? null)

  async function load(): Promise<void> {
    faces.value = await api<Face[]>('faces')
  }

  function put(face: Face): void {
    const others = faces.value.filter(f => f.id !== face.id)
    faces.value = [...others, face].sort((x, y) => x.name.localeCompare(y.name))
  }
  const amend = (id: string, work: (face: Face) => Partial<Face>) => {
    const face = byId.value.get(id)
    if (face) put({ ...face, ...work(face) })
  }

  async function add(input: FaceInput): Promise<Face> {
    const face = await api<Face>('faces', { method: 'POST', body: plain(input) })
    put(face)
    return face
  }

  async function change(id: string, input: FaceInput): Promise<void> {
    put(await api<Face>(`faces/${id}`, { method: 'PUT', body: plain(input) }))
  }

  async function changeConsultation(id: string, consultation: Consultation): Promise<void> {
    const before = byId.value.get(id)?.consultation
    const send = async (value: Consultation) =>
      put(await api<Face>(`faces/${id}/consultation`, { method: 'PUT', body: plain(value) }))
    await send(consultation)
    if (before) undo.tell('The record is kept.', () => send(before))
  }

  /** What the person is and wishes for together with their answers: both are kept, and both come back on undo. */
  async function keepRecord(id: string, about: FaceInput, consultation: Consultation): Promise<void> {
    const before = byId.value.get(id)
    const send = async (face: FaceInput, answers: Consultation) => {
      await api<Face>(`faces/${id}`, { method: 'PUT', body: plain(face) })
      put(await api<Face>(`faces/${id}/consultation`, { method: 'PUT', body: plain(answers) }))
    }
    await send(about, consultation)
    if (before) undo.tell('The record is kept.', () => send(asInput(before), before.consultation))
  }

  async function remember(faceId: string, input: HistoryInput): Promise<void> {
    const entry = await api<HistoryEntry>(`faces/${faceId}/history`, { method: 'POST', body: input })
    amend(faceId, f => ({ history: [entry, ...f.history] }))
    undo.tell('It is remembered.', () => forgetEntry(faceId, entry.id))
  }

  async function forgetEntry(faceId: string, id: string): Promise<void> {
    await api(`history/${id}`, { method: 'DELETE' })
    amend(faceId, f => ({ history: f.history.filter(h => h.id !== id) }))
  }

  async function bring(faceId: string, input: OwnedProductInput): Promise<void> {
    const product = await api<OwnedProduct>(`faces/${faceId}/own`, { method: 'POST', body: plain(input) })
    amend(faceId, f => ({ own: [...f.own, product] }))
    undo.tell(`${product.shade} is on the record.`, () => leaveHome(faceId, product.id, false))
  }

  async function leaveHome(faceId: string, id: string, tell = true): Promise<void> {
    const product = byId.value.get(faceId)?.own.find(p => p.id === id)
    await api(`kit/${id}`, { method: 'DELETE' })
    amend(faceId, f => ({ own: f.own.filter(p => p.id !== id) }))
    if (tell && product) {
      undo.tell(`${product.shade} is off the record.`, async () => {
        await api(`kit/${id}/restore`, { method: 'POST' })
        amend(faceId, f => ({ own: [...f.own, product] }))
      })
    }
  }

  async function remove(id: string): Promise<void> {
    const face = await api<Face>(`faces/${id}`, { method: 'DELETE' })
    faces.value = faces.value.filter(f => f.id !== id)
    if (currentId.value === id) currentId.value = null
    undo.tell(`${face.name} is deleted.`, async () => put(await api<Face>(`faces/${id}/restore`, { method: 'POST' })))
  }

  async function addPicture(faceId: string, file: Blob): Promise<void> {
    const picture = await api<PictureRecord>(`faces/${faceId}/pictures`, { method: 'POST', body: file })
    amend(faceId, f => ({ pictures: [picture, ...f.pictures] }))
  }

  async function removePicture(faceId: string, id: string): Promise<void> {
    await api(`pictures/${id}`, { method: 'DELETE' })
    const before = byId.value.get(faceId)?.pictures ?? []
    amend(faceId, f => ({ pictures: f.pictures.filter(p => p.id !== id) }))
    undo.tell('The picture is deleted.', async () => {
      await api(`pictures/${id}/restore`, { method: 'POST' })
      amend(faceId, () => ({ pictures: before }))
    })
  }

  /** For good: nothing of theirs is left, and there is no way back. */
  async function forget(id: string): Promise<void> {
    const { sentence } = await api<{ sentence: string }>(`faces/${id}/forget`, { method: 'POST' })
    faces.value = faces.value.filter(f => f.id !== id)
    if (currentId.value === id) currentId.value = null
    useChairside().startOver(id)
    useRecordDrafts().drop(id)
    useDrafts().dropAbout(id)
    undo.tell(sentence)
  }

  async function addReading(faceId: string, input: ReadingInput): Promise<void> {
    const reading = await api<FaceReading>(`faces/${faceId}/readings`, { method: 'POST', body: plain(input) })
    amend(faceId, f => ({ readings: [reading, ...f.readings] }))
  }

  async function removeReading(faceId: string, id: string): Promise<void> {
    await api(`readings/${id}`, { method: 'DELETE' })
    const before = byId.value.get(faceId)?.readings ?? []
    amend(faceId, f => ({ readings: f.readings.filter(r => r.id !== id) }))
    undo.tell('The reading is deleted.', async () => {
      await api(`readings/${id}/restore`, { method: 'POST' })
      amend(faceId, () => ({ readings: before }))
    })
  }

  async function saveRecipe(faceId: string, input: SavedRecipeInput): Promise<void> {
    const recipe = await api<SavedRecipe>(`faces/${faceId}/recipes`, { method: 'POST', body: plain(input) })
    amend(faceId, f => ({ recipes: [recipe, ...f.recipes] }))
    undo.tell('The recipe is on the face’s card.', () => removeRecipe(faceId, recipe.id, false))
  }

  async function removeRecipe(faceId: string, id: string, tell = true): Promise<void> {
    await api(`recipes/${id}`, { method: 'DELETE' })
    const before = byId.value.get(faceId)?.recipes ?? []
    amend(faceId, f => ({ recipes: f.recipes.filter(r => r.id !== id) }))
    if (tell) {
      undo.tell('The recipe is deleted.', async () => {
        await api(`recipes/${id}/restore`, { method: 'POST' })
        amend(faceId, () => ({ recipes: before }))
      })
    }
  }

  async function keepSeen(faceId: string, input: ComplaintInput): Promise<void> {
    const seen = await api<SeenVerdict>(`faces/${faceId}/seen`, { method: 'POST', body: input })
    amend(faceId, f => ({ seen: [seen, ...f.seen] }))
    undo.tell(`Noted: ${seenInWords(input)}.`, async () => {
      await api(`seen/${seen.id}`, { method: 'DELETE' })
      amend(faceId, f => ({ seen: f.seen.filter(s => s.id !== seen.id) }))
    })
  }

  return {
    faces,
    byId,
    current,
    currentId,
    load,
    amend,
    add,
    change,
    changeConsultation,
    keepRecord,
    remember,
    forgetEntry,
    bring,
    leaveHome,
    remove,
    forget,
    addPicture,
    removePicture,
    addReading,
    removeReading,
    saveRecipe,
    removeRecipe,
    keepSeen,
  }
})
