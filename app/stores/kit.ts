import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Kit, OwnedProduct, OwnedProductInput, RangeInput } from '#shared/records/kit'
import { complexionOf, isUsable, kitRules } from '#shared/kitPigments'
import { plain } from '#shared/validate'
import { api } from '~/composables/api'
import { usePlans } from './plans'
import { useUndo } from './undo'

export const useKit = defineStore('kit', () => {
  const products = ref<OwnedProduct[]>([])
  const apart = ref<Kit['apart']>([])
  const undo = useUndo()

  const byId = computed(() => new Map(products.value.map(p => [p.id, p])))
  /** What can go on a face today. */
  const usable = computed(() => products.value.filter(isUsable))
  /** The usable part of the kit as the workers take it. */
  const shelf = computed(() => ({
    products: usable.value.map(complexionOf),
    rules: kitRules(apart.value, usePlans().tests.palette),
  }))

  async function load(): Promise<void> {
    const kit = await api<Kit>('kit')
    products.value = kit.products
    apart.value = kit.apart
  }

  function put(changed: readonly OwnedProduct[]): void {
    const news = new Map(changed.map(p => [p.id, p]))
    products.value = [...products.value.map(p => news.get(p.id) ?? p), ...changed.filter(p => !byId.value.has(p.id))]
  }
  const drop = (id: string) => {
    products.value = products.value.filter(p => p.id !== id)
  }

  async function add(input: OwnedProductInput): Promise<void> {
    const product = await api<OwnedProduct>('kit', { method: 'POST', body: plain(input) })
    put([product])
    undo.tell(`${product.shade} is in the kit.`, () => remove(product.id, false))
  }

  async function change(id: string, input: OwnedProductInput): Promise<void> {
    const before = byId.value.get(id)
    put([await api<OwnedProduct>(`kit/${id}`, { method: 'PUT', body: plain(input) })])
    if (before) {
      undo.tell(`${input.shade} is changed.`, async () =>
        put([await api<OwnedProduct>(`kit/${id}`, { method: 'PUT', body: before })]),
      )
    }
  }

  /** Several bottles at once, with one undo. */
  async function changeAll(changed: readonly OwnedProduct[], told: string): Promise<void> {
    const before = changed.flatMap(p => byId.value.get(p.id) ?? [])
    const send = async (all: readonly OwnedProduct[]) => {
      for (const p of all) put([await api<OwnedProduct>(`kit/${p.id}`, { method: 'PUT', body: plain(p) })])
    }
    await send(changed)
    undo.tell(told, () => send(before))
  }

  async function remove(id: string, tell = true): Promise<void> {
    const name = byId.value.get(id)?.shade ?? 'The bottle'
    await api(`kit/${id}`, { method: 'DELETE' })
    drop(id)
    if (tell)
      undo.tell(`${name} is deleted.`, async () =>
        put([await api<OwnedProduct>(`kit/${id}/restore`, { method: 'POST' })]),
      )
  }

  async function retire(ids: string[], retired: boolean): Promise<void> {
    const names = ids.map(id => byId.value.get(id)?.shade ?? '')
    const send = async (on: boolean) =>
      put(await api<OwnedProduct[]>('kit/retire', { method: 'POST', body: { ids, retired: on } }))
    await send(retired)
    const who = names.length === 1 ? `${names[0]} is` : `${names.length} bottles are`
    undo.tell(retired ? `${who} retired.` : `${who} back in use.`, () => send(!retired))
  }

  async function setRange(input: RangeInput): Promise<void> {
    apart.value = await api<Kit['apart']>('kit/ranges', { method: 'PUT', body: input })
  }

  return { products, apart, byId, usable, shelf, load, put, drop, add, change, changeAll, remove, retire, setRange }
})
