import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Catalogue, Purchase, PurchaseInput, PurchaseLine } from '#shared/records/kit/buys'
import { complexionOf, isMixed } from '#shared/asked/kitPigments'
import { api } from '~/asking/api'
import { useKit } from './kit'

export const useBuys = defineStore('buys', () => {
  const suppliers = ref<Catalogue['suppliers']>([])
  const offers = ref<Catalogue['offers']>([])
  const purchases = ref<Purchase[]>([])
  const kit = useKit()

  const offerById = computed(() => new Map(offers.value.map(o => [o.id, o])))
  const supplierName = (id: string) => suppliers.value.find(s => s.id === id)?.name ?? 'unknown supplier'
  /** Offers that are ordered and not here yet. */
  const onTheWay = computed(
    () => new Set(purchases.value.flatMap(p => p.lines.filter(l => !l.receivedAt).map(l => l.offer.id))),
  )

  /**
   * What can be bought for complexion and is not on its way, as the workers take it: of one product the cheapest offer, and none of
   * what stands in the kit and can be used.
   */
  function open() {
    const usable = new Set(kit.usable.map(p => p.id))
    const cheapest = new Map<string, (typeof offers.value)[number]>()
    for (const o of offers.value) {
      if (!isMixed(o) || !o.inStock || onTheWay.value.has(o.id) || usable.has(o.productId)) continue
      const known = cheapest.get(o.productId)
      if (!known || o.priceMinor < known.priceMinor) cheapest.set(o.productId, o)
    }
    return [...cheapest.values()].map(o => ({
      id: o.id,
      price: o.priceMinor,
      product: complexionOf({ ...o, id: o.productId }),
    }))
  }
  /** Offers of a product, the cheapest first. */
  const offersOf = (productId: string) =>
    offers.value.filter(o => o.productId === productId).sort((x, y) => x.priceMinor - y.priceMinor)

  async function load(): Promise<void> {
    const catalogue = await api('get', '/api/catalogue')
    suppliers.value = catalogue.suppliers
    offers.value = catalogue.offers
    await loadPurchases()
  }
  const loadPurchases = async () => {
    purchases.value = await api('get', '/api/purchases')
  }

  async function accept(input: PurchaseInput): Promise<void> {
    const purchase = await api('post', '/api/purchases', {}, { body: input })
    purchases.value = [purchase, ...purchases.value]
  }

  function putLine(line: PurchaseLine): void {
    purchases.value = purchases.value.map(p => ({ ...p, lines: p.lines.map(l => (l.id === line.id ? line : l)) }))
  }

  async function receive(lineId: string): Promise<void> {
    const { line, product } = await api('post', '/api/purchases/lines/:id/receive', { id: lineId })
    putLine(line)
    kit.put([product])
  }

  async function removeLine(lineId: string): Promise<void> {
    await api('delete', '/api/purchases/lines/:id', { id: lineId })
    await loadPurchases()
  }

  return {
    suppliers,
    offers,
    purchases,
    offerById,
    supplierName,
    onTheWay,
    open,
    offersOf,
    load,
    loadPurchases,
    accept,
    receive,
    removeLine,
  }
})
