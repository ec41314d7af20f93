import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Face, FaceInput, NewFaceInput } from '#shared/records/people/faces'
import type { ForgetInput } from '#shared/records/people/forgetting'
import type { Consultation } from '#shared/records/method/consultation'
import { plain } from '#shared/checks/validate'
import { api, outcomeOf } from '~/asking/api'
import { useChairside } from './chairside'
import { useClientele } from './clientele'
import { useDrafts } from './drafts'
import { useJobs } from './jobs'
import { useRecordDrafts } from './recordDrafts'
import { faceBookings } from './parts/faceBookings'
import { faceRecord } from './parts/faceRecord'
import { useUndo } from './undo'

const same = (x: unknown, y: unknown) => JSON.stringify(x) === JSON.stringify(y)

/** Counts, by face, what is newer than a read that is under way: its answer, coming late, changes nothing. */
function turnsByFace() {
  const newest = new Map<string, number>()
  const newer = (id: string): number => {
    const turn = (newest.get(id) ?? 0) + 1
    newest.set(id, turn)
    return turn
  }
  return { newer, isNewest: (id: string, turn: number) => newest.get(id) === turn }
}

export const useFaces = defineStore('faces', () => {
  /** Faces that were opened, whole; lists hold lines of their own. */
  const byId = ref<ReadonlyMap<string, Face>>(new Map())
  const currentId = ref<string | null>(null)
  const undo = useUndo()

  /** The face being worked on, pinned on top of every page. */
  const current = computed(() => byId.value.get(currentId.value ?? '') ?? null)

  const { newer, isNewest } = turnsByFace()
  /** Nothing follows from a face that is as it was: no match is begun anew. */
  function put(face: Face): void {
    newer(face.id)
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
    const mine = newer(id)
    const face = await outcomeOf(api('get', '/api/faces/:id', { id }))
    if (!isNewest(id, mine)) return
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

  async function remove(id: string): Promise<void> {
    await api('delete', '/api/faces/:id', { id })
    drop(id)
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

  return {
    ...faceRecord(amend),
    ...faceBookings(reload),
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
    remove,
    forget,
  }
})
