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
} from '#core/look/brief'

/** What the look says in structure; what is not said the day and the person decide, and the plan says so. */
const brief = defineModel<LookBrief>({ required: true })
type Field = Exclude<keyof LookBrief, 'shimmer'>
interface Row {
  field: Field
  label: string
  options: readonly string[]
}
const ROWS: readonly { name: string; rows: readonly Row[] }[] = [
  {
    name: 'Lips',
    rows: [
      { field: 'lip', label: 'Colour', options: LIPS },
      { field: 'lipStrength', label: 'Strength', options: LIP_STRENGTHS },
      { field: 'lipFinish', label: 'Finish', options: LIP_FINISHES },
    ],
  },
  {
    name: 'Eyes',
    rows: [
      { field: 'eyes', label: 'Lids', options: EYES },
      { field: 'eyeTemperature', label: 'Temperature', options: TEMPERATURES },
      { field: 'eyeStrength', label: 'Strength', options: EYE_STRENGTHS },
      { field: 'liner', label: 'Liner', options: LINERS },
      { field: 'brows', label: 'Brows', options: BROW_WISHES },
    ],
  },
  {
    name: 'Cheeks and skin',
    rows: [
      { field: 'cheeks', label: 'Cheeks', options: CHEEKS },
      { field: 'glow', label: 'Glow under the base', options: GLOWS },
    ],
  },
]
const set = (field: Field, value: string) => {
  brief.value = { ...brief.value, [field]: value }
}
</script>

<template>
  <div class="brief">
    <fieldset v-for="group in ROWS" :key="group.name">
      <legend>
        <b>{{ group.name }}</b>
      </legend>
      <v-select
        v-for="{ field, label, options } in group.rows"
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
