<script setup lang="ts">
import type { YearLine } from '#core/money/year'
import { api } from '~/asking/api'
import type { Column } from '~/words/columns'
import { dayInWords } from '~/words/words'

/** What a year of jobs used, cost and brought, and what was never used in it. */
const route = useRoute()
const settings = useSettings()
const year = computed(() => {
  const wanted = Number(route.query.year)
  return Number.isInteger(wanted) && wanted > 0 ? wanted : undefined
})
const asked = useAsked(
  () => [year.value],
  ([wanted], signal) => api('get', '/api/jobs/year', { year: wanted }, { signal }),
)
const { value: found } = asked
useHead({ title: () => `The year ${found.value?.year ?? ''}` })
const money = (minor: number | null) => (minor === null ? '' : formatMoney(minor, settings.value.currency))
const COLUMNS: Column<YearLine>[] = [
  { key: 'type', text: 'Type of job', of: l => l.type ?? 'all', sorts: true },
  { key: 'jobs', text: 'Jobs', class: 'num', of: l => l.jobs, sorts: true },
  { key: 'faces', text: 'Faces', class: 'num', of: l => l.faces, sorts: true },
  { key: 'in', text: 'Came in', class: 'num', of: l => l.inMinor, sorts: true },
  { key: 'used', text: 'Used', class: 'num wide', of: l => l.usedMinor, sorts: true },
  { key: 'spent', text: 'Way and extras', class: 'num wide', of: l => l.spentMinor, sorts: true },
  { key: 'earned', text: 'Yours', class: 'num', of: l => l.earnedMinor, sorts: true },
  { key: 'face', text: 'Used a face', class: 'num wide', of: l => l.usedPerFaceMinor ?? -1, sorts: true },
  { key: 'hour', text: 'Yours an hour', class: 'num wide', of: l => l.earnedPerHourMinor ?? -1, sorts: true },
]
const shown = computed(() => (found.value ? [...found.value.lines, found.value.all] : []))
const TOP = 12
const whole = ref(false)
</script>

<template>
  <div>
    <Answer v-slot="{ answer: answer }" :asked="asked" waiting="Adding up" refused="The year could not be added up.">
      <h1 data-testid="answer">
        {{
          answer.all.jobs === 0
            ? `No job of ${answer.year} is closed.`
            : `${answer.year}: ${plural(answer.all.jobs, 'job')}, ${plural(answer.all.faces, 'face')}, ${money(answer.all.earnedMinor)} yours.`
        }}
      </h1>
      <p class="lead">
        Of closed jobs: what came in, less what was used, the way and extras; your own hours are not taken off.
        <template v-if="answer.years.length > 1">
          <NuxtLink
            v-for="y in answer.years.filter(y => y !== answer!.year)"
            :key="y"
            class="act"
            :to="`/jobs/year?year=${y}`"
            >{{ y }}</NuxtLink
          >
        </template>
      </p>
      <Ledger v-if="answer.all.jobs > 0" caption="The year by type of job" :columns="COLUMNS" :lines="shown">
        <template #type="{ line }"
          ><b v-if="line.type === null">All together</b><template v-else>{{ capital(line.type) }}</template></template
        >
        <template #in="{ line }">{{ money(line.inMinor) }}</template>
        <template #used="{ line }">{{ money(line.usedMinor) }}</template>
        <template #spent="{ line }">{{ money(line.spentMinor) }}</template>
        <template #earned="{ line }">{{ money(line.earnedMinor) }}</template>
        <template #face="{ line }">{{ money(line.usedPerFaceMinor) || 'nobody' }}</template>
        <template #hour="{ line }">{{ money(line.earnedPerHourMinor) || 'not told' }}</template>
      </Ledger>
      <p v-if="answer.open.length > 0">
        Over and not closed:
        <template v-for="(j, i) in answer.open" :key="j.id"
          >{{ i > 0 ? ', ' : ''
          }}<NuxtLink :to="`/jobs/${j.id}/wrap`">{{ j.name }}, {{ dayInWords(j.day) }}</NuxtLink></template
        >.
      </p>
      <section v-if="answer.own.length > 0" aria-labelledby="own">
        <h2 id="own">What you really take</h2>
        <p>
          By the log of your last closed jobs: where something ran out, more went than the plans say. Counts, bags and
          quotes go by it.
        </p>
        <ul class="bare rows own">
          <li v-for="o in answer.own" :key="o.kind">
            <span>{{ capital(o.kind) }}</span> <span class="small">{{ ownInWords(o) }}</span>
          </li>
        </ul>
      </section>
      <section v-if="answer.unused.length > 0" aria-labelledby="unused">
        <h2 id="unused">Incident on nobody</h2>
        <p>
          {{ plural(answer.unused.length, 'thing') }} worth {{ money(answer.unusedMinor) }}, by the log of the year.
          <NuxtLink class="act" to="/kit/gaps">What can go</NuxtLink>
        </p>
        <ul class="bare rows">
          <li v-for="u in whole ? answer.unused : answer.unused.slice(0, TOP)" :key="u.unitId">
            <NuxtLink class="free" :to="`/kit/${u.unitId}`">{{ u.name }}</NuxtLink>
            <span class="small">{{ u.place ?? 'no place' }}</span>
            <span class="num">{{ money(u.priceMinor) }}</span>
          </li>
        </ul>
        <Act v-if="!whole && answer.unused.length > TOP" @click="whole = true"
          >{{ answer.unused.length - TOP }} more</Act
        >
      </section>
    </Answer>
  </div>
</template>

<style scoped>
/* Sums with their currency are wide where type is large: there the table scrolls by itself, never the page. */
@media (max-width: 600px) {
  :deep(table) {
    display: block;
    overflow-x: auto;
  }
}
section {
  margin-top: 26px;
  max-width: 620px;
}
h2 {
  border-bottom: 1px solid var(--ink);
  padding-bottom: 4px;
}
.rows li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 90px;
  gap: 12px;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.own li {
  grid-template-columns: minmax(0, 1fr) auto;
}
.rows .num {
  text-align: right;
}
</style>
