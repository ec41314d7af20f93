<script setup lang="ts">
import { OccasionInput } from '#shared/records/method/consultation'
import { JobInput, type BookingForFace } from '#shared/records/days/jobs'
import { today } from '#shared/today'
import { dayInWords } from '~/words/words'

/** Which day a face is booked for: one that is written down, or a new one with a name and a date. */
const booking = defineModel<BookingForFace | null>({ required: true })
const props = defineProps<{ errors?: (path: string) => string[] }>()
const jobs = useJobs()
const NONE = ''
const NEW = '+'

const which = computed(() => (booking.value ? (booking.value.jobId ?? NEW) : NONE))
const items = computed(() => [
  { value: NONE, title: 'not booked' },
  ...jobs.lines
    .filter(j => j.day === null || j.day >= today())
    .map(j => ({ value: j.id, title: [j.name, j.day && dayInWords(j.day)].filter(Boolean).join(', ') })),
  { value: NEW, title: 'a new day …' },
])
function choose(value: string) {
  if (value === NONE) booking.value = null
  else if (value === NEW)
    booking.value = {
      jobId: null,
      job: Object.assign(new JobInput(), { name: '', day: null, conditions: new OccasionInput() }),
    }
  else booking.value = { jobId: value, job: null }
}
const name = computed({ get: () => booking.value?.job?.name ?? '', set: name => set({ name }) })
const day = computed({ get: () => booking.value?.job?.day ?? '', set: day => set({ day: day || null }) })
const wrong = (field: string) => props.errors?.(`booking.job.${field}`) ?? props.errors?.(`job.${field}`)
const set = (part: Partial<JobInput>) => {
  if (booking.value?.job) booking.value = { jobId: null, job: { ...booking.value.job, ...part } }
}
</script>

<template>
  <div class="flow">
    <v-select :model-value="which" label="Booked for" :items="items" @update:model-value="choose" />
    <template v-if="booking?.job">
      <v-text-field v-model="name" label="Name of the job" maxlength="200" :error-messages="wrong('name')" />
      <v-text-field v-model="day" label="Day" type="date" :error-messages="wrong('day')" />
    </template>
  </div>
</template>
