<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import type { StandIn } from '#shared/records/kit/ahead'

/** What could replace a product that is no longer made, edge to edge with it. */
const { of, lines } = defineProps<{ of: Lab | null; lines: readonly StandIn[] }>()
const emit = defineEmits<{ list: [offer: { id: string; priceMinor: number }] }>()
const settings = useSettings()
const money = (minor: number) => formatMoney(minor, settings.value.currency)
</script>

<template>
  <ul class="bare">
    <li v-for="s in lines" :key="s.productId">
      <span v-if="of && s.lab" class="edges"><Swatch :lab="of" :size="26" /><Swatch :lab="s.lab" :size="26" /></span>
      <span>
        <b>{{ s.name }}</b>
        <span class="small">
          {{ s.deltaE === null ? '' : `ΔE ${s.deltaE.toFixed(1)}`
          }}{{ s.differs.length > 0 ? `; ${s.differs.join(', ')}` : '' }};
          {{ s.offer ? `${money(s.offer.priceMinor)} at ${s.offer.supplier}` : 'in the kit' }}</span
        >
      </span>
      <Act
        v-if="s.offer"
        class="no-print"
        :aria-label="`Put ${s.name} on the purchase list`"
        @click="emit('list', s.offer)"
        >On the list</Act
      >
    </li>
  </ul>
</template>

<style scoped>
li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 3px 0;
}
.edges {
  display: inline-flex;
}
.act {
  margin-left: auto;
}
</style>
