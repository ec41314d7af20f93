<script setup lang="ts">
/** One day of work, in its order: who and what, the morning, everybody together. */
const route = useRoute()
const jobs = useJobs()
const id = computed(() => String(route.params.id))
const { state } = useAsked(
  () => id.value,
  now => jobs.show(now),
  { afterActs: false },
)
useHead({ title: () => jobs.open?.name ?? 'Job' })
const job = computed(() => (jobs.open?.id === id.value ? jobs.open : null))
const ROOMS = [
  { to: '', name: 'Who and what' },
  { to: '/quote', name: 'Quote' },
  { to: '/morning', name: 'Morning' },
  { to: '/together', name: 'Together' },
  { to: '/bag', name: 'Bag' },
  { to: '/list', name: 'Pack' },
  { to: '/chair', name: 'Chair' },
  { to: '/wrap', name: 'Wrap' },
]
</script>

<template>
  <Opening v-if="state === 'working' || !job" :loading="state === 'working'" what="job" all="/jobs" />
  <div v-else>
    <Rooms :label="job.name" :base="`/jobs/${id}`" :rooms="ROOMS" />
    <NuxtPage :job="job" />
  </div>
</template>
