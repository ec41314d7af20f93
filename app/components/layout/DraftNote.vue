<script setup lang="ts">
/** Says that a form was left half filled in, and offers to begin anew. */
const emit = defineEmits<{ discard: [] }>()
</script>

<template>
  <p class="note" role="status">As you left it, not saved yet. <Act @click="emit('discard')">Begin anew</Act></p>
</template>

<style scoped>
.note {
  margin: 0;
  border-left: 4px solid var(--line);
  padding-left: 10px;
}
</style>
