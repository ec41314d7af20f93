<script setup lang="ts">
/** How much of a list is shown, and the way to the next page of it. */
defineProps<{ page: { lines: readonly unknown[]; next: string | null; count: number }; busy: boolean }>()
const emit = defineEmits<{ more: [] }>()
</script>

<template>
  <p v-if="page.lines.length > 0" class="small">
    {{ page.lines.length }} of {{ page.count }} shown.
    <Act v-if="page.next" :disabled="busy" @click="emit('more')">Show more</Act>
  </p>
</template>
