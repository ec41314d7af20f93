<script setup lang="ts">
/** The state of a computation: its progress with a way to stop it, or that it was stopped or failed, with a way to begin again. */
const { again = 'Compute again' } = defineProps<{ state: string; what: string; done: number | null; again?: string }>()
const emit = defineEmits<{ stop: []; again: [] }>()
</script>

<template>
  <Working v-if="state === 'working'" :what="what" :done="done" @stop="emit('stop')" />
  <Failed v-else-if="state === 'failed'" @again="emit('again')" />
  <p v-else-if="state === 'stopped'" role="status">
    <slot>Stopped.</slot> <Act @click="emit('again')">{{ again }}</Act>
  </p>
</template>
