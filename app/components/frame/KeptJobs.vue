<script setup lang="ts">
/** Jobs this device can go on with while the server is away. */
const along = useAlong()
</script>

<template>
  <section v-if="along.jobs.length > 0" aria-labelledby="kept-jobs">
    <h2 id="kept-jobs">Kept on this device</h2>
    <ul class="bare">
      <li v-for="job in along.jobs" :key="job.id">
        <h3 class="free">{{ job.name }}{{ job.day ? `, ${dayInWords(job.day)}` : '' }}</h3>
        <NuxtLink class="act" :to="`/jobs/${job.id}/list`" :aria-label="`Pack for ${job.name}`">Pack</NuxtLink>
        <NuxtLink class="act" :to="`/jobs/${job.id}/chair`" :aria-label="`Chair, ${job.name}`">Chair</NuxtLink>
        <p class="small">As it stood {{ stampInWords(job.keptAt) }}.</p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-top: 28px;
}
.act {
  padding-left: 0;
  margin-right: 12px;
}
</style>
