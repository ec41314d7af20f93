<script setup lang="ts">
import type { Traits } from '#core/stock/things/usual'
import { CLAIMS, DISPENSERS, FILTERS, ITEM_KINDS, PLACES, RESISTANCES, SPARKLES, TEXTURES } from '#core/product/item'

/** What sharpens a plan: each field begins with what the kind usually is. */
const props = defineProps<{ errors: (path: string) => string[] }>()
const traits = defineModel<Traits>({ required: true })
const set = (key: keyof Traits, value: unknown) => {
  traits.value = { ...traits.value, [key]: value }
}
const fieldOf = (key: keyof Traits, label: string) => ({ label, errorMessages: props.errors(`traits.${key}`) })
/** In the order they are asked for: what is picked from a list, and what is counted. */
const ASKED: readonly { key: keyof Traits; label: string; items?: readonly string[]; multiple?: true }[] = [
  { key: 'texture', label: 'Texture', items: TEXTURES },
  { key: 'dispenser', label: 'Comes in', items: DISPENSERS },
  { key: 'wearHours', label: 'Lasts, h' },
  { key: 'resists', label: 'Resists', items: RESISTANCES, multiple: true },
  { key: 'spf', label: 'Sun factor (0 for none, empty: not known)' },
  { key: 'filter', label: 'Sun filter', items: FILTERS },
  { key: 'sparkle', label: 'Sparkle', items: SPARKLES },
  { key: 'paoMonths', label: 'Months after opening' },
  { key: 'safeFor', label: 'Sold for', items: PLACES, multiple: true },
  { key: 'alsoFor', label: 'Also used as', items: ITEM_KINDS, multiple: true },
  { key: 'claims', label: 'The pack claims', items: CLAIMS, multiple: true },
]
const TICKED: readonly { key: 'buildable' | 'seenByClients' | 'limited'; text: string }[] = [
  { key: 'buildable', text: 'can be built up' },
  { key: 'seenByClients', text: 'seen by clients' },
  { key: 'limited', text: 'limited or discontinued' },
]
/** What is picked of one field: one word of a list, or several. */
const word = (key: keyof Traits) => [traits.value[key]].flat().find(v => typeof v === 'string')
const words = (key: keyof Traits) => [traits.value[key]].flat().filter(v => typeof v === 'string')
const figure = (key: keyof Traits) => [traits.value[key]].flat().find(v => typeof v === 'number') ?? Number.NaN
</script>

<template>
  <template v-for="{ key, label, items, multiple } in ASKED" :key="key">
    <v-select
      v-if="items && multiple"
      :model-value="words(key)"
      v-bind="fieldOf(key, label)"
      multiple
      :items="[...items]"
      @update:model-value="set(key, $event)"
    />
    <v-select
      v-else-if="items"
      :model-value="word(key)"
      v-bind="fieldOf(key, label)"
      :items="[...items]"
      @update:model-value="set(key, $event)"
    />
    <NumberField
      v-else
      :model-value="figure(key)"
      v-bind="fieldOf(key, label)"
      @update:model-value="set(key, Number.isNaN($event) ? null : $event)"
    />
  </template>
  <div class="ticks">
    <v-checkbox
      v-for="{ key, text } in TICKED"
      :key="key"
      :model-value="traits[key]"
      :label="text"
      @update:model-value="set(key, !!$event)"
    />
  </div>
</template>
