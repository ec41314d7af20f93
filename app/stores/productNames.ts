import { defineStore } from 'pinia'
import { ref } from 'vue'
import { api, outcomeOf } from '~/asking/api'
import { useKit } from './kit'

const GONE = 'a product that left the kit'

/** Names of products wherever only an id is known: those that are mixed are at hand, the others are asked for together. */
export const useProductNames = defineStore('productNames', () => {
  const known = ref(new Map<string, string | null>())
  let wanted = new Set<string>()

  async function fetchWanted(): Promise<void> {
    const ids = [...wanted]
    wanted = new Set()
    const found = await outcomeOf(api('get', '/api/kit/names', { ids: ids.join(',') }))
    // A name that could not be fetched is asked for again by the next page that needs it.
    if (!found.ok) return
    const names = new Map(found.value.map(p => [p.id, p.shade]))
    known.value = new Map([...known.value, ...ids.map(id => [id, names.get(id) ?? null] as const)])
  }
  /** The name of a product, empty while it is on its way. */
  function nameOf(id: string): string {
    const mixed = useKit().byId.get(id)
    if (mixed) return mixed.shade
    const name = known.value.get(id)
    if (name !== undefined) return name ?? GONE
    if (wanted.size === 0) queueMicrotask(() => void fetchWanted())
    wanted.add(id)
    return ''
  }
  /** Names may have changed. */
  const forget = () => {
    known.value = new Map()
  }
  return { nameOf, forget }
})
