<script setup lang="ts">
import { cut } from '#core/stock/list/words'
import type { Missing } from '#core/plan/facePlan'
import { slotPlan } from '#core/asked/slots'

/** Places the kit cannot fill as they should be; each becomes a line for Buys. */
const props = defineProps<{ missing: readonly Missing[]; faceId: string }>()
const buys = useBuys()
const settings = useSettings()
const undo = useUndo()

const rows = computed(() =>
  props.missing.map(m => ({
    ...m,
    name: slotPlan(m.slot).name,
    bought: m.offer ? buys.offerById.get(m.offer.id) : undefined,
  })),
)
async function list(offerId: string, priceMinor: number, why: string) {
  const lines = [{ offerId, reason: cut(`For {face:${props.faceId}}: ${why}`, 300) }]
  await undo.attempt(() => buys.accept({ lines, budgetMinor: priceMinor }))
}
</script>

<template>
  <section v-if="rows.length > 0" aria-label="Missing">
    <h2>Missing, or not as asked</h2>
    <dl>
      <template v-for="row in rows" :key="row.key">
        <dt>
          <b>{{ row.name }}</b>
        </dt>
        <dd class="small">
          {{ capital(row.sentences.join('; ')) }}.
          <template v-if="row.instead">{{ row.instead }} is used. </template>
          <NuxtLink v-if="row.slot === 'foundation'" class="act" :to="`/buys?must=${faceId}&asked`"
            >What to buy</NuxtLink
          >
          <span v-else-if="row.offer && buys.onTheWay.has(row.offer.id)">{{ row.offer.name }} is on its way.</span>
          <template v-else-if="row.offer && row.bought">
            <Act @click="list(row.offer.id, row.bought.priceMinor, row.sentences[0]!)">
              List {{ row.offer.name }}, {{ formatMoney(row.bought.priceMinor, settings.value.currency) }}
            </Act>
            <br />{{ buys.supplierName(row.bought.supplierId)
            }}<template v-if="row.offer.sentences.length > 0">: {{ row.offer.sentences.join('; ') }}</template>
          </template>
          <span v-else>Nothing on offer suits it.</span>
        </dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
dl {
  margin: 4px 0 0;
}
dt {
  margin-top: 6px;
}
dd {
  margin: 0;
}
</style>
