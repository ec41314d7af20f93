<script setup lang="ts">
import { setBagOf } from '#core/bag/touchUp'
import { clockOn, ownZone } from '#core/schedule/clock'
import type { Job } from '#shared/records/days/jobs'
import { stepKey } from '#shared/dayTicks'
import { useChairDay } from '~/composables/useChairDay'

/** The day itself, on a phone in one hand: who sits, what goes on next, what is done before the next sits down. */
const { job } = defineProps<{ job: Job }>()
definePageMeta({ standsAlone: true })
useHead({ title: () => `Chair, ${job.name}` })
const d = useChairDay(() => job)
const { asked, chair: opened, faces, morning, now, day, mend, upNext } = d
const along = useKeptAlong(() => job.id)

const chosen = ref<string | null>(null)
const shown = computed(() => {
  const id = chosen.value ?? upNext.value?.faceId
  return faces.value.find(f => f.bookingId === id) ?? faces.value[0] ?? null
})
// Once somebody else is up, she is shown: what was looked at meanwhile is over.
watch(
  () => upNext.value?.faceId,
  () => (chosen.value = null),
)
const people = computed(() => faces.value.map(f => ({ id: f.bookingId, name: f.name })))
const called = computed(() => calledBy(people.value))
const nameOf = (id: string) => called.value(id)
const strip = computed(() => {
  const rows = day.value?.rows ?? []
  const rowOf = (id: string) => rows.find(r => r.faceId === id && !r.done) ?? rows.find(r => r.faceId === id)
  const at = (id: string) => rowOf(id)?.from ?? Infinity
  return faces.value
    .map(f => ({
      bookingId: f.bookingId,
      name: nameOf(f.bookingId),
      row: rowOf(f.bookingId),
      done: rows.some(r => r.faceId === f.bookingId) && rows.every(r => r.faceId !== f.bookingId || r.done),
      ...d.counted(f),
    }))
    .sort((x, y) => at(x.bookingId) - at(y.bookingId))
})
/** What of the face that is shown is up: its first block that is not done. */
const block = computed(() => day.value?.rows.find(r => r.faceId === shown.value?.bookingId && !r.done) ?? null)
const looksOnly = computed(() => block.value !== null && d.isLook(block.value.faceId, block.value.block))
const bottles = computed(() => new Map(Object.entries(opened.value?.bottles ?? {})))
const time = computed(() =>
  shown.value?.plan ? timeInWords(d.sinceFirst(shown.value), shown.value.plan.minutes.full) : '',
)
const sinksIn = computed(() => (shown.value ? d.settlesFor(shown.value) : 0))
const cutToday = computed(() => d.progress.value.cuts.filter(c => c.faceId === shown.value?.bookingId))
/** Products for touch-ups: of finished faces, and before the day of all. */
const setBag = computed(() =>
  setBagOf(
    faces.value.flatMap(({ bookingId: id, plan }) =>
      plan && (now.value === null || d.isFinished(id)) ? [{ id, plan }] : [],
    ),
  ),
)
/** Rounds and touch-ups of finished faces. */
const rounds = computed(() =>
  faces.value.flatMap(f =>
    d.isFinished(f.bookingId) ? d.laterOn(f).map(step => ({ face: f, step, key: stepKey(step.id) })) : [],
  ),
)
</script>

