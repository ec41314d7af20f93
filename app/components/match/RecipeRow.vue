<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import { ratioInWords, verdictOf, type Drops } from '#core/complexion/mixing/recipe'
import type { BaseOffer } from '#core/plan/bases'
import { chanceInWords } from '#core/reading/likelihood'
import { formulaInWords, priceInWords } from '~/words/plan'

/** One recipe to choose: its ratio, its drops, how near it comes and how likely that is. */
const props = defineProps<{
  drops: readonly Drops[]
  lab: Lab
  deltaE: number
  chance: number
  target: Lab
  bottles: ReturnType<typeof useKit>['byId']
  names?: Record<string, string>
  chosen: boolean
  when?: string
  /** What it is as a product; only of what was found for a plan. */
  base?: BaseOffer
  /** Whether it is held for the plan. */
  held?: boolean
}>()
const emit = defineEmits<{ choose: [] }>()
/** The worst finding against it, apart from the wishes it does not meet. */
const price = computed(() => priceInWords(props.base?.findings ?? []))
/** Whether it is a recipe they are known by. */
const known = computed(() => props.base?.findings.find(f => f.rule === 'recipe')?.sentence)
</script>

<template>
  <li class="recipe" :class="{ chosen }">
    <button type="button" :aria-pressed="chosen" @click="emit('choose')">
      <span class="words"
        ><b>{{ ratioInWords(drops) }}</b
        ><span class="small">{{ SHORT_VERDICT[verdictOf(deltaE)] }}, ΔE {{ deltaE.toFixed(1) }}</span
        ><span class="small">{{ chanceInWords(chance) }}: {{ chancePercent(chance) }}</span
        ><span v-if="when" class="small">{{ when }}</span
        ><span v-if="known" class="small">{{ known }}</span
        ><span v-if="held" class="small"><b>held for the plan</b></span></span
      >
      <span class="mix"
        ><DropStrip :drops="drops" :mix="lab" :target="target" :bottles="bottles" :names="names" /><span
          v-if="base"
          class="small"
          >{{ formulaInWords(base) }}<template v-if="price">; {{ price }}</template></span
        ></span
      >
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
.mix {
  display: grid;
  gap: 4px;
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
