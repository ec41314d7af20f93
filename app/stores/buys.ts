import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Catalogue, Purchase, PurchaseInput, PurchaseLine } from '#shared/records/buys'
import { complexionOf, isMixed } from '#shared/kitPigments'
import type { OwnedProduct } from '#shared/records/kit'
import { api } from '~/composables/api'
import { useKit } from './kit'
import { useUndo } from './undo'

export const useBuys = defineStore('buys', () => {
  const suppliers = ref<Catalogue['suppliers']>([])
  const offers = ref<Catalogue['offers']>([])
  const purchases = ref<Purchase[]>([])
  const undo = useUndo()
  const kit = useKit()

  const offerById = computed(() => new Map(offers.value.map(o => [o.id, o])))
  const supplierName = (id: string) => suppliers.value.find(s => s.id === id)?.name ?? 'unknown supplier'
  /** Offers that are ordered and not here yet. */
  const onTheWay = computed(
    () => new Set(purchases.value.flatMap(p => p.lines.filter(l => !l.receivedAt).map(l => l.offer.id))),
  )

  /** What can be bought for complexion and is not on its way, as the workers take it. */
  const open = () =>
    offers.value
      .filter(o => isMixed(o) && !onTheWay.value.has(o.id))
      .map(o => ({ id: o.id, price: o.priceMinor, product: complexionOf(o) }))

  async function load(): Promise<void> {
    const catalogue = await api<Catalogue>('catalogue')
    suppliers.value = catalogue.suppliers
    offers.value = catalogue.offers
    await loadPurchases()
  }
  const loadPurchases = async () => {
    purchases.value = await api<Purchase[]>('purchases')
  }

  async function accept(input: PurchaseInput): Promise<void> {
    const purchase = await api<Purchase>('purchases', { method: 'POST', body: input })
    purchases.value = [purchase, ...purchases.value]
  }

  function putLine(line: PurchaseLine): void {
    purchases.value = purchases.value.map(p => ({ ...p, lines: p.lines.map(l => (l.id === line.id ? line : l)) }))
  }

  async function receive(lineId: string): Promise<void> {
    const { line, product } = await api<{ line: PurchaseLine; product: OwnedProduct }>(
      `purchases/lines/${lineId}/receive`,
      { method: 'POST' },
    )
    putLine(line)
    kit.put([product])
    undo.tell(`${product.shade} is in the kit.`, async () => {
      putLine(await api<PurchaseLine>(`purchases/lines/${lineId}/unreceive`, { method: 'POST' }))
      kit.drop(product.id)
    })
  }

  async function removeLine(lineId: string): Promise<void> {
    await api(`purchases/lines/${lineId}`, { method: 'DELETE' })
    await loadPurchases()
    undo.tell('The line is off the list.', async () => {
      await api(`purchases/lines/${lineId}/restore`, { method: 'POST' })
      await loadPurchases()
    })
  }

  return {
    suppliers,
    offers,
    purchases,
    offerById,
    supplierName,
    onTheWay,
    open,
    load,
    loadPurchases,
    accept,
    receive,
    removeLine,
  }
})
