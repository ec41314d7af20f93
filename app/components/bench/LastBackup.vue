<script setup lang="ts">
/** When the data were last backed up, and what around them needs a hand. */
const keeping = useKeeping()
const newest = computed(() => keeping.state.backups[0])
</script>

<template>
  <section class="kept" aria-label="Keeping">
    <p v-for="sentence in keeping.state.troubles" :key="sentence" role="alert">
      <b>{{ sentence }}</b>
    </p>
    <p class="small">
      <template v-if="!keeping.state.here">The data are on a libSQL server, which keeps its own backups.</template>
      <template v-else-if="newest">Last backup {{ sinceInWords(newest.createdAt) }}.</template>
      <template v-else>There is no backup yet.</template>
      {{ ' ' }}<NuxtLink to="/keeping" class="act">Backups and restoring</NuxtLink>
    </p>
  </section>
</template>

<style scoped>
.kept {
  margin-top: 20px;
}
p {
  margin: 4px 0;
}
</style>
