<script setup lang="ts">
import { cut } from '#core/stock/list/words'
import { jobOfUid, type FromCalendar } from '#core/schedule/calendar'
import { JobInput, MorningInput } from '#shared/records/days/jobs'
import { today } from '#shared/today'
import type { TimetableWork } from '~/workers/timetable.worker'
import { dayInWords } from '~/words/words'

/** Days of work out of a calendar file: chosen, then written down as one act. */
const emit = defineEmits<{ done: [] }>()
const jobs = useJobs()
const undo = useUndo()
const { run } = useWorker<TimetableWork>(
  () => new Worker(new URL('../../workers/timetable.worker.ts', import.meta.url), { type: 'module' }),
)
const events = shallowRef<FromCalendar[] | null>(null)
const problem = ref('')
const chosen = ref<number[]>([])
const MOST = 500

const key = (name: string, day: string | null) => `${name.trim().toLowerCase()} ${day ?? ''}`
const known = computed(() => new Set(jobs.lines.map(j => key(j.name, j.day))))
const isHere = ({ uid, name, day }: FromCalendar) =>
  known.value.has(key(name, day)) || jobs.lines.some(j => j.id === jobOfUid(uid))
const coming = computed(() =>
  (events.value ?? [])
    .map((event, i) => ({ event, i }))
    .filter(({ event }) => event.day >= today())
    .sort((x, y) => (x.event.day < y.event.day ? -1 : x.event.day > y.event.day ? 1 : 0))
    .slice(0, MOST),
)
async function read(files: File | File[] | null) {
  const file = [files].flat()[0]
  problem.value = ''
  events.value = null
  chosen.value = []
  if (!file) return
  const found = await outcomeOf(run(work => work.calendar(file)))
  events.value = found.ok ? found.value : null
  if (found.ok && found.value === null)
    problem.value = 'This is no calendar: take the .ics file that a calendar program saves or exports.'
}
const lineOf = ({ day, from, to, place, repeats }: FromCalendar) =>
  [
    dayInWords(day),
    from && (to ? `${from} to ${to}` : `from ${from}`),
    place,
    repeats && 'comes again: only the first is taken',
  ]
    .filter(Boolean)
    .join(', ')

function jobOf({ name, day, timeZone, place, notes, from, to }: FromCalendar): JobInput {
  const morning = Object.assign(new MorningInput(), { notBefore: from, readyBy: to })
  return Object.assign(new JobInput(), {
    name: cut(name, 120),
    day,
    timeZone,
    place: cut(place, 200),
    notes: cut(notes, 1000),
    morning,
  })
}
async function write() {
  const input = coming.value.filter(c => chosen.value.includes(c.i)).map(c => jobOf(c.event))
  if (await undo.attempt(() => jobs.addMany(input))) emit('done')
}
</script>

<template>
  <form class="form" @submit.prevent="write">
    <h2>From a calendar</h2>
    <v-file-input
      label="Calendar file (.ics)"
      accept=".ics,text/calendar"
      prepend-icon=""
      variant="outlined"
      hide-details
      show-size
      @update:model-value="read"
    />
    <p v-if="problem" role="alert" class="problem">{{ problem }}</p>
    <p v-if="events && coming.length === 0" role="status">Nothing of it lies ahead.</p>
    <fieldset v-if="coming.length > 0">
      <legend class="small">{{ plural(coming.length, 'day') }} ahead</legend>
      <v-checkbox
        v-for="{ event, i } in coming"
        :key="i"
        v-model="chosen"
        :value="i"
        :disabled="isHere(event)"
        hide-details
      >
        <template #label
          ><span class="free"
            ><b>{{ event.name }}</b
            ><br /><span class="small">{{ isHere(event) ? 'here already' : lineOf(event) }}</span></span
          ></template
        >
      </v-checkbox>
    </fieldset>
    <div class="acts">
      <v-btn type="submit" color="primary" variant="flat" :disabled="chosen.length === 0">{{
        chosen.length === 0 ? 'Write down' : `Write down ${plural(chosen.length, 'day')}`
      }}</v-btn>
      <v-btn variant="text" @click="emit('done')">Cancel</v-btn>
    </div>
  </form>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  max-height: 50vh;
  overflow-y: auto;
}
</style>
