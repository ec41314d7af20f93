import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { mixingRules } from '#core/complexion/mixable'
import type { Kit, OwnedProduct, OwnedProductInput, RangeInput, UnitInput } from '#shared/records/kit'
import { complexionOf, isUsable, mixingFacts } from '#shared/kitPigments'
import { plain } from '#shared/validate'
import { api } from '~/composables/api'
import { usePlans } from './plans'
import { useSettings } from './settings'

export const useKit = defineStore('kit', () => {
  const products = ref<OwnedProduct[]>([])
  const apart = ref<Kit['apart']>([])
  const places = ref<Kit['places']>([])

  const byId = computed(() => new Map(products.value.map(p => [p.id, p])))
  /** What can go on a face today. */
  const usable = computed(() => products.value.filter(isUsable))
  /** The usable part of the kit as the workers take it. */
  const shelf = computed(() => ({
    products: usable.value.map(complexionOf),
    rules: mixingRules(mixingFacts(apart.value, usePlans().tests.palette, useSettings().value)),
  }))

  async function load(): Promise<void> {
    const kit = await api('get', '/api/kit')
    products.value = kit.products
    apart.value = kit.apart
    places.value = kit.places
  }

  function put(changed: readonly OwnedProduct[]): void {
    const news = new Map(changed.map(p => [p.id, p]))
    products.value = [...products.value.map(p => news.get(p.id) ?? p), ...changed.filter(p => !byId.value.has(p.id))]
  }
  const drop = (id: string) => {
    products.value = products.value.filter(p => p.id !== id)
  }

  async function add(input: OwnedProductInput): Promise<void> {
    put([await api('post', '/api/kit', {}, { body: plain(input) })])
  }

  async function change(id: string, input: OwnedProductInput): Promise<void> {
    put([await api('put', '/api/kit/:id', { id }, { body: plain(input) })])
  }

  /** Several bottles at once, as one act. */
  async function changeAll(changed: readonly OwnedProduct[]): Promise<void> {
    put(await api('put', '/api/kit', {}, { body: { products: changed.map(p => plain(p)) } }))
  }

  async function remove(id: string): Promise<void> {
    await api('delete', '/api/kit/:id', { id })
    drop(id)
  }

  async function addUnit(id: string, input: UnitInput): Promise<void> {
    put([await api('post', '/api/kit/:id/units', { id }, { body: plain(input) })])
  }
  async function changeUnit(id: string, input: UnitInput): Promise<void> {
    put([await api('put', '/api/units/:id', { id }, { body: plain(input) })])
  }
  async function removeUnit(id: string): Promise<void> {
    await api('delete', '/api/units/:id', { id })
    await load()
  }

  async function retire(ids: string[], retired: boolean): Promise<void> {
    put(await api('post', '/api/kit/retire', {}, { body: { ids, retired } }))
  }

  async function setRange(input: RangeInput): Promise<void> {
    apart.value = await api('put', '/api/kit/ranges', {}, { body: input })
  }

  return {
    products,
    apart,
    places,
    byId,
    usable,
    shelf,
    load,
    put,
    drop,
    add,
    change,
    changeAll,
    remove,
    addUnit,
    changeUnit,
    removeUnit,
    retire,
    setRange,
  }
})