<template>
  <div class="venue">
    <Answer
      v-slot="{ answer: chair }"
      :asked="asked"
      waiting="Opening everybody’s plan"
      refused="The day could not be opened."
      keeps
    >
      <div v-if="!shown">
        <h1 data-testid="answer">Nobody is booked yet.</h1>
        <p class="lead">
          <NuxtLink :to="`/jobs/${job.id}`">Put faces on the job</NuxtLink> first, or
          <NuxtLink :to="`/chair?job=${job.id}`">ask whoever sits down</NuxtLink>.
        </p>
      </div>
      <template v-else>
        <h1 data-testid="answer">
          {{ day ? chairInWords(job, upNext, nameOf, now) : 'Planning the order …' }}
        </h1>
        <p v-if="day" class="lead" role="status">
          <template v-if="now === null"
            >{{ job.day ? `The day is ${dayInWords(job.day)}` : 'No day is agreed yet' }}; this is how it
            goes.</template
          >
          <template v-else>{{ runningInWords(day, nameOf) }}</template>
        </p>
        <DayStrip
          :on="job"
          :faces="strip"
          :shown="shown.bookingId"
          :artists="morning?.day.artists ?? []"
          @show="chosen = $event"
        />
        <section v-if="mend" aria-labelledby="behind" class="mend">
          <h2 id="behind">Behind time</h2>
          <p>{{ madeUpInWords(mend, nameOf) }}</p>
          <Act v-if="mend.cuts.length > 0" @click="d.leaveOut(mend.cuts)">Leave that out today</Act>
        </section>

        <div class="face">
          <div>
            <p v-if="shown.sensitivities.length > 0" class="mind">
              <b>{{ nameOf(shown.bookingId) }} declared: {{ listInWords(shown.sensitivities) }}.</b>
            </p>
            <AskFirst :sentences="shown.askFirst" />
            <p v-for="said in shown.against" :key="said" class="mind">{{ capital(said) }}.</p>
            <p v-if="shown.agreed">Agreed at the preview: {{ shown.agreed }}</p>
            <p v-if="shown.change">To change on the day: {{ shown.change }}</p>
            <p v-if="cutToday.length > 0">
              Left out today: {{ listInWords(cutToday.map(c => slotInWords(c.slot))) }}.
              <Act @click="d.leaveOut(cutToday, false)">Do it after all</Act>
            </p>
            <p v-if="sinksIn > 0" class="clock" role="timer">
              Skincare sinks in for {{ plural(sinksIn, 'more minute') }}: brows and eyes meanwhile.
            </p>
            <div v-if="!shown.plan || !shown.skin">
              <p>
                {{ nameOf(shown.bookingId) }} has not been read, so there is no plan.
                <NuxtLink :to="`/faces/${shown.faceId}?read`">Read the skin</NuxtLink>
              </p>
              <v-btn v-if="block" size="x-large" color="primary" @click="d.finish(block.faceId, block.block)"
                >{{ nameOf(shown.bookingId) }} is done</v-btn
              >
            </div>
            <div v-else-if="looksOnly && block">
              <h2>A look before leaving</h2>
              <p>Shine, lips, lashes, whatever the dress took along; then they may go.</p>
              <v-btn size="x-large" color="primary" variant="flat" @click="d.finish(block.faceId, block.block)"
                >Looked; they may go</v-btn
              >
            </div>
            <template v-else>
              <section v-if="d.isFinished(shown.bookingId)" aria-labelledby="between">
                <h2 id="between">Before the next sits down</h2>
                <ol>
                  <li v-for="line in shown.between" :key="line.do">{{ betweenInWords(line) }}</li>
                </ol>
                <v-checkbox
                  :model-value="d.wiped(shown.bookingId)"
                  label="Done, all of it"
                  hide-details
                  @update:model-value="d.wipe(shown.bookingId, $event === true)"
                />
                <Act @click="d.again(shown)">From the bare skin again</Act>
              </section>
              <ChairSteps
                v-if="!d.isFinished(shown.bookingId)"
                :key="shown.bookingId"
                :plan="{ ...shown.plan, steps: shown.plan.steps.filter(s => !d.laterOn(shown!).includes(s)) }"
                :skin="shown.skin"
                :cut="d.cutOn(shown.bookingId)"
                :bottles="bottles"
                :found="chair.found"
                :time="time"
                :is-done="key => d.isOn(shown!.bookingId, key)"
                @mark="(key, lies) => d.mark(shown!, key, lies)"
                @again="d.again(shown)"
                @instead="(key, itemId) => d.goInstead(shown!, key, itemId)"
                ><template #beside
                  ><v-btn
                    v-if="block"
                    size="x-large"
                    color="primary"
                    variant="text"
                    @click="d.finish(shown.bookingId, d.mainBlock(shown.bookingId))"
                    >All on</v-btn
                  ></template
                ></ChairSteps
              >
            </template>
          </div>
          <aside>
            <section v-if="shown.plan && !d.isFinished(shown.bookingId)" aria-labelledby="set">
              <h2 id="set">{{ nameOf(shown.bookingId) }}’s set</h2>
              <p>{{ capital(listInWords(shown.plan.pack)) }}.</p>
            </section>
            <ChairNotes
              :key="shown.bookingId"
              :job-id="job.id"
              :booking-id="shown.bookingId"
              :face-id="shown.faceId"
              :name="nameOf(shown.bookingId)"
              :notes="d.notes(shown.bookingId)"
              :keep-pictures="shown.keepPictures"
              :clock="at => clockOn(Date.parse(at), job.timeZone || ownZone()).clock.replace(/^0/, '')"
              @note="d.note(shown.bookingId, $event)"
              @take-back="d.takeBack"
            />
            <section v-if="rounds.length > 0" aria-labelledby="rounds">
              <h2 id="rounds">Rounds and touch-ups</h2>
              <div v-for="{ face, step, key } in rounds" :key="face.bookingId + key">
                <v-checkbox
                  :model-value="d.isOn(face.bookingId, key)"
                  :label="`${nameOf(face.bookingId)}: ${step.name.toLowerCase()}`"
                  hide-details
                  @update:model-value="d.mark(face, key, $event === true)"
                />
                <p class="small">{{ step.say }}</p>
              </div>
            </section>
            <section v-if="setBag.length > 0" aria-labelledby="set-bag">
              <h2 id="set-bag">Set bag</h2>
              <ul class="bare rows">
                <li v-for="line in setBag" :key="line.name">
                  <span class="free">{{ capital(line.name) }}</span>
                  <span class="small">{{ listInWords(line.faces.map(nameOf)) }}</span>
                </li>
              </ul>
              <p class="small">Whatever stays with them for good is given unopened.</p>
            </section>
            <p v-if="now !== null" class="no-print">
              <NuxtLink class="act" :to="`/chair?job=${job.id}`">Somebody else sits down</NuxtLink>
            </p>
            <KeptHere :along="along" :unsent="d.ticks.unsent.value" />
            <p class="small">Labels, local rules and your training come first.</p>
          </aside>
        </div>
      </template>
    </Answer>
  </div>
</template>

<style scoped>
.face {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 320px);
  gap: 36px;
  align-items: start;
}
@media (max-width: 900px) {
  .face {
    grid-template-columns: minmax(0, 1fr);
    gap: 18px;
  }
}
.mind,
.mend {
  border-left: 5px solid var(--ink);
  padding-left: 12px;
  margin: 8px 0;
}
.clock {
  margin: 6px 0;
}
aside section {
  margin-bottom: 18px;
}
aside h2 {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 4px;
}
.rows li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.rows .small {
  text-align: right;
}
ol {
  padding-left: 22px;
  display: grid;
  gap: 8px;
  font-size: 1.1rem;
}
.act {
  padding-left: 0;
}
</style>
