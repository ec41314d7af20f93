<script setup lang="ts">
/** The rooms of one face or one job, in the order of the work. */
const { base } = defineProps<{ label: string; base: string; rooms: readonly { to: string; name: string }[] }>()
const route = useRoute()
const nav = ref<HTMLElement>()
// Where they do not all fit, the one that is open is in sight.
onMounted(() => nav.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' }))
const here = (to: string) => route.path.replace(/\/$/, '') === `${base}${to}`
</script>

<template>
  <nav ref="nav" class="rooms no-print" :aria-label="label">
    <NuxtLink
      v-for="{ to, name } in rooms"
      :key="to"
      :to="`${base}${to}`"
      :aria-current="here(to) ? 'page' : undefined"
      >{{ name }}</NuxtLink
    >
  </nav>
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
@media (max-width: 760px) {
  .rooms {
    flex-wrap: nowrap;
    overflow-x: auto;
  }
  .rooms a {
    white-space: nowrap;
  }
}
</style>
