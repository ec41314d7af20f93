import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { mixingRules } from '#core/complexion/bottles/mixable'
import { isCosmetic, type OwnedThing } from '#shared/records/kit/gear'
import type { OwnedProduct, OwnedProductInput, RangeInput, Shelf, ShelfProduct } from '#shared/records/kit/kit'
import { complexionOf, isMixed, isUsable, mixingFacts, shelfProductOf } from '#shared/asked/kitPigments'
import type { ListedInput } from '#shared/records/kit/listed'
import { plain } from '#shared/checks/validate'
import { api, ApiProblem } from '~/asking/api'
import { kitUnits } from './parts/kitUnits'
import { usePlans } from './plans'
import { useSettings } from './settings'

/** What is mixed of the kit, with what may be mixed; the rest is asked for by the pages that show it. */
export const useKit = defineStore('kit', () => {
  const products = ref<ShelfProduct[]>([])
  const apart = ref<Shelf['apart']>([])
  const places = ref<Shelf['places']>([])
  /** Products of any kind, those that are empty, and which kinds there are. */
  const count = ref(0)
  const empty = ref(0)
  const kinds = ref<Shelf['kinds']>([])

  const byId = computed(() => new Map(products.value.map(p => [p.id, p])))
  /** What can go on a face today. */
  const usable = computed(() => products.value.filter(isUsable))
  /** The usable part of the kit as the workers take it. */
  const shelf = computed(() => ({
    products: usable.value.map(complexionOf),
    rules: mixingRules(mixingFacts(apart.value, usePlans().tests.palette, useSettings().value)),
  }))

  async function load(): Promise<void> {
    const shelf = await api('get', '/api/kit/shelf')
    products.value = shelf.products
    apart.value = shelf.apart
    places.value = shelf.places
    count.value = shelf.count
    empty.value = shelf.empty
    kinds.value = shelf.kinds
  }

  /** Products as they stand now; of what is not mixed nothing is kept here. */
  function put(changed: readonly OwnedThing[]): void {
    const ids = new Set(changed.map(p => p.id))
    const news = new Map(
      changed
        .filter(isCosmetic)
        .filter(isMixed)
        .map(p => [p.id, shelfProductOf(p)]),
    )
    const added = [...news.values()].filter(p => !byId.value.has(p.id))
    products.value = [...products.value.flatMap(p => (ids.has(p.id) ? (news.get(p.id) ?? []) : p)), ...added]
  }

  /** One product with all that is known of it. */
  const openThing = (id: string): Promise<OwnedThing> => api('get', '/api/kit/:id', { id })
  /** One that goes on faces. */
  async function open(id: string): Promise<OwnedProduct> {
    const thing = await openThing(id)
    if (!isCosmetic(thing)) throw new ApiProblem('This goes on no face.')
    return thing
  }

  async function add(input: OwnedProductInput): Promise<OwnedProduct> {
    const product = await api('post', '/api/kit', {}, { body: plain(input) })
    await load()
    return product
  }

  /** Everything of a list that was looked through, as one act. */
  async function addListed(list: ListedInput): Promise<void> {
    await api('post', '/api/things/list', {}, { body: plain(list) })
    await load()
  }

  async function change(id: string, input: OwnedProductInput): Promise<void> {
    put([await api('put', '/api/kit/:id', { id }, { body: plain(input) })])
  }

  /** Something of several bottles, as one act. */
  async function changeAll(
    parts: readonly ({ id: string } & Partial<OwnedProductInput>)[],
    asMeasured = false,
  ): Promise<void> {
    const changed = await Promise.all(parts.map(async part => ({ ...(await open(part.id)), ...part })))
    put(await api('put', '/api/kit', {}, { body: { products: changed.map(p => plain(p)), asMeasured } }))
  }

  async function remove(id: string): Promise<void> {
    await api('delete', '/api/kit/:id', { id })
    await load()
  }

  async function setRange(input: RangeInput): Promise<void> {
    apart.value = await api('put', '/api/kit/ranges', {}, { body: input })
  }

  return {
    ...kitUnits(put, load),
    products,
    apart,
    places,
    byId,
    usable,
    shelf,
    load,
    count,
    empty,
    kinds,
    put,
    open,
    openThing,
    add,
    addListed,
    change,
    changeAll,
    remove,
    setRange,
  }
})
