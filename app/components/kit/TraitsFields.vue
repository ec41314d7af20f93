<script setup lang="ts">
import type { Traits } from '#core/stock/usual'
import { CLAIMS, DISPENSERS, FILTERS, ITEM_KINDS, PLACES, RESISTANCES, SPARKLES, TEXTURES } from '#core/product/item'

/** What sharpens a plan: each field begins with what the kind usually is. */
defineProps<{ errors: (path: string) => string[] }>()
const traits = defineModel<Traits>({ required: true })
const set = (part: Partial<Traits>) => {
  traits.value = { ...traits.value, ...part }
}
const number = (text: unknown) => {
  const typed = String(text ?? '').trim()
  return typed === '' ? null : Number(typed.replace(',', '.'))
}
const shown = (v: number | null) => (v === null || Number.isNaN(v) ? '' : String(v))
</script>

<template>
  <v-select
    :model-value="traits.texture"
    label="Texture"
    :items="[...TEXTURES]"
    @update:model-value="set({ texture: $event })"
  />
  <v-select
    :model-value="traits.dispenser"
    label="Comes in"
    :items="[...DISPENSERS]"
    @update:model-value="set({ dispenser: $event })"
  />
  <v-text-field
    :model-value="shown(traits.wearHours)"
    label="Lasts, h"
    inputmode="decimal"
    :error-messages="errors('traits.wearHours')"
    @change="set({ wearHours: number(($event.target as HTMLInputElement).value) })"
  />
  <v-select
    :model-value="traits.resists"
    label="Resists"
    multiple
    :items="[...RESISTANCES]"
    @update:model-value="set({ resists: $event })"
  />
  <v-text-field
    :model-value="shown(traits.spf)"
    label="Sun factor (0 for none, empty: not known)"
    inputmode="numeric"
    :error-messages="errors('traits.spf')"
    @change="set({ spf: number(($event.target as HTMLInputElement).value) })"
  />
  <v-select
    :model-value="traits.filter"
    label="Sun filter"
    :items="[...FILTERS]"
    @update:model-value="set({ filter: $event })"
  />
  <v-select
    :model-value="traits.sparkle"
    label="Sparkle"
    :items="[...SPARKLES]"
    @update:model-value="set({ sparkle: $event })"
  />
  <v-text-field
    :model-value="shown(traits.paoMonths)"
    label="Months after opening"
    inputmode="numeric"
    :error-messages="errors('traits.paoMonths')"
    @change="set({ paoMonths: number(($event.target as HTMLInputElement).value) })"
  />
  <v-select
    :model-value="traits.safeFor"
    label="Sold for"
    multiple
    :items="[...PLACES]"
    :error-messages="errors('traits.safeFor')"
    @update:model-value="set({ safeFor: $event })"
  />
  <v-select
    :model-value="traits.alsoFor"
    label="Also used as"
    multiple
    :items="[...ITEM_KINDS]"
    @update:model-value="set({ alsoFor: $event })"
  />
  <v-select
    :model-value="traits.claims"
    label="The pack claims"
    multiple
    :items="[...CLAIMS]"
    @update:model-value="set({ claims: $event })"
  />
  <div class="ticks">
    <label
      ><input type="checkbox" :checked="traits.buildable" @change="set({ buildable: !traits.buildable })" />can be built
      up</label
    >
    <label
      ><input
        type="checkbox"
        :checked="traits.seenByClients"
        @change="set({ seenByClients: !traits.seenByClients })"
      />seen by clients</label
    >
    <label
      ><input type="checkbox" :checked="traits.limited" @change="set({ limited: !traits.limited })" />limited or
      discontinued</label
    >
  </div>
</template>

<style scoped>
.ticks {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
}
.ticks label {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
}
.ticks input {
  width: 20px;
  height: 20px;
  accent-color: var(--accent);
}
</style>
