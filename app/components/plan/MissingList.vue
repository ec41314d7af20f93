<script setup lang="ts">
import type { Missing } from '#core/suitability/facePlan'
import { slotPlan } from '#core/suitability/slots'
import { isMixed } from '#shared/kitPigments'

/** Places the kit cannot fill as they should be; each becomes a line for Buys. */
const props = defineProps<{ missing: readonly Missing[], faceId: string, faceName: string }>()
const buys = useBuys()
const settings = useSettings()
const undo = useUndo()

const rows = computed(() => props.missing.map((m) => {
  const { kinds, name } = slotPlan(m.slot)
  const offers = buys.offers.filter(o => kinds.includes(o.kind) && !isMixed(o) && !buys.onTheWay.has(o.id)).sort((x, y) => x.priceMinor - y.priceMinor)
  return { ...m, name, offer: offers[0] }
}))
async function list(offerId: string, priceMinor: number, why: string) {
  const lines = [{ offerId, reason: `For ${props.faceName}: ${why}`.slice(0, 300) }]
  if (await undo.attempt(() => buys.accept({ lines, budgetMinor: priceMinor }))) undo.tell('It is on the purchase list.')
}
</script>

<template>
  <section v-if="rows.length > 0" aria-label="Missing">
    <h2>Missing</h2>
    <dl>
      <template v-for="row in rows" :key="row.key">
        <dt><b>{{ row.name }}</b></dt>
        <dd class="small">
          {{ capital(row.sentences.join('; ')) }}.
          <NuxtLink v-if="row.slot === 'foundation'" class="act" :to="`/buys?must=${faceId}`">What to buy</NuxtLink>
          <button v-else-if="row.offer" class="act" type="button" @click="list(row.offer.id, row.offer.priceMinor, row.sentences[0]!)">List {{ row.offer.shade }}, {{ formatMoney(row.offer.priceMinor, settings.value.currency) }}</button>
        </dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
dl { margin: 4px 0 0; }
dt { margin-top: 6px; }
dd { margin: 0; }
</style>
