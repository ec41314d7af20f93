<script setup lang="ts">
/** Says on every page that this is the demo, and leads back to one's own kit where it was opened from there. */
const { here, back } = useDemo()
</script>

<template>
  <p v-if="here.isDemo && back" class="told no-print">
    <b>This is the demo.</b> Its people, houses and prices are invented; nothing here touches your own kit.
    <a :href="back">Back to your own kit</a>
  </p>
</template>

<style scoped>
.told {
  margin: 0;
  padding: 8px 24px;
  border-bottom: 1px solid var(--line);
}
a {
  display: inline-flex;
  min-height: 24px;
  align-items: center;
}
</style>
