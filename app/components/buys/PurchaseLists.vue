<script setup lang="ts">
/** Lists that were accepted: what is on its way, and what has come. */
const buys = useBuys()
const settings = useSettings()
const undo = useUndo()
const leadOf = (supplierId: string) => buys.suppliers.find(s => s.id === supplierId)?.leadDays ?? 0
</script>

<template>
  <section v-if="buys.purchases.length > 0" aria-label="Purchase lists">
    <h2>On the list</h2>
    <table v-for="purchase in buys.purchases" :key="purchase.id" class="ledger">
      <caption class="small">
        {{
          momentInWords(purchase.createdAt)
        }},
        {{
          formatMoney(
            purchase.lines.reduce((s, l) => s + l.priceMinor, 0),
            settings.value.currency,
          )
        }}
      </caption>
      <tbody>
        <tr v-for="line in purchase.lines" :key="line.id">
          <td>
            <span class="what"
              ><Swatch :lab="line.offer.lab" :size="46" /><span
                ><b>{{ line.offer.shade }}</b
                ><br /><span class="small">{{ line.reason }}</span></span
              ></span
            >
          </td>
          <td class="small wide">
            {{ buys.supplierName(line.offer.supplierId) }}, {{ plural(leadOf(line.offer.supplierId), 'day') }}
          </td>
          <td class="num">{{ formatMoney(line.priceMinor, settings.value.currency) }}</td>
          <td class="num doing">
            <span v-if="line.receivedAt" class="small">in the kit since {{ momentInWords(line.receivedAt) }}</span>
            <template v-else>
              <v-btn
                color="primary"
                :aria-label="`Received ${line.offer.shade}`"
                @click="undo.attempt(() => buys.receive(line.id))"
                >Received</v-btn
              >
              <button
                class="act"
                type="button"
                :aria-label="`Take ${line.offer.shade} off the list`"
                @click="undo.attempt(() => buys.removeLine(line.id))"
              >
                Take off
              </button>
            </template>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
section {
  margin-top: 28px;
}
caption {
  text-align: left;
  padding: 8px 0 2px;
}
.what {
  display: flex;
  gap: 12px;
  align-items: center;
  line-height: 1.25;
}
.doing {
  white-space: nowrap;
}
@media (max-width: 760px) {
  .wide {
    display: none;
  }
  .doing {
    white-space: normal;
  }
}
</style>
