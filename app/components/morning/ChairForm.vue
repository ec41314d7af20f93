<script setup lang="ts">
import { HAIR_ORDERS } from '#core/schedule/timetable'
import type { SlotId } from '#core/asked/slots'
import { bookingInput, BookingInput, type Job } from '#shared/records/days/jobs'
import { ONESELF, type MorningPerson } from '#shared/records/days/mornings'

/** How one face goes through the morning. */
const { job, person } = defineProps<{ job: Job; person: MorningPerson }>()
const emit = defineEmits<{ done: [] }>()
const jobs = useJobs()
const { at, submit, problem, busy } = useForm(BookingInput)
const booking = computed(() => job.bookings.find(b => b.id === person.id)!)
const readyBy = ref(booking.value.readyBy ?? '')
const chair = reactive({ ...booking.value.chair })
const hairMinutes = ref(booking.value.chair.hair?.minutes ?? Number.NaN)
const hairOrder = ref(booking.value.chair.hair?.order ?? 'either')
const artists = computed(() => [ONESELF, ...job.morning.others])
const cuts = computed(() => person.chair.cuts.map(c => [c.slot, slotInWords(c.slot)] as const))
const cut = computed({ get: () => chair.cut, set: now => (chair.cut = [...now] as SlotId[]) })
const wrong = (field: string) => at(`chair.${field}`)
async function save() {
  const input = {
    ...bookingInput(booking.value),
    readyBy: readyBy.value || null,
    chair: {
      ...chair,
      hair: Number.isFinite(hairMinutes.value) ? { minutes: hairMinutes.value, order: hairOrder.value } : null,
    },
  }
  if (await submit(input, sent => jobs.changeBooking(person.id, person.faceId, sent))) emit('done')
}
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2 class="free">{{ person.name }}</h2>
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-if="person.guessed" class="small">{{ person.guessed }} Until then a usual time is taken.</p>
    <v-text-field
      v-model="readyBy"
      label="Ready by"
      type="time"
      :error-messages="at('readyBy')"
      hint="Empty: with everybody"
      persistent-hint
    />
    <v-checkbox v-model="chair.lead" label="the day is theirs: last but one, and a look before leaving" hide-details />
    <template v-if="job.morning.hairStations > 0">
      <NumberField
        v-model="hairMinutes"
        whole
        label="Hair, minutes"
        :error-messages="wrong('hair')"
        hint="Empty: no hair"
        persistent-hint
      />
      <Choices
        v-model="hairOrder"
        label="Hair comes"
        :options="HAIR_ORDERS.map(o => [o, o === 'either' ? 'before or after' : `${o} the chair`] as const)"
      />
    </template>
    <Choices
      v-if="artists.length > 1"
      v-model="chair.artists"
      several
      label="Done by, nobody chosen: by anybody"
      :options="artists.map(a => [a, artistInWords(a)] as const)"
    />
    <v-checkbox v-model="chair.notReady" label="may not come bare, clean and dry: five minutes more" hide-details />
    <Choices v-if="cuts.length > 0" v-model="cut" several label="Left out on them" :options="cuts" />
    <p>
      <NuxtLink :to="`/faces/${person.faceId}/plan`">Their plan</NuxtLink>
    </p>
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :loading="busy">Save</v-btn>
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>
