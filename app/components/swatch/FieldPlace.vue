<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { Lab } from '#core/colour/lab'
import { everyone, POPULATION_DEPTHS } from '#core/complexion/skins/population'
import { skinPlace, UNDERTONES } from '#core/complexion/skins/skin'

/** A small reach field with one colour's place marked on it. */
const props = defineProps<{ lab: Lab }>()
const cells = everyone()
const place = computed(() => skinPlace(props.lab))
const x = computed(() => ((Math.min(12.25, Math.max(0.75, place.value.depth)) - 0.75) / 11.5) * 100)
const y = computed(() => (UNDERTONES.indexOf(place.value.undertone) + 0.5) * 25)
const off = computed(() => place.value.chromaRatio > 1.5 || place.value.chromaRatio < 0.5)
</script>

<template>
  <figure>
    <div
      class="field"
      role="img"
      :aria-label="
        off ? 'This colour lies outside the skin colours' : `On the reach field it falls at ${placeInWords(lab)}`
      "
    >
      <span
        v-for="c in cells"
        :key="c.id"
        :style="{
          background: labToCss(c.lab),
          gridRow: UNDERTONES.indexOf(c.undertone) + 1,
          gridColumn: POPULATION_DEPTHS.indexOf(c.depth) + 1,
        }"
      />
      <i v-if="!off" :style="{ left: `${x}%`, top: `${y}%` }" />
    </div>
    <figcaption class="small">
      {{ off ? 'outside the skin colours: it adjusts, it does not match' : placeInWords(lab) }}
    </figcaption>
  </figure>
</template>

<style scoped>
.field {
  position: relative;
  display: grid;
  grid-template: repeat(4, 11px) / repeat(23, 1fr);
}
i {
  position: absolute;
  width: 16px;
  height: 16px;
  margin: -8px;
  border: 3px solid #fff;
  outline: 2px solid #000;
  border-radius: 50%;
}
</style>
