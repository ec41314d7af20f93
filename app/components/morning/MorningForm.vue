<script setup lang="ts">
import { jobInput, JobInput, type Job, type MorningInput } from '#shared/records/days/jobs'

/** How the morning of a job goes: who works, when the place opens, what it takes besides the faces. */
const { job } = defineProps<{ job: Job }>()
const emit = defineEmits<{ done: [] }>()
const jobs = useJobs()
const { at, submit, problem, busy } = useForm(JobInput)
const values = reactive<MorningInput>({ ...job.morning, others: [...job.morning.others] })
const wrong = (field: string) => at(`morning.${field}`)
async function save() {
  const morning = { ...values, readyBy: values.readyBy || null, notBefore: values.notBefore || null }
  if (await submit({ ...jobInput(job), morning }, input => jobs.change(job.id, input))) emit('done')
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>How the morning goes</h2>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <div class="pair">
      <v-text-field
        v-model="values.readyBy"
        label="Everybody ready by"
        type="time"
        :error-messages="wrong('readyBy')"
        hint="Who has a time of their own keeps it"
        persistent-hint
      />
      <v-text-field
        v-model="values.notBefore"
        label="You can be there from"
        type="time"
        :error-messages="wrong('notBefore')"
      />
    </div>
    <v-combobox
      v-model="values.others"
      label="Who works with you"
      multiple
      chips
      closable-chips
      :error-messages="wrong('others')"
      hint="Type a name and press Enter"
    />
    <NumberField
      v-model="values.hairStations"
      whole
      label="Hair stations"
      :error-messages="wrong('hairStations')"
      hint="0 where hair is none of your concern"
      persistent-hint
    />
    <div class="pair">
      <NumberField v-model="values.setUp" whole label="Set-up, minutes" :error-messages="wrong('setUp')" />
      <NumberField v-model="values.packDown" whole label="Pack-down, minutes" :error-messages="wrong('packDown')" />
    </div>
    <NumberField
      v-model="values.changeover"
      whole
      label="Between two faces, minutes"
      :error-messages="wrong('changeover')"
    />
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy">Save</v-btn>
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>
