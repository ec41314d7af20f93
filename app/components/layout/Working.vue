<script setup lang="ts">
import { useTimeout } from '@vueuse/core'

/** A computation that takes a moment: how far it is, and a way to stop it. */
defineProps<{ what: string; done: number | null }>()
const emit = defineEmits<{ stop: [] }>()
// Most are done by then, and a bar is laid out for each.
const BAR_AFTER_MS = 100
const lasts = useTimeout(BAR_AFTER_MS)
</script>

<template>
  <div class="working" role="status">
    <span>{{ what }} …</span>
    <span v-if="!lasts" role="progressbar" :aria-label="what" />
    <v-progress-linear v-else :model-value="(done ?? 0) * 100" color="primary" height="6" :aria-label="what" />
    <Act @click="emit('stop')">Stop</Act>
  </div>
</template>

<style scoped>
.working {
  display: grid;
  grid-template-columns: auto minmax(80px, 220px) auto;
  gap: 14px;
  align-items: center;
  justify-content: start;
  min-height: 44px;
}
</style>
