import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { KeepingAnswer, Preview } from '#shared/records/record/keeping'
import type { SetAside } from '#shared/records/record/stored'
import { api } from '~/asking/api'
import { useUndo } from './undo'

/** Backups, and records that cannot be used. */
export const useKeeping = defineStore('keeping', () => {
  const state = ref<KeepingAnswer>({ here: true, backups: [], troubles: [], demo: { isDemo: false, back: null } })
  const aside = ref<SetAside[]>([])
  const undo = useUndo()

  async function load(): Promise<void> {
    state.value = await api('get', '/api/keeping')
  }
  async function loadAside(): Promise<void> {
    aside.value = await api('get', '/api/set-aside')
  }

  async function backUp(): Promise<void> {
    await api('post', '/api/keeping/backups')
    await load()
    undo.tell('The backup is made.')
  }
  const previewKept = (name: string) => api('post', '/api/keeping/backups/:name/preview', { name })
  const previewFile = (file: Blob) =>
    api('post', '/api/keeping/restore', {}, { body: new Blob([file], { type: 'application/octet-stream' }) })

  /** Puts a backup that was looked at in the place of the data; what the screens hold is then to be loaded anew. */
  async function restore(preview: Preview): Promise<void> {
    const { sentence } = await api('post', '/api/keeping/confirm', {}, { body: { id: preview.id } })
    undo.tell(sentence)
  }

  /** Puts a record right as was proposed; the lists it belongs in are then to be loaded anew. */
  async function mend(record: SetAside): Promise<void> {
    aside.value = await api('post', '/api/set-aside/:sort/:id/mend', { sort: record.sort, id: record.id })
    undo.tell(`${record.name} can be used again.`)
  }
  async function putAway(record: SetAside): Promise<void> {
    aside.value = await api('delete', '/api/set-aside/:sort/:id', { sort: record.sort, id: record.id })
    const back = async () => {
      aside.value = await api('post', '/api/set-aside/:sort/:id/restore', { sort: record.sort, id: record.id })
    }
    undo.tell(`${record.name} is put away.`, record.canReturn ? back : undefined)
  }
  return { state, aside, load, loadAside, backUp, previewKept, previewFile, restore, mend, putAway }
})
