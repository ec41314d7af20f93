<script setup lang="ts">
import { OccasionInput } from '#shared/records/consultation'
import { JobInput, type Job } from '#shared/records/jobs'
import { dayInWords } from '~/words/words'

/** A day of work written down: its name is enough. */
const props = defineProps<{ job: Job | null }>()
const emit = defineEmits<{ done: [id: string | null] }>()
const jobs = useJobs()
const form = useForm(JobInput)
const { at, problem, busy } = form
const values = reactive<JobInput>(props.job ? inputOf(props.job) : Object.assign(new JobInput(), { name: '' }))
const draft = useDraft(`job:${props.job?.id ?? 'new'}`, values)

function inputOf({ id: _id, bookings: _bookings, createdAt: _made, conditions, ...rest }: Job): JobInput {
  return { ...rest, conditions: { ...conditions } }
}
const previews = computed(() => [
  { value: null, title: 'no preview' },
  ...jobs.lines
    .filter(j => j.id !== props.job?.id)
    .map(j => ({ value: j.id, title: [j.name, j.day && dayInWords(j.day)].filter(Boolean).join(', ') })),
])
async function save() {
  let id = props.job?.id ?? null
  const done = await form.submit({ ...values, day: values.day || null }, async input => {
    if (id) await jobs.change(id, input)
    else id = (await jobs.add(input)).id
  })
  if (done) {
    draft.done()
    emit('done', id)
  }
}
function takeTheirs() {
  Object.assign(values, inputOf(form.clash.value as unknown as Job))
  form.reset()
}
async function keepMine() {
  values.version = (form.clash.value as unknown as Job).version
  await save()
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>{{ job ? job.name : 'A day of work' }}</h2>
    <DraftNote v-if="draft.found.value" @discard="draft.discard()" />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <Clash v-if="form.clash.value" :mine="values" :today="form.clash.value" @mine="keepMine" @theirs="takeTheirs" />
    <v-text-field v-model="values.name" label="Name" :error-messages="at('name')" autofocus maxlength="200" />
    <div class="pair">
      <v-text-field v-model="values.day" label="Day" type="date" :error-messages="at('day')" />
      <v-text-field v-model="values.place" label="Place" :error-messages="at('place')" maxlength="300" />
    </div>
    <OccasionFields
      :model-value="values.conditions"
      @update:model-value="values.conditions = Object.assign(new OccasionInput(), $event)"
    />
    <v-select v-model="values.previewOfId" label="It is the preview of" :items="previews" />
    <v-textarea v-model="values.notes" label="Notes" rows="2" :error-messages="at('notes')" />
    <div class="actions">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy">{{ job ? 'Save' : 'Write it down' }}</v-btn>
      <v-btn variant="text" @click="emit('done', null)">Cancel</v-btn>
    </div>
  </form>
</template>
