<script setup lang="ts">
import { labToCss } from '#core/colour/display'
import type { Lab } from '#core/colour/lab'
import type { Drops } from '#core/complexion/mixing/recipe'

/** A recipe as drops in the bottles' colours; under them, when given, the mix and the skin it is meant for, touching. */
const props = defineProps<{
  drops: readonly Drops[]
  mix?: Lab
  target?: Lab
  bottles: ReadonlyMap<string, { shade: string; lab: Lab }>
  names?: Readonly<Record<string, string>>
}>()

const parts = computed(() =>
  props.drops.map(({ id, count }) => {
    const bottle = props.bottles.get(id)
    return {
      id,
      count,
      name: bottle?.shade ?? props.names?.[id] ?? 'a bottle that left the kit',
      colour: bottle ? labToCss(bottle.lab) : 'transparent',
    }
  }),
)
const spoken = computed(() =>
  parts.value.map(p => `${p.count} ${p.count === 1 ? 'drop' : 'drops'} ${p.name}`).join(', '),
)
</script>

<template>
  <div class="strip">
    <div class="drops" role="img" :aria-label="spoken">
      <template v-for="part in parts" :key="part.id">
        <svg v-for="n in part.count" :key="n" viewBox="0 0 20 26" width="20" height="26" aria-hidden="true">
          <path
            d="M10 1C14 7 19 11 19 16.500a9 9 0 0 1-18 0C1 11 6 7 10 1z"
            :fill="part.colour"
            :stroke="part.colour === 'transparent' ? 'currentColor' : part.colour"
          />
        </svg>
      </template>
    </div>
    <ul>
      <li v-for="part in parts" :key="part.id">
        <b>{{ part.count }}</b> × {{ part.name }}
      </li>
    </ul>
    <div v-if="mix && target" class="mixed" aria-hidden="true">
      <span :style="{ background: labToCss(mix) }" /><span :style="{ background: labToCss(target) }" />
    </div>
  </div>
</template>

<style scoped>
.drops {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 2px 0 5px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
.mixed {
  display: flex;
  height: 32px;
}
.mixed span {
  flex: 1;
  print-color-adjust: exact;
}
</style>
