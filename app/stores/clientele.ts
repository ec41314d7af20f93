import { defineStore } from 'pinia'
import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Clientele } from '#shared/records/people/clientele'
import { acts, api } from '~/asking/api'
import { useUndo } from './undo'

// Several acts in one go are looked at once.
const SOON_MS = 150

/** Whom the kit is for, in short: Reach, Buys and the Bench start from it. Follows whatever is written. */
export const useClientele = defineStore('clientele', () => {
  const value = ref<Clientele>({ all: 0, unread: 0, faces: [], skins: [], inRecipes: {} })
  const byId = computed(() => new Map(value.value.faces.map(f => [f.id, f])))
  const faces = computed(() => value.value.faces)
  const nameOf = (id: string) => byId.value.get(id)?.name ?? 'a face'

  async function load(): Promise<void> {
    value.value = await api('get', '/api/clientele')
  }
  const undo = useUndo()
  watchDebounced(acts, () => undo.attempt(load), { debounce: SOON_MS })
  return { value, faces, byId, nameOf, load }
})
