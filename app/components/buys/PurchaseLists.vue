<script setup lang="ts">
import { isCosmeticOffer } from '#shared/records/kit/buys'
import type { Column } from '~/words/columns'

/** Lists that were accepted: what is on its way, and what has come. */
const buys = useBuys()
const settings = useSettings()
const undo = useUndo()
const leadOf = (supplierId: string) => buys.suppliers.find(s => s.id === supplierId)?.leadDays ?? 0
type Purchase = (typeof buys.purchases)[number]
const money = (minor: number) => formatMoney(minor, settings.value.currency)
const listedAs = ({ createdAt, lines }: Purchase) =>
  `${momentInWords(createdAt)}, ${money(lines.reduce((sum, l) => sum + l.priceMinor * l.count, 0))}`
const supplierOf = ({ offer }: Purchase['lines'][number]) =>
  `${buys.supplierName(offer.supplierId)}, ${plural(leadOf(offer.supplierId), 'day')}`
const COLUMNS: Column<Purchase['lines'][number]>[] = [
  { key: 'what', text: '' },
  { key: 'supplier', text: '', class: 'small wide', of: supplierOf },
  { key: 'price', text: '', class: 'num', of: line => money(line.priceMinor * line.count) },
  { key: 'doing', text: '', class: 'num doing' },
]
</script>

<template>
  <section v-if="buys.purchases.length > 0" aria-label="Purchase lists">
    <h2>On the list</h2>
    <Ledger
      v-for="purchase in buys.purchases"
      :key="purchase.id"
      :caption="listedAs(purchase)"
      seen-caption
      :columns="COLUMNS"
      :lines="purchase.lines"
      :name-of="line => line.offer.shade"
    >
      <template #what="{ line }"
        ><span class="what"
          ><Swatch v-if="isCosmeticOffer(line.offer)" :lab="line.offer.lab" :size="46" /><span
            v-else
            class="none"
          /><span
            ><b>{{ line.count > 1 ? `${line.count} × ` : '' }}{{ line.offer.shade }}</b
            ><br /><span class="small">{{ line.reason }}</span></span
          ></span
        ></template
      >
      <template #doing="{ line }">
        <span v-if="line.receivedAt" class="small">in the kit since {{ momentInWords(line.receivedAt) }}</span>
        <template v-else>
          <v-btn
            color="primary"
            :aria-label="`Received ${line.offer.shade}`"
            @click="undo.attempt(() => buys.receive(line.id))"
            >Received</v-btn
          >
          <Act
            :aria-label="`Take ${line.offer.shade} off the list`"
            @click="undo.attempt(() => buys.removeLine(line.id))"
            >Take off</Act
          >
        </template>
      </template>
    </Ledger>
  </section>
</template>

<style scoped>
section {
  margin-top: 28px;
}
.what {
  display: flex;
  gap: 12px;
  align-items: center;
  line-height: 1.25;
}
.none {
  width: 46px;
  height: 46px;
  flex: none;
  border: 1px solid var(--line);
}
@media (max-width: 760px) {
  :deep(.doing) {
    white-space: normal;
  }
}
</style>
