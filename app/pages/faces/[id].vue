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

const ROOMS = [
  { to: '/ask', name: 'Ask' },
  { to: '/look', name: 'Look' },
  { to: '', name: 'Read and match' },
  { to: '/plan', name: 'Plan' },
  { to: '/card', name: 'Card' },
]
const here = (to: string) => route.path.replace(/\/$/, '') === `/faces/${id.value}${to}`
</script>

<template>
  <Opening v-if="!face" :loading="state === 'loading'" what="face" all="/faces" />
  <div v-else>
    <nav class="rooms no-print" :aria-label="face.name">
      <NuxtLink
        v-for="{ to, name } in ROOMS"
        :key="name"
        :to="`/faces/${id}${to}`"
        :aria-current="here(to) ? 'page' : undefined"
        >{{ name }}{{ to === '/ask' && drafts.isOpen(id) ? ', not kept' : '' }}</NuxtLink
      >
    </nav>
    <NuxtPage :face="face" />
  </div>
</template>

<style scoped>
.rooms {
  display: flex;
  gap: 22px;
  margin: -12px 0 10px;
  flex-wrap: wrap;
}
.rooms a {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 3px solid transparent;
}
.rooms a:hover {
  text-decoration: underline;
  text-underline-offset: 4px;
}
.rooms a[aria-current='page'] {
  border-bottom-color: var(--accent);
  font-weight: 650;
}
</style>
