<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import { useMend } from '~/composables/useMend'

/** The smallest purchase with which one skin can be matched. */
const props = defineProps<{ skin: Lab | null }>()
const buys = useBuys()
const settings = useSettings()
const { mend, state, progress, stop } = useMend(() => props.skin)
const bought = computed(() => mend.value?.chosen.flatMap(id => buys.offerById.get(id) ?? []) ?? [])
defineExpose({ bought })
</script>

<template>
  <Working v-if="state === 'working'" what="Trying what is on offer" :done="progress" @stop="stop()" />
  <template v-else-if="bought.length > 0">
    <p v-for="offer in bought" :key="offer.id" class="offer">
      <Swatch :lab="offer.lab" :size="34" />
      <span>
        <b>{{ offer.shade }}</b>
        <span class="small">{{ offer.range }}, {{ offer.family }}, {{ buys.supplierName(offer.supplierId) }}</span>
      </span>
    </p>
    <p class="small">{{ formatMoney(mend!.spend, settings.value.currency) }} in all, with what the kit has.</p>
  </template>
  <p v-else-if="state === 'ready'" class="small">Nothing on offer matches it, not even three bottles together.</p>
</template>

<style scoped>
.offer {
  display: flex;
  gap: 10px;
  align-items: center;
  line-height: 1.2;
}
p {
  margin: 0;
}
</style>
