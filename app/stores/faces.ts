import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type {
  ComplaintInput,
  Face,
  FaceInput,
  HistoryInput,
  NewFaceInput,
  ReadingInput,
  SavedRecipeInput,
} from '#shared/records/faces'
import type { ForgetInput } from '#shared/records/forgetting'
import type { Consultation } from '#shared/records/consultation'
import type { BookingForFace, BookingInput } from '#shared/records/jobs'
import type { OwnedProductInput } from '#shared/records/kit'
import { plain } from '#shared/checks/validate'
import { api, outcomeOf } from '~/asking/api'
import { useChairside } from './chairside'
import { useClientele } from './clientele'
import { useDrafts } from './drafts'
import { useJobs } from './jobs'
import { useRecordDrafts } from './recordDrafts'
import { useUndo } from './undo'

const same = (x: unknown, y: unknown) => JSON.stringify(x) === JSON.stringify(y)

export const useFaces = defineStore('faces', () => {
  /** Faces that were opened, whole; lists hold lines of their own. */
  const byId = ref<ReadonlyMap<string, Face>>(new Map())
  const currentId = ref<string | null>(null)
  const undo = useUndo()

  /** The face being worked on, pinned on top of every page. */
  const current = computed(() => byId.value.get(currentId.value ?? '') ?? null)

  /** Nothing follows from a face that is as it was: no match is begun anew. */
  function put(face: Face): void {
    if (same(byId.value.get(face.id), face)) return
    byId.value = new Map(byId.value).set(face.id, face)
  }
  function drop(id: string): void {
    const others = new Map(byId.value)
    if (others.delete(id)) byId.value = others
    if (currentId.value === id) currentId.value = null
  }
  const amend = (id: string, work: (face: Face) => Partial<Face>) => {
    const face = byId.value.get(id)
    if (face) put({ ...face, ...work(face) })
  }
  const opening = new Map<string, Promise<void>>()
  /** As the server has it; asked for once at a time. */
  function open(id: string): Promise<void> {
    const asked = opening.get(id) ?? read(id).finally(() => opening.delete(id))
    opening.set(id, asked)
    return asked
  }
  /** As the server has it now; gone where it has it no more. */
  async function read(id: string): Promise<void> {
    const face = await outcomeOf(api('get', '/api/faces/:id', { id }))
    if (face.ok) put(face.value)
    else drop(id)
  }

  /** Again, where it was opened before. */
  async function reload(id: string): Promise<void> {
    if (byId.value.has(id)) await read(id)
  }

  async function add(input: NewFaceInput): Promise<Face> {
    const face = await api('post', '/api/faces', {}, { body: plain(input) })
    put(face)
    if (input.booking) await useJobs().load()
    return face
  }

  async function change(id: string, input: FaceInput): Promise<void> {
    put(await api('put', '/api/faces/:id', { id }, { body: plain(input) }))
  }

  /**
   * Changes some answers of a record. Where others were changed elsewhere meanwhile, both are kept.
   * @throws ApiProblem where the very same answers were
   */
  async function answer(id: string, part: Partial<Consultation>): Promise<void> {
    const before = byId.value.get(id)
    if (!before) return
    const send = (from: Face) =>
      api(
        'put',
        '/api/faces/:id/consultation',
        { id },
        { body: { ...from.consultation, ...part, version: from.version } },
      )
    const first = await outcomeOf(send(before))
    if (first.ok) return put(first.value)
    if (!first.refused?.today) throw first.refused ?? new Stopped()
    const today = first.refused.today as unknown as Face
    put(today)
    const fields = Object.keys(part) as (keyof Consultation)[]
    if (fields.some(f => !same(before.consultation[f], today.consultation[f]))) throw first.refused
    put(await send(today))
  }

  /** What the person is and wishes for together with their answers. */
  async function keepRecord(id: string, face: FaceInput, consultation: Consultation): Promise<void> {
    put(await api('put', '/api/faces/:id/record', { id }, { body: plain({ face, consultation }) }))
  }

  async function remember(faceId: string, input: HistoryInput): Promise<void> {
    const entry = await api('post', '/api/faces/:id/history', { id: faceId }, { body: input })
    amend(faceId, f => ({ history: [entry, ...f.history] }))
  }

  async function forgetEntry(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/history/:id', { id })
    amend(faceId, f => ({ history: f.history.filter(h => h.id !== id) }))
  }

  async function bring(faceId: string, input: OwnedProductInput): Promise<void> {
    const product = await api('post', '/api/faces/:id/own', { id: faceId }, { body: plain(input) })
    amend(faceId, f => ({ own: [...f.own, product] }))
  }

  async function leaveHome(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/kit/:id', { id })
    amend(faceId, f => ({ own: f.own.filter(p => p.id !== id) }))
  }

  async function book(faceId: string, input: BookingForFace): Promise<void> {
    await api('post', '/api/faces/:id/bookings', { id: faceId }, { body: plain(input) })
    await Promise.all([reload(faceId), useJobs().load()])
  }
  async function changeBooking(faceId: string, id: string, input: BookingInput): Promise<void> {
    await api('put', '/api/bookings/:id', { id }, { body: plain(input) })
    await reload(faceId)
  }

  async function remove(id: string): Promise<void> {
    await api('delete', '/api/faces/:id', { id })
    drop(id)
  }

  async function addPicture(faceId: string, file: Blob): Promise<void> {
    const picture = await api('post', '/api/faces/:id/pictures', { id: faceId }, { body: file })
    amend(faceId, f => ({ pictures: [picture, ...f.pictures] }))
  }

  async function removePicture(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/pictures/:id', { id })
    amend(faceId, f => ({ pictures: f.pictures.filter(p => p.id !== id) }))
  }

  /** For good: nothing of theirs is left but what she leaves, and there is no way back. */
  async function forget(id: string, input: ForgetInput): Promise<void> {
    const { sentence } = await api('post', '/api/faces/:id/forget', { id }, { body: plain(input) })
    drop(id)
    await useClientele().load()
    useChairside().startOver(id)
    useRecordDrafts().drop(id)
    useDrafts().dropAbout(id)
    undo.tell(sentence)
  }

  async function addReading(faceId: string, input: ReadingInput): Promise<void> {
    const reading = await api('post', '/api/faces/:id/readings', { id: faceId }, { body: plain(input) })
    amend(faceId, f => ({ readings: [reading, ...f.readings] }))
  }

  async function removeReading(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/readings/:id', { id })
    amend(faceId, f => ({ readings: f.readings.filter(r => r.id !== id) }))
  }

  async function saveRecipe(faceId: string, input: SavedRecipeInput): Promise<void> {
    const recipe = await api('post', '/api/faces/:id/recipes', { id: faceId }, { body: plain(input) })
    amend(faceId, f => ({ recipes: [recipe, ...f.recipes] }))
  }

  async function removeRecipe(faceId: string, id: string): Promise<void> {
    await api('delete', '/api/recipes/:id', { id })
    amend(faceId, f => ({ recipes: f.recipes.filter(r => r.id !== id) }))
  }

  async function keepSeen(faceId: string, input: ComplaintInput): Promise<void> {
    const seen = await api('post', '/api/faces/:id/seen', { id: faceId }, { body: input })
    amend(faceId, f => ({ seen: [seen, ...f.seen] }))
  }

  return {
    byId,
    current,
    currentId,
    open,
    reload,
    put,
    amend,
    add,
    change,
    answer,
    keepRecord,
    remember,
    forgetEntry,
    bring,
    leaveHome,
    book,
    changeBooking,
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
