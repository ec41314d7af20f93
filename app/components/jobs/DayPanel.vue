<script setup lang="ts">
import type { JobFacts } from '#core/asked/job'
import type { Face } from '#shared/records/people/faces'
import { bookingInput, differsFrom } from '#shared/records/days/jobs'
import { dayInWords } from '~/words/words'

/** The day this face is planned for, and what it asks: of a booking it is kept at once, of a personal visit it stays with the plan. */
const props = defineProps<{ face: Face }>()
const faces = useFaces()
const plans = usePlans()
const undo = useUndo()
const { booking, asks } = useDay(() => props.face)
const adding = ref(false)

const days = computed(() => props.face.bookings.map(b => ({ value: b.id, title: dayOf(b) })))
const dayOf = ({ job }: Face['bookings'][number]) =>
  [job.name, job.day && dayInWords(job.day)].filter(Boolean).join(', ')
function ask(asked: JobFacts) {
  const { id } = props.face
  if (!booking.value) return plans.ask(id, asked)
  const { id: bookingId, job } = booking.value
  const differs = differsFrom(job.conditions, asked)
  void undo.attempt(() => faces.changeBooking(id, bookingId, { ...bookingInput(booking.value!), differs }))
}
const differs = computed(() => Object.keys(booking.value?.differs ?? {}).length > 0)
</script>

<template>
  <div class="flow">
    <div class="which">
      <v-select
        v-if="days.length > 1"
        :model-value="booking?.id"
        label="For"
        :items="days"
        @update:model-value="plans.choose(face.id, $event)"
      />
      <p v-else-if="booking">
        For <NuxtLink class="act" :to="`/jobs/${booking.jobId}`">{{ dayOf(booking) }}</NuxtLink>
      </p>
      <p v-else>Not booked: planned as a personal visit.</p>
      <Act :aria-expanded="adding" @click="adding = !adding">
        {{ adding ? 'Not now' : booking ? 'Book another day' : 'Book a day' }}
      </Act>
    </div>
    <BookDay v-if="adding" :face="face" @done="adding = false" />
    <OccasionFields :model-value="asks" @update:model-value="ask" />
    <p v-if="differs" class="small">
      Where it differs from {{ booking!.job.name }}, it is so for {{ face.name }} alone.
      <Act @click="ask(booking!.job.conditions)">As the job</Act>
    </p>
  </div>
</template>

<style scoped>
.which {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
}
.which p {
  margin: 0;
}
</style>
