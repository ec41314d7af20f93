<script setup lang="ts">
import { OWNED_KINDS, type OwnedKind } from '#core/stock/kinds'

/** Any kind there is, found by its first letters. */
defineProps<{ name: string }>()
const kind = defineModel<OwnedKind | null>({ required: true })
</script>

<template>
  <v-autocomplete
    v-model="kind"
    class="kinds"
    :items="OWNED_KINDS.map(kindChoice)"
    label="Kind"
    :aria-label="`Kind of ${name}`"
    density="compact"
    auto-select-first
    hide-details
  />
</template>

<style scoped>
.kinds {
  flex: 0 1 260px;
}
</style>
