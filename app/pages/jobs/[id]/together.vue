<script setup lang="ts">
import type { Lab } from '#core/colour/lab'
import type { Job } from '#shared/records/days/jobs'
import { api } from '~/asking/api'
import type { Column } from '~/words/columns'

/** Whether there is enough of everything for everybody, and which mix does for several. */
const { job } = defineProps<{ job: Job }>()
useHead({ title: () => `Together, ${job.name}` })
const asked = useAsked(
  () => job.id,
  (id, signal) => api('get', '/api/jobs/:id/together', { id }, { signal }),
)
const { value: found } = asked
const names = computed(() => new Map(found.value?.faces.map(f => [f.id, f.name])))
const called = computed(() => calledBy(found.value?.faces ?? []))
const nameOf = (id: string) => called.value(id)
const lines = computed(() => (found.value ? linesTogether(found.value) : []))
const short = computed(() => lines.value.filter(isShort))
const bring = computed(() => lines.value.filter(isToBring))
const ownMore = computed(() => (found.value?.own ?? []).filter(o => o.real > o.planned))
// What there is three times enough of needs no look.
const PLENTY = 3
const whole = ref(false)
const shown = computed(() => (whole.value ? lines.value : lines.value.filter(l => l.along < PLENTY * l.need)))
const bottles = computed(() => new Map(found.value?.mixed.map(b => [b.id, { shade: b.shade, lab: b.lab as Lab }])))
const COLUMNS: Column<TogetherLine>[] = [
  { key: 'name', text: 'What', class: 'free', of: l => l.name, sorts: true },
  { key: 'faces', text: 'For', class: 'wide free', of: l => l.faces.length, sorts: true },
  { key: 'need', text: 'Needed', class: 'num', of: l => l.need, sorts: true },
  { key: 'along', text: 'Along', class: 'num', of: l => l.along, sorts: true },
  { key: 'elsewhere', text: 'At home', class: 'num', of: l => l.elsewhere, sorts: true },
]
</script>

<template>
  <div>
    <Answer
      v-slot="{ answer: all }"
      :asked="asked"
      waiting="Making everybody’s plan"
      refused="This could not be worked out."
    >
      <h1 data-testid="answer">
        {{ all.faces.length === 0 ? 'Nobody is booked yet.' : togetherInWords(all, nameOf) }}
      </h1>
      <p v-if="all.unplanned.length > 0" class="lead">
        Without
        <template v-for="(id, i) in all.unplanned" :key="id"
          >{{ i > 0 ? ', ' : '' }}<NuxtLink :to="`/faces/${id}`">{{ names.get(id) }}</NuxtLink></template
        >, whose skin has not been read.
      </p>
      <p v-if="all.unmatched.length > 0">
        <NuxtLink
          v-for="id in all.unmatched"
          :key="id"
          class="act flush"
          :to="`/faces/${id}`"
          :aria-label="`What ${names.get(id)} could be matched with`"
          >What {{ nameOf(id) }} could be matched with</NuxtLink
        >
      </p>
      <div class="parts">
        <section v-if="short.length > 0" aria-labelledby="short">
          <h2 id="short">Not enough</h2>
          <ul class="bare">
            <li v-for="l in short" :key="l.key">
              <h3 class="free">{{ l.name }}</h3>
              <p>{{ shortInWords(l) }} {{ thinnedInWords(l, all) }}</p>
            </li>
          </ul>
          <p><NuxtLink class="act flush" to="/kit/gaps">What is sold for it</NuxtLink></p>
        </section>
        <section v-if="bring.length > 0" aria-labelledby="bring">
          <h2 id="bring">To bring along</h2>
          <ul class="bare">
            <li v-for="l in bring" :key="l.key">
              <h3 class="free">{{ l.name }}</h3>
              <p>
                {{ howMuch(l.need, l.unit) }} needed, {{ howMuch(l.along, l.unit) }} along,
                {{ howMuch(l.elsewhere, l.unit) }} at home.
              </p>
            </li>
          </ul>
        </section>
        <section v-if="all.batches.length > 0" aria-labelledby="once">
          <h2 id="once">Mixed once for several</h2>
          <ul class="bare">
            <li v-for="(batch, i) in all.batches" :key="i">
              <DropStrip :drops="batch.drops" :mix="batch.lab as Lab" :bottles="bottles" />
              <p>
                {{ howMuch(batch.amount, 'ml') }} for {{ listInWords(batch.faces.map(f => nameOf(f.id))) }}: a match on
                each (ΔE {{ Math.max(...batch.faces.map(f => f.deltaE)).toFixed(1) }} at most). Each takes it off the
                palette with a clean tool.
              </p>
            </li>
          </ul>
        </section>
      </div>
      <section v-if="lines.length > 0" aria-labelledby="all">
        <h2 id="all">Everything the day takes</h2>
        <Ledger caption="Everything the day takes" :columns="COLUMNS" :lines="shown" :name-of="l => l.name">
          <template #need="{ line }">{{ howMuch(line.need, line.unit) }}</template>
          <template #along="{ line }">{{ howMuch(line.along, line.unit) }}</template>
          <template #elsewhere="{ line }">{{ howMuch(line.elsewhere, line.unit) }}</template>
          <template #faces="{ line }">{{
            line.faces.length === 0 || line.faces.length === all.faces.length
              ? 'everybody'
              : listInWords(line.faces.map(nameOf))
          }}</template>
        </Ledger>
        <p v-if="ownMore.length > 0" class="small">
          Reckoned with what you really take:
          {{ ownMore.map(o => `${o.kind}, ${ownInWords(o)}`).join('; ') }}.
        </p>
        <p v-if="shown.length < lines.length" class="small">
          Of {{ plural(lines.length - shown.length, 'more thing') }} three times as much is along as the day takes.
          <Act @click="whole = true">Show all</Act>
        </p>
      </section>
    </Answer>
  </div>
</template>

<style scoped>
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 300px), 1fr));
  gap: 28px;
  margin: 16px 0 26px;
}
li {
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
li p {
  margin: 3px 0 0;
}
.flush {
  padding-left: 0;
}
</style>
