<script setup lang="ts">
import type { ItemKind } from '#core/product/item'

/** One product of the kit, found by typing a few letters of it. */
const props = withDefaults(
  defineProps<{ label: string; kinds?: readonly ItemKind[]; disabled?: boolean; clearable?: boolean }>(),
  { kinds: () => [], disabled: false, clearable: false },
)
const model = defineModel<string | null>({ required: true })
const names = useProductNames()
const { asked, page, state } = useKitList({ order: 'shade', limit: 30, kinds: props.kinds.join() })
watch(
  () => props.kinds.join(),
  kinds => {
    asked.kinds = kinds
  },
)
const typed = computed({
  get: () => asked.q,
  set: (text: string | null) => {
    // The field shows the name of what is chosen: that is no search.
    asked.q = model.value && text === names.nameOf(model.value) ? '' : (text ?? '')
  },
})
const items = computed(() => {
  const found = page.value.lines.map(p => ({ value: p.id, title: `${p.shade} (${p.kind})` }))
  const chosen = model.value
  return chosen && !found.some(i => i.value === chosen)
    ? [{ value: chosen, title: names.nameOf(chosen) }, ...found]
    : found
})
</script>

<template>
  <v-autocomplete
    v-model="model"
    v-model:search="typed"
    :label="label"
    :items="items"
    :loading="state === 'working'"
    :disabled="disabled"
    :clearable="clearable"
    no-filter
    :no-data-text="state === 'working' ? 'Looking …' : 'Nothing of the kit is called that.'"
  />
</template>
