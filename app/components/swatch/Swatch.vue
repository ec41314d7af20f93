<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { Lab } from '#core/colour/lab'

defineProps<{ lab: Lab; size?: number }>()
</script>

<template>
  <span
    class="swatch"
    :style="{ background: labToCss(lab), width: `${size ?? 34}px`, height: `${size ?? 34}px` }"
    aria-hidden="true"
  />
</template>

<style scoped>
.swatch {
  display: inline-block;
  flex: none;
  print-color-adjust: exact;
  vertical-align: middle;
}
</style>
