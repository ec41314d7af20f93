<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import { ratioInWords, verdictOf, type Drops } from '#core/complexion/recipe'
import { chanceInWords } from '#core/reading/likelihood'

/** One recipe to choose: its ratio, its drops, how near it comes and how likely that is. */
defineProps<{
  drops: readonly Drops[]
  lab: Lab
  deltaE: number
  chance: number
  target: Lab
  bottles: ReturnType<typeof useKit>['byId']
  names?: Record<string, string>
  chosen: boolean
  when?: string
}>()
const emit = defineEmits<{ choose: [] }>()
</script>

<template>
  <li class="recipe" :class="{ chosen }">
    <button type="button" :aria-pressed="chosen" @click="emit('choose')">
      <span class="words"
        ><b>{{ ratioInWords(drops) }}</b
        ><span class="small">{{ SHORT_VERDICT[verdictOf(deltaE)] }}, ΔE {{ deltaE.toFixed(1) }}</span
        ><span class="small">{{ chanceInWords(chance) }}: {{ percent(chance) }}</span
        ><span v-if="when" class="small">{{ when }}</span></span
      >
      <DropStrip :drops="drops" :mix="lab" :target="target" :bottles="bottles" :names="names" />
    </button>
  </li>
</template>

<style scoped>
.recipe {
  border-bottom: 1px solid var(--line);
}
button {
  width: 100%;
  font: inherit;
  color: inherit;
  text-align: left;
  background: none;
  border: 0;
  border-left: 4px solid transparent;
  padding: 8px 0 8px 14px;
  cursor: pointer;
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 16px;
}
.chosen button {
  border-left-color: var(--accent);
}
.words {
  display: grid;
  align-content: start;
  gap: 2px;
}
@media (max-width: 600px) {
  button {
    grid-template-columns: 1fr;
    gap: 8px;
  }
}
</style>
