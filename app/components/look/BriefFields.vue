<script setup lang="ts">
import {
  BROW_WISHES,
  CHEEKS,
  EYES,
  EYE_STRENGTHS,
  GLOWS,
  LINERS,
  LIPS,
  LIP_FINISHES,
  LIP_STRENGTHS,
  SHIMMERS,
  SHIMMER_PLACES,
  TEMPERATURES,
  type LookBrief,
} from '#core/asked/brief'

/** The look brief: fields left open are decided from the day and the person, and the plan says so. */
const brief = defineModel<LookBrief>({ required: true })
type Field = Exclude<keyof LookBrief, 'shimmer'>
type Row = readonly [field: Field, label: string, options: readonly string[]]
// prettier-ignore
const ROWS: Readonly<Record<string, readonly Row[]>> = {
  'Lips': [['lip', 'Colour', LIPS], ['lipStrength', 'Strength', LIP_STRENGTHS], ['lipFinish', 'Finish', LIP_FINISHES]],
  'Eyes': [
    ['eyes', 'Lids', EYES], ['eyeTemperature', 'Temperature', TEMPERATURES], ['eyeStrength', 'Strength', EYE_STRENGTHS],
    ['liner', 'Liner', LINERS], ['brows', 'Brows', BROW_WISHES],
  ],
  'Cheeks and skin': [['cheeks', 'Cheeks', CHEEKS], ['glow', 'Glow under the base', GLOWS]],
}
const set = (field: Field, value: string) => {
  brief.value = { ...brief.value, [field]: value }
}
</script>

<template>
  <div class="brief">
    <fieldset v-for="(rows, name) in ROWS" :key="name">
      <legend>
        <b>{{ name }}</b>
      </legend>
      <v-select
        v-for="[field, label, options] in rows"
        :key="field"
        :model-value="brief[field]"
        :label="label"
        :items="[...options]"
        @update:model-value="set(field, $event)"
      />
    </fieldset>
    <fieldset>
      <legend><b>Shimmer</b></legend>
      <v-select
        v-for="place in SHIMMER_PLACES"
        :key="place"
        :model-value="brief.shimmer[place]"
        :label="`On the ${place}`"
        :items="[...SHIMMERS]"
        @update:model-value="brief = { ...brief, shimmer: { ...brief.shimmer, [place]: $event } }"
      />
    </fieldset>
  </div>
</template>

<style scoped>
.brief {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 12px 20px;
}
legend {
  padding-bottom: 8px;
}
fieldset {
  display: grid;
  gap: 8px;
  align-content: start;
  min-width: 0;
}
@media (max-width: 1000px) {
  .brief {
    grid-template-columns: 1fr 1fr;
  }
}
@media (max-width: 500px) {
  .brief {
    grid-template-columns: 1fr;
  }
}
</style>
