import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { BackupFile, Keeping, Preview, Restored } from '#shared/records/keeping'
import type { SetAside } from '#shared/records/stored'
import { api } from '~/composables/api'
import { useUndo } from './undo'

/** Backups, and records that cannot be used as they stand. */
export const useKeeping = defineStore('keeping', () => {
  const state = ref<Keeping>({ here: true, backups: [], troubles: [] })
  const aside = ref<SetAside[]>([])
  const undo = useUndo()

  async function load(): Promise<void> {
    state.value = await api<Keeping>('keeping')
  }
  async function loadAside(): Promise<void> {
    aside.value = await api<SetAside[]>('set-aside')
  }

  async function backUp(): Promise<void> {
    await api<BackupFile>('keeping/backups', { method: 'POST' })
    await load()
    undo.tell('The backup is made.')
  }
  const previewKept = (name: string) => api<Preview>(`keeping/backups/${name}/preview`, { method: 'POST' })
  const previewFile = (file: Blob) =>
    api<Preview>('keeping/restore', { method: 'POST', body: new Blob([file], { type: 'application/zip' }) })

  /** Puts a backup that was looked at in the place of the data; what the screens hold is then to be loaded anew. */
  async function restore(preview: Preview): Promise<void> {
    const { sentence } = await api<Restored>('keeping/confirm', { method: 'POST', body: { id: preview.id } })
    undo.tell(sentence)
  }

  const path = ({ sort, id }: SetAside) => `set-aside/${sort}/${id}`
  /** Puts a record right as was proposed; the lists it belongs in are then to be loaded anew. */
  async function mend(record: SetAside): Promise<void> {
    aside.value = await api<SetAside[]>(`${path(record)}/mend`, { method: 'POST' })
    undo.tell(`${record.name} can be used again.`)
  }
  async function putAway(record: SetAside): Promise<void> {
    aside.value = await api<SetAside[]>(path(record), { method: 'DELETE' })
    const back = async () => {
      aside.value = await api<SetAside[]>(`${path(record)}/restore`, { method: 'POST' })
    }
    undo.tell(`${record.name} is put away.`, record.canReturn ? back : undefined)
  }
  return { state, aside, load, loadAside, backUp, previewKept, previewFile, restore, mend, putAway }
})
