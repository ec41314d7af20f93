<script setup lang="ts">
import { ILLUMINANTS, type Illuminant } from '#core/colour/tables'
import { JOB_TYPES, USUAL, type JobFacts, type JobType } from '#core/asked/job'

/** What the day asks: the usual for its type, with what is different this time. */
const job = defineModel<JobFacts>({ required: true })
const ASKS: {
  key: 'flash' | 'highDefinition' | 'heat' | 'humidity' | 'tears' | 'costumeChanges' | 'outdoors'
  text: string
}[] = [
  { key: 'flash', text: 'flash photographs' },
  { key: 'highDefinition', text: 'close camera' },
  { key: 'heat', text: 'hot lights' },
  { key: 'humidity', text: 'humid' },
  { key: 'tears', text: 'tears, water, kissing' },
  { key: 'costumeChanges', text: 'costume changes' },
  { key: 'outdoors', text: 'outdoors' },
]
const LIGHTS: Record<Illuminant, string> = { D65: 'daylight', A: 'lamps', stage3200: 'stage', ledWarm: 'warm LED' }
const set = (part: Partial<JobFacts>) => {
  job.value = { ...job.value, ...part }
}
const chooseType = (type: JobType) => {
  job.value = { ...USUAL[type] }
}
</script>

<template>
  <div class="day">
    <v-select :model-value="job.type" label="Job" :items="[...JOB_TYPES]" @update:model-value="chooseType" />
    <v-text-field
      :model-value="job.hours"
      label="Has to hold, h"
      type="number"
      min="0.5"
      max="48"
      step="0.5"
      @change="
        set({ hours: Math.min(48, Math.max(0.5, Number(($event.target as HTMLInputElement).value) || job.hours)) })
      "
    />
    <v-select
      :model-value="job.light"
      label="Light there"
      :items="ILLUMINANTS.map(value => ({ value, title: LIGHTS[value] }))"
      @update:model-value="set({ light: $event })"
    />
    <v-select
      :model-value="job.limbs"
      label="Limbs to make up"
      :items="[0, 1, 2, 3, 4]"
      @update:model-value="set({ limbs: $event })"
    />
    <fieldset class="ticks">
      <legend class="small">There will be</legend>
      <v-checkbox
        v-for="{ key, text } in ASKS"
        :key="key"
        :model-value="job[key]"
        :label="text"
        @update:model-value="set({ [key]: !!$event })"
      />
    </fieldset>
  </div>
</template>

<style scoped>
.day {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px;
}
legend {
  float: left;
  width: 100%;
}
@media (max-width: 760px) {
  .day {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
