<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { WornPrediction } from '#core/plan/layers/layer'

/** Bare face, film and target, touching: what the base will look like worn, and whether it holds in the venue's light. */
const props = defineProps<{ worn: WornPrediction }>()
/** Other lights than the venue's in which the match does not hold. */
const elsewhere = computed(() =>
  props.worn.drifts.filter(d => d.by > DRIFTS && d.light !== props.worn.light).map(d => LIGHT[d.light]!),
)
const DRIFTS = 1
const LIGHT: Record<string, string> = { A: 'lamps', stage3200: 'the stage lights', ledWarm: 'warm LED light' }
const fields = computed(() => [
  { name: 'bare', lab: props.worn.bare },
  { name: 'worn', lab: props.worn.worn },
  { name: 'jaw and neck', lab: props.worn.target },
])
</script>

<template>
  <figure>
    <div class="touching" role="img" :aria-label="`The base as worn beside the neck, ΔE ${worn.deltaEWorn.toFixed(1)}`">
      <span v-for="f in fields" :key="f.name" :style="{ background: labToCss(f.lab) }" />
    </div>
    <div class="names small">
      <span v-for="f in fields" :key="f.name">{{ f.name }}</span>
    </div>
    <figcaption>
      Worn, ΔE {{ worn.deltaEWorn.toFixed(1) }} beside the neck ({{ worn.technique }}); in the bottle
      {{ worn.deltaEBottle.toFixed(1) }}.
      <template v-if="elsewhere.length > 0">Under {{ listInWords(elsewhere) }} it would drift. </template>
      <template v-if="worn.drift !== null"
        >Under {{ LIGHT[worn.light] }} it
        {{ worn.drift > DRIFTS ? `drifts by ${worn.drift.toFixed(1)}: check it there` : 'holds' }}.</template
      >
    </figcaption>
  </figure>
</template>

<style scoped>
.names {
  display: flex;
}
.names span {
  flex: 1;
}
figcaption {
  font-size: 0.92rem;
  margin-top: 4px;
}
</style>
