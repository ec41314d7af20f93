<script setup lang="ts">
/** A computation that takes a moment: how far it is, and a way to stop it. */
defineProps<{ what: string; done: number | null }>()
const emit = defineEmits<{ stop: [] }>()
</script>

<template>
  <div class="working" role="status">
    <span>{{ what }} …</span>
    <progress :value="done ?? 0" :aria-label="what" />
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
