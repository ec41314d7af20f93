<script setup lang="ts">
/** What was declared and has to be asked or kept in mind before anything goes on: one caution, above all else. */
defineProps<{ sentences: readonly string[] }>()
</script>

<template>
  <div v-if="sentences.length > 0" class="mind first" role="note" aria-label="Ask first">
    <p v-for="said in sentences" :key="said">
      <b>{{ said }}</b>
    </p>
    <slot />
  </div>
</template>

<style scoped>
.first {
  border-left: 4px solid var(--ink);
  padding: 2px 0 2px 14px;
  margin: 14px 0;
}
p {
  margin: 6px 0;
}
</style>
