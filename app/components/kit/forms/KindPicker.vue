<script setup lang="ts">
import { OWNED_KINDS, type OwnedKind } from '#core/stock/things/kinds'

/** Any kind there is, found by its first letters. */
defineProps<{ name: string }>()
const kind = defineModel<OwnedKind | null>({ required: true })
</script>

<template>
  <div role="group" :aria-label="name" class="kinds">
    <v-autocomplete
      v-model="kind"
      :items="OWNED_KINDS.map(kindChoice)"
      label="Kind"
      density="compact"
      auto-select-first
      hide-details
    />
  </div>
</template>

<style scoped>
.kinds {
  flex: 0 1 260px;
}
</style>
