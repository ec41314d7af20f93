<script setup lang="ts">
import type { Ref } from 'vue'

/** How far a worker is, drawn by itself: a form around it would be drawn again with each step, and a long text in it with the form. */
defineProps<{
  what: string
  worker: { busy: Ref<boolean>; progress: Readonly<Ref<number | null>>; stop: () => void }
}>()
</script>

<template>
  <Working v-if="worker.busy.value" :what="what" :done="worker.progress.value" @stop="worker.stop()" />
</template>
