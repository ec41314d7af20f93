<script setup lang="ts">
import { format } from 'date-fns'
import { AGE_BANDS, SKIN_TYPES } from '#core/asked/face'
import { FINISHES } from '#core/product/item'
import { LASHES } from '#shared/records/method/consultation'
import { NewFaceInput } from '#shared/records/people/faces'
import { today } from '#shared/today'
import { LOOKS, recordsOf, SEEN_AT_A_GLANCE } from '#shared/asked/walkUp'

/** Somebody sits down: what has to be known, one question at a time, and on to the skin. */
useHead({ title: 'A walk-up' })
const chairside = useChairside()
const faces = useFaces()
const jobs = useJobs()
const route = useRoute()
/** The job they are a walk-in of; none where they are a visit of their own. */
const jobId = computed(() => (typeof route.query.job === 'string' ? route.query.job : null))
const jobName = computed(() => jobs.lines.find(j => j.id === jobId.value)?.name ?? '')
const { submit, problem, busy } = useForm(NewFaceInput)
const answers = computed(() => chairside.walkUp)

const QUESTIONS = [
  'How do they want to look?',
  'What must not happen?',
  'How is the skin?',
  'Eyes, light and hours?',
  'Who is it?',
] as const
const step = ref(0)
const heading = ref<HTMLElement>()
async function go(to: number) {
  step.value = to
  await nextTick()
  heading.value?.focus()
}
const HOURS = [2, 4, 8, 12].map(h => [h, `${h} h`] as const)

async function sitDown() {
  let id = ''
  const taken = await submit(recordsOf(answers.value, format(new Date(), 'HH:mm'), today()), async input => {
    const booking = jobId.value ? { jobId: jobId.value, job: null } : input.booking
    id = (await faces.add({ ...input, booking })).id
  })
  if (!taken) return
  chairside.nextPerson()
  await navigateTo(`/faces/${id}?read`)
}
</script>

<template>
  <form class="walk-up" novalidate @submit.prevent="step < QUESTIONS.length - 1 ? go(step + 1) : sitDown()">
    <p class="small" role="status">
      Question {{ step + 1 }} of {{ QUESTIONS.length }}{{ jobName && `, for ${jobName}` }}
    </p>
    <h1 ref="heading" tabindex="-1" data-testid="answer">{{ QUESTIONS[step] }}</h1>
    <div v-if="step === 0" class="asked">
      <Choices v-model="answers.look" label="Cover" :options="LOOKS" />
      <Choices v-model="answers.finish" label="Finish" :options="FINISHES" />
    </div>
    <div v-else-if="step === 1" class="asked">
      <SensitivityPicker v-model="answers.sensitivities" v-model:read="answers.packsRead" />
      <v-checkbox v-model="answers.noScent" label="no scent" />
      <v-checkbox v-model="answers.mildOnly" label="mild products only" />
      <p class="small">
        Ask about past reactions. What is declared keeps products off this face; it replaces neither the label nor a
        patch test.
      </p>
    </div>
    <div v-else-if="step === 2" class="asked">
      <Choices v-model="answers.skinType" label="Skin" :options="SKIN_TYPES" />
      <Choices v-model="answers.ageBand" label="Age" :options="AGE_BANDS" />
      <Choices v-model="answers.seen" several label="At a glance" :options="SEEN_AT_A_GLANCE" />
      <p v-if="answers.seen.includes('signs of infection')" role="status">
        <b>Do not work on it.</b> Cover nothing that may be catching; ask them to see a doctor or pharmacist, and keep
        every tool used apart.
      </p>
      <p v-else-if="answers.seen.includes('broken') || answers.seen.includes('sunburnt')" role="status">
        <b>Disposables only, and keep off the sore places.</b> The plan is made for that.
      </p>
    </div>
    <div v-else-if="step === 3" class="asked">
      <Choices v-model="answers.lashes" label="Lashes" :options="LASHES" />
      <v-checkbox v-model="answers.contactLenses" label="wears contact lenses" />
      <v-checkbox v-model="answers.flash" label="photographs with flash" />
      <Choices v-model="answers.hours" label="Has to last" :options="HOURS" />
    </div>
    <div v-else class="asked">
      <v-text-field v-model="answers.name" label="Name (or leave it empty)" maxlength="80" autocomplete="off" />
      <Choices
        v-model="answers.keepRecord"
        label="May the record be kept?"
        :options="[
          ['agreed', 'yes'],
          ['refused', 'no'],
          ['not asked', 'not asked yet'],
        ]"
      />
      <p class="small">“Forget this person” on the questions page erases everything again.</p>
    </div>
    <p v-if="problem" role="alert">
      <b>{{ problem }}</b>
    </p>
    <div class="at-hand">
      <v-btn v-if="step > 0" size="x-large" color="primary" variant="text" @click="go(step - 1)">Back</v-btn>
      <v-btn v-else size="x-large" color="primary" variant="text" @click="chairside.nextPerson()">Clear</v-btn>
      <v-btn v-if="step < QUESTIONS.length - 1" size="x-large" color="primary" variant="flat" type="submit">Next</v-btn>
      <v-btn
        :disabled="busy"
        size="x-large"
        color="primary"
        :variant="step < QUESTIONS.length - 1 ? 'text' : 'flat'"
        :loading="busy"
        @click="sitDown"
        >Read the skin</v-btn
      >
    </div>
  </form>
</template>

<style scoped>
.walk-up {
  display: grid;
  gap: 14px;
  max-width: 760px;
  align-content: start;
}
.asked {
  display: grid;
  gap: 16px;
  min-height: 300px;
  align-content: start;
}
.asked :deep(.choices button) {
  min-height: 60px;
  padding: 0 20px;
  font-size: 1.1rem;
}
h1 {
  outline: none;
}
p {
  margin: 0;
}
legend {
  padding: 0 0 3px;
}
@media (max-width: 760px) {
  .at-hand :deep(.v-btn) {
    padding: 0 12px;
    font-size: 1rem;
  }
}
</style>
