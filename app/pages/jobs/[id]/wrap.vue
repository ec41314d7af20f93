<script setup lang="ts">
import { WrapFacts, wrapFacts, WrapInput } from '#shared/records/days/wraps'
import type { Job } from '#shared/records/days/jobs'
import { api } from '~/asking/api'
import { dayInWords } from '~/words/words'

/** Closing the job: everything went as planned except what is entered here; then what to wash, refill and buy. */
const { job } = defineProps<{ job: Job }>()
useHead({ title: () => `Wrap, ${job.name}` })
const jobs = useJobs()
const undo = useUndo()
const board = useBoard()
const asked = useAsked(
  () => job.id,
  (id, signal) => api('get', '/api/jobs/:id/wrap', { id }, { signal }),
)
const closed = computed(() => job.wrap !== null)

const { at, submit, problem: refused, busy } = useForm(WrapInput)
const values = reactive<WrapInput>(Object.assign(new WrapInput(), wrapFacts(job.wrap ?? new WrapFacts())))
const draft = useDraft(`wrap:${job.id}`, values)
watch(
  () => job.version,
  () => {
    if (job.wrap) draft.follow(Object.assign(new WrapInput(), wrapFacts(job.wrap)))
  },
)
const sent = () => ({ ...values, began: values.began || null, ended: values.ended || null })
async function close() {
  if (await submit(sent(), input => jobs.wrap(job.id, input))) {
    // What went otherwise is saved; the facts below may have been typed on meanwhile.
    const { notDone, things, wrong } = new WrapInput()
    Object.assign(values, { notDone, things, wrong })
    draft.done()
  }
}
async function save() {
  if (await submit(sent(), input => jobs.changeWrap(job.id, wrapFacts(input)))) draft.done()
}
function toggle(bookingId: string) {
  const not = values.notDone.includes(bookingId)
  values.notDone = not ? values.notDone.filter(id => id !== bookingId) : [...values.notDone, bookingId]
}
const isAsPlanned = computed(
  () => values.notDone.length === 0 && values.things.length === 0 && values.wrong.length === 0,
)
const refillAll = () =>
  undo.attempt(async () => {
    await api('post', '/api/jobs/:id/refill', { id: job.id })
    await Promise.all([board.load(), asked.again()])
  })
const TOP = 12
const whole = ref(false)
</script>

<template>
  <div>
    <Answer
      v-slot="{ answer: wrap }"
      :asked="asked"
      waiting="Looking what the plans take"
      refused="The wrap could not be worked out."
    >
      <PageHead data-testid="answer" :title="wrapInWords(wrap, closed)"
        >{{
          closed
            ? 'Levels, faces and the log know of it. One undo brings all of it back.'
            : 'Only say what went otherwise; the rest is taken as the plans say.'
        }}<template v-if="!closed" #acts
          ><v-btn color="primary" variant="flat" :loading="busy" @click="close">{{
            isAsPlanned ? 'All as planned' : 'Close the job'
          }}</v-btn></template
        ></PageHead
      >
      <p v-if="refused" role="alert" class="problem">{{ refused }}</p>
      <DraftNote v-if="draft.found.value" @discard="draft.discard()" />
      <div v-if="!closed" class="parts">
        <section aria-labelledby="otherwise">
          <h2 id="otherwise">What went otherwise</h2>
          <IncidentFields v-model="values.things" :along="wrap.along" />
          <p><NuxtLink class="act flush" to="/kit?add">Something new came along</NuxtLink></p>
        </section>
        <section aria-labelledby="whom">
          <h2 id="whom">Who was made up</h2>
          <ul class="bare">
            <li v-for="f in wrap.faces" :key="f.bookingId">
              <v-checkbox
                :model-value="!values.notDone.includes(f.bookingId)"
                :label="f.name"
                hide-details
                @update:model-value="toggle(f.bookingId)"
              />
              <span v-if="f.used" class="small">on the card already</span>
              <span v-else-if="!f.planned" class="small">no plan: nothing is taken</span>
              <p v-for="(n, i) in f.notes" :key="i" class="small noted">Noted at the chair: {{ n }}</p>
            </li>
          </ul>
          <details :open="values.wrong.length > 0">
            <summary>Something went wrong on somebody</summary>
            <ReactionFields v-model="values.wrong" :along="wrap.along" :faces="wrap.faces" />
          </details>
        </section>
        <section aria-labelledby="facts">
          <h2 id="facts">Paid and driven</h2>
          <WrapFactsFields v-model="values" :at="at" />
        </section>
      </div>
      <div v-else class="parts">
        <section aria-labelledby="wash">
          <h2 id="wash">To wash</h2>
          <p v-if="wrap.next">
            Dry by {{ dayInWords(wrap.next.day) }}:
            <NuxtLink :to="`/jobs/${wrap.next.id}`">{{ wrap.next.name }}</NuxtLink>.
          </p>
          <ul class="bare rows">
            <li v-for="w in wrap.wash" :key="w.name">
              <span>{{ capital(w.name) }}</span> <span class="num">{{ w.count }}</span>
            </li>
          </ul>
        </section>
        <section v-if="wrap.refill.length > 0 || wrap.buy.length > 0" aria-labelledby="refill">
          <h2 id="refill">To refill</h2>
          <ul class="bare rows">
            <li v-for="r in wrap.refill" :key="r.unitId">
              <span class="free">{{ r.name }}</span> <span class="small">another at home</span>
            </li>
            <li v-for="b in wrap.buy" :key="b.productId">
              <span class="free">{{ b.name }}</span> <span class="small">none left at home</span>
            </li>
          </ul>
          <p>
            <Act v-if="wrap.refill.length > 0" @click="refillAll">All refilled from home</Act>
            <NuxtLink v-if="wrap.buy.length > 0" class="act" to="/kit/ahead">What runs out</NuxtLink>
          </p>
        </section>
        <section aria-labelledby="facts">
          <h2 id="facts">Paid and driven</h2>
          <form novalidate @submit.prevent="save">
            <WrapFactsFields v-model="values" :at="at" />
            <p>
              <v-btn type="submit" variant="outlined" :loading="busy">Save</v-btn>
              <NuxtLink class="act" :to="`/jobs/${job.id}/quote`">Planned and real</NuxtLink>
            </p>
          </form>
        </section>
      </div>
      <section aria-labelledby="taken">
        <h2 id="taken">{{ closed ? 'What it took' : 'What it takes' }}</h2>
        <ul class="bare rows taken">
          <li v-for="t in whole ? wrap.taken : wrap.taken.slice(0, TOP)" :key="`${t.unitId} ${t.name}`">
            <span class="free">{{ capital(t.name) }}</span>
            <span class="num">{{ howMuch(t.amount, t.measure === 'ml' || t.measure === 'g' ? t.measure : '') }}</span>
          </li>
        </ul>
        <Act v-if="!whole && wrap.taken.length > TOP" @click="whole = true">{{ wrap.taken.length - TOP }} more</Act>
      </section>
    </Answer>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 300px), 1fr));
  gap: 32px;
  margin: 14px 0 26px;
}
section h2 {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 4px;
  margin-bottom: 10px;
}
details {
  margin-top: 10px;
}
.flush {
  padding-left: 0;
}
.noted {
  margin: 0 0 4px 40px;
}
.rows li {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}
.taken {
  columns: 3 220px;
  column-gap: 32px;
}
.taken li {
  break-inside: avoid;
}
</style>
