<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { Lab } from '#core/colour/lab'

/** Two colours sharing an edge, as along a jaw: no gap, border or shadow between them. */
const {
  leftName = 'the skin',
  rightName = 'the nearest mix',
  height = 64,
} = defineProps<{
  left: Lab
  right: Lab
  leftName?: string
  rightName?: string
  height?: number
  /** The names are only read out. */
  plain?: boolean
}>()
</script>

<template>
  <figure>
    <div class="touching" :style="{ height: `${height}px` }" role="img" :aria-label="`${leftName} beside ${rightName}`">
      <span :style="{ background: labToCss(left) }" /><span :style="{ background: labToCss(right) }" />
    </div>
    <figcaption v-if="!plain" class="small">
      <span>{{ leftName }}</span><span>{{ rightName }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
figcaption {
  display: flex;
  justify-content: space-between;
  margin-top: 4px;
  gap: 12px;
}
figcaption span:last-child {
  text-align: right;
}
</style>
