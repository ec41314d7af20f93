<script setup lang="ts">
import { clockAfter } from '#core/schedule/clock'
import type { Timetable } from '#core/schedule/timetable'
import type { Job } from '#shared/records/days/jobs'
import type { JobMorning } from '#shared/records/days/mornings'

/** The morning in its order, to hang on the wall; printed, a page a person follows. */
const { job, morning, plan } = defineProps<{ job: Job; morning: JobMorning; plan: Timetable }>()
const lines = computed(() => linesOfDay(morning, plan))
const clock = (minute: number) => clockAfter(job, minute)
const of = (id: string) => lines.value.filter(l => l.faceId === id)
</script>

<template>
  <section aria-labelledby="wall">
    <h2 id="wall">In its order</h2>
    <table>
      <thead>
        <tr>
          <th scope="col">From</th>
          <th scope="col">To</th>
          <th scope="col">Who</th>
          <th scope="col">What</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(line, i) in lines" :key="i">
          <td class="num">{{ clock(line.from) }}</td>
          <td class="num">{{ clock(line.to) }}</td>
          <td class="free">{{ line.who }}</td>
          <td>{{ line.what }}</td>
        </tr>
      </tbody>
    </table>
    <div class="pages">
      <article v-for="person in morning.day.faces" :key="person.id">
        <h2 class="free">{{ person.name }}</h2>
        <p class="free">{{ [job.name, job.place].filter(Boolean).join(', ') }}</p>
        <p v-for="line in of(person.id)" :key="line.from">
          {{ clock(line.from) }} to {{ clock(line.to) }}: {{ line.what }}
        </p>
        <p>Ready by {{ clock(person.readyBy ?? morning.day.begins) }}.</p>
        <p>Please arrive bare-faced, clean and dry, shaved where you shave, ten minutes before your first time.</p>
      </article>
    </div>
  </section>
</template>

<style scoped>
table {
  border-collapse: collapse;
  margin-top: 8px;
  min-width: min(100%, 520px);
}
th,
td {
  text-align: left;
  padding: 5px 14px 5px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
td.num {
  text-align: right;
  white-space: nowrap;
}
.pages {
  display: none;
}
@media print {
  .pages {
    display: block;
  }
  article {
    break-before: page;
    font-size: 1.2rem;
  }
}
</style>
