<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import type { Thing } from '#core/stock/things/thing'
import { ThingQuery } from '#shared/records/kit/things'
import { api } from '~/asking/api'

/** One thing of the kit, a brush as well as a bottle, found by typing a few letters of it. */
const { label } = defineProps<{ label: string }>()
const emit = defineEmits<{ choose: [thing: Thing] }>()
const typed = ref('')
const found = shallowRef<Thing[]>([])
const WAIT_MS = 200
watchDebounced(
  typed,
  async q => {
    if (!q) return
    const page = await api('get', '/api/things', { ...new ThingQuery(), q, limit: 30 })
    found.value = [...new Map(page.lines.map(t => [t.productId, t])).values()]
  },
  { debounce: WAIT_MS },
)
function choose(productId: string | null) {
  const thing = found.value.find(t => t.productId === productId)
  if (thing) emit('choose', thing)
  typed.value = ''
}
</script>

<template>
  <v-autocomplete
    v-model:search="typed"
    :model-value="null"
    :label="label"
    :items="found.map(t => ({ value: t.productId, title: `${t.name} (${kindInWords(t)})` }))"
    no-filter
    hide-details
    density="compact"
    no-data-text="Type a few letters of it."
    @update:model-value="choose"
  />
</template>
