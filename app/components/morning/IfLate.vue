<script setup lang="ts">
import type { Shorter } from '#core/schedule/shorter'
import { clockAfter } from '#core/schedule/clock'
import type { Timetable } from '#core/schedule/timetable'
import type { Job } from '#shared/records/days/jobs'

/** What to leave out when the day begins later than it should. */
const { job, plan, late } = defineProps<{
  job: Job
  plan: Timetable
  late: Shorter | null
  busy: boolean
  /** When the place opens, where that is too late. */
  opens: number | null
  nameOf: (id: string) => string
}>()
const emit = defineEmits<{ start: [minutes: number]; cut: [] }>()
const BY = [10, 20, 30] as const
const by = ref<number>()
function begin(minutes: number | undefined) {
  by.value = minutes
  if (minutes !== undefined) emit('start', plan.start + minutes)
}
watch(
  () => plan,
  () => (by.value = undefined),
)
</script>

<template>
  <section aria-labelledby="late">
    <h2 id="late">{{ opens === null ? 'If it runs late' : 'It begins too late' }}</h2>
    <p v-if="opens !== null">
      You can be there from {{ clockAfter(job, opens) }}.
      <Act class="flush" :disabled="busy" @click="emit('start', opens)">What would have to go?</Act>
    </p>
    <Choices
      v-else
      :model-value="by"
      label="Minutes late"
      optional
      :options="BY.map(m => [m, `${m}`] as const)"
      @update:model-value="begin"
    />
    <p v-if="busy" class="small" role="status">Looking for the least to leave out …</p>
    <template v-else-if="late">
      <p>{{ lateInWords(late, nameOf) }}</p>
      <Act v-if="late.enough && late.cuts.length > 0" @click="emit('cut')">Leave that out</Act>
    </template>
  </section>
</template>
