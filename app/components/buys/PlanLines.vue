<script setup lang="ts">
import type { BuyAnswer } from '#core/buy/buy'
import { everyone } from '#core/complexion/skins/population'
import type { MustFace } from '~/composables/useBuyPlan'

/** What to buy, each line with its reason: whom only the plan with this bottle reaches. */
const props = defineProps<{ plan: BuyAnswer; musts: readonly MustFace[]; currency: string }>()
const buys = useBuys()
const skins = everyone()

const lines = computed(() =>
  props.plan.reasons.flatMap(reason => {
    const offer = buys.offerById.get(reason.id)
    if (!offer) return []
    const people = reason.mustReach.flatMap(i => props.musts[i] ?? [])
    const ranges = rangesInWords(reason.skins.map(i => skins[i]!))
    const because = (nameOf: (face: MustFace) => string) =>
      [
        ...people.filter(f => f.asked).map(f => `no base of ${f.asked!.words} for ${nameOf(f)} without it`),
        people.some(f => !f.asked)
          ? `${listInWords(people.filter(f => !f.asked).map(nameOf))} cannot be matched without it`
          : '',
        reason.skins.length > 0
          ? `${plural(reason.skins.length, 'skin')} ${reason.skins.length === 1 ? 'hangs' : 'hang'} on it: ${ranges}`
          : '',
      ]
        .filter(Boolean)
        .join('; ') || 'it makes the others work together'
    // Kept sentences name people by id: the server puts the name in when they are read.
    return [{ offer, because: because(f => f.name), kept: because(f => `{face:${f.id}}`) }]
  }),
)
defineExpose({ lines })
</script>

<template>
  <ul class="bare">
    <li v-for="{ offer, because } in lines" :key="offer.id">
      <Swatch :lab="offer.lab" :size="58" />
      <div>
        <b>{{ offer.shade }}</b>
        <span class="small"
          >{{ offer.kind }} · {{ offer.brand }} {{ offer.range }} · {{ offer.family }} · {{ offer.sizeMl }} ml ·
          {{ buys.supplierName(offer.supplierId) }}</span
        >
        <p class="small">{{ capital(because) }}.</p>
      </div>
      <b class="price">{{ formatMoney(offer.priceMinor, currency) }}</b>
    </li>
  </ul>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 58px minmax(0, 1fr) auto;
  gap: 14px;
  border-bottom: 1px solid var(--line);
  align-items: center;
}
p {
  margin: 2px 0;
}
.price {
  text-align: right;
}
</style>
