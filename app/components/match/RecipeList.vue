<script setup lang="ts">
import { difference } from '#core/colour/difference'
import type { Lab } from '#core/colour/lab'
import type { Drops } from '#core/complexion/mixing/recipe'
import type { BaseOffer } from '#core/plan/bases'

/** A recipe to choose among others. */
export interface RecipeToTry {
  key: string
  drops: readonly Drops[]
  lab: Lab
  /** Its id where it is saved on the card. */
  saved?: string
  base?: BaseOffer
  /** Names of bottles that may have left the kit. */
  names?: Record<string, string>
  when?: string
  held?: boolean
}

/** Recipes to choose from; the slot goes below each, for what concerns it alone. */
defineProps<{
  label: string
  rows: readonly RecipeToTry[]
  target: Lab
  chanceOf: (lab: Lab) => number
  chosen: string | undefined
}>()
const emit = defineEmits<{ choose: [key: string] }>()
const kit = useKit()
</script>

<template>
  <ul class="recipes" :aria-label="label">
    <template v-for="row in rows" :key="row.key">
      <RecipeRow
        :drops="row.drops"
        :lab="row.lab"
        :base="row.base"
        :names="row.names"
        :when="row.when"
        :held="row.held"
        :delta-e="difference(row.lab, target)"
        :chance="chanceOf(row.lab)"
        :target="target"
        :bottles="kit.byId"
        :chosen="chosen === row.key"
        @choose="emit('choose', row.key)"
      />
      <slot :row="row" />
    </template>
  </ul>
</template>

<style scoped>
.recipes {
  list-style: none;
  padding: 0;
  margin: 8px 0 0;
  border-top: 1px solid var(--line);
}
</style>
