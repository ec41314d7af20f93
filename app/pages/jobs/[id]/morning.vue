<script setup lang="ts">
import { toCalendar, uidOf } from '#core/schedule/calendar'
import { clockAfter, momentAfter } from '#core/schedule/clock'
import { bookingInput, type Job } from '#shared/records/days/jobs'
import type { MorningPerson } from '#shared/records/days/mornings'

/** When to begin, in which order everybody sits down, and what gives when it does not fit. */
const { job } = defineProps<{ job: Job }>()
const jobs = useJobs()
const undo = useUndo()
const {
  asked,
  morning: found,
  plan,
  ready,
  bent,
  late,
  startAt,
  stop,
  planning,
  bending,
  cutting,
} = useMorning(() => job.id)
useHead({ title: () => `Morning, ${job.name}` })
const setting = ref(false)
const opened = ref<MorningPerson | null>(null)
const editing = computed({ get: () => opened.value !== null, set: on => (opened.value = on ? opened.value : null) })
const called = computed(() => calledBy(found.value?.day.faces ?? []))
const nameOf = (id: string) => called.value(id)
const tooLate = computed(() => {
  const { notBefore } = found.value ?? { notBefore: null }
  return plan.value && notBefore !== null && plan.value.start < notBefore ? notBefore : null
})
const order = (ids: string[]) => undo.attempt(() => jobs.order(job.id, ids, true))
const anyOrder = () =>
  undo.attempt(() =>
    jobs.order(
      job.id,
      job.bookings.map(b => b.id),
      false,
    ),
  )
async function cutAll() {
  const cuts = late.value!.cuts
  await undo.attempt(() =>
    jobs.cut(
      job.id,
      cuts.map(c => ({ bookingId: c.faceId, slot: c.slot })),
    ),
  )
}
const guessed = computed(() => found.value?.day.faces.filter(f => f.guessed) ?? [])
const cutOn = computed(() => found.value?.day.faces.filter(f => f.cut.length > 0) ?? [])
const whole = (person: MorningPerson) => {
  const booking = job.bookings.find(b => b.id === person.id)!
  const input = { ...bookingInput(booking), chair: { ...booking.chair, cut: [] } }
  return undo.attempt(() => jobs.changeBooking(person.id, person.faceId, input))
}
const print = () => window.print()
/** The day as a calendar has it: from the set-up until everything is packed, with everybody's times. */
function toFile() {
  const lines = linesOfDay(found.value!, plan.value!)
  const event = {
    uid: uidOf(job.id),
    name: job.name,
    place: job.place,
    notes: lines.map(l => `${clockAfter(job, l.from)} ${[l.who, l.what].filter(Boolean).join(': ')}`).join('\n'),
    from: momentAfter(job, lines[0]!.from)!,
    to: momentAfter(job, Math.max(...lines.map(l => l.to)))!,
  }
  saveText(toCalendar([event], Date.now()), `${job.name}.ics`, 'text/calendar')
}
</script>

<template>
  <div>
    <Answer
      v-slot="{ answer: morning }"
      :asked="asked"
      waiting="Reading everybody’s plan"
      refused="The morning could not be planned."
    >
      <div v-if="morning.day.faces.length === 0">
        <h1 data-testid="answer">Nobody is booked yet.</h1>
        <p class="lead">
          <NuxtLink :to="`/jobs/${job.id}`">Put faces on the job</NuxtLink> first: their plans say how long each takes.
        </p>
      </div>
      <template v-else>
        <PageHead data-testid="answer" :title="plan ? morningInWords(job, morning, plan) : 'Planning the morning …'"
          ><template v-if="plan" #default
            ><template v-if="tooLate !== null">You can be there from {{ clockAfter(job, tooLate) }}.</template>
            {{ morning.day.keepOrder ? 'In your order.' : '' }}
            {{ proofInWords(job, plan, ready) }}
            <Act v-if="morning.day.keepOrder" @click="anyOrder">Any order</Act></template
          ><template #below
            ><Working v-if="planning" what="Looking for a later start" :done="null" @stop="stop" /> </template
          ><template #acts
            ><v-btn color="primary" variant="flat" @click="setting = true">Times and people</v-btn>
            <v-btn variant="outlined" @click="print">Print</v-btn>
            <v-btn v-if="plan && job.day" variant="outlined" @click="toFile">To the calendar</v-btn></template
          ></PageHead
        >
        <p v-if="!morning.timed" role="status">
          Nobody said by when they have to be ready; noon is taken.
          <Act @click="setting = true">Say by when</Act>
        </p>
        <p v-if="guessed.length > 0">
          A usual time is taken for
          <template v-for="(p, i) in guessed" :key="p.id"
            >{{ i > 0 ? ', ' : '' }}<NuxtLink :to="`/faces/${p.faceId}`">{{ p.name }}</NuxtLink></template
          >: their plan cannot be made yet.
        </p>
        <div v-if="plan" class="answer">
          <div>
            <MorningTimeline :job="job" :morning="morning" :plan="plan" @open="opened = $event" @order="order" />
            <DayList class="wall" :job="job" :morning="morning" :plan="plan" />
          </div>
          <aside class="no-print">
            <IfLate
              v-if="ready"
              :job="job"
              :plan="plan"
              :late="late"
              :busy="cutting"
              :opens="tooLate"
              :name-of="nameOf"
              @start="startAt"
              @cut="cutAll"
            />
            <section v-if="cutOn.length > 0" aria-labelledby="cut">
              <h2 id="cut">Left out</h2>
              <ul class="bare lines">
                <li v-for="p in cutOn" :key="p.id">
                  <h3 class="free">{{ p.name }}</h3>
                  <p>
                    {{ listInWords(p.cut.map(slotInWords)) }}.
                    <Act @click="whole(p)">Put it back</Act>
                  </p>
                </li>
              </ul>
            </section>
            <WhatBends
              v-if="ready"
              :job="job"
              :plan="plan"
              :bent="bent"
              :busy="bending"
              :name-of="nameOf"
              @people="setting = true"
            />
          </aside>
        </div>
      </template>
      <FormDialog v-model="setting" label="Times and people"
        ><MorningForm :job="job" @done="setting = false"
      /></FormDialog>
      <FormDialog v-model="editing" label="One face">
        <ChairForm v-if="opened" :job="job" :person="opened" @done="opened = null" />
      </FormDialog>
    </Answer>
  </div>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 280px;
  gap: 28px;
  margin-top: 8px;
}
aside {
  border-left: 1px solid var(--line);
  padding-left: 20px;
  display: grid;
  gap: 22px;
  align-content: start;
}
aside :deep(.lines > li) {
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
aside :deep(p) {
  margin: 4px 0 0;
}
aside :deep(p > .act:first-child),
aside :deep(.flush) {
  padding-left: 0;
}
.wall {
  margin-top: 22px;
}
@media (max-width: 1000px) {
  .answer {
    grid-template-columns: minmax(0, 1fr);
  }
  aside {
    border-left: 0;
    padding-left: 0;
  }
}
@media print {
  .answer {
    display: block;
  }
}
</style>
