<script setup lang="ts">
import { conditionsIn } from '#core/suitability/weather'
import { OccasionInput } from '#shared/records/method/consultation'
import { jobInput, JobInput, type Job } from '#shared/records/days/jobs'
import { api } from '~/asking/api'
import { dayInWords } from '~/words/words'

/** A day of work written down: its name is enough. */
const props = defineProps<{ job: Job | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const jobs = useJobs()
const values = reactive<JobInput>(props.job ? inputOf(props.job) : Object.assign(new JobInput(), { name: '' }))

function inputOf(job: Job): JobInput {
  return {
    ...jobInput(job),
    conditions: { ...job.conditions },
    morning: { ...job.morning, venue: { ...job.morning.venue } },
  }
}
const previews = computed(() => [
  { value: null, title: 'none' },
  ...jobs.lines
    .filter(j => j.id !== props.job?.id)
    .map(j => ({ value: j.id, title: [j.name, j.day && dayInWords(j.day)].filter(Boolean).join(', ') })),
])
const form = useRecordForm<Job, JobInput>('job', JobInput, {
  record: props.job,
  values,
  inputOf,
  sent: () => ({ ...values, day: values.day || null }),
  add: jobs.add,
  change: jobs.change,
  put: () => undefined,
  done: id => emit('done', id),
})
const { at } = form
const undo = useUndo()
const weather = ref('')
watch(
  () => [values.day, values.place],
  () => (weather.value = ''),
)
/** Takes heat and damp from the simulated forecast; they can be changed like anything else. */
const askForecast = () =>
  undo.attempt(async () => {
    const { day, place } = values
    const found = await api('get', '/api/devices/simulated-forecast', { day: day!, place })
    if (day !== values.day || place !== values.place) return
    values.conditions = Object.assign(new OccasionInput(), conditionsIn(values.conditions, found))
    weather.value = forecastInWords(found)
  })
const zones = [
  { value: '', title: 'as on this device' },
  ...Intl.supportedValuesOf('timeZone').map(zone => ({ value: zone, title: zone.replaceAll('_', ' ') })),
]
</script>

<template>
  <RecordForm
    :title="job ? job.name : 'A day of work'"
    :act="job ? 'Save' : 'Write it down'"
    :form="form"
    :values="values"
    @cancel="emit('done', null)"
  >
    <v-text-field v-model="values.name" v-first label="Name" :error-messages="at('name')" maxlength="200" />
    <div class="pair">
      <v-text-field v-model="values.day" label="Day" type="date" :error-messages="at('day')" />
      <v-text-field v-model="values.place" label="Place" :error-messages="at('place')" maxlength="300" />
    </div>
    <p v-if="values.day" class="small" role="status">
      {{ weather }}
      <Act v-if="!weather" @click="askForecast">Ask the simulated forecast</Act>
    </p>
    <v-autocomplete v-model="values.timeZone" label="Time zone there" :items="zones" :error-messages="at('timeZone')" />
    <OccasionFields
      :model-value="values.conditions"
      @update:model-value="values.conditions = Object.assign(new OccasionInput(), $event)"
    />
    <fieldset class="there">
      <legend class="small">There is at the place</legend>
      <v-checkbox v-model="values.morning.venue.power" label="power" />
      <v-checkbox v-model="values.morning.venue.water" label="running water" />
      <v-checkbox v-model="values.morning.venue.table" label="a table to work on" />
      <NumberField
        v-model="values.morning.venue.stairs"
        whole
        label="Flights of stairs without a lift"
        :error-messages="at('morning.venue.stairs')"
      />
    </fieldset>
    <v-select v-model="values.previewOfId" label="It is the preview of, or the day before" :items="previews" />
    <v-textarea v-model="values.notes" label="Notes" rows="2" :error-messages="at('notes')" />
  </RecordForm>
</template>

<style scoped>
.there {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 14px;
  border: 0;
  padding: 0;
}
.there > :last-child {
  flex: 1 1 200px;
}
</style>
