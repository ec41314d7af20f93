<script setup lang="ts">
/** One face, in the order of the work: ask, look, read and match, plan, card. */
const route = useRoute()
const faces = useFaces()
const drafts = useRecordDrafts()
const id = computed(() => String(route.params.id))
const face = computed(() => faces.byId.get(id.value))
const state = ref<'loading' | 'ready'>('loading')
watch(
  id,
  async now => {
    faces.currentId = now
    state.value = faces.byId.has(now) ? 'ready' : 'loading'
    await faces.open(now)
    // A face that is not there is not the one being worked on.
    if (id.value === now) state.value = 'ready'
  },
  { immediate: true },
)

const ROOMS = computed(() => [
  { to: '/ask', name: drafts.isOpen(id.value) ? 'Ask, not kept' : 'Ask' },
  { to: '/look', name: 'Look' },
  { to: '', name: 'Read and match' },
  { to: '/plan', name: 'Plan' },
  { to: '/card', name: 'Card' },
])
</script>

<template>
  <Opening v-if="!face" :loading="state === 'loading'" what="face" all="/faces" />
  <div v-else>
    <Rooms :label="face.name" :base="`/faces/${id}`" :rooms="ROOMS" />
    <NuxtPage :face="face" />
  </div>
</template>
