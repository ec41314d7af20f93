<script setup lang="ts">
import { occasionInWords } from '~/words/plan'
import { useFaceList } from '~/composables/useFaceList'
import { dayInWords } from '~/words/words'
import { bookingInput, NewBookingInput, type Job } from '#shared/records/days/jobs'

/** What a day of work asks, and who is on it in which order. */
const { job } = defineProps<{ job: Job }>()
const jobs = useJobs()
const undo = useUndo()
const asked = computed(() =>
  [occasionInWords(job.conditions), venueInWords(job.morning.venue)].filter(Boolean).join(', '),
)
const editing = ref(false)
const adding = ref<string | null>(null)
type Booking = Job['bookings'][number]

const found = useFaceList()
const free = computed(() => {
  const on = new Set(job.bookings.map(b => b.faceId))
  return found.page.value.lines.filter(f => !on.has(f.id)).map(f => ({ value: f.id, title: f.name }))
})
const elsewhere = computed(() =>
  jobs.lines
    .filter(j => j.id !== job.id)
    .map(j => ({ value: j.id, title: [j.name, j.day && dayInWords(j.day)].filter(Boolean).join(', ') })),
)
async function put() {
  const faceId = adding.value
  if (!faceId) return
  const { id: jobId, bookings } = job
  const input = Object.assign(new NewBookingInput(), { jobId, faceId, position: bookings.length })
  // Empty at once: whoever is chosen while this is being written stays chosen.
  adding.value = null
  if (!(await undo.attempt(() => jobs.addFace(input)))) adding.value ??= faceId
}
const move = (b: Booking, jobId: string) =>
  undo.attempt(() => jobs.changeBooking(b.id, b.faceId, { ...bookingInput(b), jobId }))
const serve = (b: Booking, services: string) =>
  services === b.services
    ? undefined
    : undo.attempt(() => jobs.changeBooking(b.id, b.faceId, { ...bookingInput(b), services }))
function shift(at: number, by: -1 | 1) {
  const ids = job.bookings.map(b => b.id)
  const [moved] = ids.splice(at, 1)
  ids.splice(at + by, 0, moved!)
  void undo.attempt(() => jobs.order(job.id, ids))
}
async function written(write: (id: string) => Promise<string>) {
  let id = ''
  if (await undo.attempt(async () => (id = await write(job.id)))) await navigateTo(`/jobs/${id}`)
}
/** The day this one is a preview of, or goes on with. */
const after = computed(() => jobs.lines.find(j => j.id === job.previewOfId))
async function remove() {
  if (await undo.attempt(() => jobs.remove(job.id))) await navigateTo('/jobs')
}
</script>

<template>
  <div>
    <h1 data-testid="answer">{{ job.name }}{{ job.day ? `, ${dayInWords(job.day)}` : '' }}.</h1>
    <p class="lead">{{ capital([job.place, asked].filter(Boolean).join(': ')) }}.</p>
    <p class="doing no-print">
      <Act @click="editing = true">Edit</Act>
      <Act @click="written(jobs.repeat)">Once more</Act>
      <Act v-if="job.day" @click="written(jobs.nextDay)">The day after, too</Act>
      <Act @click="remove">Delete</Act>
    </p>
    <p v-if="after">
      What is kept here is what everybody is made up by at
      <NuxtLink :to="`/jobs/${after.id}`">{{
        [after.name, after.day && dayInWords(after.day)].filter(Boolean).join(', ')
      }}</NuxtLink>.
    </p>
    <p v-if="job.notes">{{ job.notes }}</p>
    <div class="day">
      <div>
        <h2>{{ job.bookings.length === 0 ? 'Nobody is booked yet' : plural(job.bookings.length, 'face') }}</h2>
        <ol v-if="job.bookings.length > 0">
          <li v-for="(b, i) in job.bookings" :key="b.id">
            <span class="num">{{ i + 1 }}</span>
            <NuxtLink :to="`/faces/${b.faceId}/plan`" class="name">{{ b.faceName }}</NuxtLink>
            <v-text-field
              :model-value="b.services"
              :label="`What for, ${b.faceName}`"
              maxlength="300"
              @change="serve(b, ($event.target as HTMLInputElement).value)"
            />
            <span class="acts no-print">
              <Act :disabled="i === 0" :aria-label="`${b.faceName} earlier`" @click="shift(i, -1)"> Earlier </Act>
              <Act :disabled="i === job.bookings.length - 1" :aria-label="`${b.faceName} later`" @click="shift(i, 1)">
                Later
              </Act>
              <v-menu v-if="elsewhere.length > 0">
                <template #activator="{ props: menu }"
                  ><Act v-bind="menu" :aria-label="`Move ${b.faceName} to another job`"> Move </Act></template
                >
                <v-list
                  ><v-list-item
                    v-for="other in elsewhere"
                    :key="other.value"
                    :title="other.title"
                    @click="move(b, other.value)"
                /></v-list>
              </v-menu>
              <Act
                :aria-label="`Take ${b.faceName} off the job`"
                @click="undo.attempt(() => jobs.removeFace(b.id, b.faceId))"
              >
                Take off
              </Act>
            </span>
          </li>
        </ol>
        <form class="add no-print" @submit.prevent="put">
          <v-autocomplete
            v-model="adding"
            label="Add a face"
            :items="free"
            clearable
            no-filter
            @update:search="found.asked.q = $event"
          />
          <v-btn type="submit" color="primary" :disabled="!adding">Put on the job</v-btn>
        </form>
      </div>
      <BeforeTheDay v-if="job.bookings.length > 0" :job="job" />
    </div>
    <FormDialog v-model="editing" label="Job"><LazyJobForm :job="job" @done="editing = false" /></FormDialog>
  </div>
</template>

<style scoped>
.doing {
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
  margin: 0;
}
.doing .act {
  min-width: 0;
  padding-left: 0;
  padding-right: 0;
}
ol {
  list-style: none;
  padding: 0;
  margin: 8px 0 16px;
  border-top: 1px solid var(--ink);
}
li {
  display: grid;
  grid-template-columns: 20px minmax(130px, 1fr) minmax(130px, 1fr) auto;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  padding: 6px 0;
}
.acts {
  white-space: nowrap;
}
.day {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 370px);
  gap: 36px;
  align-items: start;
}
@media (max-width: 1100px) {
  .day {
    grid-template-columns: minmax(0, 1fr);
  }
}
.add {
  display: grid;
  grid-template-columns: minmax(0, 300px) auto;
  gap: 12px;
  align-items: center;
  justify-content: start;
}
@media (max-width: 760px) {
  li {
    grid-template-columns: 24px minmax(0, 1fr);
  }
  li > :nth-child(n + 3) {
    grid-column: 2;
  }
  .acts {
    white-space: normal;
  }
}
</style>
